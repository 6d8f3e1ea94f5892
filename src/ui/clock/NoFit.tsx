"use client";

import { chakra, Heading, Text } from "@chakra-ui/react";
import { writeMinutes } from "@/core/quantities/write";
import type { Relief } from "@/core/schedule/reliefs";
import type { Schedule } from "@/core/schedule/schedule";
import type { TaskId } from "@/core/schedule/task";
import { Card } from "../frame/controls";
import { describeLag } from "../wording/clock";

const RESOURCES: Readonly<Record<string, string>> = {
  hands: "a second pair of hands",
  burner: "one more burner",
  oven: "one more oven",
  fridge: "twice the space in the fridge",
  freezer: "twice the space in the freezer",
};

function describeRelief(relief: Relief, nameOf: (id: TaskId) => string): string {
  switch (relief.kind) {
    case "one-more":
      return `With ${RESOURCES[relief.resource] ?? `another one like “${relief.resource.replace(/^(pan|machine):/, "")}”`} it fits.`;
    case "be-home":
      return "Without the hours of sleep and absence it fits: eat at another time, or do the first steps the day before.";
    case "wait-longer":
      return `If “${nameOf(relief.from)}” may wait ${relief.neededMin === null ? "longer" : writeMinutes(relief.neededMin)} instead of ${writeMinutes(relief.nowMin)} before ${relief.to === "serve" ? "the table" : `“${nameOf(relief.to)}”`}, it fits.`;
  }
}
/** It does not fit: how sure that is, what contradicts what, and what would help. */
export function NoFit({
  schedule,
  nameOf,
}: {
  schedule: Extract<Schedule, { kind: "does-not-fit" }>;
  nameOf: (id: TaskId) => string;
}) {
  return (
    <Card borderColor="chilli" borderWidth="2px" role="alert">
      <Heading as="h2" fontSize="xl">
        It does not fit
      </Heading>
      <Text mt="1">
        {schedule.proven
          ? "Every way to lay the steps was looked at: none keeps all the waits in this kitchen."
          : "No way was found to keep all the waits in this kitchen, though not every one was looked at."}
      </Text>
      {schedule.contradiction.length > 0 && (
        <>
          <Text mt="3" fontWeight="600">
            These waits contradict each other:
          </Text>
          <chakra.ul ps="5">
            {schedule.contradiction.map((lag) => (
              <li key={`${lag.from} ${lag.to}`}>{describeLag(lag, nameOf)}</li>
            ))}
          </chakra.ul>
        </>
      )}
      <Text mt="3" fontWeight="600">
        {schedule.reliefs.length > 0
          ? "What would help:"
          : "No single change was found that helps. Take a part out, or serve one cold."}
      </Text>
      <chakra.ul ps="5">
        {schedule.reliefs.slice(0, 6).map((relief, i) => (
          <li key={i}>{describeRelief(relief, nameOf)}</li>
        ))}
      </chakra.ul>
    </Card>
  );
}
