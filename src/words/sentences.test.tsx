/**
 * Every sentence that the demo dishes, the routes of every form and the cases from practice make a cook read, once each, numbers
 * aside, as last approved (`npm run approve`): to be read in one go by somebody who speaks the language.
 */
import { join } from "node:path";
import { OWN_CASES, PRACTICE_CASES, inputOf as inputOfCase } from "@/core/checks/__tests__/practiceCases";
import { approved } from "@/core/checks/__tests__/approved";
import { inputOf } from "@/core/__tests__/supper";
import { MEAT_FORMS } from "@/core/dish/meat";
import { openBook } from "@/core/foods/book";
import { judge } from "@/core/judge";
import { plan, type PlanInput } from "@/core/plan";
import { newMemory } from "@/core/quantities/memory";
import { table } from "@/core/recipe/__tests__/table";
import { answersTo } from "@/core/swap/answer";
import { DEMO_DISHES, DEMO_KITCHEN } from "@/demo/household";
import { describeCaution } from "./cautions";
import { describeFact } from "./facts";
import { describeFailure } from "./failures";
import { describeStep } from "./stepText";
import type { TextContext } from "./words";

const memory = newMemory();
const routes = MEAT_FORMS.flatMap((form) => {
  const kind = ["fillet", "battered"].includes(form) ? "white-fish" : "beef";
  const asked = { form, kind, words: "", rawG: 500, setting: "sauce", availableMin: 2000, mostHandsMin: null } as const;
  return answersTo(
    { ...asked, honestOnly: false, protein: "plate", bringsFat: false },
    { ...table, kitchen: DEMO_KITCHEN },
    new Map(),
    memory,
  ).answers.map((answer) => answer.dish);
});
const inputs: PlanInput[] = [
  ...[...DEMO_DISHES, ...routes].map((dish) => inputOf([dish])),
  ...[...PRACTICE_CASES, ...OWN_CASES].map(inputOfCase),
];

/** What a cook reads of one supper, each with the place it stands in. */
function saidOf(input: PlanInput): string[] {
  const { food } = openBook(input);
  const parts = input.supper.dishes.flatMap((d) => d.parts);
  const context: TextContext = {
    units: "metric",
    foods: food,
    part: (id) => parts.find((p) => p.id === id)?.name ?? "part",
    eater: () => "Ada",
  };
  const planned = plan(input, { memory });
  const rows = planned.dishes.flatMap((d) =>
    d.parts.flatMap((part) => part.rows.map((row) => [part.name, row] as const)),
  );
  return [
    ...rows.flatMap(([part, row]) => {
      if (row.state === "blocked") return [`cannot: ${describeFailure(row.failure, context)}`];
      if (row.state !== "computed") return [];
      const { title, does, why } = describeStep(row, part, null, context);
      const facts = row.outcome.facts.map((fact) => `told: ${describeFact(fact, context).says}`);
      return [
        `title: ${title}`,
        `${row.step.kind}: ${does}`,
        ...(why === "" ? [] : [`${row.step.kind}, why: ${why}`]),
        ...facts,
      ];
    }),
    ...judge(input, planned, null).map((caution) => `mind: ${describeCaution(caution, context)}`),
  ];
}
/** The same sentence with other numbers is the same sentence. */
const shapeOf = (said: string) => said.replace(/[\d½¼¾⅓⅔⅛.,–]+/g, "#");

const first = new Map<string, string>();
for (const said of inputs.flatMap(saidOf)) if (!first.has(shapeOf(said))) first.set(shapeOf(said), said);
const sentences = [...first.values()].sort();

test("every sentence stands as it was approved", () => {
  const file = join(__dirname, "sentences.txt");
  expect(sentences).toEqual(
    approved(file, `${sentences.join("\n")}\n`)
      .trimEnd()
      .split("\n"),
  );
});
test("none has a hole, an unknown word of the code, or nothing to say", () => {
  const faults = sentences.filter((s) =>
    /undefined|null|NaN|Infinity|\[object|  | \.|\.\.|^\S+: $|: \.$|\b1 (?:pieces|batches|times|eggs|slices)\b/.test(s),
  );
  expect(faults).toEqual([]);
});
