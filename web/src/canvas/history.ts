// Undo and redo, kept as what was done and what takes it back.

export interface Step<T> {
  /** What was done, in words: "Box moved". */
  label: string;
  done: T[];
  undone: T[];
  /** Steps of the same name that follow each other are one step, such as the letters of a word. */
  joins?: string;
}

export class History<T> {
  private past: Step<T>[] = [];
  private future: Step<T>[] = [];

  get canUndo(): boolean {
    return this.past.length > 0;
  }

  get canRedo(): boolean {
    return this.future.length > 0;
  }

  add(step: Step<T>): void {
    this.future = [];
    const last = this.past.at(-1);
    if (last?.joins && last.joins === step.joins) {
      this.past[this.past.length - 1] = {
        ...step,
        done: [...last.done, ...step.done],
        undone: [...step.undone, ...last.undone],
      };
    } else {
      this.past.push(step);
    }
  }

  /** Take back the last step; the caller does what it says. */
  undo(): Step<T> | undefined {
    const step = this.past.pop();
    if (step) this.future.push(step);
    return step;
  }

  redo(): Step<T> | undefined {
    const step = this.future.pop();
    if (step) this.past.push(step);
    return step;
  }

  /** Nothing that was done can be taken back any more, for instance because another tab was faster. */
  forget(): void {
    this.past = [];
    this.future = [];
  }
}
