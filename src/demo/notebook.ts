import type { Entry, EntryRow } from "@/core/notebook/entry";
import type { StepKind } from "@/core/process/registry";

type Row = readonly [
  key: string,
  part: string,
  step: StepKind,
  plannedMin: number,
  actualMin: number | null,
  plannedG: number,
  weighedG: number | null,
];
interface Past {
  readonly dish: string;
  readonly name: string;
  readonly daysAgo: number;
  readonly saltG: number;
  readonly bite: number | null;
  readonly note: string;
  readonly rows: readonly Row[];
}
const past = (
  dish: string,
  name: string,
  daysAgo: number,
  saltG: number,
  bite: number | null,
  note: string,
  rows: readonly Row[],
): Past => ({ dish, name, daysAgo, saltG, bite, note, rows });

/** What Lantern Yard cooked in the two months before: invented, some minutes and weights never noted, as it goes. */
const PAST: readonly Past[] = [
  past(
    "caraway-patties",
    "Caraway patties with brown-glazed carrots",
    8,
    2.4,
    7,
    "Rest them the whole 45 minutes: the first two broke.",
    [
      ["caraway-patties.patties-soak", "Patties", "soak", 2, 2.2, 431, null],
      ["caraway-patties.patties-bind", "Patties", "bind", 4, 4.5, 621, null],
      ["caraway-patties.patties-shape", "Patties", "shape", 8, 10.5, 602, null],
      ["caraway-patties.patties-fry", "Patties", "fry", 17.8, null, 562, null],
      ["caraway-patties.carrots-cut", "Carrots", "cut", 12.7, 12.1, 700, null],
      ["caraway-patties.carrots-season", "Carrots", "season", 2, 2.7, 535, null],
    ],
  ),
  past(
    "tempeh-rashers",
    "Tempeh rashers, barley and sour apple",
    15,
    2.7,
    8,
    "Glaze off the heat. Barley was done five minutes early.",
    [
      ["tempeh-rashers.rashers-slice", "Rashers", "slice", 4.6, null, 371, null],
      ["tempeh-rashers.rashers-steam", "Rashers", "steam", 2, 1.7, 377, null],
      ["tempeh-rashers.rashers-marinate", "Rashers", "marinate", 3, null, 401, null],
      ["tempeh-rashers.rashers-pat", "Rashers", "pat", 2.1, 2.6, 416, null],
      ["tempeh-rashers.rashers-fry", "Rashers", "fry", 8.5, 7.5, 388, null],
      ["tempeh-rashers.rashers-glaze", "Rashers", "glaze", 5.8, 6.4, 414, null],
      ["tempeh-rashers.barley-sort", "Barley", "sort", 2.4, 3.1, 274, null],
      ["tempeh-rashers.barley-cook", "Barley", "cook", 2, null, 768, null],
      ["tempeh-rashers.barley-season", "Barley", "season", 2, 1.8, 843, null],
      ["tempeh-rashers.apple-cut", "Sour apple", "cut", 13.8, null, 513, null],
      ["tempeh-rashers.apple-sweat", "Sour apple", "sweat", 8, 9.8, 457, null],
      ["tempeh-rashers.apple-season", "Sour apple", "season", 2, 2.5, 491, null],
    ],
  ),
  past("stuffed-aubergines", "Aubergine boats with black lentils", 23, 2, 7, "One more lemon in the yoghurt.", [
    ["stuffed-aubergines.filling-sort", "Filling", "sort", 2, 2.4, 199, null],
    ["stuffed-aubergines.filling-cook", "Filling", "cook", 2, null, 565, null],
    ["stuffed-aubergines.filling-season", "Filling", "season", 2, 1.9, 706, null],
    ["stuffed-aubergines.boats-cut", "Boats", "cut", 6, 6.2, 1125, null],
    ["stuffed-aubergines.boats-bake", "Boats", "bake", 2, 2.5, 715, null],
    ["stuffed-aubergines.boats-stuff", "Boats", "stuff", 7.4, 9.5, 1420, null],
    ["stuffed-aubergines.boats-top", "Boats", "top", 2.5, 2.4, 1458, null],
    ["stuffed-aubergines.boats-finish", "Boats", "bake", 2, 2.3, 1354, null],
    ["stuffed-aubergines.yoghurt-weigh", "Mint yoghurt", "weigh", 2.5, 2.5, 333, null],
    ["stuffed-aubergines.yoghurt-season", "Mint yoghurt", "season", 2, 2.3, 335, null],
  ]),
  past(
    "pea-balls",
    "Pea and walnut balls in paprika broth",
    36,
    3.3,
    6,
    "Wrung the peas too little: sticky hands, two spoons of flour more.",
    [
      ["pea-balls.balls-blanch", "Balls", "blanch", 6, 7.3, 541, null],
      ["pea-balls.balls-pat", "Balls", "pat", 2.4, 2.7, 532, null],
      ["pea-balls.balls-pulse", "Balls", "pulse", 3.5, 3.1, 660, null],
      ["pea-balls.balls-bind", "Balls", "bind", 4, 4.3, 972, null],
      ["pea-balls.balls-shape", "Balls", "shape", 19.4, 20.9, 943, null],
      ["pea-balls.balls-bake", "Balls", "bake", 2, null, 885, null],
      ["pea-balls.broth-cut", "Paprika broth", "cut", 11.9, 11.4, 438, null],
      ["pea-balls.broth-season", "Paprika broth", "season", 2, 2.6, 1825, null],
    ],
  ),
  past(
    "ragged-stew",
    "Ragged king-oyster stew, brown rice",
    44,
    2.8,
    9,
    "Brown it in two loads, all of it at once only stews.",
    [
      ["ragged-stew.stew-bloom", "Stew", "toast", 3, 3.5, 36, null],
      ["ragged-stew.stew-season", "Stew", "season", 2, 1.9, 1374, null],
      ["ragged-stew.shreds-shred", "Shreds", "cut", 16.6, 17.4, 937, null],
      ["ragged-stew.rice-weigh", "Brown rice", "weigh", 2, 2.4, 400, null],
      ["ragged-stew.rice-rinse", "Brown rice", "rinse", 3, 2.8, 400, null],
      ["ragged-stew.rice-cook", "Brown rice", "cook", 2, 1.7, 925, null],
      ["ragged-stew.rice-serve", "Brown rice", "serve", 3, 3.7, 945, null],
    ],
  ),
  past("crumbed-slices", "Crumbed tofu slices, sauerkraut and potatoes", 58, 2.4, null, "", [
    ["crumbed-slices.slices-slice", "Slices", "slice", 2.2, 2.3, 495, null],
    ["crumbed-slices.slices-press", "Slices", "press", 2, 2, 484, 476],
    ["crumbed-slices.slices-marinate", "Slices", "marinate", 3, 3, 501, null],
    ["crumbed-slices.slices-crumb", "Slices", "coat", 8.4, 7.4, 641, null],
    ["crumbed-slices.slices-airfry", "Slices", "air-fry", 2, 2.4, 527, null],
    ["crumbed-slices.kraut-weigh", "Kraut", "weigh", 2, 1.9, 650, null],
    ["crumbed-slices.potatoes-bake", "Baked potatoes", "bake", 2, 2, 954, null],
  ]),
];

