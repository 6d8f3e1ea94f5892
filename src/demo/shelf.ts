import type { Dish } from "@/core/dish/dish";
import { food, instead, joined, liquor, part, shareOf, step } from "./write";

/** Dishes of Lantern Yard beyond the first two. Invented; between them they use every kind of step. */

const TEMPEH_RASHERS: Dish = {
  id: "tempeh-rashers",
  name: "Tempeh rashers, barley and sour apple",
  replaces: instead("bacon", "rasher", "pork", 240),
  servings: 4,
  parts: [
    part("rashers", "Rashers", "mince", 10, [
      step("slice", "rashers-slice", [food("tempeh", 300)], { count: 24, thicknessMm: 5 }),
      step("steam", "rashers-steam", [], { pan: "small-pot", coreC: 85 }),
      step(
        "marinate",
        "rashers-marinate",
        [
          food("tamari", 24),
          food("maple-syrup", 20),
          food("liquid-smoke", 3),
          food("smoked-paprika", 3),
          food("water", 30),
        ],
        { minutes: 20, fit: false },
      ),
      step("drain", "rashers-drain", []),
      step("pat", "rashers-pat", []),
      step("fry", "rashers-fry", [food("rapeseed-oil", 25)], { pan: "iron" }),
      step("glaze", "rashers-glaze", [liquor("rashers-drain", 0.5)]),
    ]),
    part("barley", "Barley", "sauce", 25, [
      step("sort", "barley-sort", [food("pearl-barley", 220)]),
      step("cook", "barley-cook", [food("water", 900), food("salt", 6)], { pan: "pot" }),
      step("drain", "barley-drain", []),
      step("season", "barley-season", [food("parsley", 15), food("olive-oil", 12), food("black-pepper", 0.6)], {
        saltTo: 0.008,
      }),
    ]),
    part("apple", "Sour apple", null, 60, [
      step("cut", "apple-cut", [food("apple", 300), food("red-onion", 110)], { pieceMm: 8 }),
      step("sweat", "apple-sweat", [], { pan: "saute", minutes: 7 }),
      step("season", "apple-season", [food("cider-vinegar", 15), food("mustard", 10)], { saltTo: 0.006 }),
    ]),
  ],
};

const STUFFED_AUBERGINES: Dish = {
  id: "stuffed-aubergines",
  name: "Aubergine boats with black lentils",
  replaces: instead("lamb mince", "mince", "lamb", 500),
  servings: 4,
  parts: [
    part("filling", "Filling", "mince", 30, [
      step("sort", "filling-sort", [food("black-lentils", 160)]),
      step("cook", "filling-cook", [food("water", 520)], { pan: "small-pot" }),
      step("drain", "filling-drain", []),
      step(
        "brown",
        "filling-brown",
        [food("onion", 150), food("garlic", 9), food("olive-oil", 20), food("cumin", 3), food("cinnamon", 1)],
        { pan: "saute" },
      ),
      step("season", "filling-season", [food("tomato-paste", 40), food("miso", 15), food("mint", 8)], {
        saltTo: 0.011,
      }),
    ]),
    part("boats", "Boats", null, 10, [
      step("cut", "boats-cut", [food("aubergine", 900)], { pieceMm: 45 }),
      step("glaze", "boats-oil", [food("olive-oil", 30)]),
      step("bake", "boats-bake", [], { ovenC: 200, minutes: 28 }),
      step("stuff", "boats-stuff", [joined("filling")], { count: 8, thicknessMm: 35 }),
      step("top", "boats-top", [food("pumpkin-seeds", 30)]),
      step("bake", "boats-finish", [], { ovenC: 200, minutes: 14 }),
      step("stand", "boats-stand", [], { minutes: 5, foil: false }),
    ]),
    part("yoghurt", "Mint yoghurt", "sauce", 240, [
      step("weigh", "yoghurt-weigh", [food("soy-yoghurt", 250), food("mint", 6), food("lemon-juice", 10)]),
      step("season", "yoghurt-season", [], { saltTo: 0.007 }),
    ]),
  ],
};

