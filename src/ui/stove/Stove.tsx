"use client";

import { Box, chakra, Flex, Grid, Heading, HStack, Stack, Text } from "@chakra-ui/react";
import { useState } from "react";
import { Card, Do, Key, Quiet, Remark, Tick } from "../frame/controls";
import { useNarrow } from "../frame/useNarrow";
import { CautionRemark } from "../frame/CautionRemark";
import { describeJump } from "@/words/stove";
import { writeCountdown } from "@/words/time";
import { Burners } from "./Burners";
import { Changed } from "./Changed";
import { OvenRemark } from "./OvenRemark";
import { PutIn } from "./PutIn";
import { Scale } from "./Scale";
import { Timers } from "./Timers";
import type { StoveProps } from "./stoveProps";

export function Stove(props: StoveProps) {
  const { step, onBack } = props;
  const narrow = useNarrow();
  return (
    <Grid
      templateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 1fr) 21rem" }}
      gap="4"
      p={{ base: "2", md: "4" }}
      alignItems="stretch"
      minH={{ lg: "calc(100vh - 140px)" }}
    >
      {narrow && <Timers {...props} />}
      <Card display="flex" flexDirection="column" p={{ base: "4", md: "7" }}>
        <Strip {...props} />
        {props.news.map((says) => (
          <Remark key={says} tone="harm" mt="3" role="alert">
            {says}
          </Remark>
        ))}
        {props.fromNow.map((says) => (
          <Remark key={says} tone="watch" mt="3" role="status" fontSize="md" fontWeight="600">
            {says}
          </Remark>
        ))}
        {props.due.map((oven) => (
          <OvenRemark key={oven.says} {...oven} />
        ))}
        {props.jump && <Jump {...props.jump} />}
        <Text color="quiet" fontSize="lg" mt="4">
          {step.part} · step {step.number} of {step.of}
        </Text>
        <Heading as="h1" fontSize={{ base: "3xl", md: "5xl" }} mt="1">
          {step.spoken.title}
        </Heading>
        <Text fontSize="28px" lineHeight="1.35" mt="3" maxW="40ch" data-testid="does">
          {step.spoken.does}
        </Text>
        {step.spoken.note !== undefined && (
          <Text
            fontSize="xl"
            mt="3"
            maxW="50ch"
            ps="3"
            borderStartWidth="4px"
            borderColor="turmeric"
            whiteSpace="pre-line"
            aria-label="Note on this step"
          >
            {step.spoken.note}
          </Text>
        )}
        {/* What the scale should show comes before the reason, so that it is in view on a phone. */}
        {step.scale && (
          <Box mt="4">
            <Scale {...step.scale} />
          </Box>
        )}
        <Text fontSize="lg" color="quiet" mt="3" maxW="60ch">
          {step.spoken.why}
        </Text>
        <Stack gap="4" mt="5">
          {props.putIn && <PutIn key={props.putIn.lines.map((l) => l.name).join()} {...props.putIn} />}
          {props.changed && <Changed {...props} changed={props.changed} />}
          <HStack gap="3" wrap="wrap">
            <chakra.button
              type="button"
              aria-pressed={step.cueSeen}
              onClick={() => props.onCue(!step.cueSeen)}
              px="5"
              minH="14"
              fontSize="lg"
              rounded="xl"
              borderWidth="2px"
              borderColor={step.cueSeen ? "jade" : "edge"}
              bg={step.cueSeen ? "jadeTint" : "card"}
              textAlign="start"
            >
              {step.cueSeen ? "✓ " : "○ "}
              {step.cue}
            </chakra.button>
            {step.timer && (
              <Quiet minH="14" px="5" fontSize="lg" onClick={props.onTimer}>
                Timer: {step.timer.label} <Key>T</Key>
              </Quiet>
            )}
          </HStack>
          {step.waitsFor && step.waitsFor.leftMs > 0 && (
            <Remark tone="watch" fontSize="lg">
              Wait for “{step.waitsFor.title}”: {writeCountdown(step.waitsFor.leftMs)} left.
            </Remark>
          )}
          {step.cautions.map((c) => (
            <CautionRemark key={c.rule} caution={c} telling={props.textContext} />
          ))}
        </Stack>
        <Box flex="1" minH="4" />
        <Flex
          gap="3"
          mt="4"
          py="3"
          wrap="wrap"
          position="sticky"
          bottom="0"
          bg="card"
          borderTopWidth="1px"
          borderColor="line"
        >
          {step.asks !== null && (
            <Remark tone="watch" w="100%" role="alert">
              {step.asks}{" "}
              <Quiet minH="11" px="4" ms="2" onClick={props.onStay}>
                Stay here
              </Quiet>
            </Remark>
          )}
          <Quiet
            minH="16"
            px="6"
            fontSize="xl"
            disabled={onBack === null}
            onClick={() => onBack?.()}
            flex={{ base: "1", md: "none" }}
          >
            Back <Key>B</Key>
          </Quiet>
          <Do minH="16" fontSize="xl" flex={{ base: "3", md: "1" }} whiteSpace="normal" py="2" onClick={props.onNext}>
            {step.asks !== null
              ? step.nextTitle === null
                ? "Go on: on the table"
                : `Go on, next: ${step.nextTitle}`
              : step.nextTitle === null
                ? "Done: on the table"
                : step.startsOnNext && step.timer
                  ? `Start ${step.timer.label}, next: ${step.nextTitle}`
                  : `Done, next: ${step.nextTitle}`}{" "}
            <Key>space</Key>
          </Do>
        </Flex>
      </Card>
      <Stack gap="3">
        {!narrow && <Timers {...props} />}
        <Card p="4" flex="1">
          <Heading as="h2" fontSize="md" color="quiet" fontWeight="600">
            after this
          </Heading>
          <chakra.ol listStyleType="none" mt="1">
            {props.after.map((a) => (
              <chakra.li key={a.key} py="1.5" display="flex" gap="3" fontSize="lg" alignItems="center">
                <Text fontWeight="700" minW="3.2rem" whiteSpace="nowrap">
                  {a.time}
                </Text>
                <Box flex="1">
                  {a.title}{" "}
                  <Text as="span" color="quiet" fontSize="md" whiteSpace="nowrap">
                    · {a.says}
                  </Text>
                </Box>
                {a.onTake && (
                  <Quiet px="3" fontSize="sm" onClick={a.onTake} aria-label={`Do this now: ${a.title}`}>
                    Now
                  </Quiet>
                )}
              </chakra.li>
            ))}
            {props.after.length === 0 && (
              <chakra.li py="1" color="quiet">
                the table
              </chakra.li>
            )}
          </chakra.ol>
          <Tick mt="3" fontSize="sm" color="quiet" on={props.keysOn} onTick={props.onKeys}>
            single keys: space next, B back, W weigh, T timer, 1 to 9 stop a timer
          </Tick>
          {props.sleeps && (
            <Text fontSize="sm" color="quiet">
              This browser lets the screen go dark: set the device to stay on while you cook.
            </Text>
          )}
          <Burners burners={props.burners} />
          <LeaveOff onGiveUp={props.onGiveUp} onPutAside={props.onPutAside} />
        </Card>
      </Stack>
    </Grid>
  );
}

