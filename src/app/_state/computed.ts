"use client";

import { useEffect, useMemo, useRef, useState } from "react";
import type { Kitchen } from "@/core/dish/kitchen";
import { blockedBefore } from "@/core/formats/zonedTime";
import type { Plan, PlanInput, Ranges } from "@/core/plan";
import { capacitiesOf } from "@/core/schedule/fromPlan";
import type { Schedule } from "@/core/schedule/schedule";
import { computing } from "@/workers/client";

/** A plan and the input it was reckoned from. */
export interface Reckoned {
  readonly of: PlanInput;
  readonly plan: Plan;
}
/** The plan of the newest input; while it is reckoned the last one stays, so that nothing jumps. */
export function usePlan(input: PlanInput | null): Reckoned | null {
  const [reckoned, setReckoned] = useState<Reckoned | null>(null);
  // Asked while the page is still drawing the edit: the worker reckons meanwhile. Asking twice changes nothing.
  const answer = useMemo(() => (input === null ? null : computing.plan(input)), [input]);
  useEffect(() => {
    if (input === null || answer === null) return;
    let current = true;
    void answer.then((plan) => current && setReckoned({ of: input, plan }));
    return () => {
      current = false;
    };
  }, [input, answer]);
  return reckoned;
}

const SETTLE_MS = 200;

/** Ranges follow when the cook pauses; those of another plan than the one shown are not shown. */
export function useRanges(input: PlanInput | null, shown: PlanInput | null): Ranges | null {
  const [ranges, setRanges] = useState<{ of: PlanInput; ranges: Ranges } | null>(null);
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

/** Six days back is as far as the clock looks: a block is frozen and thawed in four. The budget takes a third of a second. */
const HORIZON_MIN = 6 * 1440;
const NODES = 60_000;

export function scheduleFor(plan: Plan, kitchen: Kitchen, serveAt: string): Promise<Schedule> {
  const { tasks, lags, apart } = plan;
  return computing.schedule({
    tasks,
    lags,
    apart,
    capacities: capacitiesOf(kitchen),
    blocked: blockedBefore(kitchen, serveAt, HORIZON_MIN),
    horizonMin: HORIZON_MIN,
    nodes: NODES,
  });
}

export function useSchedule(plan: Plan | null, kitchen: Kitchen | null, serveAt: string | null): Schedule | null {
  const [schedule, setSchedule] = useState<Schedule | null>(null);
  const asked = useRef(false);
  useEffect(() => computing.wake(), []);
  useEffect(() => {
    if (plan === null || kitchen === null || serveAt === null) return;
    let current = true;
    // Nothing is shown before the first answer, so the first question does not wait for another edit.
    const settleMs = asked.current ? SETTLE_MS : 0;
    asked.current = true;
    const timer = setTimeout(
      () => void scheduleFor(plan, kitchen, serveAt).then((s) => current && setSchedule(s)),
      settleMs,
    );
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [plan, kitchen, serveAt]);
  return schedule;
}
