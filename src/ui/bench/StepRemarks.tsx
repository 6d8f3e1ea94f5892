"use client";

import { Box, Stack } from "@chakra-ui/react";
import { memo } from "react";
import { BITE, BITE_SHIFTS } from "@/core/bite/shifts";
import type { Kitchen } from "@/core/household/kitchen";
import type { Plan } from "@/core/plan";
import type { RowRanges } from "@/core/sampling";
import type { Need } from "@/core/process/ledger";
import type { Row } from "@/core/process/row";
import type { Caution } from "@/core/safety/rule";
import type { Range } from "@/core/quantities/range";
import { writeMinutes, writePercent, writeTemp } from "@/core/quantities/write";
import { CautionRemark } from "../frame/CautionRemark";
import { Remark } from "../frame/controls";
import { describeAdvice, describeFact } from "@/words/facts";
import { HOW_SURE } from "@/words/steps";
import { Failure } from "./Failure";
import { describeWeighInFailure } from "@/words/weighInFailures";
import { type TextContext } from "@/words/words";

/** What a step has to tell of itself: facts, cautions, or what stands against it. */
export const StepRemarks = memo(function StepRemarks({
  row,
  plan,
  cautions,
  textContext,
}: {
  row: Row;
  plan: Plan;
  cautions: readonly Caution[];
  textContext: TextContext;
}) {
  if (row.state === "blocked")
    return (
      <Remark tone="harm" mt="3" role="alert">
        <Failure failure={row.failure} textContext={textContext} />
      </Remark>
    );
  if (row.state === "waiting") return null;
  const advice = plan.advice.find((a) => a.step === row.key);
  const mine = cautions.filter((c) => c.step === row.key);
  return (
    <Stack gap="2" mt="3">
      {row.refusedReading && (
        <Remark tone="watch">{describeWeighInFailure(row.refusedReading, textContext.units)}</Remark>
      )}
      {row.outcome.facts.map((fact, i) => {
        const { tone, says, ruleOfThumb } = describeFact(fact, textContext);
        return (
          <Remark key={i} tone={tone}>
            {says}
            {ruleOfThumb && (
              <Box as="span" color="quiet">
                {" "}
                Rule of thumb.
              </Box>
            )}
          </Remark>
        );
      })}
      {advice && <Remark tone="watch">{describeAdvice(advice, textContext)}</Remark>}
      {mine.map((c) => (
        <CautionRemark key={c.rule} caution={c} telling={textContext} />
      ))}
    </Stack>
  );
});

/** How sure it is: last in its card, since ranges come later than the plan and must push nothing that one is about to press. */
export const StepCertainty = memo(function StepCertainty({
  row,
  ranges,
  kitchen,
  burner,
}: {
  row: Row;
  ranges: RowRanges | null;
  kitchen: Kitchen;
  /** The burner that the clock gave the step; null where it has the choice. */
  burner: string | null;
}) {
  if (row.state !== "computed") return null;
  return (
    <Stack gap="2" mt="4">
      <Answered row={row} ranges={ranges} kitchen={kitchen} burner={burner} />
      {ranges !== null && ranges.doneShare < 1 && (
        <Remark tone="watch">
          In {writePercent(Math.max(0.01, 1 - ranges.doneShare), 0)} of the runs behind the ranges this step, or one
          before it, cannot be done: the figures sit close to an edge.
        </Remark>
      )}
    </Stack>
  );
});

type Computed = Extract<Row, { state: "computed" }>;
const KINDS = { hands: "hands-on", watch: "watching", wait: "by itself" } as const;
/** "3 min to 6 min"; nothing for what is certain. */
function sayRange({ low, high }: Range): string {
  const [from, to] = [writeMinutes(Math.max(1, low)), writeMinutes(Math.max(1, high))];
  return from === to ? "" : `${from} to ${to}`;
}
/** `4 min hands-on (3 min to 6 min), 30 min by itself (26 min to 36 min); 30 min to 41 min in all.` */
function sayMinutes(row: Computed, ranges: RowRanges | null): string {
  const said = (["hands", "watch", "wait"] as const).flatMap((kind) => {
    const minutes = row.outcome.phases.reduce((m, p) => (p.kind === kind ? m + p.minutes : m), 0);
    if (minutes <= 0) return [];
    const range = ranges === null ? "" : sayRange(ranges[kind]);
    return [`${writeMinutes(Math.max(1, minutes))} ${KINDS[kind]}${range && ` (${range})`}`];
  });
  const inAll = ranges === null || said.length < 2 ? "" : sayRange(ranges.minutes);
  return `${said.join(", ")}${inAll && `; ${inAll} in all`}.`;
}
function sayNeed(need: Need, kitchen: Kitchen, burner: string | null): string {
  switch (need.kind) {
    case "burner": {
      const given = kitchen.burners.find((b) => b.id === burner);
      return given === undefined ? "a burner" : `the burner “${given.name}”`;
    }
    case "pan":
      return kitchen.pans.find((p) => p.id === need.pan)?.name ?? "a pan";
    case "machine":
      return kitchen.machines.find((m) => m.id === need.machine)?.name ?? "a machine";
    case "oven":
      return `the oven at ${writeTemp(need.tempC, kitchen.units)}`;
    case "fridge":
      return "room in the fridge";
    case "freezer":
      return "room in the freezer";
  }
}

/** The bite in words, the model and its sureness: small print under the remarks. */
function Answered({
  row,
  ranges,
  kitchen,
  burner,
}: {
  row: Computed;
  ranges: RowRanges | null;
  kitchen: Kitchen;
  burner: string | null;
}) {
  const needs = row.outcome.needs.map((n) => sayNeed(n, kitchen, burner));
  const shift = BITE_SHIFTS[row.step.kind];
  const bite = shift
    ? BITE.filter((a) => shift[a]).map((a) => `${(shift[a] as number) > 0 ? "more" : "less"} ${a}`)
    : [];
  return (
    <Box fontSize="sm" color="quiet">
      <Box>
        {row.step.ready ? "Done on another day: it lies ready in the cold." : sayMinutes(row, ranges)}
        {needs.length > 0 && ` Needs ${needs.join(", ")}.`}
      </Box>
      {bite.length > 0 && <Box>Bite: {bite.join(", ")} (estimate).</Box>}
      <Box>{HOW_SURE[row.step.kind]}</Box>
    </Box>
  );
}
