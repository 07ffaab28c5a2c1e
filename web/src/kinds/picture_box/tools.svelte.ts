// What a student does with a picture at the moment: move it, or lay labels on it. The same for all boxes of a sheet.

import type { Size } from "../../canvas/box";
import type { SheetStore } from "../sheet_store";

export class PictureTools {
  labelling = $state(false);
  /** Sizes of pictures and of their boxes on the page, by the prompts' ids, once they are known. */
  readonly sizes: Record<string, { picture: Size; box: Size }> = $state({});
}

export const toolsOf = (store: SheetStore): PictureTools => store.of("picture_box", () => new PictureTools());
