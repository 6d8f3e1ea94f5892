"use client";

import { Box, chakra, Flex, Grid, Heading, HStack, Stack, Table, Text } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import type { Entry } from "@/core/notebook/entry";
import { writeMass, writeMinutes } from "@/core/quantities/write";
import type { UnitSystem } from "@/core/quantities/units";
import { Card, DoLink, Link, Quiet } from "../frame/controls";
import { LongText } from "../frame/LongText";
import { STEP_NAMES } from "@/words/steps";
import { Ratings, type RatingsProps } from "./Ratings";

/** Charts are large: they come when an entry is opened. */
const PlannedActual = dynamic(() => import("./PlannedActual").then((m) => m.PlannedActual), {
  ssr: false,
  loading: () => <Box h="260px" />,
});

export interface NotebookProps {
  readonly entries: readonly { readonly entry: Entry; readonly day: string }[];
  /** Cookings that were put aside and wait to be picked up. */
  readonly aside: readonly { readonly name: string; readonly since: string; readonly href: string }[];
  readonly open: Entry | null;
  readonly openDay: string;
  readonly units: UnitSystem;
  /** The route that the open entry took, by name; null where none was, or nobody knows it any more. */
  readonly route: string | null;
  readonly people: RatingsProps["people"];
  readonly onRatings: RatingsProps["onRatings"];
  readonly onPerson: RatingsProps["onPerson"];
  readonly onBite: (bite: number | null) => void;
  readonly onNote: (note: string) => void;
  readonly onRemove: () => void;
}

export function Notebook(props: NotebookProps) {
  const { entries, aside, open, openDay } = props;
  if (entries.length === 0 && aside.length === 0)
    return (
      <Box maxW="44rem" mx="auto" px="5" py="16">
        <Heading as="h1" fontSize="4xl">
          Nothing cooked yet
        </Heading>
        <Text fontSize="xl" color="quiet" mt="3" mb="6">
          When a supper is on the table, its entry lies here: planned minutes and grams beside the actual ones, how the
          bite came out, what to change next time.
        </Text>
        <DoLink href="/">To the Counter</DoLink>
      </Box>
    );
  return (
    <Grid
      templateColumns={{ base: "minmax(0, 1fr)", lg: "17rem minmax(0, 1fr)" }}
      gap="4"
      p={{ base: "3", md: "5" }}
      alignItems="start"
      maxW="90rem"
      mx="auto"
    >
      <Card p="3">
        <Heading as="h1" fontSize="xl" px="2" mb="2">
          Notebook
        </Heading>
        <Stack as="ul" listStyleType="none" gap="1">
          {aside.map(({ name, since, href }) => (
            <li key={href}>
              <Link
                href={href}
                display="block"
                px="3"
                py="2"
                borderStartWidth="4px"
                borderColor="turmeric"
                roundedEnd="lg"
                _hover={{ bg: "sunk" }}
              >
                <Text fontWeight="600">{name}</Text>
                <Text fontSize="sm" color="quiet">
                  put aside {since} · back to the stove
                </Text>
              </Link>
            </li>
          ))}
          {entries.map(({ entry, day }) => {
            const here = entry.id === open?.id;
            return (
              <li key={entry.id}>
                <Link
                  href={`/notebook?e=${encodeURIComponent(entry.id)}`}
                  aria-current={here ? "page" : undefined}
                  display="block"
                  px="3"
                  py="2"
                  borderStartWidth="4px"
                  borderColor={here ? "jade" : "line"}
                  bg={here ? "jadeTint" : "transparent"}
                  roundedEnd="lg"
                  _hover={{ bg: here ? "jadeTint" : "sunk" }}
                >
                  <Text fontWeight="600">{entry.name}</Text>
                  <Text fontSize="sm" color="quiet">
                    {day}
                    {entry.ended === "given-up" && " · given up"}
                    {entry.bite !== null && ` · bite ${entry.bite} of 10`}
                  </Text>
                </Link>
              </li>
            );
          })}
        </Stack>
      </Card>
      {open && <OpenEntry key={open.id} {...props} open={open} openDay={openDay} />}
    </Grid>
  );
}

const title = (row: Entry["rows"][number]) => `${STEP_NAMES[row.step]} · ${row.part}`;

