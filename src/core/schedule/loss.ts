import type { StepKind } from "../process/registry";

/** What food loses that waits longer than it should. */
export type LossKind = "crisp" | "heat" | "fresh";
/** Points of bite (0 to 10) that a minute beyond the usual wait costs. Engineering estimates. */
const PER_MINUTE: Readonly<Record<LossKind, number>> = { crisp: 1 / 12, heat: 1 / 40, fresh: 1 / 120 };
const LOSES: Readonly<Record<StepKind, LossKind>> = {
  weigh: "fresh",
  sort: "fresh",
  cut: "fresh",
  pulse: "fresh",
  mash: "heat",
  soak: "fresh",
  cook: "heat",
  boil: "heat",
  steam: "heat",
  blanch: "heat",
  gel: "fresh",
  drain: "fresh",
  strain: "heat",
  discard: "fresh",
  rinse: "fresh",
  squeeze: "fresh",
  press: "fresh",
  freeze: "fresh",
  thaw: "fresh",
  pat: "fresh",
  season: "heat",
  marinate: "fresh",
  glaze: "heat",
  toast: "crisp",
  batter: "crisp",
  bind: "fresh",
  rest: "fresh",
  shape: "fresh",
  stuff: "heat",
  slice: "fresh",
  coat: "crisp",
  sear: "crisp",
  brown: "heat",
  sweat: "heat",
  fry: "crisp",
  griddle: "crisp",
  "deep-fry": "crisp",
  "air-fry": "crisp",
  bake: "heat",
  simmer: "heat",
  reduce: "heat",
  thicken: "heat",
  layer: "heat",
  top: "heat",
  hold: "heat",
  stand: "heat",
  cool: "fresh",
  store: "fresh",
  "set-aside": "fresh",
  reheat: "heat",
  "as-written": "heat",
  serve: "heat",
};

/** What the result of a step loses by waiting: its crust, its heat, or only its freshness. */
export const lossOf = (kind: StepKind): LossKind => LOSES[kind] ?? "fresh";
/** Points of bite a minute beyond the usual wait. */
export const pointsPerMin = (kind: StepKind): number => PER_MINUTE[lossOf(kind)];

/** How food is kept warm: in a low oven, in a bowl over hot water, under a lid; or it is left and heated again at the end. */
export const KEEPS_WARM = ["oven", "water-bath", "lid", "reheat"] as const;
/** One of these ways. */
export type KeepsWarm = (typeof KEEPS_WARM)[number];
/**
 * Points of bite a minute kept so, and once for heating it again: in the oven crisp things soften in what steams off them and others dry
 * a little, over water and under a lid nothing stays crisp, and under a lid it loses half of its heat. Engineering estimates.
 */
const HELD: Readonly<
  Record<KeepsWarm, Readonly<Record<LossKind, { readonly aMinute: number; readonly once: number }>>>
> = {
  oven: { crisp: held(1 / 40), heat: held(1 / 120), fresh: held(1 / 120) },
  "water-bath": { crisp: held(1 / 12), heat: held(1 / 240), fresh: held(1 / 120) },
  lid: { crisp: held(1 / 12), heat: held(1 / 80), fresh: held(1 / 120) },
  reheat: { crisp: held(0, 0.6), heat: held(0, 0.3), fresh: held(0, 0.3) },
};
function held(aMinute: number, once = 0) {
  return { aMinute, once };
}
/** Points of bite that the result of a step loses when it is kept warm for so many minutes. */
export function heldPoints(kind: StepKind, how: KeepsWarm, minutes: number): number {
  const { aMinute, once } = HELD[how][lossOf(kind)];
  return aMinute * minutes + once;
}
/** What is heated again has lost no heat by waiting, and its crust with it: only its freshness. */
export const REHEATED_PER_MIN = PER_MINUTE.fresh;
