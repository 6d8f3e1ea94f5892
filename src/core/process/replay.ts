import type { FoodLookup, FoodId } from "../foods/food";
import type { RawMark } from "../foods/process";
import { type Draw, likelyDraw } from "../quantities/draw";
import type { Memory } from "../quantities/memory";
import { estimate } from "../quantities/range";
import { drawsOf } from "./draws";
import { applyDescribed } from "./apply";
import { at, type Contents, contentsOfFood, NOTHING, portion, totalG, UNKNOWN_WATER_G } from "./contents";
import {
  type Input,
  EMPTY_VESSEL,
  isInside,
  isMarked,
  type Lump,
  middleOf,
  type Fact,
  type StepContext,
  type StepFailure,
  type Vessel,
  rawOf,
  vesselContents,
  type Outcome,
  scaledInput,
} from "./ledger";
import { type StepKey, stepKey } from "./log";
import { type DishId, type FoodLine, foodsWithoutAmount, type Line, type PartId, type StepId } from "./step";
import type { StepDescriptor } from "./descriptor";
import { descriptorOf, type Step, type StepRegistry } from "./registry";
import { retold } from "./retold";
import type { PartSteps, ReplayedPart, Row } from "./row";
import { correctByReading } from "./weighIn";

/** What steps may know of the kitchen. */
export type KitchenFacts = Pick<
  StepContext,
  "roomC" | "boilC" | "burner" | "weakest" | "pan" | "secondPan" | "tin" | "machine" | "ovens" | "altitudeM" | "freezer"
>;
interface KnownStep {
  readonly key: StepKey;
  readonly descriptor: StepDescriptor;
  /** Foods of its lines whose amount nobody has said. */
  readonly open: readonly FoodId[];
  /** What there is to tell of its lines, whatever becomes of them. */
  readonly told: readonly Fact[];
}
function knownSteps(steps: readonly Step[], world: ReplayWorld): readonly KnownStep[] {
  let known = world.known.get(steps);
  if (known === undefined) {
    known = steps.map((step) => ({
      key: stepKey(world.dishId, step.id),
      descriptor: descriptorOf(step.kind, world.steps),
      open: foodsWithoutAmount(step.adds),
      told: toldOf(step.adds, world.foods),
    }));
    world.known.set(steps, known);
  }
  return known;
}
/** The world as a replay sees it: everything but the steps themselves. */
export interface ReplayWorld extends KitchenFacts {
  /** The burner that a step was given; the strongest for those that were given none. */
  readonly burnerOf: ReadonlyMap<StepKey, NonNullable<StepContext["burner"]>>;
  readonly dishId: DishId;
  readonly foods: FoodLookup;
  readonly figures: StepContext["figures"];
  readonly kin: StepContext["kin"];
  /** What lines of foods alone bring is the same in every sample: worked out once. */
  readonly brought: Map<readonly Line[], readonly Input[]>;
  /** Keys and descriptors of the steps of a part, found once for all samples. */
  readonly known: Map<readonly Step[], readonly KnownStep[]>;
  readonly readings: ReadonlyMap<StepKey, number>;
  /** Whether what a step puts in grows with the reading of an earlier one. */
  readonly grows: (step: StepKey, reading: StepKey) => boolean;
  readonly memory: Memory;
  readonly steps: StepRegistry;
  /** Grams between two marks of the scale. */
  readonly scaleStepG: number;
}

/** What parts of one dish give to each other. */
export interface Exchange {
  readonly part: (id: PartId, share: number) => Input | StepFailure;
  readonly liquor: (step: StepId, share: number) => Input | StepFailure;
  /** A part that was brought, as it was at its end. */
  readonly endOf: (id: PartId) => Vessel | null;
  /** What ran off at a step, kept for whoever asks. */
  readonly ranOff: (step: StepId, contents: Contents, raw: readonly RawMark[]) => void;
}
/** From which step on a part is replayed, and what is in the vessel there. */
export interface Start {
  readonly index: number;
  readonly vessel: Vessel;
}
const FROM_NOTHING: Start = { index: 0, vessel: EMPTY_VESSEL };

/**
 * Carries one part through its steps, from any of them with any vessel, given what comes from other parts. A step that
 * cannot be done says why, and those after it wait.
 *
 * @returns rows of the steps from `start.index` on, and the vessel at the end (null when a step is blocked)
 */
