"use client";

import { Box, chakra, Flex, Grid, Heading, Stack, Text } from "@chakra-ui/react";
import { SETTINGS, type Setting } from "@/core/bite/targets";
import type { RecipeAnswer } from "@/core/recipe/answer";
import { openMeats, unsaidLines } from "@/core/recipe/lines/open";
import { Card, Do, Quiet, Remark } from "../frame/controls";
import { Choice, NumberField, TextField } from "../frame/fields";
import { Dinner, WhoMustNot } from "../swap/Details";
import { counted } from "@/words/count";
import { describeHeat, describeSentence, describeUnplaced } from "@/words/recipe";
import { SETTING_NAMES } from "@/words/swapNames";
import { MeatRoutes } from "./MeatRoutes";
import { RecipeLines } from "./RecipeLines";
import type { RecipeProps } from "./recipeProps";

/** A recipe that was read: its lines on the left, who eats and the routes of its meats on the right. */
export function TurnedOver(props: RecipeProps & { readonly answer: RecipeAnswer }) {
  const { answer, before, onServings, onSetting, textContext } = props;
  const { recipe, setting, meats } = answer;
  const asked = recipe.method.flatMap((m) => m.heats).filter((h) => h.tempC === null);
  return (
    <Grid
      templateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 1fr) minmax(0, 27rem)" }}
      gap="5"
      alignItems="start"
    >
      <Card>
        <Flex justify="space-between" gap="3" align="flex-start" wrap="wrap">
          <Heading as="h2" fontSize="2xl" overflowWrap="anywhere" flex="1" minW="12rem">
            {recipe.name}
          </Heading>
          <Quiet onClick={() => props.onText("")}>Another recipe</Quiet>
        </Flex>
        {answer.cameBack === true && (
          <Remark tone="plain" mt="2">
            This was written by Jade Pan: the dish comes back whole, with every step as it was.
          </Remark>
        )}
        {before !== null && (
          <Remark tone="watch" mt="2">
            You have turned this recipe over before: {before}.
          </Remark>
        )}
        <Flex gap="3" mt="3" wrap="wrap" align="flex-end">
          <NumberField
            label={recipe.servings === null ? "For how many? It does not say." : "It is for"}
            value={answer.dish.servings}
            low={1}
            high={100}
            digits={0}
            unit="eaters"
            width="5rem"
            onCommit={(n) => n !== null && onServings(Math.round(n))}
          />
          {meats.length > 0 && (
            <Choice
              label="The meat comes"
              width="11rem"
              value={setting}
              options={SETTINGS.map((s) => ({ value: s, label: SETTING_NAMES[s] }))}
              onChoose={(s) => onSetting(s as Setting)}
            />
          )}
        </Flex>
        <Box mt="3" maxW="28rem">
          <TextField label="Where it is from" value={props.from} mayBeEmpty onCommit={props.onFrom} />
        </Box>
        <Box mt="4">
          <RecipeLines {...props} />
        </Box>
        <Method {...props} />
        {asked.map((heat) => (
          <Remark key={heat.from} tone="watch" mt="2">
            {describeHeat(heat, textContext.units)}
          </Remark>
        ))}
      </Card>
      <Stack gap="3" minW="0">
        <WhoMustNot people={props.people} avoids={props.avoids} onAvoids={props.onAvoids} />
        {meats.map((meat) => (
          <MeatRoutes key={`${meat.line}-${meat.meat.form}-${meat.meat.kind}`} {...props} meat={meat} />
        ))}
        {meats.length === 0 && (
          <Remark tone="plain">
            No meat or fish with an amount is on the list. What else came from animals is replaced line by line.
          </Remark>
        )}
        <Finish {...props} />
      </Stack>
    </Grid>
  );
}

/** The method as it was given, with what was read of it. */
function Method({ answer }: RecipeProps & { readonly answer: RecipeAnswer }) {
  const { method, aside } = answer.recipe;
  const { parts } = answer.dish;
  const open = answer.sentences.filter((s) => s.told === "open").length;
  if (method.length === 0 && aside.length === 0) return null;
  return (
    <Box mt="5">
      {method.length > 0 && (
        <>
          <Heading as="h3" fontSize="md">
            Its method
          </Heading>
          <chakra.ol ps="6" mt="1" fontSize="sm" listStyleType="decimal">
            {method.map((m, i) => (
              <chakra.li key={i} py="1" overflowWrap="anywhere">
                <chakra.span textDecoration={answer.sentences[i]?.told === "with-meat" ? "line-through" : undefined}>
                  {m.text}
                </chakra.span>
                <Text
                  color={answer.sentences[i]?.told === "open" ? undefined : "quiet"}
                  fontWeight={answer.sentences[i]?.told === "open" ? "600" : undefined}
                >
                  {describeSentence(answer.sentences[i], parts)}
                </Text>
              </chakra.li>
            ))}
          </chakra.ol>
          {answer.unplaced.length > 0 && (
            <Remark tone="watch" mt="2">
              {describeUnplaced(answer.unplaced.map((at) => answer.recipe.lines[at]?.text ?? ""))}
            </Remark>
          )}
          <Text fontSize="sm" color="quiet" mt="1">
            {open === 0
              ? "Every sentence has become steps, goes with the meat, or is no cooking. Look the steps through on the Bench."
              : `${counted(open, "sentence")} nobody has put into a step. See to it on the Bench.`}
          </Text>
        </>
      )}
      {aside.length > 0 && (
        <chakra.details mt="2" fontSize="sm" color="quiet">
          <chakra.summary cursor="pointer" minH={{ base: "11", md: "9" }} display="flex" alignItems="center">
            {counted(aside.length, "line")} left aside
          </chakra.summary>
          {aside.map((line, i) => (
            <Text key={i} overflowWrap="anywhere">
              {line}
            </Text>
          ))}
        </chakra.details>
      )}
    </Box>
  );
}

function Finish(props: RecipeProps & { readonly answer: RecipeAnswer }) {
  const open = openMeats(props.answer.settled).length;
  const unsaid = unsaidLines(props.answer.settled).length;
  const without = props.answer.meats.filter((m) => m.taken === null).length;
  const ready = open === 0 && without === 0;
  return (
    <Card p="4" aria-label="Dinner">
      <Flex gap="3" wrap="wrap" align="flex-end">
        <Dinner dinner={props.dinner} />
      </Flex>
      {open > 0 && (
        <Text fontSize="sm" color="turmeric" fontWeight="600" mt="3">
          {counted(open, "line")} of meat still {open === 1 ? "needs" : "need"} an amount. Say how much, or leave{" "}
          {open === 1 ? "it" : "them"} out.
        </Text>
      )}
      {unsaid > 0 && (
        <Text fontSize="sm" color="turmeric" mt="3">
          {counted(unsaid, "line")} without an amount: {unsaid === 1 ? "it comes" : "they come"} along, and the Bench
          asks how much.
        </Text>
      )}
      {without > 0 && (
        <Text fontSize="sm" color="turmeric" fontWeight="600" mt="3">
          No route fits for {counted(without, "meat")}. Show all and choose one all the same, or leave the line out.
        </Text>
      )}
      <Do mt="3" w="100%" aria-disabled={!ready} opacity={ready ? 1 : 0.55} onClick={() => ready && props.onTake()}>
        Put it on the Bench
      </Do>
    </Card>
  );
}
