import { DEMO_EATERS, DEMO_KITCHEN } from "@/demo/household";
import type { Dish } from "../dish/dish";
import { allergenTable } from "../foods/allergens";
import { ownFood } from "../foods/own";
import { newStep } from "../process/registry";
import { judge } from "../judge";
import { plan, type PlanInput } from "../plan";
import type { Line } from "../process/step";
import type { Step, StepKind, StepOf } from "../process/registry";
import { warmLimitMin } from "../process/warmth";
import { RULES } from "./rules";

const food = (id: string, massG: number): Line => ({ kind: "food", food: id, massG });
const step = <K extends StepKind>(kind: K, adds: readonly Line[] = [], more: Partial<StepOf<K>> = {}): Step =>
  ({ ...newStep(kind, `${kind}-${Math.random()}`), adds, ...more }) as unknown as Step;

const KITCHEN = {
  ...DEMO_KITCHEN,
  pans: [
    ...DEMO_KITCHEN.pans,
    { id: "old-pot", name: "Old pot", kind: "pot" as const, diameterCm: 22, heightCm: null },
  ],
};
const LUPIN = {
  ...ownFood("lupin-own", "Lupin beans"),
  per100: { ...ownFood("x", "x").per100, waterG: 70, sodiumMg: 5 },
  allergens: allergenTable(["lupin"]),
};
/** Of a file: figures of its own say that it has to boil, and it is like no built-in food. */
const FIELD_BEANS = {
  ...ownFood("own-beans", "Field beans"),
  per100: { ...ownFood("x", "x").per100, waterG: 70, sodiumMg: 5 },
  process: { raw: "raw-beans" as const },
};
/** Cautions of one part made of these steps, and of parts that are made before it. */
function cautions(
  steps: readonly Step[],
  eaters: PlanInput["eaters"] = [],
  before: readonly (readonly [string, readonly Step[]])[] = [],
  kitchen: PlanInput["kitchen"] = KITCHEN,
) {
  const part = (id: string, own: readonly Step[]) =>
    ({ id, name: id, steps: own, waitsForTableMin: 10, saltTarget: null, route: null }) as const;
  const dish: Dish = {
    id: "d",
    name: "D",
    replaces: null,
    servings: 4,
    parts: [part("p", steps), ...before.map(([id, own]) => part(id, own))],
  };
  const input: PlanInput = {
    supper: {
      id: "s",
      name: "S",
      serveAt: "2026-11-29T19:00:00.000Z",
      eaters: eaters.map((e) => e.id),
      guests: 4 - eaters.length,
      atHand: [],
      afterMin: {},
      pins: {},
      roomMin: 0,
      madeWith: {},
      dishes: [dish],
    },
    foods: [LUPIN, FIELD_BEANS],
    labels: [],
    kitchen,
    eaters,
    log: [],
  };
  const planned = plan(input);
  expect(planned.blocked).toBe(0);
  return judge(input, planned, null);
}
const rulesOf = (steps: readonly Step[], eaters?: PlanInput["eaters"]) => cautions(steps, eaters).map((c) => c.rule);

const tofu = step("weigh", [food("tofu-firm", 400)], { handsMin: 0 });
const water = food("water", 900);
const grown = { id: "ada", name: "Ada", avoids: [], diets: [], dislikes: [], age: null };
const small = { id: "mo", name: "Mo", avoids: [], diets: [], dislikes: [], age: "1-3" as const };

