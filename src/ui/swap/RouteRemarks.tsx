"use client";

import { Text } from "@chakra-ui/react";
import type { RouteCard } from "@/core/swap/card";
import { describeAsks, describeCautions, describeHolds, describeMoved } from "@/words/swap";
import type { TextContext } from "@/words/words";

/** What a route holds, asks, adapts and can harm by, line by line. */
export function RouteRemarks({
  card,
  unasked,
  textContext,
}: {
  readonly card: RouteCard;
  /** Nobody has said yet who must not eat what. */
  readonly unasked: boolean;
  readonly textContext: TextContext;
}) {
  return (
    <>
      {card.littleProtein && card.extra.beansG < 1 && (
        <Text fontSize="sm" color="turmeric">
          Brings little protein: set beans, tofu or seeds beside it.
        </Text>
      )}
      {card.cautions.length > 0 && (
        <Text fontSize="sm" color="quiet">
          {describeCautions(card.cautions, textContext)}
        </Text>
      )}
      {card.moved.length > 0 && (
        <Text fontSize="sm" color="jade">
          Adapted: {describeMoved(card.moved, textContext)}
        </Text>
      )}
      {describeAsks(card.asks, textContext).map((ask) => (
        <Text key={ask} fontSize="sm" color="turmeric">
          Label to {ask}
        </Text>
      ))}
      {unasked && (
        <Text fontSize="sm" color="turmeric">
          {describeHolds(card)}
        </Text>
      )}
    </>
  );
}
