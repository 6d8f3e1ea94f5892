import { add, NOTHING } from "../contents";
import { EMPTY_VESSEL, type Vessel } from "../ledger";
import { newStep, type Step, type StepKind } from "../registry";
import type { Line } from "../step";
import { contents } from "./context";

/** Seeded random steps and vessels of every kind, such that nearly all of them can be done. */

const NOTHING_IN = new Set<StepKind>(["squeeze", "drain", "pat", "press", "thaw", "rinse", "slice", "hold", "stand"]);
const NEEDS_OIL = new Set<StepKind>(["deep-fry"]);
/** Something reasonable to put in, so that every kind of step runs. */
export function randomStep(kind: StepKind, r: () => number): Step {
  const food = (id: string, massG: number): Line => ({ kind: "food", food: id, massG });
  const wet = [food("water", 50 + 900 * r()), food("salt", 20 * r())];
  const dry = [
    food("rapeseed-oil", (NEEDS_OIL.has(kind) ? 900 : 40) * (0.5 + r())),
    food("soy-sauce", 30 * r()),
    food("ground-flax", 5 + 20 * r()),
    food("wheat-flour", 20 * r()),
  ];
  const adds = kind === "soak" || kind === "boil" || kind === "cook" ? wet : NOTHING_IN.has(kind) ? [] : dry;
  const share = kind === "discard" ? { share: 0.1 + 0.3 * r() } : {};
  return { ...newStep(kind, `s-${kind}`), ...share, adds } as Step;
}
const SHAPED = new Set<StepKind>(["fry", "griddle"]);
export function randomVessel(kind: StepKind, r: () => number): Vessel {
  const main = kind === "cook" ? "green-lentils" : r() < 0.5 ? "soy-strips" : "soy-granules";
  let batch = add(contents(main, 50 + 300 * r()), contents("tamari", 40 * r()));
  if (kind !== "soak" && kind !== "cook")
    batch = add(batch, { ...NOTHING, waterG: 600 * r(), sugarG: 5 * r(), tempC: 60 });
  return {
    ...EMPTY_VESSEL,
    batch,
    bath: kind === "drain" ? { ...NOTHING, waterG: 800 * r() + 1, saltG: 10 * r() } : null,
    pieces: SHAPED.has(kind)
      ? { count: 8, eachG: 60, form: "patty", diameterMm: 80, thicknessMm: 12, lengthMm: 80 }
      : null,
    marks: kind === "thaw" ? ["frozen"] : [],
  };
}
