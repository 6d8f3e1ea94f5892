import { screen, within } from "@testing-library/react";
import { DEMO_KITCHEN } from "@/demo/household";
import { openBook } from "@/core/foods/book";
import { biteOf, type Eight, target } from "@/core/bite/targets";
import { answersTo, type Table } from "@/core/swap/answer";
import { cardsOf } from "@/core/swap/card";
import { show } from "../__tests__/support";
import { describeAsks, describeCautions, describeGaps, describeHolds, describeLead, describeOut } from "@/words/swap";
import { describeBite, describeMeat } from "@/words/swapNames";
import { SHOWN, SwapDesk } from "./SwapDesk";
import { describePlace } from "@/words/swap";
import { describeAskedOtherwise } from "@/words/swapNames";
import type { Said, SwapProps } from "./swapProps";

const TABLE: Table = {
  supper: {
    id: "s",
    name: "S",
    serveAt: "2026-11-29T19:00:00.000Z",
    eaters: [],
    guests: 4,
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
const found = answersTo(
  {
    form: "strips",
    kind: "beef",
    words: "600 g",
    rawG: 600,
    setting: "dry",
    availableMin: 600,
    mostHandsMin: null,
    honestOnly: false,
    protein: "plate",
    bringsFat: false,
  },
  TABLE,
);
const answer = cardsOf(found, TABLE);
const textContext = {
  units: "metric",
  foods: openBook({ foods: [], labels: [] }).food,
  part: (id: string) => id,
  eater: () => "Ada",
} as const;
const said: Said = {
  form: "strips",
  kind: "beef",
  massG: 600,
  weighed: "raw",
  setting: "dry",
  honestOnly: false,
  protein: "plate",
  bringsFat: false,
  atHand: [],
  mostHandsMin: null,
  avoids: null,
  rater: null,
};
const desk = (more: Partial<SwapProps> = {}) => {
  const props: SwapProps = {
    said,
    onSaid: jest.fn(),
    people: [],
    heads: 4,
    onHeads: jest.fn(),
    dinner: { date: "2026-11-29", time: "19:00", onSet: jest.fn() },
    raters: [],
    rater: null,
    answer,
    moved: null,
    target: null,
    behind: false,
    textContext,
    begin: () => "17:05",
    prices: new Map(),
    onPrice: jest.fn(),
    onTake: jest.fn(),
    others: [{ says: "Start from nothing", onPress: jest.fn() }],
    title: "What is leaving the pan?",
    ...more,
  };
  return { props, ...show(<SwapDesk {...props} />) };
};
const last = (f: unknown) => (f as jest.Mock).mock.calls.at(-1)?.[0];

test("before a form is chosen it says what will come; a form brings its usual kind and setting", async () => {
  const { user, props } = desk({ said: { ...said, form: null }, answer: null });
  expect(screen.getByRole("heading", { name: "The nearest bite first" })).toBeInTheDocument();
  await user.click(screen.getByRole("button", { name: "fillet" }));
  expect(last(props.onSaid)).toMatchObject({ form: "fillet", kind: "white-fish", setting: "dry" });
  await user.click(screen.getByRole("button", { name: "Start from nothing" }));
  expect(props.others[0]?.onPress).toHaveBeenCalledTimes(1);
});
test("what moved says from where and why; what was not asked otherwise says nothing", async () => {
  const [first, second] = answer.cards.filter((c) => c.out.length === 0);
  const routes = new Map([
    [first?.id ?? "", { was: 3, is: 1 }],
    [second?.id ?? "", { was: null, is: 2 }],
  ]);
  desk({ moved: { routes, since: "it comes glazed now" } });
  expect(await screen.findByText("Up from 3rd: it comes glazed now.")).toBeInTheDocument();
  expect(screen.getByText("In again: it comes glazed now.")).toBeInTheDocument();
  expect(describePlace({ was: 1, is: 12 }, "others eat now")).toBe("Down from 1st: others eat now.");
  expect([2, 4, 11, 12, 13, 21, 22].map((was) => describePlace({ was, is: 1 }, "x").split(":")[0])).toEqual(
    ["2nd", "4th", "11th", "12th", "13th", "21st", "22nd"].map((n) => `Up from ${n}`),
  );
  const asked = { ...said, serveAt: "a", eaters: [], ratings: said };
  expect(describeAskedOtherwise(asked, asked)).toBeNull();
  expect(describeAskedOtherwise(asked, { ...asked, form: "mince" })).toBeNull();
  expect(describeAskedOtherwise(asked, { ...asked, setting: "glazed", serveAt: "b" })).toBe(
    "it comes glazed now, dinner is at another time",
  );
  expect(
    describeAskedOtherwise(asked, {
      ...asked,
      avoids: ["soy"],
      mostHandsMin: 30,
      honestOnly: true,
      atHand: [{ food: "tofu-firm", state: "frozen" }],
      bringsFat: true,
      massG: 1,
      ratings: {},
    }),
  ).toBe(
    "others eat now, other minutes of handwork, honest vegetables only, other things lie ready, what it brings of protein and fat, another amount, other ratings count",
  );
});
test("the amount, the kind and the setting are typed and taken; what leaves is told", async () => {
  const { user, props } = desk();
  await user.clear(await screen.findByLabelText("Meat"));
  await user.type(screen.getByLabelText("Meat"), "750{Enter}");
  expect(last(props.onSaid)).toMatchObject({ massG: 750 });
  await user.selectOptions(screen.getByLabelText("It comes"), "sauce");
  expect(last(props.onSaid)).toMatchObject({ setting: "sauce" });
  await user.selectOptions(screen.getByLabelText("weighed"), "cooked");
  expect(last(props.onSaid)).toMatchObject({ weighed: "cooked" });
  expect(screen.getByText(/600 g raw cooks down to about 450 g/)).toBeInTheDocument();
});
test("an answer to what was said before is shown and not taken", async () => {
  const { user, props } = desk({ behind: true });
  const [take] = await screen.findAllByRole("button", { name: /^Take this route: / });
  expect(take).toHaveAttribute("aria-disabled", "true");
  await user.click(take as HTMLElement);
  expect(props.onTake).not.toHaveBeenCalled();
});
test("the bite that is shown before a form is chosen is that of the tables", () => {
  const soy = found.answers.find((a) => a.route.id === "soy-strips-seared");
  expect(SHOWN.bite).toEqual(biteOf(soy?.route.bite as Eight));
  expect(SHOWN.target).toEqual(target("red-strips").bite);
});
test("who must not eat what is asked above the first route; nobody is an answer, and none is called fitting before", async () => {
  const { user, props } = desk();
  const asks = await screen.findByRole("region", { name: "Anyone who must not eat something?" });
  expect(await screen.findByRole("heading", { name: /who eats is not said yet/ })).toBeInTheDocument();
  await user.click(within(asks).getByRole("button", { name: "nobody" }));
  expect(last(props.onSaid)).toMatchObject({ avoids: [] });
  await user.click(within(asks).getByRole("button", { name: "no soy" }));
  expect(last(props.onSaid)).toMatchObject({ avoids: ["soy"] });
});
test("a route shows its bite in words and its figures, and is taken whole; what is out says why", async () => {
  const { user, props } = desk({ said: { ...said, avoids: [] } });
  const first = answer.cards[0];
  if (!first) throw new Error("there are routes");
  const card = await screen.findByRole("region", { name: first.name });
  expect(within(card).getByRole("img")).toHaveAccessibleName(/^firm \d+, the meat 6; spring/);
  expect(card).toHaveTextContent("begin by 17:05");
  expect(card).not.toHaveTextContent("Ask who must not eat what");
  await user.click(within(card).getByRole("button", { name: `Take this route: ${first.name}` }));
  expect(props.onTake).toHaveBeenCalledWith(first);
  expect(screen.getByText(/out: takes 2 days/)).toBeInTheDocument();
  await user.click(screen.getByRole("button", { name: /^Show all/ }));
  expect(screen.getAllByRole("button", { name: /^Take this route/ }).length).toBe(
    answer.cards.filter((c) => c.out.length === 0).length,
  );
});
test("two routes stand side by side; a third takes the place of the first", async () => {
  const { user, props } = desk({ said: { ...said, avoids: [] } });
  const [a, b, c] = answer.cards;
  if (!a || !b || !c) throw new Error("there are routes");
  await user.click(await screen.findByRole("button", { name: `Beside another: ${a.name}` }));
  expect(screen.queryByRole("region", { name: "Side by side" })).toBeNull();
  await user.click(screen.getByRole("button", { name: `Beside another: ${b.name}` }));
  const table = screen.getByRole("region", { name: "Side by side" });
  expect(within(table).getByRole("row", { name: /^Batches/ })).toHaveTextContent(`Batches${a.batches}${b.batches}`);
  await user.click(screen.getByRole("button", { name: `Beside another: ${c.name}` }));
  expect(within(screen.getByRole("region", { name: "Side by side" })).getByText(c.name)).toBeInTheDocument();
  await user.click(screen.getByRole("button", { name: `Take: ${b.name}` }));
  expect(props.onTake).toHaveBeenCalledWith(b);
});
test("ratings of the notebook are said beside what they moved, and whose they are can be chosen", async () => {
  const cards = answer.cards.map((c, i) => (i === 0 ? { ...c, ratedTimes: 2 } : c));
  const raters = [
    { id: "oda", name: "Oda" },
    { id: "pim", name: "Pim" },
  ];
  const { user, props } = desk({ said: { ...said, avoids: [] }, answer: { ...answer, cards }, raters, rater: "pim" });
  expect(await screen.findByText("Moved by 2 ratings in your notebook.")).toBeInTheDocument();
  await user.selectOptions(screen.getByLabelText("Bites as found by"), "oda");
  expect(last(props.onSaid)).toMatchObject({ rater: "oda" });
});
test("people of the house are known: nothing is asked again", async () => {
  desk({ said: { ...said, avoids: [] }, people: [{ name: "Ilse", avoids: "no gluten" }] });
  expect(await screen.findByText(/Ilse \(no gluten\)/)).toBeInTheDocument();
  expect(screen.queryByText("Anyone who must not eat something?")).toBeNull();
});

test("sentences of a swap", () => {
  const caution = (severity: "stop" | "warn", rule: "hot-oil" | "boiling-water") =>
    ({ rule, severity, step: "s", authority: "common practice", facts: {} }) as const;
  expect(describeCautions([], textContext)).toBe("");
  expect(describeCautions([caution("warn", "boiling-water"), caution("stop", "hot-oil")], textContext)).toMatch(
    /^Hot oil:.* And 1 caution more on the Bench\.$/,
  );
  expect(describeLead(46, undefined)).toBe("at least 46 min");
  expect(describeLead(46, "18:13")).toBe("begin by 18:13, at least 46 min before dinner");
  expect(describeLead(2460, null)).toBe("at least 41 h; it does not fit the hours of this kitchen");
  expect(describeGaps([], [])).toBe("No gap that counts.");
  const gaps = [
    { attribute: "spring", by: -2, counts: 4 },
    { attribute: "juice", by: 1, counts: 1 },
  ] as const;
  expect(describeGaps(gaps, ["freeze-first"])).toBe(
    "Less spring, juicier than the meat. To narrow it: freeze and thaw the block first, two days ahead.",
  );
  expect(describeGaps(gaps, [])).toBe("Less spring, juicier than the meat.");
  expect(describeMeat(500, "beef", "strips", "metric")).toBe("500 g beef strips");
  expect(describeMeat(500, "white-fish", "fillet", "metric")).toBe("500 g white fish");
  const bite = { firm: 1, spring: 2, chew: 3, strands: 4, flakes: 5, juice: 6, crisp: 7, hold: 8.25 };
  expect(describeBite(bite, bite)).toMatch(/^firm 1, the meat 1;.*hold 8.3, the meat 8.3$/);
  expect(describeHolds({ contains: ["soy"], mayHold: [] })).toBe("Contains soy. Ask who must not eat what.");
  expect(describeHolds({ contains: [], mayHold: ["gluten", "nuts"] })).toBe(
    "Labels decide about gluten, nuts. Ask who must not eat what.",
  );
  expect(describeAsks([{ eater: "a", allergen: "gluten", foods: ["soy-strips"] }], textContext)).toEqual([
    "read for gluten (Ada): Dried soy strips",
  ]);
  const outs = [
    [
      { kind: "contains", eater: "a", allergen: "soy", food: "tofu-firm" },
      "firm tofu contains soy, and Ada eats along",
    ],
    [{ kind: "diet", eater: "a", diet: "low-salt", food: null }, "not low salt, as Ada eats"],
    [{ kind: "disliked", eater: "a", food: "king-oyster" }, /^Ada dislikes king oyster/],
    [{ kind: "time", leadMin: 2460, availableMin: 300 }, /^takes 41 h, dinner is in 5 h/],
    [{ kind: "hands", handsMin: 50 }, "50 min of hands-on work"],
    [{ kind: "not-honest" }, "stands for meat; you asked for an honest vegetable"],
    [{ kind: "cannot", failure: { kind: "no-oven" } }, /oven/],
  ] as const;
  for (const [out, says] of outs)
    if (typeof says === "string") expect(describeOut(out, textContext)).toBe(says);
    else expect(describeOut(out, textContext)).toMatch(says);
});

test("what lies ready is one press, one way for a food; the way to the protein and the fat are said", async () => {
  const { user, props } = desk({ said: { ...said, avoids: [] } });
  const ready = await screen.findByRole("group", { name: "What lies ready" });
  await user.click(within(ready).getByRole("button", { name: "Firm tofu, frozen and thawed" }));
  expect(last(props.onSaid)).toMatchObject({ atHand: [{ food: "tofu-firm", state: "thawed" }] });
  await user.selectOptions(screen.getByLabelText("Protein of the meat"), "side");
  expect(last(props.onSaid)).toMatchObject({ protein: "side" });
  // Beans in the sauce need one.
  expect(screen.queryByRole("option", { name: "beans in the sauce" })).toBeNull();
  await user.click(screen.getByRole("checkbox", { name: /fat that leaves/ }));
  expect(last(props.onSaid)).toMatchObject({ bringsFat: true });
});
test("the other way of lying ready takes the place of the first", async () => {
  const { user, props } = desk({ said: { ...said, avoids: [], atHand: [{ food: "tofu-firm", state: "thawed" }] } });
  const ready = await screen.findByRole("group", { name: "What lies ready" });
  await user.click(within(ready).getByRole("button", { name: "Firm tofu, frozen" }));
  expect(last(props.onSaid)).toMatchObject({ atHand: [{ food: "tofu-firm", state: "frozen" }] });
});
test("a price nobody entered is not known; typed between two routes it is kept with the grams of the pack", async () => {
  const { user, props } = desk({ said: { ...said, avoids: [] } });
  const buttons = await screen.findAllByRole("button", { name: /^Beside another: / });
  await user.click(buttons[0] as HTMLElement);
  await user.click(buttons[1] as HTMLElement);
  const table = screen.getByRole("region", { name: "Side by side" });
  expect(within(table).getAllByText("not known").length).toBeGreaterThan(0);
  const [price] = within(table).getAllByLabelText(/, what (a pack costs|100 g cost)$/);
  await user.type(price as HTMLElement, "2.40{Enter}");
  expect(props.onPrice).toHaveBeenCalledWith(expect.any(String), 2.4, expect.any(Number));
});
