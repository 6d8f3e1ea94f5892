"use client";

import { Box, Flex, Grid, Heading, HStack, Stack, Text } from "@chakra-ui/react";
import { Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import type { Kitchen } from "@/core/household/kitchen";
import type { Eater } from "@/core/household/people";
import type { Food } from "@/core/foods/food";
import type { Label } from "@/core/formats/household";
import { altitudeOfBoilingM, boilingPointC } from "@/core/models/boilingPoint";
import { Card, IconDo, Tick } from "../frame/controls";
import { Choice, NumberField, TextField } from "../frame/fields";
import { ALLERGEN_NAMES, FIGURE_NAMES } from "@/words/words";
import { Cooks } from "./Cooks";
import { Gear } from "./Gear";
import { Hours } from "./Hours";
import { People } from "./People";

export interface KitchenFormProps {
  readonly kitchen: Kitchen;
  readonly eaters: readonly Eater[];
  readonly labels: readonly (Label & { readonly name: string })[];
  readonly newId: (prefix: string) => string;
  readonly onKitchen: (kitchen: Kitchen, label: string) => void;
  readonly onEater: (eater: Eater, label: string) => void;
  readonly onRemoveEater: (eater: Eater) => void;
  readonly onForgetLabel: (label: Label) => void;
  /** Every food, for what somebody dislikes. */
  readonly allFoods: readonly Food[];
  readonly foods: ReactNode;
  readonly backup: ReactNode;
  readonly recent: ReactNode;
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
          <People {...props} foods={props.allFoods} />
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
                label="Water boils at"
                value={boilingPointC(kitchen.altitudeM)}
                low={69}
                high={101}
                unit="°C"
                onCommit={(n) => {
                  const metres = n === null ? null : altitudeOfBoilingM(n);
                  if (metres !== null) set({ altitudeM: Math.round(metres) }, "Boiling point");
                }}
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
                label="Fridge, space for food"
                value={kitchen.fridgeL}
                low={1}
                high={2000}
                unit="L"
                digits={0}
                mayBeEmpty
                onCommit={(fridgeL) => set({ fridgeL }, "Space in the fridge")}
              />
              <NumberField
                label="Freezer, space for food (0: none)"
                value={kitchen.freezerL}
                low={0}
                high={2000}
                unit="L"
                digits={0}
                mayBeEmpty
                onCommit={(freezerL) => set({ freezerL }, "Space in the freezer")}
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
            <Tick
              mt="3"
              on={kitchen.scale === "simulated"}
              onTick={(on) => set({ scale: on ? "simulated" : "typed" }, "Simulated scale")}
            >
              Show the simulated scale at the Stove, a stand-in for one that speaks to this device
            </Tick>
            <Text fontSize="sm" color="quiet" mt="3">
              Height and boiling point are one: give the one that you know. Space that nobody gives is no limit. Times
              are those of {kitchen.timeZone}.
            </Text>
          </Card>
          <Cooks kitchen={kitchen} newId={props.newId} set={set} />
          <Gear kitchen={kitchen} newId={props.newId} set={set} />
          {props.backup}
          {props.recent}
        </Stack>
      </Grid>
    </Box>
  );
}

const LABEL_SAYS = { free: "free of", may: "may contain", contains: "contains" } as const;
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
              ? `${LABEL_SAYS[l.state]} ${ALLERGEN_NAMES[l.allergen]}`
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
