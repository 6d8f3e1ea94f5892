"use client";

import { Box, chakra, Flex, Heading, HStack, Text } from "@chakra-ui/react";
import { ChevronDown, Plus, Trash2, X } from "lucide-react";
import { useState } from "react";
import { ALLERGENS } from "@/core/foods/allergens";
import type { Food } from "@/core/foods/food";
import { AGE_GROUPS, type AgeGroup, DIETS, type Eater } from "@/core/household/people";
import { FoodSearch } from "../foods/FoodPicker";
import { Card, IconDo, Pill, Quiet } from "../frame/controls";
import { Choice, TextField } from "../frame/fields";
import { AGE_WORDS, describeEater, DIET_WORDS } from "@/words/diets";
import { ALLERGEN_NAMES } from "@/words/words";

interface PeopleProps {
  readonly eaters: readonly Eater[];
  readonly foods: readonly Food[];
  readonly newId: (prefix: string) => string;
  readonly onEater: (eater: Eater, label: string) => void;
  readonly onRemoveEater: (eater: Eater) => void;
}

/** Who eats here: what they must not eat, how they eat, what they would rather not have. */
export function People({ eaters, foods, newId, onEater, onRemoveEater }: PeopleProps) {
  const [open, setOpen] = useState<ReadonlySet<string>>(new Set());
  const add = () => {
    const id = newId("eater");
    setOpen(new Set([...open, id]));
    onEater({ id, name: `Eater ${eaters.length + 1}`, avoids: [], diets: [], dislikes: [], age: null }, "Add somebody");
  };
  return (
    <Card>
      <Heading as="h2" fontSize="xl">
        Who eats here
      </Heading>
      <Text color="quiet" fontSize="sm" mb="2">
        Mark what somebody must not eat. Every supper is checked against it, down to the last sauce.
      </Text>
      {eaters.map((eater) =>
        open.has(eater.id) ? (
          <OneOpen
            key={eater.id}
            eater={eater}
            foods={foods}
            onEater={onEater}
            onRemoveEater={onRemoveEater}
            onClose={() => setOpen(new Set([...open].filter((id) => id !== eater.id)))}
          />
        ) : (
          <Box key={eater.id} role="group" aria-label={eater.name}>
            <chakra.button
              type="button"
              aria-expanded={false}
              onClick={() => setOpen(new Set([...open, eater.id]))}
              display="flex"
              gap="2"
              alignItems="center"
              flexWrap="wrap"
              w="100%"
              minH="11"
              py="2"
              textAlign="start"
              borderTopWidth="1px"
              borderColor="line"
              _hover={{ bg: "sunk" }}
            >
              <chakra.span fontWeight="600">{eater.name}</chakra.span>
              <chakra.span fontSize="sm" color="quiet" flex="1">
                {describeEater(eater)}
              </chakra.span>
              <ChevronDown size={16} aria-hidden />
            </chakra.button>
          </Box>
        ),
      )}
      <Quiet mt="3" onClick={add}>
        <Plus size={16} /> Add somebody
      </Quiet>
    </Card>
  );
}

