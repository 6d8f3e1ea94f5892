"use client";

import { Box, chakra, Flex, Grid, Heading, HStack, Stack, Text } from "@chakra-ui/react";
import { Plus, Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import type { Burner, Eater, Kitchen, Pan } from "@/core/dish/kitchen";
import { ALLERGENS, type Allergen } from "@/core/foods/allergens";
import type { Label } from "@/core/formats/household";
import { boilingPointC } from "@/core/models/boilingPoint";
import { Card, IconDo, Quiet } from "../frame/controls";
import { Choice, NumberField, TextField } from "../frame/fields";
import { ALLERGEN_NAMES } from "../wording/words";

export interface KitchenFormProps {
  readonly kitchen: Kitchen;
  readonly eaters: readonly Eater[];
  readonly labels: readonly (Label & { readonly name: string })[];
  readonly newId: (prefix: string) => string;
  readonly onKitchen: (kitchen: Kitchen, label: string) => void;
  readonly onEater: (eater: Eater, label: string) => void;
  readonly onRemoveEater: (eater: Eater) => void;
  readonly onForgetLabel: (label: Label) => void;
  readonly backup: ReactNode;
}

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
            <Text fontSize="sm" color="quiet" mt="3">
              Water boils at {boilingPointC(kitchen.altitudeM).toFixed(1)} °C here. Times are those of{" "}
              {kitchen.timeZone}.
            </Text>
          </Card>
          <Burners {...props} set={set} />
          <Pans {...props} set={set} />
          <Machines {...props} set={set} />
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
            <Box flex="1" />
            <IconDo label={`Remove ${eater.name}`} onClick={() => onRemoveEater(eater)}>
              <Trash2 size={16} />
            </IconDo>
          </HStack>
          <Flex gap="1" wrap="wrap" mt="2">
            {ALLERGENS.map((a) => {
              const on = eater.avoids.includes(a);
              const toggled: Allergen[] = on ? eater.avoids.filter((x) => x !== a) : [...eater.avoids, a];
              return (
                <chakra.button
                  key={a}
                  type="button"
                  aria-pressed={on}
                  aria-label={`${eater.name}: no ${ALLERGEN_NAMES[a]}`}
                  onClick={() => onEater({ ...eater, avoids: toggled }, `${eater.name}: no ${ALLERGEN_NAMES[a]}`)}
                  px="2.5"
                  minH="8"
                  fontSize="sm"
                  rounded="full"
                  borderWidth="1.5px"
                  borderColor={on ? "chilli" : "line"}
                  bg={on ? "chilliTint" : "card"}
                  fontWeight={on ? "700" : "400"}
                >
                  {on ? `no ${ALLERGEN_NAMES[a]}` : ALLERGEN_NAMES[a]}
                </chakra.button>
              );
            })}
          </Flex>
        </Box>
      ))}
      <Quiet
        mt="3"
        onClick={() => onEater({ id: newId("eater"), name: `Eater ${eaters.length + 1}`, avoids: [] }, "Add somebody")}
      >
        <Plus size={16} /> Add somebody
      </Quiet>
    </Card>
  );
}

type Set = (change: Partial<Kitchen>, label: string) => void;
const replaced = <T extends { readonly id: string }>(items: readonly T[], item: T): T[] =>
  items.map((i) => (i.id === item.id ? item : i));
const without = <T extends { readonly id: string }>(items: readonly T[], id: string): T[] =>
  items.filter((i) => i.id !== id);

function Burners({ kitchen, newId, set }: KitchenFormProps & { set: Set }) {
  const save = (b: Burner) => set({ burners: replaced(kitchen.burners, b) }, "Burner");
  return (
    <Card>
      <Heading as="h2" fontSize="xl" mb="2">
        Burners
      </Heading>
      {kitchen.burners.map((b) => (
        <Flex key={b.id} gap="2" align="flex-end" mb="2" wrap="wrap" role="group" aria-label={b.name}>
          <TextField label="Name" width="10rem" value={b.name} onCommit={(name) => save({ ...b, name })} />
          <Choice
            label="Heat"
            width="8rem"
            value={b.kind}
            options={[
              { value: "gas", label: "gas" },
              { value: "coil", label: "electric" },
              { value: "induction", label: "induction" },
            ]}
            onChoose={(kind) => save({ ...b, kind: kind as Burner["kind"] })}
          />
          <NumberField
            label="Power"
            value={b.watts}
            low={200}
            high={10_000}
            unit="W"
            digits={0}
            onCommit={(n) => n !== null && save({ ...b, watts: n })}
          />
          <IconDo
            label={`Remove burner ${b.name}`}
            onClick={() => set({ burners: without(kitchen.burners, b.id) }, "Remove burner")}
          >
            <Trash2 size={16} />
          </IconDo>
        </Flex>
      ))}
      <Quiet
        onClick={() =>
          set(
            {
              burners: [
                ...kitchen.burners,
                { id: newId("burner"), name: `Burner ${kitchen.burners.length + 1}`, kind: "gas", watts: 1800 },
              ],
            },
            "Add a burner",
          )
        }
      >
        <Plus size={16} /> Add a burner
      </Quiet>
    </Card>
  );
}

