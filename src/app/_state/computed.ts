"use client";

import { useEffect, useMemo, useRef, useState } from "react";
import type { AllergenChange } from "@/core/foods/book";
import type { Food } from "@/core/foods/food";
import type { Kitchen } from "@/core/household/kitchen";
import type { Question } from "@/core/cooking";
import type { Plan } from "@/core/plan";
import type { Ranges } from "@/core/sampling";
import type { Caution } from "@/core/safety/rule";
import type { Schedule } from "@/core/schedule/schedule";
import { computing } from "@/workers/client";

/** A plan and the input it was worked out from. */
export interface Answered {
  readonly of: Question;
  readonly plan: Plan;
  readonly cautions: readonly Caution[];
  readonly foods: readonly Food[];
  readonly changes: readonly AllergenChange[];
}
/** The plan of the newest input; while it is worked out the last one stays, so that nothing jumps. */
export function usePlan(input: Question | null): Answered | null {
  const [answered, setAnswered] = useState<Answered | null>(null);
  // Asked while the page is still drawing the edit: the worker is at it meanwhile. Asking twice changes nothing.
  const answer = useMemo(() => (input === null ? null : computing.plan(input)), [input]);
  useEffect(() => {
    if (input === null || answer === null) return;
    let current = true;
    void answer.then((judged) => current && setAnswered({ of: input, ...judged }));
    return () => {
      current = false;
    };
  }, [input, answer]);
  return answered;
}

const SETTLE_MS = 200;
/** A supper of more tasks than this may take seconds to be solved. */
const MANY_TASKS = 60;

/** Ranges follow when the cook pauses; those of another plan than the one shown are not shown. */
export function useRanges(input: Question | null, shown: Question | null): Ranges | null {
  const [ranges, setRanges] = useState<{ of: Question; ranges: Ranges } | null>(null);
  useEffect(() => {
    if (input === null) return;
    const timer = setTimeout(
      () => void computing.ranges(input).then((found) => found && setRanges({ of: input, ranges: found })),
      SETTLE_MS,
    );
    return () => clearTimeout(timer);
  }, [input]);
  return ranges !== null && ranges.of === shown ? ranges.ranges : null;
}

/** The schedule, and the plan that it is of. */
export interface Timed {
  readonly of: Plan;
  readonly schedule: Schedule;
}
export function useSchedule(plan: Plan | null, kitchen: Kitchen | null, serveAt: string | null): Timed | null {
  const [timed, setTimed] = useState<Timed | null>(null);
  const asked = useRef(false);
  useEffect(() => computing.wake(), []);
  useEffect(() => {
    if (plan === null || kitchen === null || serveAt === null) return;
    let current = true;
    // Nothing is shown before the first answer, so the first question does not wait for another edit.
    const settleMs = asked.current ? SETTLE_MS : 0;
    asked.current = true;
    const timer = setTimeout(async () => {
      const show = (schedule: Schedule) => current && setTimed({ of: plan, schedule });
      // A large supper has its first plan at once; the better one follows.
      if (plan.tasks.length > MANY_TASKS) {
        const first = await computing.firstSchedule(plan, kitchen, serveAt);
        if (first.kind === "fits") show(first);
      }
      if (current) show(await computing.schedule(plan, kitchen, serveAt));
    }, settleMs);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [plan, kitchen, serveAt]);
  return timed;
}

/**
 * What can harm, of the plan that is shown: at once without times, and with them as soon as the schedule is of that plan.
 */
export function useCautions(now: Answered | null, timed: Timed | null, planned: Plan | null): readonly Caution[] {
  const [judged, setJudged] = useState<{ of: Question; by: Schedule; cautions: readonly Caution[] } | null>(null);
  const input = now?.of ?? null;
  const schedule = timed !== null && timed.of === planned ? timed.schedule : null;
  useEffect(() => {
    if (input === null || schedule === null) return;
    let current = true;
    void computing
      .judge(input, schedule)
      .then((cautions) => current && setJudged({ of: input, by: schedule, cautions }));
    return () => {
      current = false;
    };
  }, [input, schedule]);
  if (judged !== null && judged.of === input && judged.by === schedule) return judged.cautions;
  return now?.cautions ?? NONE;
}
const NONE: readonly Caution[] = [];