export function replayPart(
  part: PartSteps,
  world: ReplayWorld,
  draw: Draw,
  exchange: Exchange,
  start: Start = FROM_NOTHING,
): { readonly rows: readonly Row[]; readonly end: Vessel | null } {
  /** The step under way: an uncertain parameter is told apart by the step it is asked in. */
  let current: StepKey = "";
  /** What was weighed out at the start, over what was planned; and by which step. */
  let more: { readonly factor: number; readonly reading: StepKey } | null = null;
  const growth = (): number => (more !== null && world.grows(current, more.reading) ? more.factor : 1);
  const context: StepContext = {
    roomC: world.roomC,
    boilC: world.boilC,
    get burner() {
      return world.burnerOf.get(current) ?? world.burner;
    },
    weakest: world.weakest,
    pan: world.pan,
    secondPan: world.secondPan,
    tin: world.tin,
    machine: world.machine,
    ovens: world.ovens,
    altitudeM: world.altitudeM,
    freezer: world.freezer,
    food: world.foods,
    figures: world.figures,
    kin: world.kin,
    remember: world.memory,
    bring: (lines) => grownBy(growth(), bring(lines, world, exchange, draw, current)),
    endOf: exchange.endOf,
    ...drawsOf(draw, () => current),
  };
  const known = knownSteps(part.steps, world);
  const rows: Row[] = [];
  let { vessel } = start;
  let blockedBy: StepKey | null = null;
  for (let i = start.index; i < part.steps.length; i++) {
    const step = part.steps[i] as Step;
    const { key, descriptor, told } = known[i] as KnownStep;
    if (blockedBy !== null) {
      rows.push({ key, part: part.id, step, state: "waiting", blockedBy });
      continue;
    }
    current = key;
    const applied = applyDescribed(descriptor, vessel, step, context);
    if (!applied.ok) {
      blockedBy = key;
      const failure = forWantOf(applied.failure, known, i);
      rows.push({ key, part: part.id, step, state: "blocked", failure });
      continue;
    }
    const { value } = applied;
    const says = grownFacts(told, growth(), value);
    const made = says.length === 0 ? value : { ...value, facts: [...value.facts, ...says] };
    // Written out, not spread from a common base: this runs for every step of every sample.
    const computed: ComputedRow = {
      key,
      part: part.id,
      step,
      state: "computed",
      before: vessel,
      outcome: made,
      scaleSays: descriptor.weighed,
      again: descriptor.again === true,
      weighed: null,
      refusedReading: null,
    };
    const row = weighedRow(computed, world, draw);
    rows.push(row);
    if (row.weighed !== null && row.scaleSays === "addition" && totalG(vessel.batch) <= 0) {
      const factor = row.weighed.readingG / row.weighed.computedG;
      if (Math.abs(factor - 1) >= GROWN_FROM) more = { factor, reading: key };
    }
    vessel = row.outcome.after;
    const drained = row.outcome.outputs.find((l) => l.to === "drain");
    if (drained) exchange.ranOff(step.id, drained.contents, rawOff(vessel, descriptor.leavesFood === true));
  }
  return { rows, end: blockedBy === null ? vessel : null };
}

/** What of a raw food runs off with its liquid; pieces that leave are as raw as they were, and so is what lay among them. */
const rawOff = (vessel: Vessel, isFood: boolean): readonly RawMark[] =>
  isFood ? [...new Set([...rawOf(vessel), ...vessel.lumps.flatMap((l) => l.marks)])] : vessel.marks.filter(isInside);

/** Foods that go in grow with what was weighed out at the start: a fifth more strips take a fifth more water. */
const grownBy = (factor: number, came: readonly Input[] | StepFailure): readonly Input[] | StepFailure =>
  factor === 1 || "kind" in came ? came : came.map((c) => (c.from === "food" ? scaledInput(c, factor) : c));
/** Less than this nobody goes after. */
const GROWN_FROM = 0.02;
function grownFacts(told: readonly Fact[], factor: number, { inputs }: Outcome): readonly Fact[] {
  if (factor === 1 || !inputs.some((c) => c.from === "food")) return told;
  return [...told, { kind: "grown", factor }];
}

