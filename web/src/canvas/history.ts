// Undo and redo, kept as what was done and what takes it back, in steps as people think of them.

export interface Step<T> {
  /** What was done, in words: "Box moved". */
  label: string;
  done: T[];
  undone: T[];
  /** Steps of the same name that follow each other closely are one: pushes at a box, the letters of a word. */
  joins?: string;
  /** Which word of a text was typed in; letters of one word are one step however long it takes. */
  word?: number;
}

/** Milliseconds within which steps of the same name are one. */
const CLOSE = 2_000;

export class History<T> {
  private past: Step<T>[] = [];
  private future: Step<T>[] = [];
  private lastAt = -Infinity;

  get canUndo(): boolean {
    return this.past.length > 0;
  }

  get canRedo(): boolean {
    return this.future.length > 0;
  }

  /** Something was done, at a time in milliseconds. */
  add(step: Step<T>, at: number): void {
    this.future = [];
    const last = this.past.at(-1);
    if (last && this.isOne(last, step, at)) {
      this.past[this.past.length - 1] = {
        ...step,
        done: [...last.done, ...step.done],
        undone: [...step.undone, ...last.undone],
      };
    } else {
      this.past.push(step);
    }
    this.lastAt = at;
  }

  /** Take back the last step; the caller does what it says. */
  undo(): Step<T> | undefined {
    const step = this.past.pop();
    if (step) this.future.push(step);
    this.lastAt = -Infinity;
    return step;
  }

  redo(): Step<T> | undefined {
    const step = this.future.pop();
    if (step) this.past.push(step);
    this.lastAt = -Infinity;
    return step;
  }

  /** Nothing that was done can be taken back any more, for instance because another tab was faster. */
  forget(): void {
    this.past = [];
    this.future = [];
  }

  private isOne(last: Step<T>, step: Step<T>, at: number): boolean {
    if (!last.joins || last.joins !== step.joins || this.lastAt === -Infinity) return false;
    return step.word === undefined ? at - this.lastAt < CLOSE : step.word === last.word;
  }
}
