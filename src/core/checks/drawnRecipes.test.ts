/** Recipes drawn by chance, each told by digests of all that the core says of it: see `__tests__/drawn`. */
import { readFileSync } from "node:fs";
import { join } from "node:path";
import { newMemory } from "../quantities/memory";
import { SETTINGS } from "../bite/targets";
import { FOODS } from "../foods/table";
import { answerRecipe } from "../recipe/answer";
import { EGG_USES } from "../recipe/lines/replace";
import { table } from "../recipe/__tests__/table";
import { digest, Draw, drawnSupper, seeds, stays } from "./__tests__/drawn";
import { many } from "../__tests__/proof";

/** Lines of the corpus, some with other numbers, as a recipe with a method. */
function drawnRecipe(d: Draw, lines: readonly string[], methods: readonly string[]): string {
  const number = () => d.one(["1", "2", "½", "1 1/2", "3-4", "250", "0.5", "12", "1½–2"]);
  const said = Array.from({ length: d.whole(3, 12) }, () => {
    const line = d.one(lines);
    return d.chance(0.25) ? line.replace(/\d[\d.,/]*/, number()) : line;
  });
  const how = Array.from({ length: d.whole(1, 4) }, () => d.one(methods));
  return [`Supper ${d.whole(1, 99)}`, `Serves ${d.whole(1, 12)}`, "Ingredients", ...said, "Method", ...how].join("\n");
}
test("drawn recipes turned over, with drawn decisions", () => {
  const read = (name: string) => readFileSync(join(__dirname, name), "utf8").split("\n");
  const lines = read("recipe-lines.txt").flatMap((l) =>
    l === "" || l.startsWith("#") ? [] : [l.split(" | ")[0] as string],
  );
  const methods = read("recipes.txt").filter((l) => /[.]$/.test(l) && l.length > 30 && !l.startsWith("#"));
  const memory = newMemory();
  const now = seeds(many(20, 110)).map((seed) => {
    const d = new Draw(5000 + seed);
    const text = drawnRecipe(d, lines, methods);
    const choice = () => ({
      ...(d.chance(0.2) ? { leaveOut: true } : {}),
      ...(d.chance(0.3) ? { massG: d.whole(5, 600) } : {}),
      ...(d.chance(0.2) ? { food: d.one(FOODS).id } : {}),
      ...(d.chance(0.3) ? { eggUse: d.one(EGG_USES) } : {}),
      ...(d.chance(0.3) ? { which: d.whole(0, 3) } : {}),
    });
    const decisions = {
      lines: Object.fromEntries(
        d
          .some(
            Array.from({ length: 12 }, (_, i) => i),
            0.3,
          )
          .map((i) => [i, choice()]),
      ),
      routes: {},
      setting: d.chance(0.3) ? d.one(SETTINGS) : null,
      servings: d.chance(0.3) ? d.whole(1, 9) : null,
    };
    const { kitchen, eaters } = drawnSupper(seed);
    const spoons = d.one(["metric", "us", "imperial", "au"] as const);
    const around = { table: { ...table, kitchen, eaters }, spoons, availableMin: d.chance(0.5) ? 300 : null, memory };
    const answer = answerRecipe(text, decisions, around);
    if ("kind" in answer) return `${seed} ${answer.kind}`;
    const { recipe, ...rest } = answer;
    return `${seed} ${digest(recipe)} ${digest(rest)}`;
  });
  stays("drawn-recipes.txt", now);
});
