import { add, totalG, water } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, saltUpTo, together } from "./common";
import { defineStep, saltTo, type StepWith } from "../descriptor";

const FIELDS = { saltTo } as const;
type MashStep = StepWith<"mash", typeof FIELDS>;

/** Mash: hot pieces steam off some water while they are crushed (2–5 %, engineering estimate), then season. */
function mash(vessel: Vessel, step: MashStep, context: StepContext): Applied {
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  if (totalG(vessel.batch) <= 0) return { ok: false, failure: { kind: "empty-vessel" } };
  const steam = water(vessel.batch.waterG * context.draw("steam while mashing"), 90);
  const mixed = add({ ...vessel.batch, waterG: vessel.batch.waterG - steam.waterG }, together(came.value));
  const salted = saltUpTo(mixed, step.saltTo);
  if (!salted.ok) return salted;
  return outcome({ ...vessel, batch: salted.value.contents }, [hands(step, context, 4 + totalG(mixed) / 500)], {
    inputs: [...came.value, ...salted.value.came],
    outputs: [{ to: "air", contents: steam }],
    facts: salted.value.facts,
  });
}

/** What the house knows of “mash”: settings, defaults, waits, weigh-in and rule. */
export const mashStep = defineStep({
  kind: "mash",
  fields: FIELDS,
  usual: { saltTo: 0.01 },
  waitsMin: 20,
  weighed: "addition",
  lines: "around",
  opensCells: true,
  endsPieces: true,
  apply: mash,
});
