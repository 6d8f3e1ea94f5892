"use client";

import { Box, chakra, Flex, Text } from "@chakra-ui/react";
import { SETTINGS } from "@/core/bite/targets";
import { MEAT_KINDS } from "@/core/dish/meat";
import { ALLERGENS, type Allergen } from "@/core/foods/allergens";
import type { AtHand } from "@/core/dish/dish";
import { PROTEIN_WAYS } from "@/core/swap/brings";
import { GRAMS_PER_OUNCE } from "@/core/quantities/units";
import { Card, Pill, Tick } from "../frame/controls";
import { Choice, NumberField } from "../frame/fields";
import { describeLeaving } from "@/words/swap";
import { KIND_NAMES, LIES_NAMES, PROTEIN_NAMES, SETTING_NAMES } from "@/words/swapNames";
import { ALLERGEN_NAMES, foodName } from "@/words/words";
import type { SwapProps } from "./swapProps";

/** How much of what, how it comes to the table, for whom and when: filled in as far as it is known. */
export function Details({ said, onSaid, answer, textContext, heads, onHeads, dinner }: SwapProps) {
  const gramsEach = textContext.units === "us" ? GRAMS_PER_OUNCE : 1;
  return (
    <Card p="4">
      <Flex gap="3" wrap="wrap" align="flex-end">
        <NumberField
          label="Meat"
          value={said.massG / gramsEach}
          low={20 / gramsEach}
          high={20_000 / gramsEach}
          unit={textContext.units === "us" ? "oz" : "g"}
          digits={0}
          onCommit={(n) => n !== null && onSaid({ ...said, massG: n * gramsEach })}
        />
        <Choice
          label="weighed"
          width="6.5rem"
          value={said.weighed}
          options={[
            { value: "raw", label: "raw" },
            { value: "cooked", label: "cooked" },
          ]}
          onChoose={(weighed) => onSaid({ ...said, weighed: weighed as typeof said.weighed })}
        />
        <Choice
          label="of"
          width="9rem"
          value={said.kind}
          options={MEAT_KINDS.map((kind) => ({ value: kind, label: KIND_NAMES[kind] }))}
          onChoose={(kind) => onSaid({ ...said, kind: kind as typeof said.kind })}
        />
        <Choice
          label="It comes"
          width="10rem"
          value={said.setting}
          options={SETTINGS.map((setting) => ({ value: setting, label: SETTING_NAMES[setting] }))}
          onChoose={(setting) => onSaid({ ...said, setting: setting as typeof said.setting })}
        />
        {onHeads && (
          <NumberField
            label="For how many"
            value={heads}
            low={1}
            high={200}
            digits={0}
            width="5rem"
            onCommit={(n) => n !== null && onHeads(Math.round(n))}
          />
        )}
        <NumberField
          label="Hands at most"
          value={said.mostHandsMin}
          low={1}
          high={600}
          unit="min"
          digits={0}
          mayBeEmpty
          emptySays="any"
          width="5rem"
          onCommit={(mostHandsMin) => onSaid({ ...said, mostHandsMin })}
        />
        {dinner.onSet && <Dinner dinner={dinner} />}
      </Flex>
      <Tick mt="2" on={said.honestOnly} onTick={(honestOnly) => onSaid({ ...said, honestOnly })}>
        an honest vegetable, nothing that stands for meat
      </Tick>
      <Flex gap="3" wrap="wrap" align="flex-end" mt="2">
        <Choice
          label="Protein of the meat"
          width="12rem"
          value={said.protein === "sauce" && said.setting !== "sauce" ? "side" : said.protein}
          options={PROTEIN_WAYS.filter((way) => way !== "sauce" || said.setting === "sauce").map((way) => ({
            value: way,
            label: PROTEIN_NAMES[way],
          }))}
          onChoose={(protein) => onSaid({ ...said, protein: protein as typeof said.protein })}
        />
        <Tick on={said.bringsFat} onTick={(bringsFat) => onSaid({ ...said, bringsFat })}>
          put the fat that leaves in again
        </Tick>
      </Flex>
      {answer && <LiesReady said={said} onSaid={onSaid} answer={answer} textContext={textContext} />}
      {answer && (
        <Text fontSize="sm" color="quiet" mt="2">
          {describeLeaving(answer.leaving, textContext.units)}
          {answer.aim?.nearest && " This kind has no bite of its own in the table: the nearest stands for it."}
        </Text>
      )}
    </Card>
  );
}