const BATTERED_PALM: Dish = {
  id: "battered-palm",
  name: "Hearts of palm in rice batter, caper dip",
  replaces: instead("fried fish", "battered", "white-fish", 600),
  servings: 4,
  parts: [
    part("fillets", "Fillets", "mince", 6, [
      step("weigh", "fillets-weigh", [food("hearts-of-palm", 440)]),
      step("rinse", "fillets-rinse", [], { how: "soak", times: 2, waterG: 1000 }),
      step(
        "marinate",
        "fillets-marinate",
        [food("lemon-juice", 15), food("seaweed-nori", 2), food("capers", 8), food("water", 20)],
        { minutes: 15, fit: false },
      ),
      step("drain", "fillets-drain", []),
      step("pat", "fillets-pat", []),
      step("slice", "fillets-slice", [], { count: 12, thicknessMm: 16 }),
      step("coat", "fillets-starch", [food("corn-starch", 30)]),
      step("coat", "fillets-batter", [joined("batter")], { coating: "batter" }),
      step("deep-fry", "fillets-fry", [food("sunflower-oil", 1400)], { pan: "pot", oilC: 180, minutes: 4 }),
    ]),
    part("batter", "Batter", "mince", 15, [
      step("batter", "batter-stir", [
        food("rice-flour", 110),
        food("potato-starch", 50),
        food("baking-powder", 4),
        food("turmeric", 1),
        food("water", 118),
        food("salt", 3),
      ]),
    ]),
    part("dip", "Caper dip", "sauce", 240, [
      step("cut", "dip-cut", [food("capers", 25), food("gherkins", 50), food("dill", 8)], { pieceMm: 3 }),
      step("season", "dip-season", [food("plant-mayonnaise", 120), food("soy-yoghurt", 80), food("lemon-juice", 8)]),
    ]),
  ],
};
const GREEN_BALLS: Dish = {
  id: "pea-balls",
  name: "Pea and walnut balls in paprika broth",
  replaces: instead("meatballs", "ball", "beef", 600),
  servings: 4,
  parts: [
    part("balls", "Balls", "mince", 15, [
      step("blanch", "balls-blanch", [food("peas", 420)], { pan: "pot", minutes: 2 }),
      step("pat", "balls-pat", []),
      step("pulse", "balls-pulse", [food("walnuts", 60), food("shallot", 50)], { machine: "food-processor" }),
      step(
        "bind",
        "balls-bind",
        [
          joined("gel"),
          food("chickpea-flour", 55),
          food("gf-crumbs", 60),
          food("yeast-flakes", 12),
          food("water", 50),
          food("caraway", 2),
        ],
        { saltTo: 0.012 },
      ),
      step("rest", "balls-rest", [], { minutes: 40 }),
      step("shape", "balls-shape", [], { form: "ball", pieceG: 32 }),
      step("bake", "balls-bake", [], { ovenC: 210, minutes: null, coreC: 76 }),
    ]),
    part("gel", "Flax gel", null, 240, [
      step("gel", "gel-make", [food("ground-flax", 16), food("water", 48)], { minutes: 12 }),
    ]),
    part("broth", "Paprika broth", "sauce", 10, [
      step("cut", "broth-cut", [food("red-pepper", 240), food("onion", 110)], { pieceMm: 8 }),
      step("brown", "broth-brown", [food("rapeseed-oil", 18), food("paprika", 6)], { pan: "saute" }),
      step("reduce", "broth-reduce", [food("passata", 350), food("stock", 300)], { pan: "saute", toShare: 0.8 }),
      step("simmer", "broth-join", [joined("balls")], { pan: "saute", minutes: 6, lid: true }),
      step("season", "broth-season", [food("lemon-juice", 8)], { saltTo: 0.009 }),
    ]),
  ],
};

const FENNEL_SAUSAGES: Dish = {
  id: "fennel-sausages",
  name: "Fennel sausages with white-bean mash",
  replaces: instead("pork sausages", "sausage", "pork", 560),
  servings: 4,
  parts: [
    part("sausages", "Sausages", "mince", 15, [
      step("pulse", "sausages-pulse", [food("white-beans-tinned", 240), food("tofu-smoked", 150), food("miso", 20)], {
        machine: "food-processor",
      }),
      step(
        "bind",
        "sausages-bind",
        [
          food("gluten", 150),
          food("stock", 150),
          food("tomato-paste", 20),
          food("fennel-seed", 5),
          food("smoked-paprika", 4),
          food("rapeseed-oil", 25),
        ],
        { saltTo: 0.013 },
      ),
      step("rest", "sausages-rest", [], { minutes: 20, where: "worktop" }),
      step("shape", "sausages-shape", [], { form: "log", pieceG: 92, diameterMm: 140 }),
      step("steam", "sausages-steam", [], { pan: "pot", coreC: 88, wrapped: true }),
      step("cool", "sausages-cool", [], { minutes: 30, depthMm: 30 }),
      step("griddle", "sausages-griddle", [food("rapeseed-oil", 15)], { pan: "iron" }),
    ]),
    part("mash", "White-bean mash", "mash", 20, [
      step("weigh", "bean-weigh", [food("white-beans-tinned", 480)]),
      step("rinse", "bean-rinse", [], { times: 2, waterG: 800 }),
      step("simmer", "bean-simmer", [food("stock", 220), food("rosemary", 3)], { pan: "small-pot", minutes: 10 }),
      step("mash", "bean-mash", [food("olive-oil", 25), food("lemon-juice", 8)], { saltTo: 0.009 }),
    ]),
  ],
};

