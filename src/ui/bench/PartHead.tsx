"use client";

import { Box, Flex, Heading, HStack, Text } from "@chakra-ui/react";
import { Redo2, Undo2 } from "lucide-react";
import type { PlannedPart } from "@/core/plan";
import { IconDo, Quiet } from "../frame/controls";
import { TextField } from "../frame/fields";
import type { BenchProps } from "./benchProps";

export function PartHead({
  part,
  frozen,
  undoLabel,
  redoLabel,
  onUndo,
  onRedo,
  onRenamePart,
  onRemovePart,
  dish,
}: BenchProps & { part: PlannedPart }) {
  return (
    <Flex gap="3" align="center" wrap="wrap">
      <Box flex="1" minW="12rem">
        <Text fontSize="sm" color="quiet">
          {dish.replaces ? `instead of ${dish.replaces}` : dish.name}
        </Text>
        <Heading as="h1" fontSize="2xl">
          {part.name}
        </Heading>
      </Box>
      {!frozen && (
        <HStack gap="1">
          <TextField
            key={part.id}
            label="Name of the part"
            hideLabel
            width="11rem"
            value={part.name}
            onCommit={onRenamePart}
          />
          <Quiet minH="10" onClick={onRemovePart}>
            Remove part
          </Quiet>
          <IconDo
            label={undoLabel ? `Undo: ${undoLabel}` : "Nothing to undo"}
            disabled={!undoLabel}
            onClick={onUndo}
            minW="11"
            h="11"
          >
            <Undo2 size={19} />
          </IconDo>
          <IconDo
            label={redoLabel ? `Redo: ${redoLabel}` : "Nothing to redo"}
            disabled={!redoLabel}
            onClick={onRedo}
            minW="11"
            h="11"
          >
            <Redo2 size={19} />
          </IconDo>
        </HStack>
      )}
    </Flex>
  );
}
