// A student at work on a copy: the answers, how saving stands, which question is in hand.

import { failureFrom, noNetwork, take } from "../../api/failure";
import { csrfToken } from "../../api/begin";
import {
  student,
  type Answer,
  type ChangeOut,
  type Change,
  type Checked,
  type Copy,
  type Prompt,
  type Schemas,
} from "../../api/student";
import { kindOf } from "../../kinds/student";
import { AnswerKeeper, TooLate } from "../../saving/answer_keeper";
import type { SaveState } from "../../saving/state";

/** Milliseconds after which a save is tried again: it does no harm if it comes twice, or late. */
const TIMEOUT = 20_000;

export class Working {
  readonly copy: Copy;
  answers: Record<string, Answer> = $state.raw({});
  checked: Record<string, Checked> = $state.raw({});
  refused: Record<string, string> = $state.raw({});
  current: string | undefined = $state();
  saving: SaveState = $state.raw({ is: "saved" });
  handedInAt: string | null = $state(null);
  /** How many answers of this device came too late to be handed in. */
  late = $state(0);
  /** Questions whose answer is kept and cannot be shown by this release. */
  readonly unreadable: readonly string[];
  private readonly keeper: AnswerKeeper;

  constructor(copy: Copy) {
    this.copy = copy;
    this.handedInAt = copy.handed_in_at;
    this.checked = Object.fromEntries(copy.checked.map((checked) => [checked.field_id, checked]));
    this.keeper = new AnswerKeeper(copy.id, {
      send: (changes, leaving) => this.send(changes, leaving),
      onAnswer: (fieldId, answer) => this.show(fieldId, answer),
      onRefused: (fieldId, message) => (this.refused = { ...this.refused, [fieldId]: message }),
      onTooLate: (handedInAt, changes) => {
        this.handedInAt ??= handedInAt;
        this.late += changes;
      },
      onState: (state) => (this.saving = state),
    });
    this.unreadable = copy.answers.filter(({ answer }) => !answer).map(({ field_id }) => field_id);
    if (this.done) {
      const handedIn = copy.answers.flatMap(({ field_id, answer }) => (answer ? [[field_id, answer]] : []));
      this.answers = Object.fromEntries(handedIn) as Record<string, Answer>;
      this.keeper.beginDone(copy.answers);
    } else {
      this.answers = Object.fromEntries(this.keeper.begin(copy.answers));
    }
    this.current = this.blanks[0]?.id ?? this.prompts[0]?.id;
  }

  get prompts(): Prompt[] {
    return this.copy.sheet.prompts;
  }

  get done(): boolean {
    return this.handedInAt !== null;
  }

  get readonly(): boolean {
    return this.done || !this.copy.open || this.saving.is === "stopped";
  }

  get blanks(): Prompt[] {
    return this.prompts.filter((prompt) => this.isBlank(prompt));
  }

  get prompt(): Prompt | undefined {
    return this.prompts.find((prompt) => prompt.id === this.current);
  }

  number(prompt: Prompt): string {
    return prompt.number;
  }

  numberOf(fieldId: string): string {
    return this.prompts.find(({ id }) => id === fieldId)?.number ?? "";
  }

  isBlank(prompt: Prompt): boolean {
    return kindOf(prompt).isBlank(this.answers[prompt.id]);
  }

  /** The verdict on an answer that was checked, as long as it is still the answer. */
  verdict(prompt: Prompt): Checked | undefined {
    const checked = this.checked[prompt.id];
    return checked && same(checked.answer ?? undefined, this.answers[prompt.id]) ? checked : undefined;
  }

  answer(prompt: Prompt, answer: Answer): void {
    if (this.readonly) return;
    this.show(prompt.id, answer);
    if (this.refused[prompt.id]) this.refused = { ...this.refused, [prompt.id]: "" };
    this.keeper.set(prompt.id, answer);
  }

  /** The next question without an answer after the one in hand, going round; undefined when none is left. */
  nextBlank(): Prompt | undefined {
    const at = this.prompt ? this.prompts.indexOf(this.prompt) + 1 : 0;
    return [...this.prompts.slice(at), ...this.prompts.slice(0, at)].find((prompt) => this.isBlank(prompt));
  }

  neighbour(by: 1 | -1): Prompt | undefined {
    return this.prompts[(this.prompt ? this.prompts.indexOf(this.prompt) : 0) + by];
  }

  /** How many checks of a question may still not find it right; null: any number. */
  triesLeft(prompt: Prompt): number | null {
    return this.checked[prompt.id]?.left ?? this.copy.tries_allowed;
  }

  /** Whether the answer of a question can be checked now. */
  canCheck(prompt: Prompt): boolean {
    const left = this.triesLeft(prompt);
    return this.copy.may_check && !this.isBlank(prompt) && (left === null || left > 0);
  }

  /** Check the answer of a question. Throws Failure. */
  async check(prompt: Prompt): Promise<void> {
    await this.keeper.flush();
    const params = { path: { copy_id: this.copy.id } };
    const checked = await take(student.POST("/c/{copy_id}/check", { params, body: { field_id: prompt.id } }));
    if (checked) this.checked = { ...this.checked, [prompt.id]: checked };
  }

  /** Hand in, with the answers that are not sent yet. Throws Failure. */
  async handIn(): Promise<void> {
    const params = { path: { copy_id: this.copy.id } };
    const body = { changes: this.keeper.changes() };
    const { handed_in_at, late } = await take(
      student.POST("/c/{copy_id}/hand-in", { params, body, signal: AbortSignal.timeout(TIMEOUT) }),
    );
    this.handedInAt = handed_in_at;
    this.late += late.filter(({ refused }) => !refused).length;
    this.keeper.finish(body.changes, late);
    this.saving = { is: "saved" };
  }

  private show(fieldId: string, answer: Answer): void {
    this.answers = { ...this.answers, [fieldId]: answer };
  }

  private async send(changes: Change[], leaving: boolean): Promise<ChangeOut[]> {
    const response = await fetch(`/c/${this.copy.id}/answers`, {
      method: "POST",
      // What is sent while the page closes may outlive it, if it is small.
      keepalive: leaving,
      signal: AbortSignal.timeout(TIMEOUT),
      headers: { "Content-Type": "application/json", "X-CSRFToken": csrfToken() },
      body: JSON.stringify({ changes }),
    }).catch(() => {
      throw noNetwork();
    });
    const body: unknown = await response.json().catch(() => null);
    if (!response.ok) throw tooLate(body, response.status) ?? failureFrom(body, response.status);
    return (body as { changes: ChangeOut[] }).changes;
  }
}

function tooLate(body: unknown, status: number): TooLate | undefined {
  if (status !== 409 || !body || typeof body !== "object" || !("changes" in body)) return undefined;
  const { code, message, handed_in_at, changes } = body as Schemas["TooLateOut"];
  return new TooLate(code, message, handed_in_at ?? null, changes ?? []);
}

function same(a: Answer | undefined, b: Answer | undefined): boolean {
  return JSON.stringify(a) === JSON.stringify(b);
}
