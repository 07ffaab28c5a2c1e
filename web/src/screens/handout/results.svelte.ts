// The handout as it stands on the server. The server says when something happens, and then what changed is asked for;
// where its stream does not come through, it is asked every few seconds, and mostly says that nothing did.

import { take } from "../../api/failure";
import { teacher, type Schemas } from "../../api/teacher";
import { announce } from "../../ui/Announcer.svelte";
import { plural } from "../../words/say";
import { withRows } from "./rows";

type Results = Schemas["ResultsOut"];
/** What is left out stays as it is. */
export type Settings = Schemas["HandoutSettings"];

/** Milliseconds between two looks without a stream, and with one, in case it is silent. */
const LOOK = 3000;
const LOOK_BESIDE_STREAM = 60_000;
/** How many times longer than an answer took nothing is asked: a class that writes must not be kept from it. */
const REST = 5;

export class Live {
  results: Results = $state.raw() as Results;
  /** Whether names are shown as others may see them. */
  forOthers = $state(true);
  reachable = $state(true);
  private timer: ReturnType<typeof setTimeout> | undefined;
  private stream: EventSource | undefined;
  /** Whether the stream comes through. */
  private heard = false;
  private looking = false;
  private again = false;
  /** Milliseconds that the server's clock is ahead of this one. */
  private ahead = 0;
  private now = $state(Date.now());

  constructor(results: Results) {
    this.set(results);
    this.listen();
    setInterval(() => (this.now = Date.now()), LOOK);
    document.addEventListener("visibilitychange", () => (document.hidden ? this.rest() : this.wake()));
  }

  /** A name as it is shown now. */
  nameOf({ name, shown }: { name: string; shown: string }): string {
    return this.forOthers ? shown : name;
  }

  /** The rows in the order of the names that are shown. */
  get rows(): Results["rows"] {
    const { rows, handout } = this.results;
    if (!this.forOthers || !handout.to_class || handout.to_class.names === "full") return rows;
    return rows.toSorted((a, b) => a.shown.localeCompare(b.shown));
  }

  /** A moment of the server's clock, by which it is now. */
  isPast(moment: string): boolean {
    return Date.parse(moment) < this.now + this.ahead;
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
    this.take([row]);
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
    this.set(results);
    announce(plural(changed, ["# mark changed", "# marks changed"]));
  }

  /** Whoever comes back to the page sees all as it is now, also what the worksheet has become. */
  private wake(): void {
    this.listen();
    void this.look(true);
  }

  /** Nothing is asked while nobody looks: a browser has few connections to one server. */
  private rest(): void {
    this.stream?.close();
    this.stream = undefined;
    clearTimeout(this.timer);
  }

  private listen(): void {
    this.rest();
    const stream = new EventSource(`/handouts/${this.results.handout.id}/live/`);
    this.stream = stream;
    this.heard = false;
    stream.onmessage = ({ data }) => {
      this.heard = true;
      if (Number(data) === this.results.number) this.lookLater();
      else void this.look();
    };
    stream.onerror = () => {
      this.heard = false; // the browser tries again by itself, where that helps
      this.lookLater();
    };
    this.lookLater();
  }

  private async look(whole = false): Promise<void> {
    clearTimeout(this.timer);
    if (this.looking) {
      this.again = true;
      return;
    }
    this.looking = true;
    const begun = performance.now();
    try {
      await (whole ? this.askForAll() : this.askForChanges());
      this.reachable = true;
    } catch {
      this.reachable = false;
    }
    this.looking = false;
    const took = performance.now() - begun;
    if (this.again) this.timer = setTimeout(() => void this.look(), took * REST);
    else this.lookLater();
    this.again = false;
  }

  private async askForAll(): Promise<void> {
    const params = { path: { handout_id: this.results.handout.id } };
    this.set(await take(teacher.GET("/api/handouts/{handout_id}/results", { params })));
  }

  private async askForChanges(): Promise<void> {
    const params = {
      path: { handout_id: this.results.handout.id },
      query: { since: this.results.number },
    };
    const changes = await take(teacher.GET("/api/handouts/{handout_id}/changes", { params }));
    if (!changes) return;
    const { number, results, rows, order, awaited, files } = changes;
    if (results) return this.set(results);
    this.take(rows, order);
    this.results = { ...this.results, number, awaited, files };
  }

  private set(results: Results): void {
    this.results = results;
    this.ahead = Date.parse(results.now) - Date.now();
  }

  private take(rows: Results["rows"], order: string[] | null = null): void {
    this.results = { ...this.results, rows: withRows(this.results.rows, rows, order) };
  }

  private lookLater(): void {
    clearTimeout(this.timer);
    if (document.hidden) return;
    this.timer = setTimeout(() => void this.look(), this.heard ? LOOK_BESIDE_STREAM : LOOK);
  }
}
