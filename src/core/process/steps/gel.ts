import { fail } from "../../quantities/result";
import { at, totalG } from "../contents";
import type { Fact, StepContext, Vessel } from "../ledger";
import { type Applied, filled, bindingInputOf, hands, outcome, wait } from "./common";
import { defineStep, number, type StepWith } from "../descriptor";

const FIELDS = { minutes: number(0, 1440) } as const;
type GelStep = StepWith<"gel", typeof FIELDS>;

/** A shelled egg (card 19). */
const EGG_G = 51;

/**
 * Make a gel of flax, chia or husk: it sets while it stands. It takes the place of as many eggs as its grams are used for,
 * and of no more than there is gel: 7 g of flax, 12 g of chia or 5 g of husk with 3 tbsp of water are one (common practice).
 */
function gel(vessel: Vessel, step: GelStep, context: StepContext): Applied {
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  const { binders } = bindingInputOf(batch, step.minutes, context.figures);
  const byUse = binders.reduce((n, b) => n + (b.figures.eggG === undefined ? 0 : b.massG / b.figures.eggG), 0);
  const binderG = binders.reduce((g, b) => g + b.massG, 0);
  if (binderG === 0) return fail({ kind: "no-binder" });
  const facts: Fact[] = [
    { kind: "gel", eggs: Math.min(byUse, totalG(batch) / EGG_G), waterPerG: batch.waterG / binderG },
  ];
  const after: Vessel = { ...vessel, batch: at(batch, context.roomC), boundMin: step.minutes };
  return outcome(after, [hands(step, context, 1), wait(step.minutes)], { inputs: came, facts });
}

/** What the house knows of “gel”: settings, defaults, waits, weigh-in and rule. */
export const gelStep = defineStep({
  kind: "gel",
  fields: FIELDS,
  usual: { minutes: 10 },
  waitsMin: 240,
  weighed: "addition",
  endsPieces: true,
  apply: gel,
});
