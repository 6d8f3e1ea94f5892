"use client";

import { Box, chakra, Flex, Stack, Text } from "@chakra-ui/react";
import { useEffect, useRef, useState } from "react";
import { PATTERN_IDS, PATTERN_NAMES } from "@/core/dish/patternNames";
import type { Food } from "@/core/foods/food";
import { typicalAmountG } from "@/core/foods/measure";
import type { TypedFood } from "@/core/recipe/lines/typed";
import { writeMass } from "@/core/quantities/write";
import type { Chain } from "@/core/swap/chain";
import { Quiet } from "../frame/controls";
import { FoodSearch } from "../foods/FoodPicker";
import { FORM_NAMES } from "@/words/swapNames";
import type { BenchProps } from "./benchProps";

type AddPartProps = Pick<BenchProps, "foods" | "kitchen" | "actions"> & {
  /** Heads at the table: what is taken of a food whose amount nobody typed. */
  readonly heads: number;
  readonly onDone?: () => void;
};
interface Picked {
  readonly food: Food;
  /** Null where nobody said how much. */
  readonly grams: TypedFood["grams"];
  /** What a chain is made with: as much as was said, else what is usual. */
  readonly massG: number;
  readonly chains: readonly Chain[];
}

/**
 * A new part: from a food with its amount, which offers the chains of steps that it usually goes through, or from a
 * pattern. One press builds it whole.
 */
export function AddPart({ foods, kitchen, actions, heads, onDone }: AddPartProps) {
  const [picked, setPicked] = useState<Picked | null>(null);
  const choices = useRef<HTMLDivElement>(null);
  // The search goes as the chains come: the first of them is where one goes on.
  useEffect(() => {
    if (picked !== null) choices.current?.querySelector("button")?.focus();
  }, [picked]);
  const pick = async (typed: readonly TypedFood[]) => {
    const [only, ...others] = typed;
    const food = foods.find((f) => f.id === only?.food);
    if (only === undefined || food === undefined) return;
    if (others.length > 0) return weigh(food.name, typed);
    const { chainsFor } = await import("@/core/swap/chain");
    const massG = only.grams?.likely ?? typicalAmountG(food, heads);
    setPicked({ food, grams: only.grams, massG, chains: chainsFor(food) });
  };
  const weigh = (name: string, typed: readonly TypedFood[]) => {
    actions.addWeighed(name, typed);
    onDone?.();
  };
  const take = (chain: Chain) => {
    if (picked !== null) actions.addChain(chain, picked.food, picked.massG);
    onDone?.();
  };
  return (
    <Stack gap="3" onKeyDown={(e) => e.key === "Escape" && onDone?.()}>
      {picked === null ? (
        <FoodSearch
          label="What goes in, with its amount if you like"
          value={null}
          opens="when typed"
          foods={foods}
          onClose={() => undefined}
          measures={{ spoons: kitchen.spoons, units: kitchen.units }}
          onAdd={(typed) => void pick(typed)}
          onOwn={(name, typed) =>
            actions.ownFood(name, (id) => weigh(name, [{ food: id, grams: typed?.gramsOf(id) ?? null }]))
          }
        />
      ) : (
        <Box ref={choices} role="group" aria-label="The usual ways">
          <Text mb="2">
            {picked.grams === null
              ? `${picked.food.name}, about ${writeMass(picked.massG, kitchen.units)} as is usual for ${heads}: change it where it stands.`
              : `${writeMass(picked.massG, kitchen.units)} of ${picked.food.name}.`}{" "}
            What becomes of it?
          </Text>
          <Stack gap="1.5">
            {picked.chains.map((chain) => (
              <Way key={`${chain.route} ${chain.form}`} how={chain.how} onTake={() => take(chain)}>
                {chain.form === null ? chain.name : `${chain.name}: ${FORM_NAMES[chain.form]}`}
              </Way>
            ))}
            <Way
              how="every step is yours to add"
              onTake={() => weigh(picked.food.name, [{ food: picked.food.id, grams: picked.grams }])}
            >
              Only weighed out
            </Way>
          </Stack>
        </Box>
      )}
      <Box role="group" aria-label="Or begin with">
        <Text fontSize="sm" color="quiet" mb="1.5">
          {picked === null ? "or begin with" : "or something else"}
        </Text>
        <Flex gap="1.5" wrap="wrap">
          {PATTERN_IDS.map((id) => (
            <Quiet
              key={id}
              minH="10"
              px="3"
              fontSize="sm"
              onClick={() => {
                actions.addPart(id);
                onDone?.();
              }}
            >
              {PATTERN_NAMES[id]}
            </Quiet>
          ))}
        </Flex>
      </Box>
    </Stack>
  );
}

function Way({ how, onTake, children }: { how: string; onTake: () => void; children: string }) {
  return (
    <chakra.button
      type="button"
      onClick={onTake}
      textAlign="start"
      px="3"
      py="2"
      minH="11"
      rounded="md"
      borderWidth="1px"
      borderColor="edge"
      bg="card"
      _hover={{ bg: "sunk" }}
    >
      {children}
      <chakra.span display="block" fontSize="sm" color="quiet">
        {how}
      </chakra.span>
    </chakra.button>
  );
}
