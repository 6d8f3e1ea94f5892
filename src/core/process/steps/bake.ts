import { batchesFor } from "../../models/panHeat";
import { fail } from "../../quantities/result";
import { add, at, type Contents, mainFood, solidsG, subtract, totalG, water } from "../contents";
import { type Fact, isMarked, marked, type Need, type StepContext, type Vessel } from "../ledger";
import { spreadOf } from "../parameters";
import { sumOver } from "../solids";
import { type Applied, filled, hands, outcome, together, wait, watch } from "./common";
import {
  afterOven,
  coreFact,
  footprintM2,
  ovenCoreMinutes,
  type OvenHeat,
  type PieceShape,
  pieceShapeOf,
  SURFACES,
} from "./geometry";
import { softenedBy } from "./soften";
import { choice, defineStep, flag, machine, number, numberOrNull, type StepWith } from "../descriptor";

/** Oven work: to a core temperature, or for minutes; with both, the minutes are held against the core. */
const baking = { ovenC: number(50, 300), minutes: numberOrNull(1, 600), coreC: numberOrNull(40, 99) } as const;
const AIR_FRY_FIELDS = { ...baking, machine } as const;
type AirFryStep = StepWith<"air-fry", typeof AIR_FRY_FIELDS>;
const BAKE_FIELDS = { ...baking, fan: flag, cover: choice("bare", "foil", "parchment", "lid") } as const;
type BakeStep = StepWith<"bake", typeof BAKE_FIELDS>;

/** The middle of a mix is hot all through: 74 °C (165 °F, models card 16). */
const MIX_CORE_C = 74;
/** Two trays of a home oven, and how much of them and of a basket may be covered (card 9). */
const TRAY_M2 = 0.36 * 0.45;
const TRAYS = 2;
const TRAY_PACKING = 0.75;
const BASKET_PACKING = 0.75;

/** Share of its mass that bare food loses: its own figure for 30 min at 200 °C, else the usual for its water. */
function looseLoss(
  batch: Contents,
  minutes: number,
  ovenC: number,
  surface: number,
  context: StepContext,
): { share: number; known: boolean } {
  const all = solidsG(batch);
  // Moving air dries a little faster.
  const heat = Math.max(0.2, (ovenC - 60) / 140) * Math.max(1, surface / SURFACES.stillOven) ** 0.25;
  let knownG = 0;
  const lost = sumOver(batch.solids, (id, grams) => {
    const figure = context.figures(id).bakedLoss;
    if (!figure) return 0;
    knownG += grams;
    return grams * context.drawOf("baked loss", id, figure);
  });
  // A pinch of something else never erases what is known of the rest.
  if (all > 0 && knownG >= MOSTLY * all) return { share: (lost / knownG) * (minutes / 30) ** 0.6 * heat, known: true };
  const ofWater = context.draw("unknown baked loss") * (minutes / 25) ** 0.7 * heat;
  const unknown = (ofWater * batch.waterG) / Math.max(1e-9, totalG(batch));
  const share = knownG === 0 ? unknown : (lost * (minutes / 30) ** 0.6 * heat + (all - knownG) * unknown) / all;
  return { share, known: false };
}
/** Below this an oven dries and sets and does not brown (common practice). */
const BROWNS_FROM_C = 160;
/** The heat of an oven at which the table's minutes stand, °C; colder takes as much longer as it is less above boiling (engineering estimate). */
const BROWNS_AT_C = 205;
/** Minutes until what is bare is dry and brown outside: 12–20 at 190–220 °C (common practice), quicker where air moves fast. */
const surfaceMinutes = (
  { ovenC }: { readonly ovenC: number },
  { surface }: { readonly surface: number },
  context: StepContext,
): number =>
  (context.draw("surface minutes") * ((BROWNS_AT_C - 100) / (ovenC - 100)) * SURFACES.stillOven ** 0.5) /
  surface ** 0.5;
/** So much of the solids has a figure of its own: the rest goes with it (rule of thumb). */
const MOSTLY = 0.6;

/** How often it has to be filled, and by what. */
interface Batches {
  readonly count: number;
  readonly limitedBy: "room on the trays" | "room in the basket" | null;
}

/** What bakes in its sauce is a little below the boil once it is hot (engineering estimate). */
const SOFTENS_C = 95;
/** Hot enough for pasta and pulses to go on, °C; of a dish that warms as it bakes the minutes above it, as if it warmed evenly. */
const GOES_ON_C = 80;
function minutesAbove(endC: number, startC: number, minutes: number): number {
  if (endC <= GOES_ON_C) return 0;
  return startC >= GOES_ON_C ? minutes : (minutes * (endC - GOES_ON_C)) / (endC - startC);
}

