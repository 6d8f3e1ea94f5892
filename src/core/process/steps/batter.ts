import { checkNumber, fail } from "../../quantities/result";
import { add, totalG } from "../contents";
import { type Fact, marked, type StepContext, type Vessel } from "../ledger";
import type { BatterStep } from "../step";
import { type Applied, broughtBy, hands, outcome, together, wait } from "./common";

/** Water to flour by mass at which a batter changes its use (card 19). */
export function bodyOf(waterPerFlour: number): Extract<Fact, { kind: "batter" }>["body"] {
  if (waterPerFlour >= 1.35) return "thin";
  if (waterPerFlour >= 1) return "tray";
  return waterPerFlour >= 0.75 ? "thick" : "stiff";
}
const FLOUR_GROUPS = new Set(["grain", "starch", "pulse"]);

/** Stir flours and liquid into a batter: thin, of a body for the tray, or thick for oil, by water to flour. */
export function batter(vessel: Vessel, step: BatterStep, context: StepContext): Applied {
  const bad = checkNumber("minutes", step.standMin, 0, 24 * 60);
  if (bad) return fail(bad);
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const batch = add(vessel.batch, together(came.value));
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  let flourG = 0;
  for (const id in batch.solids)
    if (FLOUR_GROUPS.has(context.food(id)?.group ?? "other")) flourG += (batch.solids[id] as number) / 0.89;
  if (flourG === 0) return fail({ kind: "no-binder" });
  const waterPerFlour = batch.waterG / flourG;
  return outcome(
    { ...vessel, batch, marks: marked(vessel.marks, "battered") },
    step.standMin > 0 ? [hands(step, context, 4), wait(step.standMin)] : [hands(step, context, 4)],
    { came: came.value, facts: [{ kind: "batter", waterPerFlour, body: bodyOf(waterPerFlour) }] },
  );
}
