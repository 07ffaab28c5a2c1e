// The handout as it stands on the server, looked at again every few seconds.

import { take } from "../../api/failure";
import { teacher, type Schemas } from "../../api/teacher";
import { announce } from "../../ui/Announcer.svelte";
import { plural } from "../../words/say";

type Results = Schemas["ResultsOut"];
/** What is left out stays as it is. */
export type Settings = Schemas["HandoutSettings"];

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

  async settle(settings: Partial<Settings>): Promise<void> {
    const params = { path: { handout_id: this.results.handout.id } };
    const handout = await take(
      teacher.PATCH("/api/handouts/{handout_id}", { params, body: settings as Settings }),
    );
    this.results = { ...this.results, handout };
  }

  /** What settings would mean for those who have begun. Throws Failure. */
  async meaningOf(settings: Partial<Settings>): Promise<Schemas["MeaningOut"]> {
    const params = { path: { handout_id: this.results.handout.id } };
    return take(teacher.POST("/api/handouts/{handout_id}/meaning", { params, body: settings as Settings }));
  }

  /** Make an exception of the times for one copy. Throws Failure. */
  async giveTime(copy: string, time: Partial<Schemas["TimeIn"]>): Promise<void> {
    const params = { path: { copy_id: copy } };
    const row = await take(
      teacher.PATCH("/api/copies/{copy_id}/time", { params, body: time as Schemas["TimeIn"] }),
    );
    this.results = {
      ...this.results,
      rows: this.results.rows.map((other) => (other.id === copy ? row : other)),
    };
  }

  /** What marking by the newest key would mean. Throws Failure. */
  async previewNewestKey(): Promise<Schemas["NewKeyPreviewOut"]> {
    const params = { path: { handout_id: this.results.handout.id } };
    return take(teacher.GET("/api/handouts/{handout_id}/newest-key", { params }));
  }

  /** Mark all copies by the key as the worksheet has it now. Throws Failure. */
  async useNewestKey(): Promise<void> {
    const params = { path: { handout_id: this.results.handout.id } };
    const { changed, results } = await take(
      teacher.POST("/api/handouts/{handout_id}/newest-key", { params }),
    );
    this.results = results;
    announce(plural(changed, ["# mark changed", "# marks changed"]));
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
