import { type Estimate, estimate } from "../quantities/range";
import type { FoodId } from "./food";

/**
 * What one of it weighs, as it is used: peeled, cored and trimmed where a cook does that. One line a food and measure:
 *
 *   food | measure | low likely high, g | source
 *
 * `piece` is one as it grows or is sold, of middle size; `small` and `large` stand where somebody has weighed those too; `each` is
 * a piece that is long or loose, so that its grams do not tell how thick it is. A spoon or cup stands where makes differ much.
 * Sources: `SR` household weights of USDA SR Legacy, from memory; `CP` common practice of cooks and shops.
 */
const ROWS = `
pasta | nest | 40 50 70 | CP
rice-noodles | nest | 45 60 75 | CP
wheat-noodles | nest | 45 60 75 | CP
mangetout | piece | 2.5 3.4 5 | SR
mangetout | handful | 25 40 60 | CP
radish | piece | 4 6 9 | SR
radish | bunch | 90 120 180 | CP
kohlrabi | piece | 150 250 400 | CP
okra | piece | 8 11 15 | SR
plantain | piece | 150 180 230 | SR
watercress | bunch | 70 85 100 | CP
spring-greens | head | 150 200 300 | CP
artichoke-hearts | piece | 15 25 35 | CP
red-pepper-jar | piece | 40 60 90 | CP
pear | piece | 140 178 230 | SR
orange | piece | 100 131 185 | SR
mango | piece | 200 250 340 | CP
banana | piece | 95 118 136 | SR
apricots-dried | piece | 5 7 9 | SR
prunes | piece | 7 9.5 12 | SR
saffron | pinch | 0.05 0.1 0.2 | CP
juniper | piece | 0.2 0.3 0.4 | CP
curry-leaves | piece | 0.1 0.15 0.25 | CP
curry-leaves | leaf | 0.1 0.15 0.25 | CP
curry-leaves | sprig | 1 2 3 | CP
lemongrass | piece | 8 12 20 | CP
lemongrass | stalk | 8 12 20 | CP
lemongrass | stick | 8 12 20 | CP
galangal | thumb | 10 15 25 | CP
yeast-dried | bag | 7 7 8 | CP
chocolate-dark | piece | 5 7 10 | CP
soy-chunks | piece | 2 3 5 | CP
plant-burgers | piece | 90 113 130 | CP
plant-sausages | piece | 40 50 70 | CP
tofu-puffs | piece | 8 12 18 | CP
tofu-firm | slice | 30 40 60 | CP
tofu-smoked | slice | 25 30 45 | CP
tempeh | slice | 12 18 25 | CP
seitan | slice | 15 20 30 | CP
koya-tofu | piece | 15 17 20 | SR
yuba | sheet | 10 15 30 | CP
yuba | stick | 10 15 20 | CP
banana-blossom | piece | 45 60 90 | CP
banana-peel | piece | 35 45 60 | CP
button-mushrooms | piece | 12 18 25 | SR
button-mushrooms | small | 7 10 13 | SR
button-mushrooms | large | 20 23 35 | SR
portobello | piece | 65 84 110 | SR
oyster-mushrooms | piece | 10 15 25 | SR
oyster-mushrooms | large | 100 148 180 | SR
king-oyster | piece | 50 80 130 | CP
enoki | bunch | 80 100 150 | CP
shiitake | piece | 12 19 25 | SR
shiitake-dried | piece | 2.5 3.6 6 | SR
porcini-dried | piece | 0.5 1 2 | CP
morels | piece | 8 13 20 | SR
lions-mane | piece | 80 120 300 | CP
aubergine | piece | 250 400 550 | SR
aubergine | small | 150 220 280 | CP
butternut | piece | 700 900 1200 | CP
squash-whole | piece | 800 1200 1800 | CP
courgette | piece | 150 196 250 | SR
courgette | small | 90 118 140 | SR
courgette | large | 260 323 400 | SR
potato | piece | 150 213 250 | SR
potato | small | 100 150 170 | SR
potato | large | 280 369 400 | SR
baking-potato | piece | 220 280 330 | CP
potato-nuggets | piece | 7 9 11 | CP
sweet-potato | piece | 110 130 250 | SR
sweet-potato | large | 180 250 400 | CP
cauliflower | piece | 450 575 800 | SR
cauliflower | head | 450 575 800 | SR
cauliflower | small | 220 265 350 | SR
cauliflower | large | 700 840 1000 | SR
cauliflower | floret | 10 13 20 | SR
broccoli | piece | 280 350 450 | CP
broccoli | head | 280 350 450 | CP
broccoli | floret | 8 11 20 | SR
onion | piece | 90 110 160 | SR
onion | small | 50 70 90 | SR
onion | large | 140 150 250 | SR
red-onion | piece | 90 110 160 | SR
red-onion | small | 50 70 90 | SR
red-onion | large | 140 150 250 | SR
shallot | piece | 15 25 40 | CP
shallot | large | 35 45 60 | CP
spring-onion | piece | 10 15 25 | SR
spring-onion | bunch | 70 90 130 | CP
leek | piece | 120 180 250 | CP
leek | large | 220 280 350 | CP
garlic | clove | 2.5 3 6 | SR
garlic | piece | 2.5 3 6 | SR
garlic | large | 5 6 8 | CP
garlic | head | 30 40 60 | CP
garlic | bulb | 30 40 60 | CP
ginger | piece | 8 15 30 | CP
ginger | thumb | 10 15 25 | CP
ginger | knob | 8 15 25 | CP
ginger | slice | 2 2.2 4 | SR
carrot | piece | 50 61 100 | SR
carrot | small | 40 50 60 | SR
carrot | large | 72 90 150 | SR
celery | piece | 35 40 60 | SR
celery | stick | 35 40 60 | SR
celery | rib | 35 40 60 | SR
celery | large | 55 64 80 | SR
celery | head | 400 500 650 | CP
celery | bunch | 400 500 650 | CP
celeriac | piece | 450 600 900 | CP
parsnip | piece | 90 130 180 | CP
beetroot | piece | 65 82 130 | SR
beetroot | bunch | 300 400 500 | CP
turnip | piece | 90 122 180 | SR
swede | piece | 350 500 750 | CP
fennel | piece | 180 234 300 | SR
white-cabbage | piece | 700 900 1300 | SR
white-cabbage | head | 700 900 1300 | SR
white-cabbage | leaf | 18 23 35 | SR
red-cabbage | piece | 650 840 1200 | SR
red-cabbage | head | 650 840 1200 | SR
kale | bunch | 150 200 280 | CP
kale | handful | 20 30 45 | CP
kale | leaf | 10 15 25 | CP
spinach | bunch | 250 340 380 | SR
spinach | handful | 20 30 45 | CP
chard | bunch | 200 300 400 | CP
chard | leaf | 35 48 60 | SR
asparagus | each | 12 16 22 | SR
asparagus | spear | 12 16 22 | SR
asparagus | bunch | 200 250 450 | CP
brussels-sprouts | piece | 15 19 25 | SR
pak-choi | each | 80 150 250 | CP
pak-choi | head | 80 150 250 | CP
lettuce | piece | 250 350 540 | CP
lettuce | head | 250 350 540 | CP
lettuce | leaf | 5 8 15 | SR
lettuce | handful | 15 20 30 | CP
little-gem | piece | 80 100 150 | CP
little-gem | head | 80 100 150 | CP
little-gem | leaf | 5 8 12 | CP
rocket | handful | 15 20 30 | CP
avocado | piece | 110 140 200 | SR
bean-sprouts | handful | 25 40 60 | CP
green-beans | handful | 40 60 90 | CP
red-pepper | piece | 105 119 170 | SR
red-pepper | small | 65 74 90 | SR
red-pepper | large | 150 164 200 | SR
tomato | piece | 85 123 150 | SR
tomato | small | 75 91 100 | SR
tomato | large | 160 182 230 | SR
tomato | slice | 15 20 27 | SR
tomatoes-dried | piece | 1.5 2 8 | SR
cucumber | piece | 250 301 400 | SR
hearts-of-palm | piece | 25 33 45 | SR
sweetcorn | piece | 75 90 150 | SR
sweetcorn | ear | 75 90 150 | SR
chestnuts | piece | 6 8 11 | SR
chilli | piece | 10 15 25 | CP
chilli | small | 3 6 10 | CP
chilli | large | 18 25 45 | SR
jalapeno | piece | 10 14 20 | SR
birds-eye-chilli | piece | 1 2 4 | CP
scotch-bonnet | piece | 6 10 15 | CP
chilli-dried | piece | 5 9 17 | CP
chilli-dried-hot | piece | 0.4 0.8 2 | CP
apple | piece | 140 182 220 | SR
lemon | piece | 80 100 130 | CP
lemon | wedge | 10 14 20 | CP
lemon | slice | 6 8 10 | CP
lime | piece | 55 67 80 | SR
lime | wedge | 7 9 12 | CP
lemon-juice | piece | 35 45 60 | SR
lime-juice | piece | 20 30 40 | SR
lemon-zest | piece | 3 5 7 | CP
lemon-zest | strip | 0.7 1 2 | CP
dates | piece | 7 8 24 | SR
raisins | handful | 25 40 50 | CP
parsley | sprig | 0.7 1 2 | SR
parsley | handful | 8 15 25 | CP
parsley | bunch | 25 40 80 | CP
thyme | sprig | 0.4 0.8 1.2 | CP
thyme | bunch | 12 20 30 | CP
dill | sprig | 0.2 0.4 1 | SR
dill | handful | 6 10 15 | CP
dill | bunch | 20 25 40 | CP
sage | leaf | 0.3 0.5 0.8 | CP
sage | sprig | 1 2 3 | CP
sage | bunch | 15 20 30 | CP
rosemary | sprig | 1 2 4 | CP
coriander-leaf | sprig | 0.5 1 2 | SR
coriander-leaf | handful | 6 10 20 | CP
coriander-leaf | bunch | 25 40 90 | CP
basil | leaf | 0.3 0.5 0.8 | SR
basil | sprig | 1.5 2.5 4 | CP
basil | handful | 6 10 20 | CP
basil | bunch | 25 30 60 | CP
mint | leaf | 0.05 0.1 0.3 | SR
mint | sprig | 1 2 3 | CP
mint | handful | 6 10 20 | CP
mint | bunch | 25 30 60 | CP
chives | bunch | 15 20 30 | CP
chives | handful | 6 10 15 | CP
tarragon | sprig | 0.7 1.2 2 | CP
tarragon | bunch | 15 20 30 | CP
bay | leaf | 0.1 0.2 0.4 | SR
bay | piece | 0.1 0.2 0.4 | SR
cloves | piece | 0.07 0.1 0.12 | CP
cardamom | piece | 0.15 0.25 0.4 | CP
star-anise | piece | 0.8 1.3 2 | CP
cinnamon | stick | 2 3 6 | CP
cinnamon | piece | 2 3 6 | CP
allspice | piece | 0.06 0.1 0.15 | CP
nutmeg | piece | 4 5 7 | CP
black-pepper | pinch | 0.1 0.2 0.3 | CP
white-pepper | pinch | 0.1 0.2 0.3 | CP
nutmeg | pinch | 0.1 0.2 0.3 | CP
chilli-flakes | pinch | 0.1 0.2 0.3 | CP
chilli-powder | pinch | 0.1 0.2 0.4 | CP
cayenne | pinch | 0.1 0.2 0.3 | CP
salt | pinch | 0.2 0.4 0.6 | CP
salt-coarse | pinch | 0.2 0.4 0.8 | CP
salt-coarse | tsp | 2.8 4 5.6 | CP
salt-coarse | tbsp | 8.5 12 17 | CP
salt-coarse | cup | 135 190 260 | CP
salt-flaky | pinch | 0.2 0.3 0.6 | CP
salt-flaky | tsp | 1.6 3 4.2 | CP
salt-flaky | tbsp | 5 9 12.5 | CP
potato-starch | cup | 160 170 190 | CP
potato-starch | tbsp | 9 10.5 12 | CP
black-salt | pinch | 0.2 0.3 0.5 | CP
stock-powder | cube | 9 10 12 | CP
stock-powder | piece | 9 10 12 | CP
olives | piece | 3 4 6 | SR
gherkins | piece | 20 30 65 | SR
capers | handful | 15 25 35 | CP
kimchi | handful | 40 60 90 | CP
seaweed-nori | sheet | 2.3 2.5 3 | SR
seaweed-nori | piece | 2.3 2.5 3 | SR
seaweed-kombu | piece | 4 5 10 | CP
seaweed-kombu | strip | 4 5 10 | CP
chipotle | piece | 8 12 18 | CP
beer | bottle | 330 330 500 | CP
cider | bottle | 330 500 500 | CP
bitter-almonds | piece | 0.8 1 1.3 | CP
apricot-kernels | piece | 0.4 0.5 0.7 | CP
walnuts | piece | 3 4 5 | CP
walnuts | handful | 20 30 40 | CP
cashews | handful | 20 30 45 | CP
almonds | handful | 20 30 45 | CP
almonds | piece | 1 1.2 1.4 | SR
pecans | handful | 20 30 40 | CP
hazelnuts | handful | 20 30 45 | CP
peanuts | handful | 20 30 45 | CP
pistachios | handful | 20 30 45 | CP
brazil-nuts | piece | 4 5 6 | SR
pine-nuts | handful | 15 25 35 | CP
sunflower-seeds | handful | 15 25 35 | CP
pumpkin-seeds | handful | 15 25 35 | CP
bread | slice | 25 32 45 | SR
bread | piece | 300 500 800 | CP
bread | handful | 20 30 50 | CP
breadcrumbs | handful | 15 25 35 | CP
panko | handful | 10 15 25 | CP
oats | handful | 20 30 45 | CP
rice-white | handful | 35 45 60 | CP
pasta | handful | 50 80 110 | CP
pasta | sheet | 16 20 25 | CP
rice-paper | piece | 7 9 12 | CP
rice-paper | sheet | 7 9 12 | CP
corn-husks | piece | 3 4 6 | CP
filo | sheet | 17 20 45 | SR
buns | piece | 45 60 90 | SR
flatbread | piece | 40 60 90 | CP
tortilla-corn | piece | 22 26 30 | SR
plant-cheese | slice | 18 20 25 | CP
plant-cheese | handful | 20 30 40 | CP
plant-butter | knob | 8 15 25 | CP
plant-butter | stick | 113 113 113 | CP
chicken-breast | piece | 130 174 230 | SR
bacon | slice | 20 28 35 | SR
sausages | piece | 50 60 90 | CP
ham | slice | 20 28 35 | SR
cod | piece | 120 150 200 | CP
salmon | piece | 120 150 200 | CP
egg | piece | 44 50 63 | SR
egg | small | 35 38 45 | SR
egg | large | 48 50 56 | SR
`;

