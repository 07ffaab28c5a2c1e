// A student at work on a copy: the answers, how saving stands, which question is in hand.

import { Failure, noNetwork } from "../../api/failure";
import {
  student,
  type Answer,
  type Checked,
  type Copy,
  type Entry,
  type Help,
  type PartPrompt,
  type Prompt,
} from "../../api/student";
import { kindOf, placesOf } from "../../kinds/student";
import type { SheetFiles, SheetStore } from "../../kinds/sheet_store";
import { AnswerKeeper, type Of, type Wire } from "../../saving/answer_keeper";
import { FileKeeper } from "../../saving/file_keeper";
import type { Device } from "../../saving/device";
import type { SaveState } from "../../saving/state";
import { inBrowser, type Surroundings } from "../../saving/surroundings";
import { announce } from "../../ui/Announcer.svelte";
import { plural } from "../../words/say";
import { Clock } from "./clock.svelte";
import { Flags } from "./flags.svelte";
import { PageSteps } from "./page_steps.svelte";

/** An entry of an answer, and what it is to be. */
interface Put {
  prompt: Prompt;
  entry: string;
  value: Entry;
}

/** What is asked, numbered and counted: a part of a field. */
export interface Question {
  /** Its name in lists and maps. */
  name: string;
  prompt: Prompt;
  part: PartPrompt;
}

export type HelpOffer = Prompt["help"][number];

const nameOf = (fieldId: string, part: string) => (part ? `${fieldId}/${part}` : fieldId);

export class Working implements SheetStore {
  readonly copy: Copy;
  readonly questions: readonly Question[];
  readonly flags: Flags;
  readonly clock: Clock;
  answers: Record<string, Answer> = $state.raw({});
  /** What was checked, and the number of checks, by the name of the question. */
  checked: Record<string, Checked> = $state.raw({});
  refused: Record<string, string> = $state.raw({});
  /** The help that was asked for. */
  private shown: Copy["help"] = $state.raw([]);
  /** The name of the question in hand. */
  current: string | undefined = $state();
  saving: SaveState = $state.raw({ is: "saved" });
  handedInAt: string | null = $state(null);
  /** How many answers of this device came too late to be handed in. */
  late = $state(0);
  /** The numbers of questions whose answer is kept and cannot be shown by this release. */
  readonly unreadable: readonly string[];
  /** Files that the server does not have yet, by the prompts' ids. */
  private filesWaiting: ReadonlyMap<string, Blob> = $state.raw(new Map());
  /** What can be undone, page by page. */
  readonly steps = new PageSteps<Put>();
  /** The page that most is seen of. */
  inView: string = $state("");
  private readonly entries = new Map<string, Map<string, Entry>>();
  private readonly keeper: AnswerKeeper;
  private readonly fileKeeper: FileKeeper;
  readonly files: SheetFiles;
  private readonly around: Surroundings;
  private ending = false;
  private readonly ofKinds = new Map<Prompt["kind"], unknown>();

  constructor(copy: Copy, device: Device) {
    this.copy = copy;
    this.questions = copy.sheet.prompts.flatMap((prompt) =>
      prompt.parts.map((part) => ({ name: nameOf(prompt.id, part.id), prompt, part })),
    );
    this.flags = new Flags(copy.id, device);
    const around = inBrowser(device);
    this.around = around;
    this.clock = new Clock(
      copy.id,
      copy.time,
      around,
      () => student.time(copy.id),
      (seconds) => announce(plural(seconds / 60, ["# minute left", "# minutes left"])),
    );
    this.shown = copy.help;
    this.handedInAt = copy.handed_in_at;
    this.inView = copy.sheet.pages[0]?.id ?? "";
    this.checked = Object.fromEntries(
      copy.checked.map((checked) => [nameOf(checked.field_id, checked.part), checked]),
    );
    const wire: Wire = {
      send: async (changes, leaving) => (await student.save(copy.id, { changes }, leaving)).changes,
      onAnswer: (of, entry) => this.show(of, entry),
      onRefused: ({ field_id }, message) => (this.refused = { ...this.refused, [field_id]: message }),
      onTooLate: (handedInAt, changes) => {
        this.handedInAt ??= handedInAt;
        this.late += changes;
      },
      onState: (state) => (this.saving = state),
    };
    this.keeper = new AnswerKeeper(copy.id, wire, around);
    this.fileKeeper = new FileKeeper(
      copy.id,
      {
        send: async (field, file) => (await student.file(copy.id, field, file)).file,
        onSent: (field, file) => this.speakOf(field, file),
        onRefused: (field, message) => (this.refused = { ...this.refused, [field]: message }),
        onWaiting: (waiting) => (this.filesWaiting = waiting),
      },
      around,
    );
    const waiting = () => this.filesWaiting;
    this.files = {
      get waiting() {
        return waiting();
      },
      put: ({ id }, file) => {
        if (this.readonly) return;
        if (this.refused[id]) this.refused = { ...this.refused, [id]: "" };
        this.fileKeeper.put(id, file);
      },
      drop: ({ id }) => this.fileKeeper.drop(id),
      address: (file) => `/c/${copy.id}/files/${file}/`,
    };
    const gone = new Set(copy.answers.filter(({ answer }) => !answer).map(({ field_id }) => field_id));
    this.unreadable = copy.sheet.prompts.filter(({ id }) => gone.has(id)).map((prompt) => numberOf(prompt));
    if (this.done) {
      for (const { answer, ...of } of copy.answers) if (answer) this.show(of, answer);
      this.keeper.beginDone(copy.answers);
      this.fileKeeper.forget();
    } else {
      for (const [of, entry] of this.keeper.begin(copy.answers)) this.show(of, entry);
      this.fileKeeper.begin();
    }
    this.current = (this.blanks[0] ?? this.questions[0])?.name;
  }

