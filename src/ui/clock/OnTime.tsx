"use client";

import { Heading, Text } from "@chakra-ui/react";
import { Card } from "../frame/controls";
import { describeCauses, describeChance, describeEarlier } from "../wording/clock";
import type { ClockProps } from "./Clock";

/** How likely it is on the table in time, and what would make it likely. Its place is kept while it is worked out. */
export function OnTime({ chance, stepName, clock }: Pick<ClockProps, "chance" | "stepName" | "clock">) {
  return (
    <Card p="4" minH="11rem" aria-label="How likely in time" aria-busy={chance === null}>
      <Heading as="h2" fontSize="lg" mb="1">
        How likely in time
      </Heading>
      {chance === null ? (
        <Text color="quiet">working it out …</Text>
      ) : (
        <>
          <Text fontWeight="600">{describeChance(chance, clock)}</Text>
          <Text mt="1">{describeEarlier(chance)}</Text>
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
