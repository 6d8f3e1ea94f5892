"use client";

import { chakra } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { useState } from "react";
import type { Food, FoodId } from "@/core/foods/food";
import type { Estimate } from "@/core/quantities/range";
import type { SpoonSystem, UnitSystem } from "@/core/quantities/units";

/** The search comes when it is asked for: a step may hold ten foods, and one of them is changed. */
export const FoodSearch = dynamic(() => import("./FoodSearch").then((m) => m.FoodSearch), { ssr: false });

export interface FoodPickerProps {
  readonly label: string;
  readonly value: string;
  readonly foods: readonly Food[];
  readonly disabled?: boolean;
  readonly measures?: { readonly spoons: SpoonSystem; readonly units: UnitSystem };
  /** With the amount that was typed beside it, if any. */
  readonly onChoose: (food: FoodId, grams: Estimate | null) => void;
  readonly onOwn?: (name: string) => void;
}

/** The food in hand, as a button; pressed, it becomes the search. */
export function FoodPicker({ disabled = false, ...props }: FoodPickerProps) {
  const [searching, setSearching] = useState(false);
  const name = props.foods.find((f) => f.id === props.value)?.name ?? `${props.value} (unknown)`;
  if (searching) return <FoodSearch {...props} onClose={() => setSearching(false)} />;
  return (
    <chakra.button
      type="button"
      aria-label={`${props.label}: ${name}. Change`}
      title={name}
      disabled={disabled}
      onClick={() => setSearching(true)}
      flex="1"
      minW="0"
      h="10"
      px="2"
      textAlign="start"
      fontSize="sm"
      bg="card"
      color="ink"
      borderWidth="1px"
      borderColor="edge"
      rounded="md"
      overflow="hidden"
      textOverflow="ellipsis"
      whiteSpace="nowrap"
      _hover={{ bg: "sunk" }}
    >
      {name}
    </chakra.button>
  );
}
