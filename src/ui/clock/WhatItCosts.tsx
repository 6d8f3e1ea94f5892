"use client";

import { Box, Heading, HStack, Text } from "@chakra-ui/react";
import type { StepKind } from "@/core/process/registry";
import type { Schedule } from "@/core/schedule/schedule";
import { Card, Quiet } from "../frame/controls";
import { CHANGE_NAMES, describeKeeping, describeKeptWarm, describePrice, describeStretch } from "@/words/clock";
import type { DayChange } from "@/core/schedule/whatIf";
import type { ClockProps } from "./Clock";

/** A time of the day of serving, or of another day with its name. */
export const when = (minute: number, { clock, day }: Pick<ClockProps, "clock" | "day">): string =>
  day(minute) === day(0) ? `at ${clock(minute)}` : `${day(minute)}, ${clock(minute)}`;

/** What waits longer than it should so that everything fits, and its price. */
export function Costs({
  plan,
  schedule,
  nameOf,
  kitchen: { units },
  frozen,
  keptWarm,
  onKeepWarm,
}: ClockProps & { readonly schedule: Extract<Schedule, { kind: "fits" }> }) {
  if (schedule.stretched.length === 0) return null;
  const kindOf = (task: string): StepKind => {
    const key = plan.tasks.find((t) => t.id === task)?.step;
    const row = plan.dishes.flatMap((d) => d.parts.flatMap((p) => [...p.rows])).find((r) => r.key === key);
    return row?.step.kind ?? "serve";
  };
  return (
    <Card p="4">
      <Heading as="h2" fontSize="lg" mb="1">
        What it costs to fit
      </Heading>
      <Text fontSize="sm" color="quiet" mb="2">
        In this kitchen not everything can be done at the last minute. These waits are as short as they were found to
        go; the points of bite are estimates.
      </Text>
      <Box as="ul" listStyleType="none">
        {schedule.stretched.map((s) => (
          <HStack
            as="li"
            key={`${s.from} ${s.to}`}
            gap="4"
            py="2"
            borderTopWidth="1px"
            borderColor="line"
            align="baseline"
            wrap="wrap"
          >
            <Box flex="1" minW={{ base: "11rem", md: "27rem" }}>
              <Text>{describeStretch(s, nameOf)}.</Text>
              <Text fontSize="sm" color="quiet">
                Meanwhile {describeKeeping(kindOf(s.from), units)}.
              </Text>
            </Box>
            <Text color="turmeric" fontWeight="600" whiteSpace="nowrap">
              {describePrice(s.points, kindOf(s.from))}
            </Text>
            {!frozen &&
              keptWarm
                .filter((way) => way.from === s.from)
                .map((way) => (
                  <Quiet
                    key={way.how}
                    h="auto"
                    minH="11"
                    maxW="full"
                    py="2"
                    whiteSpace="normal"
                    textAlign="start"
                    onClick={() => onKeepWarm(way)}
                  >
                    {describeKeptWarm(way)}
                  </Quiet>
                ))}
          </HStack>
        ))}
      </Box>
    </Card>
  );
}

/** Changes that can be made from here. */
const TAKEN: ReadonlySet<DayChange> = new Set(["hour-earlier", "hour-later", "helper"]);

/** The same supper on another day: worked out when somebody asks. */
export function IfSomethingChanges(props: ClockProps) {
  const { whatIf, onWhatIf } = props;
  return (
    <Card p="4">
      <Heading as="h2" fontSize="lg" mb="2">
        If something changes
      </Heading>
      {whatIf === null ? (
        <Quiet onClick={onWhatIf}>Work it out</Quiet>
      ) : whatIf === "asked" ? (
        <Text color="quiet">Working it out …</Text>
      ) : (
        <Box as="ul" listStyleType="none">
          {whatIf.map((w) => (
            <HStack as="li" key={w.change} gap="3" py="1.5" borderTopWidth="1px" borderColor="line" align="baseline">
              <Text flex="1">{CHANGE_NAMES[w.change]}</Text>
              <Text fontWeight="600" textAlign="end" color={w.startMin === null ? "chilli" : "ink"}>
                {w.startMin === null ? "does not fit" : `begin ${when(w.startMin, props)}`}
                {w.points >= 0.05 && (
                  <Text as="span" display="block" fontSize="sm" fontWeight="400" color="turmeric">
                    bite −{w.points.toFixed(1)}
                  </Text>
                )}
              </Text>
              {TAKEN.has(w.change) && w.startMin !== null && (
                <Quiet
                  minH="9"
                  onClick={() => props.onTake(w.change)}
                  aria-label={`Take it: ${CHANGE_NAMES[w.change]}`}
                >
                  Take it
                </Quiet>
              )}
            </HStack>
          ))}
        </Box>
      )}
    </Card>
  );
}
