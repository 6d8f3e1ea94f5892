"use client";

import { Box, Stack, Text } from "@chakra-ui/react";
import { useState } from "react";
import { headCount, linesOf } from "@/core/dish/dish";
import { factorForGrams, factorForTin, gramsOf, type ScaleFailure } from "@/core/dish/scale";
import { writeMass } from "@/core/quantities/write";
import type { Result } from "@/core/quantities/result";
import { Quiet, Remark } from "../frame/controls";
import { Choice, NumberField } from "../frame/fields";
import { foodName } from "@/words/words";
import type { BenchProps } from "./benchProps";

export interface ScaleProps extends Pick<BenchProps, "dish" | "supper" | "kitchen" | "textContext"> {
  readonly onScale: (factor: number, says: string) => void;
}
/** Makes more or less of a dish from what is in hand or by the tin; eaters scale it by themselves. */
export function ScaleWays({ dish, supper, kitchen, textContext, onScale }: ScaleProps) {
  const factor = Math.max(1, headCount(supper)) / dish.servings;
  const foods = [...new Set(linesOf(dish).flatMap(({ line }) => (line.kind === "food" ? [line.food] : [])))].sort(
    (a, b) => gramsOf(dish, b) - gramsOf(dish, a),
  );
  const [food, setFood] = useState("");
  const [from, setFrom] = useState("");
  const [problem, setProblem] = useState<string | null>(null);
  const chosen = foods.includes(food) ? food : foods.find((f) => f !== "water");
  const { tins } = kitchen;
  const fromTin = tins.find((t) => t.id === from) ?? tins[0];
  if (!chosen) return null;
  const name = foodName(textContext.foods, chosen);
  const apply = (scaled: Result<number, ScaleFailure>, says: string) => {
    if (scaled.ok) {
      setProblem(null);
      return onScale(scaled.value, says);
    }
    setProblem(
      scaled.failure.kind === "not-in-dish"
        ? `${name} is not in this dish. Choose a food that is.`
        : `That is ${scaled.failure.factor.toFixed(1)} times the dish: more than ten or less than a tenth of it cooks as another dish. Nothing was changed.`,
    );
  };
  return (
    <Stack gap="2" pt="1">
      <Choice
        label="I have of this"
        value={chosen}
        options={foods.map((f) => ({ value: f, label: foodName(textContext.foods, f) }))}
        onChoose={setFood}
      />
      <NumberField
        key={chosen}
        label={`${name}, grams in hand`}
        value={Math.round(gramsOf(dish, chosen) * factor)}
        low={1}
        high={100_000}
        unit="g"
        digits={0}
        onCommit={(n) =>
          n !== null && apply(factorForGrams(dish, chosen, n, factor), `${writeMass(n, textContext.units)} ${name}`)
        }
      />
      {fromTin && tins.length > 1 && (
        <>
          <Choice
            label="Written for the tin"
            value={fromTin.id}
            options={tins.map((t) => ({ value: t.id, label: t.name }))}
            onChoose={setFrom}
          />
          <Box>
            <Text color="quiet" mb="1">
              Make it for
            </Text>
            <Stack gap="1">
              {tins
                .filter((t) => t.id !== fromTin.id)
                .map((t) => (
                  <Quiet
                    key={t.id}
                    minH="10"
                    px="3"
                    fontSize="sm"
                    onClick={() => apply(factorForTin(fromTin, t), t.name)}
                  >
                    {t.name}
                  </Quiet>
                ))}
            </Stack>
          </Box>
        </>
      )}
      {problem && (
        <Remark tone="watch" role="alert">
          {problem}
        </Remark>
      )}
      <Text color="quiet">
        Grams scale. Minutes by the size of a piece, batches, steam from an open pan, chilli and machine bowls do not.
      </Text>
    </Stack>
  );
}
