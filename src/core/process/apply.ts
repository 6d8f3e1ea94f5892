import { fail, succeed } from "../quantities/result";
import {
  type Applied,
  COOKED_C,
  type Fact,
  isInside,
  isMarked,
  type Lump,
  type Mark,
  marked,
  type Outcome,
  type StepContext,
  type Vessel,
} from "./ledger";
import { beyondLimits, LONGEST_MIN, type StepDescriptor } from "./descriptor";
import { broughtBathG, lumpsWith, opened, rawWith } from "./opening";
import { pieceShapeOf, SURFACES, wetMiddleAfter } from "./steps/geometry";
import type { InsideMark } from "../foods/insideMarks";
import { descriptorOf, STEP_REGISTRY, type StepRegistry } from "./registry";
import type { StepCommon } from "./step";
import { add, at, type Contents, totalG } from "./contents";
import { bindingOf } from "./steps/common";
import { leastSoft } from "./steps/soften";

/**
 * FDA Bad Bug Book: a rolling boil at 100 °C of at least ten minutes destroys the lectin of beans; under pressure what is soft has
 * had more than that. Where water boils cooler half an hour and soft, and below 90 °C never, is this house's own margin.
 */
const LECTIN = { boilC: 99, boilMin: 10, pressureC: 105, coolC: 90, coolMin: 30 } as const;
/** Starch and most gels set when the middle passes 70–75 °C (models card 6). */
const SETS_C = 72;
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
  const beyond = beyondLimits(descriptor, step);
  if (beyond !== null) return fail(beyond);
  if (!step.ready)
    return step.washed === true
      ? afterWash(done(descriptor, vessel, step, context))
      : done(descriptor, vessel, step, context);
  // What is said to be frozen or thawed is so, however many minutes stand there. Marks are those of the step as it was done.
  const whole = descriptor.toTheMiddle ? { ...step, minutes: LONGEST_MIN } : step;
  const made = done(descriptor, vessel, whole, context);
  return made.ok ? succeed(liesReady(made.value)) : made;
}
/** Hot water, soap, rinse and dry, minutes (common practice). */
const WASH_MIN = 3;
/** Washing comes before, and needs no food there yet. */
const afterWash = (made: Applied): Applied =>
  made.ok
    ? succeed({ ...made.value, phases: [{ kind: "hands", minutes: WASH_MIN, early: true }, ...made.value.phases] })
    : made;