/** Whether nobody knows how much water a food holds: every run takes another guess. */
const isGuessed = (id: FoodId, foods: FoodLookup): boolean => foods(id)?.per100.waterG === null;
function toldOf(lines: readonly Line[], foods: FoodLookup): readonly Fact[] {
  const open = foodsWithoutAmount(lines);
  const guessed = lines.flatMap((l) =>
    l.kind === "food" && l.massG !== null && isGuessed(l.food, foods) ? [l.food] : [],
  );
  return [
    ...(open.length === 0 ? [] : [{ kind: "without-amount", foods: open } as const]),
    ...(guessed.length === 0 ? [] : [{ kind: "guessed-water", foods: guessed } as const]),
  ];
}
/** Failures that say no more than that nothing is there. */
const NOTHING_THERE: ReadonlySet<StepFailure["kind"]> = new Set(["empty-vessel", "nothing-to-coat-with", "no-liquid"]);
/** Where nothing is there since nobody said how much of it, that is the reason. */
function forWantOf(failure: StepFailure, known: readonly KnownStep[], at: number): StepFailure {
  const foods = NOTHING_THERE.has(failure.kind) ? known.slice(0, at + 1).flatMap((k) => k.open) : [];
  return foods.length === 0 ? failure : { kind: "amount-missing", foods };
}

/** What the lines of a step bring, or why one of them cannot. */
function bring(
  lines: readonly Line[],
  world: ReplayWorld,
  exchange: Exchange,
  draw: Draw,
  step: StepKey,
): readonly Input[] | StepFailure {
  const known = world.brought.get(lines);
  if (known) return known;
  const came: Input[] = [];
  let foodsOnly = true;
  for (const line of lines) {
    const one =
      line.kind === "food"
        ? bringFood(line, world, draw, step)
        : line.kind === "part"
          ? exchange.part(line.part, line.share)
          : exchange.liquor(line.step, line.share);
    if ("kind" in one) return one;
    came.push(one);
    if (line.kind !== "food" || line.between !== undefined || isGuessed(line.food, world.foods)) foodsOnly = false;
  }
  if (foodsOnly) world.brought.set(lines, came);
  return came;
}

/** Nothing but an amount that nobody said keeps the part from being made: what takes it is worked out without it. */
const isForWant = (part: ReplayedPart | undefined): boolean =>
  part?.rows.some((r) => r.state === "blocked" && r.failure.kind === "amount-missing") === true;

/** What of a part is raw: of its pieces the middle, which stays theirs in whatever they come into; else all of it. */
function insideOf(end: Vessel): { readonly raw: readonly RawMark[]; readonly lumps: readonly Lump[] } {
  const raw = rawOf(end);
  const marks = end.pieces === null && end.cutMm === null ? [] : raw.filter(isInside);
  if (marks.length === 0) return { raw, lumps: end.lumps };
  const own: Lump = { pieces: end.pieces, cutMm: end.cutMm, middleC: middleOf(end), marks };
  return { raw: raw.filter((m) => !isInside(m)), lumps: [...end.lumps, own] };
}

/** A share of a finished part, as the step that takes it sees it. */
export const shareOfPart = (part: PartId, end: Vessel, share: number): Input => ({
  from: "part",
  part,
  ...insideOf(end),
  softness: end.softness,
  bathG: end.bath === null ? 0 : totalG(end.bath) * share,
  contents: portion(vesselContents(end), share),
});

/**
 * Carries every part of a dish through its steps. Parts are made in the order in which they need each other; a
 * cycle, a missing part or a share over 1 is a failure of the step that asks, and the rest stays computed.
 */