/** Ice takes so much to melt, J/g; frozen food warms so much easier than thawed, J/(g K) (models card 18). */
const FUSION = 334;
const THAWED_HEAT = 3.5;
const FROZEN_EASIER = 0.55;
/** As cold as unfrozen food would have to be to take as much heat: the ice in it counted. */
const asColdAs = (batch: Contents): number =>
  batch.tempC * FROZEN_EASIER - (FUSION * batch.waterG) / totalG(batch) / THAWED_HEAT;

/**
 * What oven and air fryer share: minutes to the core (or the core after the minutes), and the water that goes.
 *
 * Shaped pieces: finite volumes with a drying surface (card 8), ±25 % on time. Loose vegetables: measured ranges of
 * card 19 where there are any, else a rule of thumb that says so. The middle of a mix is always worked out; asked for minutes,
 * they count, and a middle that stays below its core is said.
 */
function heatInAir(
  vessel: Vessel,
  step: BakeStep | AirFryStep,
  context: StepContext,
  air: {
    surface: number;
    covered: boolean;
    needs: readonly Need[];
    batches: Batches;
  },
): Applied {
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  const main = mainFood(batch);
  const mainFigures = main === null ? null : context.figures(main);
  const skin = mainFigures?.skin === true;
  const frozen = isMarked(vessel, "frozen");
  const startC = frozen ? asColdAs(batch) : batch.tempC;
  const heat: OvenHeat = { surface: air.surface, dries: !air.covered && !skin, startC, ovenC: step.ovenC };
  const wallMm = vessel.pieces === null && vessel.cutMm === null ? mainFigures?.wallMm : undefined;
  const shape: PieceShape =
    wallMm === undefined
      ? pieceShapeOf({ ...vessel, batch }, context)
      : { shape: "slab", thicknessMm: wallMm, widthMm: wallMm, lengthMm: wallMm };
  const facts: Fact[] = [];
  let minutes = step.minutes;
  // A mix that was shaped or laid in a tin has a middle that has to be hot, asked for or not.
  const wantedC = step.coreC ?? (vessel.pieces !== null && step.ovenC > MIX_CORE_C ? MIX_CORE_C : null);
  if (wantedC !== null) {
    const needed = ovenCoreMinutes(context, shape, heat, wantedC);
    if (!needed.ok) return needed;
    // Bare, it has to be dry and brown outside as well: the longer of both clocks counts.
    const surfaceMin = air.covered || skin || step.ovenC < BROWNS_FROM_C ? 0 : surfaceMinutes(step, air, context);
    if (minutes === null && surfaceMin > needed.value)
      facts.push({ kind: "surface-clock", minutes: surfaceMin, coreMin: needed.value });
    minutes ??= Math.max(needed.value, surfaceMin);
    facts.push(coreFact(needed.value, minutes, wantedC, spreadOf("oven time")));
  }
  if (minutes === null) return fail({ kind: "not-a-number", field: "minutes" });
  const end = afterOven(context, shape, heat, minutes);
  // Under foil or a lid a little steam finds its way out all the same.
  let lossShare = air.covered
    ? afterOven(context, shape, { ...heat, dries: !skin }, minutes).lossShare * context.draw("covered loss")
    : end.lossShare;
  if (vessel.pieces === null || vessel.pieces.form === "shell" || skin) {
    const loose = looseLoss(batch, minutes, step.ovenC, air.surface, context);
    lossShare = loose.share * (air.covered ? context.draw("covered loss") : 1);
    if (!loose.known) facts.push({ kind: "rule-of-thumb", what: "loss" });
  }
  const steam = water(Math.min(batch.waterG * 0.95, lossShare * totalG(batch)), 100);
  const after = at(subtract(batch, steam), Math.min(end.coreC, 99));
  const softened = softenedBy(vessel, came, batch, SOFTENS_C, minutesAbove(end.coreC, batch.tempC, minutes), context);
  if (softened !== null) facts.push(softened);
  if (steam.waterG > 0.5) facts.push({ kind: "water-off", massG: steam.waterG });
  const { count, limitedBy } = air.batches;
  if (limitedBy !== null)
    facts.unshift({ kind: "batches", count, eachG: totalG(batch) / count, eachMin: minutes, limitedBy });
  const whole = minutes * count;
  // Turned or looked at once on the way.
  const marks = frozen
    ? marked(
        vessel.marks.filter((m) => m !== "frozen"),
        "frozen-thawed",
      )
    : vessel.marks;
  return outcome(
    { ...vessel, batch: after, marks },
    [hands(step, context, 2), whole > 20 ? wait(whole) : watch(whole)],
    {
      inputs: came,
      outputs: [{ to: "air", contents: steam }],
      needs: air.needs,
      facts,
    },
  );
}

