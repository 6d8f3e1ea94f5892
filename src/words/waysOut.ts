import type { OneMore } from "@/core/household/oneMore";
import type { QuickerKind } from "@/core/mend/quicker";
import type { Plan } from "@/core/plan";
import type { StepKey } from "@/core/process/log";
import type { UnitSystem } from "@/core/quantities/units";
import { writeMass, writeMinutes } from "@/core/quantities/write";
import type { Relief } from "@/core/schedule/reliefs";
import type { TaskId } from "@/core/schedule/task";
import { rowsOf } from "@/core/schedule/work";
import type { NamedReason, WayOut, WaysOut } from "@/core/waysOut";
import { list } from "./count";
import { STEP_NAMES } from "./steps";

const MORE: Readonly<Record<OneMore, string>> = {
  hands: "A helper in the kitchen",
  burner: "One more burner, such as a table-top one",
  oven: "One more oven, such as a neighbour's",
};
const QUICKER: Readonly<Record<QuickerKind, (part: string, minutes: string | null) => string>> = {
  "thaw-in-water": (part, minutes) =>
    `${part}: thaw in cold water${minutes}, in a tight bag, fresh water every half hour`,
  "hot-soak": (part, minutes) => `${part}: soak in water off the boil${minutes}, under a lid`,
  pressure: (part) => `${part}: cook under pressure`,
  "bought-thawed": (part) => `${part}: buy it thawed, or from the chilled shelf`,
  "wider-pan": (part) => `${part}: the widest pan, so that more goes in at once`,
  "two-pans": (part) => `${part}: two pans at once, for fewer batches`,
  unfrozen: (part) => `${part}: do not freeze; it stays softer and takes up less`,
};

const CAME: Readonly<Record<OneMore, string>> = {
  hands: "a helper",
  burner: "a borrowed burner",
  oven: "a borrowed oven",
};
/** "Every plan counts on a helper and a borrowed burner." */
export const describeBorrowed = (borrowed: readonly OneMore[]): string =>
  `Every plan counts on ${list(borrowed.map((of) => CAME[of]))}.`;

/** "Thaw · Torn tofu": a step by its name and its part. */
function nameOf(step: StepKey, plan: Plan): { readonly part: string; readonly title: string } {
  const part = plan.dishes.flatMap((d) => d.parts).find((p) => p.rows.some((r) => r.key === step));
  const row = rowsOf(plan).find((r) => r.key === step);
  const name = row === undefined ? step : STEP_NAMES[row.step.kind];
  return { part: part?.name ?? step, title: `${name} · ${part?.name ?? ""}` };
}
/** What would be done differently. */
export function describeWay(
  { change, tableMin }: Pick<WayOut, "change" | "tableMin">,
  plan: Plan,
  units: UnitSystem,
): string {
  switch (change.kind) {
    case "as-it-is":
      if (tableMin > 0) return "As it is, but later";
      return plan.roomMin > 0 ? "With no room before it is served" : "As it is, begun now";
    case "let-move":
      return "Let the steps that you hold move";
    case "one-more":
      return MORE[change.of];
    case "route": {
      const part = plan.dishes.find((d) => d.id === change.dish)?.parts.find((p) => p.id === change.part);
      return `${part?.name ?? "A part"}: another route, “${change.name}”, from ${writeMass(change.massG, units)} as bought`;
    }
    case "quicker":
      return change.steps
        .map(({ step, way, minutes }) =>
          QUICKER[way](nameOf(step, plan).part, minutes === null ? "" : ` for ${writeMinutes(minutes)}`),
        )
        .join("; ");
  }
}
/** "On the table as planned, begin at 17:20", or how late; and what waiting costs then. */
export function describeWayPrice(
  { startMin, tableMin, points }: Pick<WayOut, "startMin" | "tableMin" | "points">,
  when: (minute: number) => string,
): string {
  const table = tableMin === 0 ? "On the table as planned" : `On the table ${when(tableMin)}`;
  return `${table}, begin ${when(startMin)}${points < 0.05 ? "" : `, bite −${points.toFixed(1)}`}.`;
}
/** "Thaw · Torn tofu 36 h, freeze 14 h and what follows take 54 h. There are 30 h until dinner." */
export function describeTooLong({ needsMin, thereAreMin, steps }: NonNullable<WaysOut["tooLong"]>, plan: Plan): string {
  const named = steps.map(({ step, minutes }) => `${nameOf(step, plan).title} ${writeMinutes(minutes)}`);
  const all = `${named.join(", ")} and what goes with them take ${writeMinutes(needsMin)}`;
  return thereAreMin <= 0
    ? `${all}, and dinner is now.`
    : `${all}. There are ${writeMinutes(thereAreMin)} until dinner.`;
}

const THINGS: Readonly<Record<string, (units: number) => string>> = {
  hands: (n) => (n === 1 ? "one pair of hands" : `${n} pairs of hands`),
  burner: (n) => (n === 1 ? "one burner" : `${n} burners`),
  oven: (n) => (n === 1 ? "the shelf of the oven" : `the ${n} shelves of the oven`),
  fridge: () => "the space in the fridge",
  freezer: () => "the space in the freezer",
};
function describeReason(reason: NamedReason): string {
  switch (reason.kind) {
    case "thing": {
      const { thing, units, workMin, name } = reason;
      const what = THINGS[thing]?.(units) ?? (name === null ? "one burner" : `the one “${name}”`);
      return thing === "fridge" || thing === "freezer"
        ? what
        : `${what} for ${writeMinutes(workMin)} of work${units > 1 ? " each" : ""}`;
    }
    case "nobody":
      return "the hours in which nobody is free";
    case "waits":
      return "food that can wait no longer";
    case "rule":
      return "how long food may stand warm";
    case "held":
      return "the steps that you hold";
  }
}
/** "What is in the way: one pair of hands for 48 min of work and food that can wait no longer, all together." */
export function describeBecause(because: WaysOut["because"]): string | null {
  if (because.length === 0) return null;
  const together = because.length > 1 ? ", all together" : "";
  return `What is in the way: ${list(because.map(describeReason))}${together}.`;
}

const RESOURCES: Readonly<Record<string, string>> = {
  hands: "a second pair of hands",
  burner: "one more burner",
  oven: "one more oven",
  fridge: "twice the space in the fridge",
  freezer: "twice the space in the freezer",
};
/** Whether what would help is among what a press does. */
export const isAWay = (relief: Relief): boolean => relief.kind === "one-more" && relief.resource in MORE;
/** What else would help that nobody can do with a press: a pan, hours, a wait. */
export function describeRelief(relief: Relief, stepOf: (id: TaskId) => string): string {
  switch (relief.kind) {
    case "one-more":
      return `With ${RESOURCES[relief.resource] ?? `another one like “${relief.resource.replace(/^(pan|machine):/, "")}”`} it fits.`;
    case "be-home":
      return "Without the hours of sleep and absence it fits: eat at another time, or do the first steps the day before.";
    case "wait-longer":
      return `If “${stepOf(relief.from)}” may wait ${relief.neededMin === null ? "longer" : writeMinutes(relief.neededMin)} instead of ${writeMinutes(relief.nowMin)} before ${relief.to === "serve" ? "the table" : `“${stepOf(relief.to)}”`}, it fits.`;
  }
}
