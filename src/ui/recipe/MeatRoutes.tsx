"use client";

import { Box, chakra, Flex, Heading, Stack, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { MeatCards, RecipeAnswer } from "@/core/recipe/answer";
import type { RouteCard } from "@/core/swap/card";
import { writeMinutes } from "@/core/quantities/write";
import { Card, Quiet } from "../frame/controls";
import { BiteRule } from "../swap/BiteRule";
import { RouteRemarks } from "../swap/RouteRemarks";
import { describeFigures, describeGaps, describeOut } from "@/words/swap";
import { NEARNESS_NAMES } from "@/words/swapNames";
import type { RecipeProps } from "./recipeProps";

type Props = RecipeProps & { readonly answer: RecipeAnswer };
const FIRST = 3;

/** What takes the place of a meat of the recipe: the nearest bites first, the one that is in the dish with its rule. */
export function MeatRoutes({ meat, ...props }: Props & { readonly meat: MeatCards }) {
  const [all, setAll] = useState(false);
  const text = props.answer.recipe.lines[meat.line]?.text ?? "";
  const fit = meat.cards.filter((c) => c.out.length === 0);
  const shown = all ? meat.cards : fit.slice(0, FIRST);
  const taken = meat.cards.find((c) => c.id === meat.taken);
  const listed = taken === undefined || shown.includes(taken) ? shown : [...shown, taken];
  return (
    <Card p="4" aria-label={`What takes the place of ${text}`}>
      <Heading as="h2" fontSize="lg" overflowWrap="anywhere">
        In place of {text}
      </Heading>
      <Stack gap="2" mt="2" role="radiogroup" aria-label={`Routes for ${text}`}>
        {listed.map((card) => (
          <Way key={card.id} {...props} meat={meat} card={card} on={card.id === meat.taken} />
        ))}
      </Stack>
      {meat.cards.length > FIRST && (
        <Quiet mt="2" onClick={() => setAll(!all)}>
          {all ? "Show fewer" : `Show all ${meat.cards.length}`}
        </Quiet>
      )}
    </Card>
  );
}

function Way({
  card,
  on,
  meat,
  textContext,
  onRoute,
  avoids,
}: Props & { meat: MeatCards; card: RouteCard; on: boolean }) {
  const out = card.out.length > 0;
  return (
    <Box
      borderWidth="2px"
      borderStyle={out ? "dashed" : "solid"}
      borderColor={on ? "jade" : "line"}
      bg={on ? "jadeTint" : "card"}
      rounded="xl"
    >
      <chakra.button
        type="button"
        role="radio"
        aria-checked={on}
        aria-label={card.name}
        onClick={() => onRoute(meat.line, card.id)}
        display="block"
        w="100%"
        textAlign="start"
        px="3"
        py="2"
        minH="11"
      >
        <Flex gap="3" align="baseline" wrap="wrap">
          <Text fontWeight="700">{card.name}</Text>
          {card.nearness && (
            <Text
              fontSize="sm"
              fontWeight="700"
              color={card.nearness === "close" || card.nearness === "similar" ? "jade" : "turmeric"}
            >
              {NEARNESS_NAMES[card.nearness]}
            </Text>
          )}
        </Flex>
        <Text fontSize="sm">
          {[...describeFigures(card, card.food, textContext), `at least ${writeMinutes(card.leadMin)}`].join(" · ")}
        </Text>
        {out && (
          <Text fontSize="sm" color="chilli">
            out: {card.out.map((o) => describeOut(o, textContext)).join("; ")}
          </Text>
        )}
        {on && <RouteRemarks card={card} unasked={avoids === null} textContext={textContext} />}
      </chakra.button>
      {on && card.bite && meat.aim && (
        <Box px="3" pb="3">
          <Text fontSize="sm" mb="2">
            {describeGaps(card.gaps, card.narrows)}
          </Text>
          <BiteRule bite={card.bite} target={meat.aim.bite} weights={meat.aim.weights} />
        </Box>
      )}
    </Box>
  );
}
