import { screen, within } from "@testing-library/react";
import { LIMITS_BY_KIND, newStep, STEP_KINDS } from "@/core/process/registry";
import { openBook } from "@/core/foods/book";
import { FOODS } from "@/core/foods/table";
import { editStep } from "@/core/dish/edit";
import { plan, type PlanInput } from "@/core/plan";
import type { Step } from "@/core/process/registry";
import { DEMO_EATERS, DEMO_KITCHEN, demoSupper, MUSTARD_STRIPS } from "@/demo/household";
import { rowRanges, show } from "../__tests__/support";
import type { TextContext } from "@/words/words";
import { BowlDrawing } from "./BowlDrawing";
import { ByPart, EatersCheck } from "./EatersCheck";
import { SaltGauge } from "./SaltGauge";
import { StepForm, type SelectedStep } from "./StepForm";
import { fieldsOf } from "./stepFields";
import { vesselsOf } from "./vessels";

const input: PlanInput = {
  supper: demoSupper("2026-11-29T19:00:00.000Z"),
  foods: [],
  labels: [],
  kitchen: DEMO_KITCHEN,
  eaters: DEMO_EATERS,
  log: [],
};
const planned = plan(input);
const textContext: TextContext = {
  units: "metric",
  foods: openBook({ foods: [], labels: [] }).food,
  part: (id) => id,
  eater: (id) => id,
};
const partOf = (p = planned, at = 0) =>
  p.dishes[0]?.parts[at] as NonNullable<(typeof planned.dishes)[number]["parts"][number]>;

describe("vessels", () => {
  const vessels = vesselsOf(partOf(), planned, null, textContext);
  test("one for each step, with the weight the scale should show and the salt", () => {
    expect(vessels.map((v) => v.name)).toEqual(["Weigh", "Soak", "Drain", "Squeeze", "Marinate", "Sear"]);
    expect(vessels[3]).toMatchObject({ weight: "368 g", salt: "0.00 %" });
    expect(vessels[4]).toMatchObject({ salt: "1.00 %", saltEach: "0.9 g each" });
  });
  test("fill, bath and streams add up to the ledger", () => {
    const [, soak, drain] = vessels;
    if (!soak || !drain) throw new Error("no vessels");
    expect(soak.fill.bathG + soak.massG).toBeCloseTo(160 + 900, 6);
    expect(soak.came.grams).toBeCloseTo(900, 6);
    expect(drain.left.grams + drain.massG).toBeCloseTo(160 + 900, 6);
    expect(drain.left.says).toMatch(/^−\d+ g drained$/);
  });
  test("pointed at, a vessel and its ribbons tell their kinds", () => {
    expect(vessels[1]?.kinds).toMatch(/^In it: 14\d g solids, \d+ g water\. Came in: 900 g water\.$/);
    expect(vessels.at(-1)?.kinds).toMatch(/Came in: 2\d g oil\. Left: \d+ g water/);
  });
  test("steam is told apart from what drips", () => {
    const sear = vessels.at(-1);
    expect(sear?.left.steamG).toBeGreaterThan(80);
    expect(sear?.left.steamG).toBeLessThan(sear?.left.grams as number);
  });
  test("ranges stand under the weight, in the unit the house reads", () => {
    const ranges = Object.fromEntries(
      vessels.map((v) => [v.key, rowRanges({ massG: { low: v.massG * 0.9, high: v.massG * 1.1 } })]),
    );
    expect(vesselsOf(partOf(), planned, ranges, textContext)[3]?.range).toBe("331–405 g");
    expect(vesselsOf(partOf(), planned, ranges, { ...textContext, units: "us" })[3]?.range).toBe("12–14 oz");
  });
  test("a step that cannot be worked out is a question mark, the ones after it wait", () => {
    const gone = editStep(MUSTARD_STRIPS, "strips-marinate", (s) => ({
      ...s,
      adds: [{ kind: "food", food: "gone", massG: 30 }],
    }));
    const broken = plan({ ...input, supper: { ...input.supper, dishes: [gone] } });
    const states = vesselsOf(partOf(broken), broken, null, textContext).map((v) => [v.name, v.weight, v.sentence]);
    expect(states[4]).toEqual(["Marinate", "?", "cannot be worked out yet"]);
    expect(states[5]).toEqual(["Sear", "?", "waits for an earlier step"]);
  });
});

