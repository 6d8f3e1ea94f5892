"use client";

import { Box, chakra, Flex } from "@chakra-ui/react";
import { Plus } from "lucide-react";
import { memo, useRef } from "react";
import { usualNext } from "@/core/dish/usualNext";
import type { StepKind } from "@/core/process/registry";
import { Quiet } from "../frame/controls";
import { useSingleKeys } from "../frame/singleKeys";
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

/** Adds a step after the one in hand: what usually comes next by one press, every other kind from the list. `/` comes here. */
export const AddStep = memo(function AddStep({
  after,
  disabled,
  onAdd,
}: {
  after: StepKind | null;
  disabled: boolean;
  onAdd: (kind: StepKind) => void;
}) {
  const group = useRef<HTMLDivElement>(null);
  useSingleKeys({ "/": { run: () => group.current?.querySelector("button")?.focus() } });
  return (
    <Box role="group" aria-label="Add a step" ref={group}>
      <Flex gap="1.5" wrap="wrap" mb="2">
        {usualNext(after).map((kind) => (
          <Quiet key={kind} minH="10" px="3" fontSize="sm" disabled={disabled} onClick={() => onAdd(kind)}>
            <Plus size={15} /> {STEP_NAMES[kind]}
          </Quiet>
        ))}
      </Flex>
      <chakra.select
        aria-label="Kind of step"
        value=""
        disabled={disabled}
        onChange={(e) => e.target.value !== "" && onAdd(e.target.value as StepKind)}
        w="100%"
        h="10"
        px="2"
        bg="card"
        color="ink"
        borderWidth="1px"
        borderColor="edge"
        rounded="md"
      >
        <option value="">Another step …</option>
        {OPTIONS}
      </chakra.select>
    </Box>
  );
});
