// Errors as a person is told them.

/** One thing that is wrong with a request. */
export interface Fault {
  code: string;
  message: string;
  /** Which part of the request it is about, from the outside in. */
  path: readonly (string | number)[];
}

/** A request that failed: a stable code and a sentence. `offline` when no server was reached at all. */
export class Failure extends Error {
  constructor(
    readonly code: string,
    message: string,
    readonly status: number,
    readonly path: Fault["path"] = [],
    /** All that is wrong with the request, this too. */
    readonly faults: readonly Fault[] = [{ code, message, path }],
  ) {
    super(message);
  }

  get offline(): boolean {
    return this.status === 0;
  }

  /** Whether the same request may succeed later: no server, or one that is overloaded or restarting. */
  get passing(): boolean {
    return this.status === 0 || this.status === 429 || this.status >= 500;
  }
}

/** What went wrong, from the body of an error response or from a fetch that threw. */
export function failureFrom(body: unknown, status: number): Failure {
  if (body && typeof body === "object" && "code" in body && "message" in body) {
    const path = "path" in body && Array.isArray(body.path) ? (body.path as Fault["path"]) : [];
    const all = "faults" in body && Array.isArray(body.faults) ? (body.faults as Fault[]) : [];
    return new Failure(
      String(body.code),
      String(body.message),
      status,
      path,
      all.length > 0 ? all : undefined,
    );
  }
  return new Failure(
    "server.failed",
    "The server could not do this just now. What was saved is kept.",
    status,
  );
}

/** What to say of something that failed. */
export const sentenceOf = (problem: unknown): string =>
  problem instanceof Failure ? problem.message : String(problem);

export const noNetwork = () =>
  new Failure("network.none", "The server cannot be reached. Look at the connection.", 0);

interface Result<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The data of a request, or a thrown Failure. */
export async function take<T>(request: Promise<Result<T>>): Promise<T> {
  let result: Result<T>;
  try {
    result = await request;
  } catch {
    throw noNetwork();
  }
  if (!result.response.ok) throw failureFrom(result.error, result.response.status);
  return result.data as T;
}
