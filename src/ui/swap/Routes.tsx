"use client";

import { Box, chakra, Flex, Grid, Heading, Stack, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { RouteId } from "@/core/dish/dish";
import { packPrice } from "@/core/swap/brings";
import type { RouteCard } from "@/core/swap/card";
import { Card, Do, Quiet } from "../frame/controls";
import { Choice } from "../frame/fields";
import { counted } from "@/words/count";
import {
  describeFigures,
  describeGaps,
  describeLead,
  describeOut,
  describePacks,
  describePlace,
  describeProtein,
} from "@/words/swap";
import { NEARNESS_NAMES } from "@/words/swapNames";
import { BiteRule } from "./BiteRule";
import { RouteRemarks } from "./RouteRemarks";
import { SideBySide } from "./SideBySide";
import type { SwapProps } from "./swapProps";

type Props = SwapProps & { readonly answer: NonNullable<SwapProps["answer"]> };
const FIRST = 4;

/** Routes that can be it, ranked by their bite; those that are out stay visible, quiet, with the reason. */
export function Routes(props: Props) {
  const { cards } = props.answer;
  const { said, raters, rater, onSaid } = props;
  const [all, setAll] = useState(false);
  const [beside, setBeside] = useState<readonly string[]>([]);
  const pair = beside.flatMap((id) => cards.find((c) => c.id === id) ?? []);
  // A third one takes the place of the first.
  const toggle = (id: RouteId) =>
    setBeside(beside.includes(id) ? beside.filter((x) => x !== id) : [...beside, id].slice(-2));
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
      {raters.length > 1 && (
        <Choice
          label="Bites as found by"
          width="12rem"
          value={rater ?? ""}
          options={raters.map((r) => ({ value: r.id ?? "", label: r.name }))}
          onChoose={(id) => onSaid({ ...said, rater: id === "" ? null : id })}
        />
      )}
      {pair[0] && pair[1] && <SideBySide {...props} pair={[pair[0], pair[1]]} onClose={() => setBeside([])} />}
      {shown.map((card, i) => (
        <Route
          key={card.id}
          {...props}
          card={card}
          first={i === 0}
          beside={beside.includes(card.id)}
          onBeside={() => toggle(card.id)}
        />
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

function Route({
  card,
  first,
  answer,
  said,
  heads,
  prices,
  textContext,
  begin,
  onTake,
  beside,
  onBeside,
  behind,
  moved,
}: Props & { card: RouteCard; first: boolean; beside: boolean; onBeside: () => void }) {
  const Take = first ? Do : Quiet;
  const movedHere = moved?.routes.get(card.id);
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
          {movedHere && (
            <Text fontSize="sm" color="jade">
              {describePlace(movedHere, moved?.since ?? "")}
            </Text>
          )}
          <Vessels card={card} />
          <Flex as="p" fontWeight="600" columnGap="3" wrap="wrap">
            {describeFigures(card, card.food, textContext).map((figure) => (
              <chakra.span key={figure} whiteSpace={{ base: "normal", md: "nowrap" }}>
                {figure}
              </chakra.span>
            ))}
          </Flex>
          <Text fontSize="sm">
            {describeProtein(card, answer.leaving.proteinG / heads, textContext)}
            {card.packs &&
              ` ${describePacks(card.packs, packPrice(prices.get(card.food), card.packs.pack), textContext.units)}.`}
          </Text>
          <Text fontSize="sm">{describeLead(card.leadMin, begin(card.id))}</Text>
          {card.bite && <Text fontSize="sm">{describeGaps(card.gaps, card.narrows)}</Text>}
          {card.ratedTimes > 0 && (
            <Text fontSize="sm" color="jade">
              Moved by {counted(card.ratedTimes, "rating")} in your notebook.
            </Text>
          )}
          <RouteRemarks card={card} unasked={said.avoids === null} textContext={textContext} />
          <Box mt="1">
            <Take onClick={() => onTake(card)} aria-disabled={behind} aria-label={`Take this route: ${card.name}`}>
              Take this route
            </Take>
            <Quiet
              ms="2"
              fontSize="sm"
              aria-pressed={beside}
              aria-label={`Beside another: ${card.name}`}
              borderColor={beside ? "jade" : "line"}
              onClick={onBeside}
            >
              {beside ? "✓ beside another" : "Beside another"}
            </Quiet>
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
