"use client";

import { Box, Flex, Text } from "@chakra-ui/react";
import type { Doubt } from "@/core/season/doubts";
import { describeDoubt } from "@/words/doubts";
import { foodName, type TextContext } from "@/words/words";
import { Quiet } from "../frame/controls";
import type { BenchActions } from "./benchProps";

/** What is far from what cooks take: one press says that it is right. */
export function Doubts({
  doubts,
  foods,
  units,
  frozen,
  onSure,
  onShow,
}: {
  readonly doubts: readonly Doubt[];
  readonly foods: TextContext["foods"];
  readonly units: TextContext["units"];
  readonly frozen: boolean;
  readonly onSure: BenchActions["beSure"];
  /** Goes to the line that is meant; nothing where it stands here. */
  readonly onShow?: (doubt: Extract<Doubt, { kind: "share" }>) => void;
}) {
  return doubts.map((doubt) => {
    const says = describeDoubt(doubt, (food) => foodName(foods, food), units);
    return (
      <Box key={says} role="status" mt="2" p="2" bg="turmericTint" rounded="md" fontSize="sm">
        <Text>{says}</Text>
        {!frozen && (
          <Flex gap="2" mt="1" wrap="wrap">
            <Quiet minH="10" px="3" fontSize="sm" onClick={() => onSure(doubt)}>
              Yes, it is right
            </Quiet>
            {doubt.kind === "share" && onShow && (
              <Quiet minH="10" px="3" fontSize="sm" onClick={() => onShow(doubt)}>
                Show it
              </Quiet>
            )}
          </Flex>
        )}
      </Box>
    );
  });
}
