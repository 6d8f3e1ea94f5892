import { act, screen, within } from "@testing-library/react";
import type { Fix } from "@/core/mend/fixes";
import { openBook } from "@/core/foods/book";
import { judge } from "@/core/judge";
import { plan, type PlanInput } from "@/core/plan";
import { DEMO_DISHES, DEMO_KITCHEN, demoSupper, MUSTARD_STRIPS } from "@/demo/household";
import { rowRanges, show } from "../__tests__/support";
import type { TextContext } from "@/words/words";
import { AddStep } from "./AddStep";
import { InTheBowl } from "./InTheBowl";
import { ScaleDish } from "./ScaleDish";
import { FixButtons } from "./FixButtons";
import { StepCertainty, StepRemarks } from "./StepRemarks";
import { StepTable } from "./StepTable";

const textContext: TextContext = {
  units: "metric",
  foods: openBook({ foods: [], labels: [] }).food,
  part: (id) => id,
  eater: (id) => id,
};
const inputOf = (dish: (typeof DEMO_DISHES)[number]): PlanInput => ({
  supper: { ...demoSupper("2026-11-29T19:00:00.000Z"), eaters: [], guests: dish.servings, dishes: [dish] },
  foods: [],
  labels: [],
  kitchen: DEMO_KITCHEN,
  eaters: [],
  log: [],
});
const plannedOf = (dish: (typeof DEMO_DISHES)[number]) => plan(inputOf(dish));
const strips = plannedOf(MUSTARD_STRIPS);
const first = strips.dishes[0]?.parts[0] as NonNullable<NonNullable<(typeof strips.dishes)[0]>["parts"][0]>;

describe("the step table", () => {
  const table = (frozen: boolean) => {
    const actions = { placeStep: jest.fn(), moveStep: jest.fn() };
    const view = show(
      <StepTable
        part={first}
        plan={strips}
        stepId="strips-soak"
        textContext={textContext}
        onSelect={jest.fn()}
        frozen={frozen}
        actions={actions}
      />,
    );
    return { ...actions, ...view };
  };
  test("arrow keys on the grip move a step by one from wherever it is by then, before the move is drawn too", async () => {
    const { user, moveStep } = table(false);
    screen.getByRole("button", { name: /^Move Squeeze, step 4/ }).focus();
    await user.keyboard("{ArrowUp}{ArrowUp}{ArrowDown}");
    expect(moveStep.mock.calls).toEqual([
      ["strips-squeeze", -1],
      ["strips-squeeze", -1],
      ["strips-squeeze", 1],
    ]);
  });
  test("a supper that is being cooked has no grips", () => {
    table(true);
    expect(screen.queryByRole("button", { name: /^Move/ })).toBeNull();
    expect(screen.getByRole("row", { name: /Soak/ })).toHaveAttribute("data-in-hand");
  });
});

describe("under the step in hand", () => {
  const remarks = (dishId: string, stepId: string, ranges = true, doneShare = 1, burner: string | null = null) => {
    const dish = DEMO_DISHES.find((d) => d.id === dishId) as (typeof DEMO_DISHES)[number];
    const planned = plannedOf(dish);
    const row = planned.dishes[0]?.parts.flatMap((p) => p.rows).find((r) => r.step.id === stepId);
    if (!row) throw new Error(stepId);
    const range = rowRanges({
      doneShare,
      minutes: { low: 38, high: 61 },
      hands: { low: 2, high: 3 },
      wait: { low: 36, high: 58 },
    });
    show(
      <>
        <StepRemarks
          row={row}
          plan={planned}
          cautions={judge(inputOf(dish), planned, null)}
          textContext={textContext}
        />
        <StepCertainty row={row} ranges={ranges ? range : null} kitchen={DEMO_KITCHEN} burner={burner} />
      </>,
    );
  };
  test("minutes by kind with their range, what it needs, the bite, and how sure it is", () => {
    remarks("torn-filling", "torn-press");
    expect(
      screen.getByText(
        /2 min hands-on \(2 min to 3 min\), 25 min by itself \(36 min to 58 min\); 38 min to 1 h 01 in all\./,
      ),
    ).toBeInTheDocument();
    expect(screen.getByText(/Bite: more firm, more chew, less juice, more hold \(estimate\)/)).toBeInTheDocument();
    expect(screen.getByText(/Terzaghi consolidation; time ±2×/)).toBeInTheDocument();
  });
  test("what fails in some of the runs says in how many", () => {
    remarks("torn-filling", "torn-press", true, 0.88);
    expect(screen.getByText(/In 12 % of the runs behind the ranges this step/)).toBeInTheDocument();
  });
  test("the oven, a machine and the fridge are named", () => {
    remarks("torn-filling", "torn-bake", false);
    expect(screen.getByText(/Needs the oven at 210 °C\./)).toBeInTheDocument();
  });
  test("cautions stand with their authority", () => {
    remarks("battered-palm", "fillets-fry");
    expect(screen.getByText(/never put water on burning oil/)).toBeInTheDocument();
    expect(screen.getByText(/Needs a burner, Big pot\./)).toBeInTheDocument();
  });
  test("the burner that the clock gave is named", () => {
    remarks("battered-palm", "fillets-fry", true, 1, "back");
    expect(screen.getByText(/Needs the burner “Back”, Big pot\./)).toBeInTheDocument();
  });
});

