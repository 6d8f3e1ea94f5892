"use client";

import { HStack, Text } from "@chakra-ui/react";
import { borrowedIn } from "@/core/household/oneMore";
import { Card, Quiet } from "../frame/controls";
import { describeBorrowed } from "@/words/waysOut";
import type { ClockProps } from "./Clock";

/** What came into the kitchen for a day counts in every plan until it is given back: said where it counts. */
export function Borrowed({ kitchen, onGiveBack }: Pick<ClockProps, "kitchen" | "onGiveBack">) {
  const borrowed = borrowedIn(kitchen);
  if (borrowed.length === 0) return null;
  return (
    <Card p="3">
      <HStack gap="3" wrap="wrap">
        <Text flex="1" minW="13rem">
          {describeBorrowed(borrowed)}
        </Text>
        <Quiet onClick={onGiveBack}>No longer there</Quiet>
      </HStack>
    </Card>
  );
}
