import { convert, readFor } from "@/core/recipe/convert";
import { table } from "@/core/recipe/__tests__/table";
import { newMemory } from "@/core/quantities/memory";
import { describeRecipeProblem } from "@/words/recipe";
import type { Dice } from "./chance";
import { type Row, Tally } from "./report";

const WORDS =
  'mince beef onion 500 g ½ tbsp of and, or; fry simmer 8 minutes tin (400 g) chicken stock butter 1-2 °C <b> \u202e [x] {"@type" serves 4 . – egg without'.split(
    " ",
  );
/** Texts of chance in every length: read, or refused with a sentence; never beyond what a recipe has, never an exception. */
export function recipes(dice: Dice, count: number, withinMs: number | null): Row {
  const tally = new Tally("texts that are no recipes");
  const memory = newMemory();
  let slowestMs = 0;
  for (let n = 0; n < count; n++) {
    const [lines, words] = [1 + dice.below(dice.one([5, 50, 2000])), 1 + dice.below(dice.one([6, 40, 400]))];
    const line = () => Array.from({ length: words }, () => dice.one(WORDS)).join(" ");
    const one = dice.next() < 0.3 ? line() : null;
    const text = Array.from({ length: lines }, () => one ?? line())
      .join("\n")
      .slice(0, 99_000);
    const from = performance.now();
    try {
      const read = readFor(text, table, "metric");
      if ("kind" in read) tally.note(/\.$/.test(describeRecipeProblem(read)) ? null : `no sentence for ${read.kind}`);
      else {
        const decided = { lines: {}, routes: {}, setting: null, servings: null };
        convert(read, decided, { table, availableMin: null, memory });
        tally.note(null);
      }
    } catch (e) {
      tally.note(`an exception: ${String(e).slice(0, 120)}`);
    }
    const took = performance.now() - from;
    slowestMs = Math.max(slowestMs, took);
    if (withinMs !== null && took > withinMs)
      tally.note(`${lines} lines of ${words} words took ${Math.round(took)} ms`);
  }
  return tally.row(`read or refused with a sentence, the slowest in ${Math.round(slowestMs)} ms`);
}