describe("scaling by what is in hand", () => {
  const scale = (onScale = jest.fn()) => {
    const supper = { ...demoSupper("2026-11-29T19:00:00.000Z"), eaters: [], guests: 10 };
    const scaled = (
      <ScaleDish
        dish={MUSTARD_STRIPS}
        supper={supper}
        kitchen={DEMO_KITCHEN}
        textContext={textContext}
        onScale={onScale}
      />
    );
    return { onScale, ...show(scaled) };
  };
  const open = async (user: ReturnType<typeof show>["user"]) => {
    await user.click(screen.getByText("Scale by what is in hand"));
    // jsdom opens <details> without telling: the fold is asked for by hand.
    act(() => {
      screen.getByText("Scale by what is in hand").parentElement?.dispatchEvent(new Event("toggle"));
    });
  };
  test("grams in hand over grams at the table, eaters counted", async () => {
    const { user, onScale } = scale();
    await open(user);
    await user.selectOptions(await screen.findByLabelText("I have of this"), "Dried soy strips");
    const grams = screen.getByLabelText("Dried soy strips, grams in hand");
    expect(grams).toHaveValue("320");
    await user.clear(grams);
    await user.type(grams, "480{Enter}");
    expect(onScale).toHaveBeenCalledWith(1.5, "480 g Dried soy strips");
  });
  test("another tin scales by its floor; what is too far is refused with the reason", async () => {
    const { user, onScale } = scale();
    await open(user);
    await user.selectOptions(await screen.findByLabelText("Written for the tin"), "Loaf tin");
    await user.click(screen.getByRole("button", { name: "Long oven dish" }));
    // 33 × 23 over 23 × 11 cm, by hand: exactly 3.
    expect(onScale.mock.calls[0]).toEqual([3, "Long oven dish"]);
    await user.selectOptions(screen.getByLabelText("I have of this"), "Dried soy strips");
    const grams = screen.getByLabelText("Dried soy strips, grams in hand");
    await user.clear(grams);
    await user.type(grams, "9000{Enter}");
    expect(screen.getByRole("alert")).toHaveTextContent("28.1 times the dish");
    expect(onScale).toHaveBeenCalledTimes(1);
  });
});

