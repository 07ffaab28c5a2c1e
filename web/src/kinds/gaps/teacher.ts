import type { Box } from "../../api/teacher";
import { newId } from "../../worksheet/ids";
import { plain } from "../plain";
import type { FieldOf, TeacherKind } from "../teacher";
import { inWords, keyInWords, partKeyInWords, textIn } from "../written_parts";
import Face from "./Face.svelte";
import Icon from "./Icon.svelte";
import KeyField from "./KeyField.svelte";
import KeySettings from "./KeySettings.svelte";
import { newGap } from "./passage";
import Review from "./Review.svelte";
import Settings from "./Settings.svelte";

/** What stands in it at first, to be written over. */
function first(): Pick<FieldOf<"gaps">, "passage" | "gaps"> {
  const id = newId();
  const words = (text: string) => ({ text, gap: null });
  return {
    passage: [words("Write the passage here, with a "), { text: "", gap: id }, words(" in it.")],
    gaps: [newGap(id)],
  };
}

export const gaps: TeacherKind<"gaps"> = {
  label: "Gap text",
  clear: false,
  numbersItself: true,
  pools: false,
  acceptsMore: true,
  usual: { width: 360, height: 100 },
  draw: (id: string, page: string, box: Box): FieldOf<"gaps"> => ({
    kind: "gaps",
    ...plain(id, page, box),
    ...first(),
    bank: [],
    settled: {},
  }),
  keyInWords,
  partKeyInWords,
  answerInWords: inWords,
  partInWords: textIn,
  Icon,
  Face,
  KeyField,
  KeySettings,
  Settings,
  Review,
};
