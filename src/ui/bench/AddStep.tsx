"use client";

import { chakra, HStack } from "@chakra-ui/react";
import { Plus } from "lucide-react";
import { memo, useState } from "react";
import type { StepKind } from "@/core/process/registry";
import { Quiet } from "../frame/controls";
import { STEP_GROUPS, STEP_NAMES } from "../wording/steps";

/** The same elements at every render: forty-eight options are drawn once. */
const OPTIONS = STEP_GROUPS.map(([group, kinds]) => (
  <optgroup key={group} label={group}>
    {kinds.map((k) => (
      <option key={k} value={k}>
        {STEP_NAMES[k]}
      </option>
    ))}
  </optgroup>
));

/** Adds a step after the one in hand. */
export const AddStep = memo(function AddStep({
  disabled,
  onAdd,
}: {
  disabled: boolean;
  onAdd: (kind: StepKind) => void;
}) {
  const [kind, setKind] = useState<StepKind>("season");
  return (
    <HStack gap="2">
      <chakra.select
        aria-label="Kind of step"
        value={kind}
        disabled={disabled}
        onChange={(e) => setKind(e.target.value as StepKind)}
        w="9.5rem"
        h="10"
        px="2"
        bg="card"
        color="ink"
        borderWidth="1px"
        borderColor="edge"
        rounded="md"
      >
        {OPTIONS}
      </chakra.select>
      <Quiet minH="10" px="3" disabled={disabled} onClick={() => onAdd(kind)}>
        <Plus size={15} /> Add a step
      </Quiet>
    </HStack>
  );
});
