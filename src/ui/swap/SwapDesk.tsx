"use client";

import { Box, chakra, Flex, Grid, Heading, Stack, Text } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { MEAT_FORMS, type MeatForm } from "@/core/dish/meat";
import { Card, Pill, Quiet } from "../frame/controls";
import { FORM_NAMES, USUAL } from "@/words/swapNames";
import { BiteRule } from "./BiteRule";
import { FormMark } from "./FormMark";
import type { SwapProps } from "./swapProps";

/** Everything but the first question is fetched when a form is chosen, while the routes are worked out. */
const Details = dynamic(() => import("./Details").then((m) => m.Details), { ssr: false });
const WhoMustNot = dynamic(() => import("./Details").then((m) => m.WhoMustNot), { ssr: false });
const Routes = dynamic(() => import("./Routes").then((m) => m.Routes), { ssr: false });

/** What is leaving the pan, and what takes its place: the question on the left, the routes on the right as soon as there is a form. */
export function SwapDesk(props: SwapProps) {
  const { said, answer, others, title } = props;
  return (
    <Grid
      templateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 26rem) minmax(0, 1fr)" }}
      gap="5"
      p={{ base: "3", md: "6" }}
      maxW="96rem"
      mx="auto"
      alignItems="start"
    >
      <Stack gap="4">
        <Box>
          <Heading as="h1" fontSize={{ base: "3xl", md: "4xl" }}>
            {title}
          </Heading>
          <Text color="quiet" mt="1">
            Say what the meat was. Jade Pan finds what takes its place, how to give it the bite, and when to begin.
          </Text>
        </Box>
        {props.target !== null && <InWhosePlace {...props.target} />}
        <Forms {...props} />
        {said.form !== null && <Details {...props} />}
        {others.length > 0 && (
          <Flex gap="2" wrap="wrap">
            {others.map(({ says, onPress }) => (
              <Quiet key={says} onClick={onPress}>
                {says}
              </Quiet>
            ))}
          </Flex>
        )}
      </Stack>
      <Stack gap="3" minW="0">
        {said.form !== null && (
          <WhoMustNot
            people={props.people}
            avoids={said.avoids}
            onAvoids={(avoids) => props.onSaid({ ...said, avoids })}
          />
        )}
        {said.form === null ? (
          <WhatComes />
        ) : (
          answer !== null && (
            <Stack
              gap="3"
              aria-busy={props.behind}
              opacity={props.behind ? 0.5 : 1}
              // What is answered at once does not flicker.
              transition={props.behind ? "opacity 0.15s 0.25s" : undefined}
            >
              <Routes {...props} answer={answer} onTake={(card) => !props.behind && props.onTake(card)} />
            </Stack>
          )
        )}
      </Stack>
    </Grid>
  );
}

/** In a supper: a dish whose meat it was, or one more. */
function InWhosePlace({ choices, chosen, onChoose, changes }: NonNullable<SwapProps["target"]>) {
  return (
    <Box>
      <Flex gap="1.5" wrap="wrap" role="group" aria-label="What a route is for">
        {choices.map(({ id, says }) => (
          <Pill key={id} on={id === chosen} onClick={() => onChoose(id)}>
            {says}
          </Pill>
        ))}
      </Flex>
      <Text fontSize="sm" color="quiet" mt="1.5">
        {changes}
      </Text>
    </Box>
  );
}

/** Before a form is chosen: what will stand here. */
function WhatComes() {
  const lines = [
    ["The nearest bite first", "Every route that can be that form, with what it has more or less of than the meat."],
    ["Grams, salt and protein", "Worked out for your table from soaking to searing: the same figures as on the Bench."],
    [
      "Who can eat it",
      "Down to the last sauce; a small change is made where one is enough, a label is asked where only it can tell.",
    ],
    ["When to begin", "Worked back from dinner, with the nights that freezing, thawing and soaking take."],
  ] as const;
  return (
    <Grid templateColumns={{ base: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" }} gap="3">
      {lines.map(([title, says]) => (
        <Card key={title} p="5">
          <Heading as="h2" fontSize="lg">
            {title}
          </Heading>
          <Text color="quiet" mt="1">
            {says}
          </Text>
        </Card>
      ))}
      <Card p="5" gridColumn={{ md: "1 / -1" }}>
        <Text color="quiet" mb="2">
          The bite rule: the notch is the meat, the bead is what takes its place.
        </Text>
        <Box maxW="26rem">
          <BiteRule {...SHOWN} />
        </Box>
      </Card>
    </Grid>
  );
}
/** Soy strips against beef strips; a test holds it against the tables, which come with the routes. */
export const SHOWN = {
  bite: { firm: 6, spring: 6, chew: 7, strands: 7, flakes: 1, juice: 6, crisp: 4, hold: 7 },
  target: { firm: 6, spring: 5, chew: 8, strands: 8, flakes: 1, juice: 6, crisp: 4, hold: 7 },
  weights: { firm: 1, spring: 1, chew: 1, strands: 1, flakes: 1, juice: 1, crisp: 1, hold: 1 },
};

function Forms({ said, onSaid }: SwapProps) {
  const choose = (form: MeatForm) => {
    const [kind, setting] = USUAL[form];
    onSaid({ ...said, form, kind, setting });
  };
  return (
    <Grid templateColumns="repeat(auto-fill, minmax(5.6rem, 1fr))" gap="2" role="group" aria-label="Form of the meat">
      {MEAT_FORMS.map((form) => {
        const on = said.form === form;
        return (
          <chakra.button
            key={form}
            type="button"
            aria-pressed={on}
            onClick={() => choose(form)}
            display="flex"
            flexDirection="column"
            alignItems="center"
            justifyContent="flex-start"
            gap="1"
            py="2"
            px="1"
            minH="20"
            rounded="xl"
            borderWidth="2px"
            borderColor={on ? "jade" : "line"}
            bg={on ? "jadeTint" : "card"}
            fontWeight={on ? "700" : "500"}
            fontSize="sm"
            lineHeight="1.2"
            _hover={{ bg: on ? "jadeTint" : "sunk" }}
          >
            <FormMark form={form} />
            {FORM_NAMES[form]}
          </chakra.button>
        );
      })}
    </Grid>
  );
}
