import type { Dish } from "@/core/dish/dish";
import { food, instead, joined, part, step } from "./write";

export const MUSTARD_STRIPS: Dish = {
  id: "mustard-strips",
  name: "Mustard strips in mushroom cream, mash",
  replaces: instead("beef strips", "strips", "beef", 600),
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
  replaces: instead("beef patties", "patty", "beef", 500),
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
