"use client";

import { Box, chakra, Combobox, Portal, useListCollection } from "@chakra-ui/react";
import { useEffect, useMemo, useRef, useState } from "react";
import type { Food, FoodId } from "@/core/foods/food";
import { foodIndex } from "@/core/foods/search";
import type { SpoonSystem, UnitSystem } from "@/core/quantities/units";
import { type Typed, type TypedFood, typedReader } from "@/core/recipe/lines/typed";
import { describeNearest, describeTyped } from "@/words/typed";

const MOST_SHOWN = 40;
const OWN = "own:";
const READ = "read:";
interface FoodRow {
  readonly value: string;
  readonly label: string;
  readonly also: string;
}

const rowsOf = (foods: readonly Food[]): FoodRow[] =>
  foods.map((f) => ({ value: f.id, label: f.name, also: f.also.join(", ") }));

/** Whether the reading says more than the first food of the list. */
const tellsMore = (read: readonly TypedFood[], first: string | undefined): boolean =>
  read.length > 1 || read[0]?.food !== first || read[0]?.grams !== null;

/** A search over all foods by any of their names. What is not there can be added by name. */
export function FoodSearch({
  label,
  value,
  foods,
  opens = "at once",
  onClose,
  onChoose,
  onAdd,
  measures,
  onOwn,
}: {
  readonly label: string;
  /** The food in hand, "" for none; null when some are to be added: then amounts may stand beside their names. */
  readonly value: string | null;
  readonly foods: readonly Food[];
  /** Where amounts may be typed too: whose spoons are meant, and how grams are written. */
  readonly measures?: { readonly spoons: SpoonSystem; readonly units: UnitSystem };
  /** Where other choices stand below it, the list waits until something is typed. */
  readonly opens?: "at once" | "when typed";
  readonly onClose: () => void;
  /** Another food for the one in hand, with the amount that was typed beside it. */
  readonly onChoose?: (food: FoodId, grams: TypedFood["grams"]) => void;
  readonly onAdd?: (foods: readonly TypedFood[]) => void;
  readonly onOwn?: (name: string, typed: Typed | null) => void;
}) {
  const index = useMemo(() => foodIndex(foods), [foods]);
  const adds = value === null;
  const spoons = measures?.spoons ?? null;
  const reader = useMemo(() => (spoons === null ? null : typedReader(foods, spoons)), [foods, spoons]);
  const current = adds
    ? "160 g soy strips"
    : (foods.find((f) => f.id === value)?.name ?? (value === "" ? "a food" : `${value} (unknown)`));
  // The list that waits hears of the focus only once it is there.
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (opens === "when typed") input.current?.focus();
  }, [opens]);
  const [typed, setTyped] = useState<Typed | null>(null);
  const [nearest, setNearest] = useState<string | null>(null);
  const { collection, set } = useListCollection<FoodRow>({
    initialItems: rowsOf(index.find("", MOST_SHOWN).foods),
    itemToValue: (row) => row.value,
    itemToString: (row) => row.label,
  });
  const look = (text: string) => {
    const read = reader === null || text.trim() === "" ? null : reader(text);
    const words = read?.words ?? text.trim();
    setTyped(read);
    const { foods: found, missed } = index.find(words, MOST_SHOWN);
    setNearest(missed.length === 0 || found.length === 0 || read?.read ? null : describeNearest(missed));
    const rows = rowsOf(found);
    const own = { value: OWN + words, label: `Add “${words}” as my own food`, also: "" };
    const isNew =
      onOwn !== undefined && words.length > 1 && !found.some((f) => f.name.toLowerCase() === words.toLowerCase());
    // What only comes nearest is not what Enter takes.
    if (isNew && missed.length > 0 && !read?.read) rows.unshift(own);
    else if (isNew && !read?.read) rows.push(own);
    if (read?.read && (adds || read.read.length === 1) && tellsMore(read.read, rows[0]?.value))
      rows.unshift({
        value: READ,
        label: describeTyped(read.read, index.nameOf, measures?.units ?? "metric"),
        also: "",
      });
    set(rows);
  };
  const pick = (picked: string) => {
    if (picked.startsWith(OWN)) return onOwn?.(picked.slice(OWN.length), typed);
    const taken = picked === READ ? (typed?.read ?? []) : [{ food: picked, grams: typed?.gramsOf(picked) ?? null }];
    if (adds) return onAdd?.(taken);
    const [only] = taken;
    return only === undefined ? undefined : onChoose?.(only.food, only.grams);
  };
  return (
    <Combobox.Root
      collection={collection}
      defaultInputValue=""
      value={[]}
      defaultOpen={opens === "at once"}
      openOnClick={opens === "at once"}
      selectionBehavior="preserve"
      inputBehavior={adds ? "autohighlight" : "none"}
      onOpenChange={(e) => !e.open && onClose()}
      onInputValueChange={(e) => look(e.inputValue)}
      onValueChange={({ value: [picked] }) => {
        if (picked) pick(picked);
      }}
      flex="1"
      minW="0"
      positioning={{ sameWidth: false, placement: "bottom-start" }}
    >
      <Combobox.Control>
        <Combobox.Input
          ref={input}
          aria-label={label}
          autoFocus={opens === "at once"}
          placeholder={current}
          w="100%"
          h="10"
          px="2"
          fontSize="sm"
          bg="card"
          color="ink"
          borderWidth="1px"
          borderColor="edge"
          rounded="md"
        />
      </Combobox.Control>
      <Portal>
        <Combobox.Positioner zIndex="popover">
          <Combobox.Content
            bg="card"
            color="ink"
            borderWidth="1px"
            borderColor="edge"
            rounded="md"
            boxShadow="lg"
            maxH="18rem"
            minW="15rem"
            overflowY="auto"
            p="1"
          >
            <Combobox.Empty px="3" py="2" color="quiet" fontSize="sm">
              No food of that name.
            </Combobox.Empty>
            {nearest !== null && (
              <Box px="3" py="2" fontSize="sm" color="quiet" role="status">
                {nearest}
              </Box>
            )}
            {collection.items.map((item) => (
              <Combobox.Item
                key={item.value}
                item={item}
                px="3"
                py="1.5"
                rounded="sm"
                cursor="pointer"
                fontSize="sm"
                _highlighted={{ bg: "jadeTint" }}
              >
                <Box>
                  <Combobox.ItemText>{item.label}</Combobox.ItemText>
                  {item.also && (
                    <chakra.span display="block" fontSize="xs" color="quiet">
                      {item.also}
                    </chakra.span>
                  )}
                </Box>
              </Combobox.Item>
            ))}
          </Combobox.Content>
        </Combobox.Positioner>
      </Portal>
    </Combobox.Root>
  );
}
