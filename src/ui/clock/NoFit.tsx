"use client";

import { Box, chakra, Heading, Text } from "@chakra-ui/react";
import type { Schedule } from "@/core/schedule/schedule";
import { Card } from "../frame/controls";
import { describeLag } from "@/words/clock";
import { describeRelief, isAWay } from "@/words/waysOut";
import type { ClockProps } from "./Clock";
import { WaysOutList } from "./WaysOut";

/** It does not fit: how sure that is, what contradicts what, and what would help. */
export function NoFit(props: ClockProps & { readonly schedule: Extract<Schedule, { kind: "does-not-fit" }> }) {
  const { schedule, nameOf } = props;
  const reliefs = schedule.reliefs.filter((r) => !isAWay(r));
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
      <Box mt="3">
        <WaysOutList {...props} />
      </Box>
      {reliefs.length > 0 && (
        <chakra.ul mt="2" ps="5" color="quiet">
          {reliefs.map((relief, i) => (
            <li key={i}>{describeRelief(relief, nameOf)}</li>
          ))}
        </chakra.ul>
      )}
    </Card>
  );
}
