"use client";

import { Heading, HStack, Text } from "@chakra-ui/react";
import { MOST_ROOM_MIN } from "@/core/dish/dish";
import { writeMinutes } from "@/core/quantities/write";
import { Card, Quiet } from "../frame/controls";
import { describeCauses, describeChance, describeEarlier } from "@/words/clock";
import type { ClockProps } from "./Clock";
import { SECOND } from "./onPhone";

/** How likely it is on the table in time, and what would make it likely. Its place is kept while it is worked out. */
export function OnTime({
  chance,
  stepName,
  clock,
  frozen,
  roomMin,
  onRoom,
}: Pick<ClockProps, "chance" | "stepName" | "clock" | "frozen" | "roomMin" | "onRoom">) {
  const moreMin = chance === null ? 0 : Math.min(chance.earlierMin, MOST_ROOM_MIN - roomMin);
  return (
    <Card p="4" order={SECOND} minH="11rem" aria-label="How likely in time" aria-busy={chance === null}>
      <Heading as="h2" fontSize="lg" mb="1">
        How likely in time
      </Heading>
      {chance === null ? (
        <Text color="quiet">working it out …</Text>
      ) : (
        <>
          <Text fontWeight="600">{describeChance(chance, clock)}</Text>
          <Text mt="1">{describeEarlier(chance)}</Text>
          {!frozen && (moreMin > 0 || roomMin > 0) && (
            <HStack mt="2" gap="2" wrap="wrap" className="no-print">
              {moreMin > 0 && (
                <Quiet onClick={() => onRoom(roomMin + moreMin)}>
                  Leave {writeMinutes(moreMin)} {roomMin > 0 ? "more " : ""}room
                </Quiet>
              )}
              {roomMin > 0 && <Quiet onClick={() => onRoom(0)}>Leave no room</Quiet>}
            </HStack>
          )}
          {chance.causes.length > 0 && (
            <Text mt="1" color="quiet" fontSize="sm">
              {describeCauses(chance, stepName)}
            </Text>
          )}
          <Text mt="1" color="quiet" fontSize="sm">
            From 4,000 evenings with the minutes of the Bench&apos;s ranges; estimates.
          </Text>
        </>
      )}
    </Card>
  );
}
