import type { FoodLookup } from "../foods/food";
import { type Draw, likelyDraw } from "../quantities/draw";
import { estimate } from "../quantities/range";
import { applyStep } from "./apply";
import { type Contents, contentsOfFood, portion, totalG } from "./contents";
import {
  type Came,
  EMPTY_VESSEL,
  isMarked,
  type Outcome,
  type StepContext,
  type StepFailure,
  type Vessel,
  rawOf,
} from "./ledger";
import { type StepKey, stepKey } from "./log";
import type { Line, PartId, Step, StepId } from "./step";
import { correctByReading, type WeighInFailure } from "./weighIn";

/** A part made on its own until it is joined. */
export interface PartSteps {
  readonly id: PartId;
  readonly steps: readonly Step[];
}

export interface Weighed {
  readonly readingG: number;
  readonly computedG: number;
  readonly factor: number;
}
interface RowBase {
  readonly key: StepKey;
  readonly part: PartId;
  readonly step: Step;
}
/** A step with its account, or the reason why it has none; steps after a blocked one wait for it. */
export type Row =
  | (RowBase & {
      readonly state: "computed";
      readonly before: Vessel;
      readonly outcome: Outcome;
      readonly weighed: Weighed | null;
      readonly refusedReading: WeighInFailure | null;
    })
  | (RowBase & { readonly state: "blocked"; readonly failure: StepFailure })
  | (RowBase & { readonly state: "waiting"; readonly blockedBy: StepKey });

export interface ReplayedPart {
  readonly id: PartId;
  readonly rows: readonly Row[];
  /** Contents at the end, or null when a step is blocked. */
  readonly end: Vessel | null;
  /** Share that other parts take; what is left goes to the table. */
  readonly usedShare: number;
}

/** What steps may know of the kitchen. */
export type KitchenFacts = Pick<
  StepContext,
  "roomC" | "boilC" | "burner" | "pan" | "tin" | "machine" | "ovens" | "altitudeM"
>;
/** The world as a replay sees it: everything but the steps themselves. */
export interface ReplayWorld extends KitchenFacts {
  readonly dishId: string;
  readonly foods: FoodLookup;
  readonly figures: StepContext["figures"];
  /** What lines of foods alone bring is the same in every sample: reckoned once. */
  readonly brought: Map<readonly Line[], readonly Came[]>;
  readonly readings: ReadonlyMap<StepKey, number>;
  readonly remember: StepContext["remember"];
  /** Grams between two marks of the scale. */
  readonly scaleStepG: number;
}

/**
 * Carries every part of a dish through its steps. Parts are made in the order in which they need each other; a
 * cycle, a missing part or a share over 1 is a failure of the step that asks, and the rest stays computed.
 */
