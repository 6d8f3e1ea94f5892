"use client";

import { Box, chakra, Flex, Grid, Heading, HStack, Input, Stack, Text } from "@chakra-ui/react";
import { CalendarPlus, Flame } from "lucide-react";
import type { StepKey } from "@/core/process/log";
import type { Kitchen } from "@/core/household/kitchen";
import type { Chance } from "@/core/schedule/chance";
import { OnTime } from "./OnTime";
import { type OvenOn, ovenOn } from "@/core/schedule/oven";
import type { UnitSystem } from "@/core/quantities/units";
import { describeOvenOn } from "../wording/tasks";
import { SERVE, type TaskId } from "@/core/schedule/task";
import type { Plan } from "@/core/plan";
import { writeMinutes } from "@/core/quantities/write";
import type { Schedule } from "@/core/schedule/schedule";
import { Card, DoLink, Quiet, Remark } from "../frame/controls";
import type { WhatIf } from "@/core/schedule/whatIf";
import { describeHoles } from "../wording/clock";
import { describeTwice } from "../wording/time";
import type { TitledMove } from "../wording/tasks";
import { ClockLanes } from "./ClockLanes";
import { NoFit } from "./NoFit";
import { Costs, IfSomethingChanges, when } from "./WhatItCosts";
import { lanesOf } from "./lanes";

export interface ClockProps {
  readonly plan: Plan;
  readonly schedule: Schedule;
  readonly moves: readonly TitledMove[];
  readonly kitchen: Kitchen;
  readonly serve: { readonly day: string; readonly date: string; readonly time: string };
  /** Clock time and day of a minute relative to serving. */
  readonly clock: (minute: number) => string;
  readonly day: (minute: number) => string;
  readonly nowMin: number | null;
  readonly stoveHref: string;
  readonly frozen: boolean;
  readonly nameOf: (taskId: TaskId) => string;
  readonly onServe: (date: string, time: string) => void;
  readonly onCalendar: () => void;
  /** What becomes of it when the day changes; null until somebody asked and it is worked out. */
  readonly whatIf: readonly WhatIf[] | "asked" | null;
  readonly onWhatIf: () => void;
  /** How likely it is in time; null until that is worked out. */
  readonly chance: Chance | null;
  readonly stepName: (step: StepKey) => string;
}

/** On a phone the list is the plan, and the lanes come second. */
const ONE_COLUMN = { base: "contents", md: "flex" } as const;
const SECOND = { base: 1, md: 0 } as const;

export function Clock(props: ClockProps) {
  const { schedule, serve, frozen } = props;
  const holes = describeHoles(props.plan);
  const twice =
    schedule.kind === "fits" ? describeTwice(Object.values(schedule.starts).map((start) => props.clock(start))) : null;
  return (
    <Grid
      templateColumns={{ base: "minmax(0, 1fr)", xl: "minmax(0, 1fr) 21rem" }}
      gap="4"
      p={{ base: "3", md: "4" }}
      alignItems="start"
    >
      <Stack gap="4" minW="0" display={ONE_COLUMN}>
        <Flex align="center" gap="3" wrap="wrap">
          <Box flex="1" minW="15rem">
            <Heading as="h1" fontSize="2xl">
              On the table {serve.day}
            </Heading>
            {schedule.kind === "fits" && (
              <Text color="quiet">
                begin {when(schedule.startMin, props)} · hands busy {writeMinutes(schedule.handsMin)} ·{" "}
                {schedule.proven
                  ? `no later start is possible${schedule.stretched.length > 0 ? " with these waits" : ""}`
                  : `no start after ${when(schedule.boundMin, props)} is possible`}
              </Text>
            )}
          </Box>
          <Quiet onClick={props.onCalendar} disabled={schedule.kind !== "fits"}>
            <CalendarPlus size={17} /> To my calendar
          </Quiet>
          <DoLink href={props.stoveHref}>
            <Flame size={17} /> {frozen ? "Back to the stove" : "Begin at the stove"}
          </DoLink>
        </Flex>
        {twice !== null && <Remark tone="watch">{twice}</Remark>}
        {holes !== null && (
          <Remark tone="harm" fontSize="md">
            {holes}
          </Remark>
        )}
        {schedule.kind === "fits" ? (
          <>
            {props.nowMin !== null && schedule.startMin < props.nowMin && !frozen && props.nowMin < 0 && (
              <Remark tone="watch" fontSize="md">
                It should have begun {when(schedule.startMin, props)}. Eat{" "}
                {writeMinutes(props.nowMin - schedule.startMin)} later, at{" "}
                {props.clock(props.nowMin - schedule.startMin)}, or take a step out.
              </Remark>
            )}
            <Card p="4" order={SECOND}>
              <ClockLanes
                lanes={lanesOf(props.plan, schedule, props.moves, props.kitchen)}
                clock={props.clock}
                day={props.day}
                serveTime={serve.time}
                nowMin={props.nowMin}
              />
              <Key />
            </Card>
            <Costs plan={props.plan} schedule={schedule} nameOf={props.nameOf} units={props.kitchen.units} />
            <Waits plan={props.plan} schedule={schedule} nameOf={props.nameOf} />
          </>
        ) : (
          <NoFit schedule={schedule} nameOf={props.nameOf} />
        )}
      </Stack>
      <Stack gap="4" display={ONE_COLUMN}>
        {!frozen && <ServeAt serve={serve} onServe={props.onServe} />}
        {schedule.kind === "fits" && schedule.startMin < 0 && <OnTime {...props} />}
        {schedule.kind === "fits" && <MoveList {...props} />}
        {!frozen && <IfSomethingChanges {...props} />}
      </Stack>
    </Grid>
  );
}