describe("the drawing", () => {
  test("every vessel is a button that says its account and takes its step in hand", async () => {
    const take = jest.fn();
    const { user } = show(
      <BowlDrawing vessels={vesselsOf(partOf(), planned, null, textContext)} selected="strips-soak" onSelect={take} />,
    );
    const squeeze = screen.getByRole("button", { name: /^Squeeze: 368 g, 0\.00 % salt, \d+ g left$/ });
    expect(screen.getByRole("button", { name: /^Soak: 466 g, in 5\d\d g of liquid/ })).toHaveAttribute(
      "aria-pressed",
      "true",
    );
    await user.click(squeeze);
    expect(take).toHaveBeenCalledWith("strips-squeeze");
  });
  test("no word is wider than its column", () => {
    show(
      <BowlDrawing
        vessels={vesselsOf(partOf(planned, 1), planned, null, textContext)}
        selected={null}
        onSelect={jest.fn()}
      />,
    );
    const texts = [...document.querySelectorAll("svg text")].map((t) => t.textContent ?? "");
    expect(texts.length).toBeGreaterThan(20);
    // 104 px at 6.3 px a character
    for (const text of texts) expect(text.length).toBeLessThanOrEqual(22);
  });
});

describe("the step in hand", () => {
  const changeFood = jest.fn();
  const beSure = jest.fn();
  const form = (step: Step, more: Partial<SelectedStep> = {}, editStep = jest.fn()) => {
    const selected: SelectedStep = {
      step,
      kitchen: DEMO_KITCHEN,
      units: "metric",
      foods: FOODS,
      parts: [{ id: "sauce", name: "Mushroom cream" }],
      toJoin: [{ id: "sauce", share: 1 }],
      liquors: [],
      limits: LIMITS_BY_KIND[step.kind],
      doubts: [],
      factor: 1,
      frozen: false,
      pieces: null,
      pan: null,
      pulses: true,
      ...more,
    };
    const others = { moveStep: jest.fn(), removeStep: jest.fn(), ownFood: jest.fn() };
    const actions = { ...others, editStep, changeFood, beSure };
    return show(<StepForm selected={selected} part="Strips" number={5} actions={actions} />);
  };
  const marinate = MUSTARD_STRIPS.parts[0]?.steps[4] as Step;
  const edited = (onEdit: jest.Mock, step: Step): Step =>
    (onEdit.mock.lastCall as [string, (s: Step) => Step])[1](step);

  test.each(STEP_KINDS)("%s shows a form for each of its settings", (kind) => {
    const step = newStep(kind, "x") as Step;
    form(step);
    for (const field of fieldsOf(step, DEMO_KITCHEN, null, LIMITS_BY_KIND[kind]))
      expect(screen.getByLabelText(field.label)).toBeInTheDocument();
  });
  test("this or that: each says what it brings, one press takes it, and what may be left out is", async () => {
    const onEdit = jest.fn();
    const line = (food: string, massG: number) => ({ kind: "food" as const, food, massG });
    const of = [line("soy-sauce", 20), line("coconut-aminos", 20)];
    const step = { ...newStep("season", "x"), adds: of.slice(0, 1), choices: [{ of, optional: true }] } as Step;
    const { user } = form(step, {}, onEdit);
    const [soy] = await screen.findAllByRole("radio");
    expect(soy).toHaveAttribute("aria-checked", "true");
    expect(soy).toHaveTextContent(/contains .*soy/);
    await user.click(screen.getByRole("radio", { name: "without it" }));
    expect(edited(onEdit, step).adds).toEqual([]);
    await user.click(screen.getAllByRole("radio")[1] as HTMLElement);
    expect(edited(onEdit, step).adds).toEqual([of[1]]);
  });
  test("a note of one's own stands on any step, and goes when it is emptied", async () => {
    const onEdit = jest.fn();
    const { user } = form(marinate, {}, onEdit);
    await user.type(screen.getByLabelText("Note on this step"), "By the smell");
    await user.tab();
    expect(edited(onEdit, marinate).note).toBe("By the smell");
  });
  test("soda, hard water and old beans are asked of pulses, not of rice", () => {
    form(newStep("cook", "x") as Step, { pulses: false });
    expect(screen.queryByText("Soda in the water")).toBeNull();
    form(newStep("cook", "y") as Step);
    expect(screen.getByText("Soda in the water")).toBeVisible();
  });
  test("an amount on screen is for everybody, in the dish for its own servings", async () => {
    const onEdit = jest.fn();
    const { user } = form(marinate, { factor: 2 }, onEdit);
    const amount = screen.getByLabelText("Mustard, grainy, amount");
    expect(amount).toHaveValue("60");
    await user.clear(amount);
    await user.type(amount, "50{Enter}");
    expect(edited(onEdit, marinate).adds[0]).toEqual({ kind: "food", food: "mustard", massG: 25 });
  });
  test("temperatures and lengths are read in the house's units and kept in °C and mm", async () => {
    const onEdit = jest.fn();
    const soak = newStep("soak", "s") as Step;
    const { user } = form(soak, { units: "us" }, onEdit);
    const water = screen.getByLabelText("Water temperature");
    expect(water).toHaveValue("203");
    await user.clear(water);
    await user.type(water, "212{Enter}");
    expect(edited(onEdit, soak)).toMatchObject({ waterC: 100 });
  });
  test("a salt target is typed in per cent and may be none", async () => {
    const onEdit = jest.fn();
    const { user } = form(marinate, {}, onEdit);
    const salt = screen.getByLabelText("Salt up to");
    expect(salt).toHaveValue("1");
    await user.clear(salt);
    await user.type(salt, "1.2{Enter}");
    expect(edited(onEdit, marinate)).toMatchObject({ saltTo: 0.012 });
    await user.clear(salt);
    await user.keyboard("{Enter}");
    expect(edited(onEdit, marinate)).toMatchObject({ saltTo: null });
  });
  test("an amount that nobody has said is an empty field; emptied, it is not said any more", async () => {
    const onEdit = jest.fn();
    const step = { ...marinate, adds: [{ kind: "food", food: "tamari", massG: null }] } as Step;
    const { user } = form(step, {}, onEdit);
    const field = screen.getByLabelText("Tamari, amount");
    expect(field).toHaveValue("");
    await user.type(field, "2 tbsp{Enter}");
    expect(edited(onEdit, step).adds[0]).toMatchObject({ food: "tamari", between: { lowG: expect.any(Number) } });
    onEdit.mockClear();
    const said = form(marinate, {}, onEdit);
    const [amount] = screen.getAllByLabelText("Mustard, grainy, amount");
    await said.user.clear(amount as HTMLElement);
    await said.user.keyboard("{Enter}");
    expect(edited(onEdit, marinate).adds.some((l) => l.kind === "food" && l.massG === null)).toBe(true);
  });
  test("what is far from usual is asked beside its line, and one press answers", async () => {
    const doubt = {
      kind: "share",
      dish: "d",
      part: "strips",
      step: "strips-marinate",
      line: 0,
      food: "chilli-flakes",
      gPerKg: 90,
      usualPerKg: [0.5, 3],
    } as const;
    const { user } = form(marinate, { doubts: [doubt] });
    expect(
      await screen.findByText("Chilli flakes: 90 g in a kilo of this dish, where 0.5 to 3 g are usual. Is this right?"),
    ).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "Yes, it is right" }));
    expect(beSure).toHaveBeenCalledWith(doubt);
  });
  test("lines come, change food, join parts and go", async () => {
    const onEdit = jest.fn();
    const { user } = form(marinate, {}, onEdit);
    await user.click(screen.getByRole("button", { name: /^Food 1:/ }));
    await screen.findByRole("combobox", { name: "Food 1" });
    await user.paste("miso");
    await user.click(await screen.findByRole("option", { name: /^Miso(?! of)/ }));
    expect(changeFood).toHaveBeenLastCalledWith(0, "miso", null);
    // "+ Food" adds nothing by itself; the amount may stand before the name.
    const before = onEdit.mock.calls.length;
    await user.click(screen.getByRole("button", { name: "Food" }));
    await screen.findByRole("combobox", { name: /^Food to add/ });
    expect(onEdit).toHaveBeenCalledTimes(before);
    await user.paste("2 tbsp tahini");
    await user.click(await screen.findByRole("option", { name: /^Tahini: / }));
    expect(edited(onEdit, marinate).adds.at(-1)).toMatchObject({ kind: "food", food: "tahini" });
    expect((edited(onEdit, marinate).adds.at(-1) as { massG: number }).massG).toBeCloseTo(30, -1);
    await user.click(screen.getByRole("button", { name: "Part" }));
    expect(edited(onEdit, marinate).adds.at(-1)).toEqual({ kind: "part", part: "sauce", share: 1 });
    await user.click(screen.getByRole("button", { name: "Take Tamari out" }));
    expect(edited(onEdit, marinate).adds.some((l) => l.kind === "food" && l.food === "tamari")).toBe(false);
  });
  test("a part that is used up is not offered, and the pan that was chosen is named", () => {
    form(newStep("sear", "x") as Step, { toJoin: [], pan: "saute" });
    expect(screen.queryByRole("button", { name: "Part" })).toBeNull();
    expect(screen.getByLabelText("Pan")).toHaveDisplayValue("fits: Sauté pan, 26 cm");
  });
  test("a number of pieces becomes the mass of each", async () => {
    const onEdit = jest.fn();
    const shape = newStep("shape", "s") as Step;
    const { user } = form(shape, { pieces: { count: 10, usableG: 600 } }, onEdit);
    const many = screen.getByLabelText("How many");
    await user.clear(many);
    await user.type(many, "8{Enter}");
    expect(edited(onEdit, shape)).toMatchObject({ pieceG: 75 });
    await user.clear(many);
    await user.type(many, "0{Enter}");
    expect(screen.getByRole("alert")).toHaveTextContent("How many can be 1 to 200.");
  });
  test("while it is being cooked nothing can be changed", () => {
    form(marinate, { frozen: true });
    expect(screen.getByLabelText("Mustard, grainy, amount")).toBeDisabled();
    expect(screen.getByRole("button", { name: "Remove step" })).toBeDisabled();
  });
});

