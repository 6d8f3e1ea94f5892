"use client";

import { Box, chakra, Flex, Grid, Text } from "@chakra-ui/react";
import { BITE, type BiteAttribute } from "@/core/bite/shifts";
import type { Entry } from "@/core/notebook/entry";
import { Quiet } from "../frame/controls";
import { Choice } from "../frame/fields";
import { BITE_NAMES } from "@/words/swapNames";

export interface RatingsProps {
  readonly entry: Pick<Entry, "ratings" | "person">;
  /** What the route was to come to, where its row says so. */
  readonly route: string;
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly onRatings: (ratings: Entry["ratings"]) => void;
  readonly onPerson: (person: string | null) => void;
}
const MIDDLE = 5;

/** The eight attributes of a bite as one mouth found them; what is not said stays unsaid, and moves nothing. */
export function Ratings({ entry, route, people, onRatings, onPerson }: RatingsProps) {
  const { ratings, person } = entry;
  const set = (attribute: BiteAttribute, value: number | null) => {
    const rest = Object.fromEntries(Object.entries(ratings).filter(([a]) => a !== attribute));
    onRatings(value === null ? rest : { ...rest, [attribute]: value });
  };
  return (
    <Box mt="4" role="group" aria-label="The bite by attribute">
      <Flex gap="3" align="flex-end" wrap="wrap" mb="2">
        <Box flex="1" minW="14rem">
          <Text fontWeight="600">What was it like?</Text>
          <Text fontSize="sm" color="quiet">
            {route}. Ratings move this route the next time that it is asked for, for whoever gave them.
          </Text>
        </Box>
        {people.length > 0 && (
          <Choice
            label="As found by"
            width="10rem"
            value={person ?? ""}
            options={[{ value: "", label: "nobody said" }, ...people.map((p) => ({ value: p.id, label: p.name }))]}
            onChoose={(id) => onPerson(id === "" ? null : id)}
          />
        )}
      </Flex>
      <Grid templateColumns={{ base: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" }} columnGap="6" rowGap="1">
        {BITE.map((attribute) => {
          const value = ratings[attribute];
          return (
            <Flex key={attribute} align="center" gap="2">
              <chakra.label flex="1" display="flex" alignItems="center" gap="2" minH="11">
                <Box as="span" w="4.5rem">
                  {BITE_NAMES[attribute]}
                </Box>
                <chakra.input
                  type="range"
                  min={0}
                  max={10}
                  step={1}
                  value={value ?? MIDDLE}
                  onChange={(e) => set(attribute, Number(e.target.value))}
                  flex="1"
                  minW="0"
                  opacity={value === undefined ? 0.45 : 1}
                  accentColor="var(--jp-colors-jade)"
                />
                <Box as="span" w="2.2rem" textAlign="end" fontWeight="700">
                  {value ?? "–"}
                </Box>
              </chakra.label>
              <Quiet
                px="3"
                fontSize="sm"
                visibility={value === undefined ? "hidden" : "visible"}
                aria-label={`Unsay ${BITE_NAMES[attribute]}`}
                onClick={() => set(attribute, null)}
              >
                unsay
              </Quiet>
            </Flex>
          );
        })}
      </Grid>
    </Box>
  );
}