/** Bake bare, in foil, in parchment or under a lid. Things share an oven when they want about the same heat. */
function bake(vessel: Vessel, step: BakeStep, context: StepContext): Applied {
  if (context.ovens === 0) return fail({ kind: "no-oven" });
  const open = step.fan ? SURFACES.fanOven : SURFACES.stillOven;
  const surface = {
    bare: open,
    foil: SURFACES.foil,
    lid: SURFACES.foil,
    parchment: (open * SURFACES.parchment) / SURFACES.stillOven,
  }[step.cover];
  const { pieces } = vessel;
  // A layer lies in its tin, and one large piece goes in as it is.
  const onTrays =
    pieces === null
      ? flatLoads(vessel, step, context)
      : pieces.form === "layer" || pieces.count === 1
        ? 1
        : (batchesFor(pieces.count, Math.floor((TRAY_PACKING * TRAY_M2) / footprintM2(pieces)) * TRAYS) ?? 1);
  return heatInAir(vessel, step, context, {
    surface,
    covered: step.cover === "foil" || step.cover === "lid",
    needs: [{ kind: "oven", tempC: step.ovenC }],
    batches: { count: onTrays, limitedBy: onTrays > 1 ? "room on the trays" : null },
  });
}

/** Flat breads lie side by side: in how many loads two trays take them, by what one of them weighs. */
function flatLoads({ batch }: Vessel, step: BakeStep, context: StepContext): number {
  const came = context.bring(step.adds);
  const whole = "kind" in came ? batch : add(batch, together(came));
  const main = mainFood(whole);
  const { flatMm } = main === null ? {} : context.figures(main);
  const pieceG = main === null ? undefined : context.food(main)?.measures.piece;
  if (flatMm === undefined || pieceG === undefined) return 1;
  const perTray = Math.floor((FLAT_PACKING * TRAY_M2) / (flatMm / 1000) ** 2);
  return batchesFor(Math.round(totalG(whole) / pieceG), Math.max(1, perTray) * TRAYS) ?? 1;
}
/** Round ones in rows fill so much of a tray, each in its own square. */
const FLAT_PACKING = 0.95;

/** Air-fry: the same in a small, fast oven, one layer in the basket, in as many batches as that takes. */
function airFry(vessel: Vessel, step: AirFryStep, context: StepContext): Applied {
  const machine = context.machine(step.machine, ["air-fryer"]);
  if (machine === null) return fail({ kind: "no-machine", wants: "air-fryer" });
  const { pieces } = vessel;
  let batches: Batches = { count: 1, limitedBy: null };
  if (machine.floorM2 !== null && pieces !== null) {
    const perLoad = Math.floor((BASKET_PACKING * machine.floorM2) / footprintM2(pieces));
    const count = batchesFor(pieces.count, perLoad);
    if (count === null)
      return fail({ kind: "piece-too-big", panMm: Math.sqrt(machine.floorM2) * 1000, pieceMm: pieces.lengthMm });
    batches = { count, limitedBy: "room in the basket" };
  }
  return heatInAir(vessel, step, context, {
    surface: SURFACES.airFryer,
    covered: false,
    needs: [{ kind: "machine", machine: machine.id }],
    batches,
  });
}

/** What the house knows of “air-fry”: settings, defaults, waits, weigh-in and rule. */
export const airFryStep = defineStep({
  kind: "air-fry",
  fields: AIR_FRY_FIELDS,
  usual: { ovenC: 190, minutes: null, coreC: 74, machine: null },
  waitsMin: 15,
  weighed: "water",
  fitsFrozen: "thin",
  apply: airFry,
});

/** What the house knows of “bake”: settings, defaults, waits, weigh-in and rule. */
export const bakeStep = defineStep({
  kind: "bake",
  fields: BAKE_FIELDS,
  usual: { ovenC: 200, minutes: 30, coreC: null, fan: false, cover: "bare" },
  waitsMin: 30,
  weighed: "water",
  fitsFrozen: "thin",
  apply: bake,
});
