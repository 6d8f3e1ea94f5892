"use client";

import { Box, Heading, HStack, Text } from "@chakra-ui/react";
import { describeOneBatch, describeOneBatchPrice, describeStanding } from "@/words/batches";
import { Card, Quiet } from "../frame/controls";
import type { ClockProps } from "./Clock";
import { SECOND } from "./onPhone";

/** What this supper has of others, and what they could make along with their own: soaked, cooked or pressed once for both. */
export function OneBatchCard({
  batches,
  oneBatch,
  onOneBatch,
  onApart,
}: Pick<ClockProps, "batches" | "oneBatch" | "onOneBatch" | "onApart">) {
  const standing = batches.filter((b) => b.kind === "stands");
  if (standing.length === 0 && oneBatch.length === 0) return null;
  return (
    <Card p="4" order={SECOND} className="no-print">
      <Heading as="h2" fontSize="lg" mb="1">
        One batch for two suppers
      </Heading>
      <Box as="ul" listStyleType="none">
        {standing.map((b) => (
          <HStack as="li" key={b.key} gap="3" py="2" borderTopWidth="1px" borderColor="line" align="center" wrap="wrap">
            <Text flex="1" minW="13rem">
              {describeStanding(b)}
            </Text>
            <Quiet onClick={() => onApart(b.key)} aria-label={`Make it here instead: ${b.part}`}>
              Make it here instead
            </Quiet>
          </HStack>
        ))}
        {oneBatch.map((way) => {
          const title = describeOneBatch(way);
          return (
            <HStack
              as="li"
              key={title}
              gap="3"
              py="2"
              borderTopWidth="1px"
              borderColor="line"
              align="center"
              wrap="wrap"
            >
              <Box flex="1" minW="13rem">
                <Text fontWeight="600">{title}</Text>
                <Text fontSize="sm" color="quiet">
                  {describeOneBatchPrice(way)}
                </Text>
              </Box>
              <Quiet onClick={() => onOneBatch(way)} aria-label={`Do this: ${title}`}>
                Do this
              </Quiet>
            </HStack>
          );
        })}
      </Box>
    </Card>
  );
}
