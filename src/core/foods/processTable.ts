import { type Estimate, estimate } from "../quantities/range";
import type { FoodId } from "./food";
import type { ProcessFigures } from "./process";

/**
 * Vegetables and mushrooms, grated or soft, squeezed: twisted in a cloth grated potato loses a fifth to a third of its
 * mass, courgette a third to a half (common practice). The exponent is an engineering estimate from that.
 */
const juicy = (referenceMoisture: number, exponent = estimate(0.07, 0.12, 0.17)): Pick<ProcessFigures, "press"> => ({
  press: {
    referenceMoisture,
    thresholdKPa: 1,
    exponent,
    consolidationM2PerS: estimate(0.5e-6, 1.5e-6, 5e-6),
    cells: true,
  },
});
/** Fruit and flowers out of brine, drained (models card 3). */
const BRINED_FRUIT: ProcessFigures = {
  press: {
    referenceMoisture: 9,
    thresholdKPa: 1,
    exponent: estimate(0.08, 0.15, 0.25),
    consolidationM2PerS: estimate(2e-7, 5e-7, 1.5e-6),
  },
  keepsMoisture: 7.5,
  layerMm: estimate(12, 18, 25),
};
/** Textured protein of peas and broad beans drinks and gives up much as the soy kind (engineering estimate). */
const TEXTURED: ProcessFigures = {
  soak: {
    startMoisture: 0.08,
    fullMoisture: estimate(1.8, 2.2, 2.8),
    t90At20Min: estimate(10, 20, 40),
    activationKJ: estimate(12, 18, 30),
    leach: estimate(0.01, 0.03, 0.08),
  },
  press: {
    referenceMoisture: 2.2,
    thresholdKPa: 1,
    exponent: estimate(0.08, 0.14, 0.2),
    consolidationM2PerS: estimate(0.5e-6, 2e-6, 6e-6),
  },
  keepsMoisture: 1.6,
  layerMm: estimate(8, 11, 15),
  brownsAtMoisture: estimate(1.1, 1.3, 1.45),
};
/** Pulses out of a tin have swollen further and hold that water (engineering estimate from burgers with a handful of crumb). */
const TINNED_KEEPS = 1.85;
const PULSE_LEACH = estimate(0.03, 0.06, 0.1);
/** Drinks in hot or cold water until it is soft, without a boil: packets and common practice. */
const steeped = (fullMoisture: Estimate, t90At20Min: Estimate): NonNullable<ProcessFigures["soak"]> => ({
  startMoisture: 0.1,
  fullMoisture,
  t90At20Min,
  activationKJ: estimate(20, 28, 38),
  leach: estimate(0, 0.01, 0.03),
});
/** Whole lentils: soft from dry, moisture once boiled of SR Legacy (69.6 %). */
const lentil = (softMin: Estimate): ProcessFigures => ({
  soak: {
    startMoisture: 0.1,
    fullMoisture: estimate(0.9, 1.1, 1.3),
    t90At20Min: estimate(180, 300, 480),
    activationKJ: estimate(25, 38, 50),
    breakC: 55,
    activationAboveKJ: 12,
    leach: PULSE_LEACH,
  },
  cook: { softMin, from: "dry", cookedMoisture: estimate(2.1, 2.29, 2.5), leach: PULSE_LEACH, foams: true },
  keepsMoisture: 1.9,
});
/** Beans and chickpeas: soft from soaked; from dry the soaking comes on top (card 12). */
const bean = (
  softMin: Estimate,
  cookedMoisture: Estimate,
  t90At20Min: Estimate,
  activationKJ = estimate(25, 38, 50),
): ProcessFigures => ({
  soak: {
    startMoisture: 0.11,
    fullMoisture: estimate(1.05, 1.2, 1.35),
    t90At20Min,
    activationKJ,
    breakC: 55,
    activationAboveKJ: 12,
    leach: PULSE_LEACH,
  },
  cook: { softMin, from: "soaked", cookedMoisture, leach: PULSE_LEACH, foams: true },
  keepsMoisture: 1.5,
});
/** Beans that have to boil hard before anything else, as the kidney bean does. */
const lectinBean = (...figures: Parameters<typeof bean>): ProcessFigures => ({ ...bean(...figures), raw: "raw-beans" });
/** Nuts and seeds: overnight they drink a third to a half of what they weigh (common practice). */
const nut = (fullMoisture: Estimate, t90At20Min: Estimate, keepsMoisture?: number): ProcessFigures => ({
  soak: {
    startMoisture: 0.05,
    fullMoisture,
    t90At20Min,
    activationKJ: estimate(20, 27, 35),
    leach: estimate(0.01, 0.03, 0.06),
  },
  ...(keepsMoisture === undefined ? {} : { keepsMoisture }),
});
/**
 * Starch swells with less help from heat than a pulse softens: brown rice 20–22 min under pressure, pasta a quarter longer at
 * 2,000 m (common practice; the figure is an engineering estimate from that).
 */
