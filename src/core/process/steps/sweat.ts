import { at, totalG, water } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, filled, hands, outcome, panAndBurner, panNeeds } from "./common";
import { pieceShapeOf, SURFACES, wetMiddleAfter } from "./geometry";
import { brownedLossOf, STEAMED_THROUGH } from "./pan";
import { defineStep, fryingPan, number, type StepWith } from "../descriptor";

const FIELDS = { pan: fryingPan, minutes: number(0.5, 90) } as const;
type SweatStep = StepWith<"sweat", typeof FIELDS>;

/** Without fat it takes about so long to lose what browning would take (engineering estimate). */
const FULL_LOSS_MIN = 14;

/** So much fat and nothing sticks, share of what is in the pan (common practice: a spoon for two onions). */
const GREASED = 0.02;

/**
 * Soften without colour: in fat as it is, without fat in water, splash by splash. The splashes go off as steam, and some of the food's
 * own water too.
 */
function sweat(vessel: Vessel, step: SweatStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch: raw, came } = full.value;
  const greased = raw.oilG >= GREASED * totalG(raw);
  const splashes = greased ? 0 : Math.max(1, Math.round(step.minutes / context.draw("splash minutes")));
  const splashed = water(greased ? 0 : splashes * context.draw("splash"), context.roomC);
  const ownG = Math.min(
    raw.waterG * 0.9,
    brownedLossOf(raw, context) * totalG(raw) * Math.min(1, step.minutes / FULL_LOSS_MIN),
  );
  const steam = water(splashed.waterG + ownG, 100);
  const middleC = wetMiddleAfter(
    context,
    pieceShapeOf({ ...vessel, batch: raw }, context),
    { surface: SURFACES.panContact, startC: raw.tempC, aroundC: context.boilC },
    step.minutes / 2,
  );
  const batch = at(
    { ...raw, waterG: raw.waterG - ownG },
    ownG > STEAMED_THROUGH * totalG(raw) ? context.boilC : middleC,
  );
  return outcome({ ...vessel, batch }, [hands({ ...step, handsMin: step.handsMin ?? step.minutes + 1 }, context, 0)], {
    inputs: greased ? came : [...came, { from: "step", contents: splashed }],
    outputs: [{ to: "air", contents: steam }],
    needs: panNeeds(found.value.pan),
    facts: [
      ...(greased ? [] : [{ kind: "splashes", count: splashes, waterG: splashed.waterG } as const]),
      { kind: "water-off", massG: ownG },
    ],
  });
}

/** What the house knows of “sweat”: settings, defaults, waits, weigh-in and rule. */
export const sweatStep = defineStep({
  kind: "sweat",
  fields: FIELDS,
  usual: { pan: null, minutes: 6 },
  waitsMin: 60,
  weighed: "water",
  apply: sweat,
});
