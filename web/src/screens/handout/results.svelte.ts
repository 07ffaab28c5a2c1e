// The handout as it stands on the server, looked at again every few seconds.

import { take } from "../../api/failure";
import { teacher, type Schemas } from "../../api/teacher";

type Results = Schemas["ResultsOut"];

/** Milliseconds between two looks. */
const LOOK = 3000;

export class Live {
  results: Results = $state.raw() as Results;
  reachable = $state(true);
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(results: Results) {
    this.results = results;
    this.lookLater();
    document.addEventListener("visibilitychange", () => !document.hidden && void this.look());
  }

  async settle(settings: Schemas["HandoutSettings"]): Promise<void> {
    const params = { path: { handout_id: this.results.handout.id } };
    const handout = await take(teacher.PATCH("/api/handouts/{handout_id}", { params, body: settings }));
    this.results = { ...this.results, handout };
  }

  private async look(): Promise<void> {
    clearTimeout(this.timer);
    const params = { path: { handout_id: this.results.handout.id } };
    try {
      this.results = await take(teacher.GET("/api/handouts/{handout_id}/results", { params }));
      this.reachable = true;
    } catch {
      this.reachable = false;
    }
    this.lookLater();
  }

  private lookLater(): void {
    this.timer = setTimeout(() => (document.hidden ? this.lookLater() : void this.look()), LOOK);
  }
}
