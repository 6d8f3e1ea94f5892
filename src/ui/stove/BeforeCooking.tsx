"use client";

import { Box, Heading, Stack, Text } from "@chakra-ui/react";
import { Card, Do, Remark } from "../frame/controls";
import type { RemarkText } from "@/words/facts";

/** Before the first step: what stands ready, and the way in. */
export function BeforeCooking({
  title,
  says,
  onBegin,
  open,
}: {
  title: string;
  says: string;
  onBegin: () => void;
  open: readonly RemarkText[];
}) {
  return (
    <Box maxW="46rem" mx="auto" p={{ base: "4", md: "12" }}>
      <Card p={{ base: "5", md: "8" }}>
        <Heading as="h1" fontSize="4xl">
          {title}
        </Heading>
        <Text fontSize="xl" mt="2" color="quiet">
          {says}
        </Text>
        <Stack gap="2" mt="4">
          {open.map((o) => (
            <Remark key={o.says} tone={o.tone}>
              {o.says}
            </Remark>
          ))}
        </Stack>
        <Do mt="6" minH="16" px="8" fontSize="xl" onClick={onBegin}>
          Begin cooking
        </Do>
        <Text mt="3" color="quiet">
          From here on the amounts stand still and everything you enter is kept: weights, times, ticks.
        </Text>
      </Card>
    </Box>
  );
}
