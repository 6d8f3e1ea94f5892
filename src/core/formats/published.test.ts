/** What others build on stands in `docs/` as it is published; it changes with a commit that shows the change, or not at all. */
import { join } from "node:path";
import { approved } from "../checks/__tests__/approved";
import { STEPS } from "../process/registry";
import type { Field } from "../process/descriptor";
import { openApi } from "./openapi";
import { householdJsonSchema } from "./published";

const doc = (name: string) => join(process.cwd(), "docs", name);
const json = (value: unknown) => `${JSON.stringify(value, null, 1)}\n`;

test("the schema of the household file", () => {
  const now = json(householdJsonSchema());
  expect(JSON.parse(now)).toEqual(JSON.parse(approved(doc("household.schema.json"), now)));
});
test("the description of the API", () => {
  const now = json(openApi());
  expect(JSON.parse(now)).toEqual(JSON.parse(approved(doc("openapi.json"), now)));
});

const takes = (field: Field): string => {
  switch (field.is) {
    case "number":
      return `${field.whole ? "whole, " : ""}${field.low} to ${field.high}${field.orNull ? ", or null" : ""}`;
    case "choice":
      return field.of.map((word) => `\`${word}\``).join(", ");
    case "flag":
      return "true or false";
    case "text":
      return `words, at most ${field.most} characters`;
    case "gear":
      return `the id of a ${field.of === "frying" ? "frying pan" : field.of}, or null for the one that fits`;
  }
};
const section = (step: (typeof STEPS)[number]): string => {
  const usual = step.usual as Readonly<Record<string, unknown>>;
  const rows = Object.entries(step.fields as Record<string, Field>).map(
    ([name, field]) => `| \`${name}\` | ${takes(field)} | ${JSON.stringify(usual[name])} |`,
  );
  const may = (["again", "fitsFrozen", "addsAround", "endsPieces", "fitsBath", "opensCells"] as const).filter(
    (flag) => (step as unknown as Record<string, unknown>)[flag] === true,
  );
  return [
    `## ${step.kind}`,
    "",
    `Waits for the next step: ${step.waitsMin === null ? "as long as you like" : `${step.waitsMin} min`}. The scale after it corrects: ${step.weighed ?? "nothing"}.${may.length > 0 ? ` Marks: ${may.join(", ")}.` : ""}`,
    ...(rows.length > 0 ? ["", "| setting | takes | usual |", "| --- | --- | --- |", ...rows] : []),
    "",
  ].join("\n");
};
test("the table of steps", () => {
  const now = [
    "# Steps and their settings",
    "",
    "Written from the descriptors by `npm run approve`; lengths in mm, masses in g, temperatures in °C, times in minutes, shares as fractions.",
    "",
    ...STEPS.map(section),
  ].join("\n");
  expect(now).toBe(approved(doc("steps.md"), now));
});
