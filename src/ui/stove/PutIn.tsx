"use client";

import { Box, Flex, Text } from "@chakra-ui/react";
import { useState } from "react";
import { GRAMS_PER_OUNCE, type UnitSystem } from "@/core/quantities/units";
import { Quiet } from "../frame/controls";
import { NumberField } from "../frame/fields";

export interface PutInProps {
  readonly units: UnitSystem;
  /** The foods that this step takes, with the grams that count now. */
  readonly lines: readonly { readonly line: number; readonly name: string; readonly massG: number | null }[];
  readonly onPutIn: (line: number, massG: number) => void;
}

/** Other amounts than planned, noted while cooking; everything after them is worked out again. */
export function PutIn({ units, lines, onPutIn }: PutInProps) {
  const [open, setOpen] = useState(false);
  const gramsEach = units === "us" ? GRAMS_PER_OUNCE : 1;
  if (!open)
    return (
      <Box>
        <Quiet fontSize="sm" onClick={() => setOpen(true)}>
          Put in another amount
        </Quiet>
      </Box>
    );
  return (
    <Box bg="sunk" rounded="2xl" p="4" role="group" aria-label="What went in">
      <Text color="quiet" mb="2">
        What went in instead of what was planned. The plan goes on from it.
      </Text>
      <Flex gap="3" wrap="wrap" align="flex-end">
        {lines.map(({ line, name, massG }) => (
          <NumberField
            key={line}
            label={name}
            value={massG === null ? null : massG / gramsEach}
            emptySays="how much?"
            low={0}
            high={100_000 / gramsEach}
            unit={units === "us" ? "oz" : "g"}
            onCommit={(n) => n !== null && onPutIn(line, n * gramsEach)}
          />
        ))}
        <Quiet onClick={() => setOpen(false)}>Close</Quiet>
      </Flex>
    </Box>
  );
}
