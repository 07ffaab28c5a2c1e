// Made from the server's OpenAPI by `make types`. Never edited.

export interface paths {
    "/c/{copy_id}/answers": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Save */
        post: operations["save_answers"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/c/{copy_id}/check": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Check Answer
         * @description Check a part of the saved answer of a field. A blank one has no verdict.
         */
        post: operations["check_answer"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/c/{copy_id}/copy": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Get Copy */
        get: operations["get_copy"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/c/{copy_id}/files": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Keep Answer File
         * @description Keep the file that is the body of the request, so that an answer may speak of it.
         */
        post: operations["keep_file"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/c/{copy_id}/hand-in": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Hand In Copy
         * @description Save the last changes and hand in, both or neither.
         */
        post: operations["hand_in"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/c/{copy_id}/help": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Show A Help
         * @description What a help says. That it was asked for is on record, and may cost points: the sheet says so before.
         */
        post: operations["show_help"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/c/{copy_id}/texts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Get Texts
         * @description What can be read on each page and about each question, for those who listen to the sheet.
         */
        get: operations["get_texts"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/c/{copy_id}/time": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Get Time
         * @description How the copy stands by the server's clock, which may have been settled anew.
         */
        get: operations["get_time"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
}
export type webhooks = Record<string, never>;
export interface components {
    schemas: {
        /** AnswersIn */
        AnswersIn: {
            /** Changes */
            changes: components["schemas"]["ChangeIn"][];
        };
        /** AnswersOut */
        AnswersOut: {
            /** Changes */
            changes: components["schemas"]["ChangeOut"][];
        };
        /**
         * Asked
         * @description What is printed about a question, and where; the box holds the place of its answer too.
         */
        Asked: {
            box: components["schemas"]["Box"];
            /** Field */
            field: string;
            /** Page */
            page: string;
            /** Part */
            part: string;
            /** Text */
            text: string;
        };
        /**
         * Axis
         * @description From where to where an axis runs, and how far its lines are apart; every ``number_each``-th has its number.
         */
        Axis: {
            /**
             * First
             * @default 0
             */
            first: number;
            /**
             * Label
             * @default
             */
            label: string;
            /**
             * Last
             * @default 10
             */
            last: number;
            /**
             * Number Each
             * @default 1
             */
            number_each: number;
            /**
             * Step
             * @default 1
             */
            step: number;
        };
        /**
         * Box
         * @description A rectangle in points: ``x`` and ``y`` are its top left corner.
         */
        Box: {
            /** Height */
            height: number;
            /** Width */
            width: number;
            /** X */
            x: number;
            /** Y */
            y: number;
        };
        /**
         * Cell
         * @description A cell that is filled in, by its row and column from 0.
         */
        Cell: {
            /** Column */
            column: number;
            /** Id */
            id: string;
            /**
             * Name
             * @default
             */
            name: string;
            /** Row */
            row: number;
        };
        /**
         * ChangeIn
         * @description An answer as the device has it, or an entry of one. ``age`` is how many milliseconds ago it was typed.
         *
         *     ``order`` rises with each change that ``device`` makes to it, so that a save which comes late is told as old.
         */
        ChangeIn: {
            /**
             * Age
             * @default 0
             */
            age: number;
            /** Answer */
            answer: {
                [key: string]: unknown;
            };
            /**
             * Device
             * @default
             */
            device: string;
            /**
             * Entry
             * @default
             */
            entry: string;
            /** Field Id */
            field_id: string;
            /**
             * Order
             * @default 0
             */
            order: number;
            /** Revision */
            revision: number;
        };
        /**
         * ChangeOut
         * @description What stands for an answer or an entry now, or why the change was refused.
         */
        ChangeOut: {
            /** Answer */
            answer: ({
                /**
                 * Kind
                 * @default answer_box
                 * @constant
                 */
                kind: "answer_box";
                /** Text */
                text: string;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default choice
                 * @constant
                 */
                kind: "choice";
                /** Picked */
                picked: string[];
                /**
                 * Version
                 * @default 2
                 * @constant
                 */
                version: 2;
            } | {
                /**
                 * Kind
                 * @default tick_places
                 * @constant
                 */
                kind: "tick_places";
                /** Picked */
                picked: string[];
                /**
                 * Version
                 * @default 2
                 * @constant
                 */
                version: 2;
            } | {
                /**
                 * Kind
                 * @default pieces
                 * @constant
                 */
                kind: "pieces";
                /**
                 * Rank
                 * @default 0
                 */
                rank: number;
                /**
                 * Size
                 * @default 1
                 */
                size: number;
                /**
                 * Slot
                 * @default
                 */
                slot: string | "";
                /**
                 * Turn
                 * @default 0
                 */
                turn: number;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
                /**
                 * X
                 * @default 0.5
                 */
                x: number;
                /**
                 * Y
                 * @default 0.5
                 */
                y: number;
            } | {
                /**
                 * Drawn
                 * @default true
                 */
                drawn: boolean;
                /**
                 * Kind
                 * @default joins
                 * @constant
                 */
                kind: "joins";
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default order
                 * @constant
                 */
                kind: "order";
                /**
                 * Sequence
                 * @default []
                 */
                sequence: string[];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default gaps
                 * @constant
                 */
                kind: "gaps";
                /**
                 * Text
                 * @default
                 */
                text: string;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default long_text
                 * @constant
                 */
                kind: "long_text";
                /**
                 * Paragraphs
                 * @default []
                 */
                paragraphs: components["schemas"]["Paragraph"][];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Colour
                 * @default ink
                 * @enum {string}
                 */
                colour: "ink" | "blue" | "orange" | "green";
                /**
                 * Kind
                 * @default ink
                 * @constant
                 */
                kind: "ink";
                /**
                 * Path
                 * @default
                 */
                path: string;
                /**
                 * Pressure
                 * @default
                 */
                pressure: string;
                /**
                 * Text
                 * @default
                 */
                text: string;
                /**
                 * Tool
                 * @default pen
                 * @enum {string}
                 */
                tool: "pen" | "highlighter" | "note";
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
                /**
                 * Width
                 * @default 1.5
                 */
                width: number;
            } | {
                /**
                 * Kind
                 * @default picture_box
                 * @constant
                 */
                kind: "picture_box";
                /**
                 * Labels
                 * @default []
                 */
                labels: components["schemas"]["Label"][];
                /** Picture */
                picture?: string | null;
                /**
                 * Says
                 * @default
                 */
                says: string;
                /**
                 * Turn
                 * @default 0
                 * @enum {integer}
                 */
                turn: 0 | 90 | 180 | 270;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
                /**
                 * X
                 * @default 0.5
                 */
                x: number;
                /**
                 * Y
                 * @default 0.5
                 */
                y: number;
                /**
                 * Zoom
                 * @default 1
                 */
                zoom: number;
            } | {
                /**
                 * Kind
                 * @default sound_box
                 * @constant
                 */
                kind: "sound_box";
                /** Sound */
                sound?: string | null;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default answer_table
                 * @constant
                 */
                kind: "answer_table";
                /**
                 * Text
                 * @default
                 */
                text: string;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Intervals
                 * @default []
                 */
                intervals: components["schemas"]["PlotInterval"][];
                /**
                 * Kind
                 * @default plot
                 * @constant
                 */
                kind: "plot";
                /**
                 * Placed
                 * @default []
                 */
                placed: components["schemas"]["PlotPoint"][];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Colour
                 * @default yellow
                 * @enum {string}
                 */
                colour: "yellow" | "blue" | "rose" | "green";
                /**
                 * Kind
                 * @default free_note
                 * @constant
                 */
                kind: "free_note";
                /**
                 * Text
                 * @default
                 */
                text: string;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
                /**
                 * Width
                 * @default 140
                 */
                width: number;
                /**
                 * X
                 * @default 0
                 */
                x: number;
                /**
                 * Y
                 * @default 0
                 */
                y: number;
            }) | null;
            /** Entry */
            entry: string;
            /** Field Id */
            field_id: string;
            refused: components["schemas"]["ErrorOut"] | null;
            /** Revision */
            revision: number;
        };
        /**
         * CheckedAnswer
         * @description What the last check said of an answer, which may be another by now, as far as the teacher lets it be seen.
         *
         *     ``tries`` counts the checks there were, ``left`` those that there may still be: None for any number.
         */
        CheckedAnswer: {
            /** Answer */
            answer: ({
                /**
                 * Kind
                 * @default answer_box
                 * @constant
                 */
                kind: "answer_box";
                /** Text */
                text: string;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default choice
                 * @constant
                 */
                kind: "choice";
                /** Picked */
                picked: string[];
                /**
                 * Version
                 * @default 2
                 * @constant
                 */
                version: 2;
            } | {
                /**
                 * Kind
                 * @default tick_places
                 * @constant
                 */
                kind: "tick_places";
                /** Picked */
                picked: string[];
                /**
                 * Version
                 * @default 2
                 * @constant
                 */
                version: 2;
            } | {
                /**
                 * Kind
                 * @default pieces
                 * @constant
                 */
                kind: "pieces";
                /**
                 * Moves
                 * @default []
                 */
                moves: components["schemas"]["Move"][];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default joins
                 * @constant
                 */
                kind: "joins";
                /**
                 * Lines
                 * @default []
                 */
                lines: components["schemas"]["Join"][];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default order
                 * @constant
                 */
                kind: "order";
                /**
                 * Sequence
                 * @default []
                 */
                sequence: string[];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default gaps
                 * @constant
                 */
                kind: "gaps";
                /**
                 * Texts
                 * @default []
                 */
                texts: string[][];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default long_text
                 * @constant
                 */
                kind: "long_text";
                /**
                 * Paragraphs
                 * @default []
                 */
                paragraphs: components["schemas"]["Paragraph"][];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default ink
                 * @constant
                 */
                kind: "ink";
                /**
                 * Strokes
                 * @default []
                 */
                strokes: components["schemas"]["Drawn"][];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default picture_box
                 * @constant
                 */
                kind: "picture_box";
                /**
                 * Labels
                 * @default []
                 */
                labels: components["schemas"]["Label"][];
                /** Picture */
                picture?: string | null;
                /**
                 * Says
                 * @default
                 */
                says: string;
                /**
                 * Turn
                 * @default 0
                 * @enum {integer}
                 */
                turn: 0 | 90 | 180 | 270;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
                /**
                 * X
                 * @default 0.5
                 */
                x: number;
                /**
                 * Y
                 * @default 0.5
                 */
                y: number;
                /**
                 * Zoom
                 * @default 1
                 */
                zoom: number;
            } | {
                /**
                 * Kind
                 * @default sound_box
                 * @constant
                 */
                kind: "sound_box";
                /** Sound */
                sound?: string | null;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default answer_table
                 * @constant
                 */
                kind: "answer_table";
                /**
                 * Texts
                 * @default []
                 */
                texts: string[][];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Intervals
                 * @default []
                 */
                intervals: components["schemas"]["PlotInterval"][];
                /**
                 * Kind
                 * @default plot
                 * @constant
                 */
                kind: "plot";
                /**
                 * Placed
                 * @default []
                 */
                placed: components["schemas"]["PlotPoint"][];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default free_note
                 * @constant
                 */
                kind: "free_note";
                /**
                 * Notes
                 * @default []
                 */
                notes: components["schemas"]["Laid"][];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            }) | null;
            /** Field Id */
            field_id: string;
            /** Hint */
            hint: string | null;
            /** Left */
            left: number | null;
            /** Part */
            part: string;
            /** Reason */
            reason: string | null;
            /** Tries */
            tries: number;
            verdict: components["schemas"]["Verdict"];
        };
        /** CheckIn */
        CheckIn: {
            /** Field Id */
            field_id: string;
            /**
             * Part
             * @default
             */
            part: string;
        };
        /**
         * CopyOut
         * @description A copy as its student has it. No key, no mark.
         */
        CopyOut: {
            /** Answers */
            answers: components["schemas"]["SavedAnswer"][];
            /** Checked */
            checked: components["schemas"]["CheckedAnswer"][];
            /** Handed In At */
            handed_in_at: string | null;
            /** Help */
            help: components["schemas"]["ShownHelpOut"][];
            /**
             * Id
             * Format: uuid
             */
            id: string;
            /** May Check */
            may_check: boolean;
            /** Message */
            message: string;
            /** Name */
            name: string;
            /** Return Code */
            return_code: string | null;
            sheet: components["schemas"]["Sheet"];
            /** Stand In Microphone */
            stand_in_microphone: boolean;
            time: components["schemas"]["TimeOut"];
            /** Trial */
            trial: boolean;
            /** Tries Allowed */
            tries_allowed: number | null;
        };
        /**
         * Dot
         * @description A dot beside what is printed. ``x`` and ``y`` are shares of the field's box.
         *
         *     A line goes from a dot of one ``side`` to one of the other; from one without a side to any.
         */
        Dot: {
            /** Id */
            id: string;
            /**
             * Name
             * @default
             */
            name: string;
            /**
             * Side
             * @default
             * @enum {string}
             */
            side: "" | "start" | "end";
            /** X */
            x: number;
            /** Y */
            y: number;
        };
        /**
         * Drawn
         * @description A stroke and its name.
         */
        Drawn: {
            /** Id */
            id: string;
            stroke: components["schemas"]["Stroke"];
        };
        /**
         * ErrorOut
         * @description What is told of a request that was not done: of its first fault, and then all of its ``faults``, this one too.
         */
        ErrorOut: {
            /** Code */
            code: string;
            /**
             * Faults
             * @default []
             */
            faults: components["schemas"]["FaultOut"][];
            /** Message */
            message: string;
            /**
             * Path
             * @default []
             */
            path: (string | number)[];
        };
        /**
         * ExampleHelp
         * @description A worked example, of which a student uncovers one step after the other: each paragraph is one.
         */
        ExampleHelp: {
            /**
             * Cost
             * @default 0
             */
            cost: number;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "example";
            /**
             * Paragraphs
             * @default []
             */
            paragraphs: components["schemas"]["Paragraph"][];
            /** Part */
            part?: string | null;
        };
        /**
         * FaultOut
         * @description ``code`` never changes, ``message`` is for people; ``path`` says which part of the request it is about.
         */
        FaultOut: {
            /** Code */
            code: string;
            /** Message */
            message: string;
            /**
             * Path
             * @default []
             */
            path: (string | number)[];
        };
        /**
         * FileOut
         * @description A file by whose name an answer may speak of it.
         */
        FileOut: {
            /** File */
            file: string;
            /** Media Type */
            media_type: string;
            /** Size */
            size: number;
        };
        /**
         * Gap
         * @description A gap, and how it is filled. It may stand in the passage more than once: what fills one place fills all.
         */
        Gap: {
            /**
             * Fill
             * @default typed
             * @enum {string}
             */
            fill: "typed" | "list" | "bank";
            /** Id */
            id: string;
            /**
             * Options
             * @default []
             */
            options: string[];
        };
        /**
         * Grid
         * @description Two axes with a net of lines between them; without the upward one it is a number line.
         */
        Grid: {
            /**
             * @default {
             *       "first": 0,
             *       "last": 10,
             *       "step": 1,
             *       "number_each": 1,
             *       "label": ""
             *     }
             */
            across: components["schemas"]["Axis"];
            box: components["schemas"]["Box"];
            /**
             * Colour
             * @default #16324a
             */
            colour: string;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "grid";
            /**
             * Lines
             * @default true
             */
            lines: boolean;
            /** Page */
            page: string;
            /**
             * Size
             * @default 9
             */
            size: number;
            /**
             * @default {
             *       "first": 0,
             *       "last": 10,
             *       "step": 1,
             *       "number_each": 1,
             *       "label": ""
             *     }
             */
            up: components["schemas"]["Axis"] | null;
        };
        /**
         * HandedIn
         * @description ``late`` are changes that came when it was handed in already, by another device: noted, but no part of it.
         */
        HandedIn: {
            /**
             * Handed In At
             * Format: date-time
             */
            handed_in_at: string;
            /** Late */
            late: components["schemas"]["ChangeOut"][];
        };
        /** HelpIn */
        HelpIn: {
            /** Field Id */
            field_id: string;
            /** Help Id */
            help_id: string;
        };
        /**
         * HelpOffer
         * @description What students see of a help before they ask for it.
         */
        HelpOffer: {
            /** Cost */
            cost: number;
            /** Id */
            id: string;
            /**
             * Kind
             * @enum {string}
             */
            kind: "hint" | "example" | "link" | "sound" | "picture";
            /** Part */
            part: string | null;
        };
        /** HintHelp */
        HintHelp: {
            /**
             * Cost
             * @default 0
             */
            cost: number;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "hint";
            /**
             * Paragraphs
             * @default []
             */
            paragraphs: components["schemas"]["Paragraph"][];
            /** Part */
            part?: string | null;
        };
        /**
         * Instruction
         * @description Instructions in one language, written, spoken or both.
         */
        Instruction: {
            /** Language */
            language: string;
            /**
             * Paragraphs
             * @default []
             */
            paragraphs: components["schemas"]["Paragraph"][];
            /** Sound */
            sound?: string | null;
        };
        /**
         * Join
         * @description A line between two dots; which of them is named first says nothing.
         */
        Join: {
            /** A */
            a: string;
            /** B */
            b: string;
        };
        /**
         * Known
         * @description A place in the field's box, in shares of it, at which the value is known.
         */
        Known: {
            /** Value */
            value: number;
            /** X */
            x: number;
            /** Y */
            y: number;
        };
        /**
         * Label
         * @description Words at a point of the picture, in shares of it as it came.
         */
        Label: {
            /** Text */
            text: string;
            /** X */
            x: number;
            /** Y */
            y: number;
        };
        /**
         * Laid
         * @description A note and its name.
         */
        Laid: {
            /** Id */
            id: string;
            note: components["schemas"]["Note"];
        };
        /**
         * Line
         * @description A line from one corner of its box to the opposite one, with heads as an arrow has them.
         */
        Line: {
            box: components["schemas"]["Box"];
            /**
             * Heads
             * @default none
             * @enum {string}
             */
            heads: "none" | "end" | "both";
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "line";
            /** Page */
            page: string;
            /**
             * Start
             * @default top left
             * @enum {string}
             */
            start: "top left" | "top right" | "bottom right" | "bottom left";
            /**
             * @default {
             *       "colour": "#16324a",
             *       "width": 1,
             *       "dash": "solid"
             *     }
             */
            stroke: components["schemas"]["velum__fixtures__fixture__Stroke"];
        };
        /**
         * LinkHelp
         * @description A page of the web, which opens outside the worksheet.
         */
        LinkHelp: {
            /** Address */
            address: string;
            /**
             * Cost
             * @default 0
             */
            cost: number;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "link";
            /**
             * Label
             * @default
             */
            label: string;
            /** Part */
            part?: string | null;
        };
        /**
         * Move
         * @description A piece, by its name or that of a copy, and where it was laid last.
         */
        Move: {
            laid: components["schemas"]["PieceLaid"];
            /** Piece */
            piece: string;
        };
        /**
         * Note
         * @description A note, its top left corner in points of its page. Without words it was taken away.
         */
        Note: {
            /**
             * Colour
             * @default yellow
             * @enum {string}
             */
            colour: "yellow" | "blue" | "rose" | "green";
            /**
             * Kind
             * @default free_note
             * @constant
             */
            kind: "free_note";
            /**
             * Text
             * @default
             */
            text: string;
            /**
             * Version
             * @default 1
             * @constant
             */
            version: 1;
            /**
             * Width
             * @default 140
             */
            width: number;
            /**
             * X
             * @default 0
             */
            x: number;
            /**
             * Y
             * @default 0
             */
            y: number;
        };
        /**
         * Option
         * @description An option: a bare letter, words, or a picture, of which the words then say what it shows.
         *
         *     ``id`` names it within its choice: its letter changes when another is taken away.
         */
        Option: {
            /** Id */
            id: string;
            /** Picture */
            picture?: string | null;
            /**
             * Text
             * @default
             */
            text: string;
        };
        /**
         * Page
         * @description A page as shown: which page of which file it is (``number`` counts from 0), how it is shown, and the size in
         *     points that it then has.
         */
        Page: {
            /** Corners */
            corners?: components["schemas"]["Point"][] | null;
            /** Height */
            height: number;
            /** Id */
            id: string;
            /** Number */
            number: number;
            /**
             * Refused
             * @default []
             */
            refused: components["schemas"]["Box"][];
            /** Source */
            source: string;
            /**
             * Turn
             * @default 0
             * @enum {integer}
             */
            turn: 0 | 90 | 180 | 270;
            /**
             * Whiten
             * @default false
             */
            whiten: boolean;
            /** Width */
            width: number;
        };
        /**
         * PageTextOut
         * @description What can be read on a page: all of it, line by line, and in regions, with what is laid on it.
         */
        PageTextOut: {
            /** Regions */
            regions: components["schemas"]["Region"][];
            /** Text */
            text: string;
        };
        /**
         * Paragraph
         * @description A paragraph, a heading, or an item of a list; items that follow each other make one list.
         */
        Paragraph: {
            /**
             * Align
             * @default left
             * @enum {string}
             */
            align: "left" | "centre" | "right";
            /**
             * Runs
             * @default []
             */
            runs: components["schemas"]["Run"][];
            /**
             * Style
             * @default body
             * @enum {string}
             */
            style: "body" | "heading" | "subheading" | "bullet" | "number";
        };
        /**
         * PartPrompt
         * @description What a student is shown of a part.
         */
        PartPrompt: {
            /** Id */
            id: string;
            /**
             * Name
             * @default
             */
            name: string;
            /** Number */
            number: string;
            /**
             * Place
             * @default
             */
            place: string;
            /** Points */
            points: number;
        };
        /**
         * Picture
         * @description A picture, as large as fits into its box; it keeps its proportions.
         */
        Picture: {
            /** Alternative */
            alternative: string;
            box: components["schemas"]["Box"];
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "picture";
            /** Page */
            page: string;
            /** Picture */
            picture: string;
        };
        /** PictureHelp */
        PictureHelp: {
            /** Alternative */
            alternative: string;
            /**
             * Cost
             * @default 0
             */
            cost: number;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "picture";
            /** Part */
            part?: string | null;
            /** Picture */
            picture: string;
        };
        /**
         * Piece
         * @description ``copies``: how many of it there are, in a stack when more than one; None: a stack without end.
         *
         *     ``width`` and ``height`` are in points; None: as large as its words need.
         */
        Piece: {
            /**
             * Copies
             * @default 1
             */
            copies: number | null;
            /** Height */
            height?: number | null;
            /** Id */
            id: string;
            /**
             * Look
             * @default tile
             * @enum {string}
             */
            look: "tile" | "bare" | "ring" | "frame" | "cross" | "underline";
            /** Picture */
            picture?: string | null;
            /**
             * Resizes
             * @default false
             */
            resizes: boolean;
            /**
             * Turns
             * @default false
             */
            turns: boolean;
            /** Width */
            width?: number | null;
            /**
             * Words
             * @default
             */
            words: string;
        };
        /**
         * PieceLaid
         * @description The slot that a piece lies in; empty: it is back where it waits.
         *
         *     ``x`` and ``y`` are where its middle lies in a loose slot, in shares of the slot; ``rank`` orders the pieces of any
         *     other one. ``turn`` is in degrees, clockwise; ``size`` is how much larger it is than it was.
         */
        PieceLaid: {
            /**
             * Kind
             * @default pieces
             * @constant
             */
            kind: "pieces";
            /**
             * Rank
             * @default 0
             */
            rank: number;
            /**
             * Size
             * @default 1
             */
            size: number;
            /**
             * Slot
             * @default
             */
            slot: string | "";
            /**
             * Turn
             * @default 0
             */
            turn: number;
            /**
             * Version
             * @default 1
             * @constant
             */
            version: 1;
            /**
             * X
             * @default 0.5
             */
            x: number;
            /**
             * Y
             * @default 0.5
             */
            y: number;
        };
        /**
         * PlotInterval
         * @description From where to where; None: it runs on. Whether the end itself belongs to it is told of both.
         */
        PlotInterval: {
            /** High */
            high?: number | null;
            /**
             * High Belongs
             * @default true
             */
            high_belongs: boolean;
            /** Low */
            low?: number | null;
            /**
             * Low Belongs
             * @default true
             */
            low_belongs: boolean;
        };
        /** PlotPoint */
        PlotPoint: {
            /** Across */
            across: number;
            /**
             * Letter
             * @default
             */
            letter: string;
            /** Up */
            up?: number | null;
        };
        /** PlotPrompt */
        PlotPrompt: {
            across: components["schemas"]["Scale"];
            /**
             * Asked
             * @enum {string}
             */
            asked: "points" | "intervals" | "line";
            box: components["schemas"]["Box"];
            /**
             * Help
             * @default []
             */
            help: components["schemas"]["HelpOffer"][];
            /** Id */
            id: string;
            /**
             * Instructions
             * @default []
             */
            instructions: components["schemas"]["Instruction"][];
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "plot";
            /** Lettered */
            lettered: boolean;
            /** Most */
            most: number;
            /**
             * Name
             * @default
             */
            name: string;
            /** Page */
            page: string;
            /** Parts */
            parts: components["schemas"]["PartPrompt"][];
            /** Read Out */
            read_out: boolean;
            /**
             * @default {
             *       "border": "thin",
             *       "fill": "film",
             *       "see_through": true,
             *       "size": null,
             *       "colour": null,
             *       "align": "start"
             *     }
             */
            style: components["schemas"]["Style"];
            up?: components["schemas"]["Scale"] | null;
            /** Working For */
            working_for?: string | null;
        };
        /**
         * Point
         * @description A place in points from the top left of a page.
         */
        Point: {
            /** X */
            x: number;
            /** Y */
            y: number;
        };
        /**
         * Region
         * @description What is read at one go, and where it stands on the page as shown.
         */
        Region: {
            box: components["schemas"]["Box"];
            /** Text */
            text: string;
        };
        /**
         * Run
         * @description Words of one look.
         */
        Run: {
            /**
             * Bold
             * @default false
             */
            bold: boolean;
            /** Colour */
            colour?: string | null;
            /**
             * Italic
             * @default false
             */
            italic: boolean;
            /** Text */
            text: string;
            /**
             * Underline
             * @default false
             */
            underline: boolean;
        };
        /**
         * SavedAnswer
         * @description An answer, or an entry of one.
         *
         *     ``answer`` is None where this release cannot read what is kept: the student is told, and so is the teacher.
         */
        SavedAnswer: {
            /** Answer */
            answer: ({
                /**
                 * Kind
                 * @default answer_box
                 * @constant
                 */
                kind: "answer_box";
                /** Text */
                text: string;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default choice
                 * @constant
                 */
                kind: "choice";
                /** Picked */
                picked: string[];
                /**
                 * Version
                 * @default 2
                 * @constant
                 */
                version: 2;
            } | {
                /**
                 * Kind
                 * @default tick_places
                 * @constant
                 */
                kind: "tick_places";
                /** Picked */
                picked: string[];
                /**
                 * Version
                 * @default 2
                 * @constant
                 */
                version: 2;
            } | {
                /**
                 * Kind
                 * @default pieces
                 * @constant
                 */
                kind: "pieces";
                /**
                 * Rank
                 * @default 0
                 */
                rank: number;
                /**
                 * Size
                 * @default 1
                 */
                size: number;
                /**
                 * Slot
                 * @default
                 */
                slot: string | "";
                /**
                 * Turn
                 * @default 0
                 */
                turn: number;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
                /**
                 * X
                 * @default 0.5
                 */
                x: number;
                /**
                 * Y
                 * @default 0.5
                 */
                y: number;
            } | {
                /**
                 * Drawn
                 * @default true
                 */
                drawn: boolean;
                /**
                 * Kind
                 * @default joins
                 * @constant
                 */
                kind: "joins";
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default order
                 * @constant
                 */
                kind: "order";
                /**
                 * Sequence
                 * @default []
                 */
                sequence: string[];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default gaps
                 * @constant
                 */
                kind: "gaps";
                /**
                 * Text
                 * @default
                 */
                text: string;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default long_text
                 * @constant
                 */
                kind: "long_text";
                /**
                 * Paragraphs
                 * @default []
                 */
                paragraphs: components["schemas"]["Paragraph"][];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Colour
                 * @default ink
                 * @enum {string}
                 */
                colour: "ink" | "blue" | "orange" | "green";
                /**
                 * Kind
                 * @default ink
                 * @constant
                 */
                kind: "ink";
                /**
                 * Path
                 * @default
                 */
                path: string;
                /**
                 * Pressure
                 * @default
                 */
                pressure: string;
                /**
                 * Text
                 * @default
                 */
                text: string;
                /**
                 * Tool
                 * @default pen
                 * @enum {string}
                 */
                tool: "pen" | "highlighter" | "note";
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
                /**
                 * Width
                 * @default 1.5
                 */
                width: number;
            } | {
                /**
                 * Kind
                 * @default picture_box
                 * @constant
                 */
                kind: "picture_box";
                /**
                 * Labels
                 * @default []
                 */
                labels: components["schemas"]["Label"][];
                /** Picture */
                picture?: string | null;
                /**
                 * Says
                 * @default
                 */
                says: string;
                /**
                 * Turn
                 * @default 0
                 * @enum {integer}
                 */
                turn: 0 | 90 | 180 | 270;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
                /**
                 * X
                 * @default 0.5
                 */
                x: number;
                /**
                 * Y
                 * @default 0.5
                 */
                y: number;
                /**
                 * Zoom
                 * @default 1
                 */
                zoom: number;
            } | {
                /**
                 * Kind
                 * @default sound_box
                 * @constant
                 */
                kind: "sound_box";
                /** Sound */
                sound?: string | null;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Kind
                 * @default answer_table
                 * @constant
                 */
                kind: "answer_table";
                /**
                 * Text
                 * @default
                 */
                text: string;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Intervals
                 * @default []
                 */
                intervals: components["schemas"]["PlotInterval"][];
                /**
                 * Kind
                 * @default plot
                 * @constant
                 */
                kind: "plot";
                /**
                 * Placed
                 * @default []
                 */
                placed: components["schemas"]["PlotPoint"][];
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
            } | {
                /**
                 * Colour
                 * @default yellow
                 * @enum {string}
                 */
                colour: "yellow" | "blue" | "rose" | "green";
                /**
                 * Kind
                 * @default free_note
                 * @constant
                 */
                kind: "free_note";
                /**
                 * Text
                 * @default
                 */
                text: string;
                /**
                 * Version
                 * @default 1
                 * @constant
                 */
                version: 1;
                /**
                 * Width
                 * @default 140
                 */
                width: number;
                /**
                 * X
                 * @default 0
                 */
                x: number;
                /**
                 * Y
                 * @default 0
                 */
                y: number;
            }) | null;
            /** Entry */
            entry: string;
            /** Field Id */
            field_id: string;
            /** Revision */
            revision: number;
        };
        /**
         * Scale
         * @description How values lie: evenly, along the line through two known places. What is set falls on multiples of a step.
         */
        Scale: {
            first: components["schemas"]["Known"];
            last: components["schemas"]["Known"];
            /**
             * Step
             * @default 1
             */
            step: number;
        };
        /**
         * Shape
         * @description A box or an ellipse; without a stroke it is only filled, without a filling only drawn.
         */
        Shape: {
            box: components["schemas"]["Box"];
            /** Fill */
            fill?: string | null;
            /**
             * Form
             * @default box
             * @enum {string}
             */
            form: "box" | "ellipse";
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "shape";
            /** Page */
            page: string;
            /**
             * @default {
             *       "colour": "#16324a",
             *       "width": 1,
             *       "dash": "solid"
             *     }
             */
            stroke: components["schemas"]["velum__fixtures__fixture__Stroke"] | null;
        };
        /**
         * Sheet
         * @description What a student is given of a worksheet: everything but the key.
         */
        Sheet: {
            /** Fixtures */
            fixtures: (components["schemas"]["Text"] | components["schemas"]["Line"] | components["schemas"]["Shape"] | components["schemas"]["Table"] | components["schemas"]["Grid"] | components["schemas"]["Picture"] | components["schemas"]["StudentName"])[];
            /**
             * Instructions
             * @default {}
             */
            instructions: {
                [key: string]: components["schemas"]["Instruction"][];
            };
            /** Pages */
            pages: components["schemas"]["Page"][];
            /** Prompts */
            prompts: ({
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: components["schemas"]["HelpOffer"][];
                /** Id */
                id: string;
                /**
                 * Instructions
                 * @default []
                 */
                instructions: components["schemas"]["Instruction"][];
                /**
                 * Kind
                 * @default answer_box
                 * @constant
                 */
                kind: "answer_box";
                /**
                 * Lines
                 * @enum {string}
                 */
                lines: "one" | "several";
                /**
                 * Name
                 * @default
                 */
                name: string;
                /** Page */
                page: string;
                /** Parts */
                parts: components["schemas"]["PartPrompt"][];
                /**
                 * Placeholder
                 * @default
                 */
                placeholder: string;
                /**
                 * Signs
                 * @default none
                 * @enum {string}
                 */
                signs: "none" | "chemistry" | "maths";
                /**
                 * @default {
                 *       "border": "thin",
                 *       "fill": "film",
                 *       "see_through": true,
                 *       "size": null,
                 *       "colour": null,
                 *       "align": "start"
                 *     }
                 */
                style: components["schemas"]["Style"];
                /** Working For */
                working_for?: string | null;
            } | {
                /**
                 * Arrangement
                 * @enum {string}
                 */
                arrangement: "row" | "column" | "list";
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: components["schemas"]["HelpOffer"][];
                /** Id */
                id: string;
                /**
                 * Instructions
                 * @default []
                 */
                instructions: components["schemas"]["Instruction"][];
                /**
                 * Kind
                 * @default choice
                 * @constant
                 */
                kind: "choice";
                /**
                 * Name
                 * @default
                 */
                name: string;
                /** Options */
                options: components["schemas"]["Option"][];
                /** Page */
                page: string;
                /** Parts */
                parts: components["schemas"]["PartPrompt"][];
                /** Several */
                several: boolean;
                /**
                 * Sign
                 * @default ring
                 * @enum {string}
                 */
                sign: "tick" | "cross" | "ring";
                /**
                 * @default {
                 *       "border": "thin",
                 *       "fill": "film",
                 *       "see_through": true,
                 *       "size": null,
                 *       "colour": null,
                 *       "align": "start"
                 *     }
                 */
                style: components["schemas"]["Style"];
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: components["schemas"]["HelpOffer"][];
                /** Id */
                id: string;
                /**
                 * Instructions
                 * @default []
                 */
                instructions: components["schemas"]["Instruction"][];
                /**
                 * Kind
                 * @default tick_places
                 * @constant
                 */
                kind: "tick_places";
                /**
                 * Name
                 * @default
                 */
                name: string;
                /** Page */
                page: string;
                /** Parts */
                parts: components["schemas"]["PartPrompt"][];
                /** Several */
                several: boolean;
                /**
                 * Sign
                 * @default tick
                 * @enum {string}
                 */
                sign: "tick" | "cross" | "ring";
                /** Spots */
                spots: components["schemas"]["Spot"][];
                /**
                 * @default {
                 *       "border": "thin",
                 *       "fill": "film",
                 *       "see_through": true,
                 *       "size": null,
                 *       "colour": null,
                 *       "align": "start"
                 *     }
                 */
                style: components["schemas"]["Style"];
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: components["schemas"]["HelpOffer"][];
                /** Id */
                id: string;
                /**
                 * Instructions
                 * @default []
                 */
                instructions: components["schemas"]["Instruction"][];
                /**
                 * Kind
                 * @default pieces
                 * @constant
                 */
                kind: "pieces";
                /**
                 * Name
                 * @default
                 */
                name: string;
                /** Page */
                page: string;
                /** Parts */
                parts: components["schemas"]["PartPrompt"][];
                /** Pieces */
                pieces: components["schemas"]["Piece"][];
                /** Shuffled */
                shuffled: boolean;
                /** Slots */
                slots: components["schemas"]["Slot"][];
                /**
                 * @default {
                 *       "border": "thin",
                 *       "fill": "film",
                 *       "see_through": true,
                 *       "size": null,
                 *       "colour": null,
                 *       "align": "start"
                 *     }
                 */
                style: components["schemas"]["Style"];
                /**
                 * Tray
                 * @enum {string}
                 */
                tray: "page" | "beside";
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /** Coloured */
                coloured: boolean;
                /** Curved */
                curved: boolean;
                /** Dots */
                dots: components["schemas"]["Dot"][];
                /**
                 * Help
                 * @default []
                 */
                help: components["schemas"]["HelpOffer"][];
                /** Id */
                id: string;
                /**
                 * Instructions
                 * @default []
                 */
                instructions: components["schemas"]["Instruction"][];
                /**
                 * Kind
                 * @default joins
                 * @constant
                 */
                kind: "joins";
                /**
                 * Name
                 * @default
                 */
                name: string;
                /** One Each */
                one_each: boolean;
                /** Page */
                page: string;
                /** Parts */
                parts: components["schemas"]["PartPrompt"][];
                /**
                 * @default {
                 *       "border": "thin",
                 *       "fill": "film",
                 *       "see_through": true,
                 *       "size": null,
                 *       "colour": null,
                 *       "align": "start"
                 *     }
                 */
                style: components["schemas"]["Style"];
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: components["schemas"]["HelpOffer"][];
                /** Id */
                id: string;
                /**
                 * Instructions
                 * @default []
                 */
                instructions: components["schemas"]["Instruction"][];
                /**
                 * Kind
                 * @default order
                 * @constant
                 */
                kind: "order";
                /**
                 * Name
                 * @default
                 */
                name: string;
                /** Page */
                page: string;
                /** Parts */
                parts: components["schemas"]["PartPrompt"][];
                /** Steps */
                steps: components["schemas"]["Step"][];
                /**
                 * @default {
                 *       "border": "thin",
                 *       "fill": "film",
                 *       "see_through": true,
                 *       "size": null,
                 *       "colour": null,
                 *       "align": "start"
                 *     }
                 */
                style: components["schemas"]["Style"];
                /** Working For */
                working_for?: string | null;
            } | {
                /** Bank */
                bank: string[];
                box: components["schemas"]["Box"];
                /** Gaps */
                gaps: components["schemas"]["Gap"][];
                /**
                 * Help
                 * @default []
                 */
                help: components["schemas"]["HelpOffer"][];
                /** Id */
                id: string;
                /**
                 * Instructions
                 * @default []
                 */
                instructions: components["schemas"]["Instruction"][];
                /**
                 * Kind
                 * @default gaps
                 * @constant
                 */
                kind: "gaps";
                /**
                 * Name
                 * @default
                 */
                name: string;
                /** Page */
                page: string;
                /** Parts */
                parts: components["schemas"]["PartPrompt"][];
                /** Passage */
                passage: components["schemas"]["Stretch"][];
                /**
                 * @default {
                 *       "border": "thin",
                 *       "fill": "film",
                 *       "see_through": true,
                 *       "size": null,
                 *       "colour": null,
                 *       "align": "start"
                 *     }
                 */
                style: components["schemas"]["Style"];
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /** Formatted */
                formatted: boolean;
                /**
                 * Help
                 * @default []
                 */
                help: components["schemas"]["HelpOffer"][];
                /** Id */
                id: string;
                /**
                 * Instructions
                 * @default []
                 */
                instructions: components["schemas"]["Instruction"][];
                /**
                 * Kind
                 * @default long_text
                 * @constant
                 */
                kind: "long_text";
                /** Least Words */
                least_words?: number | null;
                /** Most Words */
                most_words?: number | null;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /** Page */
                page: string;
                /** Parts */
                parts: components["schemas"]["PartPrompt"][];
                /** Spelling */
                spelling: string;
                /**
                 * @default {
                 *       "border": "thin",
                 *       "fill": "film",
                 *       "see_through": true,
                 *       "size": null,
                 *       "colour": null,
                 *       "align": "start"
                 *     }
                 */
                style: components["schemas"]["Style"];
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: components["schemas"]["HelpOffer"][];
                /** Id */
                id: string;
                /**
                 * Instructions
                 * @default []
                 */
                instructions: components["schemas"]["Instruction"][];
                /**
                 * Kind
                 * @default ink
                 * @constant
                 */
                kind: "ink";
                /**
                 * Name
                 * @default
                 */
                name: string;
                /** Page */
                page: string;
                /** Parts */
                parts: components["schemas"]["PartPrompt"][];
                /**
                 * @default {
                 *       "border": "thin",
                 *       "fill": "film",
                 *       "see_through": true,
                 *       "size": null,
                 *       "colour": null,
                 *       "align": "start"
                 *     }
                 */
                style: components["schemas"]["Style"];
                /** Whole Page */
                whole_page: boolean;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: components["schemas"]["HelpOffer"][];
                /** Id */
                id: string;
                /**
                 * Instructions
                 * @default []
                 */
                instructions: components["schemas"]["Instruction"][];
                /**
                 * Kind
                 * @default picture_box
                 * @constant
                 */
                kind: "picture_box";
                /**
                 * Name
                 * @default
                 */
                name: string;
                /** Page */
                page: string;
                /** Parts */
                parts: components["schemas"]["PartPrompt"][];
                /**
                 * @default {
                 *       "border": "thin",
                 *       "fill": "film",
                 *       "see_through": true,
                 *       "size": null,
                 *       "colour": null,
                 *       "align": "start"
                 *     }
                 */
                style: components["schemas"]["Style"];
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: components["schemas"]["HelpOffer"][];
                /** Id */
                id: string;
                /**
                 * Instructions
                 * @default []
                 */
                instructions: components["schemas"]["Instruction"][];
                /**
                 * Kind
                 * @default sound_box
                 * @constant
                 */
                kind: "sound_box";
                /** Most Seconds */
                most_seconds: number;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /** Page */
                page: string;
                /** Parts */
                parts: components["schemas"]["PartPrompt"][];
                /**
                 * @default {
                 *       "border": "thin",
                 *       "fill": "film",
                 *       "see_through": true,
                 *       "size": null,
                 *       "colour": null,
                 *       "align": "start"
                 *     }
                 */
                style: components["schemas"]["Style"];
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /** Cells */
                cells: components["schemas"]["Cell"][];
                /** Columns */
                columns: number[];
                /**
                 * Help
                 * @default []
                 */
                help: components["schemas"]["HelpOffer"][];
                /** Id */
                id: string;
                /**
                 * Instructions
                 * @default []
                 */
                instructions: components["schemas"]["Instruction"][];
                /**
                 * Kind
                 * @default answer_table
                 * @constant
                 */
                kind: "answer_table";
                /**
                 * Name
                 * @default
                 */
                name: string;
                /** Page */
                page: string;
                /** Parts */
                parts: components["schemas"]["PartPrompt"][];
                /** Rows */
                rows: number[];
                /**
                 * @default {
                 *       "border": "thin",
                 *       "fill": "film",
                 *       "see_through": true,
                 *       "size": null,
                 *       "colour": null,
                 *       "align": "start"
                 *     }
                 */
                style: components["schemas"]["Style"];
                /** Working For */
                working_for?: string | null;
            } | components["schemas"]["PlotPrompt"] | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: components["schemas"]["HelpOffer"][];
                /** Id */
                id: string;
                /**
                 * Instructions
                 * @default []
                 */
                instructions: components["schemas"]["Instruction"][];
                /**
                 * Kind
                 * @default free_note
                 * @constant
                 */
                kind: "free_note";
                /**
                 * Name
                 * @default
                 */
                name: string;
                /** Page */
                page: string;
                /** Parts */
                parts: components["schemas"]["PartPrompt"][];
                /**
                 * @default {
                 *       "border": "thin",
                 *       "fill": "film",
                 *       "see_through": true,
                 *       "size": null,
                 *       "colour": null,
                 *       "align": "start"
                 *     }
                 */
                style: components["schemas"]["Style"];
                /** Whole Page */
                whole_page: boolean;
                /** Working For */
                working_for?: string | null;
            })[];
            /** Title */
            title: string;
        };
        /**
         * ShownHelpOut
         * @description A help that was asked for, and what it says.
         */
        ShownHelpOut: {
            /** Field Id */
            field_id: string;
            /** Help */
            help: components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"];
        };
        /**
         * Slot
         * @description A place for pieces on a page: exactly one, up to ``most``, or any number (None).
         *
         *     In a ``loose`` slot pieces lie where they are put down, and may have places of their own; else they stand in a row.
         *     ``overlap``: what two others have in common, as in a diagram of circles; it is where both are.
         */
        Slot: {
            box: components["schemas"]["Box"];
            /**
             * Counts
             * @default false
             */
            counts: boolean;
            /** Id */
            id: string;
            /**
             * Loose
             * @default false
             */
            loose: boolean;
            /**
             * Most
             * @default 1
             */
            most: number | null;
            /**
             * Name
             * @default
             */
            name: string;
            /** Overlap */
            overlap?: string[] | null;
            /** Page */
            page: string;
            /**
             * Shape
             * @default box
             * @enum {string}
             */
            shape: "box" | "ellipse";
            /**
             * Shown
             * @default true
             */
            shown: boolean;
            /**
             * Where Counts
             * @default false
             */
            where_counts: boolean;
        };
        /** SoundHelp */
        SoundHelp: {
            /**
             * Cost
             * @default 0
             */
            cost: number;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "sound";
            /** Part */
            part?: string | null;
            /** Sound */
            sound: string;
            /**
             * Words
             * @default
             */
            words: string;
        };
        /**
         * Spot
         * @description A place to tick, as shares of the field's box; ``name`` says which printed option it is.
         *
         *     ``id`` names it within its field: its place in line changes when another is taken away.
         */
        Spot: {
            /** Height */
            height: number;
            /** Id */
            id: string;
            /**
             * Name
             * @default
             */
            name: string;
            /** Width */
            width: number;
            /** X */
            x: number;
            /** Y */
            y: number;
        };
        /**
         * Step
         * @description A place where a number is written. ``x`` and ``y`` are its middle, in shares of the field's box.
         */
        Step: {
            /** Id */
            id: string;
            /**
             * Name
             * @default
             */
            name: string;
            /** X */
            x: number;
            /** Y */
            y: number;
        };
        /**
         * Stretch
         * @description A stretch of the passage: words, or a gap.
         */
        Stretch: {
            /** Gap */
            gap?: string | null;
            /**
             * Text
             * @default
             */
            text: string;
        };
        /**
         * Stroke
         * @description A stroke, or a note that is typed where its path begins. Neither a path nor words: it was taken away.
         */
        Stroke: {
            /**
             * Colour
             * @default ink
             * @enum {string}
             */
            colour: "ink" | "blue" | "orange" | "green";
            /**
             * Kind
             * @default ink
             * @constant
             */
            kind: "ink";
            /**
             * Path
             * @default
             */
            path: string;
            /**
             * Pressure
             * @default
             */
            pressure: string;
            /**
             * Text
             * @default
             */
            text: string;
            /**
             * Tool
             * @default pen
             * @enum {string}
             */
            tool: "pen" | "highlighter" | "note";
            /**
             * Version
             * @default 1
             * @constant
             */
            version: 1;
            /**
             * Width
             * @default 1.5
             */
            width: number;
        };
        /**
         * StudentName
         * @description The student's name, as large as fits into its box. Nobody has to write it, and none can be mistyped.
         */
        StudentName: {
            box: components["schemas"]["Box"];
            /**
             * Colour
             * @default #16324a
             */
            colour: string;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "student_name";
            /** Page */
            page: string;
        };
        /**
         * Style
         * @description How fields look. The plainest is what fields had when nothing could be settled.
         */
        Style: {
            /**
             * Align
             * @default start
             * @enum {string}
             */
            align: "start" | "centre" | "end";
            /**
             * Border
             * @default thin
             * @enum {string}
             */
            border: "thin" | "bold" | "below" | "none";
            /** Colour */
            colour?: string | null;
            /**
             * Fill
             * @default film
             */
            fill: string | ("film" | "none");
            /**
             * See Through
             * @default true
             */
            see_through: boolean;
            /** Size */
            size?: number | null;
        };
        /**
         * Table
         * @description Cells by rows. ``columns`` and ``heights`` say how the box's sides are shared out.
         */
        Table: {
            /**
             * Align
             * @default left
             * @enum {string}
             */
            align: "left" | "centre" | "right";
            box: components["schemas"]["Box"];
            /** Cells */
            cells: string[][];
            /**
             * Colour
             * @default #16324a
             */
            colour: string;
            /** Columns */
            columns: number[];
            /**
             * Heading Column
             * @default false
             */
            heading_column: boolean;
            /**
             * Heading Fill
             * @default #e6ecec
             */
            heading_fill: string | null;
            /**
             * Heading Row
             * @default true
             */
            heading_row: boolean;
            /** Heights */
            heights: number[];
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "table";
            /** Page */
            page: string;
            /**
             * Size
             * @default 11
             */
            size: number;
            /**
             * @default {
             *       "colour": "#16324a",
             *       "width": 1,
             *       "dash": "solid"
             *     }
             */
            stroke: components["schemas"]["velum__fixtures__fixture__Stroke"];
        };
        /** Text */
        Text: {
            box: components["schemas"]["Box"];
            /**
             * Colour
             * @default #16324a
             */
            colour: string;
            /** Fill */
            fill?: string | null;
            /** Id */
            id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            kind: "text";
            /** Page */
            page: string;
            /**
             * Paragraphs
             * @default []
             */
            paragraphs: components["schemas"]["Paragraph"][];
            /**
             * Size
             * @default 12
             */
            size: number;
        };
        /** TextsOut */
        TextsOut: {
            /** Asked */
            asked: components["schemas"]["Asked"][];
            /** Pages */
            pages: components["schemas"]["PageTextOut"][];
        };
        /**
         * TimeOut
         * @description How a copy stands by the server's clock, at ``now``. ``seconds_left``: until its end; None: nothing ends it.
         */
        TimeOut: {
            /** Due At */
            due_at: string | null;
            /** Limited */
            limited: boolean;
            /**
             * Now
             * Format: date-time
             */
            now: string;
            /** Open */
            open: boolean;
            /** Seconds Left */
            seconds_left: number | null;
        };
        /**
         * TooLateOut
         * @description The copy was handed in or closed before these changes came. ``changes`` are those that were noted all the same:
         *     they are no part of it, but the teacher can see them, so no device need keep them.
         */
        TooLateOut: {
            /**
             * Changes
             * @default []
             */
            changes: components["schemas"]["ChangeOut"][];
            /** Code */
            code: string;
            /**
             * Faults
             * @default []
             */
            faults: components["schemas"]["FaultOut"][];
            /** Handed In At */
            handed_in_at?: string | null;
            /** Message */
            message: string;
            /**
             * Path
             * @default []
             */
            path: (string | number)[];
        };
        /**
         * Stroke
         * @description A drawn line; its width in points.
         */
        velum__fixtures__fixture__Stroke: {
            /**
             * Colour
             * @default #16324a
             */
            colour: string;
            /**
             * Dash
             * @default solid
             * @enum {string}
             */
            dash: "solid" | "dashed" | "dotted";
            /**
             * Width
             * @default 1
             */
            width: number;
        };
        /**
         * Stroke
         * @description A stroke, or a note that is typed where its path begins. Neither a path nor words: it was taken away.
         */
        velum__kinds__ink__Stroke: {
            /**
             * Colour
             * @default ink
             * @enum {string}
             */
            colour: "ink" | "blue" | "orange" | "green";
            /**
             * Kind
             * @default ink
             * @constant
             */
            kind: "ink";
            /**
             * Path
             * @default
             */
            path: string;
            /**
             * Pressure
             * @default
             */
            pressure: string;
            /**
             * Text
             * @default
             */
            text: string;
            /**
             * Tool
             * @default pen
             * @enum {string}
             */
            tool: "pen" | "highlighter" | "note";
            /**
             * Version
             * @default 1
             * @constant
             */
            version: 1;
            /**
             * Width
             * @default 1.5
             */
            width: number;
        };
        /**
         * Verdict
         * @description The five things that can be said of an answer. Each has one shape everywhere on screen.
         * @enum {string}
         */
        Verdict: "right" | "partly" | "wrong" | "blank" | "teacher";
    };
    responses: never;
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
    save_answers: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                copy_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AnswersIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AnswersOut"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TooLateOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    check_answer: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                copy_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CheckIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CheckedAnswer"];
                };
            };
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    get_copy: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                copy_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CopyOut"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    keep_file: {
        parameters: {
            query: {
                field_id: string;
            };
            header?: never;
            path: {
                copy_id: string;
            };
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/octet-stream": string;
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FileOut"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Request Entity Too Large */
            413: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    hand_in: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                copy_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["AnswersIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HandedIn"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    show_help: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                copy_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["HelpIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ShownHelpOut"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    get_texts: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                copy_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TextsOut"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Conflict */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    get_time: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                copy_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TimeOut"];
                };
            };
            /** @description Unauthorized */
            401: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Not Found */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
}
