"use client";

import { Box, chakra, Flex, Heading, Text } from "@chakra-ui/react";
import { Undo2, X } from "lucide-react";
import { useState } from "react";
import type { RecipeAnswer } from "@/core/recipe/answer";
import { EGG_USES, type EggUse } from "@/core/recipe/lines/replace";
import { isOpen } from "@/core/recipe/lines/open";
import type { LineAsk, LineChoice, Settled } from "@/core/recipe/lines/settle";
import { GRAMS_PER_OUNCE } from "@/core/quantities/units";
import { IconDo, Quiet } from "../frame/controls";
import { Choice, NumberField } from "../frame/fields";
import { FoodSearch } from "../foods/FoodSearch";
import { describeAsk, describeReason, describeSettled, EGG_USE_NAMES } from "@/words/recipe";
import type { RecipeProps } from "./recipeProps";

type Props = RecipeProps & { readonly answer: RecipeAnswer };

/** The list of the recipe: as it was given, and beside it what becomes of each line. */
export function RecipeLines(props: Props) {
  const { answer } = props;
  const bySettled = new Map(answer.settled.map((s) => [s.line, s]));
  return (
    <chakra.ul listStyleType="none" aria-label="Lines of the recipe">
      {answer.recipe.lines.map((line, i) => {
        const settled = bySettled.get(i);
        if (line.kind !== "ingredient" || settled === undefined)
          return (
            <chakra.li key={i} pt="4" pb="1">
              {line.kind === "heading" ? (
                <Heading as="h3" fontSize="md">
                  {line.text}
                </Heading>
              ) : (
                <Text color="quiet" fontSize="sm">
                  {line.text}
                </Text>
              )}
            </chakra.li>
          );
        return (
          <Line
            key={i}
            {...props}
            text={line.text}
            ofMethod={line.ofMethod === true}
            settled={settled}
            choice={props.choices[i] ?? {}}
          />
        );
      })}
    </chakra.ul>
  );
}

const EDGE = { kept: "line", replaced: "jade", meat: "jade", "left-out": "line" } as const;

function Line({
  text,
  ofMethod,
  settled,
  choice,
  answer,
  textContext,
  onChoice,
  ...props
}: Props & { text: string; ofMethod: boolean; settled: Settled; choice: LineChoice }) {
  const { line, state, asks } = settled;
  const covered = answer.covered.includes(line);
  const open = asks.some(isOpen);
  const isOut = settled.instead?.optional === true ? settled.instead.out : choice.leaveOut === true;
  const choose = (more: LineChoice) => onChoice(line, { ...choice, ...more });
  return (
    <chakra.li
      display="grid"
      gridTemplateColumns={{ base: "minmax(0, 1fr)", md: "minmax(0, 5fr) minmax(0, 7fr)" }}
      columnGap="4"
      rowGap="1"
      py="2"
      ps="3"
      borderTopWidth="1px"
      borderColor="line"
      borderStartWidth="4px"
      borderStartColor={asks.length > 0 ? "turmeric" : EDGE[state]}
    >
      <Text
        color={state === "kept" ? "ink" : "quiet"}
        textDecoration={state === "left-out" || isOut || covered ? "line-through" : undefined}
        overflowWrap="anywhere"
      >
        {text}
        {ofMethod && (
          <Text as="span" display="block" fontSize="sm" color="quiet">
            named in the method, not on the list
          </Text>
        )}
      </Text>
      <Box minW="0">
        <Flex gap="2" justify="space-between" align="flex-start">
          <Box minW="0">
            <Text fontWeight={state === "replaced" || state === "meat" ? "600" : "400"}>
              {describeSettled(settled, covered, textContext)}
            </Text>
            {!covered &&
              settled.reasons.map((reason) => (
                <Text key={reason} fontSize="sm" color="quiet">
                  {describeReason(reason)}
                </Text>
              ))}
          </Box>
          <IconDo
            label={isOut ? `Take ${text} in again` : `Leave out ${text}`}
            minW={{ base: "11", md: "9" }}
            h={{ base: "11", md: "9" }}
            flexShrink={0}
            onClick={() => choose({ leaveOut: !isOut })}
          >
            {isOut ? <Undo2 size={17} /> : <X size={17} />}
          </IconDo>
        </Flex>
        {!covered &&
          asks.map((ask, i) => (
            <Ask
              key={`${ask.kind}-${i}`}
              ask={ask}
              text={text}
              choose={choose}
              choice={choice}
              foods={props.foods}
              units={textContext.units}
              open={open}
            />
          ))}
      </Box>
    </chakra.li>
  );
}

