"use client";

import { Box, chakra, Flex, Heading, Stack, Text } from "@chakra-ui/react";
import { useState } from "react";
import { ALLERGENS, type AllergenState, type Allergen } from "@/core/foods/allergens";
import type { Food, FoodId } from "@/core/foods/food";
import { contradictionIn, type Figure, FIGURES } from "@/core/foods/labels";
import { blockedBy } from "@/core/foods/own";
import { FOODS, labelCanFree } from "@/core/foods/table";
import { Card, Quiet, Remark } from "../frame/controls";
import { Choice, NumberField, TextField } from "../frame/fields";
import { ALLERGEN_NAMES, BLOCKS_SAY, FIGURE_NAMES, describeContradiction } from "@/words/words";
import { counted } from "@/words/count";
import { FoodPicker } from "./FoodPicker";

export interface FoodShelfProps {
  readonly foods: readonly Food[];
  readonly isOwn: (food: FoodId) => boolean;
  /** A figure of the packet: remembered as a label, or as the own food's figure. */
  readonly onFigure: (food: Food, figure: Figure, per100: number | null) => void;
  readonly onAllergen: (food: Food, allergen: Allergen, state: AllergenState) => void;
  readonly onOwnFood: (name: string, then: (food: FoodId) => void) => void;
  readonly onOwn: (food: Food, label: string) => void;
  readonly onRemoveOwn: (food: Food) => void;
}

const CONFIDENCE = { high: "well known", medium: "fairly known", low: "a guess, read the label" } as const;

/** Every food with its figures and where they come from; what a packet says goes over them, and own foods are added. */
export function FoodShelf(props: FoodShelfProps) {
  const { foods } = props;
  const [id, setId] = useState("soy-strips");
  const [problem, setProblem] = useState<string | null>(null);
  const food = foods.find((f) => f.id === id) ?? foods[0];
  if (!food) return null;
  const own = props.isOwn(food.id);
  const take = (next: string) => {
    setId(next);
    setProblem(null);
  };
  const figure = (name: Figure, per100: number | null) => {
    const contradiction = contradictionIn({ ...food.per100, [name]: per100 });
    setProblem(contradiction && `${food.name}: ${describeContradiction(contradiction)} Nothing was changed.`);
    if (contradiction === null) props.onFigure(food, name, per100);
  };
  return (
    <Card>
      <Heading as="h2" fontSize="xl">
        Foods and labels
      </Heading>
      <Text color="quiet" fontSize="sm" mb="3">
        {foods.length} foods. What a packet says goes over the table and is remembered; what is not here can be added by
        its name alone.
      </Text>
      <Flex gap="2" mb="3">
        <FoodPicker
          label="Look up a food"
          value={food.id}
          foods={foods}
          onChoose={take}
          onOwn={(name) => props.onOwnFood(name, take)}
        />
      </Flex>
      {own && (
        <Flex gap="3" wrap="wrap" mb="3" align="flex-end">
          <TextField
            key={food.id}
            label="Name"
            width="13rem"
            value={food.name}
            onCommit={(name) => props.onOwn({ ...food, name }, "Name of the food")}
          />
          <Choice
            label="In the pan it is like"
            width="13rem"
            value={food.like ?? ""}
            options={[
              { value: "", label: "nothing known" },
              ...foods.filter((f) => !props.isOwn(f.id)).map((f) => ({ value: f.id, label: f.name })),
            ]}
            onChoose={(like) => props.onOwn({ ...food, like: like === "" ? null : like }, "What it is like")}
          />
          <Quiet minH="10" onClick={() => props.onRemoveOwn(food)}>
            Remove
          </Quiet>
        </Flex>
      )}
      <Text fontSize="sm" color="quiet" mb="2">
        {food.also.length > 0 && `Also ${food.also.join(", ")}. `}
        Source: {food.from.source} ({CONFIDENCE[food.from.confidence]}).
        {food.packs.map(
          (p) => ` One ${p.name} is ${p.netG} g${p.drainedG === null ? "" : `, ${p.drainedG} g drained`}.`,
        )}
        {keeps(food)}
      </Text>
      <Flex gap="3" wrap="wrap" role="group" aria-label={`Figures of ${food.name} in 100 g`}>
        {FIGURES.map((name) => (
          <NumberField
            key={`${food.id} ${name}`}
            label={FIGURE_NAMES[name]}
            value={food.per100[name]}
            low={0}
            high={name === "sodiumMg" ? 40_000 : 100}
            unit={name === "sodiumMg" ? "mg" : "g"}
            digits={name === "sodiumMg" ? 0 : 1}
            width="4.5rem"
            mayBeEmpty={own}
            emptySays="?"
            onCommit={(n) => figure(name, n)}
          />
        ))}
      </Flex>
      {problem && (
        <Remark tone="harm" mt="3" role="alert">
          {problem}
        </Remark>
      )}
      <Flex gap="1" wrap="wrap" mt="3" role="group" aria-label={`Allergens of ${food.name}`}>
        {ALLERGENS.map((a) => {
          const state = food.allergens[a];
          // What the kind of food settles is no question to a label: tofu is soy.
          const settled = state === "contains" && !own && isSettled(food.id, a);
          return (
            <chakra.button
              key={a}
              type="button"
              disabled={settled}
              aria-label={`${ALLERGEN_NAMES[a]}: ${STATES[state].says}${settled ? ", whatever the label" : ". Change"}`}
              onClick={() => props.onAllergen(food, a, STATES[state].next)}
              px="2.5"
              minH="8"
              fontSize="sm"
              rounded="full"
              borderWidth="1.5px"
              borderColor={state === "free" ? "line" : state === "unknown" ? "turmeric" : "chilli"}
              bg={state === "free" ? "card" : state === "unknown" ? "turmericTint" : "chilliTint"}
            >
              {ALLERGEN_NAMES[a]} {STATES[state].sign}
            </chakra.button>
          );
        })}
      </Flex>
      {blockedBy(food).length > 0 && (
        <Stack gap="1" mt="3" fontSize="sm" color="quiet">
          {blockedBy(food).map((b) => (
            <Box key={b}>{BLOCKS_SAY[b]}</Box>
          ))}
        </Stack>
      )}
    </Card>
  );
}

/** The table says it contains it, and no label of that kind can say otherwise. */
const isSettled = (id: FoodId, allergen: Allergen) =>
  !labelCanFree(id, allergen) && FOODS.find((f) => f.id === id)?.allergens[allergen] === "contains";
const STATES: Readonly<Record<AllergenState, { says: string; sign: string; next: AllergenState }>> = {
  contains: { says: "contained", sign: "yes", next: "may" },
  may: { says: "may contain it", sign: "maybe", next: "free" },
  free: { says: "free of it", sign: "no", next: "contains" },
  unknown: { says: "read the label", sign: "?", next: "contains" },
};
function keeps({ keeps: days }: Food): string {
  const said = (["fridge", "freezer", "cupboard"] as const).flatMap((where) =>
    days[where] === undefined ? [] : [`${where} ${counted(days[where], "day")}`],
  );
  return said.length > 0 ? ` Keeps, once open: ${said.join(", ")}.` : "";
}
