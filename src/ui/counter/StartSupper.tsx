"use client";

import { Box, chakra, Flex, Input, Text } from "@chakra-ui/react";
import { valibotResolver } from "@hookform/resolvers/valibot";
import { EARLIEST_DAY, TOO_EARLY } from "../clock/day";
import { useForm } from "react-hook-form";
import * as v from "valibot";
import type { Dish } from "@/core/dish/dish";
import type { Eater } from "@/core/household/people";
import { Do, Quiet } from "../frame/controls";

/** When, and who is there. */
export interface SupperWishes {
  readonly date: string;
  readonly time: string;
  readonly eaters: readonly string[];
  readonly guests: number;
}

const Schema = v.pipe(
  v.object({
    date: v.pipe(
      v.string(),
      v.regex(/^\d{4}-\d\d-\d\d$/, "Choose the day you eat."),
      v.check((day) => day >= EARLIEST_DAY, TOO_EARLY),
    ),
    time: v.pipe(v.string(), v.regex(/^\d\d:\d\d$/, "Choose the hour you eat, such as 19:00.")),
    eaters: v.array(v.string()),
    guests: v.pipe(
      v.string(),
      v.regex(/^\d{1,3}$/, "Guests: type a whole number, 0 or more."),
      v.transform(Number),
      v.maxValue(200, "Guests can be 0 to 200."),
    ),
  }),
  v.forward(
    v.check(
      ({ eaters, guests }) => eaters.length + guests > 0,
      "Nobody eats yet: choose somebody or type a number of guests.",
    ),
    ["guests"],
  ),
);

interface StartProps {
  readonly dish: Dish;
  readonly eaters: readonly Eater[];
  readonly wishes: SupperWishes;
  readonly onStart: (wishes: SupperWishes) => void;
  readonly onCancel: () => void;
}

export function StartSupper({ dish, eaters, wishes, onStart, onCancel }: StartProps) {
  const form = useForm<v.InferInput<typeof Schema>, unknown, v.InferOutput<typeof Schema>>({
    resolver: valibotResolver(Schema),
    defaultValues: { ...wishes, eaters: [...wishes.eaters], guests: String(wishes.guests) },
  });
  const { errors } = form.formState;
  const problem = errors.date?.message ?? errors.time?.message ?? errors.guests?.message;
  const label = { display: "block", fontSize: "sm", color: "quiet", mb: "1" } as const;
  return (
    <chakra.form
      mt="3"
      p="3"
      bg="sunk"
      rounded="xl"
      aria-label={`Supper with ${dish.name}`}
      onSubmit={form.handleSubmit(onStart)}
      noValidate
    >
      <Flex gap="3" wrap="wrap">
        <Box>
          <chakra.label {...label} htmlFor="supper-date">
            Day
          </chakra.label>
          <Input
            id="supper-date"
            type="date"
            bg="card"
            borderColor="edge"
            h="11"
            w="10rem"
            {...form.register("date")}
          />
        </Box>
        <Box>
          <chakra.label {...label} htmlFor="supper-time">
            On the table at
          </chakra.label>
          <Input id="supper-time" type="time" bg="card" borderColor="edge" h="11" w="8rem" {...form.register("time")} />
        </Box>
      </Flex>
      <chakra.fieldset mt="3">
        <chakra.legend {...label}>Who eats</chakra.legend>
        <Flex gap="1.5" wrap="wrap" align="center">
          {eaters.map((e) => (
            <chakra.label
              key={e.id}
              display="inline-flex"
              alignItems="center"
              gap="2"
              px="3"
              minH="11"
              bg="card"
              borderWidth="1px"
              borderColor="edge"
              rounded="full"
              cursor="pointer"
            >
              <chakra.input
                type="checkbox"
                value={e.id}
                w="4.5"
                h="4.5"
                accentColor="var(--jp-colors-jade)"
                {...form.register("eaters")}
              />
              {e.name}
            </chakra.label>
          ))}
          <chakra.label display="inline-flex" alignItems="center" gap="2" ps="1">
            <Box as="span" fontSize="sm" color="quiet">
              {eaters.length > 0 ? "and guests" : "How many"}
            </Box>
            <Input
              aria-label="Guests"
              inputMode="numeric"
              w="4rem"
              h="11"
              bg="card"
              borderColor="edge"
              textAlign="end"
              {...form.register("guests")}
            />
          </chakra.label>
        </Flex>
      </chakra.fieldset>
      {problem && (
        <Text role="alert" color="chilli" fontSize="sm" mt="2">
          {problem}
        </Text>
      )}
      <Flex gap="2" mt="3">
        <Do type="submit">Set the time</Do>
        <Quiet onClick={onCancel}>Not now</Quiet>
      </Flex>
    </chakra.form>
  );
}