const POLENTA_BAKE: Dish = {
  id: "polenta-bake",
  name: "Layered polenta and chard bake with crumbled tempeh",
  replaces: instead("beef mince", "mince", "beef", 500),
  servings: 6,
  parts: [
    part("crumble", "Tempeh crumble", "braised", 60, [
      step("steam", "crumble-steam", [food("tempeh", 450)], { pan: "small-pot", minutes: 10 }),
      step("cut", "crumble-cut", [], { how: "crumble", pieceMm: 8 }),
      step("brown", "crumble-brown", [food("leek", 180), food("garlic", 10), food("olive-oil", 35)], {
        pan: "saute",
        browningMin: 6,
      }),
      step("simmer", "crumble-simmer", [food("passata", 420), food("fennel-seed", 3), food("paprika", 5)], {
        pan: "saute",
        minutes: 12,
        lid: true,
      }),
      step("season", "crumble-season", [food("balsamic", 12), food("thyme", 2)], { saltTo: 0.011 }),
    ]),
    part("white", "Butter-bean sauce", "sauce", 60, [
      step("weigh", "white-weigh", [food("butter-beans-tinned", 240)]),
      step("rinse", "white-rinse", [], { times: 1, waterG: 800 }),
      step("pulse", "white-blend", [food("soy-milk", 360), food("mustard-smooth", 8)], {
        machine: "blender",
        to: "smooth",
      }),
      step("thicken", "white-thicken", [food("corn-starch", 10), food("nutmeg", 0.4)], { pan: "small-pot" }),
      step("season", "white-season", [food("lemon-juice", 8)], { saltTo: 0.009 }),
    ]),
    part("polenta", "Polenta", "mash", 30, [
      step("simmer", "polenta-simmer", [food("polenta", 210), food("water", 900)], {
        pan: "pot",
        minutes: 25,
        lid: true,
      }),
      step("season", "polenta-season", [food("plant-butter", 20)], { saltTo: 0.009 }),
    ]),
    part("chard", "Chard", null, 60, [
      step("blanch", "chard-blanch", [food("chard", 380)], { pan: "pot", minutes: 2 }),
      step("squeeze", "chard-squeeze", [], { how: "hands", minutes: 1 }),
    ]),
    part("bake", "The bake", "braised", 30, [
      step("layer", "bake-layer", [joined("polenta"), joined("crumble"), joined("chard"), shareOf("white", 0.6)], {
        tin: "long-dish",
      }),
      step("top", "bake-top", [shareOf("white", 0.4), food("sunflower-seeds", 40)]),
      step("bake", "bake-bake", [], { ovenC: 195, minutes: 32, coreC: 74 }),
      step("stand", "bake-stand", [], { minutes: 12 }),
    ]),
  ],
};
const TORN_FILLING: Dish = {
  id: "torn-filling",
  name: "Frozen–thawed smoked tofu, torn, in a cold horseradish filling",
  replaces: instead("cold roast slices", "cold-slices", "beef", 400),
  servings: 6,
  parts: [
    part("torn", "Torn tofu", "mince", 60, [
      step("freeze", "torn-freeze", [food("tofu-smoked", 570)], {
        lengthMm: 95,
        widthMm: 65,
        thicknessMm: 30,
        minutes: 14 * 60,
      }),
      step("thaw", "torn-thaw", [], { lengthMm: 95, widthMm: 65, thicknessMm: 30, minutes: 36 * 60 }),
      step("press", "torn-press", [], {
        lengthMm: 95,
        widthMm: 65,
        thicknessMm: 30,
        loadKg: 4,
        minutes: 25,
      }),
      step("cut", "torn-tear", [], { how: "tear", pieceMm: 15 }),
      step("glaze", "torn-oil", [food("rapeseed-oil", 18), food("smoked-paprika", 4), food("malt-vinegar", 10)]),
      step("bake", "torn-bake", [], { ovenC: 210, minutes: 18 }),
      step("cool", "torn-cool", [], { minutes: 75, depthMm: 15, where: "fridge" }),
      step("season", "torn-dress", [
        food("soy-yoghurt", 160),
        food("plant-mayonnaise", 60),
        food("horseradish", 25),
        food("celery", 90),
        food("chives", 10),
        joined("dressing"),
      ]),
      step("rest", "torn-rest", [], { minutes: 120 }),
      step("serve", "torn-serve", [food("buns", 360), food("gherkins", 90)]),
    ]),
    part("dressing", "Porcini dressing", "sauce", 240, [
      step("weigh", "dressing-weigh", [food("porcini-dried", 15)]),
      step("soak", "dressing-soak", [food("water", 260)], { waterC: 90, minutes: 25 }),
      step("drain", "dressing-drain", []),
      step("cut", "dressing-cut", [food("shallot", 60)], { pieceMm: 3 }),
      step("brown", "dressing-brown", [food("sunflower-oil", 12)], { pan: "saute" }),
      step("reduce", "dressing-reduce", [liquor("dressing-drain"), food("apple", 50), food("tamari", 8)], {
        pan: "saute",
        toShare: 0.5,
      }),
      step("season", "dressing-season", [food("cider-vinegar", 8)], { saltTo: 0.01 }),
    ]),
  ],
};

