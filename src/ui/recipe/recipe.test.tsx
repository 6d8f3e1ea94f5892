import { screen, within } from "@testing-library/react";
import { DEMO_KITCHEN } from "@/demo/household";
import { allFoods } from "@/core/foods/book";
import { answerRecipe, type RecipeAnswer } from "@/core/recipe/answer";
import { ANIMAL_JOBS } from "@/core/recipe/lines/animals";
import type { Decisions } from "@/core/recipe/convert";
import { EGG_USES, type ReplaceReason } from "@/core/recipe/lines/replace";
import type { LineAsk } from "@/core/recipe/lines/settle";
import type { Table } from "@/core/swap/answer";
import { show } from "../__tests__/support";
import { describeAsk, describeHeat, describePuts, describeReason, describeRecipeProblem } from "@/words/recipe";
import { RecipeDesk } from "./RecipeDesk";
import type { RecipeProps } from "./recipeProps";

const TEXT = `Evening pot
500 g stewing beef, cubed
2 tbsp dripping or lard
1 onion
2 eggs
8 oz (500 g) mushrooms
1 tsp asafoetida
1 leak
300 ml beef stock
4 brioche buns
Simmer for 40 minutes. Bake at 200 degrees for 10 minutes.`;
const TABLE: Table = {
  supper: {
    id: "s",
    name: "S",
    serveAt: "2026-11-29T19:00:00.000Z",
    eaters: [],
    guests: 0,
    atHand: [],
    afterMin: {},
    pins: {},
    roomMin: 0,
    madeWith: {},
  },
  kitchen: DEMO_KITCHEN,
  eaters: [],
  foods: [],
  labels: [],
};
const NONE: Decisions = { lines: {}, routes: {}, setting: null, servings: null };
const answered = (text = TEXT, decisions = NONE): RecipeAnswer => {
  const answer = answerRecipe(text, decisions, { table: TABLE, spoons: "metric", availableMin: 1440 });
  if ("kind" in answer) throw new Error(answer.kind);
  return answer;
};
const FOODS = allFoods({ foods: [], labels: [] });
const desk = (answer: RecipeAnswer | null, more: Partial<RecipeProps> = {}) => {
  const byId = new Map([...FOODS, ...(answer?.own ?? [])].map((f) => [f.id, f]));
  const props: RecipeProps = {
    text: "",
    onText: jest.fn(),
    onRead: jest.fn(),
    problem: null,
    reading: false,
    answer,
    before: null,
    choices: {},
    onChoice: jest.fn(),
    onRoute: jest.fn(),
    onSetting: jest.fn(),
    onServings: jest.fn(),
    from: "",
    onFrom: jest.fn(),
    avoids: null,
    onAvoids: jest.fn(),
    people: [],
    dinner: { date: "2026-11-29", time: "19:00", onSet: jest.fn() },
    foods: FOODS,
    textContext: { units: "metric", foods: (id) => byId.get(id) ?? null, part: (id) => id, eater: () => "Ada" },
    onTake: jest.fn(),
    ...more,
  };
  return { props, user: show(<RecipeDesk {...props} />).user };
};

test("before a recipe is read: a field, and a sentence where it is none", async () => {
  const { props, user } = desk(null, { problem: describeRecipeProblem({ kind: "no-ingredients" }) });
  await user.type(screen.getByLabelText("The recipe"), "x");
  expect(props.onText).toHaveBeenCalledWith("x");
  expect(screen.getByRole("alert")).toHaveTextContent("no ingredient was found");
  await user.click(screen.getByRole("button", { name: "Read it" }));
  expect(props.onRead).toHaveBeenCalledTimes(1);
});

test("each line stands beside what becomes of it, with the reason", async () => {
  desk(answered());
  const lines = within(await screen.findByRole("list", { name: "Lines of the recipe" }));
  const row = (text: string) => lines.getByText(text).closest("li") as HTMLElement;
  expect(row("500 g stewing beef, cubed")).toHaveTextContent("beef, chunks: a route takes its place");
  expect(row("300 ml beef stock")).toHaveTextContent("300 g vegetable stock");
  expect(row("300 ml beef stock")).toHaveTextContent("taste its salt");
  expect(row("1 onion")).toHaveTextContent("110 g onion");
  expect(row("4 brioche buns")).toHaveTextContent("label has to be read");
});

