// The tools that a student writes with: the same for all ink of a sheet. And what can be undone of each area.

import { newId } from "../../worksheet/ids";
import type { SheetStore } from "../sheet_store";
import type { PromptOf } from "../student";
import { isThere, NOTHING, type Colour, type Named, type Stroke } from "./strokes";

export type Tool = "pen" | "highlighter" | "line" | "note" | "eraser" | "part";

/** Points that each tool draws, thin and thick. */
export const WIDTHS: Record<"pen" | "highlighter" | "line" | "note", readonly [number, number]> = {
  pen: [1.5, 3.5],
  line: [1.5, 3.5],
  highlighter: [10, 18],
  note: [12, 18],
};
/** Points around the eraser's middle. */
export const ERASER = 6;

/** Strokes of an area from which on new ones take the names of those that were taken away. */
const REUSE_FROM = 2_000;

interface Change {
  name: string;
  before: Stroke;
  after: Stroke;
}

export class InkTools {
  tool: Tool = $state("pen");
  colour: Colour = $state("ink");
  thick = $state(false);
  /** The area that is written in over a whole page; presses go through all others that do. */
  taken: string | undefined = $state();
  /** Whether a pen was seen: then a hand that touches the page does not write. */
  penSeen = $state(false);
  private readonly areas = new Map<string, Area>();

  /** Whether it takes away, and draws nothing. */
  get rubs(): boolean {
    return this.tool === "eraser" || this.tool === "part";
  }

  get look(): Pick<Stroke, "tool" | "colour" | "width"> {
    const tool = this.tool === "eraser" || this.tool === "part" ? "pen" : this.tool;
    return {
      tool: tool === "line" ? "pen" : tool,
      colour: this.colour,
      width: WIDTHS[tool][this.thick ? 1 : 0],
    };
  }

  area(store: SheetStore, prompt: PromptOf<"ink">): Area {
    const known = this.areas.get(prompt.id) ?? new Area(store, prompt);
    this.areas.set(prompt.id, known);
    return known;
  }
}

export const toolsOf = (store: SheetStore): InkTools => store.of("ink", () => new InkTools());

/** An area, with what was done in it. */
export class Area {
  private done: Change[][] = $state.raw([]);
  private undone: Change[][] = $state.raw([]);
  /** What this device knows of the area's entries, with those that were taken away. */
  private readonly gone = new Set<string>();

  constructor(
    private readonly store: SheetStore,
    private readonly prompt: PromptOf<"ink">,
  ) {}

  get strokes(): readonly Named[] {
    const answer = this.store.answers[this.prompt.id];
    return answer?.kind === "ink" ? answer.strokes : [];
  }

  get canUndo(): boolean {
    return this.done.length > 0;
  }

  get canRedo(): boolean {
    return this.undone.length > 0;
  }

  add(strokes: readonly Stroke[]): void {
    this.do(strokes.map((after) => ({ name: this.newName(), before: NOTHING, after })));
  }

  /** Take strokes away, and perhaps others in their places; `goingOn`: it is undone with what was done before. */
  replace(gone: readonly Named[], by: readonly Stroke[], goingOn: boolean): void {
    const changes = [
      ...gone.map(({ id, stroke }) => ({ name: id, before: stroke, after: NOTHING })),
      ...by.map((after) => ({ name: this.newName(), before: NOTHING, after })),
    ];
    const last = goingOn ? this.done.at(-1) : undefined;
    if (last) this.done = this.done.slice(0, -1);
    this.do(changes, last);
  }

  change(name: string, before: Stroke, after: Stroke): void {
    this.do([{ name, before, after }]);
  }

  undo(): void {
    const last = this.done.at(-1);
    if (!last) return;
    this.done = this.done.slice(0, -1);
    this.undone = [...this.undone, this.turnBack(last)];
  }

  redo(): void {
    const last = this.undone.at(-1);
    if (!last) return;
    this.undone = this.undone.slice(0, -1);
    this.done = [...this.done, this.turnBack(last)];
  }

  /** Undo changes; what undoes that. A name that bears something else by now is left to it. */
  private turnBack(changes: readonly Change[]): Change[] {
    const now = new Map(this.strokes.map(({ id, stroke }) => [id, stroke]));
    return changes.toReversed().map(({ name, before, after }) => {
      const free = isThere(after) === now.has(name);
      const back = { name: free ? name : this.newName(), before: after, after: before };
      if (isThere(before)) now.set(back.name, before);
      else now.delete(back.name);
      this.write(back);
      return back;
    });
  }

  private do(changes: readonly Change[], before: readonly Change[] = []): void {
    if (changes.length === 0) return;
    for (const change of changes) this.write(change);
    this.done = [...this.done, [...before, ...changes]];
    this.undone = [];
  }

  private write({ name, after }: Change): void {
    if (isThere(after)) this.gone.delete(name);
    else this.gone.add(name);
    this.store.change(this.prompt, name, after);
  }

  private newName(): string {
    if (this.strokes.length + this.gone.size < REUSE_FROM) return newId();
    const [name] = this.gone;
    if (name) this.gone.delete(name);
    return name ?? newId();
  }
}
