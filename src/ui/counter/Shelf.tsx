"use client";

import { Box, chakra, Flex, Heading, HStack, Text } from "@chakra-ui/react";
import { ChefHat, CopyPlus, PencilLine, Plus, Trash2 } from "lucide-react";
import dynamic from "next/dynamic";
import { useState } from "react";
import { drawnInView } from "../frame/drawnInView";
import { Card, IconDo, Quiet } from "../frame/controls";
import { TextField } from "../frame/fields";
import type { CounterProps, ShelfLine } from "./counterProps";
import { DishMark } from "./DishMark";

/** The form and its checks come when a dish is taken from the shelf. */
const StartSupper = dynamic(() => import("./StartSupper").then((m) => m.StartSupper), { ssr: false });

/** So many dishes are shown at once; a longer shelf can be searched. */
const FEW = 20;

/** Dishes that are kept, each to be planned with. */
export function Shelf(props: CounterProps & { readonly shelf: readonly ShelfLine[] }) {
  const { shelf, suppers, eaters, wishes } = props;
  const [open, setOpen] = useState<string | null>(null);
  const [renaming, setRenaming] = useState<string | null>(null);
  const [query, setQuery] = useState("");
  const [all, setAll] = useState(false);
  const many = shelf.length > FEW;
  const found = shelf.filter(({ dish }) => dish.name.toLowerCase().includes(query.trim().toLowerCase()));
  const shown = many && !all ? found.slice(0, FEW) : found;
  return (
    <Card aria-labelledby="shelf">
      <Heading as="h2" id="shelf" fontSize="xl" mb="1">
        The shelf
      </Heading>
      {many && (
        <Box mb="2">
          <chakra.input
            type="search"
            aria-label="Look for a dish"
            placeholder={`Look through ${shelf.length} dishes`}
            value={query}
            onChange={(e) => setQuery(e.target.value)}
            w="100%"
            h="11"
            px="3"
            rounded="lg"
            borderWidth="1px"
            borderColor="edge"
            bg="card"
          />
        </Box>
      )}
      {shown.map(({ dish, says, parts }) => (
        <Box key={dish.id} borderBottomWidth="1px" borderColor="line" py="3" mx="-1" px="1" style={drawnInView("7rem")}>
          <Flex gap="3" align="center">
            <DishMark parts={parts} />
            <Box flex="1" minW="0">
              {renaming === dish.id ? (
                <TextField
                  label={`New name of ${dish.name}`}
                  hideLabel
                  value={dish.name}
                  onCommit={(name) => props.onRenameDish(dish, name)}
                  onDone={() => setRenaming(null)}
                />
              ) : (
                <Text fontWeight="600" lineHeight="1.25">
                  {dish.name}
                </Text>
              )}
              <Text fontSize="sm" color="quiet">
                {says}
              </Text>
            </Box>
          </Flex>
          {open === dish.id ? (
            <StartSupper
              dish={dish}
              eaters={eaters}
              wishes={wishes}
              onCancel={() => setOpen(null)}
              onStart={(chosen) => {
                setOpen(null);
                props.onStart(dish, chosen);
              }}
            />
          ) : (
            <HStack mt="1" gap="1">
              <Quiet onClick={() => setOpen(dish.id)} aria-label={`Plan a supper with ${dish.name}`}>
                <ChefHat size={17} /> Plan a supper
              </Quiet>
              <Box flex="1" />
              <IconDo
                label={`Rename ${dish.name}`}
                aria-pressed={renaming === dish.id}
                onClick={() => setRenaming(renaming === dish.id ? null : dish.id)}
              >
                <PencilLine size={16} />
              </IconDo>
              <IconDo label={`Duplicate ${dish.name}`} onClick={() => props.onDuplicateDish(dish)}>
                <CopyPlus size={16} />
              </IconDo>
              <IconDo label={`Remove ${dish.name}`} onClick={() => props.onRemoveDish(dish)}>
                <Trash2 size={16} />
              </IconDo>
            </HStack>
          )}
        </Box>
      ))}
      {found.length === 0 && many && (
        <Text color="quiet" py="3">
          No dish of that name is on the shelf.
        </Text>
      )}
      {found.length > shown.length && (
        <Quiet mt="3" onClick={() => setAll(true)}>
          Show all {found.length}
        </Quiet>
      )}
      <HStack mt="4" gap="2" wrap="wrap">
        <Quiet onClick={props.onNewDish}>
          <Plus size={17} /> New dish
        </Quiet>
        {suppers.length > 0 && (
          <Quiet borderColor="transparent" color="quiet" onClick={props.onClear}>
            Clear the counter
          </Quiet>
        )}
      </HStack>
    </Card>
  );
}
