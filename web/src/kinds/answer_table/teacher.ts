import type { Box } from "../../api/teacher";
import { plain } from "../plain";
import type { FieldOf, TeacherKind } from "../teacher";
import { inWords, keyInWords, partKeyInWords, textIn } from "../written_parts";
import Face from "./Face.svelte";
import { allCells, evenly } from "./grid";
import Handles from "./Handles.svelte";
import Icon from "./Icon.svelte";
import KeyField from "./KeyField.svelte";
import KeySettings from "./KeySettings.svelte";
import Review from "./Review.svelte";
import Settings from "./Settings.svelte";

/** Points that a row and a column of a table have, as it is drawn. */
const ROW = 28;
const COLUMN = 100;
const MOST_AT_FIRST = 8;

const count = (length: number, each: number) =>
  Math.max(1, Math.min(MOST_AT_FIRST, Math.round(length / each)));

export const answerTable: TeacherKind<"answer_table"> = {
  label: "Answer table",
  clear: true,
  numbersItself: true,
  pools: false,
  acceptsMore: true,
  usual: { width: 300, height: 84 },
  draw: (id: string, page: string, box: Box): FieldOf<"answer_table"> => {
    const [rows, columns] = [count(box.height, ROW), count(box.width, COLUMN)];
    return {
      kind: "answer_table",
      ...plain(id, page, box),
      rows: evenly(rows),
      columns: evenly(columns),
      cells: allCells(rows, columns),
      settled: {},
    };
  },
  keyInWords,
  partKeyInWords,
  answerInWords: inWords,
  partInWords: textIn,
  Icon,
  Face,
  Handles,
  KeyField,
  KeySettings,
  Settings,
  Review,
};