/** One row a rule: steps that touch it, steps that pass. Limits: the authority named in the rule. */
const TABLE: readonly (readonly [string, readonly Step[], readonly Step[], PlanInput["eaters"]?])[] = [
  [
    "danger-zone",
    [tofu, step("rest", [], { minutes: 121, where: "worktop", handsMin: 0 })],
    [tofu, step("rest", [], { minutes: 120, where: "worktop", handsMin: 0 })],
  ],
  [
    "danger-zone",
    [
      tofu,
      step("rest", [], { minutes: 70, where: "worktop" }),
      step("marinate", [food("soy-sauce", 30)], { minutes: 60 }),
    ],
    [tofu, step("rest", [], { minutes: 70 }), step("marinate", [food("soy-sauce", 30)], { minutes: 60 })],
  ],
  ["hot-oil", [tofu, step("sear", [food("olive-oil", 20)])], [tofu, step("steam")]],
  [
    "oil-too-hot",
    [tofu, step("deep-fry", [food("sunflower-oil", 1200)], { oilC: 225 })],
    [tofu, step("deep-fry", [food("sunflower-oil", 1200)], { oilC: 180 })],
  ],
  [
    "oil-line",
    [tofu, step("deep-fry", [food("sunflower-oil", 3600)], { pan: "pot" })],
    [tofu, step("deep-fry", [food("sunflower-oil", 1200)], { pan: "pot" })],
  ],
  [
    "boiling-water",
    [step("blanch", [food("spinach", 200)])],
    [step("weigh", [food("cashews", 100)]), step("soak", [water], { waterC: 20, chilled: true, minutes: 300 })],
  ],
  [
    "hot-squeeze",
    [step("weigh", [food("soy-strips", 100)]), step("soak", [water]), step("drain"), step("squeeze")],
    [
      step("weigh", [food("soy-strips", 100)]),
      step("soak", [water], { waterC: 20, minutes: 60 }),
      step("drain"),
      step("squeeze"),
    ],
  ],
  ["raw-flour", [step("batter", [food("wheat-flour", 100), water])], [tofu, step("bind", [food("husk", 10)])]],
  [
    "core",
    [tofu, step("shape", [], { pieceG: 80 }), step("bake", [], { coreC: 70, minutes: null })],
    [tofu, step("bake", [], { coreC: 70, minutes: null })],
  ],
  [
    "core-low",
    [step("steam", [food("broccoli", 300)], { coreC: 55 })],
    [step("steam", [food("broccoli", 300)], { coreC: 60 })],
  ],
  [
    "oil-height",
    [tofu, step("deep-fry", [food("sunflower-oil", 1200)], { pan: "old-pot" })],
    [tofu, step("deep-fry", [food("sunflower-oil", 1200)], { pan: "pot" })],
  ],
  [
    "smoke-point",
    [tofu, step("deep-fry", [food("olive-oil", 1200)], { oilC: 185 })],
    [tofu, step("deep-fry", [food("olive-oil", 1200)], { oilC: 175 })],
  ],
  [
    "smoke-point",
    [tofu, step("deep-fry", [food("rapeseed-oil", 1200)], { oilC: 200 })],
    [tofu, step("deep-fry", [food("rapeseed-oil", 1200)], { oilC: 190 })],
  ],
  [
    "pot-full",
    [step("simmer", [food("passata", 9000)], { pan: "pot", minutes: 10 })],
    [step("simmer", [food("passata", 2000)], { pan: "pot", minutes: 10 })],
  ],
  [
    "raw-inside",
    [
      step("weigh", [food("chickpeas-cooked", 300), food("egg", 50), food("breadcrumbs", 40)]),
      step("bind"),
      step("shape", [], { form: "ball", pieceG: 45, diameterMm: 45 }),
      step("sear", [food("rapeseed-oil", 20)]),
    ],
    [
      step("weigh", [food("chickpeas-cooked", 300), food("egg", 50), food("breadcrumbs", 40)]),
      step("bind"),
      step("shape", [], { form: "ball", pieceG: 45, diameterMm: 45 }),
      step("bake", [], { minutes: null, coreC: 75 }),
    ],
  ],
  [
    "reheated-twice",
    [
      step("simmer", [food("passata", 800)], { minutes: 10 }),
      step("store"),
      step("reheat", [], { minutes: 40 }),
      step("store"),
      step("reheat", [], { minutes: 40 }),
    ],
    [step("simmer", [food("passata", 800)], { minutes: 10 }), step("store"), step("reheat", [], { minutes: 40 })],
  ],
  [
    "pulses-served-hard",
    [step("weigh", [food("black-eyed-peas", 200)]), step("cook", [water], { minutes: 8 }), step("drain")],
    [step("weigh", [food("black-eyed-peas", 200)]), step("cook", [food("water", 1500)]), step("drain")],
  ],
  [
    "raw-sprouts",
    [step("weigh", [food("bean-sprouts", 200)]), step("season", [food("olive-oil", 10)])],
    [step("simmer", [food("passata", 300), food("bean-sprouts", 200)], { minutes: 5 })],
  ],
  [
    "served-frozen-kind",
    [step("weigh", [food("peas", 200)]), step("season", [food("olive-oil", 10)])],
    [step("boil", [food("peas", 200), water])],
  ],
  [
    "pressure-release",
    [step("cook", [food("pearl-barley", 200), water], { pressure: true })],
    [step("cook", [food("pearl-barley", 200), water])],
  ],
  [
    "kept-too-long",
    [step("weigh", [food("lentils-cooked", 300)]), step("store", [], { days: 6 })],
    // Pickled, or dry: no leftovers.
    [step("weigh", [food("red-onion", 200), food("wine-vinegar", 200)]), step("store", [], { days: 6 })],
  ],
  [
    "danger-zone",
    [step("weigh", [food("lentils-cooked", 400)]), step("stand", [], { minutes: 125 })],
    // Over ice water it is cold after a while, and stands cold.
    [
      step("simmer", [food("lentils-cooked", 800), food("water", 200)], { minutes: 10 }),
      step("cool", [], { minutes: 125, where: "ice-bath", depthMm: 25 }),
    ],
  ],
  [
    "danger-zone",
    [step("weigh", [food("chickpeas-dry", 200)]), step("soak", [water], { minutes: 900, waterC: 18 })],
    // Overnight in a cool kitchen is what packets of pulses say.
    [step("weigh", [food("chickpeas-dry", 200)]), step("soak", [water], { minutes: 600, waterC: 18 })],
  ],
  [
    "cyanide-served-raw",
    [step("cut", [food("cassava", 400)], { pieceMm: 20 }), step("bake", [], { minutes: 60, coreC: null })],
    [step("cut", [food("cassava", 400)], { pieceMm: 20 }), step("boil", [food("water", 2000)], { minutes: 25 })],
  ],
  [
    "wet-into-oil",
    [tofu, step("rinse"), step("cut", [], { pieceMm: 20 }), step("deep-fry", [food("sunflower-oil", 1200)])],
    [
      tofu,
      step("rinse"),
      step("pat"),
      step("cut", [], { pieceMm: 20 }),
      step("deep-fry", [food("sunflower-oil", 1200)]),
    ],
  ],
  [
    "wet-into-oil",
    [step("blanch", [food("cauliflower", 300)]), step("deep-fry", [food("sunflower-oil", 1200)])],
    [step("blanch", [food("cauliflower", 300)]), step("pat"), step("deep-fry", [food("sunflower-oil", 1200)])],
  ],
  [
    "tempeh-served-raw",
    [step("cut", [food("tempeh", 200)])],
    [step("cut", [food("tempeh", 200)]), step("steam", [], { minutes: 10 })],
  ],
  ["nutmeg", [tofu, step("season", [food("nutmeg", 4.4)])], [tofu, step("season", [food("nutmeg", 4)])]],
  ["raw-animal", [step("weigh", [food("beef-mince", 200)])], [step("weigh", [food("ham", 200)])]],
  [
    "choking",
    [step("cut", [food("carrot", 200)], { pieceMm: 10 })],
    [step("cut", [food("carrot", 200)], { pieceMm: 10 }), step("boil", [water])],
    [small],
  ],
  [
    "choking",
    [step("season", [food("cashews", 100)])],
    [step("season", [food("cashews", 100)]), step("pulse", [food("water", 80)], { to: "smooth" })],
    [small],
  ],
  ["choking", [tofu, step("season", [food("raisins", 40)])], [tofu], [small]],
  ["choking", [step("cut", [food("carrot", 200)])], [step("cut", [food("carrot", 200)], { how: "grate" })], [small]],
  // 400 g of tofu for four with 6 g of salt: 1.5 g a head, all of the 2 g that a child of two may have but a quarter.
  ["salt-a-day", [tofu, step("season", [food("salt", 6.2)])], [tofu, step("season", [food("salt", 5)])], [small]],
  ["salt-a-day", [tofu, step("season", [food("salt", 19)])], [tofu, step("season", [food("salt", 6.2)])], [grown]],
  ["lupin-peanut", [step("weigh", [food("lupin-own", 50)])], [tofu], [{ ...grown, avoids: ["peanut"] }]],
  [
    "core-short",
    [tofu, step("shape", [], { form: "loaf", pieceG: 400 }), step("bake", [], { coreC: 74, minutes: 10 })],
    [tofu, step("shape", [], { form: "loaf", pieceG: 400 }), step("bake", [], { coreC: 74, minutes: 200 })],
  ],
  [
    "core-close",
    [tofu, step("shape", [], { form: "loaf", pieceG: 400 }), step("bake", [], { coreC: 74, minutes: 32 })],
    [tofu, step("shape", [], { form: "loaf", pieceG: 400 }), step("bake", [], { coreC: 74, minutes: 10 })],
  ],
  ["hot-hold", [tofu, step("hold", [], { holdC: 50 })], [tofu, step("hold", [], { holdC: 60 })]],
  ["reheat", [tofu, step("reheat", [], { coreC: 73 })], [tofu, step("reheat", [], { coreC: 74 })]],
  [
    "cooling",
    [step("weigh", [food("tofu-firm", 3000)]), step("bake", [], { minutes: 60 }), step("store", [], { days: 1 })],
    [tofu, step("bake"), step("cool", [], { where: "ice-bath", depthMm: 20 }), step("store", [], { days: 1 })],
  ],
  [
    "hot-hold",
    [tofu, step("hold", [], { holdC: 50, where: "water-bath" })],
    [tofu, step("hold", [], { holdC: 50, where: "lid" })],
  ],
  [
    "cooling",
    [tofu, step("bake"), step("set-aside", [], { depthMm: 100 })],
    [tofu, step("bake"), step("set-aside", [])],
  ],
  // What is dry has stood in the cupboard.
  [
    "fridge-days",
    [step("weigh", [food("tofu-firm", 400)], { ready: true })],
    [step("weigh", [food("soy-strips", 160)], { ready: true })],
  ],
  ["fridge-days", [tofu, step("rest", [], { minutes: 1441 })], [tofu, step("rest", [], { minutes: 1440 })]],
  ["kept-too-long", [tofu, step("store", [], { days: 5 })], [tofu, step("store", [], { days: 4 })]],
  [
    "cooked-rice",
    [step("cook", [food("rice-white", 200), water]), step("store", [], { days: 1 })],
    [step("cook", [food("rice-white", 200), water]), step("stand")],
  ],
  [
    "cooked-rice-days",
    [step("weigh", [food("rice-cooked", 300)]), step("store", [], { days: 2 })],
    [step("weigh", [food("rice-cooked", 300)]), step("store", [], { days: 1 })],
  ],
  [
    "foil-potato",
    [step("bake", [food("baking-potato", 800)], { cover: "foil", minutes: 60 })],
    [step("bake", [food("baking-potato", 800)], { minutes: 60 })],
  ],
  ["seaweed-iodine", [step("weigh", [food("seaweed-kombu", 5)])], [tofu]],
  ["hijiki", [step("weigh", [food("seaweed-hijiki", 5)])], [step("weigh", [food("seaweed-nori", 5)])]],
  [
    "kidney-lectin",
    [step("cook", [food("kidney-beans-dry", 200), water])],
    [step("weigh", [food("kidney-beans-tinned", 240)])],
  ],
  [
    "raw-pulses",
    [
      step("weigh", [food("kidney-beans-dry", 200)]),
      step("soak", [water], { chilled: true, minutes: 600 }),
      step("drain"),
      step("pulse"),
    ],
    [step("cook", [food("kidney-beans-dry", 200), water]), step("pulse")],
  ],
  [
    "pulses-underdone",
    [step("cook", [food("green-lentils", 200), water], { minutes: 10 })],
    [step("cook", [food("green-lentils", 200), water])],
  ],
  [
    "pulses-underdone",
    [step("simmer", [food("green-lentils", 200), water], { minutes: 10 })],
    [step("simmer", [food("green-lentils", 200), water], { minutes: 60 })],
  ],
  ["from-frozen", [step("air-fry", [food("potato-nuggets", 400)])], [step("air-fry", [food("potato", 400)])]],
  ["mushrooms-raw", [step("weigh", [food("enoki", 100)])], [step("weigh", [food("button-mushrooms", 100)])]],
  [
    "mushrooms-served-raw",
    [step("weigh", [food("enoki", 100)]), step("serve")],
    [step("brown", [food("enoki", 100)]), step("serve")],
  ],
  ["tempeh", [step("weigh", [food("tempeh", 200)])], [tofu]],
  ["morels", [step("cut", [food("morels", 100)])], [step("cut", [food("button-mushrooms", 100)])]],
  [
    "mushrooms-served-raw",
    [step("cut", [food("morels", 100)])],
    [step("cut", [food("morels", 100)]), step("boil", [water])],
  ],
  ["foraged", [step("weigh", [food("wild-mushrooms", 100)])], [step("weigh", [food("oyster-mushrooms", 100)])]],
  ["cyanide-raw", [step("cut", [food("cassava", 300)])], [step("cut", [food("potato", 300)])]],
  [
    "cyanide-served-raw",
    [step("cut", [food("bamboo-shoots-raw", 300)]), step("serve")],
    [step("cut", [food("bamboo-shoots-raw", 300)]), step("boil", [water]), step("serve")],
  ],
  ["cyanide-served-raw", [step("cut", [food("cassava", 300)])], [step("weigh", [food("bamboo-shoots", 300)])]],
  ["bitter-kernels", [step("season", [food("apricot-kernels", 5)])], [step("season", [food("almonds", 5)])]],
  [
    "pickle-on-the-shelf",
    [tofu, step("marinate", [food("cider-vinegar", 400)]), step("store", [], { days: 7 })],
    [tofu, step("marinate", [food("cider-vinegar", 400)]), step("store", [], { days: 6 })],
  ],
  [
    "pickle-on-the-shelf",
    [tofu, step("marinate", [food("cider-vinegar", 400)]), step("store", [], { days: 8 })],
    [tofu, step("marinate", [food("cider-vinegar", 20), water]), step("store", [], { days: 8 })],
  ],
  [
    "hot-blender",
    [step("simmer", [food("passata", 400)]), step("pulse", [], { to: "smooth" })],
    [step("weigh", [food("passata", 400)]), step("pulse", [], { to: "smooth" })],
  ],
  [
    "machine-line",
    [step("weigh", [food("chickpeas-cooked", 1800)]), step("pulse")],
    [step("weigh", [food("chickpeas-cooked", 800)]), step("pulse")],
  ],
  [
    "pressure-fill",
    [step("cook", [food("chickpeas-dry", 700), food("water", 2600)], { pressure: true })],
    [step("cook", [food("chickpeas-dry", 300), food("water", 900)], { pressure: true })],
  ],
  [
    "pressure-liquid",
    [step("cook", [food("rice-white", 200), food("water", 200)], { pressure: true })],
    [step("cook", [food("rice-white", 200), food("water", 260)], { pressure: true })],
  ],
  ["hard-squash", [step("cut", [food("squash-whole", 900)])], [step("cut", [food("courgette", 300)])]],
  ["chilli-hands", [step("cut", [food("chilli", 15)])], [step("cut", [food("red-pepper", 100)])]],
  [
    "choking",
    [tofu, step("shape", [], { form: "ball", pieceG: 25 })],
    [tofu, step("shape", [], { form: "patty", pieceG: 80, diameterMm: 80 })],
    [small],
  ],
  ["swollen-pack", [tofu, step("freeze")], [tofu]],
  ["thaw", [tofu, step("freeze", [], { minutes: 900 }), step("thaw", [], { minutes: 4000 })], [tofu]],
  ["banana-peel", [step("weigh", [food("banana-peel", 150)])], [tofu]],
  ["green-potato", [step("cut", [food("potato", 500)])], [step("cut", [food("carrot", 500)])]],
  ["alcohol", [step("simmer", [food("wine-red", 200)])], [step("simmer", [food("stock", 200)])]],
  [
    "cross-contact",
    [step("weigh", [food("wheat-flour", 100)])],
    [step("weigh", [food("rice-white", 100)])],
    DEMO_EATERS.filter((e) => e.name === "Ilse"),
  ],
  [
    "garlic-in-oil",
    [step("weigh", [food("garlic", 30), food("olive-oil", 100)]), step("store", [], { days: 5 })],
    [step("weigh", [food("garlic", 30), food("olive-oil", 100)]), step("store", [], { days: 4 })],
  ],
  [
    "paper-in-the-oven",
    [tofu, step("bake", [], { cover: "parchment", ovenC: 230 })],
    [tofu, step("bake", [], { cover: "parchment", ovenC: 220 })],
  ],
  [
    "tin-full",
    [step("weigh", [food("passata", 4800)]), step("layer", [], { tin: "long-dish" })],
    [step("weigh", [food("passata", 2000)]), step("layer", [], { tin: "long-dish" })],
  ],
  [
    "pot-full",
    [step("cook", [food("pearl-barley", 900), food("water", 6000)], { pan: "pot" })],
    [step("cook", [food("pearl-barley", 200), food("water", 900)], { pan: "pot" })],
  ],
  [
    "wet-into-oil",
    [step("weigh", [food("soy-strips", 100)]), step("soak", [water], { minutes: 40 }), step("drain"), step("sear")],
    [
      step("weigh", [food("soy-strips", 100)]),
      step("soak", [water], { minutes: 40 }),
      step("drain"),
      step("squeeze"),
      step("sear"),
    ],
  ],
];

