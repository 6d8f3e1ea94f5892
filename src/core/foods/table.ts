import { type Allergen, allergenTable } from "./allergens";
import type { Confidence, Food, FoodGroup } from "./food";

/** water, protein, fat, carbohydrate, fibre, sugars (g), sodium (mg) per 100 g; null where no figure is known. */
type Figures = readonly (number | null)[];
interface More {
  readonly also?: readonly string[];
  readonly contains?: readonly Allergen[];
  readonly ask?: readonly Allergen[];
  readonly measures?: Readonly<Record<string, number>>;
  readonly acid?: number;
  readonly glutamate?: number;
}

const SR = (ndb: string) => `USDA SR Legacy NDB ${ndb}, from memory`;
const LABEL = "range of packet labels, from memory";
const KITCHEN = "kitchen knowledge, from memory";

function food(
  id: string,
  name: string,
  group: FoodGroup,
  figures: Figures,
  source: string,
  confidence: Confidence,
  more: More = {},
): Food {
  const [waterG, proteinG, fatG, carbohydrateG, fibreG, sugarsG, sodiumMg] = [...figures, null, null].map(
    (x) => x ?? null,
  );
  return {
    id,
    name,
    also: more.also ?? [],
    group,
    per100: {
      waterG: waterG ?? null,
      proteinG: proteinG ?? null,
      fatG: fatG ?? null,
      carbohydrateG: carbohydrateG ?? null,
      fibreG: fibreG ?? null,
      sugarsG: sugarsG ?? null,
      sodiumMg: sodiumMg ?? null,
      acidG: more.acid ?? 0,
      glutamateG: more.glutamate ?? 0,
    },
    allergens: allergenTable(more.contains ?? [], more.ask ?? []),
    measures: more.measures ?? {},
    from: { source, confidence },
  };
}

/** Strips and granules carry M0 = 0.08 g water per g solids (models card 2), so 8/108 of their mass is water. */
const DRY_SOY_WATER = (100 * 0.08) / 1.08;

/**
 * Foods of the first slice. Sodium, composition and measures are public-table figures typed from memory unless
 * the source says otherwise; a packet's label overrides them.
 */
