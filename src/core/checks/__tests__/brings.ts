import type { StepKind } from "../../process/registry";

/** What a step usually brings, so that it can be done at all. */
export const BRINGS: Readonly<Partial<Record<StepKind, readonly (readonly [food: string, massG: number])[]>>> = {
  soak: [["water", 700]],
  cook: [["water", 900]],
  boil: [["water", 1200]],
  blanch: [["chard", 200]],
  gel: [
    ["ground-flax", 12],
    ["water", 40],
  ],
  marinate: [
    ["soy-sauce", 25],
    ["water", 40],
  ],
  glaze: [
    ["maple-syrup", 20],
    ["olive-oil", 10],
  ],
  batter: [
    ["wheat-flour", 90],
    ["water", 100],
  ],
  coat: [["breadcrumbs", 50]],
  bind: [
    ["chickpea-flour", 50],
    ["ground-flax", 12],
    ["water", 60],
  ],
  sear: [["rapeseed-oil", 18]],
  brown: [
    ["rapeseed-oil", 15],
    ["onion", 120],
  ],
  fry: [["rapeseed-oil", 20]],
  griddle: [["rapeseed-oil", 12]],
  "deep-fry": [["sunflower-oil", 1400]],
  simmer: [
    ["water", 250],
    ["tomato-paste", 30],
  ],
  reduce: [["water", 150]],
  thicken: [
    ["corn-starch", 7],
    ["water", 15],
  ],
  season: [
    ["salt", 3],
    ["lemon-juice", 10],
  ],
  mash: [["oat-milk", 80]],
  layer: [["passata", 200]],
  top: [["breadcrumbs", 40]],
  stuff: [["rice-cooked", 150]],
};
