import { minutesToSoak } from "../../models/soaking";
import { timeFactorAt } from "../../models/softening";
import type { FoodId } from "../../foods/food";
import type { ProcessFigures } from "../../foods/process";
import { type Contents, moistureOf } from "../contents";
import type { Fact, Input, StepContext, Vessel } from "../ledger";

/** Soaking and softening overlap (card 12, engineering estimate). */
const LAG_SHARE = 0.9;
/** In sour liquid pulses soften half as fast (card 12: 1.5–3 times as long). */
const SOUR_SHARE = 0.002;
/** Whether a liquid is sour enough to slow softening. */
export const isSour = (acidG: number, waterG: number): boolean => acidG / waterG > SOUR_SHARE;

/** How soft the least done is once more comes to it: dry food is at 0, a part as far as it was brought. */
export function leastSoft(before: number | null, came: readonly Input[], context: StepContext): number | null {
  let least = before;
  for (const one of came) {
    const brought =
      one.from === "part" ? one.softness : one.from === "food" && context.figures(one.food).cook ? 0 : null;
    if (brought !== null) least = least === null ? brought : Math.min(least, brought);
  }
  return least;
}
/** The heaviest food that has figures for cooking. */
export function mainCooked(food: Contents, context: StepContext): FoodId | null {
  const { foods, grams } = food.solids;
  let best = -1;
  for (let i = 0; i < foods.length; i++)
    if (context.figures(foods[i] as string).cook && (best < 0 || (grams[i] as number) > (grams[best] as number)))
      best = i;
  return foods[best] ?? null;
}
/** How a food that was found to have figures for cooking cooks. */
export function cookingOf(food: FoodId, context: StepContext): NonNullable<ProcessFigures["cook"]> {
  const { cook } = context.figures(food);
  if (!cook) throw new RangeError(`${food} has no figures for cooking`);
  return cook;
}

/** Minutes until a pulse or grain is soft: first-order softening (card 12), and the drinking of an unsoaked bean before it. */
export function minutesToSoften(
  food: FoodId,
  under: { readonly moisture: number; readonly atC: number; readonly sour: boolean },
  context: StepContext,
): number {
  const cook = cookingOf(food, context);
  const factor = timeFactorAt(under.atC, 100, cook.zK);
  const softMin =
    context.drawOf("softening", food, cook.softMin) * factor * (under.sour ? context.draw("sour liquid") : 1);
  // Under pressure drinking is hurried like softening: unsoaked pinto-type beans take half an hour (common practice).
  const lagMin = cook.from === "soaked" ? soakingLag(food, under.moisture, context) * Math.min(1, factor) : 0;
  return softMin + lagMin;
}

/** What an unsoaked bean spends drinking before it softens: 0.9 of its 90 % time at 95 °C, less what it has drunk. */
function soakingLag(food: FoodId, moisture: number, context: StepContext): number {
  const soak = context.figures(food).soak;
  if (!soak) return 0;
  const drunk = (moisture - soak.startMoisture) / (soak.fullMoisture.likely - soak.startMoisture);
  if (drunk >= 0.75) return 0;
  const uptake = {
    startMoisture: soak.startMoisture,
    fullMoisture: soak.fullMoisture.likely,
    t90At20Min: soak.t90At20Min.likely,
    activationKJ: soak.activationKJ.likely,
    breakC: soak.breakC,
    activationAboveKJ: soak.activationAboveKJ,
  };
  const t90 = context.remember(`lag ${Object.values(uptake).join(" ")}`, () => {
    const time = minutesToSoak(uptake, { startC: 95, roomC: 95, timeConstantMin: 60 });
    return time.kind === "reached" ? time.minutes : 0;
  });
  return LAG_SHARE * t90 * (1 - Math.max(0, drunk));
}

/** Something that goes on softening: dry food, a part, or what lay in the pan before. */
interface Softening {
  readonly contents: Contents;
  readonly softness: number;
}

/** How far the least done of the pulses, grains and pasta are after minutes in what they lie in, dry or soaked before; null for what is soft. */
export function softenedBy(
  vessel: Vessel,
  came: readonly Input[],
  mixed: Contents,
  atC: number,
  minutes: number,
  context: StepContext,
): Fact | null {
  const all: Softening[] = came.flatMap((c) =>
    c.from === "part" && c.softness !== null
      ? [{ contents: c.contents, softness: c.softness }]
      : c.from === "food" && context.figures(c.food).cook
        ? [{ contents: c.contents, softness: 0 }]
        : [],
  );
  if (vessel.softness !== null) all.push({ contents: vessel.batch, softness: vessel.softness });
  const sour = isSour(mixed.acidG, mixed.waterG);
  let least: Extract<Fact, { kind: "softened" }> | null = null;
  for (const { contents, softness } of all) {
    const main = softness < 1 ? mainCooked(contents, context) : null;
    if (main === null) continue;
    const softMin = minutesToSoften(main, { moisture: moistureOf(contents), atC, sour }, context);
    const share = softness + minutes / softMin;
    if (least === null || share < least.share) least = { kind: "softened", share, softMin, minutes, atC };
  }
  return least;
}