/** With what has to lie in the vessel before: it counts among what came. */
function done(descriptor: StepDescriptor, vessel: Vessel, step: StepCommon, context: StepContext): Applied {
  const open = opened(descriptor, vessel, step, context);
  if (open === null) return doneTo(descriptor, vessel, step, context);
  if (!open.ok) return open;
  const { vessel: filled, step: rest, came, bathG } = open.value;
  const made = doneTo(descriptor, filled, rest, context, bathG);
  return made.ok ? succeed({ ...made.value, inputs: [...came, ...made.value.inputs] }) : made;
}
function doneTo(
  descriptor: StepDescriptor,
  vessel: Vessel,
  step: StepCommon,
  context: StepContext,
  openBathG = 0,
): Applied {
  if (isMarked(vessel, "frozen") && !fitsFrozen(descriptor, vessel)) return fail({ kind: "still-frozen" });
  const bathG = descriptor.takesBath === true && vessel.bath !== null ? totalG(vessel.bath) : 0;
  const lies = bathG > 0 ? { ...vessel, batch: add(vessel.batch, vessel.bath as Contents), bath: null } : vessel;
  const applied = withHeavyHands(descriptor.apply(lies, step as never, context), step);
  if (!applied.ok) return applied;
  const { inputs, facts } = applied.value;
  const after = settled(descriptor, vessel, applied.value);
  const soft = facts.find((f) => f.kind === "softened");
  const inside = insideOf(descriptor, vessel, { ...applied.value, after }, step, context);
  const marks = rawMarks(descriptor, applied.value, soft, inside, context);
  // How soft the least done of the pulses, grains and pasta are: as far as this step brought them, or dry as they come.
  const softness = soft === undefined ? leastSoft(after.softness, inputs, context) : soft.share;
  const set = marksOfHeat(marks, after);
  const ofSetting = setFact(set, applied.value, context);
  const ofBath =
    bathG >= UNDRAINED_G
      ? [{ kind: "bath-taken", massG: bathG } as const]
      : undrained(descriptor, applied.value, openBathG);
  const told = ofSetting.length === 0 ? ofBath : ofBath.length === 0 ? ofSetting : [...ofSetting, ...ofBath];
  // Heated again it begins a new way down.
  const cooling = after.cooling !== null && after.batch.tempC > vessel.batch.tempC + 1 ? null : after.cooling;
  if (
    after === applied.value.after &&
    set === after.marks &&
    softness === after.softness &&
    cooling === after.cooling &&
    inside.middleC === after.middleC &&
    inside.lumps === after.lumps &&
    told.length === 0
  )
    return applied;
  const { outputs, phases, needs } = applied.value;
  const { batch, bath, pieces, cutMm, boundMin } = after;
  // Written out, not spread: this runs for most steps of every sample.
  return succeed({
    after: {
      batch,
      bath,
      pieces,
      cutMm,
      boundMin,
      marks: set,
      softness,
      cooling,
      middleC: inside.middleC,
      lumps: inside.lumps,
    },
    inputs,
    outputs,
    phases,
    needs,
    facts: told.length === 0 ? facts : [...facts, ...told],
  });
}

/** Thin pieces, patties and slices, are cooked from frozen (USDA FSIS: half as long again); what is thicker is raw inside by then. */
const THIN_MM = 30;
const fitsFrozen = ({ fitsFrozen: fits }: StepDescriptor, { pieces }: Vessel): boolean =>
  fits === true || (fits === "thin" && pieces !== null && pieces.form !== "layer" && pieces.thicknessMm <= THIN_MM);

/** So much one pair of hands lifts, stirs and pours as quickly as less; each kilo more takes so long (rule of thumb). */
const A_FAMILY_G = 2500;
const MIN_A_KILO = 0.5;
/** Kinds that count what passes through the hands, piece by piece or by the kilo. */
const COUNTED: ReadonlySet<string> = new Set([
  "cut",
  "pulse",
  "mash",
  "pat",
  "sort",
  "slice",
  "stuff",
  "shape",
  "squeeze",
  "coat",
]);
/** Hands grow with the kilos of what they hold, where the cook has not said how long. */
function withHeavyHands(applied: Applied, step: StepCommon): Applied {
  if (!applied.ok || step.handsMin !== null || COUNTED.has(step.kind)) return applied;
  const { after, phases } = applied.value;
  const moreG = totalG(after.batch) - A_FAMILY_G;
  const at = moreG > 0 ? phases.findIndex((p) => p.kind === "hands" && !p.early) : -1;
  if (at < 0) return applied;
  const longer = (minutes: number) => minutes + (MIN_A_KILO * moreG) / 1000;
  return succeed({
    ...applied.value,
    phases: phases.map((p, i) => (i === at ? { ...p, minutes: longer(p.minutes) } : p)),
  });
}

/** What was done on another day has been in the fridge since (a fridge at work: 4–5 °C). */
const FRIDGE_C = 5;
/** What a step still tells once it is done: what the food is, not how long it took. */
const STAYS: ReadonlySet<Fact["kind"]> = new Set([
  "soaked",
  "salt-added",
  "binding",
  "pieces",
  "softened",
  "pressed",
  "gel",
  "batter",
  "coated",
  "slices",
]);
/** The account of a step that is done already: the same food, no minutes, nothing of the kitchen. */
function liesReady(made: Outcome): Outcome {
  const { after } = made;
  const chilled = isMarked(after, "frozen") ? after.batch : at(after.batch, Math.min(FRIDGE_C, after.batch.tempC));
  const marks = after.batch.tempC >= COOKED_C ? marked(after.marks, "kept-cooked") : after.marks;
  return {
    ...made,
    after: { ...after, batch: chilled, cooling: null, marks, middleC: null },
    phases: [],
    needs: [],
    facts: made.facts.filter((fact) => STAYS.has(fact.kind)),
  };
}

