// A field over a grid or a number line that is laid: its scale is the grid's.

import type { FixtureOf } from "../../fixtures/fixture";
import { plotOf } from "../../fixtures/plot_area";
import type { FieldOf } from "../teacher";

type Plot = FieldOf<"plot">;

/** The field where the grid is, with the grid's values. What was asked stays, where the grid has room for it. */
export function onGrid(field: Plot, grid: FixtureOf<"grid">): Plot {
  const { across, up, box } = grid;
  const area = plotOf(grid);
  const [left, right] = [area.x / box.width, (area.x + area.width) / box.width];
  const [top, bottom] = [area.y / box.height, (area.y + area.height) / box.height];
  const level = up ? bottom : top;
  return {
    ...field,
    box,
    across: {
      first: { x: left, y: level, value: across.first },
      last: { x: right, y: level, value: across.last },
      step: across.step,
    },
    up: up
      ? {
          first: { x: left, y: bottom, value: up.first },
          last: { x: left, y: top, value: up.last },
          step: up.step,
        }
      : null,
    asked: (up ? field.asked === "intervals" : field.asked === "line") ? "points" : field.asked,
  };
}
