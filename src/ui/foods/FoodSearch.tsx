"use client";

import { Box, chakra, Combobox, Portal, useListCollection } from "@chakra-ui/react";
import { useEffect, useMemo, useRef, useState } from "react";
import type { Food, FoodId } from "@/core/foods/food";
import { foodIndex } from "@/core/foods/search";
import { wordsAfterAmount } from "@/core/quantities/amount";

const MOST_SHOWN = 40;
const OWN = "own:";
interface FoodRow {
  readonly value: string;
  readonly label: string;
  readonly also: string;
}

const rowsOf = (foods: readonly Food[]): FoodRow[] =>
  foods.map((f) => ({ value: f.id, label: f.name, also: f.also.join(", ") }));

/** A search over all foods by any of their names. What is not there can be added by name. */
export function FoodSearch({
  label,
  value,
  foods,
  opens = "at once",
  onClose,
  onChoose,
  onOwn,
}: {
  readonly label: string;
  /** The food in hand, "" for none; null when one is to be added: then an amount may stand before its name. */
  readonly value: string | null;
  readonly foods: readonly Food[];
  /** Where other choices stand below it, the list waits until something is typed. */
  readonly opens?: "at once" | "when typed";
  readonly onClose: () => void;
  readonly onChoose: (food: FoodId, typed: string) => void;
  readonly onOwn?: (name: string, typed: string) => void;
}) {
  const index = useMemo(() => foodIndex(foods), [foods]);
  const adds = value === null;
  const current = adds
    ? "160 g soy strips"
    : (foods.find((f) => f.id === value)?.name ?? (value === "" ? "a food" : `${value} (unknown)`));
  // The list that waits hears of the focus only once it is there.
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (opens === "when typed") input.current?.focus();
  }, [opens]);
  const [typedAll, setTypedAll] = useState("");
  const { collection, set } = useListCollection<FoodRow>({
    initialItems: rowsOf(index.find("", MOST_SHOWN)),
    itemToValue: (row) => row.value,
    itemToString: (row) => row.label,
  });
  const look = (text: string) => {
    const typed = adds ? wordsAfterAmount(text) : text.trim();
    setTypedAll(text);
    const found = index.find(typed, MOST_SHOWN);
    const rows = rowsOf(found);
    if (onOwn && typed.length > 1 && !found.some((f) => f.name.toLowerCase() === typed.toLowerCase()))
      rows.push({ value: OWN + typed, label: `Add “${typed}” as my own food`, also: "" });
    set(rows);
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
        if (!picked) return;
        if (picked.startsWith(OWN)) onOwn?.(picked.slice(OWN.length), typedAll);
        else onChoose(picked, typedAll);
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
