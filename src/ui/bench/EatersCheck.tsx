"use client";

import { Box, chakra, Heading, HStack, Stack, Text } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { memo, useState } from "react";
import type { Supper } from "@/core/dish/dish";
import type { Eater } from "@/core/household/people";
import { insteadOf } from "@/core/swap/instead";
import type { Allergen, LabelState } from "@/core/foods/allergens";
import type { FoodId } from "@/core/foods/food";
import type { DietVerdict } from "@/core/safety/diets";
import type { Disliked, Verdict } from "@/core/safety/eaters";
import { labelsToRead } from "@/core/safety/labelsToRead";
import { Card, Remark } from "../frame/controls";
import { DIET_WORDS } from "@/words/diets";
import { ALLERGEN_NAMES, foodInText, foodName, type TextContext } from "@/words/words";
import { counted } from "@/words/count";
import { INSTEAD_NAMES } from "@/words/instead";
import { list } from "@/words/count";

interface CheckProps {
  readonly verdicts: readonly Verdict[];
  readonly eaters: readonly Eater[];
  readonly textContext: TextContext;
  readonly diets: readonly DietVerdict[];
  readonly disliked: readonly Disliked[];
  readonly frozen: boolean;
  readonly onLabel: (food: FoodId, allergen: Allergen, state: LabelState) => void;
  /** Takes what can stand in for a food somebody must not have. */
  readonly onExchange: (food: FoodId, allergen: Allergen) => void;
}

/** Fetched when somebody opens it. */
const EatersMatrix = dynamic(() => import("./EatersMatrix").then((m) => m.EatersMatrix), { ssr: false });

const TONES: Readonly<Record<Verdict["verdict"], "good" | "watch" | "harm">> = {
  clear: "good",
  open: "watch",
  ask: "watch",
  may: "harm",
  contains: "harm",
};
const questionsOf = (v: Verdict) => [...v.contains, ...v.may, ...v.ask].filter((f) => f.labelDecides && !f.packed);
const packedIn = (v: Verdict) => v.ask.filter((f) => f.packed);
/** Who cannot eat it, by which foods, and whether a packet can still say otherwise. */
function sayContained({ contains }: Verdict, name: string, foods: TextContext["foods"]): string {
  const named = contains.map((f) => foodName(foods, f.food)).join(", ");
  if (contains.every((f) => f.labelDecides))
    return `not for ${name}, unless the label says free of it: ${named}. Without such a label ${contains.length === 1 ? "it counts" : "they count"} as containing it.`;
  return `not for ${name}. ${named} ${contains.length === 1 ? "contains" : "contain"} it.`;
}

