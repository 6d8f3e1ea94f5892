import type * as v from "valibot";
import { firstIssue } from "./issue";

/** RFC 9457 problem details. `field` is a path into the request body. */
export interface Problem {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly detail: string;
  readonly field?: string;
}
/** Media type of RFC 9457. */
export const PROBLEM_TYPE = "application/problem+json";

/** The body is larger than allowed, in bytes or in the values that it holds. */
export const tooLarge = (most: number, what: "bytes" | "values"): Problem => ({
  type: "/problems/too-large",
  title: "The request is too large",
  status: 413,
  detail: `Send at most ${most} ${what}.`,
});
/** It was ended because it took too long, or too much memory. */
export const tooHeavy = (seconds: number): Problem => ({
  type: "/problems/too-heavy",
  title: "The request is too heavy",
  status: 422,
  detail: `It was not worked out within ${seconds} seconds. Ask for fewer dishes, tasks, nodes or samples.`,
});
/** Too many requests wait already. */
export const busy: Problem = {
  type: "/problems/busy",
  title: "Too many requests wait already",
  status: 503,
  detail: "Send it again a little later.",
};
/** A fault of Jade Pan. */
export const ourFault: Problem = {
  type: "/problems/fault",
  title: "Jade Pan could not work this out",
  status: 500,
  detail: "The request is in order; the fault is ours.",
};
/** The body is not JSON. */
export const notJson: Problem = {
  type: "/problems/not-json",
  title: "The request is not JSON",
  status: 400,
  detail: "The body could not be read as JSON. Check for a missing bracket or a cut-off end.",
};
/** The body does not say that it is JSON. */
export const wrongMedia: Problem = {
  type: "/problems/wrong-media-type",
  title: "The request does not say that it is JSON",
  status: 415,
  detail: "Send the header “content-type: application/json”.",
};
/** A page of another address asks. */
export const foreignOrigin: Problem = {
  type: "/problems/foreign-origin",
  title: "Pages of other addresses get no answer",
  status: 403,
  detail: "Ask from a program, or from a page of this address.",
};
/** Another method than those that a door has. */
export const wrongMethod = (allowed: string): Problem => ({
  type: "/problems/wrong-method",
  title: "This door does not take that method",
  status: 405,
  detail: `Use ${allowed}.`,
});
/** A field is wrong; it is named. */
export const wrongField = (issues: readonly v.BaseIssue<unknown>[]): Problem => wrong(firstIssue(issues));
/** A field within its schema that does not go with the others. */
export function wrong({ field, problem }: { readonly field: string; readonly problem: string }): Problem {
  return {
    type: "/problems/wrong-field",
    title: "A field is wrong",
    status: 422,
    detail: `${field}: ${problem}`,
    field,
  };
}
