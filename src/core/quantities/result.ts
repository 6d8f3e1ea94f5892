/**
 * Expected failure as a value: the tag is for the program, the sentence is written where the reader is
 * (`words`, `formats/problem`). Misuse of a function by its programmer throws instead.
 */
export type Result<T, F> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly failure: F };

/** A result that is there. */
export const succeed = <T>(value: T): Result<T, never> => ({ ok: true, value });
/** A result that could not be had, with its reason. */
export const fail = <const F>(failure: F): Result<never, F> => ({ ok: false, failure });

/** A number that a formula cannot take. `field` names the input as the cook's forms and the API name it. */
export type BadNumber =
  | { readonly kind: "not-a-number"; readonly field: string }
  | {
      readonly kind: "out-of-range";
      readonly field: string;
      readonly got: number;
      readonly low: number;
      readonly high: number;
    };

/** Finite and inside [low, high], or the reason why not. */
export function checkNumber(field: string, got: number, low: number, high: number): BadNumber | null {
  if (!Number.isFinite(got)) return { kind: "not-a-number", field };
  return got < low || got > high ? { kind: "out-of-range", field, got, low, high } : null;
}

/** The first bad one of several checks; order is the order in which a reader meets the fields. */
export const firstBad = (...checks: (BadNumber | null)[]): BadNumber | null => checks.find((c) => c !== null) ?? null;
