"use client";

import { Box, Flex, Grid, Heading, HStack, Stack, Text } from "@chakra-ui/react";
import { CalendarPlus, Flame } from "lucide-react";
import { useState } from "react";
import type { StepKey } from "@/core/process/log";
import type { DishId } from "@/core/process/step";
import type { Kitchen } from "@/core/household/kitchen";
import type { Chance } from "@/core/schedule/chance";
import { OnTime } from "./OnTime";
import { ovenOn } from "@/core/schedule/oven";
import { waitOf } from "@/core/schedule/stretch";
import { SERVE, type TaskId } from "@/core/schedule/task";
import type { Plan } from "@/core/plan";
import { writeMinutes } from "@/core/quantities/write";
import type { Schedule } from "@/core/schedule/schedule";
import type { KeptWarm } from "@/core/keepWarm";
import type { BatchStanding } from "@/core/dish/batchStandings";
import type { OneBatch } from "@/core/oneBatch";
import type { WayOut, WaysOut } from "@/core/waysOut";
import { Card, DoLink, Quiet, Remark } from "../frame/controls";
import type { DayChange, WhatIf } from "@/core/schedule/whatIf";
import { describeBeside, describeHoles } from "@/words/clock";
import { describeTwice } from "@/words/time";
import type { TitledMove } from "@/words/tasks";
import { Borrowed } from "./Borrowed";
import { ClockLanes } from "./ClockLanes";
import { NoFit } from "./NoFit";
import { TooLate } from "./WaysOut";
import { Costs, IfSomethingChanges, when } from "./WhatItCosts";
import { lanesOf } from "./lanes";
import { inOrder, MoveList } from "./MoveList";
import { LAST, ONE_COLUMN } from "./onPhone";
import { OneBatchCard } from "./OneBatch";
import { type Course, ServeAt } from "./ServeAt";

export interface ClockProps {
  /** Suppers that have the kitchen first, by name. */
  readonly beside: readonly string[];
  /** Of the supper; it heads the printed page. */
  readonly name: string;
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
  /** The dishes and how long after the serving time each comes to the table. */
  readonly courses: readonly Course[];
  readonly onCourse: (dish: DishId, afterMin: number) => void;
  /** Minutes of beginning earlier that a point of bite is worth. */
  readonly pointMin: number;
  readonly onPointMin: (minutes: number) => void;
  /** So long before it is served everything is ready by plan, minutes. */
  readonly roomMin: number;
  readonly onRoom: (minutes: number) => void;
  /** Steps that the cook holds where they are. */
  readonly held: ReadonlySet<StepKey>;
  /** Holds a step at a minute relative to serving, or lets it move again; says what that would break, and changes nothing then. */
  readonly onHold: (step: StepKey, startMin: number | null) => Promise<string | null>;
  readonly onCalendar: () => void;
  readonly onTable: () => void;
  /** What becomes of it when the day changes; null until somebody asked and it is worked out. */
  readonly whatIf: readonly WhatIf[] | "asked" | null;
  readonly onWhatIf: () => void;
  /** Makes a change that can be made from here: dinner at another hour, a helper. */
  readonly onTake: (change: DayChange) => void;
  /** Takes out of the kitchen what came for a day. */
  readonly onGiveBack: () => void;
  /** Long waits that cost less in a low oven. */
  readonly keptWarm: readonly KeptWarm[];
  readonly onKeepWarm: (way: KeptWarm) => void;
  /** What others make for this supper, and what they could: done once for both. */
  readonly batches: readonly BatchStanding[];
  readonly oneBatch: readonly OneBatch[];
  readonly onOneBatch: (way: OneBatch) => void;
  readonly onApart: (key: StepKey) => void;
  /** What can be done where it fits in no way or should have begun already; null until it is worked out. */
  readonly waysOut: WaysOut | null;
  readonly onWay: (way: WayOut) => void;
  /** How likely it is in time; null until that is worked out. */
  readonly chance: Chance | null;
  readonly stepName: (step: StepKey) => string;
}

