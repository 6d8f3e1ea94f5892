"use client";

import { Flex, Heading, Table, Text } from "@chakra-ui/react";
import type { RouteCard } from "@/core/swap/card";
import { writeMass, writeMinutes } from "@/core/quantities/write";
import { Card, Quiet } from "../frame/controls";
import { foodInPackG, packPrice } from "@/core/swap/brings";
import { NumberField } from "../frame/fields";
import { describeGaps, describePacks } from "@/words/swap";
import { NEARNESS_NAMES } from "@/words/swapNames";
import { foodInText, foodName } from "@/words/words";
import type { SwapProps } from "./swapProps";

/** What is sold loose is priced by so much, g. */
const LOOSE_G = 100;
/** What the main food costs: whole packs, or by its grams; a price that nobody entered is not known. */
function costOf({ food, packs, mainG }: RouteCard, prices: SwapProps["prices"]): string {
  const known = prices.get(food);
  if (known === undefined) return "not known";
  const cost = packs === null ? (known.price * mainG) / known.packG : packs.count * (packPrice(known, packs.pack) ?? 0);
  return cost.toFixed(2);
}

/** Two routes beside each other: what decides between them, line by line. */
export function SideBySide({
  pair: [a, b],
  textContext,
  begin,
  onTake,
  behind,
  prices,
  onPrice,
  onClose,
}: Pick<SwapProps, "textContext" | "begin" | "onTake" | "behind" | "prices" | "onPrice"> & {
  readonly pair: readonly [RouteCard, RouteCard];
  readonly onClose: () => void;
}) {
  const lines: readonly (readonly [string, (card: RouteCard) => string])[] = [
    ["Bite", (c) => (c.nearness === null ? "none to speak of" : NEARNESS_NAMES[c.nearness])],
    ["Against the meat", (c) => (c.bite === null ? "–" : describeGaps(c.gaps, []))],
    ["To buy", (c) => `${writeMass(c.mainG, textContext.units)} ${foodInText(textContext.foods, c.food)}`],
    ["In packs", (c) => (c.packs === null ? "sold loose" : describePacks(c.packs, null, textContext.units))],
    ["Money", (c) => costOf(c, prices)],
    ["Begin by", (c) => begin(c.id) ?? "not asked of the clock"],
    ["In all", (c) => `at least ${writeMinutes(c.leadMin)}`],
    ["Hands", (c) => writeMinutes(c.handsMin)],
    ["Batches", (c) => String(c.batches)],
    ["Steps", (c) => String(c.dish.parts.reduce((n, p) => n + p.steps.length, 0))],
    ["Protein each", (c) => writeMass(c.proteinG)],
    ["Salt each", (c) => (c.saltG === null ? "not known" : writeMass(c.saltG))],
    ["Free oil in all", (c) => writeMass(c.oilG, textContext.units)],
  ];
  return (
    <Card p="4" aria-label="Side by side" borderColor="jade">
      <Flex justify="space-between" align="center" gap="3">
        <Heading as="h2" fontSize="lg">
          Side by side
        </Heading>
        <Quiet fontSize="sm" onClick={onClose}>
          Close
        </Quiet>
      </Flex>
      <Table.Root size="sm" bg="transparent" mt="2" css={{ "& td, & th": { verticalAlign: "top" } }}>
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader borderColor="line" />
            {[a, b].map((c) => (
              <Table.ColumnHeader key={c.id} borderColor="line" color="ink" whiteSpace="normal">
                {c.name}
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {lines.map(([title, says]) => (
            <Table.Row key={title} bg="transparent">
              <Table.Cell borderColor="line" color="quiet">
                {title}
              </Table.Cell>
              {[a, b].map((c) => (
                <Table.Cell key={c.id} borderColor="line" fontWeight={says(a) === says(b) ? "400" : "600"}>
                  {says(c)}
                </Table.Cell>
              ))}
            </Table.Row>
          ))}
          <Table.Row bg="transparent">
            <Table.Cell borderColor="line" color="quiet">
              What {a.packs === null || b.packs === null ? "100 g or a pack" : "a pack"} costs
            </Table.Cell>
            {[a, b].map((c) => (
              <Table.Cell key={c.id} borderColor="line">
                <NumberField
                  label={`${foodName(textContext.foods, c.food)}, what ${c.packs === null ? "100 g cost" : "a pack costs"}`}
                  hideLabel
                  value={prices.get(c.food)?.price ?? null}
                  low={0}
                  high={1_000_000}
                  digits={2}
                  mayBeEmpty
                  emptySays="not known"
                  width="6.5rem"
                  onCommit={(price) => onPrice(c.food, price, c.packs === null ? LOOSE_G : foodInPackG(c.packs.pack))}
                />
              </Table.Cell>
            ))}
          </Table.Row>
        </Table.Body>
      </Table.Root>
      <Flex gap="2" mt="3" wrap="wrap">
        {[a, b].map((c) => (
          <Quiet key={c.id} aria-disabled={behind} onClick={() => onTake(c)}>
            Take: {c.name}
          </Quiet>
        ))}
      </Flex>
      <Text fontSize="xs" color="quiet" mt="2">
        What differs is bold.
      </Text>
    </Card>
  );
}
