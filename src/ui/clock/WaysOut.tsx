"use client";

import { Box, Heading, HStack, Stack, Text } from "@chakra-ui/react";
import type { WayOut } from "@/core/waysOut";
import { Quiet, Remark } from "../frame/controls";
import { describeBecause, describeTooLong, describeWay, describeWayPrice } from "@/words/waysOut";
import type { ClockProps } from "./Clock";
import { when } from "./WhatItCosts";

/** What can be done about a supper that does not come about as it is: each was tried, and is one press away. */
export function WaysOutList(props: Pick<ClockProps, "plan" | "kitchen" | "waysOut" | "onWay" | "clock" | "day">) {
  const { plan, waysOut, onWay } = props;
  if (waysOut === null) return <Text color="quiet">Trying what can be done …</Text>;
  const why = waysOut.tooLong === null ? describeBecause(waysOut.because) : describeTooLong(waysOut.tooLong, plan);
  return (
    <Stack gap="2">
      {why !== null && <Text>{why}</Text>}
      {waysOut.ways.length === 0 ? (
        <Text>
          Nothing that was tried helps: not a quicker way of a step, a helper, a burner, an oven or a later hour. Take a
          part out, or another route in Swap.
        </Text>
      ) : (
        <>
          <Heading as="h3" fontSize="md">
            What can be done
          </Heading>
          <Box as="ul" listStyleType="none">
            {waysOut.ways.map((way) => (
              <Way key={JSON.stringify(way.change)} way={way} {...props} take={() => onWay(way)} />
            ))}
          </Box>
        </>
      )}
    </Stack>
  );
}
function Way({
  way,
  plan,
  kitchen: { units },
  take,
  ...times
}: Pick<ClockProps, "plan" | "kitchen" | "clock" | "day"> & { readonly way: WayOut; readonly take: () => void }) {
  const title = describeWay(way, plan, units);
  return (
    <HStack as="li" gap="3" py="2" borderTopWidth="1px" borderColor="line" align="center" wrap="wrap">
      <Box flex="1" minW="13rem">
        <Text fontWeight="600">{title}</Text>
        <Text fontSize="sm" color="quiet">
          {describeWayPrice(way, (minute) => when(minute, times))}
        </Text>
      </Box>
      <Quiet onClick={take} aria-label={`Do this: ${title}`}>
        Do this
      </Quiet>
    </HStack>
  );
}

/** The beginning is past: what can be done about it. */
export function TooLate(props: ClockProps) {
  const { schedule } = props;
  if (schedule.kind !== "fits") return null;
  return (
    <Remark tone="watch" fontSize="md">
      <Stack gap="2">
        <Text fontWeight="600">It should have begun {when(schedule.startMin, props)}.</Text>
        <WaysOutList {...props} />
      </Stack>
    </Remark>
  );
}
