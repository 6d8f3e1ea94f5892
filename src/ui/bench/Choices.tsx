"use client";

import { Box, chakra, Flex, Text } from "@chakra-ui/react";
import type { Food } from "@/core/foods/food";
import type { Step } from "@/core/process/registry";
import { choosing, chosenOf } from "@/core/process/step";
import { writeMass } from "@/core/quantities/write";
import type { UnitSystem } from "@/core/quantities/units";
import { describeBrings } from "@/words/choices";
import type { BenchActions } from "./benchProps";

interface Props {
  readonly step: Step;
  readonly foods: readonly Food[];
  /** Grams on screen over grams in the dish. */
  readonly factor: number;
  readonly units: UnitSystem;
  readonly frozen: boolean;
  readonly onEdit: BenchActions["editStep"];
}
/** "This or that", "if you like": what can stand here, each with what it brings; one press takes it. */
export function Choices({ step, foods, factor, units, frozen, onEdit }: Props) {
  return (step.choices ?? []).map((choice, i) => {
    const chosen = chosenOf(step, choice);
    const take = (label: string, option: number | null) =>
      onEdit(`Choose ${label}`, (s) => {
        const same = s.choices?.[i];
        return same === undefined ? s : choosing(s, same, option);
      });
    return (
      <Box key={i} role="radiogroup" aria-label="One of these">
        <Text fontSize="sm" color="quiet">
          {choice.optional && choice.of.length === 1 ? "If you like" : "One of these"}
        </Text>
        <Flex direction="column" gap="1" mt="1">
          {choice.of.map((line, option) => {
            const food = foods.find((f) => f.id === line.food) ?? null;
            const name = food?.name ?? line.food;
            const grams = line.massG === null ? null : line.massG * factor;
            return (
              <One
                key={line.food}
                on={chosen?.option === option}
                disabled={frozen}
                name={grams === null ? name : `${name}, ${writeMass(grams, units)}`}
                says={describeBrings(food, grams)}
                onTake={() => take(name, option)}
              />
            );
          })}
          {choice.optional && (
            <One
              on={chosen === null}
              disabled={frozen}
              name="without it"
              says=""
              onTake={() => take("without it", null)}
            />
          )}
        </Flex>
      </Box>
    );
  });
}

function One({
  on,
  disabled,
  name,
  says,
  onTake,
}: {
  readonly on: boolean;
  readonly disabled: boolean;
  readonly name: string;
  readonly says: string;
  readonly onTake: () => void;
}) {
  return (
    <chakra.button
      type="button"
      role="radio"
      aria-checked={on}
      aria-label={name}
      disabled={disabled}
      onClick={onTake}
      textAlign="start"
      px="3"
      py="1"
      minH="11"
      rounded="md"
      borderWidth="1.5px"
      borderColor={on ? "jade" : "line"}
      bg={on ? "jadeTint" : "card"}
    >
      <Text fontSize="sm" fontWeight={on ? "700" : "500"}>
        {name}
      </Text>
      {says !== "" && (
        <Text fontSize="xs" color="quiet">
          {says}
        </Text>
      )}
    </chakra.button>
  );
}