test("what is open is asked beside its line; a line without an amount comes along and is told", async () => {
  const { props, user } = desk(answered());
  const beef = await screen.findByRole("radiogroup", { name: /^Routes for 500 g stewing beef/ });
  await user.click(screen.getByRole("button", { name: "Put it on the Bench" }));
  expect(props.onTake).toHaveBeenCalledTimes(1);
  expect(
    screen.getByText("1 line without an amount: it comes along, and the Bench asks how much."),
  ).toBeInTheDocument();

  await user.type(screen.getByLabelText("Amount of 8 oz (500 g) mushrooms"), "500{Enter}");
  expect(props.onChoice).toHaveBeenLastCalledWith(4, { massG: 500 });
  await user.selectOptions(screen.getByLabelText("Which of 2 tbsp dripping or lard"), "lard");
  expect(props.onChoice).toHaveBeenLastCalledWith(1, { which: 1 });
  await user.selectOptions(screen.getByLabelText("What the egg does: 2 eggs"), "is eaten as egg");
  expect(props.onChoice).toHaveBeenLastCalledWith(3, { eggUse: "itself" });
  await user.click(screen.getByRole("button", { name: "Yes, 1 leak is read right" }));
  expect(props.onChoice).toHaveBeenLastCalledWith(6, { looked: true });
  await user.click(screen.getByRole("button", { name: "Leave out 4 brioche buns" }));
  expect(props.onChoice).toHaveBeenLastCalledWith(8, { leaveOut: true });
  await user.click(screen.getByRole("button", { name: "Choose what 1 tsp asafoetida is" }));
  expect(screen.getByRole("combobox", { name: "What 1 tsp asafoetida is" })).toBeInTheDocument();

  await user.click(within(beef).getAllByRole("radio")[1] as HTMLElement);
  expect(props.onRoute).toHaveBeenCalledWith(0, expect.any(String));
  await user.selectOptions(screen.getByLabelText("The meat comes"), "dry and crisp");
  expect(props.onSetting).toHaveBeenCalledWith("dry");
  expect(screen.getByText(/°C or °F is not said/)).toBeInTheDocument();
  await user.click(screen.getByRole("button", { name: "no soy" }));
  expect(props.onAvoids).toHaveBeenCalledWith(["soy"]);
});
test("settled, it goes to the Bench; a recipe that was here before says so", async () => {
  const decisions = { ...NONE, lines: { 4: { massG: 500 } } };
  const { props, user } = desk(answered(TEXT, decisions), { before: "Evening pot", avoids: [] });
  await user.click(await screen.findByRole("button", { name: "Put it on the Bench" }));
  expect(props.onTake).toHaveBeenCalledTimes(1);
  expect(screen.getByText(/turned this recipe over before/)).toBeInTheDocument();
  await user.click(screen.getByRole("button", { name: "Another recipe" }));
  expect(props.onText).toHaveBeenCalledWith("");
});

test("every reason and question speaks", () => {
  const reasons: ReplaceReason[] = [
    ...ANIMAL_JOBS.filter((j) => j !== "egg"),
    ...EGG_USES.map((u) => `egg-${u}` as const),
    "butter-fried",
    "buttermilk",
    "sour-cream",
    "noodles",
  ] as ReplaceReason[];
  for (const reason of reasons) expect(describeReason(reason)).toMatch(/^[a-z].{5,}[a-z]$/);
  const asks: LineAsk[] = [
    { kind: "amount" },
    { kind: "two-amounts", first: "8 oz", second: "500 g" },
    { kind: "unknown-food", words: "x" },
    { kind: "look" },
    { kind: "alternatives", of: ["a", "b"] },
    { kind: "egg-use" },
    { kind: "label", words: "x" },
  ];
  for (const ask of asks) expect(describeAsk(ask)).toMatch(/[.?]$/);
  expect(describeHeat({ tempC: 180, from: "gas 4" }, "us")).toBe("gas 4: 356 °F");
  expect(describeHeat({ tempC: null, from: "200C/350F", why: "contradicts" }, "metric")).toContain(
    "contradicts itself",
  );
  const put = { food: "olive-oil", words: "oil", massG: { low: 13, likely: 14, high: 15 }, byTaste: false };
  const context = {
    units: "us",
    foods: (id: string) => FOODS.find((f) => f.id === id) ?? null,
    part: (id: string) => id,
    eater: () => "",
  } as const;
  expect(describePuts([put, { ...put, food: null, words: "dust", massG: null }], context)).toBe(
    "1 tbsp olive oil and dust",
  );
  expect(describePuts([{ ...put, food: "salt", byTaste: true }], context)).toBe("salt, to taste");
});
