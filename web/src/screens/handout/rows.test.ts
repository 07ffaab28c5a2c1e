// Rows of the results that change.

import { expect, test } from "vitest";
import type { Schemas } from "../../api/teacher";
import { withRows } from "./rows";

const row = (id: string, total = "0") => ({ id, name: id, total }) as Schemas["CopyRow"];
const shown = (rows: Schemas["CopyRow"][]) => rows.map(({ id, total }) => id + total);

test("a row that is another stands where it stood", () => {
  expect(shown(withRows([row("ama"), row("zoe")], [row("ama", "3")], null))).toEqual(["ama3", "zoe0"]);
});

test("who is new stands where the server has them, and who is not known to it last", () => {
  const rows = withRows([row("ama"), row("zoe")], [row("bao"), row("ama", "1")], ["ama", "bao", "zoe"]);
  expect(shown(rows)).toEqual(["ama1", "bao0", "zoe0"]);
  expect(shown(withRows([row("zoe")], [row("bao")], ["zoe"]))).toEqual(["zoe0", "bao0"]);
});

test("nothing new changes nothing", () => {
  expect(shown(withRows([row("zoe"), row("ama")], [], null))).toEqual(["zoe0", "ama0"]);
});
