/**
 * The one shape in which something that a user or the data can cause goes wrong.
 * Only bugs throw; everything else comes back as a value that the page can show.
 */
export type FailureCode = keyof typeof CATALOGUE;

export type Failure = {
  readonly ok: false;
  readonly code: FailureCode;
  /** One sentence: what happened and what to do about it. */
  readonly message: string;
  /** Where in the document, e.g. `recipe.ingredients[2].amount`; empty when the whole is meant. */
  readonly path: string;
};

export type Success<T> = { readonly ok: true; readonly value: T };
export type Result<T> = Success<T> | Failure;

/**
 * Every failure the product can report, with the HTTP status a door answers with.
 * `docs/errors.md` explains each one; a test holds the two together.
 */
export const CATALOGUE = {
  NOT_JSON: { status: 422 },
  TOO_LARGE: { status: 422 },
  FILE_NOT_READABLE: { status: 422 },
  UNKNOWN_KEY: { status: 422 },
  MISSING_VALUE: { status: 422 },
  BAD_VALUE: { status: 422 },
  OUT_OF_RANGE: { status: 422 },
  UNKNOWN_INGREDIENT: { status: 422 },
  NO_COUNT_WEIGHT: { status: 422 },
  BAD_COMPOSITION: { status: 422 },
  NOTHING_TO_BAKE: { status: 422 },
  PIECE_DOES_NOT_FIT: { status: 422 },
  DOES_NOT_FIT: { status: 422 },
  STOPPED: { status: 422 },
  PRINTER_WAITS: { status: 409 },
  SCALE_NOT_REACHED: { status: 422 },
  OUTSIDE_MODEL: { status: 422 },
  TOO_MUCH_WORK: { status: 422 },
  TOO_BUSY: { status: 503 },
  GIVEN_UP: { status: 499 },
  OFFLINE: { status: 503 },
  WORKER_FAILED: { status: 500 },
  NOT_FOUND: { status: 404 },
  CHANGED_ELSEWHERE: { status: 409 },
  FOREIGN_ORIGIN: { status: 403 },
  NOT_SIGNED_IN: { status: 401 },
  NOT_ALLOWED: { status: 403 },
  TOO_MANY_TRIES: { status: 429 },
  DATABASE_AWAY: { status: 503 },
  DATABASE_BUSY: { status: 503 },
  DISK_FULL: { status: 503 },
  METHOD_NOT_KNOWN: { status: 405 },
  TOO_SLOW: { status: 408 },
} as const satisfies Record<string, { status: number }>;

/** Makes a failure; `path` names the key it belongs to. */
export function fail(code: FailureCode, message: string, path = ''): Failure {
  return { ok: false, code, message, path };
}

/** Wraps a value that could be worked out. */
export function succeed<T>(value: T): Success<T> {
  return { ok: true, value };
}

/** The same failure, seen from one level further out: `at(f, 'recipe')` prefixes its path. */
export function at(failure: Failure, prefix: string): Failure {
  return { ...failure, path: failure.path ? `${prefix}.${failure.path}` : prefix };
}
