import type { BindingAdvice } from "../bind/advice";
import { LIQUID_STEP_G } from "../bind/correction";
import type { FoodId } from "../foods/food";
import { type Kitchen, tinAreaCm2 } from "../household/kitchen";
import { totalG } from "../process/contents";
import type { Fact } from "../process/fact";
import type { Step, StepKind } from "../process/registry";
import type { Row } from "../process/row";
import { middleOf } from "../process/ledger";
import { pieceShapeOf, SURFACES, wetCoreMinutes } from "../process/steps/geometry";
import type { Caution, CautionFacts } from "../safety/rule";

/** A way out that one press takes: what would be done to the dish at one step. Grams are those shown, for the table. */
export type Fix =
  | { readonly kind: "put-before"; readonly step: StepKind }
  | { readonly kind: "put-after"; readonly step: StepKind }
  /** The same lines in another kind of step. */
  | { readonly kind: "take"; readonly step: StepKind }
  | { readonly kind: "minutes"; readonly minutes: number }
  /** A larger pan, tin or machine of the kitchen, by its id. */
  | { readonly kind: "gear"; readonly key: "pan" | "tin" | "machine"; readonly id: string; readonly name: string }
  | { readonly kind: "chill"; readonly key: "where" | "chilled" }
  /** Another heat: of the middle, the oven, the oil or what keeps it warm, °C. */
  | { readonly kind: "heat"; readonly key: "coreC" | "ovenC" | "oilC" | "holdC"; readonly tempC: number }
  | { readonly kind: "add"; readonly food: FoodId; readonly massG: number };

/**
 * The ways out of what a step tells, where one edit of this step or beside it is enough. What has several ways out, or
 * needs something of the kitchen, is left to the sentence that tells it.
 *
 * @param rows the part's rows in order
 * @param at which of them
 * @param seen what else there is to know of this step: what brings its mix to hold, its cautions, what the kitchen has
 */
export function fixesOf(
  rows: readonly Row[],
  at: number,
  { advice, cautions, kitchen }: { advice: BindingAdvice | null; cautions: readonly Caution[]; kitchen: Kitchen },
): readonly Fix[] {
  const row = rows[at];
  if (row === undefined || row.state === "waiting") return [];
  const before = rows[at - 1];
  if (row.state === "blocked") return ofFailure(row, before);
  const fixes: Fix[] = [];
  const waterG = waterMissingG(row.outcome.facts);
  if (waterG > 0) fixes.push({ kind: "add", food: "water", massG: Math.ceil(waterG) });
  const longer = (minutes: number) => "minutes" in row.step && fixes.push({ kind: "minutes", minutes });
  for (const fact of row.outcome.facts) {
    if (fact.kind === "core-short") longer(Math.ceil(fact.neededMin));
    if (fact.kind === "tender" && fact.givenMin < fact.neededMin * FIRM) longer(Math.ceil(fact.neededMin));
    if (fact.kind === "softened" && fact.share < SOFT && fact.softMin <= LONGEST_MIN)
      longer(Math.ceil(fact.minutes + (1 - fact.share) * fact.softMin));
    if (fact.kind === "thickness" && !rows.slice(at + 1).some(tellsThickness)) fixes.push(...ofThickness(fact));
    if (fact.kind === "fill" && fact.share > 1) fixes.push(...larger(row, fact, kitchen));
    // Not only probably: as long as it takes where the fridge or the freezer is slow.
    if (fact.kind === "through" && fact.givenMin < fact.neededMin)
      fixes.push({ kind: "minutes", minutes: 30 * Math.ceil(fact.highMin / 30) });
    // What a part brings along is drained in that part.
    if (fact.kind === "undrained" && row.before.bath !== null && totalG(row.before.bath) > 1)
      fixes.push({ kind: "put-before", step: "drain" });
  }
  fixes.push(...cautions.flatMap((caution) => ofCaution(caution, row.step)));
  if (cautions.some((c) => c.rule === "raw-inside")) fixes.push(...hotInside(row));
  return advice === null ? fixes : [...fixes, ...ofAdvice(advice, rows[at + 1])];
}

/** The middle of everything in it, hot: 74 °C, and a little for the reading. */
const HOT_INSIDE_C = 75;
/** Heats from all sides by what is wet round the pieces, so that minutes are enough. */
const ROUND: ReadonlySet<StepKind> = new Set(["simmer", "deep-fry"]);
/** To the middle, where a step can be told so; longer where what lies round the pieces is hot enough for that. */
function hotInside({ step, outcome: { after } }: Computed): readonly Fix[] {
  if ("coreC" in step && step.coreC === null) return [{ kind: "heat", key: "coreC", tempC: HOT_INSIDE_C }];
  const aroundC = step.kind === "deep-fry" ? step.oilC : after.batch.tempC;
  if (!ROUND.has(step.kind) || !("minutes" in step) || step.minutes === null || aroundC <= HOT_INSIDE_C) return [];
  const inside = [...after.lumps, ...(after.lumps.length === 0 ? [{ ...after, middleC: middleOf(after) }] : [])];
  let moreMin = 0;
  for (const { pieces, cutMm, middleC } of inside) {
    if (pieces === null && cutMm === null) return [];
    const shape = pieceShapeOf({ batch: after.batch, pieces, cutMm }, { food: () => null });
    const heat = { surface: SURFACES.simmering, startC: middleC, aroundC, coreC: HOT_INSIDE_C };
    const needed = wetCoreMinutes({ remember: (_key, work) => work() }, shape, heat);
    if (!needed.ok) return [];
    moreMin = Math.max(moreMin, needed.value);
  }
  return [{ kind: "minutes", minutes: Math.ceil(step.minutes + moreMin) }];
}

