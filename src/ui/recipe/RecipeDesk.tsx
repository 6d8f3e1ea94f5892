"use client";

import { Box, chakra, Flex, Grid, Heading, Stack, Text } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { Card, Do } from "../frame/controls";
import type { RecipeProps } from "./recipeProps";

/** Fetched while the first recipe is read. */
const TurnedOver = dynamic(() => import("./TurnedOver").then((m) => m.TurnedOver), { ssr: false });

/** A recipe with meat in it, turned over: the text on the left until it is read, then its lines; the routes on the right. */
export function RecipeDesk(props: RecipeProps) {
  const { answer } = props;
  return (
    <Box p={{ base: "3", md: "6" }} maxW="96rem" mx="auto">
      <Heading as="h1" fontSize={{ base: "3xl", md: "4xl" }}>
        Turn a recipe over
      </Heading>
      <Text color="quiet" mt="1" mb="4">
        Paste a recipe, with meat or without, from a page, a file or your head. Every animal product is found and
        replaced for what it does; you see each line before and after.
      </Text>
      {answer === null ? (
        <Grid
          templateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 1fr) minmax(0, 27rem)" }}
          gap="5"
          alignItems="start"
        >
          <Given {...props} />
          <WhatComes />
        </Grid>
      ) : (
        <TurnedOver {...props} answer={answer} />
      )}
    </Box>
  );
}

function Given({ text, onText, onRead, problem, reading }: RecipeProps) {
  return (
    <Card>
      <chakra.label display="block" fontWeight="600">
        The recipe
        <chakra.textarea
          value={text}
          onChange={(e) => onText(e.target.value)}
          rows={14}
          placeholder={
            "Serves 4\n500 g beef mince\n2 onions, finely chopped\n400 ml beef stock\n…\nFry the onions for 8 minutes, …"
          }
          aria-invalid={problem !== null}
          display="block"
          w="100%"
          mt="2"
          p="3"
          bg="card"
          color="ink"
          fontWeight="400"
          borderWidth="1px"
          borderColor={problem === null ? "edge" : "chilli"}
          rounded="lg"
          _placeholder={{ color: "quiet" }}
        />
      </chakra.label>
      {problem && (
        <Text role="alert" color="chilli" mt="2">
          {problem}
        </Text>
      )}
      <Flex mt="3" gap="3" align="center" wrap="wrap">
        <Do onClick={onRead} aria-disabled={reading}>
          {reading ? "Reading …" : "Read it"}
        </Do>
        <Text fontSize="sm" color="quiet">
          Plain text, Markdown, a saved page or recipe data (JSON-LD). It stays in this browser.
        </Text>
      </Flex>
    </Card>
  );
}

/** Before a recipe is read: what will stand here. */
function WhatComes() {
  const points = [
    [
      "Each line, before and after",
      "What stays, what takes the place of stock, egg, butter, cheese or fish sauce, in grams, and why.",
    ],
    ["The meat by its bite", "Routes that can be that form, the nearest first, each planned for your kitchen."],
    ["Nothing guessed in silence", "What is unclear is asked. A food nobody knows passes no allergen check."],
    [
      "Then the Bench",
      "The steps of the method, with the route where the meat was. The recipe stays as it was given, in this browser.",
    ],
  ] as const;
  return (
    <Card>
      <Stack gap="4">
        {points.map(([title, says]) => (
          <Box key={title}>
            <Heading as="h2" fontSize="lg">
              {title}
            </Heading>
            <Text color="quiet">{says}</Text>
          </Box>
        ))}
      </Stack>
    </Card>
  );
}