const onExchange = jest.fn();
describe("who can eat it", () => {
  test("labels are asked about, food by food, with the parts they are in", async () => {
    const onLabel = jest.fn();
    const { user } = show(
      <EatersCheck
        diets={[]}
        disliked={[]}
        verdicts={planned.verdicts}
        eaters={DEMO_EATERS}
        textContext={textContext}
        frozen={false}
        onExchange={onExchange}
        onLabel={onLabel}
      />,
    );
    const check = screen.getByLabelText("Who can eat it");
    expect(within(check).getByText(/unless the label says free of it: Oat cream, Oat drink/)).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "Oat cream: label says free of gluten" }));
    expect(onLabel).toHaveBeenLastCalledWith("oat-cream", "gluten", "free");
    await user.click(screen.getByRole("button", { name: "Tamari: label says contains gluten" }));
    expect(onLabel).toHaveBeenLastCalledWith("tamari", "gluten", "contains");
    await user.click(screen.getByRole("button", { name: "Take soy cream for oat cream" }));
    expect(onExchange).toHaveBeenLastCalledWith("oat-cream", "gluten");
  });
  test("part by part it is a table of eaters, with the foods that decide", async () => {
    const { user } = show(<ByPart supper={input.supper} eaters={DEMO_EATERS} textContext={textContext} />);
    await user.click(screen.getByRole("button", { name: "Who can eat it, part by part" }));
    const table = await screen.findByRole("table", { name: "Who can eat which part" });
    expect(within(table).getAllByText(/✕ not/).length).toBeGreaterThan(0);
    expect(within(table).getAllByText(/Oat cream \(gluten\)/).length).toBeGreaterThan(0);
  });
  test("what shares its oil with wheat says how it can be eaten", async () => {
    const fried = (id: string, name: string, ...foods: string[]) => ({
      ...MUSTARD_STRIPS.parts[0]!,
      id,
      name,
      steps: [
        {
          ...newStep("deep-fry", `${id}-fry`),
          adds: foods.map((food) => ({ kind: "food", food, massG: 200 }) as const),
        } as Step,
      ],
    });
    const parts = [fried("fritters", "Fritters", "wheat-flour"), fried("chips", "Chips", "potato")];
    const supper = { ...input.supper, dishes: [{ ...MUSTARD_STRIPS, parts }] };
    const { user } = show(<ByPart supper={supper} eaters={DEMO_EATERS} textContext={textContext} />);
    await user.click(screen.getByRole("button", { name: "Who can eat it, part by part" }));
    const table = await screen.findByRole("table", { name: "Who can eat which part" });
    const chips = within(table).getByRole("row", { name: /^Chips/ });
    expect(within(chips).getByText("! only apart")).toBeInTheDocument();
    expect(within(chips).getByText("in fresh oil, before Fritters: Wheat flour, plain (gluten)")).toBeInTheDocument();
  });
  test("a plain no names the food", () => {
    const wheat = plan({
      ...input,
      foods: FOODS.map((f) =>
        f.id === "corn-starch" ? { ...f, allergens: { ...f.allergens, gluten: "contains" as const } } : f,
      ),
    });
    show(
      <EatersCheck
        diets={[]}
        disliked={[]}
        verdicts={wheat.verdicts}
        eaters={DEMO_EATERS}
        textContext={textContext}
        frozen={false}
        onExchange={onExchange}
        onLabel={jest.fn()}
      />,
    );
    expect(screen.getByText(/not for Ilse\. Oat cream, Corn starch, Oat drink contain it\./)).toBeInTheDocument();
  });
  test("nobody avoids anything: nothing is said", () => {
    show(
      <EatersCheck
        diets={[]}
        disliked={[]}
        verdicts={[]}
        eaters={DEMO_EATERS}
        textContext={textContext}
        frozen={false}
        onExchange={onExchange}
        onLabel={jest.fn()}
      />,
    );
    expect(screen.queryByLabelText("Who can eat it")).toBeNull();
  });
});

test("the salt gauge says in words what it shows", () => {
  show(
    <SaltGauge
      name="Strips"
      salt={{
        share: 0.0118,
        perEaterG: 0.9,
        target: { low: 0.011, aim: 0.013, high: 0.015 },
        standing: "right",
        unsaltedG: 120,
        missingSaltG: 0.6,
      }}
    />,
  );
  expect(screen.getByText("About 120 g more without salt would bring it down.")).toBeInTheDocument();
  expect(screen.getByText("0.6 g of salt would bring it up.")).toBeInTheDocument();
  expect(screen.getByRole("img", { name: "1.18 % salt, 0.9 g for each eater: as usual for this" })).toBeInTheDocument();
});