function OpenEntry(props: NotebookProps & { open: Entry }) {
  const { open, openDay, units, route, people, onBite, onNote, onRemove, onRatings, onPerson } = props;
  const took = open.rows.reduce((m, r) => m + (r.actualMin ?? 0), 0);
  const planned = open.rows.reduce((m, r) => m + r.plannedMin, 0);
  return (
    <Stack gap="4" minW="0">
      <Card>
        <Flex gap="4" wrap="wrap" align="flex-start">
          <Box flex="1" minW="16rem">
            <Heading as="h2" fontSize="3xl">
              {open.name}
            </Heading>
            <Text color="quiet">
              {openDay} · {open.eaters} eaters · hands {writeMinutes(took)}, planned {writeMinutes(planned)}
              {open.saltPerEaterG !== null && ` · ${writeMass(open.saltPerEaterG)} salt each`}
            </Text>
          </Box>
          <Quiet onClick={onRemove}>Remove entry</Quiet>
        </Flex>
        <Box mt="4">
          <Text id="bite" fontWeight="600" mb="1">
            How was the bite?
          </Text>
          <HStack role="radiogroup" aria-labelledby="bite" gap="1" wrap="wrap">
            {Array.from({ length: 11 }, (_, n) => (
              <chakra.button
                key={n}
                type="button"
                role="radio"
                aria-checked={open.bite === n}
                aria-label={`${n} of 10`}
                onClick={() => onBite(open.bite === n ? null : n)}
                boxSize="11"
                rounded="lg"
                borderWidth="1.5px"
                borderColor={open.bite === n ? "jade" : "edge"}
                bg={open.bite === n ? "jade" : "card"}
                color={open.bite === n ? "onJade" : "ink"}
                fontWeight="700"
              >
                {n}
              </chakra.button>
            ))}
          </HStack>
          <Flex justify="space-between" maxW="33rem" fontSize="sm" color="quiet" mt="1">
            <span>nothing like it</span>
            <span>just right</span>
          </Flex>
        </Box>
        {route !== null && (
          <Ratings entry={open} route={route} people={people} onRatings={onRatings} onPerson={onPerson} />
        )}
        <Box mt="4">
          <chakra.label htmlFor="note" fontWeight="600" display="block" mb="1">
            Next time
          </chakra.label>
          <LongText
            // Another entry is another text.
            key={open.id}
            id="note"
            value={open.note}
            placeholder="What to change, what to keep"
            most={10_000}
            onStore={onNote}
          />
        </Box>
      </Card>
      <Card>
        <Heading as="h2" fontSize="lg" mb="2">
          Hands-on minutes, planned and actual
        </Heading>
        <PlannedActual rows={open.rows.map((r) => ({ name: title(r), planned: r.plannedMin, actual: r.actualMin }))} />
      </Card>
      <Card p="0" overflowX="auto" tabIndex={0} role="region" aria-label="Planned against actual">
        <Table.Root size="sm" bg="transparent">
          <Table.Header>
            <Table.Row bg="transparent">
              {["Step", "Planned min", "Actual min", "Planned in the bowl", "Weighed", "Difference"].map((h, i) => (
                <Table.ColumnHeader key={h} color="quiet" borderColor="line" textAlign={i === 0 ? "start" : "end"}>
                  {h}
                </Table.ColumnHeader>
              ))}
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {open.rows.map((r) => (
              <Table.Row
                key={r.key}
                bg="transparent"
                css={{
                  "& td": { borderColor: "line", textAlign: "end" },
                  "& td:first-of-type": { textAlign: "start" },
                }}
              >
                <Table.Cell fontWeight="600">{title(r)}</Table.Cell>
                <Table.Cell>{r.plannedMin.toFixed(0)}</Table.Cell>
                <Table.Cell>{r.actualMin === null ? "–" : r.actualMin.toFixed(r.actualMin < 10 ? 1 : 0)}</Table.Cell>
                <Table.Cell>{writeMass(r.plannedG, units)}</Table.Cell>
                <Table.Cell>{r.weighedG === null ? "–" : writeMass(r.weighedG, units)}</Table.Cell>
                <Table.Cell>
                  {r.weighedG === null
                    ? "–"
                    : `${r.weighedG >= r.plannedG ? "+" : "−"}${writeMass(Math.abs(r.weighedG - r.plannedG), units)}`}
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Card>
    </Stack>
  );
}
