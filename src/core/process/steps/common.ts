import { bindingState, type BindingInput, type BindingState } from "../../models/binderWater";
import { STARCH_STRENGTH } from "../../models/thickening";
import { type BadNumber, fail, type Result, succeed } from "../../quantities/result";
import { saltToAddG } from "../../models/salt";
import { add, type Contents, salt, saltShare, sum, totalG } from "../contents";
import type { Input, Fact, Need, Outcome, PanFacts, Phase, StepContext, StepFailure, Vessel, GearId } from "../ledger";
import { sumOver } from "../solids";
import type { StepCommon } from "../step";

/** A cold fridge, °C (FDA: at most 40 °F, 4 °C). */
export const FRIDGE_C = 4;
/** The middle never quite comes to the boil: this close is close enough, K (engineering estimate). */
export const NEAR_BOIL_K = 5;

/** What a rule gives. */
export type Applied = Result<Outcome, StepFailure>;

/** What the step's own lines bring, or why they cannot. */
export function broughtBy(step: StepCommon, context: StepContext): Result<readonly Input[], StepFailure> {
  const came = context.bring(step.adds);
  return "kind" in came ? fail(came) : succeed(came);
}
const sums = new WeakMap<readonly Input[], Contents>();
/** Everything that came, as one. */
export function together(came: readonly Input[]): Contents {
  let whole = sums.get(came);
  if (whole === undefined) sums.set(came, (whole = sum(came.map((c) => c.contents))));
  return whole;
}

/** What a pot gets, told apart: the liquid that food is cooked in, and the food. */
export interface Parted {
  readonly pot: Contents;
  readonly food: Contents;
}
const partings = new WeakMap<readonly Input[], Parted>();
/** What came of foods alone is the same in every sample, and so is what of it is the pot: told apart once. */
export function parted(came: readonly Input[], isPot: (one: Input) => boolean): Parted {
  let halves = partings.get(came);
  if (halves === undefined) {
    const whole = (those: readonly Input[]) => sum(those.map((c) => c.contents));
    halves = { pot: whole(came.filter(isPot)), food: whole(came.filter((c) => !isPot(c))) };
    partings.set(came, halves);
  }
  return halves;
}

/** The batch with this step's own lines in it, and what they were; an empty vessel is a reason. */
export function filled(
  vessel: Vessel,
  step: StepCommon,
  context: StepContext,
): Result<{ readonly batch: Contents; readonly came: readonly Input[] }, StepFailure> {
  const came = context.bring(step.adds);
  if ("kind" in came) return fail(came);
  const batch = add(vessel.batch, together(came));
  return totalG(batch) <= 0 ? fail({ kind: "empty-vessel" }) : succeed({ batch, came });
}

/** Hands-on minutes: the cook's own figure, or the usual one with its spread. */
export function hands(step: StepCommon, context: StepContext, usualMin: number): Phase {
  return { kind: "hands", minutes: step.handsMin ?? usualMin * context.draw("hands minutes") };
}
/** Minutes under an eye. */
export const watch = (minutes: number): Phase => ({ kind: "watch", minutes });
/** Minutes that pass by themselves. */
export const wait = (minutes: number): Phase => ({ kind: "wait", minutes });

/** A pan and the burner under it. */
export const panNeeds = (pan: PanFacts): readonly Need[] => [{ kind: "burner" }, { kind: "pan", pan: pan.id }];

/** A pan and a burner, or which one the kitchen lacks. */
export function panAndBurner(
  context: StepContext,
  id: GearId | null,
  kind: "frying" | "pot",
): Result<{ pan: PanFacts; burner: NonNullable<StepContext["burner"]> }, StepFailure> {
  const pan = context.pan(id, kind);
  if (pan === null) return fail({ kind: "no-pan", wants: kind });
  return context.burner === null ? fail({ kind: "no-burner" }) : succeed({ pan, burner: context.burner });
}

