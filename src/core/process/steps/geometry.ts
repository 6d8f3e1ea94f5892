import { type Direction, heatingSeries, middleAfter, minutesToCore, wrappedSurface } from "../../models/conduction";
import { minutesTo, type OvenCurve, ovenCurve, type OvenPiece, valueAt, WET_SHARE } from "../../models/ovenHeat";
import { findRoot } from "../../models/roots";
import { MOIST_FOOD } from "../../models/thermal";
import type { Estimate } from "../../quantities/range";
import { fail, type Result, succeed } from "../../quantities/result";
import { type Contents, mainFood } from "../contents";
import type { Fact, ShapedPieces, StepContext, StepFailure, Vessel } from "../ledger";

/** Loose food of which nobody said how it was cut, and whose pieces nobody weighed (rule of thumb). */
const UNKNOWN_CUT_MM = 20;
/** A bean, a lentil, a grain (rule of thumb). */
const SMALL_MM = 8;
/** Moist food is a little heavier than water (engineering estimate). */
const FOOD_DENSITY_G_PER_MM3 = 1.05e-3;
/** A ball of the same volume as a cube is so many times as wide as the cube: (6/π)^(1/3). */
const BALL_OF_CUBE = (6 / Math.PI) ** (1 / 3);

/** The way heat takes into one piece: the thinnest length, and which solution fits the shape. */
export interface PieceShape {
  readonly shape: "slab" | "cylinder" | "sphere" | "brick";
  readonly thicknessMm: number;
  readonly widthMm: number;
  readonly lengthMm: number;
}
/** The shape that heat has to go through: of shaped pieces, else of cut ones. */
export function pieceShapeOf(
  vessel: Pick<Vessel, "batch" | "pieces" | "cutMm">,
  context: Pick<StepContext, "food">,
): PieceShape {
  const { pieces } = vessel;
  if (pieces === null) {
    const mm = vessel.cutMm === null ? wholeMm(vessel.batch, context) : vessel.cutMm * BALL_OF_CUBE;
    return { shape: "sphere", thicknessMm: mm, widthMm: mm, lengthMm: mm };
  }
  const sizes = { thicknessMm: pieces.thicknessMm, widthMm: pieces.diameterMm, lengthMm: pieces.lengthMm };
  switch (pieces.form) {
    case "ball":
      return { shape: "sphere", ...sizes };
    case "log":
    case "parcel":
    case "skewer":
      return { shape: "cylinder", ...sizes };
    case "loaf":
      return { shape: "brick", ...sizes };
    case "patty":
    case "fillet":
    case "rasher":
    case "slice":
    case "shell":
    case "layer":
      return { shape: "slab", ...sizes };
  }
}

/** What was never cut goes in whole: as wide as a ball of the mass that one piece has, as for a potato. */
function wholeMm(batch: Contents, context: Pick<StepContext, "food">): number {
  const main = mainFood(batch);
  const food = main === null ? null : context.food(main);
  if (food?.group === "pulse" || food?.group === "grain") return SMALL_MM;
  const pieceG = food?.group === "vegetable" || food?.group === "mushroom" ? food.measures.piece : undefined;
  return pieceG === undefined
    ? UNKNOWN_CUT_MM * BALL_OF_CUBE
    : Math.cbrt((6 * pieceG) / (Math.PI * FOOD_DENSITY_G_PER_MM3));
}

/** Equal flat pieces of a thickness: as wide as their mass makes them at 1.05 g/cm³. */
export function flatPieces(form: "slice" | "shell", count: number, wholeG: number, thicknessMm: number): ShapedPieces {
  const eachG = wholeG / count;
  const acrossMm = Math.sqrt(eachG / FOOD_DENSITY_G_PER_MM3 / thicknessMm);
  return { count, eachG, form, diameterMm: acrossMm, thicknessMm, lengthMm: acrossMm };
}

/** Volume over surface, m: the half thickness of the slab that takes things up as fast (card 4). */
export function volumeOverSurfaceM({ shape, thicknessMm, widthMm, lengthMm }: PieceShape): number {
  if (shape === "sphere") return thicknessMm / 6000;
  if (shape === "cylinder") return (thicknessMm * lengthMm) / (4 * lengthMm + 2 * thicknessMm) / 1000;
  const [a, b, c] = [thicknessMm, widthMm, lengthMm];
  return (a * b * c) / (2 * (a * b + b * c + c * a)) / 1000;
}