interface AskProps {
  readonly ask: LineAsk;
  readonly text: string;
  readonly choice: LineChoice;
  readonly choose: (choice: LineChoice) => void;
  readonly foods: RecipeProps["foods"];
  readonly units: RecipeProps["textContext"]["units"];
  readonly open: boolean;
}
/** A question of a line with its answers beside it. */
function Ask(props: AskProps) {
  const { ask } = props;
  return (
    <Flex gap="2" mt="1" align="center" wrap="wrap">
      <Text fontSize="sm" color="turmeric" fontWeight={isOpen(ask) ? "700" : "500"}>
        {describeAsk(ask)}
      </Text>
      <Answers {...props} />
    </Flex>
  );
}
function Answers({ ask, text, choice, choose, foods, units }: AskProps) {
  const gramsEach = units === "us" ? GRAMS_PER_OUNCE : 1;
  switch (ask.kind) {
    case "amount":
    case "two-amounts":
      return (
        <NumberField
          label={`Amount of ${text}`}
          hideLabel
          value={choice.massG === undefined ? null : choice.massG / gramsEach}
          low={0.1 / gramsEach}
          high={20_000 / gramsEach}
          unit={units === "us" ? "oz" : "g"}
          digits={units === "us" ? 2 : 1}
          mayBeEmpty
          emptySays="?"
          width="5.5rem"
          onCommit={(n) => n !== null && choose({ massG: n * gramsEach })}
        />
      );
    case "unknown-food":
      return foods === null ? null : <Known text={text} foods={foods} choose={choose} />;
    case "look":
    case "words":
      return (
        <>
          <Quiet
            minH={{ base: "11", md: "9" }}
            px="3"
            fontSize="sm"
            onClick={() => choose({ looked: true })}
            aria-label={`Yes, ${text} is read right`}
          >
            Yes
          </Quiet>
          {foods !== null && <Known text={text} foods={foods} choose={choose} />}
        </>
      );
    case "alternatives":
      return (
        <Choice
          label={`Which of ${text}`}
          hideLabel
          width="11rem"
          value={String(choice.which ?? "")}
          options={[{ value: "", label: "choose" }, ...ask.of.map((words, i) => ({ value: String(i), label: words }))]}
          onChoose={(which) => which !== "" && choose({ which: Number(which) })}
        />
      );
    case "egg-use":
      return (
        <Choice
          label={`What the egg does: ${text}`}
          hideLabel
          width="13rem"
          value={choice.eggUse ?? ""}
          options={[
            { value: "", label: "choose: it binds until then" },
            ...EGG_USES.map((use) => ({ value: use, label: EGG_USE_NAMES[use] })),
          ]}
          onChoose={(use) => use !== "" && choose({ eggUse: use as EggUse })}
        />
      );
    case "label":
    case "optional":
      return null;
  }
}
/** What a name is that nobody knows: a food of the table, found by typing. */
function Known({
  text,
  foods,
  choose,
}: {
  text: string;
  foods: NonNullable<RecipeProps["foods"]>;
  choose: AskProps["choose"];
}) {
  const [looking, setLooking] = useState(false);
  if (!looking)
    return (
      <Quiet
        minH={{ base: "11", md: "9" }}
        px="3"
        fontSize="sm"
        onClick={() => setLooking(true)}
        aria-label={`Choose what ${text} is`}
      >
        Choose what it is
      </Quiet>
    );
  return (
    <Box minW="14rem">
      <FoodSearch
        label={`What ${text} is`}
        value=""
        foods={foods}
        onClose={() => setLooking(false)}
        onChoose={(food) => {
          setLooking(false);
          choose({ food, looked: true });
        }}
      />
    </Box>
  );
}