const DIET_TONES: Readonly<Record<DietVerdict["verdict"], "good" | "watch" | "harm">> = {
  fits: "good",
  open: "watch",
  ask: "watch",
  against: "harm",
};
function sayDiet({ verdict, against, ask, saltG }: DietVerdict, foods: TextContext["foods"]): string {
  const named = (found: DietVerdict["ask"]) => found.map((f) => foodName(foods, f.food)).join(", ");
  switch (verdict) {
    case "fits":
      return "everything fits.";
    case "open":
      return "cannot be checked yet: a dish has no food, or a part that it takes is gone.";
    case "ask":
      return ask.length > 0 ? `ask for ${named(ask)}.` : "the salt of some food is not known.";
    case "against":
      return against.length > 0
        ? `not with ${named(against)}.`
        : `${(saltG ?? 0).toFixed(1)} g of salt a head is too much.`;
  }
}
/** Who can eat the whole supper. A label that nobody read is a question, with the two answers beside it. */
export const EatersCheck = memo(function EatersCheck({
  verdicts,
  diets,
  disliked,
  eaters,
  textContext,
  frozen,
  onLabel,
  onExchange,
}: CheckProps) {
  if (verdicts.length === 0 && diets.length === 0 && disliked.length === 0) return null;
  return (
    <Card p="3" aria-label="Who can eat it">
      <Heading as="h2" fontSize="md" mb="2">
        Who can eat it
      </Heading>
      <Stack gap="3">
        {verdicts.map((v) => {
          const name = eaters.find((e) => e.id === v.eater)?.name ?? "Somebody";
          const allergen = ALLERGEN_NAMES[v.allergen];
          return (
            <Box key={`${v.eater} ${v.allergen}`}>
              <Remark tone={TONES[v.verdict]}>
                <strong>{name}</strong>, no {allergen}:{" "}
                {v.verdict === "clear" && "every food is free of it, or its label says so."}
                {v.verdict === "open" && "cannot be checked yet: a dish has no food, or a part that it takes is gone."}
                {v.verdict === "ask" && `read ${counted(labelsToRead(v.ask), "label")} first.`}
                {v.verdict === "may" &&
                  `no pass. The label of ${v.may.map((f) => foodName(textContext.foods, f.food)).join(", ")} says "may contain": ask ${name}.`}
                {v.verdict === "contains" && sayContained(v, name, textContext.foods)}
              </Remark>
              <Stack gap="1.5" mt="2" ps="1">
                {packedIn(v).length > 0 && (
                  <Box>
                    <Text fontSize="sm" fontWeight="600">
                      {list(packedIn(v).map((f) => foodName(textContext.foods, f.food)))}
                      <Text as="span" color="quiet" fontWeight="400">
                        : nuts and seeds, often packed beside {allergen}
                      </Text>
                    </Text>
                    <HStack gap="1.5" flexWrap="wrap">
                      {(["free", "may"] as const).map((state) => (
                        <Answer
                          key={state}
                          onClick={() => packedIn(v).forEach((f) => onLabel(f.food, v.allergen, state))}
                          label={`Nuts and seeds: their labels ${state === "free" ? "say free of" : "say may contain"} ${allergen}`}
                        >
                          {state === "free" ? "all say free" : "may contain"}
                        </Answer>
                      ))}
                    </HStack>
                  </Box>
                )}
                {questionsOf(v).map((f) => (
                  <Box key={f.food}>
                    <Text fontSize="sm" fontWeight="600">
                      {foodName(textContext.foods, f.food)}
                      <Text as="span" color="quiet" fontWeight="400">
                        {f.parts.length > 0 && ` in ${f.parts.join(", ")}`}
                      </Text>
                    </Text>
                    <HStack gap="1.5" flexWrap="wrap">
                      <Answer
                        onClick={() => onLabel(f.food, v.allergen, "free")}
                        label={`${foodName(textContext.foods, f.food)}: label says free of ${allergen}`}
                      >
                        says free
                      </Answer>
                      {v.ask.includes(f) && (
                        <>
                          <Answer
                            onClick={() => onLabel(f.food, v.allergen, "may")}
                            label={`${foodName(textContext.foods, f.food)}: label says may contain ${allergen}`}
                          >
                            may contain
                          </Answer>
                          <Answer
                            onClick={() => onLabel(f.food, v.allergen, "contains")}
                            label={`${foodName(textContext.foods, f.food)}: label says contains ${allergen}`}
                          >
                            contains it
                          </Answer>
                        </>
                      )}
                    </HStack>
                  </Box>
                ))}
                {!frozen &&
                  v.contains.map(({ food }) => {
                    const way = insteadOf(food, v.allergen);
                    if (way === null) return null;
                    const says = `${list(way.by.map(([other]) => INSTEAD_NAMES[other] ?? other))} for ${foodInText(textContext.foods, food)}`;
                    return (
                      <Answer
                        key={`instead ${food}`}
                        onClick={() => onExchange(food, v.allergen)}
                        label={`Take ${says}`}
                      >
                        {`Take ${says}`}
                      </Answer>
                    );
                  })}
              </Stack>
            </Box>
          );
        })}
        {diets.map((d) => (
          <Remark key={`${d.eater} ${d.diet}`} tone={DIET_TONES[d.verdict]}>
            <strong>{eaters.find((e) => e.id === d.eater)?.name ?? "Somebody"}</strong>, {DIET_WORDS[d.diet].name}:{" "}
            {sayDiet(d, textContext.foods)}{" "}
            <Text as="span" color="quiet">
              ({DIET_WORDS[d.diet].means})
            </Text>
          </Remark>
        ))}
        {disliked.map((d) => (
          <Text key={`${d.eater} ${d.dish} ${d.food}`} fontSize="sm">
            <strong>{eaters.find((e) => e.id === d.eater)?.name ?? "Somebody"}</strong> dislikes{" "}
            {foodInText(textContext.foods, d.food)}
            <Text as="span" color="quiet">
              {d.parts.length > 0 && `, in ${d.parts.join(", ")}`}
            </Text>
          </Text>
        ))}
      </Stack>
      <Text fontSize="xs" color="quiet" mt="3">
        Labels change: read them each time. Mind shared boards, pans and oil.
      </Text>
    </Card>
  );
});

/** The same part by part, for whoever wants to know what to set before whom. */
export function ByPart({
  supper,
  eaters,
  textContext,
}: Pick<CheckProps, "eaters" | "textContext"> & { supper: Supper }) {
  const [open, setOpen] = useState(false);
  return (
    <Box>
      <Answer onClick={() => setOpen(!open)} label={open ? "Close the table of parts" : "Who can eat it, part by part"}>
        {open ? "Close the table" : "Who can eat it, part by part"}
      </Answer>
      {open && <EatersMatrix supper={supper} eaters={eaters} textContext={textContext} />}
    </Box>
  );
}

function Answer({ children, label, onClick }: { children: string; label: string; onClick: () => void }) {
  return (
    <chakra.button
      type="button"
      aria-label={label}
      onClick={onClick}
      fontSize="sm"
      px="3"
      minH="8"
      rounded="lg"
      borderWidth="1px"
      borderColor="edge"
      bg="card"
      _hover={{ bg: "sunk" }}
    >
      {children}
    </chakra.button>
  );
}
