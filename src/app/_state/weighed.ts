"use client";

import { useMemo } from "react";
import type { Plan } from "@/core/plan";
import { differences, type Difference } from "@/core/process/compare";
import { totalG } from "@/core/process/contents";
import type { Row } from "@/core/process/row";
import { rowsOf } from "@/core/schedule/work";
import { describeDifference, describePutIn, describeWayBack, type WayBackWords } from "@/words/stove";
import { usePlan } from "./computed";
import type { SupperView } from "./supper";

/** What the last weigh-in, or another amount, changed: the step as it was, what is said of it, and every figure further on. */
export interface ChangedByWeighing {
  readonly old: Extract<Row, { state: "computed" }>;
  readonly says: string;
  /** What brings the weight back to plan, so that nothing after it changes. */
  readonly back: WayBackWords | null;
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
  if (!last || !earlier || !("step" in last) || last.step !== inHand) return null;
  const old = rowsOf(earlier).find((r) => r.key === last.step);
  if (old?.state !== "computed") return null;
  const said =
    last.kind === "weighed"
      ? describeDifference(last.readingG - totalG(old.outcome.after.batch), old.scaleSays, view.units)
      : last.kind === "amount"
        ? describePutIn(old.step.adds[last.line], last.massG, view)
        : null;
  if (said === null) return null;
  return {
    old,
    says: said,
    back: last.kind === "weighed" ? describeWayBack(old, last.readingG, view.units) : null,
    differences: differences(rowsOf(earlier), rowsOf(plan)).filter((d) => d.key !== last.step),
  };
}
