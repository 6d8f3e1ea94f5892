"use client";

import { Box, chakra, Flex, Text } from "@chakra-ui/react";
import { Plus } from "lucide-react";
import { Fragment, memo, type ReactNode, useRef } from "react";
import { usualNext } from "@/core/dish/usualNext";
import type { StepKind } from "@/core/process/registry";
import type { PartId } from "@/core/process/step";
import { Quiet } from "../frame/controls";
import { useSingleKeys } from "../frame/singleKeys";
import { STEP_GROUPS, STEP_NAMES } from "@/words/steps";

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

/** A part that may go on in another one, and the kind of its last step. */
export interface GoesOn {
  readonly part: PartId;
  readonly name: string;
  readonly kind: StepKind;
}
const NO_PARTS: readonly GoesOn[] = [];

/** Adds a step after the one in hand: what usually comes next by one press, every other kind from the list. `/` comes here. */
export const AddStep = memo(function AddStep({
  after,
  goesOn = NO_PARTS,
  disabled,
  onAdd,
}: {
  after: StepKind | null;
  /** Where nothing stands yet: parts of which something is left, which may go on here. */
  goesOn?: readonly GoesOn[];
  disabled: boolean;
  onAdd: (kind: StepKind, takes?: PartId) => void;
}) {
  const group = useRef<HTMLDivElement>(null);
  useSingleKeys({ "/": { run: () => group.current?.querySelector("button")?.focus() } });
  return (
    <Box role="group" aria-label="Add a step" ref={group}>
      {goesOn.map(({ part, name, kind }) => (
        <Fragment key={part}>
          <Caption>{name} goes on here</Caption>
          <Offers kinds={usualNext(kind)} disabled={disabled} onAdd={(next) => onAdd(next, part)} />
        </Fragment>
      ))}
      {goesOn.length > 0 && <Caption>or begin anew</Caption>}
      <Offers kinds={usualNext(after)} disabled={disabled} onAdd={onAdd} />
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

const Caption = ({ children }: { readonly children: ReactNode }) => (
  <Text fontSize="sm" color="quiet" mb="1.5">
    {children}
  </Text>
);
const Offers = ({
  kinds,
  disabled,
  onAdd,
}: {
  readonly kinds: readonly StepKind[];
  readonly disabled: boolean;
  readonly onAdd: (kind: StepKind) => void;
}) => (
  <Flex gap="1.5" wrap="wrap" mb="2">
    {kinds.map((kind) => (
      <Quiet key={kind} minH="10" px="3" fontSize="sm" disabled={disabled} onClick={() => onAdd(kind)}>
        <Plus size={15} /> {STEP_NAMES[kind]}
      </Quiet>
    ))}
  </Flex>
);
