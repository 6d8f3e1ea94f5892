"use client";

import { Box, chakra, Flex, Grid, Heading, Stack, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { RouteCard } from "@/core/swap/card";
import { Card, Do, Quiet } from "../frame/controls";
import { counted } from "../wording/count";
import {
  describeAsks,
  describeFigures,
  describeGaps,
  describeHolds,
  describeLead,
  describeMoved,
  describeOut,
} from "../wording/swap";
import { NEARNESS_NAMES } from "../wording/swapNames";
import { BiteRule } from "./BiteRule";
import type { SwapProps } from "./swapProps";

type Props = SwapProps & { readonly answer: NonNullable<SwapProps["answer"]> };
const FIRST = 4;

/** Routes that can be it, ranked by their bite; those that are out stay visible, quiet, with the reason. */
export function Routes(props: Props) {
  const { cards } = props.answer;
  const { said } = props;
  const [all, setAll] = useState(false);
  const fit = cards.filter((c) => c.out.length === 0);
  const out = cards.filter((c) => c.out.length > 0);
  const shown = all ? fit : fit.slice(0, FIRST);
  return (
    <>
      <Flex justify="space-between" align="baseline" gap="3" wrap="wrap">
        <Heading as="h2" fontSize="lg">
          {counted(fit.length, "way", "ways")}
          {said.avoids === null ? ", who eats is not said yet" : " in"}
          {out.length > 0 ? `, ${out.length} out` : ""}
        </Heading>
        <Text fontSize="sm" color="quiet">
          notch: the meat · bead: this route · estimates until you rate them
        </Text>
      </Flex>
      {shown.map((card, i) => (
        <Route key={card.id} {...props} card={card} first={i === 0} />
      ))}
      {fit.length > FIRST && (
        <Quiet onClick={() => setAll(!all)}>{all ? "Show fewer" : `Show all ${fit.length}`}</Quiet>
      )}
      {out.map((card) => (
        <Box key={card.id} borderWidth="1.5px" borderStyle="dashed" borderColor="line" rounded="xl" px="4" py="2.5">
          <Text fontWeight="600" color="quiet">
            {card.name}
          </Text>
          <Text fontSize="sm" color="quiet">
            out: {card.out.map((o) => describeOut(o, props.textContext)).join("; ")}
          </Text>
        </Box>
      ))}
    </>
  );
}

function Route({ card, first, answer, said, textContext, begin, onTake }: Props & { card: RouteCard; first: boolean }) {
  const asks = describeAsks(card.asks, textContext);
  const Take = first ? Do : Quiet;
  return (
    <Card p="4" aria-label={card.name}>
      <Grid
        templateColumns={{ base: "minmax(0, 1fr)", md: "minmax(0, 1fr) minmax(0, 17rem)" }}
        gap={{ base: "3", md: "5" }}
        alignItems="start"
      >
        <Stack gap="1.5">
          <Flex gap="3" align="baseline" wrap="wrap">
            <Heading as="h3" fontSize="lg">
              {card.name}
            </Heading>
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
          <Text color="quiet" fontSize="sm">
            {card.how}
          </Text>
          <Vessels card={card} />
          <Flex as="p" fontWeight="600" columnGap="3" wrap="wrap">
            {describeFigures(card, card.food, textContext).map((figure) => (
              <chakra.span key={figure} whiteSpace={{ base: "normal", md: "nowrap" }}>
                {figure}
              </chakra.span>
            ))}
          </Flex>
          <Text fontSize="sm">{describeLead(card.leadMin, begin(card.id))}</Text>
          {card.bite && <Text fontSize="sm">{describeGaps(card.gaps, card.narrows)}</Text>}
          {card.littleProtein && (
            <Text fontSize="sm" color="turmeric">
              Brings little protein: set beans, tofu or seeds beside it.
            </Text>
          )}
          {card.moved.length > 0 && (
            <Text fontSize="sm" color="jade">
              Adapted: {describeMoved(card.moved, textContext)}
            </Text>
          )}
          {asks.map((ask) => (
            <Text key={ask} fontSize="sm" color="turmeric">
              Label to {ask}
            </Text>
          ))}
          {said.avoids === null && (
            <Text fontSize="sm" color="turmeric">
              {describeHolds(card)}
            </Text>
          )}
          <Box mt="1">
            <Take onClick={() => onTake(card)} aria-label={`Take this route: ${card.name}`}>
              Take this route
            </Take>
          </Box>
        </Stack>
        {card.bite && answer.aim && <BiteRule bite={card.bite} target={answer.aim.bite} weights={answer.aim.weights} />}
      </Grid>
    </Card>
  );
}

const TALL = 34;
/** The chain as small vessels, on one scale. */
function Vessels({ card }: { card: RouteCard }) {
  const most = Math.max(1, ...card.vessels.map((v) => v.massG));
  return (
    <Flex gap="1.5" align="flex-end" aria-hidden wrap="wrap">
      {card.vessels.map((v) => (
        <chakra.div
          key={v.key}
          w="5"
          h={`${TALL}px`}
          display="flex"
          flexDirection="column"
          justifyContent="flex-end"
          borderWidth="1.5px"
          borderTopWidth="0"
          borderColor="ink"
          roundedBottom="sm"
          overflow="hidden"
        >
          {(
            [
              ["oil", v.oilG],
              ["water", v.waterG],
              ["solids", v.solidsG],
            ] as const
          ).map(([kind, grams]) => (
            <Box key={kind} h={`${(grams / most) * (TALL - 2)}px`} bg={kind} flexShrink={0} />
          ))}
        </chakra.div>
      ))}
    </Flex>
  );
}
