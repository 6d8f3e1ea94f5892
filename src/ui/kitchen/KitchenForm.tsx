"use client";

import { Box, chakra, Flex, Grid, Heading, HStack, Stack, Text } from "@chakra-ui/react";
import { Plus, Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import type { Kitchen } from "@/core/household/kitchen";
import { AGE_GROUPS, type AgeGroup, DIETS, type Eater } from "@/core/household/people";
import { ALLERGENS } from "@/core/foods/allergens";
import type { Label } from "@/core/formats/household";
import { boilingPointC } from "@/core/models/boilingPoint";
import { Card, IconDo, Quiet } from "../frame/controls";
import { Choice, NumberField, TextField } from "../frame/fields";
import { AGE_WORDS, DIET_WORDS } from "../wording/diets";
import { ALLERGEN_NAMES, FIGURE_NAMES } from "../wording/words";
import { Gear } from "./Gear";
import { Hours } from "./Hours";

export interface KitchenFormProps {
  readonly kitchen: Kitchen;
  readonly eaters: readonly Eater[];
  readonly labels: readonly (Label & { readonly name: string })[];
  readonly newId: (prefix: string) => string;
  readonly onKitchen: (kitchen: Kitchen, label: string) => void;
  readonly onEater: (eater: Eater, label: string) => void;
  readonly onRemoveEater: (eater: Eater) => void;
  readonly onForgetLabel: (label: Label) => void;
  readonly foods: ReactNode;
  readonly backup: ReactNode;
}

const SPOONS = [
  { value: "metric", label: "metric (cup 250 mL)" },
  { value: "us", label: "US (cup 237 mL)" },
  { value: "imperial", label: "imperial (cup 284 mL)" },
  { value: "au", label: "Australian (tbsp 20 mL)" },
];

export function KitchenForm(props: KitchenFormProps) {
  const { kitchen, onKitchen } = props;
  const set = (change: Partial<Kitchen>, label: string) => onKitchen({ ...kitchen, ...change }, label);
  return (
    <Box p={{ base: "3", md: "5" }} maxW="84rem" mx="auto">
      <Heading as="h1" fontSize="3xl" mb="4">
        Kitchen and people
      </Heading>
      <Grid templateColumns={{ base: "minmax(0, 1fr)", lg: "repeat(2, minmax(0, 1fr))" }} gap="4" alignItems="start">
        <Stack gap="4">
          <People {...props} />
          <Hours kitchen={kitchen} set={set} />
          {props.foods}
          {props.labels.length > 0 && <Labels {...props} />}
        </Stack>
        <Stack gap="4">
          <Card>
            <Heading as="h2" fontSize="xl" mb="3">
              The place
            </Heading>
            <Flex gap="3" wrap="wrap">
              <TextField
                label="Name of the household"
                width="15rem"
                value={kitchen.name}
                onCommit={(name) => set({ name }, "Name of the household")}
              />
              <TextField
                label="Place"
                width="11rem"
                mayBeEmpty
                value={kitchen.place}
                onCommit={(place) => set({ place }, "Place")}
              />
              <NumberField
                label="Height above the sea"
                value={kitchen.altitudeM}
                low={-430}
                high={9000}
                unit="m"
                digits={0}
                onCommit={(n) => n !== null && set({ altitudeM: n }, "Height")}
              />
              <NumberField
                label="Room"
                value={kitchen.roomC}
                low={0}
                high={45}
                unit="°C"
                onCommit={(n) => n !== null && set({ roomC: n }, "Room temperature")}
              />
              <NumberField
                label="Pairs of hands"
                value={kitchen.cooks}
                low={1}
                high={20}
                digits={0}
                onCommit={(n) => n !== null && set({ cooks: Math.round(n) }, "Pairs of hands")}
              />
              <NumberField
                label="Ovens"
                value={kitchen.ovens}
                low={0}
                high={10}
                digits={0}
                onCommit={(n) => n !== null && set({ ovens: Math.round(n) }, "Ovens")}
              />
              <NumberField
                label="Scale shows every"
                value={kitchen.scaleStepG}
                low={0.01}
                high={50}
                unit="g"
                digits={2}
                onCommit={(n) => n !== null && set({ scaleStepG: n }, "Scale")}
              />
            </Flex>
            <Box mt="3">
              <Choice
                label="Cups and spoons in my recipes are"
                width="15rem"
                value={kitchen.spoons}
                options={SPOONS}
                onChoose={(spoons) => set({ spoons: spoons as Kitchen["spoons"] }, "Cups and spoons")}
              />
            </Box>
            <Text fontSize="sm" color="quiet" mt="3">
              Water boils at {boilingPointC(kitchen.altitudeM).toFixed(1)} °C here. Times are those of{" "}
              {kitchen.timeZone}.
            </Text>
          </Card>
          <Gear kitchen={kitchen} newId={props.newId} set={set} />
          {props.backup}
        </Stack>
      </Grid>
    </Box>
  );
}

function People({ eaters, newId, onEater, onRemoveEater }: KitchenFormProps) {
  return (
    <Card>
      <Heading as="h2" fontSize="xl">
        Who eats here
      </Heading>
      <Text color="quiet" fontSize="sm" mb="2">
        Mark what somebody must not eat. Every supper is checked against it, down to the last sauce.
      </Text>
      {eaters.map((eater) => (
        <Box key={eater.id} borderTopWidth="1px" borderColor="line" py="3" role="group" aria-label={eater.name}>
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
              onChoose={(age) =>
                onEater({ ...eater, age: age === "" ? null : (age as AgeGroup) }, `${eater.name}: age`)
              }
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
                <Mark
                  key={a}
                  on={on}
                  label={`${eater.name}: no ${ALLERGEN_NAMES[a]}`}
                  onMark={() =>
                    onEater({ ...eater, avoids: toggled(eater.avoids, a) }, `${eater.name}: no ${ALLERGEN_NAMES[a]}`)
                  }
                >
                  {on ? `no ${ALLERGEN_NAMES[a]}` : ALLERGEN_NAMES[a]}
                </Mark>
              );
            })}
          </Flex>
          <Flex gap="1" wrap="wrap" mt="2" align="center">
            <Text fontSize="sm" color="quiet" me="1">
              Eats
            </Text>
            {DIETS.map((d) => (
              <Mark
                key={d}
                on={eater.diets.includes(d)}
                label={`${eater.name}: ${DIET_WORDS[d].name}`}
                title={DIET_WORDS[d].means}
                onMark={() =>
                  onEater({ ...eater, diets: toggled(eater.diets, d) }, `${eater.name}: ${DIET_WORDS[d].name}`)
                }
              >
                {DIET_WORDS[d].name}
              </Mark>
            ))}
          </Flex>
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
        </Box>
      ))}
      <Quiet
        mt="3"
        onClick={() =>
          onEater(
            { id: newId("eater"), name: `Eater ${eaters.length + 1}`, avoids: [], diets: [], age: null },
            "Add somebody",
          )
        }
      >
        <Plus size={16} /> Add somebody
      </Quiet>
    </Card>
  );
}