test("a long chain goes on in rows, and says where the part goes", () => {
  const torn = plannedOf(DEMO_DISHES.find((d) => d.id === "torn-filling") as (typeof DEMO_DISHES)[number]);
  const part = torn.dishes[0]?.parts[0] as typeof first;
  show(
    <InTheBowl part={part} plan={torn} ranges={null} stepId={null} textContext={textContext} onSelect={jest.fn()} />,
  );
  // 800 px hold seven columns of 104: ten vessels are seven and three.
  expect(document.querySelectorAll("svg[viewBox]")).toHaveLength(2);
  const names = within(screen.getByRole("region", { name: "In the bowl" })).getAllByRole("button");
  expect(names).toHaveLength(10);
  expect(names[2]).toHaveAccessibleName(/^Press: 3\d\d g.*left$/);
});
test("in numbers, every figure of a step with its range", () => {
  const key = first.rows.find((r) => r.step.kind === "squeeze")?.key ?? "";
  const ranges = {
    [key]: rowRanges({
      massG: { low: 331, high: 405 },
      waterG: { low: 190, high: 262 },
      saltShare: { low: 0.001, high: 0.002 },
      outputsG: { low: 120, high: 180 },
    }),
  };
  show(
    <InTheBowl
      part={first}
      plan={strips}
      ranges={ranges}
      stepId={null}
      textContext={textContext}
      onSelect={jest.fn()}
    />,
  );
  // jsdom opens <details> without telling: the fold is asked for by hand.
  const fold = screen.getByText("The same in numbers").parentElement as HTMLDetailsElement;
  fold.open = true;
  act(() => void fold.dispatchEvent(new Event("toggle")));
  const row = screen.getByRole("row", { name: /^Squeeze/ });
  for (const text of ["331–405 g", "190–262 g", "0.10–0.20 %", "120–180 g"])
    expect(within(row).getByText(text)).toBeInTheDocument();
});
test("the sauce's strips are said to go into it", () => {
  show(
    <InTheBowl part={first} plan={strips} ranges={null} stepId={null} textContext={textContext} onSelect={jest.fn()} />,
  );
  expect(screen.getByText("goes into Mushroom cream")).toBeInTheDocument();
});
test("every kind of step can be added", async () => {
  const onAdd = jest.fn();
  const { user, again } = show(<AddStep after="squeeze" disabled={false} onAdd={onAdd} />);
  expect(screen.getAllByRole("option")).toHaveLength(53);
  await user.selectOptions(screen.getByLabelText("Kind of step"), "Thaw");
  expect(onAdd).toHaveBeenLastCalledWith("thaw");
  // What usually comes after a squeeze stands there to be pressed; "/" leads to it.
  (document.activeElement as HTMLElement).blur();
  await user.keyboard("/");
  expect(screen.getByRole("button", { name: "Marinate" })).toHaveFocus();
  await user.keyboard("{Enter}");
  expect(onAdd).toHaveBeenLastCalledWith("marinate");
  // In an empty part what another one left goes on, by what usually follows there.
  const goesOn = [
    { part: "mix", name: "Bound mix", kind: "bind" },
    { part: "greens", name: "Greens", kind: "squeeze" },
  ] as const;
  again(<AddStep after={null} goesOn={goesOn} disabled={false} onAdd={onAdd} />);
  expect(screen.getByText("Bound mix goes on here")).toBeInTheDocument();
  await user.click(screen.getByRole("button", { name: "Shape" }));
  expect(onAdd).toHaveBeenLastCalledWith("shape", "mix");
  expect(screen.getByText("Greens goes on here")).toBeInTheDocument();
});

describe("a way out is a button", () => {
  test("that says what it does and does it once", async () => {
    const onTake = jest.fn();
    const fixes: readonly Fix[] = [
      { kind: "put-before", step: "drain" },
      { kind: "put-after", step: "rest" },
      { kind: "take", step: "boil" },
      { kind: "minutes", minutes: 46 },
      { kind: "add", food: "oat-flour", massG: 16 },
    ];
    const { user } = show(<FixButtons fixes={fixes} textContext={textContext} onTake={onTake} />);
    expect(
      within(screen.getByRole("group", { name: "Put it right" }))
        .getAllByRole("button")
        .map((b) => b.textContent),
    ).toEqual([
      "Put “Drain” before it",
      "Put “Rest” after it",
      "Make it “Boil”",
      "Give it 46 min",
      "Add 16 g of oat flour",
    ]);
    await user.click(screen.getByRole("button", { name: "Give it 46 min" }));
    expect(onTake.mock.calls).toEqual([[{ kind: "minutes", minutes: 46 }]]);
  });
  test("nothing to put right, no row of buttons", () => {
    show(<FixButtons fixes={[]} textContext={textContext} onTake={jest.fn()} />);
    expect(screen.queryByRole("group")).toBeNull();
  });
});
