"use client";

import { startTransition, useEffect, useMemo, useRef, useState } from "react";
import type { AllergenChange } from "@/core/foods/book";
import type { Food } from "@/core/foods/food";
import type { Question } from "@/core/cooking";
import type { Supper } from "@/core/dish/dish";
import type { BurnerChoice, Plan } from "@/core/plan";
import type { Ranges } from "@/core/sampling";
import type { Caution } from "@/core/safety/rule";
import type { Schedule } from "@/core/schedule/schedule";
import { computing } from "@/workers/client";
import type { LimitsByKind } from "@/workers/plan.worker";
import type { Times } from "@/workers/search.worker";

/** A plan and the input it was worked out from. */
export interface Answered {
  readonly of: Question;
  readonly plan: Plan;
  readonly cautions: readonly Caution[];
  readonly foods: readonly Food[];
  readonly changes: readonly AllergenChange[];
}
/** Limits of the settings of each kind of step; they come with the first plan, of the same worker. */
export function useLimits(): LimitsByKind | null {
  const [limits, setLimits] = useState<LimitsByKind | null>(null);
  useEffect(() => void computing.limits().then(setLimits), []);
  return limits;
}

/** The plan of the newest input; while it is worked out the last one stays, so that nothing jumps. */
export function usePlan(input: Question | null): Answered | null {
  const [answered, setAnswered] = useState<Answered | null>(null);
  const drawn = useRef(false);
  // Asked while the page is still drawing the edit: the worker is at it meanwhile. Asking twice changes nothing.
  const answer = useMemo(() => (input === null ? null : computing.plan(input)), [input]);
  useEffect(() => {
    if (input === null || answer === null) return;
    let current = true;
    void answer.then((judged) => {
      if (!current) return;
      const shown = { of: input, ...judged };
      // The first one draws the whole page, in slices; what a cook edits is drawn at once.
      if (drawn.current) setAnswered(shown);
      else startTransition(() => setAnswered(shown));
      drawn.current = true;
    });
    return () => {
      current = false;
    };
  }, [input, answer]);
  return answered;
}

const SETTLE_MS = 200;
/** A supper of more steps than this may take seconds to be solved. */
const MANY_STEPS = 40;
const stepsIn = ({ input }: Question): number =>
  input.supper.dishes.reduce((n, d) => n + d.parts.reduce((m, p) => m + p.steps.length, 0), 0);

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

/** The times of a question, and the burners that its steps were given with them. */
export interface TimesOf extends Times {
  readonly of: Question;
}
/** @param earlier suppers that are eaten before this one, and have the kitchen first */
export function useTimes(question: Question | null, earlier: readonly Supper[] | null): TimesOf | null {
  const [times, setTimes] = useState<TimesOf | null>(null);
  const asked = useRef(false);
  useEffect(() => computing.wake(), []);
  useEffect(() => {
    if (question === null || earlier === null) return;
    let current = true;
    // Nothing is shown before the first answer, so the first question does not wait for another edit.
    const settleMs = asked.current ? SETTLE_MS : 0;
    asked.current = true;
    const show = (found: Omit<TimesOf, "of">) =>
      startTransition(() => void (current && setTimes({ of: question, ...found })));
    const timer = setTimeout(async () => {
      // A large supper has its first plan at once; the better one follows.
      if (stepsIn(question) > MANY_STEPS) {
        const first = await computing.firstTimes(question);
        if (first.kind === "fits") show({ schedule: first, burners: NO_BURNERS, beside: [], taken: [] });
      }
      if (current) show(await computing.timed(question, earlier));
    }, settleMs);
    return () => {
      current = false;
      clearTimeout(timer);
    };
  }, [question, earlier]);
  return times;
}
const NO_BURNERS: BurnerChoice = {};

/** The last one there was, until there is another. */
export function useLast<T>(value: T | null): T | null {
  const [last, setLast] = useState<T | null>(null);
  if (value !== null && value !== last) setLast(value);
  return value ?? last;
}

/**
 * What can harm, of the plan that is shown: at once without times, and with them as soon as the schedule is of that plan.
 */
export function useCautions(now: Answered | null, schedule: Schedule | null): readonly Caution[] {
  const [judged, setJudged] = useState<{ of: Question; by: Schedule; cautions: readonly Caution[] } | null>(null);
  const input = now?.of ?? null;
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
