"use client";

import { Box, Table, Text } from "@chakra-ui/react";
import { useMemo } from "react";
import type { Supper } from "@/core/dish/dish";
import type { Eater } from "@/core/household/people";
import { type PartVerdict, whoCanEat } from "@/core/safety/matrix";
import { ALLERGEN_NAMES, foodName, type TextContext } from "../wording/words";

const MARKS: Readonly<Record<PartVerdict["verdict"], readonly [mark: string, says: string, color: string]>> = {
  clear: ["✓", "can eat it", "jade"],
  ask: ["?", "ask", "turmeric"],
  may: ["!", "may contain", "chilli"],
  contains: ["✕", "not", "chilli"],
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
  const cells = useMemo(() => whoCanEat(supper, eaters, textContext.foods), [supper, eaters, textContext.foods]);
  const columns = eaters.filter((e) => cells.some((c) => c.eater === e.id));
  const parts = supper.dishes.flatMap((d) => d.parts.map((p) => ({ dish: d.id, id: p.id, name: p.name })));
  const cell = (dish: string, part: string, eater: string) =>
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
                  <Verdict cell={cell(p.dish, p.id, e.id)} foods={textContext.foods} />
                </Table.Cell>
              ))}
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Box>
  );
}

function Verdict({ cell, foods }: { cell: PartVerdict | undefined; foods: TextContext["foods"] }) {
  if (cell === undefined) return null;
  const [mark, says, color] = MARKS[cell.verdict];
  const by = cell.by.map((b) => `${foodName(foods, b.food)} (${ALLERGEN_NAMES[b.allergen]})`).join(", ");
  return (
    <Text fontSize="sm">
      <Text as="span" color={color} fontWeight="700">
        {mark} {says}
      </Text>
      {by !== "" && `: ${by}`}
    </Text>
  );
}
