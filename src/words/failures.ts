import type { StepFailure } from "@/core/process/ledger";
import { writeLength, writeTemp } from "@/core/quantities/write";
import { describeOutOfRange, settingName } from "./settings";
import { STEP_NAMES } from "./steps";
import { foodName, foodsInText, MACHINE_NAMES, round, type TextContext } from "./words";

/** Why a step cannot be done, and the way out. */
export function describeFailure(failure: StepFailure, { units, foods, part }: TextContext): string {
  switch (failure.kind) {
    case "not-a-number":
      return `${settingName(failure.field)} is not a number. Type digits, such as 250.`;
    case "out-of-range":
      return describeOutOfRange(failure, units);
    case "unknown-food":
      return `Nobody knows the food “${failure.food}” any more. Choose another one in this step.`;
    case "no-figures":
      return `There are no ${failure.wants} figures for ${foodName(foods, failure.food)}. Take this step out, or weigh before and after.`;
    case "falls-apart":
      return `${foodName(foods, failure.food)} falls apart under a weight. Take this step out, and let it drain on a cloth before you use it; or take firm tofu.`;
    case "other-step":
      return failure.take === "cook"
        ? `${foodName(foods, failure.food)} softens by its own minutes and takes up water: take “${STEP_NAMES.cook}” for it.`
        : `“${STEP_NAMES.cook}” works out pulses, grains and pasta. For ${foodName(foods, failure.food).toLowerCase()} take “${STEP_NAMES[failure.take]}”.`;
    case "still-frozen":
      return "It is still frozen in the middle. Thaw it longer before this step.";
    case "not-frozen":
      return "Nothing here is frozen. Take this step out, or freeze long enough before it.";
    case "too-hard-pressed":
      return `${round(failure.pressureKPa)} kPa breaks a block; ${round(failure.mostKPa)} is the most. Use less weight or a larger board.`;
    case "no-machine":
      return `The kitchen has no ${MACHINE_NAMES[failure.wants]}. Add one under Kitchen, or do it another way.`;
    case "no-tin":
      return "The kitchen has no tin or oven dish. Add one under Kitchen.";
    case "no-oven":
      return "The kitchen has no oven. Add one under Kitchen.";
    case "no-freezer":
      return "The kitchen has no freezer. Take this step out, or say under Kitchen that there is one.";
    case "never-soft":
      return `At ${writeTemp(failure.atC, units)} pulses never soften. Use pressure or a hotter pot.`;
    case "nothing-to-coat-with":
      return "There is nothing to coat with. Add starch, crumbs, seeds or a batter to this step.";
    case "liquor-missing":
      return "The step whose liquor should go in here is gone or pours nothing off. Choose another one.";
    case "liquor-used-up":
      return `That liquor is used ${round(failure.share * 100)} %, more than ran off. Lower a share.`;
    case "amount-missing":
      return `No amount yet for ${foodsInText(foods, failure.foods)}. Type how much goes in.`;
    case "empty-vessel":
      return "The vessel is empty. Weigh something in first.";
    case "no-liquid":
      return "There is no liquid here. Add water, stock or a marinade.";
    case "part-missing":
      return "The part that should join here is gone. Choose another one.";
    case "part-blocked":
      return `${part(failure.part)} cannot be worked out yet; fix it first.`;
    case "part-frozen":
      return `${part(failure.part)} is still frozen. Thaw it in its own steps before it joins.`;
    case "cycle":
      return `${part(failure.part)} needs this part, and this part needs it. Take one of the two joins out.`;
    case "part-used-up":
      return `${part(failure.part)} is used ${round(failure.share * 100)} %, more than there is. Lower a share.`;
    case "no-pan":
      return `The kitchen has no ${failure.wants === "pot" ? "pot" : "frying pan"}. Add one under Kitchen.`;
    case "no-burner":
      return "The kitchen has no burner. Add one under Kitchen.";
    case "no-second":
      return failure.wants === "pan"
        ? "There is no second frying pan. Add one under Kitchen, or switch off “In two pans at once”."
        : "There is no second burner. Add one under Kitchen, or switch off “In two pans at once”.";
    case "piece-too-big":
      return `A piece of ${writeLength(failure.pieceMm, units)} does not fit a pan of ${writeLength(failure.panMm, units)}. Make it smaller, or choose a wider pan.`;
    case "never-done":
      return `The middle never reaches ${writeTemp(failure.coreC, units)}: round it it is ${writeTemp(failure.aroundC, units)} at your height. Lower the target or use pressure.`;
    case "too-weak":
      return `A burner of ${failure.burnerW} W cannot boil this down. Use a stronger one.`;
    case "no-binder":
      return "Nothing in this mix binds. Add flax, flour, crumbs, starch or husk.";
  }
}
