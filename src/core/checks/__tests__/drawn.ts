import { createHash } from "node:crypto";
import { join } from "node:path";
import { DEMO_KITCHEN } from "@/demo/household";
import { dishOf, inputOf, supperOf } from "../../__tests__/supper";
import type { Dish, Part } from "../../dish/dish";
import { ALLERGENS } from "../../foods/allergens";
import { FOODS } from "../../foods/table";
import type { Kitchen } from "../../household/kitchen";
import { AGE_GROUPS, DIETS, type Eater } from "../../household/people";
import type { LabelSaying } from "../../foods/labels";
import { SALT_TARGETS, type SaltTarget } from "../../models/salt";
import { plan, type PlanInput } from "../../plan";
import { random } from "../../process/__tests__/context";
import type { Field, Fields } from "../../process/descriptor";
import type { LogEntry } from "../../process/log";
import { descriptorOf, newStep, type Step, STEP_KINDS, type StepKind } from "../../process/registry";
import type { Line } from "../../process/step";
import { approved } from "./approved";
import { BRINGS } from "./brings";
import { newMemory } from "../../quantities/memory";
import { told } from "./told";

/**
 * Suppers drawn by chance: any food in any chain of steps, with settings near the usual and far from it. Equal seed, equal supper.
 * What the core says of each stands as a digest in a committed file, as last approved (`npm run approve`). What is right is asked
 * elsewhere; here nothing moves unseen. Whoever changes a digest on purpose looks at the figures beside it, which can be read.
 */

export class Draw {
  private readonly r: () => number;
  constructor(seed: number) {
    this.r = random(seed);
  }
  next = (): number => this.r();
  chance = (p: number): boolean => this.r() < p;
  between = (low: number, high: number): number => low + (high - low) * this.r();
  whole = (low: number, high: number): number => Math.floor(this.between(low, high + 1));
  one = <T>(of: readonly T[]): T => of[Math.floor(this.r() * of.length)] as T;
  some = <T>(of: readonly T[], share: number): T[] => of.filter(() => this.chance(share));
}

/** Where chains of meat's successors begin. */
export const BEGINNINGS = [
  "soy-strips",
  "soy-granules",
  "soy-chunks",
  "tofu-firm",
  "tofu-smoked",
  "tempeh",
  "jackfruit-young",
  "green-lentils",
  "lentils-cooked",
  "kidney-beans-dry",
  "chickpeas-dry",
  "chickpeas-cooked",
  "button-mushrooms",
  "king-oyster",
  "oyster-mushrooms",
  "potato",
  "carrot",
  "aubergine",
  "cauliflower",
  "banana-blossom",
  "rice-brown",
  "pasta",
  "gluten",
  "seitan",
  "celeriac",
];

function valueOf(field: Field, usual: unknown, d: Draw, kitchen: Kitchen): unknown {
  if (field.is === "flag") return d.chance(0.3) ? !(usual as boolean) : usual;
  if (field.is === "choice") return d.chance(0.4) ? d.one(field.of) : usual;
  if (field.is === "gear") {
    const gear: readonly { readonly id: string }[] =
      field.of === "tin" ? kitchen.tins : field.of === "machine" ? kitchen.machines : kitchen.pans;
    return d.chance(0.3) && gear.length > 0 ? d.one(gear).id : usual;
  }
  if (field.is !== "number" || d.chance(0.5)) return usual;
  if (field.orNull && d.chance(0.3)) return null;
  const far = d.chance(0.1)
    ? d.between(field.low, field.high)
    : (typeof usual === "number" ? usual : field.low) * d.between(0.4, 2.2);
  const value = Math.min(field.high, Math.max(field.low, far));
  return field.whole ? Math.round(value) : Number(value.toPrecision(3));
}
function drawnStep(kind: StepKind, id: string, d: Draw, kitchen: Kitchen, first: boolean): Step {
  const usual = newStep(kind, id) as Step & Readonly<Record<string, unknown>>;
  const fields = Object.entries(descriptorOf(kind).fields as Fields);
  const settings = Object.fromEntries(fields.map(([name, field]) => [name, valueOf(field, usual[name], d, kitchen)]));
  const food = (name: string, massG: number): Line => ({
    kind: "food",
    food: name,
    massG: Number(massG.toPrecision(3)),
  });
  const adds = (BRINGS[kind] ?? []).flatMap(([name, g]) =>
    d.chance(0.85) ? [food(name, g * d.between(0.4, 1.6))] : [],
  );
  if (first) adds.unshift(food(d.one(BEGINNINGS), d.between(60, 900)));
  if (d.chance(0.25)) adds.push(food(d.one(FOODS).id, d.between(2, 150)));
  return { ...usual, ...settings, adds, ...(d.chance(0.04) ? { ready: true } : {}) } as Step;
}
const STARTS: readonly StepKind[] = [
  "weigh",
  "soak",
  "cut",
  "freeze",
  "cook",
  "sort",
  "pulse",
  "simmer",
  "steam",
  "bind",
];
function drawnPart(id: string, d: Draw, kitchen: Kitchen, others: readonly Part[]): Part {
  const steps: Step[] = [];
  for (let left = d.whole(2, 8), i = 0; i < left; i++) {
    const draw = () => drawnStep(i === 0 ? d.one(STARTS) : d.one(STEP_KINDS), `${id}${i}`, d, kitchen, i === 0);
    let step = draw();
    // Most of what cannot be done is drawn again: a chain that stops at once says little.
    for (let again = 0; again < 6 && d.chance(0.9) && !canBeDone([...steps, step], kitchen); again++) step = draw();
    steps.push(step);
  }
  const last = steps.at(-1) as Step;
  for (const other of others)
    if (d.chance(0.7))
      steps[steps.length - 1] = {
        ...last,
        adds: [...last.adds, { kind: "part", part: other.id, share: d.chance(0.7) ? 1 : 0.5 }],
      };
  const drained = others.flatMap((o) => o.steps).find((s) => s.kind === "drain" || s.kind === "squeeze");
  const at = steps[1];
  if (drained && at && d.chance(0.5))
    steps[1] = { ...at, adds: [...at.adds, { kind: "liquor", step: drained.id, share: 0.5 }] };
  return {
    id,
    name: `Part ${id}`,
    steps,
    waitsForTableMin: d.whole(0, 60),
    saltTarget: d.chance(0.5) ? d.one(Object.keys(SALT_TARGETS) as SaltTarget[]) : null,
    route: null,
  };
}
const memory = newMemory();
/** Whether the last of these steps is computed after the others. */
function canBeDone(steps: readonly Step[], kitchen: Kitchen): boolean {
  const part = { id: "p", name: "P", steps, waitsForTableMin: 15, saltTarget: null, route: null };
  return (
    plan(inputOf([dishOf([part])], { kitchen }), { memory }).dishes[0]?.parts[0]?.rows.at(-1)?.state === "computed"
  );
}
const several = <T>(n: number, one: (id: string) => T): T[] => Array.from({ length: n }, (_, i) => one(String(i)));
function drawnKitchen(d: Draw): Kitchen {
  return {
    ...DEMO_KITCHEN,
    altitudeM: d.chance(0.3) ? d.whole(0, 3500) : 0,
    roomC: d.whole(8, 38),
    cooks: several(d.whole(1, 3), (id) => ({ id, name: id, hours: null })),
    burners: d.some(DEMO_KITCHEN.burners, 0.8),
    ovens: several(d.whole(0, 2), (id) => ({ id, name: id, shelves: 2 })),
    pans: d.some(DEMO_KITCHEN.pans, 0.8).map((p) => (d.chance(0.2) ? { ...p, heightCm: null } : p)),
    tins: d.some(DEMO_KITCHEN.tins, 0.8),
    machines: d.some(DEMO_KITCHEN.machines, 0.8),
    sleep: d.chance(0.8) ? DEMO_KITCHEN.sleep : null,
  };
}
const drawnEaters = (d: Draw): Eater[] =>
  Array.from({ length: d.whole(0, 4) }, (_, i) => ({
    id: `e${i}`,
    name: `E${i}`,
    avoids: d.some(ALLERGENS, 0.12),
    diets: d.some(DIETS, 0.15),
    dislikes: d.chance(0.2) ? [d.one(FOODS).id] : [],
    age: d.chance(0.5) ? d.one(AGE_GROUPS) : null,
  }));
