import {
  coolingTimeConstantMin,
  coveringLiquidG,
  bathTempC,
  mixedTempC,
  moistureAfterSoak,
} from "../../models/soaking";
import type { FoodId } from "../../foods/food";
import { fail } from "../../quantities/result";
import { ML_OF } from "../../quantities/units";
import {
  add,
  at,
  type Contents,
  liquor,
  mainFood,
  moistureOf,
  NOTHING,
  portion,
  solidsG,
  subtract,
  totalG,
} from "../contents";
import type { Fact, StepContext, Vessel } from "../ledger";
import { type Applied, broughtBy, FRIDGE_C, hands, outcome, parted, wait } from "./common";
import { defineStep, flag, number, type StepWith } from "../descriptor";
import { spreadBy } from "../parameters";

const FIELDS = { waterC: number(0, 100), minutes: number(0, 2880), covered: flag, chilled: flag } as const;
type SoakStep = StepWith<"soak", typeof FIELDS>;

/** A bowl of 2 L, of glass or china: its surface in all, g, J/(kg K) (engineering estimates, card 3). */
const BOWL_SURFACE_M2 = 0.085;
const BOWL = { massG: 600, specificHeat: 850 };
/** J/(kg K): water (handbook), dry food (Choi and Okos, its solids at 20–60 °C). */
const WATER_HEAT = 4180;
const DRY_FOOD_HEAT = 1800;

/**
 * Soak: the food drinks from a bath that cools while it stands.
 *
 * Uptake by Peleg over the cooling bath (`models/soaking`); solutes enter with the water, convectively; some solids
 * go the other way. A bath that runs short caps the uptake and says so. Limits: 4–98 °C, thickness as sold.
 */
function soak(vessel: Vessel, step: SoakStep, context: StepContext): Applied {
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  // What drinks may come with its water; everything else that comes is the bath, and so is what it stands in already.
  const { pot, food: dry } = parted(came.value, (c) => c.from !== "food" || !context.figures(c.food).soak);
  const before = add(vessel.batch, dry);
  const food = mainFood(before);
  if (food === null) return fail({ kind: "empty-vessel" });
  const figures = context.figures(food).soak;
  if (!figures) return fail({ kind: "no-figures", food, wants: "soaking" });
  const fresh = at(pot, step.waterC);
  const poured = vessel.bath === null ? fresh : at(add(vessel.bath, fresh), step.waterC);
  if (poured.waterG <= 0) return fail({ kind: "no-liquid" });

  const { draw, drawOf } = context;
  const roomC = step.chilled ? FRIDGE_C : context.roomC;
  const shares = [
    { massG: poured.waterG, specificHeat: WATER_HEAT, tempC: step.waterC },
    { massG: totalG(before), specificHeat: DRY_FOOD_HEAT, tempC: context.roomC },
    { ...BOWL, tempC: context.roomC },
  ];
  const surface =
    draw("bowl heat loss", spreadBy("bowl heat loss", step.covered ? "covered" : "open")) * BOWL_SURFACE_M2;
  const bath = { startC: mixedTempC(shares), roomC, timeConstantMin: coolingTimeConstantMin(shares, surface) };
  const startMoisture = moistureOf(before);
  const fullMoisture = Math.max(startMoisture + 1e-6, drawOf("full moisture", food, figures.fullMoisture));
  const reached = moistureAfterSoak(
    {
      startMoisture,
      fullMoisture,
      t90At20Min: drawOf("soaking time", food, figures.t90At20Min),
      activationKJ: drawOf("activation", food, figures.activationKJ),
      breakC: figures.breakC,
      activationAboveKJ: figures.activationAboveKJ,
    },
    bath,
    step.minutes,
    40,
  );
  if (!reached.ok) return reached;

  const leached: Contents = {
    ...NOTHING,
    solids: portion(before, drawOf("leaching", food, figures.leach)).solids,
    tempC: bath.startC,
  };
  const softened = subtract(before, leached);
  const wantsG = Math.max(0, solidsG(softened) * reached.value - softened.waterG);
  const drinksG = Math.min(wantsG, poured.waterG);
  const drunk = liquor(poured, drinksG);
  const endC = bathTempC(bath, step.minutes);
  const facts: Fact[] = [
    {
      kind: "soaked",
      share: (reached.value - startMoisture) / (fullMoisture - startMoisture),
      bathC: bath.startC,
      ...(isUsualSoak(step, food, context) ? { usual: true as const } : {}),
    },
  ];
  if (drinksG < wantsG - 1e-9) facts.push({ kind: "bath-short", missingG: wantsG - drinksG });
  const needG = toCoverG(before, reached.value, food, context);
  if (poured.waterG < LEAST_COVER * needG) facts.push({ kind: "uncovered", needG, pouredG: poured.waterG });
  const rest = add(subtract(poured, drunk), leached);
  const after: Vessel = {
    ...vessel,
    batch: at(add(softened, drunk), endC),
    bath: totalG(rest) > 1e-9 ? at(rest, endC) : null,
  };
  return outcome(after, [hands(step, context, 2), wait(step.minutes)], {
    inputs: came.value,
    needs: step.chilled ? [{ kind: "fridge" }] : [],
    facts,
  });
}

/** Pulses stand in water overnight in a cool kitchen; longer or warmer they begin to ferment (common practice, extension services). */
const OVERNIGHT = { minutes: 12 * 60, roomC: 22, waterC: 30 } as const;
const isUsualSoak = (step: SoakStep, food: FoodId, context: StepContext): boolean =>
  context.food(food)?.group === "pulse" &&
  step.minutes <= OVERNIGHT.minutes &&
  (step.chilled || context.roomC <= OVERNIGHT.roomC) &&
  step.waterC <= OVERNIGHT.waterC;

/** A bowl as most kitchens have; below this share of what covers, pieces stand out of the water (engineering estimates). */
const BOWL_ACROSS_M = 0.22;
const LEAST_COVER = 0.8;
/** Liquid that keeps dry pieces under until they have drunk; how loosely they lie is told by a cup of them. */
function toCoverG(dry: Contents, moisture: number, food: FoodId, context: StepContext): number {
  const cup = context.food(food)?.measures.cup;
  const dryBulkDensity = cup === undefined ? undefined : (1000 * cup) / ML_OF.us.cup;
  // Pulses and grains lie dense and sink: what drinks out of the bath is what counts for them.
  if (dryBulkDensity === undefined || dryBulkDensity > LOOSE_KG_PER_M3) return 0;
  return coveringLiquidG({
    dryG: totalG(dry),
    startMoisture: moistureOf(dry),
    moisture,
    bowlDiameterM: BOWL_ACROSS_M,
    dryBulkDensity,
  }).finalG;
}
/** Up to here dry pieces float and lie loosely: strips, chunks, dried mushrooms (rule of thumb; pulses lie at 750–850). */
const LOOSE_KG_PER_M3 = 320;

/** What the house knows of “soak”: settings, defaults, waits, weigh-in and rule. */
export const soakStep = defineStep({
  kind: "soak",
  fields: FIELDS,
  usual: { waterC: 95, minutes: 10, covered: true, chilled: false },
  waitsMin: 20,
  weighed: null,
  lines: "around",
  addsAround: true,
  fitsBath: true,
  apply: soak,
});
