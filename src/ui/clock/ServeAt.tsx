"use client";

import { Box, Heading, HStack, Input, Stack, Text } from "@chakra-ui/react";
import { useState } from "react";
import { MOST_ROOM_MIN } from "@/core/dish/dish";
import type { DishId } from "@/core/process/step";
import { Card } from "../frame/controls";
import { NumberField } from "../frame/fields";
import type { ClockProps } from "./Clock";
import { EARLIEST_DAY, TOO_EARLY } from "./day";
import { SECOND } from "./onPhone";

/** A dish of the supper and how long after the serving time it comes to the table. */
export interface Course {
  readonly dish: DishId;
  readonly name: string;
  readonly afterMin: number;
}

/** When they eat, which dish comes later, and how much beginning earlier a better bite is worth. */
export function ServeAt({
  serve,
  onServe,
  courses,
  onCourse,
  pointMin,
  onPointMin,
  roomMin,
  onRoom,
}: Pick<ClockProps, "serve" | "onServe" | "courses" | "onCourse" | "pointMin" | "onPointMin" | "roomMin" | "onRoom">) {
  const [day, setDay] = useState<string | null>(null);
  const early = day !== null && day !== "";
  return (
    <Card p="4" order={SECOND}>
      <Heading as="h2" fontSize="lg" mb="2">
        Eat at
      </Heading>
      <HStack gap="2">
        <Input
          aria-label="Day on the table"
          type="date"
          h="11"
          bg="card"
          borderColor={early ? "chilli" : "edge"}
          aria-invalid={early}
          value={day ?? serve.date}
          onChange={(e) => {
            const typed = e.target.value;
            // A year is typed figure by figure: "0002" is on its way to 2026.
            setDay(typed < EARLIEST_DAY ? typed : null);
            if (typed >= EARLIEST_DAY) onServe(typed, serve.time);
          }}
        />
        <Input
          aria-label="Time on the table"
          type="time"
          h="11"
          w="9.5rem"
          flexShrink={0}
          bg="card"
          borderColor="edge"
          value={serve.time}
          onChange={(e) => e.target.value && onServe(serve.date, e.target.value)}
        />
      </HStack>
      {early && (
        <Text role="alert" fontSize="sm" color="chilli" mt="1">
          {TOO_EARLY} It was left as it is.
        </Text>
      )}
      {courses.length > 1 && (
        <Stack gap="2" mt="3">
          {courses.map(({ dish, name, afterMin }) => (
            <HStack key={dish} gap="3" align="flex-end" role="group" aria-label={name}>
              <Text flex="1" pb="2.5">
                {name}
              </Text>
              <NumberField
                label="Comes later by"
                value={afterMin}
                low={0}
                high={600}
                digits={0}
                unit="min"
                onCommit={(n) => n !== null && onCourse(dish, Math.round(n))}
              />
            </HStack>
          ))}
        </Stack>
      )}
      <Box mt="3">
        <NumberField
          label="Ready before it is served by"
          value={roomMin}
          low={0}
          high={MOST_ROOM_MIN}
          digits={0}
          unit="min"
          onCommit={(n) => n !== null && onRoom(Math.round(n))}
        />
      </Box>
      <Box mt="3">
        <NumberField
          label="A point of bite is worth beginning earlier by"
          value={pointMin}
          low={0}
          high={1000}
          digits={0}
          unit="min"
          onCommit={(n) => n !== null && onPointMin(Math.round(n))}
        />
      </Box>
    </Card>
  );
}
