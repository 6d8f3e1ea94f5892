"use client";

import { Flex, Heading } from "@chakra-ui/react";
import { Plus, Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import type { Burner, Kitchen, Machine, Oven, Pan, Tin } from "@/core/household/kitchen";
import { Card, IconDo, Quiet } from "../frame/controls";
import { Choice, NumberField, TextField } from "../frame/fields";
import { MACHINE_NAMES } from "@/words/words";

export type SetKitchen = (change: Partial<Kitchen>, label: string) => void;

interface GearListProps<T> {
  /** One at least stays. */
  readonly keepsOne?: boolean;
  readonly title: string;
  /** What one is called in the buttons: "burner". */
  readonly one: string;
  readonly items: readonly T[];
  readonly fresh: () => T;
  readonly onItems: (items: readonly T[], label: string) => void;
  readonly fields: (item: T, save: (item: T) => void) => ReactNode;
}
/** Named things of one kind: a line each, with its own fields. */
export function GearList<T extends { readonly id: string; readonly name: string }>(props: GearListProps<T>) {
  const { title, one, items, fresh, onItems, fields } = props;
  const aOne = `${/^[aeiou]/.test(one) ? "an" : "a"} ${one}`;
  return (
    <Card>
      <Heading as="h2" fontSize="xl" mb="2">
        {title}
      </Heading>
      {items.map((item) => {
        const save = (changed: T) =>
          onItems(
            items.map((i) => (i.id === item.id ? changed : i)),
            title,
          );
        return (
          <Flex key={item.id} gap="2" align="flex-end" mb="2" wrap="wrap" role="group" aria-label={item.name}>
            <TextField label="Name" width="8.25rem" value={item.name} onCommit={(name) => save({ ...item, name })} />
            {fields(item, save)}
            <IconDo
              label={`Remove ${props.keepsOne ? `${one} ` : ""}${item.name}`}
              disabled={props.keepsOne === true && items.length === 1}
              onClick={() =>
                onItems(
                  items.filter((i) => i.id !== item.id),
                  `Remove ${one}`,
                )
              }
            >
              <Trash2 size={16} />
            </IconDo>
          </Flex>
        );
      })}
      <Quiet onClick={() => onItems([...items, fresh()], `Add ${aOne}`)}>
        <Plus size={16} /> Add {aOne}
      </Quiet>
    </Card>
  );
}

const BURNERS = { gas: "gas", coil: "electric", induction: "induction" };
const PANS = { frying: "frying pan", pot: "pot" };
const options = (names: Readonly<Record<string, string>>) =>
  Object.entries(names).map(([value, label]) => ({ value, label }));

const nameOfKind = (kind: Machine["kind"]) => MACHINE_NAMES[kind].replace(/^./, (c) => c.toUpperCase());
/** A machine that nobody named is called by what it is. */
const ofKind = (m: Machine, kind: Machine["kind"]): Machine => ({
  ...m,
  kind,
  name: m.name === nameOfKind(m.kind) ? nameOfKind(kind) : m.name,
});
/** Burners, pans, tins and machines: everything whose size decides about batches and fits. */
export function Gear({
  kitchen,
  newId,
  set,
}: {
  readonly kitchen: Kitchen;
  readonly newId: (prefix: string) => string;
  readonly set: SetKitchen;
}) {
  return (
    <>
      <GearList<Burner>
        title="Burners"
        one="burner"
        items={kitchen.burners}
        fresh={() => ({
          id: newId("burner"),
          name: `Burner ${kitchen.burners.length + 1}`,
          kind: "gas",
          watts: 1800,
        })}
        onItems={(burners, label) => set({ burners }, label)}
        fields={(b, save) => (
          <>
            <Choice
              label="Heat"
              width="8rem"
              value={b.kind}
              options={options(BURNERS)}
              onChoose={(kind) => save({ ...b, kind: kind as Burner["kind"] })}
            />
            <Size
              label="Power"
              unit="W"
              value={b.watts}
              low={200}
              high={10_000}
              onSize={(watts) => save({ ...b, watts })}
            />
          </>
        )}
      />
      <GearList<Oven>
        title="Ovens"
        one="oven"
        items={kitchen.ovens}
        fresh={() => ({ id: newId("oven"), name: `Oven ${kitchen.ovens.length + 1}`, shelves: 2 })}
        onItems={(ovens, label) => set({ ovens }, label)}
        fields={(o, save) => (
          <Size
            label="Shelves at once"
            unit=""
            value={o.shelves}
            low={1}
            high={10}
            onSize={(n) => save({ ...o, shelves: Math.round(n) })}
          />
        )}
      />
      <GearList<Pan>
        title="Pans and pots"
        one="pan"
        items={kitchen.pans}
        fresh={() => ({
          id: newId("pan"),
          name: `Pan ${kitchen.pans.length + 1}`,
          kind: "frying",
          diameterCm: 26,
          heightCm: null,
        })}
        onItems={(pans, label) => set({ pans }, label)}
        fields={(p, save) => (
          <>
            <Choice
              label="Kind"
              width="8rem"
              value={p.kind}
              options={options(PANS)}
              onChoose={(kind) => save({ ...p, kind: kind as Pan["kind"] })}
            />
            <Size
              label="Floor"
              unit="cm"
              value={p.diameterCm}
              low={8}
              high={80}
              onSize={(diameterCm) => save({ ...p, diameterCm })}
            />
            <MaySize
              label="Deep"
              unit="cm"
              value={p.heightCm ?? null}
              high={80}
              onSize={(heightCm) => save({ ...p, heightCm })}
            />
          </>
        )}
      />
      <GearList<Tin>
        title="Tins and oven dishes"
        one="tin"
        items={kitchen.tins ?? []}
        fresh={() => ({ id: newId("tin"), name: "Oven dish", lengthCm: 30, widthCm: 20, heightCm: 6, round: false })}
        onItems={(tins, label) => set({ tins }, label)}
        fields={(t, save) => (
          <>
            <Choice
              label="Shape"
              width="5.5rem"
              value={t.round ? "round" : "square"}
              options={options({ square: "square", round: "round" })}
              onChoose={(shape) =>
                save({ ...t, round: shape === "round", lengthCm: shape === "round" ? t.widthCm : t.lengthCm })
              }
            />
            {!t.round && (
              <Size
                label="Long"
                unit="cm"
                value={t.lengthCm}
                low={4}
                high={80}
                onSize={(lengthCm) => save({ ...t, lengthCm })}
              />
            )}
            <Size
              label={t.round ? "Across" : "Wide"}
              unit="cm"
              value={t.widthCm}
              low={4}
              high={80}
              onSize={(widthCm) => save({ ...t, widthCm, lengthCm: t.round ? widthCm : t.lengthCm })}
            />
            <Size
              label="Deep"
              unit="cm"
              value={t.heightCm}
              low={1}
              high={40}
              onSize={(heightCm) => save({ ...t, heightCm })}
            />
          </>
        )}
      />
      <GearList<Machine>
        title="Machines"
        one="machine"
        items={kitchen.machines}
        fresh={() => ({
          id: newId("machine"),
          name: nameOfKind("blender"),
          kind: "blender",
          volumeMl: null,
          basketCm: null,
        })}
        onItems={(machines, label) => set({ machines }, label)}
        fields={(m, save) => (
          <>
            <Choice
              label="Kind"
              width="9.5rem"
              value={m.kind ?? "other"}
              options={options(MACHINE_NAMES)}
              onChoose={(kind) => save(ofKind(m, kind as Machine["kind"]))}
            />
            {m.kind === "air-fryer" ? (
              <MaySize
                label="Basket"
                unit="cm"
                value={m.basketCm ?? null}
                high={80}
                onSize={(basketCm) => save({ ...m, basketCm })}
              />
            ) : (
              <MaySize
                label="Holds"
                unit="mL"
                value={m.volumeMl ?? null}
                high={50_000}
                onSize={(volumeMl) => save({ ...m, volumeMl })}
              />
            )}
          </>
        )}
      />
    </>
  );
}

interface SizeProps<V> {
  readonly label: string;
  readonly unit: string;
  readonly value: V;
  readonly high: number;
  readonly onSize: (value: V) => void;
}
const Size = ({ low, onSize, ...props }: SizeProps<number> & { readonly low: number }) => (
  <NumberField {...props} low={low} width="3.5rem" digits={1} onCommit={(n) => n !== null && onSize(n)} />
);
/** A size that may be unknown: then nothing is said about filling. */
const MaySize = ({ onSize, ...props }: SizeProps<number | null>) => (
  <NumberField {...props} low={1} width="4.5rem" digits={0} mayBeEmpty emptySays="?" onCommit={onSize} />
);