const RAGGED_STEW: Dish = {
  id: "ragged-stew",
  name: "Ragged king-oyster stew, brown rice",
  replaces: instead("pulled pork", "pulled", "pork", 900),
  servings: 4,
  parts: [
    part("stew", "Stew", "braised", 45, [
      step("toast", "stew-bloom", [food("rapeseed-oil", 25), food("cumin", 3), food("chilli-flakes", 1)], {
        pan: "saute",
        minutes: 2,
      }),
      step("brown", "stew-brown", [joined("shreds")], { pan: "saute" }),
      step(
        "simmer",
        "stew-simmer",
        [
          food("passata", 300),
          food("stock", 200),
          food("molasses", 15),
          food("cider-vinegar", 15),
          food("black-beans-tinned", 240),
        ],
        { pan: "saute", minutes: 18 },
      ),
      step("season", "stew-season", [food("lime-juice", 10), food("coriander-leaf", 10)], { saltTo: 0.01 }),
    ]),
    part("shreds", "Shreds", null, 120, [
      step("cut", "shreds-shred", [food("king-oyster", 600), food("onion", 150)], { how: "shred", pieceMm: 6 }),
    ]),
    part("rice", "Brown rice", null, 20, [
      step("weigh", "rice-weigh", [food("rice-brown", 280), food("water", 40)]),
      step("rinse", "rice-rinse", [], { times: 2, waterG: 800 }),
      step("cook", "rice-cook", [food("water", 420)], { pressure: true }),
      step("stand", "rice-stand", [], { minutes: 8 }),
      step("serve", "rice-serve", [food("spring-onion", 20)]),
    ]),
  ],
};
const PEA_TERRINE: Dish = {
  id: "pea-terrine",
  name: "Split-pea and barley terrine, roast roots",
  replaces: instead("a country terrine", "loaf", "pork", 800),
  servings: 6,
  parts: [
    part("terrine", "Terrine", "loaf", 240, [
      step("sort", "terrine-sort", [food("split-peas", 260)]),
      step("cook", "terrine-cook", [food("water", 780)], { pan: "pot" }),
      step("drain", "terrine-drain", []),
      step("mash", "terrine-mash", [food("gherkins", 60), food("dill", 8)], { saltTo: null }),
      step("cool", "terrine-cool", [], { minutes: 30, depthMm: 20 }),
      step(
        "bind",
        "terrine-bind",
        [joined("barley"), food("ground-chia", 24), food("rice-flour", 40), food("mustard", 25), food("carrot", 90)],
        { saltTo: 0.012 },
      ),
      step("rest", "terrine-rest", [], { minutes: 45 }),
      step("shape", "terrine-shape", [], { form: "loaf", pieceG: 1250 }),
      step("bake", "terrine-bake", [], { ovenC: 175, minutes: null, coreC: 78, cover: "lid" }),
      step("stand", "terrine-stand", [], { minutes: 25 }),
      step("slice", "terrine-slice", [], { count: 12, thicknessMm: 18 }),
      step("serve", "terrine-serve", [food("sauerkraut", 180)]),
    ]),
    part("barley", "Barley", null, 120, [
      step("cook", "barley-boil", [food("pearl-barley", 110), food("water", 600)], { pan: "small-pot" }),
      step("drain", "barley-drain", []),
    ]),
    part("roots", "Roast roots", null, 20, [
      step("cut", "roots-cut", [food("beetroot", 450), food("parsnip", 400)], { pieceMm: 22 }),
      step("glaze", "roots-glaze", [food("olive-oil", 25), food("caraway", 3)]),
      step("bake", "roots-bake", [], { ovenC: 185, minutes: 40 }),
      step("season", "roots-season", [food("wine-vinegar", 10)], { saltTo: 0.008 }),
      step("hold", "roots-hold", [], { minutes: 15 }),
    ]),
  ],
};

