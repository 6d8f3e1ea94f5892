import { minutesToReduce } from "../../models/reduction";
import { discM2 } from "../../models/panHeat";
import { fail } from "../../quantities/result";
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
  water,
} from "../contents";
import { type Input, type Fact, type Need, type StepContext, type Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, panAndBurner, panNeeds, parted, wait, watch } from "./common";
import { underPressure } from "./pressureCooker";
import { cookingOf, isSour, leastSoft, mainCooked, minutesToSoften } from "./soften";
import { defineStep, flag, machine, numberOrNull, pot, type StepWith } from "../descriptor";

const FIELDS = {
  pan: pot,
  pressure: flag,
  machine,
  minutes: numberOrNull(0, 1440),
  oldBeans: flag,
  hardWater: flag,
  soda: flag,
} as const;
type CookStep = StepWith<"cook", typeof FIELDS>;

/** Two thirds of a pressure cooker, half of it for what foams (manufacturers' usual line). */
const FILL_LINE = { plain: 2 / 3, foams: 1 / 2 } as const;

/**
 * Cook pulses, grains or pasta in water until soft, or for the cook's own minutes.
 *
 * First-order softening with a z of 28 K (card 12): hotter under pressure, slower on a mountain; unsoaked beans drink
 * first. They swell to their cooked moisture as far as the water goes; solids leach; a pot steams under its lid. What
 * is left of the water stays as the bath. Lots differ by ±40 %: test one.
 */
function cook(vessel: Vessel, step: CookStep, context: StepContext): Applied {
  const { draw, drawOf } = context;
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const { pot, food: brought } = parted(came.value, isWet);
  const food = add(vessel.batch, brought);
  const bath = vessel.bath === null ? pot : add(vessel.bath, pot);
  const main = mainCooked(food, context);
  if (main === null) return fail(totalG(food) <= 0 ? { kind: "empty-vessel" } : otherStep(food, context));
  if (bath.waterG <= 0) return fail({ kind: "no-liquid" });
  const place = placeOf(step, context);
  if (!place.ok) return place;
  const { atC, needs } = place.value;
  if (atC < 60) return fail({ kind: "never-soft", atC });

  const cooked = cookingOf(main, context);
  const sour = isSour(bath.acidG + food.acidG, bath.waterG + food.waterG);
  const needed =
    minutesToSoften(main, { moisture: moistureOf(food), atC, sour }, context) * slowedBy(step, food, cooked);
  // What was cooked before goes on from there; what comes dry begins.
  const before = leastSoft(vessel.softness, came.value, context) ?? 0;
  const minutes = step.minutes ?? needed * Math.max(0, 1 - before);
  const share = before + minutes / needed;

  const steamG = step.pressure ? 0 : Math.min(bath.waterG * 0.9, draw("steam under the lid") * minutes);
  const leached: Contents = {
    ...NOTHING,
    solids: portion(food, drawOf("cooked leaching", main, cooked.leach) * Math.min(1, share)).solids,
    tempC: atC,
  };
  const softened = subtract(food, leached);
  const fullG = solidsG(softened) * drawOf("cooked moisture", main, cooked.cookedMoisture);
  const wantsG = Math.max(0, (fullG - softened.waterG) * Math.min(1, share));
  const drunk = liquor(bath, Math.min(wantsG, bath.waterG - steamG));
  const steam = water(steamG, 100);
  const rest = add(subtract(subtract(bath, drunk), steam), leached);
  const standing = rest.waterG > 1 ? rest : null;
  const batch = at(standing ? add(softened, drunk) : add(add(softened, drunk), rest), context.boilC);

  const facts: Fact[] = [{ kind: "softened", share, softMin: needed, minutes, atC }];
  // Grains are done over a wide range of moistures: short is what stays below the driest of them.
  const leastG = (solidsG(softened) * cooked.cookedMoisture.low - softened.waterG) * Math.min(1, share);
  if (drunk.waterG < leastG - 1) facts.push({ kind: "bath-short", missingG: leastG - drunk.waterG });
  const fill = fillOf(step, context, totalG(batch) + (standing ? totalG(standing) : 0), cooked.foams);
  if (fill !== null) facts.push({ kind: "fill", of: step.pressure ? "pressure-cooker" : "pot", share: fill });
  return outcome(
    { ...vessel, batch, bath: standing, pieces: null },
    step.pressure
      ? [hands(step, context, 2), wait(minutes + draw("pressure ramps"))]
      : [hands(step, context, 2), watch(place.value.heatMin(totalG(food) + totalG(bath)) + minutes)],
    { inputs: came.value, outputs: steamG > 0 ? [{ to: "air", contents: steam }] : [], needs, facts },
  );
}

