import type { StepKey } from "@/core/process/log";
import { list } from "./count";
import type { KeptWarm } from "@/core/keepWarm";
import type { Plan } from "@/core/plan";
import type { StepKind } from "@/core/process/registry";
import { type KeepsWarm, type LossKind, lossOf } from "@/core/schedule/loss";
import type { Stretched } from "@/core/schedule/stretch";
import type { Lag, TaskId } from "@/core/schedule/task";
import type { DayChange } from "@/core/schedule/whatIf";
import type { Chance } from "@/core/schedule/chance";
import type { UnitSystem } from "@/core/quantities/units";
import { writeMinutes, writeTemp } from "@/core/quantities/write";

const LOSES: Readonly<Record<LossKind, string>> = {
  crisp: "crisp",
  heat: "heat",
  fresh: "freshness",
};
/** How to keep it meanwhile (common practice). */
const KEEP: Readonly<Record<LossKind, (units: UnitSystem) => string>> = {
  crisp: (units) => `keep it on a rack in the oven at ${writeTemp(KEEP_WARM_C, units)}, uncovered`,
  heat: () => "keep it under a lid, or warm it up once",
  fresh: () => "keep it covered",
};
const KEEP_WARM_C = 80;

/** "Mash · Potatoes waits 40 min for the table, 24 min longer than usual": a wait and what it costs. */
export function describeStretch(
  { from, to, usualMin, waitsMin }: Pick<Stretched, "from" | "to" | "usualMin" | "waitsMin">,
  nameOf: (task: string) => string,
): string {
  const before = to === "serve" ? "the table" : nameOf(to);
  return `${nameOf(from)} waits ${writeMinutes(waitsMin)} for ${before}, ${writeMinutes(waitsMin - usualMin)} longer than it should`;
}
/** "heat −0.6", or nothing that counts. */
export function describePrice(points: number, kind: StepKind): string {
  return points < 0.05 ? "nothing that counts" : `${LOSES[lossOf(kind)]} −${points.toFixed(1)}`;
}
/** What helps while it waits. */
export const describeKeeping = (kind: StepKind, units: UnitSystem): string => KEEP[lossOf(kind)](units);

const KEEPS: Readonly<Record<KeepsWarm, string>> = {
  oven: "Keep it in the oven",
  "water-bath": "Keep it over hot water",
  lid: "Keep it under a lid",
  reheat: "Heat it again at the end",
};
/** "Keep it in the oven for 20 min: bite −0.2 in all, not −1.1". */
export const describeKeptWarm = ({
  how,
  minutes,
  points,
  pointsNow,
}: Pick<KeptWarm, "how" | "minutes" | "points" | "pointsNow">): string =>
  `${KEEPS[how]} for ${writeMinutes(minutes)}: bite −${points.toFixed(1)} in all, not −${pointsNow.toFixed(1)}`;
/** "Sear to the table: at most 10 min": a wait that has to be kept. */
export const describeLag = (
  { from, to, minMin, maxMin, hardMin }: Pick<Lag, "from" | "to" | "minMin" | "maxMin" | "hardMin">,
  nameOf: (id: TaskId) => string,
): string => {
  const most = hardMin === undefined ? maxMin : hardMin;
  return `${nameOf(from)} to ${to === "serve" ? "the table" : nameOf(to)}: ${most === null ? `at least ${writeMinutes(minMin)}` : `at most ${writeMinutes(most)}`}`;
};
/** Why a step cannot be where the cook wants it. */
export const describeBroken = (contradiction: readonly Lag[], nameOf: (id: TaskId) => string): string =>
  contradiction.length === 0
    ? "There is no plan with it there: something else needs the same hands, burner, oven or pan, or nobody is there. It stays where it was."
    : `It cannot be there: ${contradiction.map((lag) => describeLag(lag, nameOf)).join("; ")}. It stays where it was.`;

/** Suppers that are eaten before this one and are in the kitchen at the same time. */
export const describeBeside = (names: readonly string[]): string =>
  `Planned around ${list(names.map((n) => `“${n}”`))}, which ${names.length === 1 ? "has" : "have"} the kitchen first.`;
/** Parts that the clock leaves out because a step of them cannot be worked out; null when it has them all. */
export function describeHoles(plan: Plan): string | null {
  const holes = plan.dishes.flatMap((d) =>
    d.parts.filter((p) => p.rows.some((r) => r.state !== "computed")).map((p) => p.name),
  );
  if (holes.length === 0) return null;
  return `Not in this plan: ${list(holes)}. A step of ${holes.length === 1 ? "it" : "them"} cannot be worked out; the Bench says why.`;
}

/** "On the table in time in about 38 of 100 evenings, likely at 19:06." */
export function describeChance({ onTime, likelyMin }: Chance, clock: (minute: number) => string): string {
  const share = Math.round(onTime * 100);
  const often =
    share >= 99 ? "nearly every evening" : share <= 1 ? "hardly any evening" : `about ${share} of 100 evenings`;
  return `In time in ${often}, likely at ${clock(Math.max(0, Math.round(likelyMin)))}.`;
}
/** How much earlier makes it sure enough. */
export const describeEarlier = ({ earlierMin }: Chance): string =>
  earlierMin === 0
    ? "Begun when it says, it is in time in 90 of 100."
    : `Begin everything ${writeMinutes(earlierMin)} earlier, and it is in time in 90 of 100.`;
/** The steps that make it late. */
export const describeCauses = ({ causes }: Chance, stepName: (step: StepKey) => string): string =>
  `What makes it late: ${causes.map((c) => `${stepName(c.step)} (about ${writeMinutes(Math.max(1, Math.round(c.minutes)))})`).join(", ")}.`;

/** A stretch on a lane, and when it ends at the latest in nine evenings of ten. */
export const describeBar = (
  bar: { readonly says: string; readonly from: number; readonly to: number; readonly slipMin: number },
  clock: (minute: number) => string,
): string =>
  `${bar.says}, ${clock(bar.from)} to ${clock(bar.to)}${bar.slipMin > 0 ? `, one evening in ten not before ${clock(bar.to + bar.slipMin)}` : ""}`;

/** What may change on the day. */
export const CHANGE_NAMES: Readonly<Record<DayChange, string>> = {
  "hour-earlier": "dinner an hour earlier",
  "hour-later": "dinner an hour later",
  "burner-less": "one burner less",
  helper: "a helper",
  "longer-hands": "hands a third slower",
};
