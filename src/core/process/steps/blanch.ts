import { add, at, totalG, water } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, filled, hands, outcome, panAndBurner, panNeeds, watch } from "./common";
import { defineStep, number, pot, type StepWith } from "../descriptor";

const FIELDS = { pan: pot, minutes: number(0.1, 30) } as const;
type BlanchStep = StepWith<"blanch", typeof FIELDS>;

/** A large pot on a strong burner, and water with ice in it (common practice). */
const HEAT_UP_MIN = 8;
const ICED_C = 5;

/** Blanch in plenty of boiling water, then ice: greens two minutes (common practice). They come out cold and wetter. */
function blanch(vessel: Vessel, step: BlanchStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "pot");
  if (!found.ok) return found;
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  const taken = water(totalG(batch) * context.draw("blanching water"), ICED_C);
  return outcome(
    { ...vessel, batch: at(add(batch, taken), ICED_C) },
    [hands(step, context, 2), watch(HEAT_UP_MIN), hands({ ...step, handsMin: step.minutes + 2 }, context, 0)],
    {
      inputs: [...came, { from: "step", contents: taken }],
      needs: panNeeds(found.value.pan),
      facts: [{ kind: "rule-of-thumb", what: "loss" }],
    },
  );
}

/** What the house knows of “blanch”: settings, defaults, waits, weigh-in and rule. */
export const blanchStep = defineStep({
  kind: "blanch",
  fields: FIELDS,
  usual: { pan: null, minutes: 2 },
  waitsMin: 240,
  weighed: "addition",
  opensCells: true,
  apply: blanch,
});
