import "../../styles/app.css";
import { begin } from "../../api/begin";
import type { Schemas } from "../../api/teacher";
import { KINDS } from "../../kinds/teacher";
import { show } from "../../ui/mount";
import Review from "./Review.svelte";

await show(Review, async () => {
  const begun = begin<Schemas["ReviewOut"]>();
  await KINDS.load(begun.document.fields.map(({ kind }) => kind));
  return { begun };
});
