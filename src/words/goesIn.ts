import { totalG } from "@/core/process/contents";
import type { Input } from "@/core/process/ledger";
import { writeMass } from "@/core/quantities/write";
import { list } from "./count";
import { type Computed } from "./stepSaid";
import { amountInText, foodInText, type TextContext } from "./words";

/** "30 g mustard, 10 g vinegar and the strips (305 g)", in the order in which it goes in. */
export const describeWhatGoesIn = (row: Computed, textContext: TextContext): string =>
  describeInputs(row, textContext, () => true);

/** Those of the things that go in which are asked for, in a list. */
export function describeInputs(row: Computed, textContext: TextContext, which: (c: Input) => boolean): string {
  const { units, foods } = textContext;
  // Nobody weighs a hundredth of a gram.
  const wanted = row.outcome.inputs.filter((c) => which(c) && !(c.from === "food" && c.massG > 0 && c.massG < 0.05));
  const liquors = wanted.filter((c) => c.from === "liquor").map((c) => writeMass(totalG(c.contents), units));
  const things = wanted.flatMap((c, i) => {
    switch (c.from) {
      case "food":
        // Nobody said how much: no "0 g".
        if (c.massG === 0) return [`${foodInText(foods, c.food)} (no amount yet)`];
        return [`${amountInText(textContext, c.food, c.massG)} ${foodInText(foods, c.food)}`];
      case "part":
        return [`the ${lower(textContext.part(c.part))} (${writeMass(totalG(c.contents), units)})`];
      case "liquor":
        // Several are told at the place of the first.
        if (wanted.findIndex((other) => other.from === "liquor") !== i) return [];
        return [liquors.length === 1 ? `${liquors[0]} of the liquor kept` : `${list(liquors)} of the liquors kept`];
      case "step":
        return [];
    }
  });
  return list(things);
}
/** A part as it is called inside a sentence: without its capital, and without an article of its own. */
export const lower = (name: string) => {
  const bare = name.replace(/^the /i, "");
  return bare.charAt(0).toLowerCase() + bare.slice(1);
};
