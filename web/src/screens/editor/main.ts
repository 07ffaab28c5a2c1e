import "../../styles/app.css";
import { begin } from "../../api/begin";
import { KINDS } from "../../kinds/teacher";
import { show } from "../../ui/mount";
import type { Opened } from "./state/editing.svelte";
import Editor from "./Editor.svelte";
import { openWorksheet } from "./open";

await show(Editor, async () => {
  const [editing] = await Promise.all([openWorksheet(begin<Opened>()), KINDS.load(KINDS.names)]);
  return { editing };
});
