"use client";

import { Box, chakra, Flex, Heading, Stack, Text } from "@chakra-ui/react";
import { type PatternId, PATTERNS } from "@/core/dish/patterns";
import { writeMass } from "@/core/quantities/write";
import { Card, Quiet } from "../frame/controls";
import { Choice, NumberField, TextField } from "../frame/fields";
import type { BenchProps } from "./benchProps";
import { EatersCheck } from "./EatersCheck";
import { ScaleDish } from "./ScaleDish";

/** Dishes and parts of the supper, who eats, and whether they can. */
export function PartList(props: BenchProps) {
  const { plan, dish, part, speaking, supper, eaters, frozen } = props;
  return (
    <Stack gap="4" minW="0">
      <Card p="3">
        {plan.dishes.map((d) => (
          <Box key={d.id} mb="2">
            {d.id === dish.id && !frozen ? (
              <TextField label="Dish" hideLabel value={dish.name} onCommit={props.onRenameDish} />
            ) : (
              <chakra.button
                type="button"
                onClick={() => props.onTakeDish(d.id)}
                fontFamily="heading"
                fontWeight="700"
                textAlign="start"
                py="1"
              >
                {d.name}
              </chakra.button>
            )}
            {d.id === dish.id && (
              <Stack gap="0.5" mt="2" as="ul" listStyleType="none">
                {d.parts.map((p) => (
                  <li key={p.id}>
                    <chakra.button
                      type="button"
                      aria-pressed={p.id === part?.id}
                      onClick={() => props.onTakePart(p.id)}
                      display="flex"
                      w="100%"
                      minH="11"
                      px="3"
                      alignItems="center"
                      justifyContent="space-between"
                      gap="2"
                      textAlign="start"
                      borderStartWidth="4px"
                      borderColor={p.id === part?.id ? "jade" : "line"}
                      bg={p.id === part?.id ? "jadeTint" : "transparent"}
                      roundedEnd="lg"
                      _hover={{ bg: p.id === part?.id ? "jadeTint" : "sunk" }}
                    >
                      <span>{p.name}</span>
                      <Box as="span" fontSize="sm" color="quiet" whiteSpace="nowrap">
                        {p.endG === null ? "?" : writeMass(p.endG, speaking.units)}
                      </Box>
                    </chakra.button>
                  </li>
                ))}
              </Stack>
            )}
          </Box>
        ))}
        {!frozen && (
          <Choice
            hideLabel
            label="Add a part"
            value=""
            options={[
              { value: "", label: "Add a part …" },
              ...Object.entries(PATTERNS).map(([value, p]) => ({ value, label: p.name })),
            ]}
            onChoose={(v) => v !== "" && props.onAddPart(v as PatternId)}
          />
        )}
        {!frozen && (
          <Quiet mt="2" w="100%" minH="10" fontSize="sm" onClick={props.onKeep}>
            Keep this on the shelf
          </Quiet>
        )}
        {!frozen && <ScaleDish {...props} />}
      </Card>
      <Card p="3">
        <Heading as="h2" fontSize="md" mb="2">
          At the table
        </Heading>
        <Flex gap="1.5" wrap="wrap" mb="2">
          {eaters.map((e) => {
            const on = supper.eaters.includes(e.id);
            return (
              <chakra.button
                key={e.id}
                type="button"
                aria-pressed={on}
                disabled={frozen}
                onClick={() =>
                  props.onEaters(on ? supper.eaters.filter((x) => x !== e.id) : [...supper.eaters, e.id], supper.guests)
                }
                px="3"
                minH="9"
                rounded="full"
                borderWidth="1.5px"
                borderColor={on ? "jade" : "edge"}
                bg={on ? "jadeTint" : "card"}
                fontSize="sm"
                fontWeight="600"
              >
                {on ? "✓ " : ""}
                {e.name}
              </chakra.button>
            );
          })}
        </Flex>
        <NumberField
          label="Guests"
          value={supper.guests}
          low={0}
          high={200}
          digits={0}
          disabled={frozen}
          onCommit={(n) => n !== null && props.onEaters(supper.eaters, Math.round(n))}
        />
        <Box mt="3" fontSize="sm">
          <Text fontWeight="600">Each of {plan.eaters} eats</Text>
          <Text color="quiet">
            {plan.perEater.massG === null ? "mass not known yet" : writeMass(plan.perEater.massG, speaking.units)} ·{" "}
            {plan.perEater.saltG !== null && plan.perEater.saltAtLeast ? "at least " : ""}
            {plan.perEater.saltG === null ? "salt not known yet" : `${writeMass(plan.perEater.saltG)} salt`} ·{" "}
            {plan.perEater.proteinAtLeast ? "at least " : ""}
            {writeMass(plan.perEater.proteinG)} protein
          </Text>
        </Box>
      </Card>
      <EatersCheck verdicts={plan.verdicts} eaters={eaters} speaking={speaking} onLabel={props.onLabel} />
    </Stack>
  );
}
