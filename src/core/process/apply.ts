import { fail, succeed } from "../quantities/result";
import { type Fact, isMarked, type Mark, marked, type Outcome, type StepContext, type Vessel } from "./ledger";
import type { Step, StepKind, StepOf } from "./step";
import { airFry, bake } from "./steps/bake";
import { batter } from "./steps/batter";
import { bind } from "./steps/bind";
import { blanch } from "./steps/blanch";
import { boil } from "./steps/boil";
import { brown } from "./steps/brown";
import { coat } from "./steps/coat";
import type { Applied } from "./steps/common";
import { cook } from "./steps/cook";
import { cool } from "./steps/cool";
import { cut } from "./steps/cut";
import { deepFry } from "./steps/deepFry";
import { drain } from "./steps/drain";
import { freeze, thaw } from "./steps/freeze";
import { fry, griddle } from "./steps/fry";
import { gel } from "./steps/gel";
import { glaze } from "./steps/glaze";
import { hold } from "./steps/hold";
import { layer } from "./steps/layer";
import { marinate } from "./steps/marinate";
import { mash } from "./steps/mash";
import { pat } from "./steps/pat";
import { press } from "./steps/press";
import { pulse } from "./steps/pulse";
import { reduce } from "./steps/reduce";
import { reheat } from "./steps/reheat";
import { rest } from "./steps/rest";
import { rinse } from "./steps/rinse";
import { sear } from "./steps/sear";
import { season } from "./steps/season";
import { serve } from "./steps/serve";
import { shape } from "./steps/shape";
import { simmer } from "./steps/simmer";
import { slice } from "./steps/slice";
import { soak } from "./steps/soak";
import { leastSoft } from "./steps/soften";
import { sort } from "./steps/sort";
import { squeeze } from "./steps/squeeze";
import { stand } from "./steps/stand";
import { steam } from "./steps/steam";
import { store } from "./steps/store";
import { stuff } from "./steps/stuff";
import { sweat } from "./steps/sweat";
import { thicken } from "./steps/thicken";
import { toast } from "./steps/toast";
import { top } from "./steps/top";
import { weigh } from "./steps/weigh";

const STEPS: { readonly [K in StepKind]: (vessel: Vessel, step: StepOf<K>, context: StepContext) => Applied } = {
  weigh,
  sort,
  cut,
  pulse,
  mash,
  soak,
  cook,
  boil,
  steam,
  blanch,
  gel,
  drain,
  rinse,
  squeeze,
  press,
  freeze,
  thaw,
  pat,
  season,
  marinate,
  glaze,
  toast,
  batter,
  bind,
  rest,
  shape,
  stuff,
  slice,
  coat,
  sear,
  brown,
  sweat,
  fry,
  griddle,
  "deep-fry": deepFry,
  "air-fry": airFry,
  bake,
  simmer,
  reduce,
  thicken,
  layer,
  top,
  hold,
  stand,
  cool,
  store,
  reheat,
  serve,
};

/** What can be done to a block that is still frozen. */
const FITS_FROZEN: ReadonlySet<StepKind> = new Set(["freeze", "thaw", "store"]);
/** FDA Bad Bug Book: a rolling boil of at least ten minutes destroys the lectin of beans. */
const HARD_BOIL_MIN = 10;
/** Softens vegetables without leaving them hot. */
const OPENS_CELLS: ReadonlySet<StepKind> = new Set(["blanch", "mash"]);
/** 165 °F: hot right through. */
const HOT_C = (165 - 32) / 1.8;

/** One step on one vessel: the new vessel and what moved, or the reason why it cannot be done. */
export function applyStep(vessel: Vessel, step: Step, context: StepContext): Applied {
  if (isMarked(vessel, "frozen") && !FITS_FROZEN.has(step.kind)) return fail({ kind: "still-frozen" });
  const rule = STEPS[step.kind] as (vessel: Vessel, step: Step, context: StepContext) => Applied;
  const applied = rule(vessel, step, context);
  if (!applied.ok) return applied;
  const { after, came, facts } = applied.value;
  const soft = facts.find((f) => f.kind === "softened");
  const marks = rawMarks(step.kind, applied.value, soft, context);
  // How soft the least done of the pulses, grains and pasta are: as far as this step brought them, or dry as they come.
  const softness = soft === undefined ? leastSoft(after.softness, came, context) : soft.share;
  return marks === after.marks && softness === after.softness
    ? applied
    : succeed({ ...applied.value, after: { ...after, marks, softness } });
}

/**
 * What is raw goes along as a mark: with the food, and with a part that is joined. Beans lose it by ten minutes at the
 * boil (`steps/cook`), mushrooms by being hot right through, the cells of vegetables by that, by blanching and mashing.
 */
function rawMarks(
  kind: StepKind,
  { came, after }: Outcome,
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
  const open = hot || OPENS_CELLS.has(kind);
  if (!boiled && !open) return marks;
  const left = marks.filter(
    (m) => !(boiled && m === "raw-beans") && !(hot && m === "raw-mushrooms") && !(open && m === "raw-cells"),
  );
  return left.length === marks.length ? marks : left;
}
type Softened = Extract<Fact, { kind: "softened" }>;
