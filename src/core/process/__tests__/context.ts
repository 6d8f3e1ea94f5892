import { openBook } from "../../foods/book";
import { processOf } from "../../foods/process";
import { newMemory } from "../../quantities/memory";
import type { Draw } from "../../quantities/draw";
import { applyStep } from "../apply";
import { drawsOf } from "../draws";
import { add, type Contents, contentsOfFood } from "../contents";
import {
  type Input,
  EMPTY_VESSEL,
  type Fact,
  type Outcome,
  type StepContext,
  type StepFailure,
  type Vessel,
} from "../ledger";
import type { Line } from "../step";
import type { Step } from "../registry";

/** A small kitchen for tests of steps: one pan, one burner of 800 W net, the food table as it ships. */
export const foods = openBook({ foods: [], labels: [] }).food;

/** Contents of so many grams of a food at 20 °C; unknown foods are a mistake of the test. */
export function contents(id: string, massG: number): Contents {
  const food = foods(id);
  const found = food && contentsOfFood(food, massG, 20);
  if (!found) throw new Error(`no food ${id}`);
  return found;
}
export const vesselOf = (...parts: Contents[]): Vessel => ({ ...EMPTY_VESSEL, batch: parts.reduce(add) });
export const food = (id: string, massG: number): Line => ({ kind: "food", food: id, massG });

const remember = newMemory();
export const context = (draw: Draw): StepContext => ({
  roomC: 20,
  boilC: 100,
  burner: { netW: 800, ratedW: 2000, efficiency: 0.4 },
  weakest: { netW: 400, ratedW: 1000, efficiency: 0.4 },
  secondPan: () => ({ id: "second", diameterM: 0.24, heightM: 0.06 }),
  pan: (_id, kind) => ({ id: kind, diameterM: 0.28, heightM: kind === "pot" ? 0.16 : 0.06 }),
  tin: () => ({ id: "tin", areaM2: 0.3 * 0.2, widthM: 0.2, heightM: 0.06 }),
  machine: (_id, kinds) => ({ id: kinds[0] as string, volumeMl: 2000, floorM2: 0.24 ** 2, gaugeKPa: 80 }),
  ovens: 1,
  altitudeM: 0,
  freezer: true,
  food: foods,
  figures: processOf,
  kin: (id) => id,
  bring: (lines) =>
    lines.flatMap((l): Input[] =>
      l.kind === "food"
        ? [{ from: "food", food: l.food, massG: l.massG ?? 0, contents: contents(l.food, l.massG ?? 0) }]
        : [],
    ),
  endOf: () => null,
  ...drawsOf(draw, () => "d.s"),
  remember,
});
export const likely = context((_id, e) => e.likely);

/** The outcome of a step that must succeed. */
export function run(vessel: Vessel, step: Step, on: StepContext = likely): Outcome {
  const applied = applyStep(vessel, step, on);
  if (!applied.ok) throw new Error(JSON.stringify(applied.failure));
  return applied.value;
}
/** The reason of a step that must fail. */
export function refusal(vessel: Vessel, step: Step, on: StepContext = likely): StepFailure {
  const applied = applyStep(vessel, step, on);
  if (applied.ok) throw new Error("it should have been refused");
  return applied.failure;
}
/** One fact of an outcome by its kind. */
export function fact<K extends Fact["kind"]>(outcome: Outcome, kind: K): Extract<Fact, { kind: K }> {
  const found = outcome.facts.find((f): f is Extract<Fact, { kind: K }> => f.kind === kind);
  if (!found) throw new Error(`no fact ${kind} among ${outcome.facts.map((f) => f.kind).join(", ")}`);
  return found;
}

/** mulberry32: a small seeded generator, so that a failing case can be run again. */
export function random(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}
