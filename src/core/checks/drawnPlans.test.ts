/** Suppers drawn by chance, each told by digests of all that the core says of it: see `__tests__/drawn`. */
import { applyFix } from "../mend/applyFix";
import { fixesOf } from "../mend/fixes";
import { judge } from "../judge";
import { plan, type PlanInput } from "../plan";
import { differences } from "../process/compare";
import { rowsOf, takesUp } from "../schedule/work";
import { newMemory } from "../quantities/memory";
import { FOODS } from "../foods/table";
import { BRINGS } from "./__tests__/brings";
import { BEGINNINGS, digest, drawnSupper, seeds, stays } from "./__tests__/drawn";
import { many } from "../__tests__/proof";

const memory = newMemory();
function everythingOf(input: PlanInput): string {
  const made = plan(input, { memory });
  const cautions = judge(input, made, null);
  const rows = rowsOf(made);
  const ways = made.dishes.flatMap((d) =>
    d.parts.flatMap((p) =>
      p.rows.map((row, at) => {
        const advice = made.advice.find((a) => a.step === row.key) ?? null;
        const fixes = fixesOf(p.rows, at, {
          advice,
          cautions: cautions.filter((c) => c.step === row.key),
          kitchen: input.kitchen,
        });
        const dish = input.supper.dishes[0] as (typeof input.supper.dishes)[number];
        return [fixes, fixes.map((fix) => applyFix(dish, row.step.id, fix, 1))];
      }),
    ),
  );
  const unweighed = input.log.length === 0 ? [] : differences(rowsOf(plan({ ...input, log: [] }, { memory })), rows);
  return [
    digest(made.dishes),
    digest(made),
    digest(cautions),
    digest(ways),
    digest(rows.map((r) => takesUp(made, r))),
    digest(unweighed),
  ].join(" ");
}
test("plans, cautions and ways out of drawn suppers", () => {
  stays(
    "drawn-plans.txt",
    seeds(many(60, 500)).map((seed) => `${seed} ${everythingOf(drawnSupper(seed))}`),
  );
});

test("what steps bring and chains begin with are foods that are known", () => {
  const known = new Set(FOODS.map((f) => f.id));
  const named = [...BEGINNINGS, ...Object.values(BRINGS).flatMap((all) => all.map(([food]) => food))];
  expect(named.filter((id) => !known.has(id))).toEqual([]);
});