const CRUMBED_SLICES: Dish = {
  id: "crumbed-slices",
  name: "Crumbed tofu slices, sauerkraut and potatoes",
  replaces: instead("escalopes", "cutlet", "poultry", 560),
  servings: 4,
  parts: [
    part("slices", "Slices", "mince", 10, [
      step("slice", "slices-slice", [food("tofu-extra-firm", 400)], { count: 8, thicknessMm: 12 }),
      step("press", "slices-press", [], { loadKg: 4, minutes: 25, lengthMm: 200, widthMm: 140, thicknessMm: 12 }),
      step("marinate", "slices-marinate", [food("soy-sauce", 20), food("lemon-juice", 10), food("water", 40)], {
        minutes: 30,
        fit: false,
        chilled: true,
      }),
      step("drain", "slices-drain", []),
      step("coat", "slices-crumb", [food("chickpea-flour", 30), food("soy-milk", 60), food("panko", 80)], {
        coating: "crumb",
      }),
      step("air-fry", "slices-airfry", [food("rapeseed-oil", 12)], { ovenC: 200, minutes: 14, coreC: null }),
    ]),
    part("kraut", "Kraut", null, 60, [
      step("weigh", "kraut-weigh", [food("sauerkraut", 400), food("apple", 120)]),
      step("simmer", "kraut-simmer", [food("water", 120), food("caraway", 2), food("bay", 0.4)], {
        pan: "small-pot",
        minutes: 15,
        lid: true,
      }),
    ]),
    part("potatoes", "Baked potatoes", null, 15, [
      step("weigh", "potatoes-weigh", [food("baking-potato", 1000)]),
      step("shape", "potatoes-even", [], { form: "ball", pieceG: 250, handsMin: 1 }),
      step("bake", "potatoes-bake", [], { ovenC: 190, minutes: null, coreC: 96 }),
    ]),
  ],
};

const WEEK_MINCE: Dish = {
  id: "week-mince",
  name: "Mushroom and granule mince, made ahead",
  replaces: instead("beef mince", "mince", "beef", 500),
  servings: 6,
  parts: [
    part("mince", "Mince", "braised", 20, [
      step("weigh", "mince-weigh", [food("soy-granules", 160)]),
      step("soak", "mince-soak", [food("stock", 420)], { minutes: 12 }),
      step("drain", "mince-drain", []),
      step("squeeze", "mince-squeeze", [], { how: "cloth", minutes: 1 }),
      step("brown", "mince-brown", [food("button-mushrooms", 300), food("onion", 150), food("olive-oil", 30)], {
        pan: "iron",
        browningMin: 6,
      }),
      step(
        "simmer",
        "mince-simmer",
        [
          liquor("mince-drain"),
          liquor("mince-squeeze"),
          food("tomatoes-tinned", 400),
          food("yeast-extract", 6),
          food("thyme", 2),
        ],
        { pan: "saute", minutes: 20 },
      ),
      step("cool", "mince-cool", [], { minutes: 90, depthMm: 25, where: "ice-bath" }),
      step("store", "mince-store", [], { days: 1 }),
      step("reheat", "mince-reheat", [food("water", 40)], { where: "hob", minutes: 10 }),
      step("season", "mince-season", [food("parsley", 12)], { saltTo: 0.011 }),
      step("serve", "mince-serve", []),
    ]),
    part("polenta", "Polenta", "mash", 15, [
      step("simmer", "polenta-simmer", [food("water", 1100), food("polenta", 220), food("salt", 6)], {
        pan: "pot",
        minutes: 25,
      }),
      step("mash", "polenta-beat", [food("plant-butter", 30)], { saltTo: 0.008 }),
    ]),
  ],
};

export const SHELF: readonly Dish[] = [
  TEMPEH_RASHERS,
  STUFFED_AUBERGINES,
  BATTERED_PALM,
  GREEN_BALLS,
  FENNEL_SAUSAGES,
  POLENTA_BAKE,
  TORN_FILLING,
  RAGGED_STEW,
  PEA_TERRINE,
  CRUMBED_SLICES,
  WEEK_MINCE,
];