  get seed(): string {
    return this.copy.id;
  }

  get standIn(): boolean {
    return this.copy.stand_in_microphone;
  }

  get prompts(): Prompt[] {
    return this.copy.sheet.prompts;
  }

  get done(): boolean {
    return this.handedInAt !== null;
  }

  get readonly(): boolean {
    return this.done || !this.clock.open || this.saving.is === "stopped";
  }

  /** The questions that ask for an answer: working-out that is not marked may stay blank. */
  get asked(): Question[] {
    return this.questions.filter(({ prompt, part }) => prompt.working_for === null || part.points > 0);
  }

  get blanks(): Question[] {
    return this.asked.filter((question) => this.isBlank(question));
  }

  /** The question in hand. */
  get question(): Question | undefined {
    return this.questions.find(({ name }) => name === this.current);
  }

  /** The questions that a prompt asks. */
  questionsOf(prompt: Prompt): Question[] {
    return this.questions.filter((question) => question.prompt === prompt);
  }

  /** Take a question in hand, or a prompt's first. */
  take(prompt: Prompt, part?: string): void {
    this.current = nameOf(prompt.id, part ?? prompt.parts[0]?.id ?? "");
  }

  of<T>(kind: Prompt["kind"], make: () => T): T {
    if (!this.ofKinds.has(kind)) this.ofKinds.set(kind, make());
    return this.ofKinds.get(kind) as T;
  }

  isBlank({ prompt, part }: Question): boolean {
    return kindOf(prompt).isBlank(this.answers[prompt.id], part.id) && !this.filesWaiting.has(prompt.id);
  }

  /** The verdict on an answer that was checked, as long as it is still the answer. */
  verdict({ name, prompt, part }: Question): Checked | undefined {
    const checked = this.checked[name];
    if (!checked) return undefined;
    const said = kindOf(prompt).saidIn ?? ((answer: Answer | undefined) => answer);
    const [then, now] = [checked.answer ?? undefined, this.answers[prompt.id]].map((answer) =>
      said(answer, part.id),
    );
    return same(then, now) ? checked : undefined;
  }

  answer(prompt: Prompt, answer: Answer): void {
    this.change(prompt, "", answer as Entry); // only kinds that are kept as a whole answer as a whole
  }

  /** Change an entry of an answer, or all of it: then the entry has no name. */
  change(prompt: Prompt, entry: string, value: Entry): void {
    if (this.readonly) return;
    const before = this.entries.get(prompt.id)?.get(entry) ?? kindOf(prompt).nothing(entry);
    const pages = new Set(placesOf(prompt).map(({ page }) => page));
    this.steps.add(
      pages.has(this.inView) ? this.inView : prompt.page,
      {
        label: numberOf(prompt),
        done: [{ prompt, entry, value }],
        undone: [{ prompt, entry, value: before }],
        joins: `${prompt.id}/${entry}`,
      },
      Date.now(),
    );
    this.put({ prompt, entry, value });
  }

  /** Everything that was moved on a page, and how it was at first. */
  movedOn(page: string): Put[] {
    return this.prompts.flatMap((prompt) => {
      const answer = this.answers[prompt.id];
      const back = (answer && kindOf(prompt).setBack?.(prompt, answer, page)) ?? [];
      return back.map(([entry, value]) => ({ prompt, entry, value }));
    });
  }

  /** Put back everything that was moved on a page: one step. */
  startAgain(page: string): void {
    const done = this.movedOn(page);
    const undone = done.flatMap(({ prompt, entry }) => {
      const value = this.entries.get(prompt.id)?.get(entry);
      return value ? [{ prompt, entry, value }] : [];
    });
    const label = [...new Set(done.map(({ prompt }) => numberOf(prompt)))].join(", ");
    if (done.length > 0) this.steps.add(page, { label, done, undone }, Date.now());
    for (const each of done) this.put(each);
  }

  /** Take back the last step on a page; the numbers of the questions that it was about. */
  undo(page: string): string | undefined {
    const step = this.steps.undo(page);
    for (const each of step?.undone ?? []) this.put(each);
    return step?.label;
  }

  redo(page: string): string | undefined {
    const step = this.steps.redo(page);
    for (const each of step?.done ?? []) this.put(each);
    return step?.label;
  }