const DAY_MS = 24 * 3_600_000;
const rowOf = ([key, part, step, plannedMin, actualMin, plannedG, weighedG]: Row): EntryRow => ({
  key,
  part,
  step,
  plannedMin,
  actualMin,
  plannedG,
  weighedG,
});

/**
 * The notebook of the demo household, relative to today.
 *
 * @param serveAt instant of the coming supper, ISO 8601 UTC: the past ones were eaten at the same hour
 */
export const demoEntries = (serveAt: string): Entry[] =>
  PAST.map(({ dish, name, daysAgo, saltG, bite, note, rows }): Entry => {
    const served = Date.parse(serveAt) - daysAgo * DAY_MS;
    const hands = rows.reduce((m, r) => m + (r[4] ?? r[3]), 0);
    return {
      id: `past-${dish}`,
      supper: `past-${dish}`,
      cooking: null,
      name,
      eaters: 5,
      startedAt: new Date(served - (hands + 20) * 60_000).toISOString(),
      finishedAt: new Date(served + 4 * 60_000).toISOString(),
      servedForAt: new Date(served).toISOString(),
      ended: "finished",
      rows: rows.map(rowOf),
      saltPerEaterG: saltG,
      bite,
      route: null,
      person: null,
      ratings: {},
      note,
    };
  });
