"use client";

import { useEffect, useState } from "react";
import type { Supper } from "@/core/dish/dish";
import type { Kitchen } from "@/core/household/kitchen";
import type { Plan } from "@/core/plan";
import { capacitiesOf } from "@/core/schedule/capacities";
import type { Chance } from "@/core/schedule/chance";
import { chanceQuestion } from "@/core/schedule/chanceQuestion";
import type { KeptWarm } from "@/core/keepWarm";
import type { Schedule } from "@/core/schedule/schedule";
import type { Stretched } from "@/core/schedule/stretch";
import type { WayOut, WaysOut } from "@/core/waysOut";
import { computing } from "@/workers/client";
import { change, edited, kitchenRow } from "./store";
import type { SupperView } from "./supper";

/** How likely it is in time, once the ranges are there. */
export function useChance(planned: Plan, schedule: Schedule, view: SupperView): Chance | null {
  const { ranges } = view;
  const { kitchen } = view.input;
  const [told, setTold] = useState<{ readonly of: Schedule; readonly chance: Chance } | null>(null);
  useEffect(() => {
    if (ranges === null || schedule.kind !== "fits") return;
    let current = true;
    void computing
      .chance(chanceQuestion(planned, schedule, ranges, capacitiesOf(kitchen, planned.tasks)))
      .then((chance) => current && setTold({ of: schedule, chance }));
    return () => {
      current = false;
    };
  }, [planned, schedule, ranges, kitchen]);
  return told?.of === schedule ? told.chance : null;
}

/** What can be done now is looked at again so often: time goes on while the page is open. */
const AGAIN_MS = 5 * 60_000;
/**
 * What can be done about a supper that fits in no way, or should have begun; null until it is worked out.
 *
 * @param now ms since 1970 UTC; null where nobody asks
 */
export function useWaysOut(
  { question, taken }: Pick<SupperView, "question" | "taken">,
  schedule: Schedule,
  now: number | null,
): WaysOut | null {
  const [told, setTold] = useState<{ readonly of: Schedule; readonly ways: WaysOut } | null>(null);
  const slot = now === null ? null : Math.floor(now / AGAIN_MS);
  useEffect(() => {
    if (slot === null) return;
    let current = true;
    void computing.waysOut(question, Date.now(), taken).then((ways) => current && setTold({ of: schedule, ways }));
    return () => {
      current = false;
    };
  }, [question, taken, schedule, slot]);
  return slot !== null && told?.of === schedule ? told.ways : null;
}

/** What becomes of long waits in a low oven; nothing where none costs anything, and until it is worked out. */
export function useKeptWarm(
  { question, taken }: Pick<SupperView, "question" | "taken">,
  schedule: Schedule,
  asked: boolean,
): readonly KeptWarm[] {
  const [told, setTold] = useState<{ readonly of: Schedule; readonly ways: readonly KeptWarm[] } | null>(null);
  const waits = schedule.kind === "fits" && asked ? schedule.stretched : NO_WAITS;
  useEffect(() => {
    if (waits.length === 0) return;
    let current = true;
    void computing.keepWarm(question, waits, taken).then((ways) => current && setTold({ of: schedule, ways }));
    return () => {
      current = false;
    };
  }, [question, taken, schedule, waits]);
  return told?.of === schedule ? told.ways : NO_WAYS;
}
const NO_WAITS: readonly Stretched[] = [];
const NO_WAYS: readonly KeptWarm[] = [];

/** Does it: the supper, its time and the kitchen in one change, so that one undo brings all of it back. @param says what was done */
export function takeWay(way: WayOut, supper: Supper, kitchen: Kitchen, says: string): Promise<void> {
  const serveAt = new Date(Date.parse(supper.serveAt) + way.tableMin * 60_000).toISOString();
  return change(
    "A way out",
    [
      edited("suppers", supper, { ...way.supper, serveAt }),
      ...(way.change.kind === "one-more" ? [edited("kitchen", kitchenRow(kitchen), kitchenRow(way.kitchen))] : []),
    ],
    says,
  );
}
