import type { Dish, Part, Supper } from "@/core/dish/dish";
import { newStep } from "@/core/dish/edit";
import type { Eater, Kitchen } from "@/core/dish/kitchen";
import type { Line, StepId, StepKind, StepOf } from "@/core/process/step";

/** Invented: Lantern Yard, its five people and their dishes stand for nobody. */
export const DEMO_EATERS: readonly Eater[] = [
  { id: "oda", name: "Oda", avoids: [] },
  { id: "bram", name: "Bram", avoids: [] },
  { id: "ilse", name: "Ilse", avoids: ["gluten"] },
  { id: "noor", name: "Noor", avoids: ["nuts"] },
  { id: "pim", name: "Pim", avoids: [] },
];

export const DEMO_KITCHEN: Kitchen = {
  name: "Lantern Yard",
  place: "Saltmere",
  timeZone: "Europe/Dublin",
  altitudeM: 40,
  roomC: 20,
  cooks: 1,
  burners: [
    { id: "front-left", name: "Front left", kind: "gas", watts: 1800 },
    { id: "front-right", name: "Front right", kind: "gas", watts: 1800 },
    { id: "back", name: "Back", kind: "gas", watts: 1000 },
  ],
  ovens: 1,
  pans: [
    { id: "iron", name: "Iron pan", kind: "frying", diameterCm: 28 },
    { id: "saute", name: "Sauté pan", kind: "frying", diameterCm: 26 },
    { id: "pot", name: "Big pot", kind: "pot", diameterCm: 24 },
    { id: "small-pot", name: "Small pot", kind: "pot", diameterCm: 18 },
  ],
  machines: [
    { id: "blender", name: "Blender" },
    { id: "food-processor", name: "Food processor" },
  ],
  sleep: { from: "22:30", to: "07:00" },
  away: [{ days: [1, 2, 3, 4, 5], from: "08:00", to: "17:15" }],
  units: "metric",
  scaleStepG: 1,
};

const food = (id: string, massG: number): Line => ({ kind: "food", food: id, massG });
const joined = (part: string): Line => ({ kind: "part", part, share: 1 });
const step = <K extends StepKind>(kind: K, id: StepId, adds: readonly Line[], more: Partial<StepOf<K>> = {}) => ({
  ...newStep(kind, id),
  adds,
  ...more,
});
const part = (
  id: string,
  name: string,
  saltTarget: Part["saltTarget"],
  waitsForTableMin: number,
  steps: Part["steps"],
): Part => ({
  id,
  name,
  saltTarget,
  waitsForTableMin,
  steps,
});

export const MUSTARD_STRIPS: Dish = {
  id: "mustard-strips",
  name: "Mustard strips in mushroom cream, mash",
  replaces: "beef strips",
  servings: 5,
  parts: [
    part("strips", "Strips", "braised", 10, [
      step("weigh", "strips-weigh", [food("soy-strips", 160)]),
      step("soak", "strips-soak", [food("water", 900)], { waterC: 95, minutes: 10 }),
      step("drain", "strips-drain", []),
      step("squeeze", "strips-squeeze", [], { how: "hands", minutes: 2 }),
      step(
        "marinate",
        "strips-marinate",
        [
          food("mustard", 30),
          food("cider-vinegar", 10),
          food("tamari", 18),
          food("tarragon", 4),
          food("rapeseed-oil", 8),
          food("water", 12),
        ],
        { minutes: 15, fit: true, saltTo: 0.01 },
      ),
      step("sear", "strips-sear", [food("rapeseed-oil", 25)], { pan: "iron" }),
    ]),
    part("sauce", "Mushroom cream", "sauce", 8, [
      step("cut", "sauce-cut", [food("button-mushrooms", 300), food("shallot", 80)], { pieceMm: 8 }),
      step("brown", "sauce-brown", [food("rapeseed-oil", 20), food("thyme", 2)], { pan: "saute" }),
      step(
        "simmer",
        "sauce-simmer",
        [food("oat-cream", 350), food("water", 200), food("stock-powder", 6), food("mustard", 15)],
        { pan: "saute", minutes: 4 },
      ),
      step("thicken", "sauce-thicken", [food("corn-starch", 9), food("water", 20)], { pan: "saute" }),
      step("simmer", "sauce-join", [joined("strips")], { pan: "saute", minutes: 3 }),
      step("season", "sauce-season", [food("lemon-juice", 10), food("parsley", 10)], { saltTo: 0.009 }),
    ]),
    part("mash", "Mash", "mash", 15, [
      step("cut", "mash-cut", [food("potato", 1100)], { pieceMm: 28 }),
      step("boil", "mash-boil", [food("water", 1500), food("salt", 12)], { pan: "pot", pieceMm: 28 }),
      step("mash", "mash-mash", [food("plant-butter", 40), food("oat-milk", 150)], { saltTo: 0.008 }),
    ]),
  ],
};

export const CARAWAY_PATTIES: Dish = {
  id: "caraway-patties",
  name: "Caraway patties with brown-glazed carrots",
  replaces: "beef patties",
  servings: 5,
  parts: [
    part("patties", "Patties", "mince", 10, [
      step("weigh", "patties-weigh", [food("soy-granules", 150)]),
      step("soak", "patties-soak", [food("water", 300), food("stock-powder", 5)], { minutes: 12 }),
      step("drain", "patties-drain", []),
      step(
        "bind",
        "patties-bind",
        [
          food("ground-flax", 21),
          food("water", 25),
          food("oat-flour", 60),
          food("tomato-paste", 25),
          food("tamari", 12),
          food("caraway", 4),
          food("smoked-paprika", 3),
          food("rapeseed-oil", 15),
        ],
        { saltTo: 0.013 },
      ),
      step("rest", "patties-rest", [], { minutes: 45, where: "fridge" }),
      step("shape", "patties-shape", [], { form: "patty", pieceG: 58, diameterMm: 75 }),
      step("fry", "patties-fry", [food("rapeseed-oil", 30)], { pan: "iron" }),
    ]),
    part("carrots", "Carrots", null, 15, [
      step("cut", "carrots-cut", [food("carrot", 700)], { pieceMm: 12 }),
      step("brown", "carrots-brown", [food("rapeseed-oil", 15)], { pan: "saute", browningMin: 8 }),
      step("season", "carrots-season", [food("maple-syrup", 20), food("lemon-juice", 8), food("dill", 4)], {
        saltTo: 0.008,
      }),
    ]),
  ],
};

export const DEMO_DISHES: readonly Dish[] = [MUSTARD_STRIPS, CARAWAY_PATTIES];

/** The Sunday that comes, at 19:00 where the kitchen is, given as an instant by the caller. */
export const demoSupper = (serveAt: string): Supper => ({
  id: "sunday-supper",
  name: "Sunday supper",
  serveAt,
  eaters: DEMO_EATERS.map((e) => e.id),
  guests: 0,
  dishes: [MUSTARD_STRIPS],
});