/** Less than this share of its minutes leaves a vegetable firm, and of its softness a pulse hard: said by the facts as well. */
const FIRM = 0.75;
const SOFT = 0.9;
/** What never gets soft under these conditions is no question of minutes. */
const LONGEST_MIN = 600;

const tellsThickness = (row: Row) =>
  row.state === "computed" && row.outcome.facts.some((fact) => fact.kind === "thickness");
/** Only where a sauce ends: what is thin in between may be meant to be. */
function ofThickness({ starchG, thinningG }: Extract<Fact, { kind: "thickness" }>): readonly Fix[] {
  if (starchG >= 1) return [{ kind: "add", food: "corn-starch", massG: Math.round(starchG) }];
  return thinningG >= 5 ? [{ kind: "add", food: "water", massG: 5 * Math.round(thinningG / 5) }] : [];
}

/** The smallest of the kitchen's pans, tins or machines of a kind that would hold it. */
function larger(row: Computed, { of, share }: Extract<Fact, { kind: "fill" }>, kitchen: Kitchen): readonly Fix[] {
  if (of === "pressure-cooker") return [];
  const all: readonly { readonly id: string; readonly name: string; readonly volumeMl: number | null }[] =
    of === "tin"
      ? kitchen.tins.map((t) => ({ ...t, volumeMl: tinAreaCm2(t) * t.heightCm }))
      : of === "machine"
        ? kitchen.machines
        : kitchen.pans.map((p) => ({ ...p, volumeMl: p.heightCm && (Math.PI / 4) * p.diameterCm ** 2 * p.heightCm }));
  const now = all.find(({ id }) => id === gearOf(row));
  if (now === undefined || now.volumeMl === null) return [];
  const least = now.volumeMl * share;
  const kind = (id: string) =>
    kitchen.pans.find((p) => p.id === id)?.kind ?? kitchen.machines.find((m) => m.id === id)?.kind ?? "tin";
  const fits = all
    .filter((v) => v.volumeMl !== null && v.volumeMl >= least && kind(v.id) === kind(now.id))
    .sort((a, b) => (a.volumeMl as number) - (b.volumeMl as number));
  const key = of === "pot" ? "pan" : of;
  return fits[0] === undefined ? [] : [{ kind: "gear", key, id: fits[0].id, name: fits[0].name }];
}
/** The pan, tin or machine that a step is done in. */
function gearOf({ step, outcome }: Computed): string | null {
  const need = outcome.needs.find((n) => n.kind === "pan" || n.kind === "machine");
  if (need?.kind === "pan") return need.pan;
  if (need?.kind === "machine") return need.machine;
  return step.kind === "layer" ? step.tin : null;
}

function ofCaution(caution: Caution, step: Step): readonly Fix[] {
  switch (caution.rule) {
    case "danger-zone":
      if ("where" in step && step.where === "worktop") return [{ kind: "chill", key: "where" }];
      return "chilled" in step && !step.chilled ? [{ kind: "chill", key: "chilled" }] : [];
    case "core":
    case "reheat":
      return [{ kind: "heat", key: "coreC", tempC: (caution.facts as CautionFacts["core"]).leastC }];
    case "hot-hold":
      return [{ kind: "heat", key: "holdC", tempC: (caution.facts as CautionFacts["hot-hold"]).atHomeC }];
    case "oil-too-hot":
      return [{ kind: "heat", key: "oilC", tempC: (caution.facts as CautionFacts["oil-too-hot"]).highC }];
    case "paper-in-the-oven":
      return [{ kind: "heat", key: "ovenC", tempC: (caution.facts as CautionFacts["paper-in-the-oven"]).mostC }];
    default:
      return [];
  }
}

type Computed = Extract<Row, { state: "computed" }>;

/** A fuller bowl also stays warmer, so that they drink more: enough to stand over them is enough to drink. */
const waterMissingG = (facts: readonly Fact[]): number =>
  facts.reduce((g, fact) => {
    if (fact.kind === "uncovered") return Math.max(g, fact.needG - fact.pouredG);
    return fact.kind === "bath-short" ? Math.max(g, fact.missingG) : g;
  }, 0);

function ofFailure({ failure }: Extract<Row, { state: "blocked" }>, before: Row | undefined): readonly Fix[] {
  // What no machine is there to chop, a knife cuts.
  if (failure.kind === "no-machine" && failure.wants === "food-processor") return [{ kind: "take", step: "cut" }];
  if (failure.kind === "other-step") return [{ kind: "take", step: failure.take }];
  // After a thaw that was too short, another one is no help: that one has to be longer.
  if (failure.kind === "still-frozen" && before?.step.kind !== "thaw") return [{ kind: "put-before", step: "thaw" }];
  return [];
}

function ofAdvice({ correction, spoonG }: BindingAdvice, next: Row | undefined): readonly Fix[] {
  switch (correction.kind) {
    case "add-liquid":
      return [{ kind: "add", food: "water", massG: Math.round(correction.steps * LIQUID_STEP_G) }];
    case "add-binder":
      return [{ kind: "add", food: correction.food, massG: Math.round(correction.steps * spoonG) }];
    case "wait":
      return next?.step.kind === "rest" ? [] : [{ kind: "put-after", step: "rest" }];
    case "other-way":
      return [];
  }
}
