import { tryOut } from "./schedule";
import type { ScheduleInput } from "./task";

/** Something without which it would fit, that together with the others keeps it from fitting. */
export type Reason =
  | {
      readonly kind: "thing";
      readonly thing: string;
      readonly units: number;
      /** How long all of it is taken, if nothing is idle: units × minutes of all tasks by what there is. */
      readonly workMin: number;
    }
  /** Hours in which nobody is free: asleep, away, busy with another supper. */
  | { readonly kind: "nobody" }
  /** Food that may wait no longer. */
  | { readonly kind: "waits" }
  /** Food that stands warm too long in all: the rule that sets the limit. */
  | { readonly kind: "rule"; readonly rule: string }
  /** Steps that the cook holds at their hour. */
  | { readonly kind: "held" };

const HANDS = "hands";
/** Each question that is asked on the way takes such a part of the clock's budget. */
const SHARE = 40;

/**
 * The smallest set of reasons why nothing fits: without any one of them it is not impossible any more. What a plan needs in any case
 * (minutes, the order of steps, the time there is) is no reason of its own, so that none are told where that is enough.
 *
 * Method: deletion filter for an irreducible infeasible set (Chinneck and Dravnieks, ORSA Journal on Computing 3 (1991) 157).
 *
 * @returns none where it fits, or where that it does not is not proven
 */
export function reasonsOf(input: ScheduleInput): readonly Reason[] {
  const never = (q: ScheduleInput) => {
    const found = tryOut({ ...q, nodes: Math.ceil(input.nodes / SHARE) });
    return found.kind === "does-not-fit" && found.proven;
  };
  if (!never(input)) return [];
  let left = input;
  return possibleReasons(input).filter((reason) => {
    const tried = without(left, reason);
    if (!never(tried)) return true;
    left = tried;
    return false;
  });
}
/** The same question where nothing begins earlier. @param fromMin minutes relative to serving */
export const begunFrom = (input: ScheduleInput, fromMin: number): ScheduleInput => ({
  ...input,
  tasks: input.tasks.map((t) => ({ ...t, notBefore: Math.max(t.notBefore ?? fromMin, fromMin) })),
  horizonMin: Math.max(1, Math.min(input.horizonMin, -fromMin)),
});

/** All that could be a reason, what is easiest to change last: it is then told rather than what is hard to change. */
export function possibleReasons({
  tasks,
  budgets = [],
  capacities,
  lags,
  blocked,
  gone = {},
}: ScheduleInput): Reason[] {
  const things = Object.entries(capacities).flatMap(([thing, units]): Reason[] => {
    const work = tasks.reduce((sum, t) => sum + t.minutes * (t.demands[thing] ?? 0), 0);
    return work > 0 ? [{ kind: "thing", thing, units, workMin: Math.round(work / Math.max(1, units)) }] : [];
  });
  return [
    ...(lags.some((l) => l.maxMin !== null && l.maxMin > 0) ? [{ kind: "waits" } as const] : []),
    ...[...new Set(budgets.map((b) => b.rule))].map((rule) => ({ kind: "rule", rule }) as const),
    ...(blocked.length + (gone[HANDS] ?? []).length > 0 ? [{ kind: "nobody" } as const] : []),
    ...things,
    ...(tasks.some((t) => t.notAfter !== undefined) ? [{ kind: "held" } as const] : []),
  ];
}
/** The same question where a reason is none. */
export function without(q: ScheduleInput, reason: Reason): ScheduleInput {
  switch (reason.kind) {
    case "held":
      return {
        ...q,
        tasks: q.tasks.map((t) =>
          t.notAfter === undefined ? t : { ...t, notBefore: -q.horizonMin, notAfter: Infinity },
        ),
      };
    case "waits":
      // Phases of one step follow each other at once.
      return { ...q, lags: q.lags.map((l) => (l.maxMin === 0 ? l : { ...l, maxMin: null })) };
    case "rule":
      return { ...q, budgets: (q.budgets ?? []).filter((b) => b.rule !== reason.rule) };
    case "nobody":
      // What another supper has of the gear is a matter of the gear.
      return { ...q, blocked: [], gone: { ...q.gone, [HANDS]: [] } };
    case "thing":
      return withPlenty(q, reason.thing);
  }
}
/** So much of a thing that nothing waits for it; ovens are then all at their own heat, and parts share no pan. */
function withPlenty(q: ScheduleInput, thing: string): ScheduleInput {
  const users = q.tasks.filter((t) => (t.demands[thing] ?? 0) > 0);
  const plenty = users.reduce((sum, t) => sum + (t.demands[thing] ?? 0), 1);
  const inIt = new Set(users.map((t) => t.id));
  const { [thing]: _, ...gone } = q.gone ?? {};
  void _;
  return {
    ...q,
    capacities: { ...q.capacities, [thing]: plenty },
    gone,
    apart: thing.startsWith("pan:") ? q.apart.filter(([a]) => !a.every((id) => inIt.has(id))) : q.apart,
    ...(thing === "oven" ? { ovens: q.tasks.length + 2 } : {}),
  };
}
