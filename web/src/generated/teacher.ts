// Made from the server's OpenAPI by `make types`. Never edited.

export interface paths {
    "/api/classes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** List Classes */
        get: operations["list_classes"];
        put?: never;
        /** Create Class */
        post: operations["make_class"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/classes/{class_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Get Class */
        get: operations["get_class"];
        put?: never;
        post?: never;
        /** Delete Class */
        delete: operations["remove_class"];
        options?: never;
        head?: never;
        /** Change Class */
        patch: operations["settle_class"];
        trace?: never;
    };
    "/api/classes/{class_id}/cards": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Make Cards
         * @description New cards for all; the old ones open nothing any more.
         */
        post: operations["make_cards"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/classes/{class_id}/copies": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Create Copy Of Class
         * @description The same students in a class for the next year.
         */
        post: operations["copy_class"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/classes/{class_id}/invitations": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Invite Colleague
         * @description Ask a colleague by mail to teach a class too.
         */
        post: operations["invite"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/classes/{class_id}/roster": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Take Read Roster */
        post: operations["take_roster"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/classes/{class_id}/roster/meaning": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Meaning Of Roster
         * @description What a roster would change in a class; nothing is changed yet.
         */
        post: operations["meaning_of_roster"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/classes/{class_id}/students/{student_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Take Student Out
         * @description Somebody leaves a class; their work in it stays.
         */
        delete: operations["take_student_out"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/classes/{class_id}/teachers/{email}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Withdraw Colleague
         * @description Take an invitation back, or have a colleague teach the class no more.
         */
        delete: operations["withdraw"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/copies/{copy_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Get Review */
        get: operations["get_review"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/copies/{copy_id}/accepted": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Accept
         * @description Count what a copy answers as right, for everybody.
         */
        post: operations["accept_answer"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/copies/{copy_id}/let-go-on": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Let Student Go On */
        post: operations["let_go_on"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/copies/{copy_id}/overrules": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Overrule Mark */
        post: operations["overrule"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/copies/{copy_id}/time": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        /**
         * Give Copy Time
         * @description Make exceptions of the times of a handout for one copy.
         */
        patch: operations["give_time"];
        trace?: never;
    };
    "/api/handouts/{handout_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        /** Settle Handout */
        patch: operations["settle_handout"];
        trace?: never;
    };
    "/api/handouts/{handout_id}/changes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Get Changes
         * @description What happened to a handout after the happening of that number; nothing happened: no content.
         */
        get: operations["get_changes"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/handouts/{handout_id}/meaning": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Meaning Of Settings
         * @description What settings would mean for those who have begun; nothing is changed yet.
         */
        post: operations["meaning_of_settings"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/handouts/{handout_id}/newest-key": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Preview Newest Key
         * @description What marking by the newest key would mean; nothing is changed yet.
         */
        get: operations["preview_newest_key"];
        put?: never;
        /** Mark By Newest Key */
        post: operations["use_newest_key"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/handouts/{handout_id}/results": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Get Results */
        get: operations["get_results"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/pictures": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * List Own Pictures
         * @description The teacher's own pictures, what was used last first.
         */
        get: operations["list_own_pictures"];
        put?: never;
        /**
         * Upload Picture
         * @description Keep the file that is the body of the request as a picture; ``alternative`` says what it shows.
         */
        post: operations["upload_picture"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/pictures/{sha256}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Put Picture Away
         * @description No longer offer a picture. Pages that show it go on showing it.
         */
        delete: operations["put_picture_away"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/pictures/from-library": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Take From Library
         * @description Take a picture of the library, to be laid on a page.
         */
        post: operations["take_picture_from_library"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/rosters/file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Roster
         * @description Who is named in the file that is the body of the request: a roster for each sheet, or each class.
         */
        post: operations["read_roster_file"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/rosters/folder": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Folder
         * @description Who is named in the files of a folder: a roster for each class.
         */
        post: operations["read_roster_folder"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/rosters/pasted": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Read Pasted Roster
         * @description Who is named in a text; nothing is taken yet.
         */
        post: operations["read_pasted_roster"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/sounds": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Upload Sound
         * @description Keep the file that is the body of the request as a sound.
         */
        post: operations["upload_sound"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        /** Correct Student */
        patch: operations["correct_student"];
        trace?: never;
    };
    "/api/students/{student_id}/card": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Make Card
         * @description A new card; the old one opens nothing any more.
         */
        post: operations["make_card"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/students/{student_id}/erasure": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Erase Student
         * @description Erase all that is kept of a student. That it was done stays on record, and not who it was.
         */
        post: operations["erase_student"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trying": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Try Answers
         * @description What would be said of answers with this key. Nothing is kept.
         */
        post: operations["try_answers"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/uploads/{upload}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        /**
         * Cancel Upload
         * @description Take an upload back, whether it has come or not.
         */
        delete: operations["cancel_upload"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * List Worksheets
         * @description The worksheets whose title or printed text holds all of these words.
         */
        get: operations["list_worksheets"];
        put?: never;
        /**
         * Bring In Worksheet
         * @description Make a worksheet of the file that is the body of the request.
         *
         *     ``name`` is the file's, ``upload`` the browser's own id of this upload, by which it can be cancelled.
         */
        post: operations["bring_in"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Get Worksheet */
        get: operations["get_worksheet"];
        put?: never;
        post?: never;
        /** Remove Worksheet */
        delete: operations["remove_worksheet"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/blank-pages": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Blank
         * @description Put a blank page behind those of a worksheet.
         */
        post: operations["add_blank_page"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/edits": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Edit Worksheet */
        post: operations["edit_worksheet"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/found": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Get Found
         * @description Where students may answer on each page, as far as nothing lies there yet.
         */
        get: operations["get_found"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/handouts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** List Handouts */
        get: operations["list_handouts"];
        put?: never;
        /** Create Handouts */
        post: operations["hand_out"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/look-over": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /** Look Over Worksheet */
        get: operations["look_over"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/pages": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Pages Of File
         * @description Put the pages of the file that is the body of the request behind those of a worksheet, or those set aside.
         */
        post: operations["add_pages"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/pages/{page_id}/cuts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Cut Regions
         * @description The pages that regions of a page would become; nothing is changed yet.
         */
        post: operations["cut_out"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/pages/{page_id}/guides": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Get Guides
         * @description What is printed on a page as it is shown, to bring what is laid by hand in line with.
         */
        get: operations["get_guides"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/pages/{page_id}/pictures": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Cut Picture
         * @description Keep what is printed in a region of a page as a picture, as large as it is there, without the paper around it.
         */
        post: operations["cut_picture"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/pages/{page_id}/replacement": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Plan Replacement
         * @description What becomes of a page's fields on the paper of a page set aside; nothing is changed yet.
         */
        post: operations["plan_replacement"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/pages/{page_id}/straightened": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Straighten
         * @description How a page would be shown between these corners, and where its fields would lie; nothing is changed yet.
         */
        post: operations["straighten"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/pasted-key": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Match Pasted Key
         * @description Which fields a pasted key is for. Nothing is kept.
         */
        post: operations["match_pasted_key"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/pictures": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * List Pictures
         * @description How far the drawing of the pages is.
         */
        get: operations["list_pictures"];
        put?: never;
        /**
         * Draw Pictures
         * @description Draw the pages whose pictures are missing, for instance because the server was stopped while it drew.
         */
        post: operations["draw_pictures"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/ready-pages": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /**
         * Add Ready
         * @description Put a ready page behind those of a worksheet.
         */
        post: operations["add_ready_page"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/worksheets/{worksheet_id}/texts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        /**
         * Get Texts
         * @description What is printed on each page.
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
    "/api/worksheets/{worksheet_id}/trial": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        /** Try Worksheet Out */
        post: operations["try_out"];
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
        /**
         * AcceptedOut
         * @description How many marks of the handout are others now, and the copy as it is now.
         */
        AcceptedOut: {
            /** Changed */
            changed: number;
            review: components["schemas"]["ReviewOut"];
        };
        /** AcceptIn */
        AcceptIn: {
            /** Field Id */
            field_id: string;
            /**
             * Part
             * @default
             */
            part: string;
        };
        /** AnswerBoxKey */
        AnswerBoxKey: {
            /**
             * Also
             * @default []
             */
            also: string[];
            /** Comparison */
            comparison?: (components["schemas"]["Words"] | components["schemas"]["Number"] | components["schemas"]["Time"] | components["schemas"]["Date"] | components["schemas"]["Ratio"] | components["schemas"]["Formula"] | components["schemas"]["Expression"]) | null;
            follows?: components["schemas"]["Follows"] | null;
            /**
             * Kind
             * @default answer_box
             * @constant
             */
            kind: "answer_box";
            /**
             * Partly
             * @default []
             */
            partly: components["schemas"]["Partly"][];
            /**
             * Refused
             * @default []
             */
            refused: components["schemas"]["Refused"][];
            /** Text */
            text: string;
        };
        /**
         * AnswerOut
         * @description ``answer`` is None where this release cannot read it; ``kept`` is then what is kept, as it is.
         */
        AnswerOut: {
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
            /** Kept */
            kept: string;
            /**
             * Typed At
             * Format: date-time
             */
            typed_at: string;
        };
        /**
         * AnswerSettings
         * @description What holds for all answers of a worksheet, where a key does not say otherwise.
         */
        AnswerSettings: {
            /**
             * Decimal
             * @default .
             * @enum {string}
             */
            decimal: "." | ",";
        };
        /**
         * AwaitedOut
         * @description Somebody who has not opened the worksheet, by name and as others may see it.
         */
        AwaitedOut: {
            /** Name */
            name: string;
            /** Shown */
            shown: string;
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
         * Belongs
         * @description What belongs in a slot, or in a region of a loose one. A piece of a stack is named once for each copy.
         */
        Belongs: {
            /**
             * Asks
             * @default these
             * @enum {string}
             */
            asks: "these" | "only" | "at_least" | "count" | "as_many";
            /**
             * Count
             * @default 0
             */
            count: number;
            /** Like */
            like?: string | null;
            /**
             * Pieces
             * @default []
             */
            pieces: string[];
            region?: components["schemas"]["Region"] | null;
            /** Slot */
            slot: string;
        };
        /**
         * Between
         * @description Anything from one number to another, both included.
         */
        Between: {
            /** High */
            high: string;
            /** Low */
            low: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            rule: "between";
        };
        /**
         * BlankPageIn
         * @description Sides in points.
         */
        BlankPageIn: {
            /** Height */
            height: number;
            pattern: components["schemas"]["Pattern"];
            /** Width */
            width: number;
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
         * BringPageBack
         * @description Bring a page back that was set aside.
         */
        BringPageBack: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "bring_page_back";
            /** Page Id */
            page_id: string;
            /** To */
            to: number;
        };
        /**
         * BroughtInOut
         * @description ``left_out`` says what of the file could not be brought in.
         */
        BroughtInOut: {
            document: components["schemas"]["Document"];
            /**
             * Id
             * Format: uuid
             */
            id: string;
            /** Left Out */
            left_out: string[];
            /** Revision */
            revision: number;
        };
        /**
         * CardPictureOut
         * @description A drawing of the library, and what it is called.
         */
        CardPictureOut: {
            /** Name */
            name: string;
            /** Word */
            word: string;
        };
        /** CardsOut */
        CardsOut: {
            /** Made */
            made: number;
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
         * ChangeField
         * @description Give the field of the same name another place or other settings.
         */
        ChangeField: {
            /** Field */
            field: {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * @default one
                 * @enum {string}
                 */
                lines: "one" | "several";
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Placeholder
                 * @default
                 */
                placeholder: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Signs
                 * @default none
                 * @enum {string}
                 */
                signs: "none" | "chemistry" | "maths";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                /**
                 * Arrangement
                 * @default row
                 * @enum {string}
                 */
                arrangement: "row" | "column" | "list";
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Options */
                options: components["schemas"]["Option"][];
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Several
                 * @default false
                 */
                several: boolean;
                /**
                 * Sign
                 * @default ring
                 * @enum {string}
                 */
                sign: "tick" | "cross" | "ring";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Several
                 * @default false
                 */
                several: boolean;
                /**
                 * Sign
                 * @default tick
                 * @enum {string}
                 */
                sign: "tick" | "cross" | "ring";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /** Spots */
                spots: components["schemas"]["Spot"][];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Counted
                 * @default each
                 * @enum {string}
                 */
                counted: "each" | "all" | "pairs";
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /**
                 * Order Counts
                 * @default false
                 */
                order_counts: boolean;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /** Pieces */
                pieces: components["schemas"]["Piece"][];
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Shuffled
                 * @default true
                 */
                shuffled: boolean;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /**
                 * Slots
                 * @default []
                 */
                slots: components["schemas"]["Slot"][];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Together
                 * @default false
                 */
                together: boolean;
                /**
                 * Tray
                 * @default page
                 * @enum {string}
                 */
                tray: "page" | "beside";
                /** Working For */
                working_for?: string | null;
                /**
                 * Wrong Counts
                 * @default false
                 */
                wrong_counts: boolean;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Coloured
                 * @default false
                 */
                coloured: boolean;
                /**
                 * Curved
                 * @default false
                 */
                curved: boolean;
                /** Dots */
                dots: components["schemas"]["Dot"][];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /**
                 * One Each
                 * @default true
                 */
                one_each: boolean;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Counted
                 * @default pairs
                 * @enum {string}
                 */
                counted: "all" | "pairs";
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /** Steps */
                steps: components["schemas"]["Step"][];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                /**
                 * Bank
                 * @default []
                 */
                bank: string[];
                box: components["schemas"]["Box"];
                /**
                 * Gaps
                 * @default []
                 */
                gaps: components["schemas"]["Gap"][];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /** Passage */
                passage: components["schemas"]["Stretch"][];
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Formatted
                 * @default true
                 */
                formatted: boolean;
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /** Most Words */
                most_words?: number | null;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /**
                 * Spelling
                 * @default
                 */
                spelling: string;
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Whole Page
                 * @default false
                 */
                whole_page: boolean;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Most Seconds
                 * @default 60
                 */
                most_seconds: number;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /** Cells */
                cells: components["schemas"]["Cell"][];
                /**
                 * Columns
                 * @default []
                 */
                columns: number[];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Rows
                 * @default []
                 */
                rows: number[];
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | components["schemas"]["Plot"] | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Whole Page
                 * @default true
                 */
                whole_page: boolean;
                /** Working For */
                working_for?: string | null;
            };
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "change";
        };
        /**
         * ChangeFixture
         * @description Give the fixture of the same name another place, look or content.
         */
        ChangeFixture: {
            /** Fixture */
            fixture: components["schemas"]["Text"] | components["schemas"]["Line"] | components["schemas"]["Shape"] | components["schemas"]["Table"] | components["schemas"]["Grid"] | components["schemas"]["Picture"] | components["schemas"]["StudentName"];
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "change_fixture";
        };
        /**
         * ChangesOut
         * @description What happened to a handout since somebody looked at it: the rows that may be others now, or all of it anew.
         */
        ChangesOut: {
            /** Awaited */
            awaited: components["schemas"]["AwaitedOut"][];
            files: components["schemas"]["FilesOut"] | null;
            /** Number */
            number: number;
            /** Order */
            order: string[] | null;
            results: components["schemas"]["ResultsOut"] | null;
            /** Rows */
            rows: components["schemas"]["CopyRow"][];
        };
        /** ClassIn */
        ClassIn: {
            /** Name */
            name: string;
            /**
             * Source
             * @default
             */
            source: string;
            /**
             * Year
             * @default
             */
            year: string;
        };
        /** ClassOut */
        ClassOut: {
            /** Archived At */
            archived_at: string | null;
            /** Cards At Once */
            cards_at_once: number;
            /** Code */
            code: string;
            /**
             * Id
             * Format: uuid
             */
            id: string;
            /** Name */
            name: string;
            names: components["schemas"]["Names"];
            role: components["schemas"]["Role"];
            /** Students */
            students: components["schemas"]["StudentOut"][];
            /** Teachers */
            teachers: components["schemas"]["TeacherOut"][];
            /** Year */
            year: string;
        };
        /**
         * ClassRow
         * @description A class in a list. ``role`` is what the teacher is to it.
         */
        ClassRow: {
            /** Archived */
            archived: boolean;
            /**
             * Id
             * Format: uuid
             */
            id: string;
            /** Name */
            name: string;
            role: components["schemas"]["Role"];
            /** Students */
            students: number;
            /** Year */
            year: string;
        };
        /**
         * ClassSettings
         * @description What is left out stays as it is.
         */
        ClassSettings: {
            /**
             * Archived
             * @default false
             */
            archived: boolean;
            /**
             * Name
             * @default
             */
            name: string;
            /** @default full */
            names: components["schemas"]["Names"];
            /**
             * Year
             * @default
             */
            year: string;
        };
        /**
         * CopyRow
         * @description A student in the results. ``total`` is what the marks add up to so far.
         */
        CopyRow: {
            /** Begun At */
            begun_at: string | null;
            /** Ends At */
            ends_at: string | null;
            /** Handed In At */
            handed_in_at: string | null;
            /** Handed In Late */
            handed_in_late: boolean;
            /**
             * Id
             * Format: uuid
             */
            id: string;
            /**
             * Joined At
             * Format: date-time
             */
            joined_at: string;
            /** Late */
            late: number;
            /** Marks */
            marks: components["schemas"]["MarkOut"][];
            /** More Minutes */
            more_minutes: number;
            /** Name */
            name: string;
            /** Over */
            over: boolean;
            /** Saved At */
            saved_at: string | null;
            /** Shown */
            shown: string;
            /** Total */
            total: string;
            /** Until */
            until: string | null;
            /** Waiting */
            waiting: number;
        };
        /**
         * CutPictureIn
         * @description A region of the page as shown, in points, and what is printed there.
         */
        CutPictureIn: {
            /** Alternative */
            alternative: string;
            box: components["schemas"]["Box"];
        };
        /**
         * CutsIn
         * @description Regions of the page as shown, in points.
         */
        CutsIn: {
            /** Boxes */
            boxes: components["schemas"]["Box"][];
        };
        /**
         * Date
         * @description As dates, or years with their era.
         */
        Date: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            by: "date";
        };
        /**
         * DeskSheet
         * @description A worksheet as it lies on the desk.
         *
         *     ``keyed`` counts the fields that have a right answer; ``thumb`` is the address of its first page's picture.
         */
        DeskSheet: {
            /**
             * Changed At
             * Format: date-time
             */
            changed_at: string;
            /** Fields */
            fields: number;
            /** Handouts */
            handouts: number;
            /**
             * Id
             * Format: uuid
             */
            id: string;
            /** Keyed */
            keyed: number;
            /** Newest Handout */
            newest_handout: string | null;
            /** Pages */
            pages: number;
            /** Thumb */
            thumb: string;
            /** Title */
            title: string;
            /** Unreadable */
            unreadable: boolean;
            /** Waiting */
            waiting: number[];
        };
        /**
         * Document
         * @description The document that is kept. Fields stand in reading order, page by page; ``keys`` names each key by its field.
         *
         *     Fixtures stand in layers, the lowest first. They stay on a page that is set aside.
         */
        Document: {
            /**
             * Aside
             * @default []
             */
            aside: components["schemas"]["Page"][];
            /**
             * Fields
             * @default []
             */
            fields: ({
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * @default one
                 * @enum {string}
                 */
                lines: "one" | "several";
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Placeholder
                 * @default
                 */
                placeholder: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Signs
                 * @default none
                 * @enum {string}
                 */
                signs: "none" | "chemistry" | "maths";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                /**
                 * Arrangement
                 * @default row
                 * @enum {string}
                 */
                arrangement: "row" | "column" | "list";
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Options */
                options: components["schemas"]["Option"][];
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Several
                 * @default false
                 */
                several: boolean;
                /**
                 * Sign
                 * @default ring
                 * @enum {string}
                 */
                sign: "tick" | "cross" | "ring";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Several
                 * @default false
                 */
                several: boolean;
                /**
                 * Sign
                 * @default tick
                 * @enum {string}
                 */
                sign: "tick" | "cross" | "ring";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /** Spots */
                spots: components["schemas"]["Spot"][];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Counted
                 * @default each
                 * @enum {string}
                 */
                counted: "each" | "all" | "pairs";
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /**
                 * Order Counts
                 * @default false
                 */
                order_counts: boolean;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /** Pieces */
                pieces: components["schemas"]["Piece"][];
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Shuffled
                 * @default true
                 */
                shuffled: boolean;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /**
                 * Slots
                 * @default []
                 */
                slots: components["schemas"]["Slot"][];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Together
                 * @default false
                 */
                together: boolean;
                /**
                 * Tray
                 * @default page
                 * @enum {string}
                 */
                tray: "page" | "beside";
                /** Working For */
                working_for?: string | null;
                /**
                 * Wrong Counts
                 * @default false
                 */
                wrong_counts: boolean;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Coloured
                 * @default false
                 */
                coloured: boolean;
                /**
                 * Curved
                 * @default false
                 */
                curved: boolean;
                /** Dots */
                dots: components["schemas"]["Dot"][];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /**
                 * One Each
                 * @default true
                 */
                one_each: boolean;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Counted
                 * @default pairs
                 * @enum {string}
                 */
                counted: "all" | "pairs";
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /** Steps */
                steps: components["schemas"]["Step"][];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                /**
                 * Bank
                 * @default []
                 */
                bank: string[];
                box: components["schemas"]["Box"];
                /**
                 * Gaps
                 * @default []
                 */
                gaps: components["schemas"]["Gap"][];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /** Passage */
                passage: components["schemas"]["Stretch"][];
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Formatted
                 * @default true
                 */
                formatted: boolean;
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /** Most Words */
                most_words?: number | null;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /**
                 * Spelling
                 * @default
                 */
                spelling: string;
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Whole Page
                 * @default false
                 */
                whole_page: boolean;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Most Seconds
                 * @default 60
                 */
                most_seconds: number;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /** Cells */
                cells: components["schemas"]["Cell"][];
                /**
                 * Columns
                 * @default []
                 */
                columns: number[];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Rows
                 * @default []
                 */
                rows: number[];
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | components["schemas"]["Plot"] | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Whole Page
                 * @default true
                 */
                whole_page: boolean;
                /** Working For */
                working_for?: string | null;
            })[];
            /**
             * Fixtures
             * @default []
             */
            fixtures: (components["schemas"]["Text"] | components["schemas"]["Line"] | components["schemas"]["Shape"] | components["schemas"]["Table"] | components["schemas"]["Grid"] | components["schemas"]["Picture"] | components["schemas"]["StudentName"])[];
            /**
             * Groups
             * @default []
             */
            groups: components["schemas"]["Group"][];
            /**
             * Instructions
             * @default {}
             */
            instructions: {
                [key: string]: components["schemas"]["Instruction"][];
            };
            /**
             * Keys
             * @default {}
             */
            keys: {
                [key: string]: {
                    /**
                     * Also
                     * @default []
                     */
                    also: string[];
                    /** Comparison */
                    comparison?: (components["schemas"]["Words"] | components["schemas"]["Number"] | components["schemas"]["Time"] | components["schemas"]["Date"] | components["schemas"]["Ratio"] | components["schemas"]["Formula"] | components["schemas"]["Expression"]) | null;
                    follows?: components["schemas"]["Follows"] | null;
                    /**
                     * Kind
                     * @default answer_box
                     * @constant
                     */
                    kind: "answer_box";
                    /**
                     * Partly
                     * @default []
                     */
                    partly: components["schemas"]["Partly"][];
                    /**
                     * Refused
                     * @default []
                     */
                    refused: components["schemas"]["Refused"][];
                    /** Text */
                    text: string;
                } | {
                    /**
                     * Kind
                     * @default choice
                     * @constant
                     */
                    kind: "choice";
                    /** Picked */
                    picked: string[];
                } | {
                    /**
                     * Kind
                     * @default tick_places
                     * @constant
                     */
                    kind: "tick_places";
                    /** Picked */
                    picked: string[];
                } | {
                    /** Arrangements */
                    arrangements: components["schemas"]["Belongs"][][];
                    /**
                     * Kind
                     * @default pieces
                     * @constant
                     */
                    kind: "pieces";
                } | {
                    /**
                     * Kind
                     * @default joins
                     * @constant
                     */
                    kind: "joins";
                    /** Lines */
                    lines: components["schemas"]["Join"][];
                } | {
                    /**
                     * Kind
                     * @default order
                     * @constant
                     */
                    kind: "order";
                    /** Sequence */
                    sequence: string[];
                } | {
                    /**
                     * Kind
                     * @default gaps
                     * @constant
                     */
                    kind: "gaps";
                    /** Right */
                    right: components["schemas"]["PartRight"][];
                } | {
                    /**
                     * All Or Nothing
                     * @default false
                     */
                    all_or_nothing: boolean;
                    /** Enough */
                    enough?: number | null;
                    /**
                     * Kind
                     * @default long_text
                     * @constant
                     */
                    kind: "long_text";
                    /**
                     * Never
                     * @default []
                     */
                    never: string[];
                    /**
                     * Wanted
                     * @default []
                     */
                    wanted: components["schemas"]["Wanted"][];
                } | {
                    /**
                     * Kind
                     * @default answer_table
                     * @constant
                     */
                    kind: "answer_table";
                    /** Right */
                    right: components["schemas"]["PartRight"][];
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
                     * Off
                     * @default 0
                     */
                    off: number;
                    /**
                     * Placed
                     * @default []
                     */
                    placed: components["schemas"]["PlotPoint"][];
                };
            };
            /** Pages */
            pages: components["schemas"]["Page"][];
            /**
             * @default {
             *       "decimal": "."
             *     }
             */
            settings: components["schemas"]["AnswerSettings"];
            /**
             * Skills
             * @default []
             */
            skills: components["schemas"]["Skill"][];
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
            /** Title */
            title: string;
            /**
             * Version
             * @default 9
             * @constant
             */
            version: 9;
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
         * DoubtOut
         * @description A question whose newest key names something that the students' sheet does not have.
         */
        DoubtOut: {
            /** Number */
            number: string;
            /** Words */
            words: string;
        };
        /**
         * Drawn
         * @description A stroke and its name.
         */
        Drawn: {
            /** Id */
            id: string;
            stroke: components["schemas"]["velum__kinds__ink__Stroke"];
        };
        /**
         * EditsIn
         * @description Edits made on ``revision``; ``batch`` tells a batch that is sent again.
         *
         *     ``version`` is that of the documents that the browser knew when they were made: they may have waited on a device
         *     while a newer release came.
         */
        EditsIn: {
            /**
             * Batch
             * Format: uuid
             */
            batch: string;
            /** Edits */
            edits: (components["schemas"]["PlaceField"] | components["schemas"]["ChangeField"] | components["schemas"]["RemoveField"] | components["schemas"]["SetKey"] | components["schemas"]["SwapPaper"] | components["schemas"]["MovePage"] | components["schemas"]["TurnPage"] | components["schemas"]["RefuseFound"] | components["schemas"]["InsertPage"] | components["schemas"]["ShowPage"] | components["schemas"]["SetPageAside"] | components["schemas"]["BringPageBack"] | components["schemas"]["ForgetPage"] | components["schemas"]["LayFixture"] | components["schemas"]["ChangeFixture"] | components["schemas"]["LayerFixture"] | components["schemas"]["RemoveFixture"] | components["schemas"]["SetSettings"] | components["schemas"]["SetGroups"] | components["schemas"]["SetStyle"] | components["schemas"]["SetInstructions"] | components["schemas"]["SetSkills"] | components["schemas"]["Rename"])[];
            /** Revision */
            revision: number;
            /**
             * Version
             * @default 2
             */
            version: number;
        };
        /**
         * EditsOut
         * @description ``order`` names the fields in reading order, which numbers them.
         */
        EditsOut: {
            /** Order */
            order: string[];
            /** Revision */
            revision: number;
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
         * Expression
         * @description As algebraic expressions, equations or inequalities.
         */
        Expression: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            by: "expression";
            /**
             * Form
             * @default any
             * @enum {string}
             */
            form: "any" | "simplified" | "factorised";
            /**
             * Same Form
             * @default false
             */
            same_form: boolean;
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
        /** FileIn */
        FileIn: {
            /** Name */
            name: string;
            /** Text */
            text: string;
        };
        /**
         * FilesOut
         * @description What students have sent as files, in bytes, and how much there may be of a handout and of a copy.
         */
        FilesOut: {
            /** Kept */
            kept: number;
            /** Most */
            most: number;
            /** Most Of A Copy */
            most_of_a_copy: number;
            /** Nearly Full */
            nearly_full: string[];
        };
        /**
         * FindingOut
         * @description Something to look at, and the fields that it is about; ``words`` says more than the code where there is more.
         */
        FindingOut: {
            /**
             * Doubt
             * @enum {string}
             */
            doubt: "nothing" | "no_key" | "doubtful_key" | "no_points" | "same_number" | "overlap" | "off_page" | "too_small";
            /** Fields */
            fields: string[];
            /** Words */
            words: string;
        };
        /**
         * FolderIn
         * @description The files of a folder that are CSV.
         */
        FolderIn: {
            /** Files */
            files: components["schemas"]["FileIn"][];
        };
        /**
         * Follows
         * @description How the right answer is worked out from earlier answers: ``2 × {id}``, with the ids of answer boxes.
         *
         *     With the right ones it is the key's; a student's own may be wrong, and what follows from them right.
         */
        Follows: {
            /**
             * Percent
             * @default 100
             */
            percent: number;
            /** Rule */
            rule: string;
        };
        /**
         * ForgetPage
         * @description Forget a page set aside, of which there is another copy.
         */
        ForgetPage: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "forget_page";
            /** Page Id */
            page_id: string;
        };
        /**
         * Formula
         * @description As chemical formulas or equations.
         */
        Formula: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            by: "formula";
            /**
             * States
             * @default ignored
             * @enum {string}
             */
            states: "ignored" | "asked";
        };
        /**
         * FoundOut
         * @description The fields that are proposed for a page; None: where students answer on it is not known yet.
         */
        FoundOut: {
            /**
             * Banks
             * @default []
             */
            banks: components["schemas"]["WordBank"][];
            /**
             * Names
             * @default []
             */
            names: components["schemas"]["Box"][];
            /** Page */
            page: string;
            /** Proposals */
            proposals: components["schemas"]["Proposed"][] | null;
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
         * Group
         * @description Fields that are marked together, each of them in no other group.
         */
        Group: {
            /**
             * All Or Nothing
             * @default false
             */
            all_or_nothing: boolean;
            /**
             * Any Order
             * @default false
             */
            any_order: boolean;
            /** Fields */
            fields: string[];
            /** Id */
            id: string;
            /** Points */
            points?: number | null;
        };
        /**
         * Guides
         * @description ``text`` are pieces of rows, down to the line on which their letters stand; ``across`` and ``down`` are ruled
         *     lines; ``blanks`` are what can be written in, also where nothing is offered.
         */
        Guides: {
            /**
             * Across
             * @default []
             */
            across: number[][];
            /**
             * Blanks
             * @default []
             */
            blanks: number[][];
            /**
             * Down
             * @default []
             */
            down: number[][];
            /**
             * Text
             * @default []
             */
            text: number[][];
        };
        /**
         * GuidesOut
         * @description What is printed on a page, to bring fields in line with; None: it is not known yet.
         */
        GuidesOut: {
            guides: components["schemas"]["Guides"] | null;
        };
        /**
         * HandedToOut
         * @description The class that a handout is to; ``some``: to how many of its students, None: to all.
         */
        HandedToOut: {
            /**
             * Id
             * Format: uuid
             */
            id: string;
            /** Name */
            name: string;
            names: components["schemas"]["Names"];
            /** Some */
            some: number | null;
        };
        /**
         * HandOutIn
         * @description To whom a worksheet is handed out: a handout is made for each class, and one for ``guests``.
         */
        HandOutIn: {
            /**
             * Classes
             * @default []
             */
            classes: components["schemas"]["ToClassIn"][];
            /**
             * Guests
             * @default false
             */
            guests: boolean;
            /**
             * @default {
             *       "message": "",
             *       "open": true,
             *       "opens_at": null,
             *       "due_at": null,
             *       "takes_late": true,
             *       "closes_at": null,
             *       "minutes": null,
             *       "may_check": false,
             *       "tries_allowed": null,
             *       "try_cost": 0,
             *       "shows_reasons": false,
             *       "shows_hints": true
             *     }
             */
            settings: components["schemas"]["HandoutSettings"];
        };
        /**
         * HandoutOut
         * @description ``link`` is the whole address that students open, ``code`` what they type instead.
         */
        HandoutOut: {
            /** Closes At */
            closes_at: string | null;
            /** Code */
            code: string;
            /**
             * Created At
             * Format: date-time
             */
            created_at: string;
            /** Due At */
            due_at: string | null;
            /** Edition Is Newest */
            edition_is_newest: boolean;
            /**
             * Id
             * Format: uuid
             */
            id: string;
            /** Link */
            link: string;
            /** May Check */
            may_check: boolean;
            /** Message */
            message: string;
            /** Minutes */
            minutes: number | null;
            /** Open */
            open: boolean;
            /** Opens At */
            opens_at: string | null;
            right: components["schemas"]["Right"];
            /** Shows Hints */
            shows_hints: boolean;
            /** Shows Reasons */
            shows_reasons: boolean;
            /** Takes Late */
            takes_late: boolean;
            /** Title */
            title: string;
            to_class: components["schemas"]["HandedToOut"] | null;
            /** Tries Allowed */
            tries_allowed: number | null;
            /** Try Cost */
            try_cost: number;
            /**
             * Worksheet
             * Format: uuid
             */
            worksheet: string;
        };
        /**
         * HandoutSettings
         * @description A setting that is left out stays as it is. ``try_cost`` is in hundredths of a field's points.
         */
        HandoutSettings: {
            /** Closes At */
            closes_at?: string | null;
            /** Due At */
            due_at?: string | null;
            /**
             * May Check
             * @default false
             */
            may_check: boolean;
            /**
             * Message
             * @default
             */
            message: string;
            /** Minutes */
            minutes?: number | null;
            /**
             * Open
             * @default true
             */
            open: boolean;
            /** Opens At */
            opens_at?: string | null;
            /**
             * Shows Hints
             * @default true
             */
            shows_hints: boolean;
            /**
             * Shows Reasons
             * @default false
             */
            shows_reasons: boolean;
            /**
             * Takes Late
             * @default true
             */
            takes_late: boolean;
            /** Tries Allowed */
            tries_allowed?: number | null;
            /**
             * Try Cost
             * @default 0
             */
            try_cost: number;
        };
        /**
         * HelpUseOut
         * @description A help that a student asked for.
         */
        HelpUseOut: {
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** Cost */
            cost: number;
            /** Field Id */
            field_id: string;
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
         * InsertPage
         * @description Put in a page of a file that the worksheet has already: a double, or a region cut out.
         */
        InsertPage: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "insert_page";
            page: components["schemas"]["Page"];
            /** To */
            to: number;
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
        /** InvitationIn */
        InvitationIn: {
            /** Email */
            email: string;
            /**
             * Role
             * @enum {string}
             */
            role: "marks" | "looks";
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
         * LayerFixture
         * @description Move a fixture to another layer, counted from 0, the lowest.
         */
        LayerFixture: {
            /** Fixture Id */
            fixture_id: string;
            /** Layer */
            layer: number;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "layer_fixture";
        };
        /**
         * LayFixture
         * @description Lay a new fixture on a page, in a layer counted from 0, the lowest; None: above all others.
         */
        LayFixture: {
            /** Fixture */
            fixture: components["schemas"]["Text"] | components["schemas"]["Line"] | components["schemas"]["Shape"] | components["schemas"]["Table"] | components["schemas"]["Grid"] | components["schemas"]["Picture"] | components["schemas"]["StudentName"];
            /** Layer */
            layer?: number | null;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "lay_fixture";
        };
        /** LeftOutRowOut */
        LeftOutRowOut: {
            /** Row */
            row: number;
            /** Text */
            text: string;
            /** Why */
            why: string;
        };
        /** LibraryPictureIn */
        LibraryPictureIn: {
            /** Alternative */
            alternative: string;
            /** Name */
            name: string;
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
         * MarkOut
         * @description A mark as it is shown: ``earned`` and ``points`` are rounded for reading; ``most`` is what it may earn.
         */
        MarkOut: {
            /** Earned */
            earned: string;
            /** Field Id */
            field_id: string;
            /** Helped */
            helped: number;
            /** Most */
            most: number;
            /** Overruled */
            overruled: boolean;
            /** Part */
            part: string;
            /** Points */
            points: string;
            /** Reason */
            reason: string;
            /** Tries */
            tries: number;
            verdict: components["schemas"]["Verdict"];
        };
        /**
         * Match
         * @description A field, the text that was found for it, and the key that it makes; None: the text fits no answer there.
         */
        Match: {
            /** Field Id */
            field_id: string;
            /** Key */
            key: ({
                /**
                 * Also
                 * @default []
                 */
                also: string[];
                /** Comparison */
                comparison?: (components["schemas"]["Words"] | components["schemas"]["Number"] | components["schemas"]["Time"] | components["schemas"]["Date"] | components["schemas"]["Ratio"] | components["schemas"]["Formula"] | components["schemas"]["Expression"]) | null;
                follows?: components["schemas"]["Follows"] | null;
                /**
                 * Kind
                 * @default answer_box
                 * @constant
                 */
                kind: "answer_box";
                /**
                 * Partly
                 * @default []
                 */
                partly: components["schemas"]["Partly"][];
                /**
                 * Refused
                 * @default []
                 */
                refused: components["schemas"]["Refused"][];
                /** Text */
                text: string;
            } | {
                /**
                 * Kind
                 * @default choice
                 * @constant
                 */
                kind: "choice";
                /** Picked */
                picked: string[];
            } | {
                /**
                 * Kind
                 * @default tick_places
                 * @constant
                 */
                kind: "tick_places";
                /** Picked */
                picked: string[];
            } | {
                /** Arrangements */
                arrangements: components["schemas"]["Belongs"][][];
                /**
                 * Kind
                 * @default pieces
                 * @constant
                 */
                kind: "pieces";
            } | {
                /**
                 * Kind
                 * @default joins
                 * @constant
                 */
                kind: "joins";
                /** Lines */
                lines: components["schemas"]["Join"][];
            } | {
                /**
                 * Kind
                 * @default order
                 * @constant
                 */
                kind: "order";
                /** Sequence */
                sequence: string[];
            } | {
                /**
                 * Kind
                 * @default gaps
                 * @constant
                 */
                kind: "gaps";
                /** Right */
                right: components["schemas"]["PartRight"][];
            } | {
                /**
                 * All Or Nothing
                 * @default false
                 */
                all_or_nothing: boolean;
                /** Enough */
                enough?: number | null;
                /**
                 * Kind
                 * @default long_text
                 * @constant
                 */
                kind: "long_text";
                /**
                 * Never
                 * @default []
                 */
                never: string[];
                /**
                 * Wanted
                 * @default []
                 */
                wanted: components["schemas"]["Wanted"][];
            } | {
                /**
                 * Kind
                 * @default answer_table
                 * @constant
                 */
                kind: "answer_table";
                /** Right */
                right: components["schemas"]["PartRight"][];
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
                 * Off
                 * @default 0
                 */
                off: number;
                /**
                 * Placed
                 * @default []
                 */
                placed: components["schemas"]["PlotPoint"][];
            }) | null;
            /** Number */
            number: string;
            /** Part */
            part: string;
            /** Text */
            text: string;
        };
        /**
         * MeaningOut
         * @description What settings would mean for those who have begun: how many they are, how many of them could not go on, and how
         *     many would have less time than now, or more.
         */
        MeaningOut: {
            /** Begun */
            begun: number;
            /** Ended */
            ended: number;
            /** Less */
            less: number;
            /** More */
            more: number;
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
         * MovePage
         * @description Move a page to a place among the others, counted from 0.
         */
        MovePage: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "move_page";
            /** Page Id */
            page_id: string;
            /** To */
            to: number;
        };
        /**
         * Names
         * @description How names are shown.
         * @enum {string}
         */
        Names: "full" | "first" | "initials" | "trees" | "stars";
        /**
         * NewKeyOut
         * @description How many marks are others by the new key, and the results as they are now.
         */
        NewKeyOut: {
            /** Changed */
            changed: number;
            results: components["schemas"]["ResultsOut"];
        };
        /**
         * NewKeyPreviewOut
         * @description The numbers of questions whose right answer is another by the newest key, and what is doubtful of it.
         */
        NewKeyPreviewOut: {
            /** Changed */
            changed: string[];
            /** Doubtful */
            doubtful: components["schemas"]["DoubtOut"][];
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
         * Number
         * @description By value.
         */
        Number: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            by: "number";
            /** Decimal */
            decimal?: ("." | ",") | null;
            /**
             * Form
             * @default any
             * @enum {string}
             */
            form: "any" | "mixed" | "standard";
            /**
             * Lowest Terms
             * @default false
             */
            lowest_terms: boolean;
            /** Tolerance */
            tolerance?: (components["schemas"]["Within"] | components["schemas"]["Between"] | components["schemas"]["Rounded"]) | null;
            /**
             * Unit
             * @default asked
             * @enum {string}
             */
            unit: "asked" | "half" | "optional" | "ignored";
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
         * OverruleIn
         * @description ``earned`` in points, or a share of the part's; None goes back to the machine's mark.
         */
        OverruleIn: {
            /** Earned */
            earned: number | ("half" | "all") | null;
            /** Field Id */
            field_id: string;
            /**
             * Note
             * @default
             */
            note: string;
            /**
             * Part
             * @default
             */
            part: string;
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
         * PagePicture
         * @description Whether a page can be shown, and what was found out about it.
         */
        PagePicture: {
            /** Dots */
            dots: number | null;
            /** Look */
            look: string;
            /** Page */
            page: string;
            proposal: components["schemas"]["Proposal"] | null;
            /**
             * State
             * @enum {string}
             */
            state: "ready" | "waiting" | "failed";
            /** Surveyed */
            surveyed: boolean;
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
         * Partly
         * @description An answer that is accepted, and worth a part of the points.
         */
        Partly: {
            /** Percent */
            percent: number;
            /** Text */
            text: string;
        };
        /**
         * PartRight
         * @description What is right in a part.
         */
        PartRight: {
            /**
             * Also
             * @default []
             */
            also: string[];
            /** Comparison */
            comparison?: (components["schemas"]["Words"] | components["schemas"]["Number"] | components["schemas"]["Time"] | components["schemas"]["Date"] | components["schemas"]["Ratio"] | components["schemas"]["Formula"] | components["schemas"]["Expression"]) | null;
            /** Part */
            part: string;
            /**
             * Partly
             * @default []
             */
            partly: components["schemas"]["Partly"][];
            /**
             * Refused
             * @default []
             */
            refused: components["schemas"]["Refused"][];
            /** Text */
            text: string;
        };
        /**
         * Pasted
         * @description What was found for which field, in the order of the fields, and what is left over.
         */
        Pasted: {
            /** Left Over */
            left_over: string[];
            /** Matches */
            matches: components["schemas"]["Match"][];
        };
        /**
         * PastedIn
         * @description ``start`` is the field where a key without numbers begins; None: the first.
         */
        PastedIn: {
            /** Start */
            start?: string | null;
            /** Text */
            text: string;
        };
        /**
         * Pattern
         * @enum {string}
         */
        Pattern: "plain" | "ruled" | "squared" | "dotted";
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
         * PictureOut
         * @description A picture that can be laid on a page; its size is in CSS pixels.
         */
        PictureOut: {
            /** Alternative */
            alternative: string;
            /** Height */
            height: number;
            /** Picture */
            picture: string;
            /** Width */
            width: number;
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
         * PlaceField
         * @description Lay a new field on the film.
         */
        PlaceField: {
            /** Field */
            field: {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * @default one
                 * @enum {string}
                 */
                lines: "one" | "several";
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Placeholder
                 * @default
                 */
                placeholder: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Signs
                 * @default none
                 * @enum {string}
                 */
                signs: "none" | "chemistry" | "maths";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                /**
                 * Arrangement
                 * @default row
                 * @enum {string}
                 */
                arrangement: "row" | "column" | "list";
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Options */
                options: components["schemas"]["Option"][];
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Several
                 * @default false
                 */
                several: boolean;
                /**
                 * Sign
                 * @default ring
                 * @enum {string}
                 */
                sign: "tick" | "cross" | "ring";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Several
                 * @default false
                 */
                several: boolean;
                /**
                 * Sign
                 * @default tick
                 * @enum {string}
                 */
                sign: "tick" | "cross" | "ring";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /** Spots */
                spots: components["schemas"]["Spot"][];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Counted
                 * @default each
                 * @enum {string}
                 */
                counted: "each" | "all" | "pairs";
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /**
                 * Order Counts
                 * @default false
                 */
                order_counts: boolean;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /** Pieces */
                pieces: components["schemas"]["Piece"][];
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Shuffled
                 * @default true
                 */
                shuffled: boolean;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /**
                 * Slots
                 * @default []
                 */
                slots: components["schemas"]["Slot"][];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Together
                 * @default false
                 */
                together: boolean;
                /**
                 * Tray
                 * @default page
                 * @enum {string}
                 */
                tray: "page" | "beside";
                /** Working For */
                working_for?: string | null;
                /**
                 * Wrong Counts
                 * @default false
                 */
                wrong_counts: boolean;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Coloured
                 * @default false
                 */
                coloured: boolean;
                /**
                 * Curved
                 * @default false
                 */
                curved: boolean;
                /** Dots */
                dots: components["schemas"]["Dot"][];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /**
                 * One Each
                 * @default true
                 */
                one_each: boolean;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Counted
                 * @default pairs
                 * @enum {string}
                 */
                counted: "all" | "pairs";
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /** Steps */
                steps: components["schemas"]["Step"][];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                /**
                 * Bank
                 * @default []
                 */
                bank: string[];
                box: components["schemas"]["Box"];
                /**
                 * Gaps
                 * @default []
                 */
                gaps: components["schemas"]["Gap"][];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /** Passage */
                passage: components["schemas"]["Stretch"][];
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Formatted
                 * @default true
                 */
                formatted: boolean;
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /** Most Words */
                most_words?: number | null;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /**
                 * Spelling
                 * @default
                 */
                spelling: string;
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Whole Page
                 * @default false
                 */
                whole_page: boolean;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Most Seconds
                 * @default 60
                 */
                most_seconds: number;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /** Cells */
                cells: components["schemas"]["Cell"][];
                /**
                 * Columns
                 * @default []
                 */
                columns: number[];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Rows
                 * @default []
                 */
                rows: number[];
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | components["schemas"]["Plot"] | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Whole Page
                 * @default true
                 */
                whole_page: boolean;
                /** Working For */
                working_for?: string | null;
            };
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "place";
        };
        /** Plot */
        Plot: {
            across: components["schemas"]["Scale"];
            /**
             * Asked
             * @default points
             * @enum {string}
             */
            asked: "points" | "intervals" | "line";
            box: components["schemas"]["Box"];
            /**
             * Help
             * @default []
             */
            help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
            /**
             * Hint
             * @default
             */
            hint: string;
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
            /**
             * Lettered
             * @default false
             */
            lettered: boolean;
            /**
             * Locked
             * @default false
             */
            locked: boolean;
            /**
             * Most
             * @default 1
             */
            most: number;
            /**
             * Name
             * @default
             */
            name: string;
            /**
             * Number
             * @default
             */
            number: string;
            /** Page */
            page: string;
            /**
             * Part Marks
             * @default true
             */
            part_marks: boolean;
            /**
             * Points
             * @default 1
             */
            points: number;
            /**
             * Read Out
             * @default true
             */
            read_out: boolean;
            /**
             * Skills
             * @default []
             */
            skills: string[];
            style?: components["schemas"]["Style"] | null;
            up?: components["schemas"]["Scale"] | null;
            /** Working For */
            working_for?: string | null;
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
         * Proposal
         * @description How a page would be better shown: as ``Shown`` in the document, with the turn beside it.
         */
        Proposal: {
            /** Corners */
            corners: components["schemas"]["Point"][] | null;
            /** Height */
            height: number;
            /** Skew */
            skew: number;
            /**
             * Turn
             * @enum {integer}
             */
            turn: 0 | 90 | 180 | 270;
            /** Whiten */
            whiten: boolean;
            /** Width */
            width: number;
        };
        /**
         * Proposed
         * @description A field that may be laid on a page, and where on the page of its file it was found.
         *
         *     Its id is the same each time that the page is read.
         */
        Proposed: {
            /** Confidence */
            confidence: number;
            /** Field */
            field: {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * @default one
                 * @enum {string}
                 */
                lines: "one" | "several";
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Placeholder
                 * @default
                 */
                placeholder: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Signs
                 * @default none
                 * @enum {string}
                 */
                signs: "none" | "chemistry" | "maths";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                /**
                 * Arrangement
                 * @default row
                 * @enum {string}
                 */
                arrangement: "row" | "column" | "list";
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Options */
                options: components["schemas"]["Option"][];
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Several
                 * @default false
                 */
                several: boolean;
                /**
                 * Sign
                 * @default ring
                 * @enum {string}
                 */
                sign: "tick" | "cross" | "ring";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Several
                 * @default false
                 */
                several: boolean;
                /**
                 * Sign
                 * @default tick
                 * @enum {string}
                 */
                sign: "tick" | "cross" | "ring";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /** Spots */
                spots: components["schemas"]["Spot"][];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Counted
                 * @default each
                 * @enum {string}
                 */
                counted: "each" | "all" | "pairs";
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /**
                 * Order Counts
                 * @default false
                 */
                order_counts: boolean;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /** Pieces */
                pieces: components["schemas"]["Piece"][];
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Shuffled
                 * @default true
                 */
                shuffled: boolean;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /**
                 * Slots
                 * @default []
                 */
                slots: components["schemas"]["Slot"][];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Together
                 * @default false
                 */
                together: boolean;
                /**
                 * Tray
                 * @default page
                 * @enum {string}
                 */
                tray: "page" | "beside";
                /** Working For */
                working_for?: string | null;
                /**
                 * Wrong Counts
                 * @default false
                 */
                wrong_counts: boolean;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Coloured
                 * @default false
                 */
                coloured: boolean;
                /**
                 * Curved
                 * @default false
                 */
                curved: boolean;
                /** Dots */
                dots: components["schemas"]["Dot"][];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /**
                 * One Each
                 * @default true
                 */
                one_each: boolean;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Counted
                 * @default pairs
                 * @enum {string}
                 */
                counted: "all" | "pairs";
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /** Steps */
                steps: components["schemas"]["Step"][];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                /**
                 * Bank
                 * @default []
                 */
                bank: string[];
                box: components["schemas"]["Box"];
                /**
                 * Gaps
                 * @default []
                 */
                gaps: components["schemas"]["Gap"][];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /** Passage */
                passage: components["schemas"]["Stretch"][];
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Formatted
                 * @default true
                 */
                formatted: boolean;
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /** Most Words */
                most_words?: number | null;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /**
                 * Spelling
                 * @default
                 */
                spelling: string;
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Whole Page
                 * @default false
                 */
                whole_page: boolean;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Most Seconds
                 * @default 60
                 */
                most_seconds: number;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /** Cells */
                cells: components["schemas"]["Cell"][];
                /**
                 * Columns
                 * @default []
                 */
                columns: number[];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Rows
                 * @default []
                 */
                rows: number[];
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | components["schemas"]["Plot"] | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Whole Page
                 * @default true
                 */
                whole_page: boolean;
                /** Working For */
                working_for?: string | null;
            };
            source: components["schemas"]["Box"];
        };
        /** QuestionOut */
        QuestionOut: {
            /** Field Id */
            field_id: string;
            /** Number */
            number: string;
            /** Part */
            part: string;
        };
        /**
         * Ratio
         * @description As ratios such as 3:4; 6:8 is the same unless lowest terms are asked for.
         */
        Ratio: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            by: "ratio";
            /**
             * Lowest Terms
             * @default false
             */
            lowest_terms: boolean;
        };
        /**
         * ReadyPageIn
         * @description Sides in points.
         */
        ReadyPageIn: {
            /**
             * Design
             * @enum {string}
             */
            design: "table" | "circles" | "axes" | "number_line" | "words" | "story" | "experiment" | "before_and_after";
            /** Height */
            height: number;
            /** Width */
            width: number;
        };
        /**
         * Refused
         * @description An answer that is to be expected and is not right, or not wholly.
         */
        Refused: {
            /**
             * Percent
             * @default 0
             */
            percent: number;
            /**
             * Says
             * @default
             */
            says: string;
            /** Text */
            text: string;
        };
        /**
         * RefuseFound
         * @description Say what of all that is found on a page is not wanted: places on the page of its file.
         */
        RefuseFound: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "refuse_found";
            /** Page Id */
            page_id: string;
            /** Refused */
            refused: components["schemas"]["Box"][];
        };
        /**
         * Region
         * @description A part of a loose slot, in shares of it.
         */
        Region: {
            /** Height */
            height: number;
            /**
             * Shape
             * @default box
             * @enum {string}
             */
            shape: "box" | "ellipse";
            /** Width */
            width: number;
            /** X */
            x: number;
            /** Y */
            y: number;
        };
        /**
         * RemoveField
         * @description Take a field off the film, and its key with it.
         */
        RemoveField: {
            /** Field Id */
            field_id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "remove";
        };
        /**
         * RemoveFixture
         * @description Take a fixture off its page.
         */
        RemoveFixture: {
            /** Fixture Id */
            fixture_id: string;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "remove_fixture";
        };
        /** Rename */
        Rename: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "rename";
            /** Title */
            title: string;
        };
        /** RenamedOut */
        RenamedOut: {
            /** Now */
            now: string;
            /** Was */
            was: string;
        };
        /**
         * Replacement
         * @description What becomes of what lies on a page on its new printing: what moves along, and the fields that need a look.
         */
        Replacement: {
            /** Doubtful */
            doubtful: string[];
            /** Down */
            down: number;
            /** Fields */
            fields: ({
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * @default one
                 * @enum {string}
                 */
                lines: "one" | "several";
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Placeholder
                 * @default
                 */
                placeholder: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Signs
                 * @default none
                 * @enum {string}
                 */
                signs: "none" | "chemistry" | "maths";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                /**
                 * Arrangement
                 * @default row
                 * @enum {string}
                 */
                arrangement: "row" | "column" | "list";
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Options */
                options: components["schemas"]["Option"][];
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Several
                 * @default false
                 */
                several: boolean;
                /**
                 * Sign
                 * @default ring
                 * @enum {string}
                 */
                sign: "tick" | "cross" | "ring";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Several
                 * @default false
                 */
                several: boolean;
                /**
                 * Sign
                 * @default tick
                 * @enum {string}
                 */
                sign: "tick" | "cross" | "ring";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /** Spots */
                spots: components["schemas"]["Spot"][];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Counted
                 * @default each
                 * @enum {string}
                 */
                counted: "each" | "all" | "pairs";
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /**
                 * Order Counts
                 * @default false
                 */
                order_counts: boolean;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /** Pieces */
                pieces: components["schemas"]["Piece"][];
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Shuffled
                 * @default true
                 */
                shuffled: boolean;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /**
                 * Slots
                 * @default []
                 */
                slots: components["schemas"]["Slot"][];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Together
                 * @default false
                 */
                together: boolean;
                /**
                 * Tray
                 * @default page
                 * @enum {string}
                 */
                tray: "page" | "beside";
                /** Working For */
                working_for?: string | null;
                /**
                 * Wrong Counts
                 * @default false
                 */
                wrong_counts: boolean;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Coloured
                 * @default false
                 */
                coloured: boolean;
                /**
                 * Curved
                 * @default false
                 */
                curved: boolean;
                /** Dots */
                dots: components["schemas"]["Dot"][];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /**
                 * One Each
                 * @default true
                 */
                one_each: boolean;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Counted
                 * @default pairs
                 * @enum {string}
                 */
                counted: "all" | "pairs";
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /** Steps */
                steps: components["schemas"]["Step"][];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                /**
                 * Bank
                 * @default []
                 */
                bank: string[];
                box: components["schemas"]["Box"];
                /**
                 * Gaps
                 * @default []
                 */
                gaps: components["schemas"]["Gap"][];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /** Passage */
                passage: components["schemas"]["Stretch"][];
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Formatted
                 * @default true
                 */
                formatted: boolean;
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /** Most Words */
                most_words?: number | null;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /**
                 * Spelling
                 * @default
                 */
                spelling: string;
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Whole Page
                 * @default false
                 */
                whole_page: boolean;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Most Seconds
                 * @default 60
                 */
                most_seconds: number;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /** Cells */
                cells: components["schemas"]["Cell"][];
                /**
                 * Columns
                 * @default []
                 */
                columns: number[];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Rows
                 * @default []
                 */
                rows: number[];
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | components["schemas"]["Plot"] | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Whole Page
                 * @default true
                 */
                whole_page: boolean;
                /** Working For */
                working_for?: string | null;
            })[];
            /** Fixtures */
            fixtures: (components["schemas"]["Text"] | components["schemas"]["Line"] | components["schemas"]["Shape"] | components["schemas"]["Table"] | components["schemas"]["Grid"] | components["schemas"]["Picture"] | components["schemas"]["StudentName"])[];
            /** Right */
            right: number;
        };
        /**
         * ReplacementIn
         * @description The page set aside whose paper is to be shown.
         */
        ReplacementIn: {
            /** With Id */
            with_id: string;
        };
        /**
         * ResultsOut
         * @description A handout, the parts that are worth points in order, and a row for each copy.
         *
         *     ``opinions`` are the numbers of the other parts.
         */
        ResultsOut: {
            /** Awaited */
            awaited: components["schemas"]["AwaitedOut"][];
            files: components["schemas"]["FilesOut"] | null;
            handout: components["schemas"]["HandoutOut"];
            /** Key Is Newest */
            key_is_newest: boolean;
            /**
             * Now
             * Format: date-time
             */
            now: string;
            /** Number */
            number: number;
            /** Opinions */
            opinions: string[];
            /** Points */
            points: string;
            /** Questions */
            questions: components["schemas"]["QuestionOut"][];
            /** Rows */
            rows: components["schemas"]["CopyRow"][];
        };
        /**
         * ReviewOut
         * @description A copy as its student left it, with the key and the marks.
         */
        ReviewOut: {
            /** Answers */
            answers: components["schemas"]["AnswerOut"][];
            document: components["schemas"]["Document"];
            /**
             * Handout
             * Format: uuid
             */
            handout: string;
            /** Help */
            help: components["schemas"]["HelpUseOut"][];
            /** Late */
            late: components["schemas"]["AnswerOut"][];
            /** Next */
            next: string | null;
            /** Points */
            points: string;
            /** Previous */
            previous: string | null;
            /** Record */
            record: components["schemas"]["RulingOut"][];
            /** Return Code */
            return_code: string | null;
            right: components["schemas"]["Right"];
            row: components["schemas"]["CopyRow"];
        };
        /**
         * Right
         * @description What somebody wants to do. Each holds those before it.
         * @enum {string}
         */
        Right: "look" | "mark" | "own";
        /**
         * Role
         * @description What a teacher is to a class.
         * @enum {string}
         */
        Role: "owns" | "marks" | "looks";
        /** RosterDoubtOut */
        RosterDoubtOut: {
            /** Student */
            student: number;
            /** Why */
            why: string;
        };
        /**
         * RosterIn
         * @description Who is in a class; ``take_out``: whoever is not named leaves it.
         */
        RosterIn: {
            /** Students */
            students: components["schemas"]["Student"][];
            /**
             * Take Out
             * @default false
             */
            take_out: boolean;
        };
        /**
         * RosterMeaningOut
         * @description What a roster changes in a class.
         */
        RosterMeaningOut: {
            /** Changed */
            changed: components["schemas"]["RenamedOut"][];
            /** Joining */
            joining: string[];
            /** Missing */
            missing: string[];
            /** New */
            new: string[];
            /** Same */
            same: number;
        };
        /**
         * RosterOut
         * @description What was read of a list: nothing is taken yet.
         */
        RosterOut: {
            /** Doubts */
            doubts: components["schemas"]["RosterDoubtOut"][];
            /** Left Out */
            left_out: components["schemas"]["LeftOutRowOut"][];
            /** Source */
            source: string;
            /** Students */
            students: components["schemas"]["Student"][];
            /** Title */
            title: string;
        };
        /**
         * Rounded
         * @description The right number, rounded to decimal places or to significant figures.
         */
        Rounded: {
            /** Digits */
            digits: number;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            rule: "rounded";
            /**
             * To
             * @default places
             * @enum {string}
             */
            to: "places" | "figures";
        };
        /**
         * RulingOut
         * @description An entry of the record: who decided what, when. ``earned`` is None where it went back to the machine's mark.
         */
        RulingOut: {
            /**
             * At
             * Format: date-time
             */
            at: string;
            /** By */
            by: string;
            /** Earned */
            earned: string | null;
            /** Field Id */
            field_id: string;
            /** Note */
            note: string;
            /** Part */
            part: string;
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
         * SetGroups
         * @description Say which fields are marked together; what was said before no longer holds.
         */
        SetGroups: {
            /** Groups */
            groups: components["schemas"]["Group"][];
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "set_groups";
        };
        /**
         * SetInstructions
         * @description Say what a page asks for, or, without one, the worksheet itself; what was said before no longer holds.
         */
        SetInstructions: {
            /** Instructions */
            instructions: components["schemas"]["Instruction"][];
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "set_instructions";
            /** Page Id */
            page_id?: string | null;
        };
        /**
         * SetKey
         * @description Set the right answer of a field, or take it away (None).
         */
        SetKey: {
            /** Field Id */
            field_id: string;
            /** Key */
            key: ({
                /**
                 * Also
                 * @default []
                 */
                also: string[];
                /** Comparison */
                comparison?: (components["schemas"]["Words"] | components["schemas"]["Number"] | components["schemas"]["Time"] | components["schemas"]["Date"] | components["schemas"]["Ratio"] | components["schemas"]["Formula"] | components["schemas"]["Expression"]) | null;
                follows?: components["schemas"]["Follows"] | null;
                /**
                 * Kind
                 * @default answer_box
                 * @constant
                 */
                kind: "answer_box";
                /**
                 * Partly
                 * @default []
                 */
                partly: components["schemas"]["Partly"][];
                /**
                 * Refused
                 * @default []
                 */
                refused: components["schemas"]["Refused"][];
                /** Text */
                text: string;
            } | {
                /**
                 * Kind
                 * @default choice
                 * @constant
                 */
                kind: "choice";
                /** Picked */
                picked: string[];
            } | {
                /**
                 * Kind
                 * @default tick_places
                 * @constant
                 */
                kind: "tick_places";
                /** Picked */
                picked: string[];
            } | {
                /** Arrangements */
                arrangements: components["schemas"]["Belongs"][][];
                /**
                 * Kind
                 * @default pieces
                 * @constant
                 */
                kind: "pieces";
            } | {
                /**
                 * Kind
                 * @default joins
                 * @constant
                 */
                kind: "joins";
                /** Lines */
                lines: components["schemas"]["Join"][];
            } | {
                /**
                 * Kind
                 * @default order
                 * @constant
                 */
                kind: "order";
                /** Sequence */
                sequence: string[];
            } | {
                /**
                 * Kind
                 * @default gaps
                 * @constant
                 */
                kind: "gaps";
                /** Right */
                right: components["schemas"]["PartRight"][];
            } | {
                /**
                 * All Or Nothing
                 * @default false
                 */
                all_or_nothing: boolean;
                /** Enough */
                enough?: number | null;
                /**
                 * Kind
                 * @default long_text
                 * @constant
                 */
                kind: "long_text";
                /**
                 * Never
                 * @default []
                 */
                never: string[];
                /**
                 * Wanted
                 * @default []
                 */
                wanted: components["schemas"]["Wanted"][];
            } | {
                /**
                 * Kind
                 * @default answer_table
                 * @constant
                 */
                kind: "answer_table";
                /** Right */
                right: components["schemas"]["PartRight"][];
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
                 * Off
                 * @default 0
                 */
                off: number;
                /**
                 * Placed
                 * @default []
                 */
                placed: components["schemas"]["PlotPoint"][];
            }) | null;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "set_key";
        };
        /**
         * SetPageAside
         * @description Take a page on which nothing lies out of the worksheet, and keep it.
         */
        SetPageAside: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "set_page_aside";
            /** Page Id */
            page_id: string;
        };
        /**
         * SetSettings
         * @description Settle how answers are read.
         */
        SetSettings: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "set_settings";
            settings: components["schemas"]["AnswerSettings"];
        };
        /**
         * SetSkills
         * @description Settle what is practised on the worksheet.
         */
        SetSkills: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "set_skills";
            /** Skills */
            skills: components["schemas"]["Skill"][];
        };
        /**
         * SetStyle
         * @description Settle how fields look that have no style of their own.
         */
        SetStyle: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "set_style";
            style: components["schemas"]["Style"];
        };
        /**
         * Settled
         * @description What the teacher settled about a part that is a question of its own.
         */
        Settled: {
            /**
             * Hint
             * @default
             */
            hint: string;
            /**
             * Number
             * @default
             */
            number: string;
            /**
             * Points
             * @default 1
             */
            points: number;
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
         * Shown
         * @description What part of a file's page is shown, and how, before it is turned; width and height in points.
         */
        Shown: {
            /** Corners */
            corners?: components["schemas"]["Point"][] | null;
            /** Height */
            height: number;
            /**
             * Whiten
             * @default false
             */
            whiten: boolean;
            /** Width */
            width: number;
        };
        /**
         * ShowPage
         * @description Show a page flattened or as it is, whitened or not.
         */
        ShowPage: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "show_page";
            /** Page Id */
            page_id: string;
            shown: components["schemas"]["Shown"];
        };
        /** Skill */
        Skill: {
            /** Id */
            id: string;
            /** Name */
            name: string;
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
         * SoundOut
         * @description A sound by its SHA-256.
         */
        SoundOut: {
            /** Media Type */
            media_type: string;
            /** Size */
            size: number;
            /** Sound */
            sound: string;
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
         * StaleOut
         * @description The worksheet as somebody else left it, and the edits that came too late, as this release reads them.
         */
        StaleOut: {
            /** Code */
            code: string;
            /** Edits */
            edits: (components["schemas"]["PlaceField"] | components["schemas"]["ChangeField"] | components["schemas"]["RemoveField"] | components["schemas"]["SetKey"] | components["schemas"]["SwapPaper"] | components["schemas"]["MovePage"] | components["schemas"]["TurnPage"] | components["schemas"]["RefuseFound"] | components["schemas"]["InsertPage"] | components["schemas"]["ShowPage"] | components["schemas"]["SetPageAside"] | components["schemas"]["BringPageBack"] | components["schemas"]["ForgetPage"] | components["schemas"]["LayFixture"] | components["schemas"]["ChangeFixture"] | components["schemas"]["LayerFixture"] | components["schemas"]["RemoveFixture"] | components["schemas"]["SetSettings"] | components["schemas"]["SetGroups"] | components["schemas"]["SetStyle"] | components["schemas"]["SetInstructions"] | components["schemas"]["SetSkills"] | components["schemas"]["Rename"])[];
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
            worksheet: components["schemas"]["WorksheetOut"];
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
         * Straightened
         * @description How a page is to be shown, and what then lies elsewhere on it.
         */
        Straightened: {
            /** Fields */
            fields: ({
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * @default one
                 * @enum {string}
                 */
                lines: "one" | "several";
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Placeholder
                 * @default
                 */
                placeholder: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Signs
                 * @default none
                 * @enum {string}
                 */
                signs: "none" | "chemistry" | "maths";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                /**
                 * Arrangement
                 * @default row
                 * @enum {string}
                 */
                arrangement: "row" | "column" | "list";
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Options */
                options: components["schemas"]["Option"][];
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Several
                 * @default false
                 */
                several: boolean;
                /**
                 * Sign
                 * @default ring
                 * @enum {string}
                 */
                sign: "tick" | "cross" | "ring";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Several
                 * @default false
                 */
                several: boolean;
                /**
                 * Sign
                 * @default tick
                 * @enum {string}
                 */
                sign: "tick" | "cross" | "ring";
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /** Spots */
                spots: components["schemas"]["Spot"][];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Counted
                 * @default each
                 * @enum {string}
                 */
                counted: "each" | "all" | "pairs";
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /**
                 * Order Counts
                 * @default false
                 */
                order_counts: boolean;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /** Pieces */
                pieces: components["schemas"]["Piece"][];
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Shuffled
                 * @default true
                 */
                shuffled: boolean;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /**
                 * Slots
                 * @default []
                 */
                slots: components["schemas"]["Slot"][];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Together
                 * @default false
                 */
                together: boolean;
                /**
                 * Tray
                 * @default page
                 * @enum {string}
                 */
                tray: "page" | "beside";
                /** Working For */
                working_for?: string | null;
                /**
                 * Wrong Counts
                 * @default false
                 */
                wrong_counts: boolean;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Coloured
                 * @default false
                 */
                coloured: boolean;
                /**
                 * Curved
                 * @default false
                 */
                curved: boolean;
                /** Dots */
                dots: components["schemas"]["Dot"][];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /**
                 * One Each
                 * @default true
                 */
                one_each: boolean;
                /** Page */
                page: string;
                /**
                 * Part Marks
                 * @default true
                 */
                part_marks: boolean;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Counted
                 * @default pairs
                 * @enum {string}
                 */
                counted: "all" | "pairs";
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /** Steps */
                steps: components["schemas"]["Step"][];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                /**
                 * Bank
                 * @default []
                 */
                bank: string[];
                box: components["schemas"]["Box"];
                /**
                 * Gaps
                 * @default []
                 */
                gaps: components["schemas"]["Gap"][];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /** Passage */
                passage: components["schemas"]["Stretch"][];
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Formatted
                 * @default true
                 */
                formatted: boolean;
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /** Most Words */
                most_words?: number | null;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                /**
                 * Spelling
                 * @default
                 */
                spelling: string;
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Whole Page
                 * @default false
                 */
                whole_page: boolean;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                /**
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Most Seconds
                 * @default 60
                 */
                most_seconds: number;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | {
                box: components["schemas"]["Box"];
                /** Cells */
                cells: components["schemas"]["Cell"][];
                /**
                 * Columns
                 * @default []
                 */
                columns: number[];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Rows
                 * @default []
                 */
                rows: number[];
                /**
                 * Settled
                 * @default {}
                 */
                settled: {
                    [key: string]: components["schemas"]["Settled"];
                };
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /** Working For */
                working_for?: string | null;
            } | components["schemas"]["Plot"] | {
                box: components["schemas"]["Box"];
                /**
                 * Help
                 * @default []
                 */
                help: (components["schemas"]["HintHelp"] | components["schemas"]["ExampleHelp"] | components["schemas"]["LinkHelp"] | components["schemas"]["SoundHelp"] | components["schemas"]["PictureHelp"])[];
                /**
                 * Hint
                 * @default
                 */
                hint: string;
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
                 * Locked
                 * @default false
                 */
                locked: boolean;
                /**
                 * Name
                 * @default
                 */
                name: string;
                /**
                 * Number
                 * @default
                 */
                number: string;
                /** Page */
                page: string;
                /**
                 * Points
                 * @default 1
                 */
                points: number;
                /**
                 * Skills
                 * @default []
                 */
                skills: string[];
                style?: components["schemas"]["Style"] | null;
                /**
                 * Whole Page
                 * @default true
                 */
                whole_page: boolean;
                /** Working For */
                working_for?: string | null;
            })[];
            /** Fixtures */
            fixtures: (components["schemas"]["Text"] | components["schemas"]["Line"] | components["schemas"]["Shape"] | components["schemas"]["Table"] | components["schemas"]["Grid"] | components["schemas"]["Picture"] | components["schemas"]["StudentName"])[];
            shown: components["schemas"]["Shown"];
        };
        /**
         * StraightenIn
         * @description Corners of the sheet on the file's page, in points; None: the whole page.
         */
        StraightenIn: {
            /** Corners */
            corners: components["schemas"]["Point"][] | null;
            /** Whiten */
            whiten: boolean;
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
         * @description A drawn line; its width in points.
         */
        Stroke: {
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
         * Student
         * @description A student as a roster names them. Any of it may be empty, but not both names.
         *
         *     ``number`` is the school's own, ``source`` the id in the program that wrote the roster (OneRoster's sourcedId).
         */
        Student: {
            /**
             * Email
             * @default
             */
            email: string;
            /**
             * Family
             * @default
             */
            family: string;
            /**
             * Given
             * @default
             */
            given: string;
            /**
             * Number
             * @default
             */
            number: string;
            /**
             * Source
             * @default
             */
            source: string;
        };
        /**
         * StudentIn
         * @description What is left out stays as it is.
         */
        StudentIn: {
            /**
             * Email
             * @default
             */
            email: string;
            /**
             * Family
             * @default
             */
            family: string;
            /**
             * Given
             * @default
             */
            given: string;
            /**
             * Number
             * @default
             */
            number: string;
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
         * StudentOut
         * @description A student, and the pictures of their card, in order.
         */
        StudentOut: {
            /** Card */
            card: components["schemas"]["CardPictureOut"][];
            /**
             * Card Made At
             * Format: date-time
             */
            card_made_at: string;
            /** Email */
            email: string;
            /** Family */
            family: string;
            /** Given */
            given: string;
            /**
             * Id
             * Format: uuid
             */
            id: string;
            /** Name */
            name: string;
            /** Number */
            number: string;
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
         * SwapPaper
         * @description Exchange what a page shows with what a page set aside shows, such as a newer printing of it.
         */
        SwapPaper: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "swap_paper";
            /** Page Id */
            page_id: string;
            /** With Id */
            with_id: string;
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
        /**
         * TeacherOut
         * @description A teacher of a class, or somebody who is ``invited`` to be one.
         */
        TeacherOut: {
            /** Email */
            email: string;
            /** Invited */
            invited: boolean;
            role: components["schemas"]["Role"];
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
        /**
         * Time
         * @description As times of day.
         */
        Time: {
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            by: "time";
        };
        /**
         * TimeIn
         * @description Exceptions for one copy; what is left out stays as it is. ``more`` is in minutes, and added to what was given.
         */
        TimeIn: {
            /**
             * More
             * @default 0
             */
            more: number;
            /** Until */
            until?: string | null;
        };
        /**
         * ToClassIn
         * @description A class, or those of its ``students`` who are named.
         */
        ToClassIn: {
            /**
             * Of Class
             * Format: uuid
             */
            of_class: string;
            /** Students */
            students?: string[] | null;
        };
        /**
         * TrialIn
         * @description ``anew``: as a new student, not where it was left.
         */
        TrialIn: {
            /**
             * Anew
             * @default false
             */
            anew: boolean;
        };
        /**
         * TrialOut
         * @description A copy that this browser may now use as its student, and the handout that it is of.
         */
        TrialOut: {
            /**
             * Copy Id
             * Format: uuid
             */
            copy_id: string;
            /** Handed In */
            handed_in: boolean;
            /**
             * Handout
             * Format: uuid
             */
            handout: string;
            /** May Check */
            may_check: boolean;
        };
        /**
         * Tried
         * @description An answer, and what would be said of it.
         */
        Tried: {
            /** Answer */
            answer: string;
            /** Reason */
            reason: string;
            verdict: components["schemas"]["Verdict"];
        };
        /** TryingIn */
        TryingIn: {
            /**
             * Answers
             * @default []
             */
            answers: string[];
            /** Earlier */
            earlier?: {
                [key: string]: components["schemas"]["AnswerBoxKey"];
            };
            key: components["schemas"]["AnswerBoxKey"];
            /**
             * @default {
             *       "decimal": "."
             *     }
             */
            settings: components["schemas"]["AnswerSettings"];
        };
        /** TryingOut */
        TryingOut: {
            /** Answers */
            answers: components["schemas"]["Tried"][];
            /** Examples */
            examples: components["schemas"]["Tried"][];
            /** Follows */
            follows: string | null;
            /** Guessed */
            guessed: components["schemas"]["Words"] | components["schemas"]["Number"] | components["schemas"]["Time"] | components["schemas"]["Date"] | components["schemas"]["Ratio"] | components["schemas"]["Formula"] | components["schemas"]["Expression"];
            /** Has Unit */
            has_unit: boolean;
            /** Proposals */
            proposals: string[];
            /** Second */
            second: (components["schemas"]["Words"] | components["schemas"]["Number"] | components["schemas"]["Time"] | components["schemas"]["Date"] | components["schemas"]["Ratio"] | components["schemas"]["Formula"] | components["schemas"]["Expression"]) | null;
        };
        /**
         * TurnPage
         * @description Turn a page clockwise, with all that lies on it.
         */
        TurnPage: {
            /**
             * By
             * @enum {integer}
             */
            by: 90 | 180 | 270;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            op: "turn_page";
            /** Page Id */
            page_id: string;
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
        /**
         * Wanted
         * @description Something that has to be in the text, in one of several phrases.
         */
        Wanted: {
            /** Phrases */
            phrases: string[];
        };
        /**
         * Within
         * @description As near as an amount, or a percentage of the right number.
         */
        Within: {
            /** Amount */
            amount: string;
            /**
             * Percent
             * @default false
             */
            percent: boolean;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            rule: "within";
        };
        /**
         * WordBank
         * @description The entries of a bank, as printed, and where each stands; ``box`` is around all.
         */
        WordBank: {
            box: components["schemas"]["Box"];
            /** Places */
            places: components["schemas"]["Box"][];
            /** Words */
            words: string[];
        };
        /**
         * Words
         * @description As words. By default neither case nor a stop at the end count; accents, order and punctuation within do.
         */
        Words: {
            /**
             * Accents Ignored
             * @default false
             */
            accents_ignored: boolean;
            /**
             * Articles Ignored
             * @default false
             */
            articles_ignored: boolean;
            /**
             * @description discriminator enum property added by openapi-typescript
             * @enum {string}
             */
            by: "words";
            /**
             * Case Counts
             * @default false
             */
            case_counts: boolean;
            /**
             * Contains
             * @default false
             */
            contains: boolean;
            /**
             * Numbers By Value
             * @default false
             */
            numbers_by_value: boolean;
            /**
             * Parts
             * @default whole
             * @enum {string}
             */
            parts: "whole" | "each" | "words";
            /**
             * Punctuation Counts
             * @default false
             */
            punctuation_counts: boolean;
            /**
             * Slips
             * @default false
             */
            slips: boolean;
        };
        /** WorksheetOut */
        WorksheetOut: {
            document: components["schemas"]["Document"];
            /**
             * Id
             * Format: uuid
             */
            id: string;
            /** Revision */
            revision: number;
        };
    };
    responses: never;
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
    list_classes: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
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
                    "application/json": components["schemas"]["ClassRow"][];
                };
            };
        };
    };
    make_class: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ClassIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ClassOut"];
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
    get_class: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                class_id: string;
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
                    "application/json": components["schemas"]["ClassOut"];
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
    remove_class: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                class_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
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
    settle_class: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                class_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ClassSettings"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ClassOut"];
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
    make_cards: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                class_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CardsOut"];
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
    copy_class: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                class_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ClassIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ClassOut"];
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
    invite: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                class_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["InvitationIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ClassOut"];
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
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    take_roster: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                class_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RosterIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ClassOut"];
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
    meaning_of_roster: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                class_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RosterIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RosterMeaningOut"];
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
    take_student_out: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                class_id: string;
                student_id: string;
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
                    "application/json": components["schemas"]["ClassOut"];
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
    withdraw: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                class_id: string;
                email: string;
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
                    "application/json": components["schemas"]["ClassOut"];
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
    get_review: {
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
                    "application/json": components["schemas"]["ReviewOut"];
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
    accept_answer: {
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
                "application/json": components["schemas"]["AcceptIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AcceptedOut"];
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
    let_go_on: {
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
                    "application/json": components["schemas"]["ReviewOut"];
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
    overrule: {
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
                "application/json": components["schemas"]["OverruleIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReviewOut"];
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
    give_time: {
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
                "application/json": components["schemas"]["TimeIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CopyRow"];
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
    settle_handout: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                handout_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["HandoutSettings"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HandoutOut"];
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
    get_changes: {
        parameters: {
            query?: {
                since?: number;
            };
            header?: never;
            path: {
                handout_id: string;
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
                    "application/json": components["schemas"]["ChangesOut"];
                };
            };
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
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
    meaning_of_settings: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                handout_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["HandoutSettings"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MeaningOut"];
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
    preview_newest_key: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                handout_id: string;
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
                    "application/json": components["schemas"]["NewKeyPreviewOut"];
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
    use_newest_key: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                handout_id: string;
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
                    "application/json": components["schemas"]["NewKeyOut"];
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
    get_results: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                handout_id: string;
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
                    "application/json": components["schemas"]["ResultsOut"];
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
    list_own_pictures: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
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
                    "application/json": components["schemas"]["PictureOut"][];
                };
            };
        };
    };
    upload_picture: {
        parameters: {
            query: {
                alternative: string;
            };
            header?: never;
            path?: never;
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
                    "application/json": components["schemas"]["PictureOut"];
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
    put_picture_away: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                sha256: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
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
    take_picture_from_library: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["LibraryPictureIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PictureOut"];
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
    read_roster_file: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: {
            content: {
                "application/octet-stream": string;
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RosterOut"][];
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
    read_roster_folder: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["FolderIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RosterOut"][];
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
    read_pasted_roster: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PastedIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RosterOut"];
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
    upload_sound: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
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
                    "application/json": components["schemas"]["SoundOut"];
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
    correct_student: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StudentIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StudentOut"];
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
    make_card: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["StudentOut"];
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
    erase_student: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                student_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
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
    try_answers: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TryingIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TryingOut"];
                };
            };
        };
    };
    cancel_upload: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                upload: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    list_worksheets: {
        parameters: {
            query?: {
                words?: string;
            };
            header?: never;
            path?: never;
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
                    "application/json": components["schemas"]["DeskSheet"][];
                };
            };
        };
    };
    bring_in: {
        parameters: {
            query: {
                name: string;
                upload?: string | null;
            };
            header?: {
                "Velum-Password"?: string;
            };
            path?: never;
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
                    "application/json": components["schemas"]["BroughtInOut"];
                };
            };
            /** @description Bad Request */
            400: {
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
    get_worksheet: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                worksheet_id: string;
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
                    "application/json": components["schemas"]["WorksheetOut"];
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
    remove_worksheet: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                worksheet_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No Content */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
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
    add_blank_page: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                worksheet_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BlankPageIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WorksheetOut"];
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
    edit_worksheet: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                worksheet_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["EditsIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["EditsOut"];
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
                    "application/json": components["schemas"]["StaleOut"];
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
    get_found: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                worksheet_id: string;
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
                    "application/json": components["schemas"]["FoundOut"][];
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
    list_handouts: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                worksheet_id: string;
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
                    "application/json": components["schemas"]["HandoutOut"][];
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
    hand_out: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                worksheet_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["HandOutIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HandoutOut"][];
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
    look_over: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                worksheet_id: string;
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
                    "application/json": components["schemas"]["FindingOut"][];
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
    add_pages: {
        parameters: {
            query?: {
                aside?: boolean;
                upload?: string | null;
            };
            header?: {
                "Velum-Password"?: string;
            };
            path: {
                worksheet_id: string;
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
                    "application/json": components["schemas"]["BroughtInOut"];
                };
            };
            /** @description Bad Request */
            400: {
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
    cut_out: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                page_id: string;
                worksheet_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CutsIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Page"][];
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
    get_guides: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                page_id: string;
                worksheet_id: string;
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
                    "application/json": components["schemas"]["GuidesOut"];
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
    cut_picture: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                page_id: string;
                worksheet_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["CutPictureIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PictureOut"];
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
            /** @description Unprocessable Entity */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
            /** @description Service Unavailable */
            503: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ErrorOut"];
                };
            };
        };
    };
    plan_replacement: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                page_id: string;
                worksheet_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ReplacementIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Replacement"];
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
    straighten: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                page_id: string;
                worksheet_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["StraightenIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Straightened"];
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
    match_pasted_key: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                worksheet_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["PastedIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Pasted"];
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
    list_pictures: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                worksheet_id: string;
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
                    "application/json": components["schemas"]["PagePicture"][];
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
    draw_pictures: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                worksheet_id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Accepted */
            202: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
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
    add_ready_page: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                worksheet_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ReadyPageIn"];
            };
        };
        responses: {
            /** @description Created */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WorksheetOut"];
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
                worksheet_id: string;
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
                    "application/json": string[];
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
    try_out: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                worksheet_id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["TrialIn"];
            };
        };
        responses: {
            /** @description OK */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TrialOut"];
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
}