export const FOODS: readonly Food[] = [
  food("water", "Water", "liquid", [100, 0, 0, 0, 0, 0, 0], "definition", "high", {
    measures: { cup: 236.6, tbsp: 14.8 },
  }),
  food(
    "soy-strips",
    "Dried soy strips",
    "protein",
    [DRY_SOY_WATER, 37, 18, 32, 20, null, 5],
    `${LABEL}; water from models card 2`,
    "low",
    {
      also: ["whole-bean soy strips", "soya strips"],
      contains: ["soy"],
      measures: { cup: 40 },
    },
  ),
  food(
    "soy-granules",
    "Textured soy granules",
    "protein",
    [DRY_SOY_WATER, 50, 1.2, 33, 17.5, null, 20],
    `${SR("16117")} as proxy; water from models card 2`,
    "medium",
    {
      also: ["TVP", "soya mince", "textured vegetable protein"],
      contains: ["soy"],
      measures: { cup: 95 },
    },
  ),
  food("tofu-firm", "Firm tofu", "protein", [82, 10, 5.5, 2, 0.9, 0.6, 8], LABEL, "medium", {
    also: ["bean curd"],
    contains: ["soy"],
  }),
  food("tempeh", "Tempeh", "protein", [59.65, 20.29, 10.8, 7.64, null, null, 9], SR("16114"), "high", {
    contains: ["soy"],
    ask: ["gluten"],
    measures: { cup: 166 },
  }),
  food(
    "red-lentils",
    "Split red lentils, dry",
    "pulse",
    [7.82, 23.91, 2.17, 63.1, 10.8, null, 7],
    SR("16144"),
    "high",
    {
      also: ["masoor dal"],
      ask: ["gluten"],
      measures: { cup: 192 },
    },
  ),
  food(
    "chickpeas-cooked",
    "Chickpeas, cooked, drained",
    "pulse",
    [60.21, 8.86, 2.59, 27.42, 7.6, 4.8, 7],
    SR("16057"),
    "high",
    {
      also: ["garbanzo beans"],
      measures: { cup: 164 },
    },
  ),
  food(
    "black-beans-cooked",
    "Black beans, cooked, drained",
    "pulse",
    [65.74, 8.86, 0.54, 23.71, 8.7, 0.32, 1],
    SR("16015"),
    "high",
    {
      measures: { cup: 172 },
    },
  ),
  food("button-mushrooms", "Button mushrooms", "mushroom", [92.45, 3.09, 0.34, 3.26, 1, 1.98, 5], SR("11260"), "high", {
    also: ["champignons", "white mushrooms"],
    measures: { piece: 18, cup: 70 },
    glutamate: 0.04,
  }),
  food(
    "oyster-mushrooms",
    "Oyster mushrooms",
    "mushroom",
    [89.18, 3.31, 0.41, 6.09, 2.3, 1.11, 18],
    SR("11987"),
    "high",
    {
      measures: { cup: 86 },
      glutamate: 0.02,
    },
  ),
  food("onion", "Onion", "vegetable", [89.11, 1.1, 0.1, 9.34, 1.7, 4.24, 4], SR("11282"), "high", {
    measures: { piece: 110, cup: 160 },
  }),
  food(
    "shallot",
    "Shallot",
    "vegetable",
    [79.8, 2.5, 0.1, 16.8, 3.2, 7.9, 12],
    "USDA SR Legacy, from memory",
    "medium",
    { measures: { piece: 25 } },
  ),
  food("garlic", "Garlic", "vegetable", [58.58, 6.36, 0.5, 33.06, 2.1, 1, 17], SR("11215"), "high", {
    measures: { clove: 3 },
  }),
  food("carrot", "Carrot", "vegetable", [88.29, 0.93, 0.24, 9.58, 2.8, 4.74, 69], SR("11124"), "high", {
    measures: { piece: 61, cup: 128 },
  }),
  food(
    "celeriac",
    "Celeriac",
    "vegetable",
    [88, 1.5, 0.3, 9.2, 1.8, 1.6, 100],
    "USDA SR Legacy, from memory",
    "medium",
    {
      also: ["celery root"],
      contains: ["celery"],
    },
  ),
  food("potato", "Potatoes, peeled", "vegetable", [79.25, 2.05, 0.09, 17.49, 2.1, 0.82, 6], SR("11352"), "high", {
    measures: { piece: 213, cup: 150 },
  }),
  food(
    "sweet-potato",
    "Sweet potatoes, peeled",
    "vegetable",
    [77.28, 1.57, 0.05, 20.12, 3, 4.18, 55],
    "USDA SR Legacy, from memory",
    "high",
    {
      measures: { piece: 130, cup: 133 },
    },
  ),
  food("parsley", "Parsley", "seasoning", [87.7, 3, 0.8, 6.3, 3.3, 0.9, 56], "USDA SR Legacy, from memory", "medium", {
    measures: { tbsp: 3.8 },
  }),
  food("tarragon", "Tarragon, fresh", "seasoning", [82, 3.5, 0.7, 9, 4, null, 10], KITCHEN, "low", {
    measures: { tbsp: 2 },
  }),
  food(
    "thyme",
    "Thyme, fresh",
    "seasoning",
    [65.11, 5.56, 1.68, 24.45, 14, null, 9],
    "USDA SR Legacy, from memory",
    "medium",
    { measures: { tsp: 0.8 } },
  ),
  food(
    "dill",
    "Dill, fresh",
    "seasoning",
    [85.95, 3.46, 1.12, 7.02, 2.1, null, 61],
    "USDA SR Legacy, from memory",
    "medium",
    { measures: { tbsp: 1 } },
  ),
  food(
    "caraway",
    "Caraway seed",
    "seasoning",
    [9.87, 19.77, 14.59, 49.9, 38, 0.64, 17],
    "USDA SR Legacy, from memory",
    "medium",
    { measures: { tsp: 2.1 } },
  ),
  food(
    "smoked-paprika",
    "Smoked paprika",
    "seasoning",
    [11.24, 14.14, 12.89, 53.99, 34.9, 10.34, 68],
    "USDA SR Legacy, from memory",
    "medium",
    {
      measures: { tsp: 2.3 },
    },
  ),
  food(
    "black-pepper",
    "Black pepper",
    "seasoning",
    [12.46, 10.39, 3.26, 63.95, 25.3, 0.64, 20],
    "USDA SR Legacy, from memory",
    "high",
    {
      measures: { tsp: 2.3 },
    },
  ),
  food("mustard", "Mustard, grainy", "seasoning", [80, 4, 4, 6, 4, 2, 1150], `${LABEL} (900–2400 mg sodium)`, "low", {
    contains: ["mustard"],
    ask: ["gluten", "sulphites"],
    measures: { tbsp: 15, tsp: 5 },
    acid: 1.5,
  }),
  food(
    "cider-vinegar",
    "Cider vinegar",
    "seasoning",
    [93.8, 0, 0, 0.93, 0, 0.4, 5],
    "USDA SR Legacy, from memory",
    "high",
    {
      ask: ["sulphites"],
      measures: { tbsp: 15 },
      acid: 5,
    },
  ),
  food(
    "lemon-juice",
    "Lemon juice",
    "seasoning",
    [92.31, 0.35, 0.24, 6.9, 0.3, 2.52, 1],
    "USDA SR Legacy, from memory",
    "high",
    {
      measures: { tbsp: 15 },
      acid: 5.5,
    },
  ),
  food(
    "salt",
    "Salt, table",
    "seasoning",
    [0, 0, 0, 0, 0, 0, 39340],
    "definition of NaCl by atomic weights (IUPAC)",
    "high",
    {
      measures: { tsp: 6, tbsp: 18 },
    },
  ),
  food(
    "soy-sauce",
    "Soy sauce (soy and wheat)",
    "seasoning",
    [71.15, 8.14, 0.57, 4.93, 0.8, 0.4, 5493],
    SR("16123"),
    "high",
    {
      contains: ["soy", "gluten"],
      measures: { tbsp: 16, tsp: 5.3 },
      acid: 0.2,
      glutamate: 1,
    },
  ),
  food("tamari", "Tamari", "seasoning", [66, 10.51, 0.1, 5.57, 0.8, 1.7, 5586], SR("16124"), "high", {
    contains: ["soy"],
    ask: ["gluten"],
    measures: { tbsp: 18, tsp: 6 },
    acid: 0.2,
    glutamate: 1.2,
  }),
  food("miso", "Miso", "seasoning", [43.02, 12.79, 6.01, 25.37, 5.4, 6.2, 3728], SR("16112"), "high", {
    contains: ["soy"],
    ask: ["gluten"],
    measures: { tbsp: 17.2, cup: 275 },
    acid: 0.3,
    glutamate: 0.7,
  }),
  food(
    "stock-powder",
    "Vegetable stock powder",
    "seasoning",
    [3, 8, 10, 30, 2, 5, 16500],
    `${LABEL} (14 000–24 000 mg sodium)`,
    "low",
    {
      ask: ["celery", "gluten", "soy", "milk"],
      measures: { tsp: 4, cube: 10 },
      glutamate: 6,
    },
  ),
  food(
    "tomato-paste",
    "Tomato paste, unsalted",
    "seasoning",
    [73.5, 4.32, 0.47, 18.91, 4.1, 12.18, 59],
    SR("11546"),
    "high",
    {
      measures: { tbsp: 16.4 },
      acid: 1.2,
      glutamate: 0.4,
    },
  ),
  food("yeast-flakes", "Nutritional yeast, flakes", "seasoning", [5, 50, 5, 36, 22, null, 150], LABEL, "low", {
    ask: ["gluten"],
    measures: { tbsp: 5 },
    glutamate: 3,
  }),
  food("sugar", "Sugar", "seasoning", [0.02, 0, 0, 99.98, 0, 99.8, 1], "USDA SR Legacy, from memory", "high", {
    measures: { tsp: 4.2, tbsp: 12.5 },
  }),
  food("maple-syrup", "Maple syrup", "seasoning", [32.39, 0.04, 0.06, 67.04, 0, 60.46, 12], SR("19353"), "high", {
    measures: { tbsp: 20 },
  }),
  food("rapeseed-oil", "Rapeseed oil", "fat", [0, 0, 100, 0, 0, 0, 0], "USDA SR Legacy, from memory", "high", {
    also: ["canola oil"],
    measures: { tbsp: 13.6, tsp: 4.5 },
  }),
  food("olive-oil", "Olive oil", "fat", [0, 0, 100, 0, 0, 0, 2], SR("04053"), "high", {
    measures: { tbsp: 13.5, tsp: 4.5 },
  }),
  food("plant-butter", "Plant butter", "fat", [19, 0.2, 78, 0.5, 0, 0, 600], LABEL, "low", {
    ask: ["soy", "milk", "nuts"],
    measures: { tbsp: 14 },
  }),
  food("oat-cream", "Oat cream", "liquid", [80, 1, 13, 6, 0.8, 4, 50], LABEL, "low", {
    ask: ["gluten"],
    also: ["oat cuisine", "oat cooking cream"],
    measures: { cup: 240, tbsp: 15 },
  }),
  food("soy-cream", "Soy cream", "liquid", [79, 2.5, 15, 2, 0.5, 1.5, 45], LABEL, "low", {
    contains: ["soy"],
    measures: { cup: 240 },
  }),
  food("oat-milk", "Oat drink", "liquid", [90, 1, 1.5, 6.5, 0.8, 4, 42], LABEL, "medium", {
    ask: ["gluten"],
    measures: { cup: 240 },
  }),
  food("soy-milk", "Soy drink, unsweetened", "liquid", [91, 3.3, 1.9, 0.8, 0.6, 0.3, 35], LABEL, "medium", {
    contains: ["soy"],
    measures: { cup: 243 },
  }),
  food(
    "coconut-milk",
    "Coconut milk, tinned",
    "liquid",
    [72.9, 2, 21.3, 2.8, 0, null, 13],
    "USDA SR Legacy, from memory",
    "medium",
    {
      ask: ["sulphites"],
      measures: { cup: 226 },
    },
  ),
  food("corn-starch", "Corn starch", "starch", [8.32, 0.26, 0.05, 91.27, 0.9, 0, 9], SR("20027"), "high", {
    also: ["cornflour", "maize starch"],
    measures: { tbsp: 8 },
  }),
  food("potato-starch", "Potato starch", "starch", [16, 0.1, 0.1, 83, 0.1, 0, 8], KITCHEN, "medium", {
    measures: { tbsp: 10 },
  }),
  food("tapioca-starch", "Tapioca starch", "starch", [10.99, 0.19, 0.02, 88.69, 0.9, 3.35, 1], SR("20068"), "medium", {
    also: ["cassava starch"],
    measures: { tbsp: 7.8 },
  }),
  food(
    "wheat-flour",
    "Wheat flour, plain",
    "grain",
    [11.92, 10.33, 0.98, 76.31, 2.7, 0.27, 2],
    "USDA SR Legacy, from memory",
    "high",
    {
      contains: ["gluten"],
      also: ["all-purpose flour"],
      measures: { cup: 125, tbsp: 7.8 },
    },
  ),
  food(
    "oat-flour",
    "Oat flour",
    "grain",
    [8.55, 14.66, 9.12, 65.7, 6.5, 0.8, 19],
    "USDA SR Legacy, from memory",
    "medium",
    {
      ask: ["gluten"],
      measures: { cup: 95, tbsp: 5.9 },
    },
  ),
  food("chickpea-flour", "Chickpea flour", "pulse", [10.28, 22.39, 6.69, 57.82, 10.8, 10.85, 64], SR("16157"), "high", {
    also: ["gram flour", "besan"],
    ask: ["gluten"],
    measures: { cup: 92, tbsp: 5.8 },
  }),
  food("breadcrumbs", "Dry breadcrumbs", "grain", [6.51, 13.35, 5.3, 71.98, 4.5, 6.2, 732], SR("18079"), "high", {
    contains: ["gluten"],
    ask: ["soy", "milk", "sesame"],
    measures: { cup: 108, tbsp: 6.8 },
  }),
  food("ground-flax", "Ground flax seed", "nut", [6.96, 18.29, 42.16, 28.88, 27.3, 1.55, 30], SR("12220"), "high", {
    also: ["linseed"],
    measures: { tbsp: 7 },
  }),
  food("ground-chia", "Ground chia seed", "nut", [5.8, 16.54, 30.74, 42.12, 34.4, null, 16], SR("12006"), "high", {
    measures: { tbsp: 11 },
  }),
  food("husk", "Psyllium husk", "starch", [6, 2, 1, 86, 80, null, 60], LABEL, "low", { measures: { tbsp: 5 } }),
  food("gluten", "Vital wheat gluten", "grain", [8.2, 75.16, 1.85, 13.79, 0.6, 0, 29], SR("48052"), "high", {
    contains: ["gluten"],
    measures: { cup: 120 },
  }),
  food("walnuts", "Walnuts", "nut", [4.07, 15.23, 65.21, 13.71, 6.7, 2.61, 2], SR("12155"), "high", {
    contains: ["nuts"],
    measures: { cup: 100 },
  }),
  food("cashews", "Cashews, raw", "nut", [5.2, 18.22, 43.85, 30.19, 3.3, 5.91, 12], SR("12087"), "high", {
    contains: ["nuts"],
    measures: { cup: 130 },
  }),
  food("tahini", "Tahini", "nut", [3.05, 17, 53.76, 21.19, 9.3, 0.49, 115], SR("12166"), "high", {
    contains: ["sesame"],
    measures: { tbsp: 15 },
  }),
];