/** Floor that one piece covers, m². */
export const footprintM2 = (pieces: ShapedPieces): number =>
  pieces.form === "ball" || pieces.form === "patty" || pieces.form === "shell"
    ? (Math.PI / 4) * (pieces.diameterMm / 1000) ** 2
    : (pieces.diameterMm / 1000) * (pieces.lengthMm / 1000);

const directionsOf = ({ shape, thicknessMm, widthMm, lengthMm }: PieceShape): readonly Direction[] => {
  const half = (mm: number) => mm / 2000;
  if (shape !== "brick") return [{ shape, halfM: half(thicknessMm) }];
  return [thicknessMm, widthMm, lengthMm].map((mm) => ({ shape: "slab", halfM: half(mm) }) as const);
};
/** Times go with the square of the size: worked out for the nearest millimetre, scaled in between. */
const nearest = (shape: PieceShape): { readonly shape: PieceShape; readonly scale: number } => {
  const mm = Math.max(1, Math.round(shape.thicknessMm));
  const factor = mm / shape.thicknessMm;
  return {
    shape: {
      shape: shape.shape,
      thicknessMm: mm,
      widthMm: Math.round(shape.widthMm * factor),
      lengthMm: Math.round(shape.lengthMm * factor),
    },
    scale: factor ** -2,
  };
};
const name = (s: PieceShape) =>
  `${s.shape} ${s.thicknessMm} ${s.shape === "brick" ? `${s.widthMm} ${s.lengthMm}` : ""}`;

/** Minutes until the middle is at `coreC` in surroundings that keep the surface wet (water, oil, pan, steam). */
export function wetCoreMinutes(
  context: Pick<StepContext, "remember">,
  piece: PieceShape,
  heat: { readonly surface: number; readonly startC: number; readonly aroundC: number; readonly coreC: number },
): Result<number, StepFailure> {
  const { shape, scale } = nearest(piece);
  const startC = Math.round(heat.startC);
  const key = `wet ${name(shape)} ${heat.surface} ${startC} ${heat.aroundC} ${heat.coreC}`;
  const minutes = context.remember(key, () => {
    const time = minutesToCore({ ...heat, startC, directions: directionsOf(shape), food: MOIST_FOOD });
    return time.ok ? time.value : NaN;
  });
  if (Number.isNaN(minutes)) return fail({ kind: "never-done", coreC: heat.coreC, aroundC: heat.aroundC });
  return succeed(minutes * scale);
}

/** Where the middle is after minutes in surroundings that keep the surface wet. */
export function wetMiddleAfter(
  context: StepContext,
  piece: PieceShape,
  heat: { readonly surface: number; readonly startC: number; readonly aroundC: number },
  minutes: number,
): number {
  const { shape, scale } = nearest(piece);
  const series = context.remember(`series ${name(shape)} ${heat.surface}`, () =>
    heatingSeries(directionsOf(shape), MOIST_FOOD, heat.surface, 8),
  );
  return middleAfter(series, heat, minutes / scale);
}

/** Minutes to the middle, and whether those given are enough; a fiftieth is nothing. A range where ovens differ. */
export const coreFact = (neededMin: number, givenMin: number, coreC: number, range?: Estimate): Fact =>
  givenMin < neededMin * 0.98
    ? {
        kind: "core-short",
        neededMin,
        givenMin,
        coreC,
        ...(range && { lowMin: neededMin * range.low, highMin: neededMin * range.high }),
      }
    : { kind: "cooked-through", minutes: neededMin, coreC };

/** Steam condenses on what is bare, W/m²K. Behind foil lies still air, about 0.4 mm of it at 0.026 W/mK (estimate). */
const STEAM = 500;
const UNDER_FOIL_M2K_PER_W = 0.4e-3 / 0.026;
/** Surface coefficients, W/m²K, radiation included (engineering estimates of textbook order). */
export const SURFACES = {
  stillOven: 18,
  fanOven: 30,
  airFryer: 50,
  foil: 9,
  parchment: 14.1,
  steam: STEAM,
  steamWrapped: wrappedSurface(STEAM, [UNDER_FOIL_M2K_PER_W]),
  deepOil: 300,
  panContact: 300,
  boiling: 800,
  simmering: 600,
} as const;

/** How an oven heats: surface, start and oven °C, whether it dries. */
export interface OvenHeat {
  readonly surface: number;
  readonly dries: boolean;
  readonly startC: number;
  readonly ovenC: number;
}
/** An oven's body: one direction, and how much more surface the real piece has for its volume. */
interface OvenBody {
  readonly shape: OvenPiece["shape"];
  readonly thicknessMm: number;
  readonly moreSurface: number;
  /** How much of the surface dries and so keeps the heat back, against a bare piece on a tray. */
  readonly bare: number;
}
/** Where bodies are compared: heated from the fridge to the middle of a safe loaf at a usual oven heat, °C (card 8). */
const COMPARED = { startC: 5, coreC: 74, aroundC: 180 } as const;
/**
 * A loaf heats from six sides at once, which the drying model cannot: the cylinder stands in for it that takes as long by the
 * series for a dry surface, where the solutions of the three directions multiply (card 8). It dries by its own surface.
 */
