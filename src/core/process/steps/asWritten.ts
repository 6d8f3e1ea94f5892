import { at, subtract, totalG, water } from "../contents";
import type { Need, Output, StepContext, StepFailure, Vessel } from "../ledger";
import { fail, type Result, succeed } from "../../quantities/result";
import { type Applied, filled, hands, outcome, panAndBurner, panNeeds, wait, watch } from "./common";
import { choice, defineStep, LONGEST_MIN, numberOrNull, type StepWith, text } from "../descriptor";

const FIELDS = {
  text: text(300),
  minutes: numberOrNull(0, LONGEST_MIN),
  attention: choice("hands", "watch", "wait"),
  heat: choice("none", "hob", "oven", "oil"),
  heatC: numberOrNull(30, 300),
} as const;
type AsWrittenStep = StepWith<"as-written", typeof FIELDS>;

/** An oven of which nobody said how hot, °C (common practice). */
const USUAL_OVEN_C = 190;
/** Food that somehow was heated is warm, and not known to be hot in the middle: what is raw stays so, and what was cooked counts as kept. */
const WARM_C = 65;

/**
 * A step in the recipe's own words: nobody knows what it does to the food. Every gram stays, but for water where it heats (0–25 %);
 * it holds its burner or oven; salt and allergens count; the middle is no hotter than it was, so nothing raw is taken for cooked.
 */
function asWritten(vessel: Vessel, step: AsWrittenStep, context: StepContext): Applied {
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  const held = needsOf(step, context);
  if (!held.ok) return held;
  const minutes = step.minutes ?? context.draw("minutes as written");
  const isHeated = step.heat !== "none";
  const steam = water(isHeated ? batch.waterG * context.draw("lost as written") : 0, batch.tempC);
  const tempC = isHeated ? Math.max(batch.tempC, WARM_C) : batch.tempC;
  const outputs: readonly Output[] = steam.waterG > 0 ? [{ to: "air", contents: steam }] : [];
  const phases =
    step.attention === "hands"
      ? [hands(step, context, minutes)]
      : [hands(step, context, 1), step.attention === "watch" ? watch(minutes) : wait(minutes)];
  return outcome({ ...vessel, batch: at(subtract(batch, steam), tempC) }, phases, {
    inputs: came,
    outputs,
    needs: held.value,
    facts: totalG(batch) > 0 ? [{ kind: "as-written", heated: isHeated, timed: step.minutes !== null }] : [],
  });
}

/** The burner and its pan, or the oven, that it takes while it lasts. */
function needsOf(step: AsWrittenStep, context: StepContext): Result<readonly Need[], StepFailure> {
  if (step.heat === "none") return succeed([]);
  if (step.heat === "oven") {
    if (context.ovens === 0) return fail({ kind: "no-oven" });
    return succeed([{ kind: "oven", tempC: step.heatC ?? USUAL_OVEN_C }]);
  }
  const found = panAndBurner(context, null, step.heat === "oil" ? "pot" : "frying");
  return found.ok ? succeed(panNeeds(found.value.pan)) : found;
}

/** What the house knows of “as written”: settings, defaults, waits, weigh-in and rule. */
export const asWrittenStep = defineStep({
  kind: "as-written",
  fields: FIELDS,
  usual: { text: "", minutes: null, attention: "watch", heat: "none", heatC: null },
  waitsMin: 20,
  weighed: "addition",
  fitsBath: true,
  fitsFrozen: true,
  addsAround: true,
  apply: asWritten,
});