function Pans({ kitchen, newId, set }: KitchenFormProps & { set: Set }) {
  const save = (p: Pan) => set({ pans: replaced(kitchen.pans, p) }, "Pan");
  return (
    <Card>
      <Heading as="h2" fontSize="xl" mb="2">
        Pans and pots
      </Heading>
      {kitchen.pans.map((p) => (
        <Flex key={p.id} gap="2" align="flex-end" mb="2" wrap="wrap" role="group" aria-label={p.name}>
          <TextField label="Name" width="10rem" value={p.name} onCommit={(name) => save({ ...p, name })} />
          <Choice
            label="Kind"
            width="8rem"
            value={p.kind}
            options={[
              { value: "frying", label: "frying pan" },
              { value: "pot", label: "pot" },
            ]}
            onChoose={(kind) => save({ ...p, kind: kind as Pan["kind"] })}
          />
          <NumberField
            label="Floor"
            value={p.diameterCm}
            low={8}
            high={80}
            unit="cm"
            onCommit={(n) => n !== null && save({ ...p, diameterCm: n })}
          />
          <IconDo label={`Remove ${p.name}`} onClick={() => set({ pans: without(kitchen.pans, p.id) }, "Remove pan")}>
            <Trash2 size={16} />
          </IconDo>
        </Flex>
      ))}
      <Quiet
        onClick={() =>
          set(
            {
              pans: [
                ...kitchen.pans,
                { id: newId("pan"), name: `Pan ${kitchen.pans.length + 1}`, kind: "frying", diameterCm: 26 },
              ],
            },
            "Add a pan",
          )
        }
      >
        <Plus size={16} /> Add a pan
      </Quiet>
    </Card>
  );
}

function Machines({ kitchen, newId, set }: KitchenFormProps & { set: Set }) {
  return (
    <Card>
      <Heading as="h2" fontSize="xl" mb="2">
        Machines
      </Heading>
      {kitchen.machines.map((m) => (
        <HStack key={m.id} gap="2" mb="2">
          <TextField
            label="Machine"
            hideLabel
            width="14rem"
            value={m.name}
            onCommit={(name) => set({ machines: replaced(kitchen.machines, { ...m, name }) }, "Machine")}
          />
          <IconDo
            label={`Remove ${m.name}`}
            onClick={() => set({ machines: without(kitchen.machines, m.id) }, "Remove machine")}
          >
            <Trash2 size={16} />
          </IconDo>
        </HStack>
      ))}
      <Quiet
        onClick={() =>
          set({ machines: [...kitchen.machines, { id: newId("machine"), name: "Blender" }] }, "Add a machine")
        }
      >
        <Plus size={16} /> Add a machine
      </Quiet>
    </Card>
  );
}

const DAYS = ["Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"];
function Hours({ kitchen, set }: { kitchen: Kitchen; set: Set }) {
  const time = (label: string, value: string, onTime: (v: string) => void) => (
    <TextField label={label} type="time" width="8rem" value={value} onCommit={onTime} />
  );
  const away = (i: number, change: Partial<Kitchen["away"][number]>) =>
    set({ away: kitchen.away.map((a, j) => (i === j ? { ...a, ...change } : a)) }, "Hours away");
  return (
    <Card>
      <Heading as="h2" fontSize="xl">
        Asleep and away
      </Heading>
      <Text color="quiet" fontSize="sm" mb="3">
        The clock puts no hands-on work into these hours; soaks and rests may pass through them.
      </Text>
      {kitchen.sleep ? (
        <Flex gap="3" align="flex-end" wrap="wrap" role="group" aria-label="Asleep">
          {time("Asleep from", kitchen.sleep.from, (from) =>
            set({ sleep: { ...(kitchen.sleep as { from: string; to: string }), from } }, "Sleep"),
          )}
          {time("to", kitchen.sleep.to, (to) =>
            set({ sleep: { ...(kitchen.sleep as { from: string; to: string }), to } }, "Sleep"),
          )}
          <Quiet onClick={() => set({ sleep: null }, "No sleep hours")}>No fixed hours</Quiet>
        </Flex>
      ) : (
        <Quiet onClick={() => set({ sleep: { from: "23:00", to: "07:00" } }, "Sleep hours")}>
          <Plus size={16} /> Hours of sleep
        </Quiet>
      )}
      {kitchen.away.map((a, i) => (
        <Box key={i} mt="3" pt="3" borderTopWidth="1px" borderColor="line" role="group" aria-label={`Away ${i + 1}`}>
          <Flex gap="1" wrap="wrap" mb="2">
            {DAYS.map((day, d) => {
              const on = a.days.includes(d + 1);
              return (
                <chakra.button
                  key={day}
                  type="button"
                  aria-pressed={on}
                  onClick={() => away(i, { days: on ? a.days.filter((x) => x !== d + 1) : [...a.days, d + 1].sort() })}
                  px="3"
                  minH="9"
                  rounded="lg"
                  borderWidth="1.5px"
                  borderColor={on ? "jade" : "line"}
                  bg={on ? "jadeTint" : "card"}
                  fontSize="sm"
                >
                  {day}
                </chakra.button>
              );
            })}
          </Flex>
          <Flex gap="3" align="flex-end" wrap="wrap">
            {time("Away from", a.from, (from) => away(i, { from }))}
            {time("to", a.to, (to) => away(i, { to }))}
            <IconDo
              label="Remove these hours"
              onClick={() => set({ away: kitchen.away.filter((_, j) => j !== i) }, "Remove hours")}
            >
              <Trash2 size={16} />
            </IconDo>
          </Flex>
        </Box>
      ))}
      <Quiet
        mt="3"
        onClick={() =>
          set({ away: [...kitchen.away, { days: [1, 2, 3, 4, 5], from: "08:00", to: "17:30" }] }, "Hours away")
        }
      >
        <Plus size={16} /> Hours away
      </Quiet>
    </Card>
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
            {l.name}: {l.state === "free" ? "free of" : "contains"} {ALLERGEN_NAMES[l.allergen]}
          </Text>
          <IconDo label={`Forget the label of ${l.name}`} onClick={() => onForgetLabel(l)}>
            <Trash2 size={16} />
          </IconDo>
        </HStack>
      ))}
    </Card>
  );
}