/** One line read; a mistake of whoever wrote it throws. */
function rowOf(line: string): readonly [key: string, Weight] {
  const [food = "", measure = "", grams = "", from = ""] = line.split("|").map((cell) => cell.trim());
  const [low, likely, high] = grams.split(" ").map(Number);
  const source = from === "SR" ? "USDA SR Legacy household weights, from memory" : "common practice";
  if (from !== "SR" && from !== "CP") throw new RangeError(`household weights: no source "${from}"`);
  return [
    `${food} ${measure}`,
    { food, measure, each: estimate(low as number, likely as number, high as number), source },
  ];
}
interface Weight {
  readonly food: FoodId;
  readonly measure: string;
  readonly each: Estimate;
  readonly source: string;
}
const TABLE: ReadonlyMap<string, Weight> = new Map(ROWS.trim().split("\n").map(rowOf));

/** All of it, for a check and for whoever asks where a figure is from. */
export const HOUSEHOLD_WEIGHTS: readonly Weight[] = [...TABLE.values()];

/** Grams of one of it with their range; null where nobody has weighed that. */
export const householdWeight = (food: FoodId, measure: string): Estimate | null =>
  TABLE.get(`${food} ${measure}`)?.each ?? null;

/** Sizes of a piece are no measures of their own. */
const SIZES: ReadonlySet<string> = new Set(["small", "large", "each"]);
/** Every measure of a food that stands here, likely grams. */
export const countedMeasures = (food: FoodId): Readonly<Record<string, number>> =>
  Object.fromEntries(
    HOUSEHOLD_WEIGHTS.flatMap((w) => (w.food === food && !SIZES.has(w.measure) ? [[w.measure, w.each.likely]] : [])),
  );