/** Of a pan so much may be full: higher it boils over (common practice). */
const PAN_LINE = 0.95;
/** More in the pan than it holds, told only where it is so and somebody has measured how high the pan is; about 1.05 g/mL. */
export function overfull({ diameterM, heightM }: PanFacts, massG: number): readonly Fact[] {
  if (heightM === null) return [];
  const share = massG / 1.05 / ((Math.PI / 4) * diameterM ** 2 * heightM * 1e6 * PAN_LINE);
  return share > 1 ? [{ kind: "fill", of: "pot", share }] : [];
}

/** A pan on the fire, and the heat under it. */
export interface OnFire {
  readonly pan: PanFacts;
  readonly netW: number;
}
/** The frying pan of a step with its burner, and a second one beside it where it is done in two at once; or what the kitchen lacks. */
export function fryingPans(
  context: StepContext,
  step: { readonly pan: GearId | null; readonly twoPans: boolean },
): Result<readonly OnFire[], StepFailure> {
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const { pan, burner } = found.value;
  const first = { pan, netW: burner.netW };
  if (!step.twoPans) return succeed([first]);
  const second = context.secondPan(pan.id);
  if (second === null) return fail({ kind: "no-second", wants: "pan" });
  if (context.weakest === null) return fail({ kind: "no-second", wants: "burner" });
  return succeed([first, { pan: second, netW: Math.min(burner.netW, context.weakest.netW) }]);
}

/** The account of a step; what is not named is nothing. */
export const outcome = (
  after: Vessel,
  phases: readonly Phase[],
  more: Partial<Omit<Outcome, "after" | "phases">> = {},
): Applied =>
  succeed({
    after,
    phases,
    inputs: more.inputs ?? NONE,
    outputs: more.outputs ?? NONE,
    needs: more.needs ?? NONE,
    facts: more.facts ?? NONE,
  });
const NONE: readonly never[] = [];

/** Salt up to a target: the contents with it, what came, and what there is to say. */
export function saltUpTo(
  contents: Contents,
  wanted: number | null,
): Result<{ contents: Contents; came: readonly Input[]; facts: readonly Fact[] }, BadNumber> {
  if (wanted === null) return succeed({ contents, came: [], facts: [] });
  const needed = saltToAddG(totalG(contents), contents.saltG, wanted);
  if (!needed.ok) {
    if (needed.failure.kind !== "already-saltier") return fail(needed.failure);
    return succeed({ contents, came: [], facts: [{ kind: "already-saltier", share: saltShare(contents), wanted }] });
  }
  const massG = needed.value;
  const grains = salt(massG, contents.tempC);
  return succeed({
    contents: add(contents, grains),
    came: [{ from: "food", food: "salt", massG, contents: grains }],
    facts: [{ kind: "salt-added", massG, wanted }],
  });
}

/** Grams of corn-starch equivalent among the solids, starch foods counted as bought (about 10 % water). */
export const cornEquivalentG = (contents: Contents, figures: StepContext["figures"]): number =>
  sumOver(contents.solids, (food, grams) => {
    const { starch } = figures(food);
    return starch ? (grams / 0.91) * STARCH_STRENGTH[starch] : 0;
  });

/** The mix as the binding window sees it: binders by their solids, everything else as a base with what it keeps. */
export function bindingInputOf(
  contents: Contents,
  restMin: number,
  figures: StepContext["figures"],
  setByHeat = false,
): BindingInput {
  const binders: BindingInput["binders"][number][] = [];
  const keptG = sumOver(contents.solids, (food, grams) => {
    const { binder, keepsMoisture } = figures(food);
    if (!binder) return grams * (keepsMoisture ?? 1);
    binders.push({
      food,
      massG: grams / 0.93,
      figures: setByHeat && binder.hot ? { ...binder, ...binder.hot } : binder,
    });
    return 0;
  });
  const spareG = contents.waterG - keptG;
  return { addedWaterG: spareG >= 0 ? spareG : spareG / 2, bases: [], binders, totalG: totalG(contents), restMin };
}
/** Where a mix lies in its binding window; null when nothing in it binds. Starch that was hot all through takes far more water. */
export const bindingOf = (
  contents: Contents,
  restMin: number,
  figures: StepContext["figures"],
  setByHeat = false,
): BindingState | null => bindingState(bindingInputOf(contents, restMin, figures, setByHeat));
