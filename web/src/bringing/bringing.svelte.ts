// Bringing files in, one after the other: into a worksheet of their own, all of them or none, or behind the pages of one.

import { Failure, take } from "../api/failure";
import { teacher, type Schemas } from "../api/teacher";
import { send, type Sending } from "./send";

type Worksheet = Schemas["WorksheetOut"];

/** Codes that ask for a password instead of ending it all. */
const LOCKED = new Set(["paper.encrypted", "paper.wrong_password"]);

/** A worksheet behind whose pages files are put, or behind those set aside. */
interface Target {
  worksheet: string;
  aside?: boolean;
  /** What has to be done before a file is sent. */
  before: () => Promise<void>;
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

  constructor(
    private readonly largest: number,
    private readonly done: (worksheet: Worksheet) => void,
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
    await this.goOn();
  }

  /** Go on with the file under way, now that its password is known. */
  async unlock(password: string): Promise<void> {
    this.locked = "";
    await this.goOn(password);
  }

  /** Give up: what was brought in of these files goes too. */
  async cancel(): Promise<void> {
    if (this.locked) await this.giveUp("Nothing was brought in.");
    else this.sending?.cancel();
  }

  private async goOn(password = ""): Promise<void> {
    try {
      await this.target?.before();
      for (; this.file; this.at += 1) {
        this.sent = 0;
        const behind = this.target?.worksheet ?? this.worksheet?.id;
        const aside = this.target?.aside ?? false;
        this.sending = send(this.file, { behind, aside }, password, (share) => (this.sent = share));
        this.worksheet = await this.sending.result;
        password = "";
      }
    } catch (failure) {
      if (failure instanceof Failure && LOCKED.has(failure.code)) this.locked = failure.message;
      else await this.giveUp(this.words(failure));
      return;
    }
    const brought = this.worksheet;
    this.worksheet = undefined;
    this.files = [];
    if (brought) this.done(brought);
  }

  private words(failure: unknown): string {
    const words = failure instanceof Failure ? failure.message : String(failure);
    return this.files.length > 1 && this.file ? `${this.file.name}: ${words}` : words;
  }

  private async giveUp(words: string): Promise<void> {
    const half = this.worksheet;
    this.worksheet = undefined;
    this.locked = "";
    if (half && this.target) {
      this.done(half);
    } else if (half) {
      const params = { path: { worksheet_id: half.id } };
      await take(teacher.DELETE("/api/worksheets/{worksheet_id}", { params })).catch(() => undefined);
    }
    this.files = [];
    this.problem = words;
  }
}