const NO_SLIPS: Chance["slips"] = {};
export function Clock(props: ClockProps) {
  const { schedule, serve, frozen } = props;
  const holes = describeHoles(props.plan);
  const first = schedule.kind === "fits" ? firstToDo(props) : null;
  const firstWhen = first === null ? "" : `${props.day(first.startMin)}, ${props.clock(first.startMin)}`;
  const { nowMin } = props;
  const isTooLate = schedule.kind === "fits" && nowMin !== null && schedule.startMin < nowMin && nowMin < 0 && !frozen;
  const [breaks, setBreaks] = useState<string | null>(null);
  const move = (step: StepKey, startMin: number | null) => void props.onHold(step, startMin).then(setBreaks);
  const twice =
    schedule.kind === "fits" ? describeTwice(Object.values(schedule.starts).map((start) => props.clock(start))) : null;
  return (
    <Grid
      templateColumns={{ base: "minmax(0, 1fr)", xl: "minmax(0, 1fr) 21rem" }}
      gap="4"
      p={{ base: "3", md: "4" }}
      alignItems="start"
      _print={{ display: "block", p: "0" }}
    >
      <Stack gap="4" minW="0" display={ONE_COLUMN} _print={{ mb: "4" }}>
        <Text className="only-print" fontSize="xl" fontWeight="700">
          {props.name}
        </Text>
        {holes !== null && (
          <Remark tone="harm" fontSize="md">
            {holes}
          </Remark>
        )}
        <Flex align="center" gap="3" wrap="wrap">
          <Box flex="1" minW="15rem">
            <Heading as="h1" fontSize="2xl">
              {first === null ? `On the table ${serve.day}` : `${firstWhen}: ${first.title}`}
            </Heading>
            {schedule.kind === "fits" && (
              <Text color="quiet">
                {first !== null && `on the table ${serve.day} · `}hands busy {writeMinutes(schedule.handsMin)} ·{" "}
                {schedule.proven ? "no plan is better" : `no start after ${when(schedule.boundMin, props)} is possible`}
              </Text>
            )}
          </Box>
          <Flex gap="3" wrap="wrap" className="no-print">
            <Quiet onClick={props.onCalendar} disabled={schedule.kind !== "fits"}>
              <CalendarPlus size={17} /> To my calendar
            </Quiet>
            <DoLink href={props.stoveHref}>
              <Flame size={17} /> {frozen ? "Back to the stove" : "Begin at the stove"}
            </DoLink>
          </Flex>
        </Flex>
        {twice !== null && <Remark tone="watch">{twice}</Remark>}
        {!frozen && (
          <Box display="contents" className="no-print">
            <Borrowed {...props} />
          </Box>
        )}
        {props.beside.length > 0 && <Text color="quiet">{describeBeside(props.beside)}</Text>}
        {schedule.kind === "fits" ? (
          <Box display="contents" className="no-print">
            {isTooLate && <TooLate {...props} />}
            {breaks !== null && (
              <Remark tone="harm" fontSize="md" role="alert">
                {breaks}
              </Remark>
            )}
            <Card p="4" order={LAST}>
              <ClockLanes
                lanes={lanesOf(props.plan, schedule, props.moves, props.kitchen, props.chance?.slips ?? NO_SLIPS)}
                clock={props.clock}
                day={props.day}
                serveTime={serve.time}
                courses={props.courses}
                nowMin={props.nowMin}
                held={props.held}
                onMove={frozen ? null : move}
              />
              <Key />
            </Card>
            <Costs {...props} schedule={schedule} />
            <Waits plan={props.plan} schedule={schedule} nameOf={props.nameOf} />
          </Box>
        ) : (
          <NoFit {...props} schedule={schedule} />
        )}
        {!frozen && <OneBatchCard {...props} />}
      </Stack>
      <Stack gap="4" display={ONE_COLUMN}>
        <Box display="contents" className="no-print">
          {!frozen && <ServeAt {...props} />}
          {/* How likely a plan is that cannot be kept any more is no answer. */}
          {schedule.kind === "fits" && schedule.startMin < 0 && !isTooLate && <OnTime {...props} />}
        </Box>
        {schedule.kind === "fits" && <MoveList {...props} onMove={frozen ? null : move} />}
        <Box display="contents" className="no-print">
          {!frozen && <IfSomethingChanges {...props} />}
        </Box>
      </Stack>
    </Grid>
  );
}

/** The step or the oven that comes first. */
function firstToDo({
  moves,
  plan,
  schedule,
  kitchen,
}: ClockProps): { readonly startMin: number; readonly title: string } | null {
  return inOrder(moves, ovenOn(plan, schedule), kitchen.units)[0] ?? null;
}

/** Waits with a limit of half an hour or less, the tightest first: these are what goes wrong. */
function Waits({
  plan,
  schedule,
  nameOf,
}: Pick<ClockProps, "plan" | "nameOf"> & { schedule: Extract<Schedule, { kind: "fits" }> }) {
  const waits = plan.lags
    .flatMap((lag) => {
      const { from, to, maxMin } = lag;
      if (maxMin === null || maxMin === 0 || maxMin > 30) return [];
      const gap = waitOf(plan, lag, schedule.starts);
      return [{ id: `${from} ${to}`, from: nameOf(from), to: to === SERVE ? "the table" : nameOf(to), gap, maxMin }];
    })
    .sort((a, b) => a.maxMin - a.gap - (b.maxMin - b.gap));
  if (waits.length === 0) return null;
  return (
    <Card p="4" order={LAST}>
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
      <HStack gap="1.5">
        <svg width="26" height="16" aria-hidden>
          <rect x="1" y="6" width="24" height="5" rx="2.5" fill="var(--jp-colors-turmeric)" />
        </svg>
        may end so much later
      </HStack>
    </Flex>
  );
}
