// What was done on each page, to be undone and done again. A step is as people think of one: a word, a stroke, a page put back.

import { History, type Step } from "../../canvas/history";

export class PageSteps<T> {
  private readonly pages = new Map<string, History<T>>();
  /** Rises whenever something is done or undone: what is asked here is asked again. */
  private changes = $state(0);

  add(page: string, step: Step<T>, at: number): void {
    const history = this.pages.get(page) ?? new History<T>();
    this.pages.set(page, history);
    history.add(step, at);
    this.changes += 1;
  }

  canUndo(page: string): boolean {
    return this.asked(page)?.canUndo ?? false;
  }

  canRedo(page: string): boolean {
    return this.asked(page)?.canRedo ?? false;
  }

  /** Take back the last step on a page; the caller does what it says. */
  undo(page: string): Step<T> | undefined {
    this.changes += 1;
    return this.pages.get(page)?.undo();
  }

  redo(page: string): Step<T> | undefined {
    this.changes += 1;
    return this.pages.get(page)?.redo();
  }

  private asked(page: string): History<T> | undefined {
    void this.changes;
    return this.pages.get(page);
  }
}