/** Card 12's multipliers (engineering estimates): half a teaspoon of soda to the litre, hard water, old beans, a salted soak. */
const SLOWED = { oldBeans: 1.5, hardWater: 1.3, soda: 0.65, saltedSoak: 0.85 } as const;
/** What came out of a soak is this salty when it was salted, salt over water (a teaspoon to the litre; rule of thumb). */
const SALTED_SHARE = 0.005;
/** Drier than this nobody has soaked it, g water per g solids (dry pulses hold 0.1–0.2). */
const SOAKED_MOISTURE = 0.5;
/** How many times as long pulses take in this water; grains and pasta do not ask. */
function slowedBy(step: CookStep, food: Contents, cooked: ReturnType<typeof cookingOf>): number {
  if (cooked.zK !== undefined) return 1;
  const soaked = cooked.from === "soaked" && moistureOf(food) > SOAKED_MOISTURE;
  const salted = soaked && food.saltG > SALTED_SHARE * food.waterG;
  return (
    (step.oldBeans ? SLOWED.oldBeans : 1) *
    (step.hardWater ? SLOWED.hardWater : 1) *
    (step.soda ? SLOWED.soda : 1) *
    (salted ? SLOWED.saltedSoak : 1)
  );
}

/** Water and what is dissolved in it is the pot; everything else is the food. */
const isWet = (c: Input): boolean =>
  c.contents.waterG > 0.85 * totalG(c.contents) || totalG(c.contents) === c.contents.saltG;
/** What is neither pulse, grain nor pasta is boiled to its middle, or drinks in a soak. */
function otherStep(contents: Contents, context: StepContext) {
  const food = mainFood(contents) ?? "";
  return { kind: "other-step", food, take: context.figures(food).soak ? "soak" : "boil" } as const;
}
interface Place {
  readonly atC: number;
  readonly needs: readonly Need[];
  readonly heatMin: (massG: number) => number;
}
function placeOf(step: CookStep, context: StepContext) {
  if (step.pressure) {
    const cooker = underPressure(step.machine, context);
    if (!cooker.ok) return cooker;
    const place: Place = { ...cooker.value, heatMin: () => 0 };
    return { ok: true, value: place } as const;
  }
  const found = panAndBurner(context, step.pan, "pot");
  if (!found.ok) return found;
  const { burner, pan } = found.value;
  const heatMin = (massG: number): number => {
    const time = minutesToReduce({
      massG,
      waterOffG: 0,
      startC: context.roomC,
      boilC: context.boilC,
      burnerW: burner.ratedW,
      efficiency: burner.efficiency,
      lossW: 60,
      specificHeat: 3.9,
    });
    return time.ok ? time.value.heatMin : 0;
  };
  const place: Place = { atC: context.boilC, needs: panNeeds(pan), heatMin };
  return { ok: true, value: place } as const;
}
/** 1 is to the line that is safe; null when the vessel was never measured. */
function fillOf(step: CookStep, context: StepContext, massG: number, foams: boolean): number | null {
  if (step.pressure) {
    const machine = context.machine(step.machine, ["pressure-cooker"]);
    if (!machine || machine.volumeMl === null) return null;
    return massG / 1.05 / (machine.volumeMl * (foams ? FILL_LINE.foams : FILL_LINE.plain));
  }
  const pan = context.pan(step.pan, "pot");
  if (!pan || pan.heightM === null) return null;
  return massG / 1.05 / (discM2(pan.diameterM) * pan.heightM * 1e6 * 0.85);
}

/** What the house knows of “cook”: settings, defaults, waits, weigh-in and rule. */
export const cookStep = defineStep({
  kind: "cook",
  fields: FIELDS,
  usual: { pan: null, pressure: false, machine: null, minutes: null, oldBeans: false, hardWater: false, soda: false },
  waitsMin: 60,
  weighed: null,
  addsAround: true,
  fitsBath: true,
  apply: cook,
});
