import { fail, succeed } from "../quantities/result";
import {
  type Applied,
  type Fact,
  isMarked,
  type Mark,
  marked,
  type Outcome,
  type StepContext,
  type Vessel,
} from "./ledger";
import type { StepDescriptor } from "./descriptor";
import { descriptorOf, STEP_REGISTRY, type StepRegistry } from "./registry";
import type { StepCommon } from "./step";
import { leastSoft } from "./steps/soften";

/** FDA Bad Bug Book: a rolling boil of at least ten minutes destroys the lectin of beans. */
const HARD_BOIL_MIN = 10;
/** 165 °F: hot right through. */
const HOT_C = (165 - 32) / 1.8;

/** One step on one vessel: the new vessel and what moved, or the reason why it cannot be done. */
export const applyStep = (
  vessel: Vessel,
  step: StepCommon,
  context: StepContext,
  registry: StepRegistry = STEP_REGISTRY,
): Applied => applyDescribed(descriptorOf(step.kind, registry), vessel, step, context);

/** The same with the descriptor at hand. */
export function applyDescribed(
  descriptor: StepDescriptor,
  vessel: Vessel,
  step: StepCommon,
  context: StepContext,
): Applied {
  if (isMarked(vessel, "frozen") && !descriptor.fitsFrozen) return fail({ kind: "still-frozen" });
  const applied = descriptor.apply(vessel, step as never, context);
  if (!applied.ok) return applied;
  const { after, inputs, facts } = applied.value;
  const soft = facts.find((f) => f.kind === "softened");
  const marks = rawMarks(descriptor.opensCells === true, applied.value, soft, context);
  // How soft the least done of the pulses, grains and pasta are: as far as this step brought them, or dry as they come.
  const softness = soft === undefined ? leastSoft(after.softness, inputs, context) : soft.share;
  if (marks === after.marks && softness === after.softness) return applied;
  const { outputs, phases, needs } = applied.value;
  const { batch, bath, pieces, cutMm, boundMin } = after;
  // Written out, not spread: this runs for most steps of every sample.
  return succeed({
    after: { batch, bath, pieces, cutMm, boundMin, marks, softness },
    inputs,
    outputs,
    phases,
    needs,
    facts,
  });
}

/**
 * What is raw goes along as a mark: with the food, and with a part that is joined. Beans lose it by ten minutes at the
 * boil (`steps/cook`), mushrooms by being hot right through, the cells of vegetables by that, by blanching and mashing.
 */
function rawMarks(
  opensCells: boolean,
  { inputs: came, after }: Outcome,
  soft: Softened | undefined,
  context: StepContext,
): readonly Mark[] {
  let { marks } = after;
  for (const one of came) {
    if (one.from === "part") for (const mark of one.raw) marks = marked(marks, mark);
    if (one.from !== "food") continue;
    const { raw, press } = context.figures(one.food);
    if (raw) marks = marked(marks, raw);
    if (press?.cells) marks = marked(marks, "raw-cells");
  }
  if (marks.length === 0) return marks;
  const boiled = soft !== undefined && soft.atC >= context.boilC - 0.5 && soft.minutes >= HARD_BOIL_MIN;
  const hot = after.batch.tempC >= HOT_C;
  const open = hot || opensCells;
  if (!boiled && !open) return marks;
  const left = marks.filter(
    (m) => !(boiled && m === "raw-beans") && !(hot && m === "raw-mushrooms") && !(open && m === "raw-cells"),
  );
  return left.length === marks.length ? marks : left;
}
type Softened = Extract<Fact, { kind: "softened" }>;