const CEREAL_Z_K = 69;
/** Grains and pasta drink to a moisture; what they give to the water is little (card 19). */
const grain = (softMin: Estimate, cookedMoisture: Estimate): ProcessFigures => ({
  cook: { softMin, from: "dry", cookedMoisture, leach: estimate(0.01, 0.03, 0.06), foams: true, zK: CEREAL_Z_K },
  keepsMoisture: 1.9,
});

/**
 * Process figures of foods. Form of the equations: see the models; the numbers are common practice or engineering
 * estimates (marked in `docs/models.md`), to be corrected by weighing.
 */
export const FIGURES: Readonly<Record<FoodId, ProcessFigures>> = {
  "soy-strips": {
    soak: {
      startMoisture: 0.08,
      fullMoisture: estimate(2.0, 2.4, 2.8),
      t90At20Min: estimate(15, 25, 40),
      activationKJ: estimate(12, 20, 30),
      leach: estimate(0.01, 0.03, 0.08),
    },
    press: {
      referenceMoisture: 2.4,
      thresholdKPa: 1,
      exponent: estimate(0.12, 0.17, 0.22),
      consolidationM2PerS: estimate(0.3e-6, 1e-6, 3e-6),
    },
    keepsMoisture: 1.6,
    layerMm: estimate(9, 12, 15),
    brownsAtMoisture: estimate(1.15, 1.3, 1.45),
    bakedLoss: estimate(0.26, 0.34, 0.42),
  },
  "soy-granules": {
    soak: {
      startMoisture: 0.08,
      fullMoisture: estimate(2.0, 2.3, 3.0),
      t90At20Min: estimate(8, 15, 25),
      activationKJ: estimate(12, 18, 30),
      leach: estimate(0.01, 0.03, 0.08),
    },
    press: {
      referenceMoisture: 2.3,
      thresholdKPa: 1,
      exponent: estimate(0.08, 0.12, 0.18),
      consolidationM2PerS: estimate(1e-6, 3e-6, 1e-5),
    },
    keepsMoisture: 1.6,
    layerMm: estimate(8, 10, 14),
    brownsAtMoisture: estimate(1.0, 1.2, 1.4),
    bakedLoss: estimate(0.26, 0.34, 0.42),
  },
  "tofu-firm": {
    press: {
      referenceMoisture: 4.9,
      thresholdKPa: 0.5,
      exponent: estimate(0.08, 0.12, 0.18),
      consolidationM2PerS: estimate(0.5e-7, 1.5e-7, 5e-7),
    },
    keepsMoisture: 2.5,
    layerMm: estimate(12, 15, 20),
    brownsAtMoisture: estimate(2.8, 3.3, 3.8),
    bakedLoss: estimate(0.2, 0.28, 0.38),
  },
  tempeh: {
    bakedLoss: estimate(0.15, 0.22, 0.3),
    raw: "raw-tempeh",
    layerMm: estimate(8, 10, 15),
    brownsAtMoisture: estimate(1.0, 1.2, 1.4),
    keepsMoisture: 1.4,
  },
  "red-lentils": {
    soak: {
      startMoisture: 0.1,
      fullMoisture: estimate(0.9, 1.1, 1.3),
      t90At20Min: estimate(45, 90, 150),
      activationKJ: estimate(20, 35, 45),
      breakC: 55,
      activationAboveKJ: 12,
      leach: PULSE_LEACH,
    },
    cook: {
      softMin: estimate(10, 13, 18),
      from: "dry",
      cookedMoisture: estimate(1.8, 2.0, 2.2),
      leach: PULSE_LEACH,
      foams: true,
    },
    keepsMoisture: 1.9,
  },
  cashews: nut(estimate(0.4, 0.5, 0.6), estimate(180, 300, 480)),
  walnuts: nut(estimate(0.25, 0.35, 0.45), estimate(240, 480, 720), 0.3),
  "chickpeas-cooked": { keepsMoisture: 1.4 },
  "black-beans-cooked": { keepsMoisture: 1.4 },
  "button-mushrooms": {
    ...juicy(12.2),
    bakedLoss: estimate(0.4, 0.5, 0.6),
    brownedLoss: estimate(0.55, 0.62, 0.7),
    layerMm: estimate(15, 20, 30),
    keepsMoisture: 3,
  },
  "oyster-mushrooms": {
    bakedLoss: estimate(0.4, 0.5, 0.6),
    brownedLoss: estimate(0.55, 0.62, 0.7),
    layerMm: estimate(15, 20, 30),
    keepsMoisture: 3,
  },
  onion: {
    ...juicy(8.2),
    bakedLoss: estimate(0.3, 0.4, 0.5),
    brownedLoss: estimate(0.2, 0.28, 0.35),
    layerMm: estimate(10, 15, 20),
    keepsMoisture: 6,
  },
  shallot: {
    bakedLoss: estimate(0.3, 0.4, 0.5),
    brownedLoss: estimate(0.2, 0.28, 0.35),
    layerMm: estimate(10, 15, 20),
    keepsMoisture: 3,
  },
  carrot: {
    ...juicy(7.5),
    bakedLoss: estimate(0.22, 0.3, 0.38),
    brownedLoss: estimate(0.1, 0.18, 0.28),
    layerMm: estimate(10, 15, 20),
    keepsMoisture: 6,
  },
  celeriac: {
    ...juicy(7.3),
    bakedLoss: estimate(0.22, 0.3, 0.38),
    brownedLoss: estimate(0.1, 0.18, 0.28),
    layerMm: estimate(10, 15, 20),
    keepsMoisture: 6,
  },
  garlic: { brownedLoss: estimate(0.1, 0.2, 0.3), keepsMoisture: 1 },
  "ground-flax": { binder: { holdsFrom: 3, holdsTo: 8, timeConstantMin: 5, strength: 1, eggG: 7 } },
  "ground-chia": { binder: { holdsFrom: 4, holdsTo: 10, timeConstantMin: 8, strength: 1.1, eggG: 12 } },
  husk: { binder: { holdsFrom: 2, holdsTo: 20, timeConstantMin: 5, strength: 4, eggG: 5 } },
  "oat-flour": { binder: { holdsFrom: 1, holdsTo: 2.4, timeConstantMin: 60, strength: 0.25 }, starch: "oat-flour" },
  "chickpea-flour": { binder: { holdsFrom: 0.7, holdsTo: 1.6, timeConstantMin: 12, strength: 0.3 } },
  "wheat-flour": {
    binder: { holdsFrom: 0.4, holdsTo: 0.9, timeConstantMin: 12, strength: 0.3 },
    starch: "wheat-flour",
  },
  breadcrumbs: {
    binder: { holdsFrom: 0.8, holdsTo: 2.5, timeConstantMin: 12, strength: 0.1 },
    drinksOil: estimate(0.5, 0.75, 1),
  },
  "tapioca-starch": {
    binder: {
      holdsFrom: 0.3,
      holdsTo: 0.8,
      timeConstantMin: 2,
      strength: 0.2,
      hot: { holdsFrom: 1, holdsTo: 8, strength: 0.7 },
    },
    starch: "tapioca-starch",
  },
  "corn-starch": {
    binder: {
      holdsFrom: 0.3,
      holdsTo: 0.8,
      timeConstantMin: 2,
      strength: 0.2,
      hot: { holdsFrom: 1, holdsTo: 8, strength: 0.6 },
    },
    starch: "corn-starch",
  },
  "potato-starch": {
    binder: {
      holdsFrom: 0.3,
      holdsTo: 0.8,
      timeConstantMin: 2,
      strength: 0.2,
      hot: { holdsFrom: 1, holdsTo: 8, strength: 0.6 },
    },
    starch: "potato-starch",
  },
  gluten: { binder: { holdsFrom: 1, holdsTo: 1.9, timeConstantMin: 0.7, strength: 1.2 } },
  "pea-strips": TEXTURED,
  "fava-mince": TEXTURED,
  "soy-chunks": {
    soak: {
      startMoisture: 0.08,
      fullMoisture: estimate(2.0, 2.4, 3.0),
      t90At20Min: estimate(20, 35, 60),
      activationKJ: estimate(12, 18, 30),
      leach: estimate(0.01, 0.03, 0.08),
    },
    press: {
      referenceMoisture: 2.4,
      thresholdKPa: 1,
      exponent: estimate(0.1, 0.15, 0.2),
      consolidationM2PerS: estimate(0.5e-6, 2e-6, 6e-6),
    },
    keepsMoisture: 1.6,
    layerMm: estimate(12, 15, 18),
    brownsAtMoisture: estimate(1.15, 1.3, 1.45),
    bakedLoss: estimate(0.24, 0.32, 0.4),
  },
  "tofu-extra-firm": {
    press: {
      referenceMoisture: 3.2,
      thresholdKPa: 1,
      exponent: estimate(0.05, 0.09, 0.14),
      consolidationM2PerS: estimate(0.5e-7, 1e-7, 4e-7),
    },
    keepsMoisture: 2.5,
    layerMm: estimate(12, 15, 20),
    brownsAtMoisture: estimate(2, 2.5, 3),
    bakedLoss: estimate(0.15, 0.22, 0.32),
  },
  "tofu-smoked": {
    press: {
      referenceMoisture: 1.63,
      thresholdKPa: 1,
      exponent: estimate(0.04, 0.07, 0.1),
      consolidationM2PerS: estimate(0.5e-7, 1e-7, 4e-7),
    },
    layerMm: estimate(12, 15, 20),
    brownsAtMoisture: estimate(1.2, 1.5, 1.8),
    keepsMoisture: 1.8,
  },
  seitan: {
    bakedLoss: estimate(0.15, 0.22, 0.3),
    layerMm: estimate(8, 12, 15),
    brownsAtMoisture: estimate(1.4, 1.7, 2),
    keepsMoisture: 1.6,
  },
  "jackfruit-young": { ...BRINED_FRUIT, brownedLoss: estimate(0.25, 0.35, 0.5), bakedLoss: estimate(0.25, 0.35, 0.5) },
  "banana-blossom": { ...BRINED_FRUIT, brownedLoss: estimate(0.2, 0.3, 0.4) },
  "banana-peel": { keepsMoisture: 7.5, brownedLoss: estimate(0.3, 0.4, 0.5), bakedLoss: estimate(0.5, 0.57, 0.65) },
  "green-lentils": lentil(estimate(20, 25, 35)),
  "brown-lentils": lentil(estimate(20, 28, 40)),
  "black-lentils": lentil(estimate(20, 25, 30)),
  // No such bean as the kidney bean: falafel are soaked raw, ground and fried (common practice). Ground raw they hold themselves.
  "chickpeas-dry": {
    ...bean(estimate(45, 60, 100), estimate(1.35, 1.51, 1.65), estimate(420, 600, 840), estimate(30, 40, 50)),
    keepsMoisture: 0.9,
    binder: { holdsFrom: 0.75, holdsTo: 1.45, timeConstantMin: 0.2, strength: 0.1, base: true },
  },
  "kidney-beans-dry": lectinBean(estimate(45, 55, 90), estimate(1.8, 2.02, 2.2), estimate(360, 540, 780)),
  "white-beans-dry": lectinBean(estimate(40, 50, 80), estimate(1.55, 1.71, 1.9), estimate(360, 540, 780)),
  "black-beans-dry": lectinBean(estimate(40, 55, 85), estimate(1.7, 1.92, 2.1), estimate(360, 540, 780)),
  "pinto-beans-dry": lectinBean(estimate(40, 55, 85), estimate(1.5, 1.7, 1.9), estimate(360, 540, 780)),
  "split-peas": {
    ...lentil(estimate(30, 40, 60)),
    cook: {
      softMin: estimate(30, 40, 60),
      from: "dry",
      cookedMoisture: estimate(1.9, 2.25, 2.5),
      leach: PULSE_LEACH,
      foams: true,
    },
  },
  "mung-beans": lentil(estimate(25, 35, 50)),
  "black-eyed-peas": bean(estimate(30, 40, 60), estimate(1.9, 2.2, 2.4), estimate(240, 360, 540)),
  "soybeans-dry": lectinBean(estimate(70, 100, 160), estimate(1.5, 1.68, 1.85), estimate(360, 540, 780)),
  "borlotti-dry": lectinBean(estimate(40, 55, 85), estimate(1.6, 1.83, 2), estimate(360, 540, 780)),
  "butter-beans-dry": lectinBean(estimate(40, 60, 90), estimate(2, 2.27, 2.5), estimate(360, 540, 780)),
  "adzuki-dry": lectinBean(estimate(40, 50, 75), estimate(1.6, 1.96, 2.1), estimate(360, 540, 780)),
  "broad-beans-dry": bean(estimate(40, 60, 90), estimate(2, 2.5, 2.8), estimate(360, 600, 900)),
  "adzuki-tinned": { keepsMoisture: TINNED_KEEPS },
  "baked-beans": { keepsMoisture: TINNED_KEEPS },
  "broad-beans": { keepsMoisture: 2.4 },
  pistachios: nut(estimate(0.3, 0.4, 0.5), estimate(240, 480, 720), 0.2),
  "brazil-nuts": nut(estimate(0.2, 0.3, 0.4), estimate(360, 600, 900), 0.2),
  macadamias: nut(estimate(0.15, 0.2, 0.3), estimate(360, 600, 900), 0.2),
  "wheat-noodles": grain(estimate(3, 5, 9), estimate(1.3, 1.6, 1.9)),
  turnip: { ...juicy(11), bakedLoss: estimate(0.22, 0.3, 0.38) },
  "brussels-sprouts": { bakedLoss: estimate(0.2, 0.28, 0.36), keepsMoisture: 5 },
  asparagus: { bakedLoss: estimate(0.15, 0.22, 0.3), keepsMoisture: 11 },
  "pak-choi": { ...juicy(20), brownedLoss: estimate(0.2, 0.3, 0.4) },
  "borlotti-tinned": { keepsMoisture: TINNED_KEEPS },
  "butter-beans-tinned": { keepsMoisture: TINNED_KEEPS },
  "lentils-cooked": { keepsMoisture: 1.9 },
  "lentils-tinned": { keepsMoisture: 1.9 },
  "chickpeas-tinned": { keepsMoisture: TINNED_KEEPS, bakedLoss: estimate(0.2, 0.3, 0.4) },
  "kidney-beans-cooked": { keepsMoisture: 1.5 },
  "kidney-beans-tinned": { keepsMoisture: TINNED_KEEPS },
  "white-beans-cooked": { keepsMoisture: 1.5 },
  "white-beans-tinned": { keepsMoisture: TINNED_KEEPS },
  "black-beans-tinned": { keepsMoisture: TINNED_KEEPS },
  "pinto-beans-cooked": { keepsMoisture: 1.5 },
  "pinto-beans-tinned": { keepsMoisture: TINNED_KEEPS },
  portobello: {
    ...juicy(12),
    brownedLoss: estimate(0.4, 0.5, 0.6),
    bakedLoss: estimate(0.3, 0.38, 0.45),
    keepsMoisture: 3,
  },
  "king-oyster": {
    bakedLoss: estimate(0.35, 0.42, 0.5),
    brownedLoss: estimate(0.35, 0.42, 0.5),
    layerMm: estimate(8, 12, 20),
    keepsMoisture: 3,
  },
  morels: {
    raw: "raw-mushrooms",
    brownedLoss: estimate(0.4, 0.5, 0.6),
    layerMm: estimate(12, 18, 25),
    keepsMoisture: 3,
  },
  "morels-dried": { raw: "raw-mushrooms", keepsMoisture: 3 },
  "wild-mushrooms": {
    raw: "raw-mushrooms",
    brownedLoss: estimate(0.4, 0.5, 0.6),
    layerMm: estimate(12, 18, 25),
    keepsMoisture: 3,
  },
  cassava: { raw: "raw-cyanide" },
  "bamboo-shoots-raw": { raw: "raw-cyanide" },
  enoki: {
    raw: "raw-mushrooms",
    brownedLoss: estimate(0.45, 0.55, 0.65),
    layerMm: estimate(8, 12, 20),
    keepsMoisture: 3,
  },
  shiitake: {
    raw: "raw-mushrooms",
    bakedLoss: estimate(0.35, 0.42, 0.5),
    brownedLoss: estimate(0.4, 0.5, 0.6),
    layerMm: estimate(12, 18, 25),
    keepsMoisture: 3,
  },
  "shiitake-dried": {
    raw: "raw-mushrooms",
    soak: {
      startMoisture: 0.1,
      fullMoisture: estimate(4, 4.8, 6),
      t90At20Min: estimate(120, 180, 480),
      activationKJ: estimate(20, 25, 35),
      leach: estimate(0.05, 0.1, 0.18),
    },
    press: {
      referenceMoisture: 4.8,
      thresholdKPa: 1,
      exponent: estimate(0.08, 0.13, 0.2),
      consolidationM2PerS: estimate(0.3e-6, 1e-6, 3e-6),
    },
    keepsMoisture: 3,
    brownedLoss: estimate(0.3, 0.4, 0.5),
  },
  aubergine: {
    ...juicy(12),
    brownedLoss: estimate(0.3, 0.38, 0.45),
    bakedLoss: estimate(0.35, 0.4, 0.45),
    // 10–15 % of its weight in a pan (common practice).
    drinksOil: estimate(1.3, 1.65, 2),
    keepsMoisture: 5.5,
  },
  butternut: {
    ...juicy(6.4),
    brownedLoss: estimate(0.1, 0.18, 0.28),
    bakedLoss: estimate(0.15, 0.22, 0.3),
    keepsMoisture: 5,
  },
  "squash-whole": { bakedLoss: estimate(0.1, 0.15, 0.2), skin: true, wallMm: 35 },
  "baking-potato": { bakedLoss: estimate(0.09, 0.115, 0.14), skin: true },
  peas: { keepsMoisture: 2.9 },
  edamame: { keepsMoisture: 2 },
  sweetcorn: { keepsMoisture: 2.4 },
  broccoli: { keepsMoisture: 6, bakedLoss: estimate(0.25, 0.35, 0.45) },
  courgette: {
    ...juicy(18),
    keepsMoisture: 8,
    brownedLoss: estimate(0.2, 0.3, 0.4),
    bakedLoss: estimate(0.3, 0.38, 0.45),
  },
  "red-pepper": { keepsMoisture: 8, brownedLoss: estimate(0.15, 0.22, 0.3), bakedLoss: estimate(0.25, 0.33, 0.4) },
  apple: { keepsMoisture: 5, brownedLoss: estimate(0.12, 0.2, 0.3) },
  // Grated and squeezed to 3.7 g/g or less it holds with its own starch, and so does a stiff mash (common practice).
  potato: {
    binder: { holdsFrom: 1.4, holdsTo: 3.4, timeConstantMin: 0.2, strength: 0.1, base: true },
    ...juicy(3.8),
    bakedLoss: estimate(0.2, 0.28, 0.36),
    brownedLoss: estimate(0.15, 0.25, 0.35),
  },
  "sweet-potato": {
    binder: { holdsFrom: 1.4, holdsTo: 2.8, timeConstantMin: 0.2, strength: 0.08, base: true },
    ...juicy(3.4),
    bakedLoss: estimate(0.2, 0.28, 0.36),
  },
  cauliflower: { ...juicy(11.6), bakedLoss: estimate(0.25, 0.33, 0.42), brownedLoss: estimate(0.15, 0.25, 0.35) },
  "red-onion": {
    ...juicy(8.2),
    bakedLoss: estimate(0.3, 0.4, 0.5),
    brownedLoss: estimate(0.2, 0.28, 0.35),
    layerMm: estimate(10, 15, 20),
    keepsMoisture: 6,
  },
  parsnip: { ...juicy(3.9), bakedLoss: estimate(0.22, 0.3, 0.38) },
  beetroot: { ...juicy(7), bakedLoss: estimate(0.2, 0.28, 0.36) },
  cucumber: juicy(20),
  chard: juicy(12.7, estimate(0.12, 0.2, 0.28)),
  kale: juicy(8.5, estimate(0.1, 0.17, 0.25)),
  "white-cabbage": juicy(11.8),
  leek: { bakedLoss: estimate(0.3, 0.38, 0.46), brownedLoss: estimate(0.2, 0.3, 0.4), keepsMoisture: 5 },
  celery: { brownedLoss: estimate(0.12, 0.2, 0.3), keepsMoisture: 10 },
  spinach: { ...juicy(10.6, estimate(0.12, 0.2, 0.28)), brownedLoss: estimate(0.3, 0.4, 0.5), keepsMoisture: 8 },
  peanuts: nut(estimate(0.4, 0.5, 0.6), estimate(300, 480, 720), 0.2),
  "pine-nuts": nut(estimate(0.2, 0.3, 0.4), estimate(120, 240, 400)),
  "lions-mane": {
    brownedLoss: estimate(0.45, 0.55, 0.65),
    bakedLoss: estimate(0.4, 0.5, 0.6),
    layerMm: estimate(10, 15, 20),
    keepsMoisture: 3,
  },
  "porcini-dried": {
    soak: {
      startMoisture: 0.1,
      fullMoisture: estimate(3, 4, 5),
      t90At20Min: estimate(40, 90, 180),
      activationKJ: estimate(20, 25, 35),
      leach: estimate(0.05, 0.1, 0.18),
    },
    keepsMoisture: 3,
    brownedLoss: estimate(0.3, 0.4, 0.5),
  },
  couscous: {
    ...grain(estimate(4, 5, 7), estimate(1.4, 1.7, 2)),
    soak: steeped(estimate(1.3, 1.6, 1.9), estimate(15, 30, 60)),
  },
  "rice-noodles": {
    ...grain(estimate(4, 6, 9), estimate(1.6, 2, 2.4)),
    soak: steeped(estimate(1.5, 1.9, 2.3), estimate(25, 40, 70)),
  },
  "rice-paper": { soak: steeped(estimate(0.9, 1.2, 1.6), estimate(0.5, 1, 2)) },
  "koya-tofu": { soak: steeped(estimate(4, 4.8, 5.6), estimate(6, 12, 25)), keepsMoisture: 3 },
  yuba: { soak: steeped(estimate(1.2, 1.6, 2.1), estimate(60, 90, 150)), keepsMoisture: 1.5 },
  // Thin and dry through in minutes (common practice: a quarter to a third lighter once crisp).
  "tortilla-corn": { bakedLoss: estimate(0.5, 0.6, 0.7), flatMm: 150 },
  flatbread: { bakedLoss: estimate(0.35, 0.45, 0.55), flatMm: 180 },
  bread: { bakedLoss: estimate(0.25, 0.33, 0.4), drinksOil: estimate(0.25, 0.4, 0.6) },
  almonds: nut(estimate(0.4, 0.5, 0.6), estimate(360, 600, 900), 0.2),
  pecans: nut(estimate(0.25, 0.35, 0.45), estimate(240, 480, 720), 0.2),
  hazelnuts: nut(estimate(0.25, 0.35, 0.45), estimate(360, 600, 900), 0.2),
  "pumpkin-seeds": nut(estimate(0.3, 0.4, 0.55), estimate(240, 420, 600), 0.3),
  "sunflower-seeds": nut(estimate(0.4, 0.5, 0.65), estimate(120, 240, 400), 0.3),
  oats: { binder: { holdsFrom: 0.8, holdsTo: 2, timeConstantMin: 30, strength: 0.2 } },
  panko: {
    binder: { holdsFrom: 1, holdsTo: 3.5, timeConstantMin: 8, strength: 0.08 },
    drinksOil: estimate(0.7, 1, 1.3),
  },
  "gf-crumbs": {
    binder: { holdsFrom: 0.8, holdsTo: 2.5, timeConstantMin: 12, strength: 0.1 },
    drinksOil: estimate(0.5, 0.75, 1),
  },
  "husk-powder": { binder: { holdsFrom: 2, holdsTo: 20, timeConstantMin: 5, strength: 4, eggG: 5 } },
  "quinoa-flour": { binder: { holdsFrom: 0.7, holdsTo: 1.7, timeConstantMin: 12, strength: 0.2 } },
  "buckwheat-flour": { binder: { holdsFrom: 0.7, holdsTo: 1.6, timeConstantMin: 12, strength: 0.25 } },
  "rice-flour": {
    binder: { holdsFrom: 0.6, holdsTo: 1.2, timeConstantMin: 15, strength: 0.15 },
    starch: "rice-flour",
  },
  arrowroot: {
    binder: {
      holdsFrom: 0.3,
      holdsTo: 0.8,
      timeConstantMin: 2,
      strength: 0.2,
      hot: { holdsFrom: 1, holdsTo: 8, strength: 0.7 },
    },
    starch: "arrowroot",
  },
  // Cooked rice is 68 % water, brown 70 (USDA, from memory): 2.1 and 2.3 g/g, a yield of 2.7 to 3. Under pressure with as
  // much water as rice by volume it stays at 1.6, firmer and still cooked (common practice).
  "rice-white": grain(estimate(10, 12, 15), estimate(1.6, 2.1, 2.4)),
  "rice-brown": grain(estimate(28, 36, 45), estimate(1.7, 2.2, 2.5)),
  "pearl-barley": grain(estimate(28, 35, 45), estimate(1.9, 2.2, 2.5)),
  bulgur: {
    ...grain(estimate(8, 12, 15), estimate(1.6, 1.9, 2.2)),
    soak: steeped(estimate(1.6, 2, 2.4), estimate(70, 110, 180)),
  },
  quinoa: grain(estimate(12, 14, 18), estimate(2.0, 2.3, 2.6)),
  pasta: grain(estimate(7, 9, 12), estimate(1.22, 1.39, 1.55)),
  "pasta-gf": grain(estimate(7, 9, 12), estimate(1.22, 1.39, 1.55)),
};
