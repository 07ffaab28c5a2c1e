import type { components } from "../generated/student";
import { csrfToken } from "./begin";
import { Failure, failureFrom, noNetwork } from "./failure";

export type Schemas = components["schemas"];
export type Copy = Schemas["CopyOut"];
export type Prompt = Copy["sheet"]["prompts"][number];
export type Answer = NonNullable<Schemas["CheckedAnswer"]["answer"]>;
/** What is saved of an answer by itself: all of it, for most kinds. */
export type Entry = NonNullable<Copy["answers"][number]["answer"]>;
export type PartPrompt = Prompt["parts"][number];
export type Checked = Schemas["CheckedAnswer"];
export type Change = Schemas["ChangeIn"];
export type Texts = Schemas["TextsOut"];
export type Help = Schemas["ShownHelpOut"]["help"];
export type Instruction = Prompt["instructions"][number];
export type ChangeOut = Schemas["ChangeOut"];

/** Milliseconds after which a save is tried again: it does no harm if it comes twice, or late. */
const TIMEOUT = 20_000;
/** The same for a file, which may be large. */
const FILE_TIMEOUT = 180_000;

/**
 * What a student asks the server for, about one copy. Each throws Failure. Teachers' screens have a client that is made for any
 * API; a sheet is downloaded by thirty students at once, and these few are lighter.
 */
export const student = {
  /** What can be read on the pages and about the questions; undefined when it cannot be had. */
  texts: (copy: string): Promise<Texts | undefined> => ask<Texts>(copy, "texts", {}).catch(() => undefined),
  /** Undefined: the answer is blank. */
  check: (copy: string, body: Schemas["CheckIn"]) => post<Checked | undefined>(copy, "check", body),
  /** How the copy stands by the server's clock; undefined when it cannot be had. */
  time: (copy: string): Promise<Schemas["TimeOut"] | undefined> =>
    ask<Schemas["TimeOut"]>(copy, "time", { cache: "no-store" }).catch(() => undefined),
  help: (copy: string, body: Schemas["HelpIn"]) => post<Schemas["ShownHelpOut"]>(copy, "help", body),
  handIn: (copy: string, body: Schemas["AnswersIn"]) => post<Schemas["HandedIn"]>(copy, "hand-in", body),
  /** What is sent while the page closes (`leaving`) may outlive it, if it is small. */
  save: (copy: string, body: Schemas["AnswersIn"], leaving: boolean) =>
    post<Schemas["AnswersOut"]>(copy, "answers", body, { keepalive: leaving }),
  file: (copy: string, field: string, file: Blob) =>
    ask<Schemas["FileOut"]>(copy, `files?field_id=${encodeURIComponent(field)}`, {
      method: "POST",
      signal: AbortSignal.timeout(FILE_TIMEOUT),
      headers: { "Content-Type": "application/octet-stream", "X-CSRFToken": csrfToken() },
      body: file,
    }),
};

const post = <T>(copy: string, what: string, body: unknown, more: RequestInit = {}): Promise<T> =>
  ask<T>(copy, what, {
    method: "POST",
    signal: AbortSignal.timeout(TIMEOUT),
    headers: { "Content-Type": "application/json", "X-CSRFToken": csrfToken() },
    body: JSON.stringify(body),
    ...more,
  });

async function ask<T>(copy: string, what: string, how: RequestInit): Promise<T> {
  const response = await fetch(`/c/${copy}/${what}`, how).catch(() => {
    throw noNetwork();
  });
  const body: unknown = response.status === 204 ? undefined : await response.json().catch(() => null);
  if (!response.ok) throw tooLate(body, response.status) ?? failureFrom(body, response.status);
  return body as T;
}

function tooLate(body: unknown, status: number): TooLate | undefined {
  if (status !== 409 || !body || typeof body !== "object" || !("changes" in body)) return undefined;
  const { code, message, handed_in_at, changes } = body as Schemas["TooLateOut"];
  return new TooLate(code, message, handed_in_at ?? null, changes ?? []);
}

/** The refusal of changes to a copy that was handed in or closed; `noted` are kept by the server all the same. */
export class TooLate extends Failure {
  constructor(
    code: string,
    message: string,
    readonly handedInAt: string | null,
    readonly noted: ChangeOut[],
  ) {
    super(code, message, 409);
  }
}
