"use client";

import { Box, Flex, Text } from "@chakra-ui/react";
import type { Difference } from "@/core/process/compare";
import { writeMass, writeMinutes } from "@/core/quantities/write";
import { foodInText } from "@/words/words";
import { Do } from "../frame/controls";
import type { StoveProps } from "./stoveProps";

/** The next reading goes where the last one was typed. */
const weighAgain = () => document.querySelector<HTMLInputElement>("[data-weight-typed]")?.focus();

/** What the last reading changed further on, from what to what. */
export function Changed({
  changed,
  textContext,
  titleOf,
}: StoveProps & { changed: NonNullable<StoveProps["changed"]> }) {
  const figure = (d: Difference, n: number) =>
    d.what.kind === "minutes"
      ? writeMinutes(n)
      : d.what.kind === "batches"
        ? String(n)
        : writeMass(n, textContext.units);
  const label = (d: Difference) => {
    switch (d.what.kind) {
      case "goes-in":
        return foodInText(textContext.foods, d.what.food);
      case "batches":
        return "batches";
      case "minutes":
        return "minutes";
      case "weight":
        return "in the bowl";
    }
  };
  const byStep = new Map<string, Difference[]>();
  for (const d of changed.differences) byStep.set(d.key, [...(byStep.get(d.key) ?? []), d]);
  return (
    <Box borderWidth="2px" borderColor="turmeric" rounded="2xl" p="4" role="status" aria-label="What changes from here">
      <Text fontSize="lg" fontWeight="600">
        {changed.says}
      </Text>
      {changed.back && (
        <Flex gap="3" rowGap="2" wrap="wrap" align="center" mt="2">
          <Text flex="1" minW="14rem" fontSize="lg">
            {changed.back.says}
          </Text>
          <Do minH="12" px="5" onClick={weighAgain}>
            {changed.back.does}
          </Do>
        </Flex>
      )}
      {changed.differences.length > 0 && (
        <Text mt="2" color="quiet">
          {changed.back ? "Or go on as it is. From here on:" : "From here on:"}
        </Text>
      )}
      {[...byStep].map(([key, list]) => (
        <Flex key={key} gap="3" py="1.5" borderTopWidth="1px" borderColor="line" mt="1.5" wrap="wrap">
          <Text w="11rem" fontWeight="600">
            {titleOf(key)}
          </Text>
          <Flex gap="4" rowGap="1" wrap="wrap" flex="1" minW="12rem">
            {list.map((d) => (
              <Text key={JSON.stringify(d.what)} whiteSpace="nowrap">
                <Text as="span" color="quiet">
                  {label(d)}
                </Text>{" "}
                {figure(d, d.from)} → <strong>{figure(d, d.to)}</strong>
              </Text>
            ))}
          </Flex>
        </Flex>
      ))}
      {changed.differences.length === 0 && <Text color="quiet">Nothing further on changes by more than a gram.</Text>}
    </Box>
  );
}