/** Everything of somebody, to be changed. */
function OneOpen({
  eater,
  foods,
  onEater,
  onRemoveEater,
  onClose,
}: Pick<PeopleProps, "foods" | "onEater" | "onRemoveEater"> & { readonly eater: Eater; readonly onClose: () => void }) {
  return (
    <Box borderTopWidth="1px" borderColor="line" py="3" role="group" aria-label={eater.name}>
      <HStack gap="2">
        <TextField
          label={`Name of ${eater.name}`}
          hideLabel
          width="12rem"
          value={eater.name}
          onCommit={(name) => onEater({ ...eater, name }, "Name")}
        />
        <Choice
          label={`Age of ${eater.name}`}
          hideLabel
          width="8.5rem"
          value={eater.age ?? ""}
          options={AGES}
          onChoose={(age) => onEater({ ...eater, age: age === "" ? null : (age as AgeGroup) }, `${eater.name}: age`)}
        />
        <Box flex="1" />
        <IconDo label={`Remove ${eater.name}`} onClick={() => onRemoveEater(eater)}>
          <Trash2 size={16} />
        </IconDo>
      </HStack>
      <Flex gap="1" wrap="wrap" mt="2">
        {ALLERGENS.map((a) => {
          const on = eater.avoids.includes(a);
          return (
            <Pill
              key={a}
              {...DENSE}
              on={on}
              aria-label={`${eater.name}: no ${ALLERGEN_NAMES[a]}`}
              onClick={() =>
                onEater({ ...eater, avoids: toggled(eater.avoids, a) }, `${eater.name}: no ${ALLERGEN_NAMES[a]}`)
              }
            >
              {on ? `no ${ALLERGEN_NAMES[a]}` : ALLERGEN_NAMES[a]}
            </Pill>
          );
        })}
      </Flex>
      <Flex gap="1" wrap="wrap" mt="2" align="center">
        <Text fontSize="sm" color="quiet" me="1">
          Eats
        </Text>
        {DIETS.map((d) => (
          <Pill
            key={d}
            {...DENSE}
            on={eater.diets.includes(d)}
            aria-label={`${eater.name}: ${DIET_WORDS[d].name}`}
            title={DIET_WORDS[d].means}
            onClick={() =>
              onEater({ ...eater, diets: toggled(eater.diets, d) }, `${eater.name}: ${DIET_WORDS[d].name}`)
            }
          >
            {DIET_WORDS[d].name}
          </Pill>
        ))}
      </Flex>
      <Dislikes eater={eater} foods={foods} onEater={onEater} />
      {eater.diets.length > 0 && (
        <Text fontSize="sm" color="quiet" mt="2">
          {eater.diets.map((d) => `${DIET_WORDS[d].name}: ${DIET_WORDS[d].means}`).join(". ")}.
        </Text>
      )}
      {eater.avoids.includes("gluten") && eater.avoids.includes("wheat") && (
        <Text fontSize="sm" color="quiet" mt="2">
          Gluten is for coeliac disease, wheat for an allergy to wheat. Take off the one that does not count.
        </Text>
      )}
      <Quiet mt="2" minH="9" fontSize="sm" onClick={onClose}>
        Close<chakra.span srOnly> {eater.name}</chakra.span>
      </Quiet>
    </Box>
  );
}

/** Foods that somebody would rather not have; one is added by searching for it, and taken off by pressing it. */
function Dislikes({ eater, foods, onEater }: Pick<PeopleProps, "foods" | "onEater"> & { eater: Eater }) {
  const [searching, setSearching] = useState(false);
  const set = (dislikes: readonly string[]) => onEater({ ...eater, dislikes }, `${eater.name}: dislikes`);
  return (
    <Flex gap="1" wrap="wrap" mt="2" align="center">
      <Text fontSize="sm" color="quiet" me="1">
        Dislikes
      </Text>
      {eater.dislikes.map((id) => {
        const name = foods.find((f) => f.id === id)?.name ?? id;
        return (
          <Pill
            key={id}
            {...DENSE}
            on
            aria-label={`${eater.name} may have ${name} again`}
            onClick={() => set(eater.dislikes.filter((d) => d !== id))}
          >
            {name} <X size={13} style={{ display: "inline", verticalAlign: "-2px" }} />
          </Pill>
        );
      })}
      {searching ? (
        <Box w="14rem">
          <FoodSearch
            label={`A food that ${eater.name} dislikes`}
            value=""
            foods={foods}
            onClose={() => setSearching(false)}
            onChoose={(food) => {
              setSearching(false);
              if (!eater.dislikes.includes(food)) set([...eater.dislikes, food]);
            }}
          />
        </Box>
      ) : (
        <Quiet minH="8" px="2.5" fontSize="sm" rounded="full" fontWeight="400" onClick={() => setSearching(true)}>
          <Plus size={14} /> a food<chakra.span srOnly> that {eater.name} dislikes</chakra.span>
        </Quiet>
      )}
    </Flex>
  );
}

/** Many stand beside each other, and each marks what somebody keeps away from. */
const DENSE = { harm: true, px: "2.5", minH: "8" } as const;

/** In or out of a list. */
const toggled = <T,>(list: readonly T[], one: T): T[] =>
  list.includes(one) ? list.filter((x) => x !== one) : [...list, one];
const AGES = [
  { value: "", label: "age not said" },
  ...AGE_GROUPS.filter((g) => g !== "under-5").map((g) => ({ value: g, label: AGE_WORDS[g] })),
  { value: "under-5", label: AGE_WORDS["under-5"] },
];
