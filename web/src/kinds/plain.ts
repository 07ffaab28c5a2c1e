// What fields of all kinds begin with.

import type { Box } from "../api/teacher";

/** A field that is drawn in a box of a page, before anything is said of it. */
export const plain = (id: string, page: string, box: Box) => ({
  id,
  page,
  box,
  points: 1,
  name: "",
  number: "",
  hint: "",
  style: null,
  locked: false,
  help: [],
  instructions: [],
  skills: [],
  working_for: null,
});
