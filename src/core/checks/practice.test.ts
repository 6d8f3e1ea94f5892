/**
 * What happens in a kitchen, run through `plan()`: each case is a chain of steps, what is measured and the range that
 * practice or a published table supports. Its source stands beside each case in `practice.json` and `practice-own.json`.
 */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { describeCaution } from "@/words/cautions";
import { openBook } from "../foods/book";
import { RULES } from "../safety/rules";
import { judge } from "../judge";
import { plan, type Plan } from "../plan";
import { totalG } from "../process/contents";
import type { Fact } from "../process/ledger";
import type { Row } from "../process/row";
import { type Case, type Check, inputOf, OWN_CASES, PRACTICE_CASES } from "./__tests__/practiceCases";

type Computed = Extract<Row, { state: "computed" }>;

const rowOf = (made: Plan, step: string): Row => {
  const rows = made.dishes.flatMap((d) => d.parts.flatMap((p) => p.rows));
  return rows.find((r) => r.step.id === step) as Row;
};
const factOf = <K extends Fact["kind"]>(row: Computed, kind: K) =>
  row.outcome.facts.find((f): f is Extract<Fact, { kind: K }> => f.kind === kind);
/** Everything but free oil, g. */
const drierG = (row: Computed, when: "before" | "after") => {
  const vessel = when === "before" ? row.before : row.outcome.after;
  return totalG(vessel.batch) - vessel.batch.oilG;
};
/** What a step's own lines brought; splashes that the step puts in itself go off again and are no food. */
const broughtG = (row: Computed) =>
  row.outcome.inputs.reduce((m, i) => (i.from === "step" ? m : m + totalG(i.contents) - i.contents.oilG), 0);

/** A figure of a step by the name that the table gives it; undefined when the step does not tell it. */
function measure(row: Computed, { what, of }: Check): number | string | undefined {
  const { after, phases } = row.outcome;
  const { batch } = after;
  const last = <T>(all: readonly (T | undefined)[]) => all.find((v) => v !== undefined);
  switch (what) {
    case "mass":
      return totalG(batch);
    case "oil":
      return batch.oilG;
    case "salt":
      return batch.saltG;
    case "oilShare":
      return batch.oilG / totalG(batch);
    case "saltShare":
      return batch.saltG / totalG(batch);
    case "taken":
      return totalG(batch) - totalG(row.before.batch);
    case "lossG":
      return drierG(row, "before") + broughtG(row) - drierG(row, "after");
    case "lossShare":
      return 1 - drierG(row, "after") / (drierG(row, "before") + broughtG(row));
    case "minutes":
      return phases.reduce((m, p) => m + (of === undefined || p.kind === of ? p.minutes : 0), 0);
    case "doneMin":
      return last([
        factOf(row, "cooked-through")?.minutes,
        factOf(row, "core-short")?.neededMin,
        factOf(row, "softened")?.softMin,
        factOf(row, "tender")?.neededMin,
      ]);
    case "batches":
      return factOf(row, "batches")?.count;
    case "batchG":
      return factOf(row, "batches")?.eachG;
    case "eachMin":
      return factOf(row, "batches")?.eachMin;
    case "hours":
      return (factOf(row, "through")?.neededMin ?? NaN) / 60;
    case "eggs":
      return factOf(row, "gel")?.eggs;
    case "zone":
      return factOf(row, "binding")?.state.zone;
    case "set":
      return factOf(row, "binding")?.state.set;
    case "thickness":
      return factOf(row, "thickness")?.atTable;
    case "body":
      return factOf(row, "batter")?.body;
    case "fill":
      return factOf(row, "fill")?.share;
  }
  throw new Error(`nobody knows how to measure "${what}"`);
}

function holds(one: Case, check: Check): void {
  const input = inputOf(one);
  const made = plan(input);
  if (check.what === "stop" || check.what === "caution") {
    const foods = openBook(input).food;
    const found = judge(input, made, null)
      .filter((c) => check.what === "caution" || c.severity === "stop")
      // As the cook reads it.
      .map((c) => `${c.rule}: ${describeCaution(c, { units: "metric", foods, eater: () => "Somebody" })}`)
      .filter((text) => check.about === undefined || new RegExp(check.about, "i").test(text));
    if (check.is === "present") expect(found).not.toEqual([]);
    else expect(found).toEqual([]);
    expect(made.dishes.flatMap((d) => d.parts.flatMap((p) => p.rows.filter((r) => r.state === "blocked")))).toEqual([]);
    return;
  }
  const row = rowOf(made, check.step as string);
  if (check.what === "state") {
    expect(row.state).toBe(check.is);
    return;
  }
  if (row.state !== "computed") throw new Error(`${check.step} is blocked: ${JSON.stringify(row)}`);
  const got = measure(row, check);
  if (check.among !== undefined) expect(check.among).toContain(got);
  else if (check.is !== undefined) expect(got).toBe(check.is);
  else {
    let figure = got as number;
    if (check.ratio) {
      const other = rowOf(plan(inputOf({ ...one, ...one.against })), check.step as string);
      if (other.state !== "computed") throw new Error(`what it is held against is blocked: ${JSON.stringify(other)}`);
      figure /= measure(other, check) as number;
    }
    expect(figure).toBeGreaterThanOrEqual(check.from as number);
    expect(figure).toBeLessThanOrEqual(check.to as number);
  }
}

describe.each([
  ["practice", PRACTICE_CASES],
  ["our own cases", OWN_CASES],
] as const)("%s", (_, cases) => {
  test.each(
    cases.flatMap((one) => one.checks.map((check) => [one.id, check.what, check.step ?? "", one, check] as const)),
  )("%s: %s %s", (_id, _what, _step, one, check) => holds(one, check));
});

describe("a case that cannot fail proves nothing", () => {
  /** The same check, bent: what was to be there must not be, a figure must lie elsewhere. */
  const bent = (check: Check): Check => {
    if (check.what === "stop" || check.what === "caution")
      return { ...check, is: check.is === "present" ? "absent" : "present" };
    if (check.what === "state") return { ...check, is: check.is === "computed" ? "blocked" : "computed" };
    if (check.among !== undefined) return { ...check, among: ["something else"] };
    if (check.is !== undefined) return { ...check, is: "something else" };
    const [from, to] = [check.from as number, check.to as number];
    return { ...check, from: to + Math.abs(to) + (to - from) + 1, to: to + 2 * Math.abs(to) + 2 * (to - from) + 2 };
  };
  test.each(
    [...PRACTICE_CASES, ...OWN_CASES].flatMap((one) =>
      one.checks.map((check) => [one.id, check.what, one, check] as const),
    ),
  )("%s, %s: bent it fails", (_id, _what, one, check) => expect(() => holds(one, bent(check))).toThrow());
  test("what must not be told is something that can be told", () => {
    const sentences = [
      ...RULES.map((r) => r.id),
      readFileSync(join(__dirname, "../../words/sentences.txt"), "utf8"),
    ].join("\n");
    for (const { id, checks } of [...PRACTICE_CASES, ...OWN_CASES])
      for (const { about } of checks)
        if (about !== undefined) expect([id, about, new RegExp(about, "i").test(sentences)]).toEqual([id, about, true]);
  });
});