test.each(TABLE.map((row) => ({ row, rule: row[0] })))("$rule is told when touched, and only then", ({ row }) => {
  const [rule, touched, passes, eaters] = row;
  expect(rulesOf(touched, eaters)).toContain(rule);
  expect(rulesOf(passes, eaters)).not.toContain(rule);
});
test("every rule has a row above, an authority, and says what to do", () => {
  const inTable = new Set(TABLE.map(([rule]) => rule));
  expect(RULES.map((r) => r.id).filter((id) => !inTable.has(id))).toEqual([]);
  for (const rule of RULES) expect(rule.authority.length).toBeGreaterThan(2);
});
test("being heated through begins a new count, but toxins are not undone", () => {
  const stood = (minutes: number) => step("rest", [], { minutes, where: "worktop", handsMin: 0 });
  expect(rulesOf([tofu, stood(100), step("steam"), stood(100)])).not.toContain("danger-zone");
  expect(rulesOf([tofu, stood(130), step("steam")])).toContain("danger-zone");
});
test("a small child changes nothing for the others", () => {
  const balls = [tofu, step("shape", [], { form: "ball", pieceG: 25 })];
  expect(rulesOf(balls)).not.toContain("choking");
  expect(rulesOf(balls, [small])).toContain("choking");
});
test("raw carrot is hard for a small child; at 80 °C to the middle it has gone soft, also when it is cold again", () => {
  const carrot = step("cut", [food("carrot", 200)], { pieceMm: 20 });
  const served = [step("cool", [], {}), step("serve")];
  expect(rulesOf([carrot, ...served], [small])).toContain("choking");
  const steamed = (coreC: number) => rulesOf([carrot, step("steam", [], { coreC }), ...served], [small]);
  expect(steamed(80)).not.toContain("choking");
  expect(steamed(79)).toContain("choking");
});
test("what was boiled in a part of its own may join; what was only soaked there may not", () => {
  const joins = [step("pulse", [{ kind: "part", part: "beans", share: 1 }])];
  const told = (own: readonly Step[]) => cautions(joins, [], [["beans", own]]).map((c) => c.rule);
  const beans = [food("kidney-beans-dry", 200), water];
  expect(told([step("cook", beans)])).not.toContain("raw-pulses");
  expect(
    told([step("weigh", [food("kidney-beans-dry", 200)]), step("soak", [water], { chilled: true, minutes: 600 })]),
  ).toContain("raw-pulses");
});
test("raw needle mushrooms are known for what they are in the part that takes them", () => {
  const serves = [step("weigh", [food("cucumber", 200)]), step("serve", [{ kind: "part", part: "m", share: 1 }])];
  const told = (own: readonly Step[]) => cautions(serves, [], [["m", own]]).map((c) => c.rule);
  expect(told([step("cut", [food("enoki", 100)])])).toContain("mushrooms-served-raw");
  expect(told([step("brown", [food("enoki", 100)])])).not.toContain("mushrooms-served-raw");
});
test("the work at it counts like the standing, and a hot kitchen halves the time", () => {
  const worked = (handsMin: number) => [tofu, step("season", [], { handsMin, saltTo: null })];
  expect(rulesOf(worked(121))).toContain("danger-zone");
  expect(rulesOf(worked(120))).not.toContain("danger-zone");
  expect(warmLimitMin(32)).toBe(120);
  expect(warmLimitMin(33)).toBe(60);
});
test("beans are told at the last step, however they are served, by name, and with the way out where water never gets hot enough", () => {
  const beans = [food("kidney-beans-dry", 200), water];
  const soaked = [
    step("weigh", [food("kidney-beans-dry", 200)]),
    step("soak", [water], { chilled: true, minutes: 600 }),
  ];
  const told = (steps: readonly Step[], altitudeM = 0) =>
    cautions(steps, [], [], { ...DEMO_KITCHEN, altitudeM }).flatMap((c) => (c.rule === "raw-pulses" ? [c.facts] : []));
  // Warmed in a sauce and taken straight to the table.
  expect(told([...soaked, step("drain"), step("simmer", [food("passata", 500)], { minutes: 8 })])).toMatchObject([
    { food: "kidney-beans-dry", needsPressure: false },
  ]);
  expect(told([step("cook", beans, { minutes: 9 })])).toHaveLength(1);
  // Beans of a cook's own, known by nothing but their figures.
  expect(told([step("pulse", [food("own-beans", 200)])])).toMatchObject([{ food: "own-beans" }]);
  expect(told([step("cook", beans, { minutes: 10 })])).toEqual([]);
  // Where water boils at 95 °C half an hour and soft are asked for; at 88 °C nothing will do.
  expect(told([step("cook", beans, { minutes: 25 })], 1500)).toHaveLength(1);
  expect(told([step("cook", beans)], 1500)).toEqual([]);
  expect(told([step("cook", beans)], 3500)).toMatchObject([{ needsPressure: true }]);
  expect(told([step("cook", beans, { pressure: true })], 3500)).toEqual([]);
});
test("minutes in the warm go along when parts join, those of the part that stood longest", () => {
  const stood = (minutes: number) => step("rest", [], { minutes, where: "worktop", handsMin: 0 });
  const told = (own: number, ...others: number[]) =>
    cautions(
      [
        tofu,
        step(
          "season",
          others.map((_, i): Line => ({ kind: "part", part: `o${i}`, share: 1 })),
          { handsMin: 0 },
        ),
        stood(own),
      ],
      [],
      others.map((minutes, i) => [`o${i}`, [step("weigh", [food("tofu-firm", 200)], { handsMin: 0 }), stood(minutes)]]),
    ).map((c) => c.rule);
  expect(told(60)).not.toContain("danger-zone");
  expect(told(60, 61)).toContain("danger-zone");
  expect(told(60, 60)).not.toContain("danger-zone");
  // Side by side they stand at the same time: only the longer one counts.
  expect(told(30, 61, 61)).not.toContain("danger-zone");
});