export function replay(parts: readonly PartSteps[], world: ReplayWorld, draw: Draw = likelyDraw): ReplayedPart[] {
  const byId = new Map(parts.map((p) => [p.id, p]));
  const finished = new Map<PartId, ReplayedPart>();
  const used = new Map<PartId | StepId, number>();
  const underway = new Set<PartId>();
  const runOff = new Map<StepId, { readonly contents: Contents; readonly raw: readonly RawMark[] }>();

  const run = (part: PartSteps): ReplayedPart => {
    underway.add(part.id);
    const { rows, end } = replayPart(part, world, draw, exchange);
    underway.delete(part.id);
    const done: ReplayedPart = { id: part.id, rows, end, usedShare: 0 };
    finished.set(part.id, done);
    return done;
  };
  /** Counts a share of a part or a liquor as used; over the whole it says how much was asked for. */
  const overused = (id: PartId | StepId, share: number): number | null => {
    const total = (used.get(id) ?? 0) + share;
    if (total > 1 + 1e-9) return total;
    used.set(id, total);
    return null;
  };
  const exchange: Exchange = {
    part: (id, share) => {
      const part = byId.get(id);
      if (!part) return { kind: "part-missing", part: id };
      if (underway.has(id)) return { kind: "cycle", part: id };
      const { end } = finished.get(id) ?? run(part);
      if (end === null)
        return isForWant(finished.get(id)) ? shareOfPart(id, EMPTY_VESSEL, share) : { kind: "part-blocked", part: id };
      if (isMarked(end, "frozen")) return { kind: "part-frozen", part: id };
      const asked = overused(id, share);
      return asked === null ? shareOfPart(id, end, share) : { kind: "part-used-up", part: id, share: asked };
    },
    // What ran off at a step, wherever it is; the part it belongs to is made first.
    liquor: (step, share) => {
      if (!runOff.has(step)) {
        const owner = parts.find((p) => p.steps.some((s) => s.id === step));
        if (owner && !underway.has(owner.id) && !finished.has(owner.id)) run(owner);
      }
      const liquor = runOff.get(step);
      if (!liquor) return { kind: "liquor-missing", step };
      const asked = overused(step, share);
      return asked === null
        ? { from: "liquor", step, contents: portion(liquor.contents, share), raw: liquor.raw }
        : { kind: "liquor-used-up", step, share: asked };
    },
    endOf: (id) => finished.get(id)?.end ?? null,
    ranOff: (step, contents, raw) => void runOff.set(step, { contents, raw }),
  };

  for (const part of parts) if (!finished.has(part.id)) run(part);
  return parts.map((p) => ({ ...(finished.get(p.id) as ReplayedPart), usedShare: used.get(p.id) ?? 0 }));
}

function bringFood(line: FoodLine, world: ReplayWorld, draw: Draw, step: StepKey): Input | StepFailure {
  const { food: id, massG: saidG, between } = line;
  const food = world.foods(id);
  if (food === null) return { kind: "unknown-food", food: id };
  // Nobody knows how much: it is there, for what is raw in it too, and weighs nothing in this account.
  if (saidG === null) return { from: "food", food: id, massG: 0, contents: at(NOTHING, world.roomC) };
  const massG =
    between === undefined
      ? saidG
      : draw("amount", estimate(Math.min(between.lowG, saidG), saidG, Math.max(saidG, between.highG)), `${step}/${id}`);
  if (!Number.isFinite(massG)) return { kind: "not-a-number", field: food.name };
  if (massG < 0 || massG > 100_000)
    return { kind: "out-of-range", field: food.name, got: massG, low: 0, high: 100_000 };
  const known = food.per100.waterG !== null;
  const contents = known
    ? contentsOfFood(food, massG, world.roomC)
    : contentsOfFood(food, massG, world.roomC, draw("unknown water", UNKNOWN_WATER_G, id));
  return { from: "food", food: id, massG, contents };
}

type ComputedRow = Extract<Row, { state: "computed" }>;

/** Applies the scale's reading, if there is one; in samples within the scale's own resolution. */
function weighedRow(row: ComputedRow, world: ReplayWorld, draw: Draw): ComputedRow {
  const reading = world.readings.size === 0 ? undefined : world.readings.get(row.key);
  if (reading === undefined) return row;
  const blur = world.scaleStepG / 2;
  const readingG = draw("scale", estimate(reading - blur, reading, reading + blur), row.key);
  const corrected = correctByReading(row.scaleSays, row.outcome, readingG);
  if (!corrected.ok) return { ...row, refusedReading: corrected.failure };
  const computedG = totalG(row.outcome.after.batch);
  const outcome = retold(row.outcome, corrected.value.outcome, world.figures);
  return { ...row, outcome, weighed: { readingG, computedG, factor: corrected.value.factor } };
}
