import { DEMO_DISHES, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { plan } from "../plan";
import { applyStep } from "./apply";
import { contents, context, food, vesselOf } from "./__tests__/context";
import { randomStep, randomVessel } from "./__tests__/samples";
import { random } from "./__tests__/context";
import { type ParameterId, PARAMETERS } from "./parameters";
import { replay, type ReplayWorld } from "./replay";
import { newStep, STEP_KINDS, STEP_REGISTRY } from "./registry";
import type { Draw } from "../quantities/draw";
import { kitchenFacts } from "../household/kitchen";
import { openBook } from "../foods/book";
import { newMemory } from "../quantities/memory";

const BY_LENGTH = Object.keys(PARAMETERS).sort((a, b) => b.length - a.length);
/** A parameter of a food is drawn under the food's name and its own. */
const idOf = (name: string): string =>
  name in PARAMETERS ? name : (BY_LENGTH.find((id) => name.endsWith(` ${id}`)) ?? name);

const BALLS = { count: 12, eachG: 33, form: "ball", diameterMm: 40, thicknessMm: 40, lengthMm: 40 } as const;
/** What each kind of step draws: over random vessels of every kind, and over every dish of the demo. */
function drawnByKind(): Map<string, Set<string>> {
  const drawn = new Map<string, Set<string>>(STEP_KINDS.map((k) => [k, new Set<string>()]));
  let kind: string = "";
  const spy: Draw = (id, { low, likely, high }) => {
    expect(low <= likely && likely <= high).toBe(true);
    drawn.get(kind)?.add(idOf(id));
    return likely;
  };
  const r = random(5);
  for (kind of STEP_KINDS)
    for (let i = 0; i < 60; i++) applyStep(randomVessel(kind as never, r), randomStep(kind as never, r), context(spy));
  // In sour liquid, which neither of them has.
  const sour = (id: string) => ({ ...vesselOf({ ...contents(id, 200), waterG: 400, acidG: 8 }), softness: 0 });
  kind = "cook";
  const pot = [food("water", 500), food("lemon-juice", 150)];
  applyStep(vesselOf(contents("green-lentils", 200)), { ...newStep("cook", "s"), adds: pot }, context(spy));
  kind = "simmer";
  applyStep(sour("green-lentils"), newStep("simmer", "s"), context(spy));
  kind = "bake";
  const covered = { ...newStep("bake", "s"), cover: "lid" as const };
  applyStep(vesselOf(contents("chickpeas-cooked", 500)), covered, context(spy));
  kind = "as-written";
  const heated = { ...newStep("as-written", "s"), heat: "hob" as const };
  applyStep(vesselOf(contents("tofu-firm", 400)), heated, context(spy));
  kind = "boil";
  const shaped = { ...vesselOf(contents("tofu-firm", 400)), pieces: BALLS };
  applyStep(shaped, { ...newStep("boil", "s"), adds: [food("water", 2000)] }, context(spy));
  // A sponge, which none of them has.
  for (kind of ["sear", "fry", "griddle"] as const) {
    const oiled = { ...newStep(kind as "sear", "s"), adds: [food("olive-oil", 40)] };
    applyStep(vesselOf(contents("aubergine", 300)), oiled, context(spy));
  }
  kind = "air-fry";
  const loose = { ...newStep("air-fry", "s"), minutes: 20, coreC: null };
  for (const id of ["potato", "tahini"]) applyStep(vesselOf(contents(id, 500)), loose, context(spy));
  for (const dish of DEMO_DISHES) {
    const book = openBook({ foods: [], labels: [] });
    const steps = new Map(
      [...STEP_REGISTRY].map(([k, d]) => [
        k,
        {
          ...d,
          apply: (...args: Parameters<typeof d.apply>) => {
            // A part that joins is made inside the step that takes it.
            const outer = kind;
            kind = k;
            const applied = d.apply(...args);
            kind = outer;
            return applied;
          },
        },
      ]),
    );
    const world: ReplayWorld = {
      ...kitchenFacts(DEMO_KITCHEN),
      burnerOf: new Map(),
      dishId: dish.id,
      foods: book.food,
      figures: book.figures,
      kin: book.kin,
      grows: () => true,
      brought: new Map(),
      known: new Map(),
      readings: new Map(),
      memory: newMemory(),
      steps,
      scaleStepG: 1,
    };
    replay(dish.parts, world, spy);
  }
  return drawn;
}

test("every parameter that a kind of step draws stands in the table under that kind, and the other way round", () => {
  const drawn = drawnByKind();
  for (const [kind, ids] of drawn) {
    const listed = (Object.keys(PARAMETERS) as ParameterId[]).filter((id) =>
      PARAMETERS[id].steps.includes(kind as never),
    );
    const others = [...ids].filter((id) => PARAMETERS[id as ParameterId]?.steps !== "every");
    expect([kind, others.sort()]).toEqual([kind, listed.sort()]);
  }
});
test("each has a unit, a meaning and a source; spreads run from low over likely to high", () => {
  for (const [id, { unit, meaning, source, spread }] of Object.entries(PARAMETERS)) {
    expect([id, unit.length > 0, meaning.length > 8, source.length > 4]).toEqual([id, true, true, true]);
    if (typeof spread === "string") continue;
    const all = "likely" in spread ? [spread as { low: number; likely: number; high: number }] : Object.values(spread);
    for (const e of all) expect([id, e.low <= e.likely, e.likely <= e.high]).toEqual([id, true, true]);
  }
});
test("the likely plan draws the likely value of each", () => {
  const input = {
    supper: demoSupper("2026-11-29T19:00:00.000Z"),
    foods: [],
    labels: [],
    kitchen: DEMO_KITCHEN,
    eaters: [],
    log: [],
  };
  const drain = plan(input).dishes[0]?.parts[0]?.rows.find((row) => row.step.kind === "drain");
  if (drain?.state !== "computed") throw new Error("not computed");
  const film = drain.outcome.after.batch.waterG - drain.before.batch.waterG;
  expect(film / (drain.before.batch.waterG + drain.before.batch.solids.grams[0]!)).toBeCloseTo(0.05, 2);
});
