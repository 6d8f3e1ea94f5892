"use client";

import { Box, chakra, Flex, HStack, Input, Text } from "@chakra-ui/react";
import { useState } from "react";
import { GRAMS_PER_OUNCE, type UnitSystem } from "@/core/quantities/units";
import { writeMass } from "@/core/quantities/write";
import { Key, Quiet } from "../frame/controls";

export interface ScaleProps {
  readonly units: UnitSystem;
  readonly plannedG: number;
  readonly range: { readonly low: number; readonly high: number } | null;
  readonly lowestG: number;
  readonly highestG: number;
  readonly stepG: number;
  /** Last reading taken at this step. */
  readonly takenG: number | null;
  readonly problem: string | null;
  readonly loadG: number;
  /** Something was put on the simulated scale at this step. */
  readonly touched: boolean;
  /** The stand-in is switched on in Kitchen. */
  readonly simulated: boolean;
  readonly onLoad: (g: number) => void;
  readonly onTake: (g: number, by: "typed" | "scale") => void;
}

/**
 * What the scale in the kitchen shows, typed; below it the simulated scale that ships with the app, where a slider stands in for
 * putting food on it. Nothing is read off the simulated one before it was touched.
 */
export function Scale(props: ScaleProps) {
  const { units, plannedG, range, takenG } = props;
  const [typed, setTyped] = useState("");
  const [typing, setTyping] = useState<string | null>(null);
  const [low, high] = range ? [writeMass(range.low, units), writeMass(range.high, units)] : ["", ""];
  const takeTyped = () => {
    const number = Number(typed.trim().replace(",", "."));
    if (typed.trim() === "" || !Number.isFinite(number)) return setTyping("Weight: type digits, such as 418.");
    setTyping(null);
    setTyped("");
    props.onTake(units === "us" ? number * GRAMS_PER_OUNCE : number, "typed");
  };
  const problem = typing ?? props.problem;
  return (
    <Box bg="sunk" rounded="2xl" p={{ base: "3", md: "5" }} role="group" aria-label="Scale, bowl tared">
      <HStack gap="2" wrap="wrap">
        <Input
          aria-label={`Weight typed, ${units === "us" ? "oz" : "g"}`}
          placeholder="it weighs"
          inputMode="decimal"
          data-weight-typed
          w="9rem"
          h="14"
          fontSize="xl"
          bg="card"
          borderColor="edge"
          _placeholder={{ color: "quiet" }}
          value={typed}
          onChange={(e) => setTyped(e.target.value)}
          onKeyDown={(e) => e.key === "Enter" && takeTyped()}
        />
        <Text color="quiet">{units === "us" ? "oz" : "g"}</Text>
        <Quiet minH="14" px="5" fontSize="lg" onClick={takeTyped}>
          Use this weight
        </Quiet>
        <Text color="quiet">
          planned {writeMass(plannedG, units)}
          {low !== high && ` (${low} to ${high})`}
        </Text>
        {takenG !== null && (
          <Text fontWeight="600" ms="2">
            ✓ weighed {writeMass(takenG, units)}
          </Text>
        )}
      </HStack>
      {problem && (
        <Text role="alert" color="chilli" mt="2">
          {problem}
        </Text>
      )}
      {props.simulated && <SimulatedScale {...props} />}
    </Box>
  );
}

/** The stand-in for a scale that speaks to the device: a slider puts food on it. */
function SimulatedScale(props: ScaleProps) {
  const { units, plannedG, range, lowestG, highestG, stepG, loadG } = props;
  const shown = Math.round(loadG / stepG) * stepG;
  const x = (g: number) => `${Math.max(0, Math.min(100, (100 * (g - lowestG)) / Math.max(1, highestG - lowestG)))}%`;
  return (
    <Flex gap={{ base: "3", md: "6" }} align="center" wrap="wrap" mt="3" pt="3" borderTopWidth="1px" borderColor="line">
      <Box minW="7rem">
        <Text fontSize="sm" color="quiet">
          simulated scale, bowl tared
        </Text>
        <Text
          fontFamily="heading"
          fontWeight="700"
          fontSize={{ base: "2xl", md: "3xl" }}
          lineHeight="1.1"
          data-testid="scale-display"
        >
          {writeMass(shown, units)}
        </Text>
      </Box>
      <Box flex="1" minW="13rem">
        <Box position="relative" h="6">
          <Box position="absolute" top="2" h="2.5" insetX="0" rounded="full" bg="line" />
          {range && (
            <Box
              position="absolute"
              top="2"
              h="2.5"
              rounded="full"
              bg="jade"
              left={x(range.low)}
              w={`calc(${x(range.high)} - ${x(range.low)})`}
            />
          )}
          <Box position="absolute" top="0" h="6" w="1" ms="-2px" bg="ink" left={x(plannedG)} />
          <Box
            position="absolute"
            top="0.5"
            boxSize="5"
            ms="-2.5"
            rounded="full"
            bg={range && (shown < range.low || shown > range.high) ? "turmeric" : "jade"}
            borderWidth="2px"
            borderColor="card"
            left={x(shown)}
          />
        </Box>
        <chakra.input
          type="range"
          aria-label="Put on the simulated scale"
          min={Math.floor(lowestG)}
          max={Math.ceil(highestG)}
          step={stepG}
          value={loadG}
          onChange={(e) => props.onLoad(Number(e.target.value))}
          w="100%"
          mt="1"
          h="6"
          accentColor="var(--jp-colors-jade)"
        />
      </Box>
      <Quiet px="4" disabled={!props.touched} onClick={() => props.onTake(shown, "scale")}>
        Take reading <Key>W</Key>
      </Quiet>
    </Flex>
  );
}