/** What lies ready: a block in the freezer, beans that are cooked. A route that can use it takes less time. */
function LiesReady({
  said,
  onSaid,
  answer,
  textContext,
}: Pick<SwapProps, "said" | "onSaid" | "textContext"> & {
  readonly answer: NonNullable<SwapProps["answer"]>;
}) {
  const could = new Map(
    answer.cards.flatMap((c) => c.couldLie.map((state) => [`${c.food} ${state}`, { food: c.food, state }])),
  );
  if (could.size === 0) return null;
  const on = (a: AtHand) => said.atHand.some((b) => b.food === a.food && b.state === a.state);
  // A food lies ready in one way: the other one goes.
  const toggle = (a: AtHand) => {
    const others = said.atHand.filter((b) => b.food !== a.food);
    onSaid({ ...said, atHand: on(a) ? others : [...others, a] });
  };
  return (
    <Box mt="3" role="group" aria-label="What lies ready">
      <Text fontSize="sm" color="quiet" mb="1.5">
        Lies ready
      </Text>
      <Flex gap="1.5" wrap="wrap">
        {[...could.values()].map((a) => (
          <Pill key={`${a.food} ${a.state}`} on={on(a)} onClick={() => toggle(a)}>
            {`${foodName(textContext.foods, a.food)}, ${LIES_NAMES[a.state]}`}
          </Pill>
        ))}
      </Flex>
    </Box>
  );
}

/** When dinner is. */
export function Dinner({ dinner }: Pick<SwapProps, "dinner">) {
  const field = (label: string, type: "date" | "time", value: string, onSet: (v: string) => void) => (
    <Box>
      <chakra.label display="block" fontSize="sm" color="quiet">
        {label}
        <chakra.input
          type={type}
          value={value}
          onChange={(e) => e.target.value !== "" && onSet(e.target.value)}
          display="block"
          mt="1"
          h="10"
          px="2"
          bg="card"
          color="ink"
          fontSize="md"
          borderWidth="1px"
          borderColor="edge"
          rounded="md"
        />
      </chakra.label>
    </Box>
  );
  return (
    <>
      {field("Dinner on", "date", dinner.date, (date) => dinner.onSet?.(date, dinner.time))}
      {field("at", "time", dinner.time, (time) => dinner.onSet?.(dinner.date, time))}
    </>
  );
}

/** Asked above the first route; until there is an answer nothing is called fitting. */
export function WhoMustNot({
  avoids,
  onAvoids,
  people,
}: {
  /** Null until it was asked. */
  readonly avoids: readonly Allergen[] | null;
  readonly onAvoids: (avoids: readonly Allergen[]) => void;
  readonly people: SwapProps["people"];
}) {
  const toggle = (a: Allergen) => {
    const now = avoids ?? [];
    onAvoids(now.includes(a) ? now.filter((x) => x !== a) : [...now, a]);
  };
  if (people.length > 0)
    return (
      <Card p="3" aria-label="Who eats">
        <Text>
          <strong>At the table:</strong>{" "}
          {people.map((p) => (p.avoids === "" ? p.name : `${p.name} (${p.avoids})`)).join(", ")}
        </Text>
      </Card>
    );
  return (
    <Card p="3" aria-label="Anyone who must not eat something?" borderColor={avoids === null ? "turmeric" : "line"}>
      <Text fontWeight="700">Anyone who must not eat something?</Text>
      <Flex gap="1.5" wrap="wrap" mt="2">
        <Pill on={avoids?.length === 0} onClick={() => onAvoids([])}>
          nobody
        </Pill>
        {ALLERGENS.map((a) => (
          <Pill key={a} on={avoids?.includes(a) ?? false} onClick={() => toggle(a)}>
            {`no ${ALLERGEN_NAMES[a]}`}
          </Pill>
        ))}
      </Flex>
    </Card>
  );
}
