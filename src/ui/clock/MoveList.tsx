"use client";

import { Box, chakra, Heading, HStack, Text } from "@chakra-ui/react";
import { Pin, Printer, Table } from "lucide-react";
import { useState } from "react";
import { writeMinutes } from "@/core/quantities/write";
import type { UnitSystem } from "@/core/quantities/units";
import type { StepKey } from "@/core/process/log";
import { type OvenOn, ovenOn } from "@/core/schedule/oven";
import { Card, Quiet } from "../frame/controls";
import { describeOvenOn } from "@/words/tasks";
import type { ClockProps } from "./Clock";

/** How far one press moves a step, minutes. */
const BY_MIN = 5;

/** What is done and what is switched on, by the clock. */
export const inOrder = (moves: ClockProps["moves"], ovens: readonly OvenOn[], units: UnitSystem) =>
  [
    ...moves.map(({ key, startMin, minutes, title }) => ({
      key,
      startMin,
      minutes,
      title,
      step: key as StepKey | null,
    })),
    ...ovens.map((o) => ({
      key: o.task,
      startMin: o.startMin,
      minutes: o.minutes,
      title: describeOvenOn(o, units),
      step: null,
    })),
  ].sort((a, b) => a.startMin - b.startMin);

/** The plan as a list, which is the plan itself on a phone: a line opens to be moved or held. */
export function MoveList({
  moves,
  plan,
  schedule,
  kitchen,
  clock,
  day,
  held,
  onMove,
  onTable,
}: ClockProps & { readonly onMove: ((step: StepKey, startMin: number | null) => void) | null }) {
  const [open, setOpen] = useState<StepKey | null>(null);
  const lines = inOrder(moves, ovenOn(plan, schedule), kitchen.units);
  return (
    <Card p="4">
      <Heading as="h2" fontSize="lg" mb="2">
        What to do when
      </Heading>
      <chakra.ol listStyleType="none" _print={{ columnCount: 2, columnGap: "8" }}>
        {lines.map((m, i) => {
          const previous = lines[i - 1];
          const newDay = !previous || day(previous.startMin) !== day(m.startMin);
          const isHeld = m.step !== null && held.has(m.step);
          const line = (
            <>
              <Text as="span" fontWeight="700" minW="3rem" whiteSpace="nowrap">
                {clock(m.startMin)}
              </Text>
              <Text as="span" flex="1" textAlign="start">
                {m.title}
              </Text>
              {isHeld && (
                <Box as="span" color="jade" alignSelf="center" title="Held here">
                  <Pin size={15} aria-label="held here" />
                </Box>
              )}
              <Text as="span" fontSize="sm" color="quiet" whiteSpace="nowrap">
                {writeMinutes(m.minutes)}
              </Text>
            </>
          );
          const { step } = m;
          return (
            <chakra.li key={m.key} breakInside="avoid">
              {newDay && (
                <Text fontSize="sm" color="quiet" mt={i === 0 ? "0" : "3"}>
                  {day(m.startMin)}
                </Text>
              )}
              <Box borderBottomWidth="1px" borderColor="line">
                {step === null || onMove === null ? (
                  <HStack gap="3" py="1" align="baseline">
                    {line}
                  </HStack>
                ) : (
                  <chakra.button
                    type="button"
                    display="flex"
                    w="100%"
                    gap="3"
                    py="1"
                    minH={{ base: "11", md: "8" }}
                    alignItems={{ base: "center", md: "baseline" }}
                    rounded="md"
                    _hover={{ bg: "sunk" }}
                    aria-expanded={open === step}
                    onClick={() => setOpen(open === step ? null : step)}
                  >
                    {line}
                  </chakra.button>
                )}
                {step !== null && open === step && onMove !== null && (
                  <HStack gap="2" wrap="wrap" pb="2" role="group" aria-label={`Move ${m.title}`}>
                    <Quiet onClick={() => onMove(step, m.startMin - BY_MIN)}>{BY_MIN} min earlier</Quiet>
                    <Quiet onClick={() => onMove(step, m.startMin + BY_MIN)}>{BY_MIN} min later</Quiet>
                    {isHeld ? (
                      <Quiet onClick={() => onMove(step, null)}>Let it move</Quiet>
                    ) : (
                      <Quiet onClick={() => onMove(step, m.startMin)}>
                        <Pin size={15} /> Hold it here
                      </Quiet>
                    )}
                  </HStack>
                )}
              </Box>
            </chakra.li>
          );
        })}
      </chakra.ol>
      <HStack gap="2" mt="3" className="no-print">
        <Quiet onClick={() => window.print()}>
          <Printer size={16} /> Print
        </Quiet>
        <Quiet onClick={onTable} aria-label="As a table for a spreadsheet">
          <Table size={16} /> Table
        </Quiet>
      </HStack>
    </Card>
  );
}
