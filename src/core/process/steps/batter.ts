import { fail } from "../../quantities/result";
import { type Fact, type StepContext, type Vessel } from "../ledger";
import { sumOver } from "../solids";
import { type Applied, filled, hands, outcome, wait } from "./common";
import { defineStep, number, type StepWith } from "../descriptor";

const FIELDS = { standMin: number(0, 1440) } as const;
type BatterStep = StepWith<"batter", typeof FIELDS>;

/** Water to flour by mass at which a batter changes its use (card 19). */
export function bodyOf(waterPerFlour: number): Extract<Fact, { kind: "batter" }>["body"] {
  if (waterPerFlour >= 1.35) return "thin";
  if (waterPerFlour >= 1) return "tray";
  return waterPerFlour >= 0.75 ? "thick" : "stiff";
}
const FLOUR_GROUPS = new Set(["grain", "starch", "pulse"]);

/** Stir flours and liquid into a batter: thin, of a body for the tray, or thick for oil, by water to flour. */
function batter(vessel: Vessel, step: BatterStep, context: StepContext): Applied {
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  const flourG = sumOver(batch.solids, (id, grams) =>
    FLOUR_GROUPS.has(context.food(id)?.group ?? "other") ? grams / 0.89 : 0,
  );
  if (flourG === 0) return fail({ kind: "no-binder" });
  const waterPerFlour = batch.waterG / flourG;
  return outcome(
    { ...vessel, batch },
    step.standMin > 0 ? [hands(step, context, 4), wait(step.standMin)] : [hands(step, context, 4)],
    { inputs: came, facts: [{ kind: "batter", waterPerFlour, body: bodyOf(waterPerFlour) }] },
  );
}

/** What the house knows of “batter”: settings, defaults, waits, weigh-in and rule. */
export const batterStep = defineStep({
  kind: "batter",
  fields: FIELDS,
  usual: { standMin: 0 },
  waitsMin: 15,
  weighed: "addition",
  endsPieces: true,
  apply: batter,
});
