"use client";

import { Box, Flex, Grid, Heading, HStack, Stack, Text, VisuallyHidden } from "@chakra-ui/react";
import { ChefHat, CopyPlus, PencilLine, Plus, Trash2 } from "lucide-react";
import dynamic from "next/dynamic";
import { useState } from "react";
import { Card, DoLink, IconDo, Link, Quiet, Remark } from "../frame/controls";
import { TextField } from "../frame/fields";
import { COMING, linesToCome, NextCard, SupperCard, Work } from "./cards";
import { DishMark } from "./DishMark";
import type { CounterProps } from "./counterProps";

/** The form and its checks come when a dish is taken from the shelf. */
const StartSupper = dynamic(() => import("./StartSupper").then((m) => m.StartSupper), { ssr: false });

export function Counter(props: CounterProps) {
  const { next, suppers, shelf, eaters, wishes } = props;
  const [open, setOpen] = useState<string | null>(null);
  const [renaming, setRenaming] = useState<string | null>(null);
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
            </Link>
          </Remark>
        )}
      </Stack>
      <Card aria-labelledby="shelf">
        <Heading as="h2" id="shelf" fontSize="xl" mb="1">
          The shelf
        </Heading>
        {shelf.map(({ dish, says, parts }) => (
          <Box key={dish.id} borderBottomWidth="1px" borderColor="line" py="3">
            <Flex gap="3" align="center">
              <DishMark parts={parts} />
              <Box flex="1" minW="0">
                {renaming === dish.id ? (
                  <TextField
                    label={`New name of ${dish.name}`}
                    hideLabel
                    value={dish.name}
                    onCommit={(name) => {
                      setRenaming(null);
                      props.onRenameDish(dish, name);
                    }}
                  />
                ) : (
                  <Text fontWeight="600" lineHeight="1.25">
                    {dish.name}
                  </Text>
                )}
                <Text fontSize="sm" color="quiet">
                  {says}
                </Text>
              </Box>
            </Flex>
            {open === dish.id ? (
              <StartSupper
                dish={dish}
                eaters={eaters}
                wishes={wishes}
                onCancel={() => setOpen(null)}
                onStart={(chosen) => {
                  setOpen(null);
                  props.onStart(dish, chosen);
                }}
              />
            ) : (
              <HStack mt="1" gap="1">
                <Quiet onClick={() => setOpen(dish.id)} aria-label={`Plan a supper with ${dish.name}`}>
                  <ChefHat size={17} /> Plan a supper
                </Quiet>
                <Box flex="1" />
                <IconDo
                  label={`Rename ${dish.name}`}
                  aria-pressed={renaming === dish.id}
                  onClick={() => setRenaming(renaming === dish.id ? null : dish.id)}
                >
                  <PencilLine size={16} />
                </IconDo>
                <IconDo label={`Duplicate ${dish.name}`} onClick={() => props.onDuplicateDish(dish)}>
                  <CopyPlus size={16} />
                </IconDo>
                <IconDo label={`Remove ${dish.name}`} onClick={() => props.onRemoveDish(dish)}>
                  <Trash2 size={16} />
                </IconDo>
              </HStack>
            )}
          </Box>
        ))}
        <HStack mt="4" gap="2" wrap="wrap">
          <Quiet onClick={props.onNewDish}>
            <Plus size={17} /> New dish
          </Quiet>
          {suppers.length > 0 && (
            <Quiet borderColor="transparent" color="quiet" onClick={props.onClear}>
              Clear the counter
            </Quiet>
          )}
        </HStack>
      </Card>
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
