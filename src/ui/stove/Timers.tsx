"use client";

import { Box, Flex, Grid, Stack, Text } from "@chakra-ui/react";
import { BellRing } from "lucide-react";
import { Card, Key, Quiet, Remark } from "../frame/controls";
import { useNarrow } from "../frame/useNarrow";
import { writeCountdown } from "@/words/time";
import type { StoveProps, TimerView } from "./stoveProps";

/** Timers that run, by where they stand; on a phone they stay in view above the step. */
export function Timers({
  timers,
  stopped,
  onTimerOff,
  onRemind,
}: Pick<StoveProps, "timers" | "stopped" | "onTimerOff" | "onRemind">) {
  const narrow = useNarrow();
  if (timers.length === 0 && stopped === null) return null;
  return (
    <Stack
      gap="2"
      {...(narrow ? { position: "sticky", top: "0", zIndex: "sticky", bg: "page", py: "2", my: "-2" } : {})}
    >
      <Grid gap="2" templateColumns={narrow && timers.length > 1 ? "repeat(2, minmax(0, 1fr))" : "minmax(0, 1fr)"}>
        {timers.map((t, i) => (
          <TimerCard key={t.step} timer={t} number={i + 1} small={narrow} onOff={() => onTimerOff(t.step)} />
        ))}
      </Grid>
      {timers.length > 0 && onRemind !== null && (
        <Quiet alignSelf="flex-start" onClick={onRemind}>
          <BellRing size={16} /> Remind me when I look elsewhere
        </Quiet>
      )}
      {stopped && (
        <Remark tone="plain" role="status">
          Stopped: {stopped.title}.{" "}
          <Quiet minH="11" px="4" ms="2" onClick={stopped.onBringBack}>
            Bring it back
          </Quiet>
        </Remark>
      )}
    </Stack>
  );
}

interface TimerCardProps {
  readonly timer: TimerView;
  readonly number: number;
  readonly small: boolean;
  readonly onOff: () => void;
}
function TimerCard({ timer, number, small, onOff }: TimerCardProps) {
  const over = timer.leftMs <= 0;
  const off = (
    <Quiet minH={small ? "11" : "9"} px="3" fontSize="sm" onClick={onOff} aria-label={`Stop timer: ${timer.title}`}>
      {over ? "Off" : "Stop"} <Key>{number}</Key>
    </Quiet>
  );
  const count = (
    <Text fontFamily="heading" fontWeight="800" fontSize={small ? "2xl" : "4xl"} lineHeight="1">
      {writeCountdown(timer.leftMs)}
    </Text>
  );
  return (
    <Card
      p={small ? "2" : "4"}
      borderColor={over ? "turmeric" : "line"}
      borderWidth={over ? "2px" : "1px"}
      bg={over ? "turmericTint" : "card"}
      role="timer"
      aria-label={`${timer.title}, ${timer.where}`}
    >
      {small ? (
        <>
          <Text fontSize="sm" color="quiet" truncate>
            {timer.where} · {timer.title}
          </Text>
          <Flex align="center" justify="space-between" gap="1">
            {count}
            {off}
          </Flex>
        </>
      ) : (
        <Flex align="baseline" gap="2">
          <Text flex="1" fontWeight="600" fontSize="lg">
            {timer.title}
          </Text>
          {count}
        </Flex>
      )}
      <Box h={small ? "1.5" : "2"} rounded="full" bg="sunk" my={small ? "1" : "2"} overflow="hidden">
        <Box
          h="100%"
          bg={over ? "turmeric" : "jade"}
          w={`${Math.min(100, Math.max(0, 100 * (1 - timer.leftMs / timer.totalMs)))}%`}
        />
      </Box>
      {!small && (
        <Flex align="center" gap="2">
          <Text flex="1" color="quiet" fontSize="sm">
            {timer.where} · {over ? `time is up: ${timer.cue}?` : timer.cue}
          </Text>
          {off}
        </Flex>
      )}
    </Card>
  );
}
