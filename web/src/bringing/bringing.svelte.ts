// Bringing files in, one after the other: into a worksheet of their own, all of them or none, or behind the pages of one.

import { Failure, take, sentenceOf } from "../api/failure";
import { teacher, type Schemas } from "../api/teacher";
import { newUuid } from "../worksheet/ids";
import { send, type Sending } from "./send";

type Worksheet = Schemas["BroughtInOut"];

/** Codes that ask for a password instead of ending it all. */
const LOCKED = new Set(["paper.encrypted", "paper.wrong_password"]);

const STILL_THERE =
  "The server could not be reached to cancel this: it may have been brought in all the same.";

/** A worksheet behind whose pages files are put, or behind those set aside. */
interface Target {
  worksheet: string;
  aside?: boolean;
  /** What has to be done before a file is sent. */
  before: () => Promise<void>;
  /** Told when files are under way, and when they no longer are. */
  under: (way: boolean) => void;
}

export class Bringing {
  files: File[] = $state.raw([]);
  /** Which of the files is under way, from 0, and which share of it has left, from 0 to 1. */
  at = $state(0);
  sent = $state(0);
  problem = $state("");
  /** A locked file waits for its password: what is said of it. */
  locked = $state("");
  private worksheet: Worksheet | undefined;
  private sending: Sending | undefined;
  /** The ids of what was sent of these files. */
  private uploads: string[] = [];
  private cancelled = false;
  private leftOut: string[] = [];

  constructor(
    private readonly largest: number,
    private readonly done: (worksheet: Worksheet, leftOut: string[]) => void,
    /** Where the files go; none: they become a worksheet. */
    private readonly target?: Target,
  ) {}

  get file(): File | undefined {
    return this.files[this.at];
  }

  get busy(): boolean {
    return this.files.length > 0;
  }

  /** Bring files in; ends in the worksheet that they become. */
  async begin(files: File[]): Promise<void> {
    if (this.busy || files.length === 0) return;
    this.problem = "";
    const tooLarge = files.find((file) => file.size > this.largest);
    if (tooLarge) {
      const most = Math.floor(this.largest / 1_000_000);
      this.problem = `${tooLarge.name} is too large: ${most} MB is the most. Nothing was brought in.`;
      return;
    }
    this.files = files;
    this.at = 0;
    this.uploads = [];
    this.leftOut = [];
    this.cancelled = false;
    this.target?.under(true);
    await this.goOn();
  }

  /** Go on with the file under way, now that its password is known. */
  async unlock(password: string): Promise<void> {
    this.locked = "";
    await this.goOn(password);
  }

  /** Give up: what was brought in of these files goes too, also what the server is still reading. */
  async cancel(): Promise<void> {
    this.cancelled = true;
    if (this.locked) await this.giveUp("");
    else this.sending?.cancel();
  }

  private async goOn(password = ""): Promise<void> {
    try {
      await this.target?.before();
      for (; this.file; this.at += 1) {
        this.sent = 0;
        const behind = this.target?.worksheet ?? this.worksheet?.id;
        const aside = this.target?.aside ?? false;
        const upload = newUuid();
        this.uploads.push(upload);
        this.sending = send(this.file, { behind, aside, upload }, password, (share) => (this.sent = share));
        this.worksheet = await this.sending.result;
        this.leftOut.push(...this.worksheet.left_out.map((words) => this.about(words)));
        if (this.cancelled) throw new Failure("bring_in.cancelled", "", 0);
        password = "";
      }
    } catch (failure) {
      if (failure instanceof Failure && LOCKED.has(failure.code)) this.locked = failure.message;
      else await this.giveUp(this.words(failure));
      return;
    }
    const brought = this.worksheet;
    this.end("");
    if (brought) this.done(brought, this.leftOut);
  }

  private words(failure: unknown): string {
    return this.about(sentenceOf(failure));
  }

  /** A sentence, with the name of the file that it is about where there are several. */
  private about(words: string): string {
    return this.files.length > 1 && this.file ? `${this.file.name}: ${words}` : words;
  }

  private end(problem: string): void {
    this.worksheet = undefined;
    this.locked = "";
    this.files = [];
    this.problem = problem;
    this.target?.under(false);
  }

  private async giveUp(words: string): Promise<void> {
    const half = this.worksheet;
    if (this.cancelled) {
      const gone = await this.takeBack(half);
      this.end(gone ? "Nothing was brought in." : STILL_THERE);
    } else if (half && this.target) {
      this.end(words);
      this.done(half, this.leftOut);
    } else {
      await this.takeBack(half);
      this.end(words);
    }
  }

  /** Have the server forget all that was sent, the last first. Whether it said that it did. */
  private async takeBack(half: Worksheet | undefined): Promise<boolean> {
    try {
      const last = half && !this.target ? this.uploads.slice(-1) : this.uploads;
      for (const upload of last.toReversed()) {
        await take(teacher.DELETE("/api/uploads/{upload}", { params: { path: { upload } } }));
      }
      if (half && !this.target) {
        const params = { path: { worksheet_id: half.id } };
        await take(teacher.DELETE("/api/worksheets/{worksheet_id}", { params })).catch(() => undefined);
      }
      return true;
    } catch {
      return false;
    }
  }
}
