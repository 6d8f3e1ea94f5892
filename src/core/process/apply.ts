import type { StepContext, Vessel } from "./ledger";
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

/** One step on one vessel: the new vessel and what moved, or the reason why it cannot be done. */
export const applyStep = (vessel: Vessel, step: Step, context: StepContext): Applied =>
  (STEPS[step.kind] as (vessel: Vessel, step: Step, context: StepContext) => Applied)(vessel, step, context);
