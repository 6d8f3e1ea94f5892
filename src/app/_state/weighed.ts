"use client";

import { useMemo } from "react";
import type { Plan } from "@/core/plan";
import { differences, type Difference } from "@/core/process/compare";
import { totalG } from "@/core/process/contents";
import type { Row } from "@/core/process/replay";
import { rowsOf } from "@/core/schedule/work";
import { describeDifference } from "@/ui/wording/stove";
import { usePlan } from "./computed";
import type { SupperView } from "./supper";

/** What the last weigh-in changed: the step as it was, what is said of it, and every figure further on. */
export interface ChangedByWeighing {
  readonly old: Extract<Row, { state: "computed" }>;
  readonly says: string;
  readonly differences: readonly Difference[];
}

/** Worked out from the log, so that a reload shows it again; only while the step that was weighed is in hand. */
export function useChanged(view: SupperView, plan: Plan, inHand: string): ChangedByWeighing | null {
  const { question } = view;
  const weighings = question.input.log;
  const last = weighings.at(-1);
  const before = useMemo(
    () => (last ? { ...question, input: { ...question.input, log: weighings.slice(0, -1) } } : null),
    [question, weighings, last],
  );
  const earlier = usePlan(before)?.plan ?? null;
  if (!last || last.kind !== "weighed" || !earlier || last.step !== inHand) return null;
  const old = rowsOf(earlier).find((r) => r.key === last.step);
  if (old?.state !== "computed") return null;
  const differenceG = last.readingG - totalG(old.outcome.after.batch);
  return {
    old,
    says: `${describeDifference(differenceG, old.scaleSays, view.units)} From here on:`,
    differences: differences(rowsOf(earlier), rowsOf(plan)).filter((d) => d.key !== last.step),
  };
}
