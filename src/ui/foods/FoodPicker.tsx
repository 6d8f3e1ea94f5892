"use client";

import { Box, chakra, Combobox, Portal, useListCollection } from "@chakra-ui/react";
import { useMemo, useState } from "react";
import type { Food } from "@/core/foods/food";
import { foodIndex } from "@/core/foods/search";

const MOST_SHOWN = 40;
const OWN = "own:";
interface FoodRow {
  readonly value: string;
  readonly label: string;
  readonly also: string;
}

/** The food in hand, and a search over all of them by any of their names. What is not there can be added by name. */
export function FoodPicker({
  label,
  value,
  foods,
  disabled,
  onChoose,
  onOwn,
}: {
  readonly label: string;
  readonly value: string;
  readonly foods: readonly Food[];
  readonly disabled?: boolean;
  readonly onChoose: (food: string) => void;
  readonly onOwn?: (name: string) => void;
}) {
  const index = useMemo(() => foodIndex(foods), [foods]);
  const [query, setQuery] = useState("");
  const [open, setOpen] = useState(false);
  const current = foods.find((f) => f.id === value)?.name ?? `${value} (unknown)`;
  const { collection, set } = useListCollection<FoodRow>({
    initialItems: [],
    itemToValue: (row) => row.value,
    itemToString: (row) => row.label,
  });
  const look = (text: string) => {
    setQuery(text);
    const typed = text.trim();
    const found = index.find(typed, MOST_SHOWN);
    const rows: FoodRow[] = found.map((f) => ({ value: f.id, label: f.name, also: f.also.join(", ") }));
    if (onOwn && typed.length > 1 && !found.some((f) => f.name.toLowerCase() === typed.toLowerCase()))
      rows.push({ value: OWN + typed, label: `Add “${typed}” as my own food`, also: "" });
    set(rows);
  };
  return (
    <Combobox.Root
      collection={collection}
      inputValue={open ? query : current}
      value={[]}
      disabled={disabled}
      open={open}
      openOnClick
      selectionBehavior="preserve"
      onOpenChange={(e) => {
        setOpen(e.open);
        if (e.open) look("");
      }}
      onInputValueChange={(e) => e.reason === "input-change" && look(e.inputValue)}
      onValueChange={({ value: [picked] }) => {
        if (!picked) return;
        if (picked.startsWith(OWN)) onOwn?.(picked.slice(OWN.length));
        else onChoose(picked);
        setOpen(false);
      }}
      flex="1"
      minW="0"
      positioning={{ sameWidth: false, placement: "bottom-start" }}
    >
      <Combobox.Control>
        <Combobox.Input
          aria-label={label}
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
