"use client";

import { Box, Stack } from "@chakra-ui/react";
import { BITE, BITE_SHIFTS } from "@/core/bite/shifts";
import type { Plan } from "@/core/plan";
import type { Row } from "@/core/process/replay";
import { CautionRemark } from "../frame/CautionRemark";
import { Remark } from "../frame/controls";
import { sayFact } from "../wording/facts";
import { RECKONED } from "../wording/reckoned";
import { sayFailure, sayWeighInFailure, type Speaking } from "../wording/words";

/** Everything a step has to tell: facts, cautions, what it does to the bite, and how sure the figures are. */
export function StepRemarks({ row, plan, speaking }: { row: Row; plan: Plan; speaking: Speaking }) {
  if (row.state === "blocked")
    return (
      <Remark tone="harm" mt="3" role="alert">
        {sayFailure(row.failure, speaking)}
      </Remark>
    );
  if (row.state === "waiting") return null;
  const cautions = plan.cautions.filter((c) => c.step === row.key);
  return (
    <Stack gap="2" mt="3">
      {row.refusedReading && <Remark tone="watch">{sayWeighInFailure(row.refusedReading, speaking.units)}</Remark>}
      {row.outcome.facts.map((fact, i) => {
        const { tone, says, ruleOfThumb } = sayFact(fact, speaking);
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
      {cautions.map((c) => (
        <CautionRemark key={c.rule} caution={c} />
      ))}
      <Reckoned row={row} />
    </Stack>
  );
}

/** The bite in words, the model and its sureness: small print under the remarks. */
function Reckoned({ row }: { row: Row }) {
  const shift = BITE_SHIFTS[row.step.kind];
  const bite = shift
    ? BITE.filter((a) => shift[a]).map((a) => `${(shift[a] as number) > 0 ? "more" : "less"} ${a}`)
    : [];
  return (
    <Box fontSize="sm" color="quiet">
      {bite.length > 0 && <Box>Bite: {bite.join(", ")} (estimate).</Box>}
      <Box>{RECKONED[row.step.kind]}</Box>
    </Box>
  );
}