/** Waits with a limit of half an hour or less, the tightest first: these are what goes wrong. */
function Waits({
  plan,
  schedule,
  nameOf,
}: Pick<ClockProps, "plan" | "nameOf"> & { schedule: Extract<Schedule, { kind: "fits" }> }) {
  const waits = plan.lags
    .flatMap(({ from, to, maxMin }) => {
      if (maxMin === null || maxMin === 0 || maxMin > 30) return [];
      const task = plan.tasks.find((t) => t.id === from);
      const gap =
        (to === SERVE ? 0 : (schedule.starts[to] ?? 0)) - ((schedule.starts[from] ?? 0) + (task?.minutes ?? 0));
      return [{ id: `${from} ${to}`, from: nameOf(from), to: to === SERVE ? "the table" : nameOf(to), gap, maxMin }];
    })
    .sort((a, b) => a.maxMin - a.gap - (b.maxMin - b.gap));
  if (waits.length === 0) return null;
  return (
    <Card p="4" order={SECOND}>
      <Heading as="h2" fontSize="lg" mb="1">
        Waits that count
      </Heading>
      <Box as="ul" listStyleType="none" columnCount={{ base: 1, md: 2 }} columnGap="8">
        {waits.slice(0, 8).map((w) => (
          <HStack
            as="li"
            key={w.id}
            gap="2"
            py="1.5"
            borderBottomWidth="1px"
            borderColor="line"
            align="baseline"
            breakInside="avoid"
          >
            <Text flex="1">
              {w.from}
              <Text as="span" color="quiet">
                {" "}
                before {w.to}
              </Text>
            </Text>
            <Text whiteSpace="nowrap">
              <strong>{writeMinutes(w.gap)}</strong>{" "}
              <Text as="span" color="quiet">
                of {writeMinutes(w.maxMin)}
              </Text>
            </Text>
          </HStack>
        ))}
      </Box>
    </Card>
  );
}

function ServeAt({ serve, onServe }: Pick<ClockProps, "serve" | "onServe">) {
  return (
    <Card p="4">
      <Heading as="h2" fontSize="lg" mb="2">
        Eat at
      </Heading>
      <HStack gap="2">
        <Input
          aria-label="Day on the table"
          type="date"
          h="11"
          bg="card"
          borderColor="edge"
          value={serve.date}
          onChange={(e) => e.target.value && onServe(e.target.value, serve.time)}
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
    </Card>
  );
}

function Key() {
  const item = (fill: string, label: string, dashed = false) => (
    <HStack gap="1.5">
      <svg width="26" height="16" aria-hidden>
        <rect
          x="1"
          y="1"
          width="24"
          height="14"
          rx="4"
          fill={fill}
          stroke={dashed ? "var(--jp-colors-edge)" : "var(--jp-colors-jade)"}
          strokeDasharray={dashed ? "4 3" : undefined}
        />
      </svg>
      {label}
    </HStack>
  );
  return (
    <Flex gap="5" mt="2" fontSize="sm" color="quiet" wrap="wrap">
      {item("var(--jp-colors-jade)", "hands")}
      {item("url(#jp-watch)", "watch")}
      {item("var(--jp-colors-card)", "by itself", true)}
    </Flex>
  );
}

/** What is done and what is switched on, by the clock. */
const inOrder = (moves: ClockProps["moves"], ovens: readonly OvenOn[], units: UnitSystem) =>
  [
    ...moves.map(({ key, startMin, minutes, title }) => ({ key, startMin, minutes, title })),
    ...ovens.map((o) => ({
      key: o.task,
      startMin: o.startMin,
      minutes: o.minutes,
      title: describeOvenOn(o, units),
    })),
  ].sort((a, b) => a.startMin - b.startMin);

function MoveList({ moves, plan, schedule, kitchen, clock, day }: ClockProps) {
  const lines = inOrder(moves, ovenOn(plan, schedule), kitchen.units);
  return (
    <Card p="4">
      <Heading as="h2" fontSize="lg" mb="2">
        In this order
      </Heading>
      <chakra.ol listStyleType="none">
        {lines.map((m, i) => {
          const previous = lines[i - 1];
          const newDay = !previous || day(previous.startMin) !== day(m.startMin);
          return (
            <li key={m.key}>
              {newDay && (
                <Text fontSize="sm" color="quiet" mt={i === 0 ? "0" : "3"}>
                  {day(m.startMin)}
                </Text>
              )}
              <HStack gap="3" py="1" borderBottomWidth="1px" borderColor="line" align="baseline">
                <Text fontWeight="700" minW="3rem" whiteSpace="nowrap">
                  {clock(m.startMin)}
                </Text>
                <Text flex="1">{m.title}</Text>
                <Text fontSize="sm" color="quiet" whiteSpace="nowrap">
                  {writeMinutes(m.minutes)}
                </Text>
              </HStack>
            </li>
          );
        })}
      </chakra.ol>
    </Card>
  );
}
