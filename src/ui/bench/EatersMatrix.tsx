"use client";

import { Box, Table, Text } from "@chakra-ui/react";
import { useMemo } from "react";
import type { DishId, PartId } from "@/core/process/step";
import type { Supper } from "@/core/dish/dish";
import type { Eater, EaterId } from "@/core/household/people";
import { type PartDiets, type PartVerdict, type SharedIn, whoCanEat, whoseDiet } from "@/core/safety/matrix";
import { DIET_WORDS } from "@/words/diets";
import { ALLERGEN_NAMES, foodName, type TextContext } from "@/words/words";

const MARKS: Readonly<Record<PartVerdict["verdict"], readonly [mark: string, says: string, color: string]>> = {
  clear: ["✓", "can eat it", "jade"],
  ask: ["?", "ask", "turmeric"],
  may: ["!", "may contain", "chilli"],
  contains: ["✕", "not", "chilli"],
  shared: ["!", "only apart", "chilli"],
  open: ["…", "nothing in it yet", "quiet"],
};

/** Who can eat which part: eaters across, parts down, with the foods that decide. */
export function EatersMatrix({
  supper,
  eaters,
  textContext,
}: {
  readonly supper: Supper;
  readonly eaters: readonly Eater[];
  readonly textContext: TextContext;
}) {
  const { foods } = textContext;
  const cells = useMemo(() => whoCanEat(supper, eaters, foods), [supper, eaters, foods]);
  const diets = useMemo(
    () => whoseDiet(supper, eaters, { food: foods, kin: (id) => foods(id)?.like ?? id }),
    [supper, eaters, foods],
  );
  const columns = eaters.filter((e) => [...cells, ...diets].some((c) => c.eater === e.id));
  const parts = supper.dishes.flatMap((d) => d.parts.map((p) => ({ dish: d.id, id: p.id, name: p.name })));
  const partName = (dish: DishId, part: PartId) => parts.find((p) => p.dish === dish && p.id === part)?.name ?? "it";
  const cell = (dish: DishId, part: PartId, eater: EaterId) =>
    cells.find((c) => c.dish === dish && c.part === part && c.eater === eater);
  return (
    <Box overflowX="auto">
      <Table.Root size="sm" aria-label="Who can eat which part">
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader color="quiet">Part</Table.ColumnHeader>
            {columns.map((e) => (
              <Table.ColumnHeader key={e.id} color="quiet">
                {e.name}
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {parts.map((p) => (
            <Table.Row key={`${p.dish} ${p.id}`} bg="transparent">
              <Table.Cell verticalAlign="top">{p.name}</Table.Cell>
              {columns.map((e) => (
                <Table.Cell key={e.id} verticalAlign="top">
                  <Verdict cell={cell(p.dish, p.id, e.id)} foods={foods} partName={partName} />
                  <Diets
                    cell={diets.find((c) => c.dish === p.dish && c.part === p.id && c.eater === e.id)}
                    foods={foods}
                  />
                </Table.Cell>
              ))}
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Box>
  );
}

function Verdict({
  cell,
  foods,
  partName,
}: {
  cell: PartVerdict | undefined;
  foods: TextContext["foods"];
  partName: (dish: DishId, part: PartId) => string;
}) {
  if (cell === undefined) return null;
  const [mark, says, color] = MARKS[cell.verdict];
  const named = (found: PartVerdict["by"]) =>
    found.map((b) => `${foodName(foods, b.food)} (${ALLERGEN_NAMES[b.allergen]})`).join(", ");
  const by = named(cell.by);
  return (
    <Text fontSize="sm">
      <Text as="span" color={color} fontWeight="700">
        {mark} {says}
      </Text>
      {by !== "" && `: ${by}`}
      {cell.shared.map((s) => (
        <Text as="span" key={`${s.in} ${s.dish} ${s.part}`} display="block">
          {SHARED_WORDS[s.in](partName(s.dish, s.part))}: {named(s.by)}
        </Text>
      ))}
    </Text>
  );
}
const SHARED_WORDS: Readonly<Record<SharedIn, (part: string) => string>> = {
  oil: (part) => `in fresh oil, before ${part}`,
  basket: (part) => `in a clean basket, before ${part}`,
  tray: (part) => `on a tray of its own, away from ${part}`,
  pan: (part) => `in a clean pan, before ${part} or after a wash`,
  board: (part) => `on a clean board, before ${part} or after a wash`,
  blender: (part) => `in a clean blender, before ${part} or after a wash`,
};

/** What a part says to somebody's diets, named with the foods that decide. */
function Diets({ cell, foods }: { cell: PartDiets | undefined; foods: TextContext["foods"] }) {
  if (cell === undefined) return null;
  const named = (found: PartDiets["ask"]) =>
    found.map(({ food, diet }) => `${foodName(foods, food)} (${DIET_WORDS[diet].name})`).join(", ");
  return (
    <>
      {cell.against.length > 0 && (
        <Text fontSize="sm">
          <Text as="span" color="chilli" fontWeight="700">
            ✕ against the diet
          </Text>
          : {named(cell.against)}
        </Text>
      )}
      {cell.ask.length > 0 && (
        <Text fontSize="sm">
          <Text as="span" color="turmeric" fontWeight="700">
            ? ask
          </Text>
          : {named(cell.ask)}
        </Text>
      )}
      {!cell.open && cell.against.length + cell.ask.length === 0 && (
        <Text fontSize="sm" color="quiet">
          fits the diet
        </Text>
      )}
    </>
  );
}