export function replay(parts: readonly PartSteps[], world: ReplayWorld, draw: Draw = likelyDraw): ReplayedPart[] {
  const byId = new Map(parts.map((p) => [p.id, p]));
  const finished = new Map<PartId, ReplayedPart>();
  const used = new Map<PartId, number>();
  const underway = new Set<PartId>();
  const runOff = new Map<StepId, Contents>();

  /** The step under way: an uncertain parameter is told apart by the step it is asked in. */
  let current: StepKey = "";

  const bring = (lines: readonly Line[]): readonly Came[] | StepFailure => {
    const known = world.brought.get(lines);
    if (known) return known;
    const came: Came[] = [];
    let foodsOnly = true;
    for (const line of lines) {
      const one =
        line.kind === "food"
          ? bringFood(line.food, line.massG, world)
          : line.kind === "part"
            ? bringPart(line.part, line.share)
            : bringLiquor(line.step, line.share);
      if ("kind" in one) return one;
      came.push(one);
      if (line.kind !== "food") foodsOnly = false;
    }
    if (foodsOnly) world.brought.set(lines, came);
    return came;
  };
  const bringPart = (id: PartId, share: number): Came | StepFailure => {
    const part = byId.get(id);
    if (!part) return { kind: "part-missing", part: id };
    if (underway.has(id)) return { kind: "cycle", part: id };
    const asking = current;
    const { end } = finished.get(id) ?? run(part);
    current = asking;
    if (end === null) return { kind: "part-blocked", part: id };
    if (isMarked(end, "frozen")) return { kind: "part-frozen", part: id };
    const total = (used.get(id) ?? 0) + share;
    if (total > 1 + 1e-9) return { kind: "part-used-up", part: id, share: total };
    used.set(id, total);
    return { from: "part", part: id, raw: rawOf(end), softness: end.softness, contents: portion(end.batch, share) };
  };

  /** What ran off at a step, wherever it is; the part it belongs to is made first. */
  const bringLiquor = (step: StepId, share: number): Came | StepFailure => {
    if (!runOff.has(step)) {
      const owner = parts.find((p) => p.steps.some((s) => s.id === step));
      if (owner && !underway.has(owner.id) && !finished.has(owner.id)) {
        const asking = current;
        run(owner);
        current = asking;
      }
    }
    const liquor = runOff.get(step);
    if (!liquor) return { kind: "liquor-missing", step };
    const total = (used.get(step) ?? 0) + share;
    if (total > 1 + 1e-9) return { kind: "liquor-used-up", step, share: total };
    used.set(step, total);
    return { from: "liquor", step, contents: portion(liquor, share) };
  };

  const context: StepContext = {
    roomC: world.roomC,
    boilC: world.boilC,
    burner: world.burner,
    pan: world.pan,
    tin: world.tin,
    machine: world.machine,
    ovens: world.ovens,
    altitudeM: world.altitudeM,
    food: world.foods,
    figures: world.figures,
    remember: world.remember,
    bring,
    draw: draw === likelyDraw ? likelyDraw : (id, range) => draw(id, range, current),
    drawLot: draw,
  };
  const run = (part: PartSteps): ReplayedPart => {
    underway.add(part.id);
    const rows: Row[] = [];
    let vessel: Vessel = EMPTY_VESSEL;
    let blockedBy: StepKey | null = null;
    for (const step of part.steps) {
      const key = stepKey(world.dishId, step.id);
      if (blockedBy !== null) {
        rows.push({ key, part: part.id, step, state: "waiting", blockedBy });
        continue;
      }
      current = key;
      const applied = applyStep(vessel, step, context);
      if (!applied.ok) {
        blockedBy = key;
        rows.push({ key, part: part.id, step, state: "blocked", failure: applied.failure });
        continue;
      }
      // Written out, not spread from a common base: this runs for every step of every sample.
      const computed: ComputedRow = {
        key,
        part: part.id,
        step,
        state: "computed",
        before: vessel,
        outcome: applied.value,
        weighed: null,
        refusedReading: null,
      };
      const row = weighedRow(computed, world, draw);
      rows.push(row);
      vessel = row.outcome.after;
      const drained = row.outcome.left.find((l) => l.to === "drain");
      if (drained) runOff.set(step.id, drained.contents);
    }
    underway.delete(part.id);
    const done: ReplayedPart = { id: part.id, rows, end: blockedBy === null ? vessel : null, usedShare: 0 };
    finished.set(part.id, done);
    return done;
  };

  for (const part of parts) if (!finished.has(part.id)) run(part);
  return parts.map((p) => ({ ...(finished.get(p.id) as ReplayedPart), usedShare: used.get(p.id) ?? 0 }));
}

function bringFood(id: string, massG: number, world: ReplayWorld): Came | StepFailure {
  const food = world.foods(id);
  if (food === null) return { kind: "unknown-food", food: id };
  if (!Number.isFinite(massG)) return { kind: "not-a-number", field: food.name };
  if (massG < 0 || massG > 100_000)
    return { kind: "out-of-range", field: food.name, got: massG, low: 0, high: 100_000 };
  const contents = contentsOfFood(food, massG, world.roomC);
  return contents === null ? { kind: "unknown-water", food: id } : { from: "food", food: id, massG, contents };
}

type ComputedRow = Extract<Row, { state: "computed" }>;

/** Applies the scale's reading, if there is one; in samples within the scale's own resolution. */
function weighedRow(row: ComputedRow, world: ReplayWorld, draw: Draw): ComputedRow {
  const reading = world.readings.get(row.key);
  if (reading === undefined) return row;
  const blur = world.scaleStepG / 2;
  const readingG = draw("scale", estimate(reading - blur, reading, reading + blur), row.key);
  const corrected = correctByReading(row.step.kind, row.outcome, readingG);
  if (!corrected.ok) return { ...row, refusedReading: corrected.failure };
  const computedG = totalG(row.outcome.after.batch);
  return { ...row, outcome: corrected.value.outcome, weighed: { readingG, computedG, factor: corrected.value.factor } };
}
