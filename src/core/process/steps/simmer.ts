import { openEvaporationGPerMin } from "../../models/reduction";
import { discM2 } from "../../models/panHeat";
import { checkNumber, fail } from "../../quantities/result";
import { add, at, type Contents, moistureOf, subtract, water } from "../contents";
import type { Input, Fact, StepContext, Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, panAndBurner, panNeeds, together, watch } from "./common";
import { SIMMER_BELOW_BOIL_C, thicknessFacts } from "./sauce";
import { isSour, mainCooked, minutesToSoften } from "./soften";
import { defineStep, flag, gear, number, type StepWith } from "../descriptor";

const FIELDS = { pan: gear, minutes: number(0, 600), lid: flag } as const;
type SimmerStep = StepWith<"simmer", typeof FIELDS>;

/** Simmer in sauce, with or without lid; parts and foods join here. Evaporation by the Lewis analogy (card 10). */
function simmer(vessel: Vessel, step: SimmerStep, context: StepContext): Applied {
  const found = panAndBurner(context, step.pan, "frying");
  if (!found.ok) return found;
  const bad = checkNumber("minutes", step.minutes, 0, 600);
  if (bad) return fail(bad);
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const { pan } = found.value;
  const mixed = add(vessel.batch, together(came.value));
  if (mixed.waterG <= 0) return fail({ kind: "no-liquid" });
  const simmerC = context.boilC - SIMMER_BELOW_BOIL_C;
  const perMin = step.lid
    ? mixed.waterG * context.draw("loss under the lid")
    : openEvaporationGPerMin(simmerC, discM2(pan.diameterM), context.roomC, 0.97, context.draw("air over the pan"));
  const steam = water(Math.min(mixed.waterG * 0.95, perMin * step.minutes), simmerC);
  const batch = at(subtract(mixed, steam), simmerC);
  const softened = softenedBy(vessel, came.value, mixed, simmerC, step.minutes, context);
  // Round shaped pieces the sauce is what this step brings: flour that holds a ball together thickens nothing.
  const sauce = thicknessFacts(vessel.pieces === null ? batch : together(came.value), context);
  return outcome({ ...vessel, batch }, [hands(step, context, 1), watch(step.minutes)], {
    inputs: came.value,
    outputs: [{ to: "air", contents: steam }],
    needs: panNeeds(pan),
    facts: softened === null ? sauce : [softened, ...sauce],
  });
}

/** Something that goes on softening: dry food, a part, or what lay in the pan before. */
interface Softening {
  readonly contents: Contents;
  readonly softness: number;
}

/** How far the least done of the pulses and grains are, dry or soaked before; what is soft has nothing to tell here. */
function softenedBy(
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

/** What the house knows of “simmer”: settings, defaults, waits, weigh-in and rule. */
export const simmerStep = defineStep({
  kind: "simmer",
  fields: FIELDS,
  usual: { pan: null, minutes: 5, lid: false },
  waitsMin: 60,
  weighed: "water",
  apply: simmer,
});
