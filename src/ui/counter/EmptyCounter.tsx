"use client";

import { Box, Flex, Heading, Text } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { Do, Quiet } from "../frame/controls";

/** Nothing is here yet: what this is for, and the two ways to fill it. */
export function EmptyCounter({
  onDemo,
  onNewDish,
  extra,
}: {
  onDemo: () => void;
  onNewDish: () => void;
  extra?: ReactNode;
}) {
  return (
    <Box maxW="52rem" mx="auto" px="5" py={{ base: "10", md: "20" }}>
      <Heading as="h1" fontSize={{ base: "3xl", md: "5xl" }} lineHeight="1.15" maxW="20ch">
        Meat out of the pan, the bite kept.
      </Heading>
      <Text fontSize="xl" color="quiet" mt="4" maxW="52ch">
        Jade Pan works out a supper with plant protein: how much water goes in and comes out, how much salt, how many
        batches, and when each thing begins so that all of it is hot when you eat.
      </Text>
      <Flex gap="3" mt="8" wrap="wrap">
        <Do size="lg" minH="14" px="7" onClick={onNewDish}>
          Start your first dish
        </Do>
        <Quiet size="lg" minH="14" px="7" onClick={onDemo}>
          Look round in the demo household
        </Quiet>
      </Flex>
      <Text color="quiet" mt="4">
        The demo brings five people, their kitchen and thirteen dishes; in Kitchen each of them can be cleared again.
        Everything stays in this browser.
      </Text>
      {extra}
    </Box>
  );
}