/** Putting it aside keeps everything for later; giving it up ends it here, and is asked once. */
function LeaveOff({ onGiveUp, onPutAside }: Pick<StoveProps, "onGiveUp" | "onPutAside">) {
  const [asked, setAsked] = useState(false);
  if (!asked)
    return (
      <HStack mt="3" gap="2" wrap="wrap">
        <Quiet fontSize="sm" onClick={onPutAside}>
          Put it aside
        </Quiet>
        <Quiet fontSize="sm" onClick={() => setAsked(true)}>
          Give up this cooking
        </Quiet>
      </HStack>
    );
  return (
    <Remark tone="watch" mt="3" role="alert">
      It ends here and is kept in the notebook as given up. To go on another time, put it aside instead.
      <HStack gap="2" mt="2" wrap="wrap">
        <Quiet onClick={onGiveUp}>Give it up</Quiet>
        <Quiet onClick={onPutAside}>Put it aside</Quiet>
        <Quiet onClick={() => setAsked(false)}>Go on cooking</Quiet>
      </HStack>
    </Remark>
  );
}

/** The supper as a strip, each step as wide as its minutes. */
function Strip({ strip, clock, pace }: StoveProps) {
  const done = strip.filter((s) => s.state === "done").length;
  return (
    <Flex gap="4" align="center" wrap={{ base: "wrap", md: "nowrap" }}>
      <Flex flex="1" minW="12rem" gap="2px" h="3" role="img" aria-label={`${done} of ${strip.length} steps done`}>
        {strip.map((s) => (
          <Box
            key={s.key}
            title={s.title}
            flexGrow={s.minutes}
            flexBasis="4px"
            rounded="sm"
            bg={s.state === "done" ? "jade" : s.state === "now" ? "ink" : "sunk"}
            borderWidth={s.state === "to come" ? "1px" : "0"}
            borderColor="line"
          />
        ))}
      </Flex>
      <Text fontWeight="700" fontSize="lg">
        {clock}
      </Text>
      <Box px="3" py="1" rounded="lg" bg={pace.late ? "turmericTint" : "jadeTint"} fontSize="sm" fontWeight="600">
        {pace.says}
      </Box>
    </Flex>
  );
}

/** The clock of the device leapt: what that means for the timers, and the way out. */
function Jump({ byMs, onGiveBack, onSeen }: NonNullable<StoveProps["jump"]>) {
  return (
    <Remark tone="watch" mt="3" role="status">
      {describeJump(byMs)}
      <HStack gap="2" mt="2" wrap="wrap">
        {onGiveBack && (
          <Quiet minH="11" px="4" onClick={onGiveBack}>
            The clock was set: timers get it back
          </Quiet>
        )}
        <Quiet minH="11" px="4" onClick={onSeen}>
          {onGiveBack ? "It slept: leave it so" : "All right"}
        </Quiet>
      </HStack>
    </Remark>
  );
}