  private put({ prompt, entry, value }: Put): void {
    if (this.readonly) return;
    const of = { field_id: prompt.id, entry };
    this.show(of, value);
    if (this.refused[prompt.id]) this.refused = { ...this.refused, [prompt.id]: "" };
    this.keeper.set(of, value);
  }

  /** The next question without an answer after the one in hand, going round; undefined when none is left. */
  nextBlank(): Question | undefined {
    const at = this.question ? this.questions.indexOf(this.question) + 1 : 0;
    const blanks = new Set(this.blanks);
    return [...this.questions.slice(at), ...this.questions.slice(0, at)].find((each) => blanks.has(each));
  }

  neighbour(by: 1 | -1): Question | undefined {
    return this.questions[(this.question ? this.questions.indexOf(this.question) : 0) + by];
  }

  /** How many checks of a question may still not find it right; null: any number. */
  triesLeft({ name }: Question): number | null {
    return this.checked[name]?.left ?? this.copy.tries_allowed;
  }

  /** Whether the answer of a question can be checked now. */
  canCheck(question: Question): boolean {
    const left = this.triesLeft(question);
    return this.copy.may_check && !this.isBlank(question) && (left === null || left > 0);
  }

  /** Check the answer of a question. Throws Failure. */
  async check({ name, prompt, part }: Question): Promise<void> {
    await this.keeper.flush();
    const checked = await student.check(this.copy.id, { field_id: prompt.id, part: part.id });
    if (checked) this.checked = { ...this.checked, [name]: checked };
  }

  /** The help that there is on a question; of a copy that cannot be changed, the help that was shown. */
  helpOn({ prompt, part }: Question): HelpOffer[] {
    const about = prompt.help.filter((offer) => offer.part === null || offer.part === part.id);
    return this.readonly ? about.filter(({ id }) => this.shownHelp(prompt, id)) : about;
  }

  /** What a help says, if it was asked for. */
  shownHelp(prompt: Prompt, help: string): Help | undefined {
    return this.shown.find((shown) => shown.field_id === prompt.id && shown.help.id === help)?.help;
  }

  /** Ask for a help, which is on record. Throws Failure. */
  async askFor(prompt: Prompt, help: string): Promise<void> {
    const shown = await student.help(this.copy.id, { field_id: prompt.id, help_id: help });
    if (!this.shownHelp(prompt, help)) this.shown = [...this.shown, shown];
  }

  /** Hand in, with the answers that are not sent yet. Throws Failure. */
  async handIn(): Promise<void> {
    await this.fileKeeper.flush();
    if (!this.fileKeeper.isEmpty) throw noNetwork();
    await this.keeper.handIn(async (changes) => {
      const { handed_in_at, late } = await student.handIn(this.copy.id, { changes });
      this.handedInAt = handed_in_at;
      this.flags.forget();
      this.late += late.filter(({ refused }) => !refused).length;
      return late;
    });
    this.saving = { is: "saved" };
  }

  /** The time is up: hand in what there is, when the server can be reached. What it refuses stays as it was saved. */
  async handInAtEnd(): Promise<void> {
    if (this.ending || this.done) return;
    this.ending = true;
    try {
      await this.handIn();
      announce("The time is over. Your work is handed in.");
    } catch (problem) {
      if (problem instanceof Failure && (problem.offline || problem.status >= 500))
        this.around.later(() => void this.handInAtEnd(), 10_000);
      else announce("The time is over.");
    } finally {
      this.ending = false;
    }
  }

  /** Have this device keep nothing of the copy. False, and nothing is forgotten, while the server does not have all of it. */
  async leaveDevice(): Promise<boolean> {
    await this.flush();
    if (!this.fileKeeper.isEmpty || !this.keeper.isSettled) return false;
    this.keeper.leave();
    this.flags.forget();
    this.clock.forget();
    return true;
  }

  /** Send what is unsent. Resolves when the try is over, whatever came of it. */
  async flush(): Promise<void> {
    await this.fileKeeper.flush();
    await this.keeper.flush(); // an answer speaks of a file that was sent
  }

  /** The server has a file: the answer of its prompt speaks of it. */
  private speakOf(field: string, file: string): void {
    const prompt = this.prompts.find(({ id }) => id === field);
    const answer = prompt && kindOf(prompt).withFile?.(this.answers[field], file);
    if (answer) this.answer(prompt, answer);
  }

  private show({ field_id, entry }: Of, value: Entry): void {
    const prompt = this.prompts.find(({ id }) => id === field_id);
    if (!prompt) return;
    const entries = this.entries.get(field_id) ?? new Map<string, Entry>();
    this.entries.set(field_id, entries);
    entries.delete(entry); // what was written last stands last
    entries.set(entry, value);
    const together = kindOf(prompt).together;
    const answer = together ? together(prompt, entries) : (value as Answer);
    this.answers = { ...this.answers, [field_id]: answer };
  }
}

/** The number that a prompt is known by: its first part's. */
export const numberOf = (prompt: Prompt): string => prompt.parts[0]?.number ?? "";

function same(a: unknown, b: unknown): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}