function ovenBodyOf(context: StepContext, piece: PieceShape, surface: number): OvenBody {
  if (piece.shape !== "brick") return { shape: piece.shape, thicknessMm: piece.thicknessMm, moreSurface: 1, bare: 1 };
  const { shape, scale } = nearest(piece);
  const likeMm = context.remember(`loaf ${name(shape)} ${surface}`, () => {
    const minutes = (directions: readonly Direction[]) => {
      const time = minutesToCore({ directions, food: MOIST_FOOD, surface, ...COMPARED });
      return time.ok ? time.value : NaN;
    };
    const wanted = minutes(directionsOf(shape));
    const likeM = findRoot((halfM) => minutes([{ shape: "cylinder", halfM }]) - wanted, 2e-3, 0.2);
    return likeM === null ? NaN : likeM * 2000;
  });
  const thicknessMm = (Number.isNaN(likeMm) ? piece.thicknessMm : likeMm) / Math.sqrt(scale);
  const moreSurface = thicknessMm / 4000 / volumeOverSurfaceM(piece);
  return { shape: "cylinder", thicknessMm, moreSurface, bare: BARE_OF_A_LOAF };
}
/** A loaf lies in its tin, or on its base: little of what is round it steams, the rest is metal (rule of thumb: loaves of a kilo, 55–75 min at 180 °C). */
const BARE_OF_A_LOAF = 0.1;
/** Most bakes are over within the first of these; a longer one asks for a longer curve: only speed depends on them. */
const CURVES_MIN = [90, 240, 600] as const;
/** Pieces start at whole steps of five kelvin, so that samples share their curves. */
const roundTo5 = (tempC: number) => Math.round(tempC / 5) * 5;

/** One curve for a shape, a whole millimetre and an oven, worked out once. */
function curveOf(
  context: StepContext,
  { shape, thicknessMm }: OvenBody,
  heat: OvenHeat,
  long: number,
  bare = 1,
): OvenCurve | null {
  const mm = Math.max(1, Math.round(thicknessMm));
  const startC = roundTo5(heat.startC);
  const wetShare = heat.dries ? WET_SHARE.likely * bare : 0;
  return context.remember(`oven ${shape} ${mm} ${heat.surface} ${wetShare} ${startC} ${heat.ovenC} ${long}`, () => {
    const run = ovenCurve(
      {
        shape,
        halfM: mm / 2000,
        food: MOIST_FOOD,
        surface: heat.surface,
        wetShare,
        startC,
        ovenC: heat.ovenC,
      },
      long,
    );
    return run.ok ? run.value : null;
  });
}
/** Minutes in the oven until the middle is at `coreC`; a drying surface keeps it back (card 8). */
export function ovenCoreMinutes(
  context: StepContext,
  piece: PieceShape,
  heat: OvenHeat,
  coreC: number,
): Result<number, StepFailure> {
  const body = ovenBodyOf(context, piece, heat.surface);
  const within = (long: number) => {
    const curve = curveOf(context, body, heat, long, body.bare);
    return curve && minutesTo(curve, coreC);
  };
  let minutes: number | null = null;
  for (const long of CURVES_MIN) minutes ??= within(long);
  if (minutes === null) return fail({ kind: "never-done", coreC, aroundC: heat.ovenC });
  return succeed(minutes * context.draw("oven time"));
}
/** Where the middle is after minutes in the oven, and the share of the mass that has dried off. */
export function afterOven(
  context: StepContext,
  piece: PieceShape,
  heat: OvenHeat,
  minutes: number,
): { readonly coreC: number; readonly lossShare: number } {
  const body = ovenBodyOf(context, piece, heat.surface);
  const long = CURVES_MIN.find((l) => minutes <= l) ?? CURVES_MIN[2];
  const curve = curveOf(context, body, heat, long);
  const middle = body.bare === 1 ? curve : curveOf(context, body, heat, long, body.bare);
  if (curve === null || middle === null) return { coreC: heat.startC, lossShare: 0 };
  return {
    coreC: valueAt(middle.coreC, minutes),
    lossShare: Math.min(0.9, valueAt(curve.lossShare, minutes) * body.moreSurface * context.draw("drying")),
  };
}
