"use client";

import { chakra, Flex } from "@chakra-ui/react";

const DAYS = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"];

/** Days of the week to tick, 1 (Monday) to 7. */
export function Days({
  days,
  onDays,
}: {
  readonly days: readonly number[];
  readonly onDays: (days: readonly number[]) => void;
}) {
  return (
    <Flex gap="1" wrap="wrap" mb="2">
      {DAYS.map((day, d) => {
        const on = days.includes(d + 1);
        return (
          <chakra.button
            key={day}
            type="button"
            aria-pressed={on}
            onClick={() => onDays(on ? days.filter((x) => x !== d + 1) : [...days, d + 1].sort())}
            px="3"
            minH="9"
            rounded="lg"
            borderWidth="1.5px"
            borderColor={on ? "jade" : "line"}
            bg={on ? "jadeTint" : "card"}
            fontSize="sm"
          >
            {day}
          </chakra.button>
        );
      })}
    </Flex>
  );
}
