"use client";

import { Box, Flex, Heading, Stack, Text } from "@chakra-ui/react";
import { useState } from "react";
import { Card, Do, DoLink, Quiet, Remark } from "../frame/controls";
import type { RemarkText } from "@/words/facts";

/** Before the first step: what stands ready, and the way in. */
export function BeforeCooking({
  title,
  says,
  onBegin,
  open,
  stops,
  bench,
}: {
  title: string;
  says: string;
  onBegin: () => void;
  open: readonly RemarkText[];
  /** So many things harm as it is planned: asked once before it begins. */
  stops: number;
  /** Where they are put right. */
  bench: string;
}) {
  const [asked, setAsked] = useState(false);
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
        {asked ? (
          <Box mt="6" role="group" aria-label="Before you begin">
            <Text fontWeight="600">
              {stops === 1 ? "One thing" : `${stops} things`} can harm somebody as it is planned. Begin all the same?
              Your answer is kept with the cooking.
            </Text>
            <Flex gap="3" mt="3" wrap="wrap">
              <DoLink href={bench} minH="14" px="6">
                Put it right on the Bench
              </DoLink>
              <Quiet minH="14" px="6" onClick={onBegin}>
                I have read it: begin
              </Quiet>
            </Flex>
          </Box>
        ) : (
          <Do mt="6" minH="16" px="8" fontSize="xl" onClick={stops > 0 ? () => setAsked(true) : onBegin}>
            Begin cooking
          </Do>
        )}
        <Text mt="3" color="quiet">
          From here on the amounts stand still and everything you enter is kept: weights, times, ticks.
        </Text>
      </Card>
    </Box>
  );
}