/** A bound mix that was hot in the middle has set. */
const marksOfHeat = (marks: readonly Mark[], after: Vessel): readonly Mark[] =>
  after.boundMin !== null && after.batch.tempC >= SETS_C ? marked(marks, "set-by-heat") : marks;

/** How a mix holds once heat has set it; told of pieces that nothing was added to. */
function setFact(marks: readonly Mark[], { after, inputs, facts }: Outcome, context: StepContext): readonly Fact[] {
  if (!marks.includes("set-by-heat") || after.pieces === null || inputs.length > 0) return NO_FACTS;
  if (facts.some((f) => f.kind === "binding")) return NO_FACTS;
  const state = bindingOf(after.batch, Infinity, context.figures, true);
  return state === null ? NO_FACTS : [{ kind: "binding", state }];
}
const NO_FACTS: readonly Fact[] = [];

/** Pieces weigh what the batch weighs: they grow and shrink with it, stay as they are in a sauce, and end where they are mixed. */
function settled(descriptor: StepDescriptor, before: Vessel, { after, inputs }: Outcome): Vessel {
  const { pieces } = after;
  // A step that shapes, fills or lays them out has said what they weigh.
  if (pieces === null || pieces !== before.pieces) return after;
  if (descriptor.endsPieces) return { ...after, pieces: null };
  if (descriptor.addsAround && inputs.some((i) => i.from !== "step")) return after;
  const [was, is] = [totalG(before.batch), totalG(after.batch)];
  return was <= 0 || was === is ? after : { ...after, pieces: { ...pieces, eachG: (pieces.eachG * is) / was } };
}

/** Less than this, a teaspoon, runs off by itself (rule of thumb). */
const UNDRAINED_G = 5;
/** Liquid that nobody drained: of this vessel, or brought along by a part. */
function undrained(descriptor: StepDescriptor, { after, inputs }: Outcome, openBathG: number): readonly Fact[] {
  const ownG = descriptor.fitsBath || after.bath === null ? 0 : totalG(after.bath);
  const massG = ownG + broughtBathG(inputs) + openBathG;
  return massG < UNDRAINED_G ? NO_FACTS : [{ kind: "undrained", massG }];
}

/**
 * What is raw goes along as a mark: with the food, and with a part that is joined. Beans lose it by ten minutes at the
 * boil (`steps/cook`), mushrooms by being hot right through, the cells of vegetables by that, by blanching and mashing.
 */
function rawMarks(
  { opensCells, kind }: StepDescriptor,
  { inputs: came, after }: Outcome,
  soft: Softened | undefined,
  inside: Inside,
  context: StepContext,
): readonly Mark[] {
  const brought = rawWith(after.marks, came, context);
  // What lies outside as a coat is as hot as the fat or the air round it.
  const outside = COATS.has(kind) ? brought.filter((m) => after.marks.includes(m) || !isInside(m)) : brought;
  const marks = inside.freed.length === 0 ? outside : inside.freed.reduce<readonly Mark[]>(marked, outside);
  if (marks.length === 0) return marks;
  const boiled = soft !== undefined && lectinGone(soft, context.boilC);
  const hot = (inside.middleC ?? after.batch.tempC) >= HOT_C;
  // Cyanide goes into the water that is thrown away: a dry heat leaves it where it is.
  const inWater = BOILS.has(kind);
  const open = hot || opensCells === true;
  if (!boiled && !open) return marks;
  const left = marks.filter(
    (m) =>
      !(boiled && m === "raw-beans") &&
      !(hot && (m === "raw-mushrooms" || m === "raw-tempeh" || (m === "raw-cyanide" && inWater) || isInside(m))) &&
      !(open && m === "raw-cells"),
  );
  return left.length === marks.length ? marks : left;
}
const BOILS: ReadonlySet<string> = new Set(["boil", "cook", "simmer", "blanch"]);
const COATS: ReadonlySet<string> = new Set(["coat", "batter", "top", "glaze"]);

