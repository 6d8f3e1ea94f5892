"use client";

import { Box, Flex, Heading, HStack, Text } from "@chakra-ui/react";
import { Redo2, Undo2 } from "lucide-react";
import { memo, useEffect, useRef } from "react";
import type { PlannedPart } from "@/core/plan";
import { IconDo, Quiet } from "../frame/controls";
import { TextField } from "../frame/fields";
import type { BenchProps } from "./benchProps";

interface HeadProps extends Pick<BenchProps, "frozen" | "undoLabel" | "redoLabel" | "actions"> {
  readonly part: PlannedPart;
  /** What leaves the pan, or the name of the dish. */
  readonly insteadOf: string;
}

export const PartHead = memo(function PartHead({ part, insteadOf, frozen, undoLabel, redoLabel, actions }: HeadProps) {
  const head = useRef<HTMLDivElement>(null);
  const empty = part.rows.length === 0;
  // A part in which nothing stands is a new one: its name is what one types first.
  useEffect(() => {
    const name = empty ? head.current?.querySelector("textarea") : null;
    name?.focus();
    name?.select();
  }, [part.id, empty]);
  return (
    <Flex ref={head} gap="3" align="center" wrap="wrap">
      <Box flex="1" minW="12rem">
        <Text fontSize="sm" color="quiet">
          {insteadOf}
        </Text>
        <Heading as="h1" fontSize="2xl">
          {part.name}
        </Heading>
      </Box>
      {!frozen && (
        <HStack gap="1" flexWrap="wrap">
          <TextField
            key={part.id}
            label="Name of the part"
            hideLabel
            wraps
            width="min(12rem, 36vw)"
            value={part.name}
            onCommit={actions.renamePart}
          />
          <Quiet minH="10" onClick={actions.removePart}>
            Remove part
          </Quiet>
          <IconDo
            label={undoLabel ? `Undo: ${undoLabel}` : "Nothing to undo"}
            disabled={!undoLabel}
            onClick={actions.undo}
            minW="11"
            h="11"
          >
            <Undo2 size={19} />
          </IconDo>
          <IconDo
            label={redoLabel ? `Redo: ${redoLabel}` : "Nothing to redo"}
            disabled={!redoLabel}
            onClick={actions.redo}
            minW="11"
            h="11"
          >
            <Redo2 size={19} />
          </IconDo>
        </HStack>
      )}
    </Flex>
  );
});
