import "../../styles/sheet.css";
import { begin } from "../../api/begin";
import type { Copy } from "../../api/student";
import { KINDS } from "../../kinds/student";
import { DEVICE, namesOf } from "../../saving/answer_keeper";
import { fileNamesOf } from "../../saving/file_keeper";
import { openDevice } from "../../saving/device";
import { show } from "../../ui/mount";
import { clockName } from "./clock.svelte";
import { flagsName } from "./flags.svelte";
import { readingName } from "./reading/reading.svelte";
import Sheet from "./Sheet.svelte";

const instructs = ({ sheet }: Copy): boolean =>
  Object.keys(sheet.instructions).length > 0 ||
  sheet.prompts.some(({ instructions }) => instructions.length > 0);

await show(Sheet, async () => {
  const begun = begin<Copy>();
  const [device, Instructed] = await Promise.all([
    openDevice([
      DEVICE,
      namesOf(begun.id),
      fileNamesOf(begun.id),
      flagsName(begun.id),
      clockName(begun.id),
      readingName(begun.name),
    ]),
    // With the first that is shown, so that nothing jumps when it comes.
    instructs(begun) ? import("./instructions/Instructed.svelte").then((part) => part.default) : undefined,
    KINDS.load(begun.sheet.prompts.map(({ kind }) => kind)),
  ]);
  return { begun, device, Instructed };
});
