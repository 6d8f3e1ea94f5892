import type * as v from "valibot";

/** What the checker of schemas finds, in the words of the product. */

/** Where the first issue is, as a path (`dishes/0/parts/1/name`), and what is wrong with it. */
export function firstIssue(issues: readonly v.BaseIssue<unknown>[]): { field: string; problem: string } {
  // Issues of a variant point at the whole; the deepest one names the field.
  const issue = issues.reduce(
    (deep, i) => ((i.path?.length ?? 0) > (deep.path?.length ?? 0) ? i : deep),
    issues[0] as v.BaseIssue<unknown>,
  );
  const field = (issue.path ?? []).map((p) => String((p as { key: unknown }).key)).join("/");
  return { field: field || "the whole document", problem: describeIssue(issue) };
}

/** The checker's own sentences begin so; ours say already what must be. */
const ITS_OWN = /^Invalid /;
const SHAPES: Readonly<Record<string, string>> = {
  string: "must be text",
  number: "must be a number",
  boolean: "must be true or false",
  array: "must be a list",
  object: "must be an object",
  strict_object: "must be an object",
  record: "must be an object",
  iso_timestamp: "must be an instant such as 2026-11-29T19:00:00.000Z",
};
function describeIssue({ message, type, expected, received }: v.BaseIssue<unknown>): string {
  if (!ITS_OWN.test(message)) return message;
  if (message.startsWith("Invalid key"))
    return received === "undefined" ? "is missing" : "is no field that is known here";
  if (type === "picklist" || type === "literal" || type === "variant") return `must be ${oneOf(expected ?? "")}`;
  if (type === "strict_tuple") return `must be a list of ${/\d+/.exec(expected ?? "")?.[0] ?? "so many"}`;
  return SHAPES[type] ?? "is not what it has to be";
}
/** `("a" | "b")` as the checker writes it: `a or b`. */
function oneOf(expected: string): string {
  const names = [...expected.matchAll(/"([^"]*)"|(\d+)/g)].map((m) => m[1] ?? m[2]);
  return names.length < 2 ? (names[0] ?? "something else") : `one of ${names.join(", ")}`;
}
