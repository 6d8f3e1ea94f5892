"use client";

import { Box, Flex, Grid, Heading, HStack, Stack, Text, VisuallyHidden } from "@chakra-ui/react";
import { Card, DoLink, Link, Quiet, Remark } from "../frame/controls";
import { COMING, linesToCome, NextCard, SupperCard, Work } from "./cards";
import type { CounterProps } from "./counterProps";
import { Shelf } from "./Shelf";

export function Counter(props: CounterProps) {
  const { next, suppers } = props;
  return (
    <Grid
      templateColumns={{ base: "1fr", lg: "minmax(0, 1fr) 26rem" }}
      gap="5"
      p={{ base: "3", md: "6" }}
      maxW="90rem"
      mx="auto"
      alignItems="start"
    >
      <VisuallyHidden asChild>
        <h1>Counter</h1>
      </VisuallyHidden>
      <Stack gap="4">
        {next ? <NextCard next={next} /> : props.awaited.next && <NextCard next={COMING} />}
        <Front />
        {suppers.map((s) => (
          <SupperCard key={s.id} supper={s} onRemove={() => props.onRemoveSupper(s.id)} />
        ))}
        {props.work ? (
          <Work work={props.work} />
        ) : (
          props.awaited.workLines > 0 && <Work work={linesToCome(props.awaited.workLines)} />
        )}
        {suppers.length === 0 && (
          <Card>
            <Heading as="h2" fontSize="xl">
              No supper is coming up
            </Heading>
            <Text color="quiet" mt="1">
              Take a dish from the shelf: say when you eat and who is there, and its times are worked back from the
              table.
            </Text>
          </Card>
        )}
        {props.reminder !== null && (
          <Remark tone="watch">
            {props.reminder}{" "}
            <Link href="/kitchen" textDecoration="underline" fontWeight="600">
              Export everything in Kitchen
            </Link>{" "}
            <Quiet size="sm" onClick={props.onReminderAway}>
              Not now
            </Quiet>
          </Remark>
        )}
      </Stack>
      {props.shelf !== null && <Shelf {...props} shelf={props.shelf} />}
    </Grid>
  );
}

/** The front door where something is on the counter already. */
function Front() {
  return (
    <Card>
      <Flex gap="3" align="center" justify="space-between" wrap="wrap">
        <Box flex="1" minW="15rem">
          <Heading as="h2" fontSize="xl">
            What is leaving the pan?
          </Heading>
          <Text color="quiet">Mince, strips, a fillet, a roast: see what takes its place, and when to begin.</Text>
        </Box>
        <HStack gap="2" wrap="wrap">
          <DoLink href="/swap">Find its place</DoLink>
          <DoLink href="/recipe" bg="card" color="ink" borderWidth="1.5px" borderColor="line">
            Turn a recipe over
          </DoLink>
        </HStack>
      </Flex>
    </Card>
  );
}