/** How hot pieces are in the middle after a step: its own, and those of others that lie in it. */
interface Inside {
  readonly middleC: number | null;
  readonly lumps: readonly Lump[];
  /** Of pieces that the step broke up: what was raw in them is raw in all of it. */
  readonly freed: readonly InsideMark[];
}
/** In these what lies round the pieces is wet, and as hot as it is at the end all the while. */
const WET: ReadonlySet<string> = new Set(["simmer", "reduce", "boil", "cook", "steam", "reheat", "season", "thicken"]);
const NOTHING_FREED: readonly InsideMark[] = [];
const NOTHING_INSIDE: readonly Lump[] = [];
/** Within so much the middle is as hot as the rest, K. */
const AS_HOT_K = 1;

/**
 * Pieces stay pieces in a sauce: the pot's mean proves nothing about their middle, which follows by conduction from whatever lies
 * round them. What is hot to the middle is no lump any more; what is broken up is none either, and as raw as it was.
 */
function insideOf(
  descriptor: StepDescriptor,
  before: Vessel,
  { after, inputs, phases }: Outcome,
  step: StepCommon,
  context: StepContext,
): Inside {
  const lumps = lumpsWith(after.lumps, inputs);
  if (after.middleC === null && lumps.length === 0) return { middleC: null, lumps: after.lumps, freed: NOTHING_FREED };
  if (descriptor.endsPieces || step.kind === "pulse")
    return { middleC: null, lumps: NOTHING_INSIDE, freed: lumps.flatMap((l) => l.marks) };
  const around = WET.has(step.kind) ? after.batch.tempC : (before.batch.tempC + after.batch.tempC) / 2;
  let minutes = 0;
  for (const phase of phases) if (!phase.early) minutes += phase.minutes;
  const later = ({ pieces, cutMm }: Pick<Vessel, "pieces" | "cutMm">, middleC: number): number => {
    const towards = (aroundC: number) =>
      wetMiddleAfter(
        context,
        pieceShapeOf({ batch: after.batch, pieces, cutMm }, context),
        { surface: SURFACES.simmering, startC: middleC, aroundC },
        minutes,
      );
    return around > middleC + AS_HOT_K ? Math.min(around, towards(around)) : middleC;
  };
  // A step that works out the middle has said it.
  const said = after.middleC !== before.middleC || after.middleC === null;
  const own = said || after.middleC === null ? after.middleC : later(after, after.middleC);
  const middleC = own !== null && own >= after.batch.tempC - AS_HOT_K ? null : own;
  const left = lumps.map((l): Lump => ({ ...l, middleC: later(l, l.middleC) })).filter((l) => l.middleC < HOT_C);
  return { middleC, lumps: left.length === 0 ? NOTHING_INSIDE : left, freed: NOTHING_FREED };
}
type Softened = Extract<Fact, { kind: "softened" }>;
/** Whether beans have boiled enough. */
function lectinGone({ atC, minutes, share }: Softened, boilC: number): boolean {
  if (atC >= LECTIN.pressureC) return share >= 0.9 || minutes >= LECTIN.boilMin;
  if (atC < boilC - 0.5 || atC < LECTIN.coolC) return false;
  return atC >= LECTIN.boilC ? minutes >= LECTIN.boilMin : minutes >= LECTIN.coolMin && share >= 1;
}
