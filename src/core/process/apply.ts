import type { StepContext, Vessel } from "./ledger";
import type { Step } from "./step";
import { bind, fry, rest, shape } from "./steps/bindAndShape";
import { boil } from "./steps/boil";
import type { Applied } from "./steps/common";
import { marinate } from "./steps/marinate";
import { brown, sear } from "./steps/pan";
import { cut, mash, season, weigh } from "./steps/prepare";
import { reduce, simmer, thicken } from "./steps/sauce";
import { drain, soak } from "./steps/soak";
import { squeeze } from "./steps/squeeze";

/** One step on one vessel: the new vessel and what moved, or the reason why it cannot be done. */
export function applyStep(vessel: Vessel, step: Step, context: StepContext): Applied {
  switch (step.kind) {
    case "weigh":
      return weigh(vessel, step, context);
    case "cut":
      return cut(vessel, step, context);
    case "soak":
      return soak(vessel, step, context);
    case "drain":
      return drain(vessel, step, context);
    case "squeeze":
      return squeeze(vessel, step, context);
    case "marinate":
      return marinate(vessel, step, context);
    case "sear":
      return sear(vessel, step, context);
    case "brown":
      return brown(vessel, step, context);
    case "season":
      return season(vessel, step, context);
    case "simmer":
      return simmer(vessel, step, context);
    case "reduce":
      return reduce(vessel, step, context);
    case "thicken":
      return thicken(vessel, step, context);
    case "boil":
      return boil(vessel, step, context);
    case "mash":
      return mash(vessel, step, context);
    case "bind":
      return bind(vessel, step, context);
    case "rest":
      return rest(vessel, step, context);
    case "shape":
      return shape(vessel, step, context);
    case "fry":
      return fry(vessel, step, context);
  }
}