/** In or out of a list. */
const toggled = <T,>(list: readonly T[], one: T): T[] =>
  list.includes(one) ? list.filter((x) => x !== one) : [...list, one];
const AGES = [
  { value: "", label: "age not said" },
  ...AGE_GROUPS.filter((g) => g !== "under-5").map((g) => ({ value: g, label: AGE_WORDS[g] })),
  { value: "under-5", label: AGE_WORDS["under-5"] },
];

/** Something that counts for somebody, on or off. */
function Mark(props: { on: boolean; label: string; title?: string; onMark: () => void; children: ReactNode }) {
  const { on, label, title, onMark, children } = props;
  return (
    <chakra.button
      type="button"
      aria-pressed={on}
      aria-label={label}
      title={title}
      onClick={onMark}
      px="2.5"
      minH="8"
      fontSize="sm"
      rounded="full"
      borderWidth="1.5px"
      borderColor={on ? "chilli" : "line"}
      bg={on ? "chilliTint" : "card"}
      fontWeight={on ? "700" : "400"}
    >
      {children}
    </chakra.button>
  );
}

function Labels({ labels, onForgetLabel }: KitchenFormProps) {
  return (
    <Card>
      <Heading as="h2" fontSize="xl" mb="2">
        Labels read
      </Heading>
      {labels.map((l) => (
        <HStack key={l.id} gap="2" borderTopWidth="1px" borderColor="line" py="1">
          <Text flex="1">
            {l.name}:{" "}
            {"allergen" in l
              ? `${l.state === "free" ? "free of" : "contains"} ${ALLERGEN_NAMES[l.allergen]}`
              : `${FIGURE_NAMES[l.figure]} ${l.per100} ${l.figure === "sodiumMg" ? "mg" : "g"} in 100 g`}
          </Text>
          <IconDo label={`Forget the label of ${l.name}`} onClick={() => onForgetLabel(l)}>
            <Trash2 size={16} />
          </IconDo>
        </HStack>
      ))}
    </Card>
  );
}
