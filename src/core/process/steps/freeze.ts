import { minutesThrough, SENSIBLE_SHARE, SURROUNDINGS } from "../../models/freezing";
import { fail, type Result, succeed } from "../../quantities/result";
import { estimate } from "../../quantities/range";
import { at, liquor, subtract, totalG } from "../contents";
import { type Fact, isMarked, marked, type StepContext, type StepFailure, type Vessel } from "../ledger";
import { type Applied, filled, hands, outcome, wait } from "./common";
import { blockFacts } from "./pressing";
import { block, USUAL_BLOCK, choice, defineStep, minutes, type StepWith } from "../descriptor";

const FREEZE_FIELDS = { ...block, minutes } as const;
type FreezeStep = StepWith<"freeze", typeof FREEZE_FIELDS>;
const THAW_FIELDS = { ...block, minutes, how: choice("fridge", "cold-water") } as const;
type ThawStep = StepWith<"thaw", typeof THAW_FIELDS>;

type Through = Extract<Fact, { kind: "through" }>;

/** Minutes to the middle at the likely, kindest and worst surface, with the sensible heat on top. */
function through(
  step: FreezeStep | ThawStep,
  way: "freeze" | "thaw",
  place: keyof typeof SURROUNDINGS,
  water: number,
): Result<Omit<Through, "kind">, StepFailure> {
  const { tempC, surface } = SURROUNDINGS[place];
  const edgesM = [step.lengthMm / 1000, step.widthMm / 1000, step.thicknessMm / 1000] as const;
  const at = (h: number, share: number) => {
    const time = minutesThrough({ edgesM, water }, way, tempC, h);
    return time.ok ? time.value * share : NaN;
  };
  return succeed({
    what: way === "freeze" ? "frozen" : "thawed",
    neededMin: at(surface.likely, SENSIBLE_SHARE.likely),
    lowMin: at(surface.high, SENSIBLE_SHARE.low),
    highMin: at(surface.low, SENSIBLE_SHARE.high),
    givenMin: step.minutes,
  });
}
/** Minutes in this run: in some samples a block that is probably through is not yet. */
const takenMin = ({ lowMin, neededMin, highMin }: Omit<Through, "kind">, context: StepContext): number =>
  context.draw("time to the middle", estimate(lowMin, neededMin, highMin));
const waterShare = (vessel: Vessel) => Math.max(0.05, Math.min(1, vessel.batch.waterG / totalG(vessel.batch)));

/** Freeze a block to the middle (Plank, card 18). Too short a time leaves it soft inside, and says so. */
function freeze(vessel: Vessel, step: FreezeStep, context: StepContext): Applied {
  if (!context.freezer) return fail({ kind: "no-freezer" });
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  const whole = { ...vessel, batch };
  const time = through(step, "freeze", "freezer", waterShare(whole));
  if (!time.ok) return time;
  const frozen = step.minutes >= takenMin(time.value, context);
  return outcome(
    {
      ...whole,
      batch: at(batch, frozen ? SURROUNDINGS.freezer.tempC : 0),
      marks: frozen ? marked(vessel.marks, "frozen") : vessel.marks,
    },
    [hands(step, context, 2), wait(step.minutes)],
    {
      inputs: came,
      needs: [{ kind: "freezer" }],
      facts: [{ kind: "through", ...time.value }, ...blockFacts(step, whole)],
    },
  );
}

/** Thaw in the fridge or in cold water, never on the counter. Short of its time the block stays frozen inside. */
function thaw(vessel: Vessel, step: ThawStep, context: StepContext): Applied {
  const { batch } = vessel;
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  if (!isMarked(vessel, "frozen")) return fail({ kind: "not-frozen" });
  const time = through(step, "thaw", step.how, waterShare(vessel));
  if (!time.ok) return time;
  const facts: Fact[] = [{ kind: "through", ...time.value }, ...blockFacts(step, vessel)];
  const phases = [hands(step, context, step.how === "fridge" ? 1 : 3), wait(step.minutes)];
  const needs = step.how === "fridge" ? [{ kind: "fridge" } as const] : [];
  if (step.minutes < takenMin(time.value, context))
    return outcome({ ...vessel, batch: at(batch, -1) }, phases, { needs, facts });
  const drip = liquor(batch, batch.waterG * context.draw("drip"));
  const marks = marked(
    vessel.marks.filter((m) => m !== "frozen"),
    "frozen-thawed",
  );
  return outcome({ ...vessel, batch: at(subtract(batch, drip), 4), marks }, phases, {
    outputs: [{ to: "drain", contents: drip }],
    needs,
    facts,
  });
}

/** What the house knows of “freeze”: settings, defaults, waits, weigh-in and rule. */
export const freezeStep = defineStep({
  kind: "freeze",
  toTheMiddle: true,
  fields: FREEZE_FIELDS,
  usual: { ...USUAL_BLOCK, minutes: 12 * 60 },
  waitsMin: null,
  weighed: null,
  fitsFrozen: true,
  fitsBath: true,
  apply: freeze,
});

/** What the house knows of “thaw”: settings, defaults, waits, weigh-in and rule. */
export const thawStep = defineStep({
  kind: "thaw",
  toTheMiddle: true,
  fields: THAW_FIELDS,
  usual: { ...USUAL_BLOCK, minutes: 48 * 60, how: "fridge" },
  waitsMin: 24 * 60,
  weighed: "liquor",
  lines: "before",
  fitsFrozen: true,
  fitsBath: true,
  apply: thaw,
});