function drawnLabels(dish: Dish, d: Draw): LabelSaying[] {
  const foods = dish.parts.flatMap((p) =>
    p.steps.flatMap((s) => s.adds.flatMap((l) => (l.kind === "food" ? [l.food] : []))),
  );
  return d
    .some([...new Set(foods)], 0.15)
    .map((food) =>
      d.chance(0.8)
        ? { food, allergen: d.one(ALLERGENS), state: d.one(["contains", "may", "free"] as const) }
        : { food, figure: "sodiumMg", per100: d.whole(0, 2000) },
    );
}
/** What was weighed and put in on the way. */
const drawnLog = (dish: Dish, d: Draw): LogEntry[] =>
  dish.parts.flatMap((p) =>
    p.steps.flatMap((s, i): LogEntry[] =>
      d.chance(0.85)
        ? []
        : s.adds[0]?.kind === "food" && d.chance(0.5)
          ? [{ kind: "amount", at: i, step: `${dish.id}.${s.id}`, line: 0, massG: d.whole(5, 600) }]
          : [{ kind: "weighed", at: i, step: `${dish.id}.${s.id}`, readingG: d.whole(50, 900), by: "typed" }],
    ),
  );

/** A supper of one dish of one to three parts, in a kitchen and for people that were drawn with it. */
export function drawnSupper(seed: number): PlanInput {
  const d = new Draw(seed);
  const kitchen = drawnKitchen(d);
  const parts: Part[] = [];
  for (const id of ["a", "b", "c"].slice(0, d.whole(1, 3))) parts.push(drawnPart(id, d, kitchen, parts));
  const dish = dishOf(parts);
  const eaters = drawnEaters(d);
  return inputOf([dish], {
    supper: supperOf([dish], { eaters: eaters.map((e) => e.id), guests: d.whole(eaters.length === 0 ? 1 : 0, 6) }),
    kitchen,
    eaters,
    labels: drawnLabels(dish, d),
    log: drawnLog(dish, d),
  });
}

/** Twelve letters that stand for everything a value says, numbers by four digits. */
export const digest = (value: unknown): string =>
  createHash("sha256")
    .update(
      JSON.stringify(told(value instanceof Map ? [...value] : value), (_, v: unknown) =>
        v instanceof Map ? [...v] : v instanceof Set ? [...v] : v,
      ) ?? "nothing",
    )
    .digest("hex")
    .slice(0, 12);

/** Lines that are as they were approved. */
/** The first lines of a committed file, as many as were worked out: the check takes a sample, the proof all. */
export const stays = (name: string, now: readonly string[]): void =>
  expect(now).toEqual(
    approved(join(__dirname, "..", name), `${now.join("\n")}\n`)
      .trimEnd()
      .split("\n")
      .slice(0, now.length),
  );
export const seeds = (n: number): readonly number[] => Array.from({ length: n }, (_, i) => i + 1);
