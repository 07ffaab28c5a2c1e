// Fixtures: laid, changed, put in another layer.

import type { Document, Fixture } from "../../api/teacher";
import { fixtureName } from "../../fixtures/form";
import type { Command } from "../command";
import { fixtureOf } from "../lying";

/** Lay a fixture above all others. */
export const layFixture = (fixture: Fixture): Command => ({
  label: `${fixtureName(fixture)} laid`,
  edits: [{ op: "lay_fixture", fixture, layer: null }],
  select: [fixture.id],
});

/** Change one fixture by its id, wherever the selection has gone since. */
export function changeFixture(
  document: Document,
  id: string,
  label: string,
  change: (fixture: Fixture) => Fixture,
  typing = false,
): Command | undefined {
  const fixture = fixtureOf(document, id);
  if (!fixture) return undefined;
  const edits: Command["edits"] = [{ op: "change_fixture", fixture: change(fixture) }];
  return { label, edits, typing, ...(typing ? { joins: `${label} ${id}` } : {}) };
}

/** Bring a fixture above the next one on its page, or above all; or below. */
export function layer(
  document: Document,
  fixture: Fixture,
  to: "top" | "up" | "down" | "bottom",
): Command | undefined {
  const around = document.fixtures.filter((other) => other.page === fixture.page);
  const at = around.findIndex(({ id }) => id === fixture.id);
  const next = { top: around.length - 1, up: at + 1, down: at - 1, bottom: 0 }[to];
  const other = around[Math.max(0, Math.min(around.length - 1, next))];
  if (!other || other.id === fixture.id) return undefined;
  const label = `${fixtureName(fixture)} moved ${to === "top" || to === "up" ? "above" : "below"}`;
  return {
    label,
    edits: [{ op: "layer_fixture", fixture_id: fixture.id, layer: document.fixtures.indexOf(other) }],
  };
}
