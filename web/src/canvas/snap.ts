// Bringing the edges of a box onto what lies near them: ruled lines, print, other boxes.

import type { Box } from "./box";

export type Axis = "x" | "y";

/** Something to lie on: where it is along an axis, and from where to where it reaches across that. All in points. */
export interface Edge {
  at: number;
  from: number;
  to: number;
  /** How far beyond its ends it still counts. */
  reach: number;
  /** How much less than others it is meant, from 0 to 1: a blank is meant, and the end of a row of words hardly. */
  less: number;
}

/** A line that shows what a box was brought onto. */
export interface Guide {
  axis: Axis;
  at: number;
  from: number;
  to: number;
}

/** Which edges of a box may be moved: all of them together, or those that a handle or a drawing hand moves. */
export interface Moving {
  x: readonly ("start" | "end")[];
  y: readonly ("start" | "end")[];
}

export const ALL: Moving = { x: ["start", "end"], y: ["start", "end"] };

export interface Snapped {
  by: { x: number; y: number };
  guides: Guide[];
}

export class Edges {
  private readonly sorted: Record<Axis, readonly Edge[]>;

  constructor(x: readonly Edge[], y: readonly Edge[]) {
    const sort = (edges: readonly Edge[]) => [...edges].sort((a, b) => a.at - b.at);
    this.sorted = { x: sort(x), y: sort(y) };
  }

  /** How far a box has to go to lie on the nearest edges, at most `within` points each way. */
  snap(box: Box, within: number, moving: Moving = ALL): Snapped {
    const x = this.nearest("x", box, within, moving.x);
    const y = this.nearest("y", box, within, moving.y);
    const by = { x: x?.by ?? 0, y: y?.by ?? 0 };
    const moved = { ...box, x: box.x + by.x, y: box.y + by.y };
    const guides = [x, y].flatMap((found) => (found ? [guideTo(found.edge, found.axis, moved)] : []));
    return { by, guides };
  }

  private nearest(axis: Axis, box: Box, within: number, sides: readonly ("start" | "end")[]) {
    const [start, length] = axis === "x" ? [box.x, box.width] : [box.y, box.height];
    const [from, to] = axis === "x" ? [box.y, box.y + box.height] : [box.x, box.x + box.width];
    let best: { axis: Axis; by: number; edge: Edge; away: number } | undefined;
    for (const side of sides) {
      const own = side === "start" ? start : start + length;
      const edges = this.sorted[axis];
      for (let i = firstFrom(edges, own - within); i < edges.length; i++) {
        const edge = edges[i] as Edge;
        if (edge.at > own + within) break;
        if (from > edge.to + edge.reach || to < edge.from - edge.reach) continue;
        const by = edge.at - own;
        const away = Math.abs(by) + edge.less * within;
        if (!best || away < best.away) best = { axis, by, edge, away };
      }
    }
    return best;
  }
}

/** The first place of sorted edges that is not before a number. */
function firstFrom(edges: readonly Edge[], at: number): number {
  let [low, high] = [0, edges.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((edges[middle] as Edge).at < at) low = middle + 1;
    else high = middle;
  }
  return low;
}

function guideTo(edge: Edge, axis: Axis, box: Box): Guide {
  const [from, to] = axis === "x" ? [box.y, box.y + box.height] : [box.x, box.x + box.width];
  return { axis, at: edge.at, from: Math.min(edge.from, from), to: Math.max(edge.to, to) };
}
