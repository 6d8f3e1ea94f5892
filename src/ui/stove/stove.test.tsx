import { describeOvenDue } from "@/words/tasks";
import { describeFromNow, describeOver } from "@/words/stove";
import { screen } from "@testing-library/react";
import { openBook } from "@/core/foods/book";
import { show } from "../__tests__/support";
import type { TextContext } from "@/words/words";
import { Scale, type ScaleProps } from "./Scale";
import { BeforeCooking } from "./BeforeCooking";
import { Burners, Stuck } from "./Burners";
import { OvenRemark } from "./OvenRemark";
import { Stove } from "./Stove";
import type { StoveProps } from "./stoveProps";

const textContext: TextContext = {
  units: "metric",
  foods: openBook({ foods: [], labels: [] }).food,
  part: (id) => id,
  eater: (id) => id,
};

describe("the scale", () => {
  const scale = (more: Partial<ScaleProps> = {}) => {
    const props: ScaleProps = {
      units: "metric",
      plannedG: 368,
      range: { low: 335, high: 382 },
      lowestG: 144,
      highestG: 550,
      stepG: 1,
      takenG: null,
      problem: null,
      loadG: 368,
      touched: true,
      simulated: true,
      onLoad: jest.fn(),
      onTake: jest.fn(),
      ...more,
    };
    return { props, ...show(<Scale {...props} />) };
  };
  test("shows to its own step, and hands over what it shows", async () => {
    const { props, user } = scale({ loadG: 401.6, stepG: 2 });
    expect(screen.getByTestId("scale-display")).toHaveTextContent("402 g");
    await user.click(screen.getByRole("button", { name: /Take reading/ }));
    expect(props.onTake).toHaveBeenCalledWith(402, "scale");
  });
  test("nothing is read off it before it was touched", async () => {
    const { props, user } = scale({ touched: false });
    await user.click(screen.getByRole("button", { name: /Take reading/ }));
    expect(props.onTake).not.toHaveBeenCalled();
  });
  test("the stand-in is there only when it was switched on", () => {
    scale({ simulated: false });
    expect(screen.queryByTestId("scale-display")).toBeNull();
    expect(screen.getByLabelText("Weight typed, g")).toBeInTheDocument();
  });
  test("a typed weight counts in the unit of the house", async () => {
    const { props, user } = scale();
    await user.type(screen.getByLabelText("Weight typed, g"), "418{Enter}");
    expect(props.onTake).toHaveBeenLastCalledWith(418, "typed");
  });
  test("ounces are turned into grams", async () => {
    const { props, user } = scale({ units: "us" });
    await user.type(screen.getByLabelText("Weight typed, oz"), "14.5");
    await user.click(screen.getByRole("button", { name: "Use this weight" }));
    expect((props.onTake as jest.Mock).mock.lastCall?.[0]).toBeCloseTo(411.07, 1);
  });
  test.each(["", "heavy"])("“%s” is no weight, and says so", async (typed) => {
    const { props, user } = scale();
    if (typed) await user.type(screen.getByLabelText("Weight typed, g"), typed);
    await user.click(screen.getByRole("button", { name: "Use this weight" }));
    expect(screen.getByRole("alert")).toHaveTextContent("Weight: type digits, such as 418.");
    expect(props.onTake).not.toHaveBeenCalled();
  });
  test("a reading that cannot be is asked about; one that was taken is remembered", () => {
    scale({ problem: "Was the bowl tared?", takenG: 418 });
    expect(screen.getByRole("alert")).toHaveTextContent("Was the bowl tared?");
    expect(screen.getByText(/✓ weighed 418 g/)).toBeInTheDocument();
  });
  test("a range is told where there is one", () => {
    scale({ plannedG: 368, range: { low: 335, high: 382 } });
    expect(screen.getByText(/^planned 368 g/)).toHaveTextContent("planned 368 g (335 g to 382 g)");
  });
  test("what is weighed out has none", () => {
    scale({ plannedG: 160, range: { low: 160, high: 160 } });
    expect(screen.getByText(/^planned 160 g/)).toHaveTextContent(/^planned 160 g$/);
  });
});

describe("a step", () => {
  const timer = {
    step: "d.soak",
    title: "Soak · Strips",
    where: "worktop",
    leftMs: 65_000,
    totalMs: 600_000,
    cue: "bends",
  };
  const stove = (more: Partial<StoveProps> = {}, step: Partial<StoveProps["step"]> = {}) => {
    const props: StoveProps = {
      step: {
        spoken: {
          title: "Squeeze the strips",
          does: "Squeeze until it weighs about 368 g.",
          why: "Room for the marinade.",
        },
        part: "Strips",
        number: 5,
        of: 15,
        cue: "drips only when squeezed again",
        cueSeen: false,
        cautions: [
          { rule: "reheat", severity: "stop", step: "d.x", authority: "common practice", facts: { leastC: 74 } },
        ],
        waitsFor: timer,
        timer: { minutes: 2, label: "2 min" },
        startsOnNext: false,
        scale: null,
        nextTitle: "Brown · Mushroom cream",
        asks: null,
        ...step,
      },
      timers: [timer, { ...timer, step: "d.boil", title: "Boil · Mash", leftMs: -5_000 }],
      after: [{ key: "d.c", time: "18:08", title: "Brown · Mushroom cream", says: "19 min", onTake: null }],
      putIn: null,
      onPutAside: jest.fn(),
      burners: [],
      strip: [
        { key: "a", minutes: 2, state: "done", title: "Weigh" },
        { key: "b", minutes: 3, state: "now", title: "Squeeze" },
        { key: "c", minutes: 9, state: "to come", title: "Sear" },
      ],
      clock: "18:06",
      pace: { late: true, says: "4 min behind" },
      news: [],
      due: [],
      fromNow: [],
      jump: null,
      changed: null,
      textContext,
      titleOf: (key) => key,
      sleeps: false,
      keysOn: true,
      onKeys: jest.fn(),
      onNext: jest.fn(),
      onBack: jest.fn(),
      onCue: jest.fn(),
      onTimer: jest.fn(),
      onTimerOff: jest.fn(),
      onRemind: null,
      stopped: null,
      onStay: jest.fn(),
      onGiveUp: jest.fn(),
      ...more,
    };
    return { props, ...show(<Stove {...props} />) };
  };
  test("a clock that went back is told", async () => {
    const onSeen = jest.fn();
    const { user } = stove({ jump: { byMs: -3_600_000, onGiveBack: null, onSeen } });
    expect(screen.getByRole("status")).toHaveTextContent("went back by 1 h. Timers go on");
    await user.click(screen.getByRole("button", { name: "All right" }));
    expect(onSeen).toHaveBeenCalled();
  });
  test("one that leapt ahead asks whether it was set", async () => {
    const [onSeen, onGiveBack] = [jest.fn(), jest.fn()];
    const { user } = stove({ jump: { byMs: 720_000, onGiveBack, onSeen } });
    expect(screen.getByRole("status")).toHaveTextContent("leapt ahead by 12 min");
    await user.click(screen.getByRole("button", { name: /was set/ }));
    expect(onGiveBack).toHaveBeenCalled();
  });
  test("what becomes of a supper that is behind stands above the step, worked out from now", () => {
    const at = (minutes: number) => `19:${String(minutes).padStart(2, "0")}`;
    const long = { from: "a", to: "serve", usualMin: 10, waitsMin: 25, points: 1.25 };
    const told = describeFromNow(
      { tableMin: 12, stretched: [long, { ...long, points: 0.1 }] },
      at,
      () => "Sear · Strips",
    );
    expect(told).toEqual([
      "Worked out from now: on the table at 19:12, 12 min late.",
      "Sear · Strips waits 25 min for the table, 15 min longer than it should: bite −1.3.",
    ]);
    expect(describeFromNow({ stretched: [] }, at, String)).toEqual([
      "Worked out from now: it can still be on the table at 19:00.",
    ]);
    stove({ fromNow: told });
    expect(screen.getByText(/on the table at 19:12/)).toBeInTheDocument();
  });
  test("an oven that is due is a reminder, what changed of an allergen is an alarm", () => {
    const due = [{ says: "Oven on, 200 °C: “Bake · Boats” follows at 17:56.", isOn: false, onTurn: () => {} }];
    stove({ due, news: ["Oat cream contains gluten now."] });
    expect(screen.getByRole("status")).toHaveTextContent("Oven on, 200 °C");
    expect(screen.getByText(/contains gluten now/).closest("[role=alert]")).not.toBeNull();
  });
  test("that the oven is on is said by a press, and taken back by another", async () => {
    const onTurn = jest.fn();
    const oven = { step: "boats.bake", task: "b#oven", startMin: -76, minutes: 13, fromC: null, tempC: 200 };
    const time = (minute: number) => new Date(Date.UTC(2026, 10, 29, 19, minute)).toISOString().slice(11, 16);
    const says = (onMin: number | null, nowMin = -76) => {
      const hotMin = onMin === null ? null : onMin + 13;
      return describeOvenDue({ ...oven, onMin, hotMin }, "Bake · Boats", nowMin, 2, time, "metric");
    };
    const { user, again } = show(<OvenRemark says={says(null)} isOn={false} onTurn={onTurn} />);
    expect(screen.getByRole("status")).toHaveTextContent("Oven on, 200 °C: “Bake · Boats” follows at 17:59.");
    await user.click(screen.getByRole("button", { name: "It is on" }));
    again(<OvenRemark says={says(-75)} isOn onTurn={onTurn} />);
    expect(screen.getByRole("status")).toHaveTextContent(
      "Oven on, 200 °C since 17:45, hot at about 17:58, for “Bake · Boats”.",
    );
    await user.click(screen.getByRole("button", { name: "Not yet on" }));
    expect(says(-75, -62)).toContain("hot since about 17:58");
    expect(onTurn.mock.calls).toEqual([[true], [false]]);
  });
  test("where the screen would go dark it says so, and elsewhere nothing", () => {
    stove({ sleeps: true });
    expect(screen.getByText(/lets the screen go dark/)).toBeInTheDocument();
  });
  test("says where it is, what waits, what harms, and what comes next", async () => {
    const { props, user } = stove();
    expect(screen.getByText("Strips · step 5 of 15")).toBeInTheDocument();
    expect(screen.getByText(/Wait for “Soak · Strips”: 1:05 left/)).toBeInTheDocument();
    expect(screen.getByText(/Reheat to 74 °C/)).toHaveTextContent("follow your local food code and the label");
    expect(screen.getByRole("img", { name: "1 of 3 steps done" })).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: /Done, next: Brown · Mushroom cream/ }));
    expect(props.onNext).toHaveBeenCalledTimes(1);
  });
  test("timers count, run over, and stop one by one", async () => {
    const { props, user } = stove();
    expect(screen.getByRole("timer", { name: "Soak · Strips, worktop" })).toHaveTextContent("1:05");
    expect(screen.getByRole("timer", { name: "Boil · Mash, worktop" })).toHaveTextContent("time is up: bends?");
    await user.click(screen.getByRole("button", { name: "Stop timer: Boil · Mash" }));
    expect(props.onTimerOff).toHaveBeenCalledWith("d.boil");
    expect(screen.queryByRole("button", { name: /Remind me/ })).toBeNull();
  });
  test("where the device can remind, it is asked by a press; a timer that is over says what to look for", async () => {
    const onRemind = jest.fn();
    const { user } = stove({ onRemind });
    await user.click(screen.getByRole("button", { name: "Remind me when I look elsewhere" }));
    expect(onRemind).toHaveBeenCalledTimes(1);
    expect(describeOver({ title: "Boil · Mash", cue: "bends?" })).toBe("Boil · Mash: time is up. bends?");
    expect(describeOver({ title: "Soak · Strips", cue: "" })).toBe("Soak · Strips: time is up");
  });
  test("what is cut short is asked, with the way to stay; a stopped timer can be brought back", async () => {
    const bringBack = jest.fn();
    const { props, user } = stove(
      { stopped: { title: "Boil · Mash", onBringBack: bringBack } },
      { asks: "“Soak · Strips” has 1:05 left. Its timer stays when you go on." },
    );
    expect(screen.getByRole("alert")).toHaveTextContent("has 1:05 left");
    expect(screen.getByRole("button", { name: /Go on, next: Brown/ })).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "Stay here" }));
    expect(props.onStay).toHaveBeenCalledTimes(1);
    await user.click(screen.getByRole("button", { name: "Bring it back" }));
    expect(bringBack).toHaveBeenCalledTimes(1);
  });
  test("giving up is asked before it ends", async () => {
    const { props, user } = stove();
    await user.click(screen.getByRole("button", { name: "Give up this cooking" }));
    expect(props.onGiveUp).not.toHaveBeenCalled();
    await user.click(screen.getByRole("button", { name: "Go on cooking" }));
    await user.click(screen.getByRole("button", { name: "Give up this cooking" }));
    await user.click(screen.getByRole("button", { name: "Give it up" }));
    expect(props.onGiveUp).toHaveBeenCalledTimes(1);
  });
  test("a burner that fails is named with one press, and taken back with another", async () => {
    const onTurn = jest.fn();
    const { user, again } = stove({ burners: [{ name: "Back", works: true, onTurn }] });
    await user.click(screen.getByText("A burner fails"));
    await user.click(screen.getByRole("button", { name: "Back fails" }));
    expect(onTurn).toHaveBeenLastCalledWith(false);
    again(<Burners burners={[{ name: "Back", works: false, onTurn }]} />);
    await user.click(screen.getByText("A burner fails"));
    expect(screen.getByText("Worked out without Back.")).toBeVisible();
    await user.click(screen.getByRole("button", { name: "Back works again" }));
    expect(onTurn).toHaveBeenLastCalledWith(true);
  });
  test("a step that cannot be worked out any more says so, and how to go on", async () => {
    const onTurn = jest.fn();
    const onBack = jest.fn();
    const burners = [
      { name: "Back", works: false, onTurn },
      { name: "Front", works: true, onTurn: jest.fn() },
    ];
    const { user, again } = show(<Stuck title="Boil · Mash" burners={burners} onBack={onBack} />);
    expect(screen.getByRole("alert")).toHaveTextContent("No burner is left that can do “Boil · Mash”.");
    await user.click(screen.getByRole("button", { name: "Back works again" }));
    expect(onTurn).toHaveBeenCalledWith(true);
    await user.click(screen.getByRole("button", { name: "Back to the step before" }));
    expect(onBack).toHaveBeenCalledTimes(1);
    again(<Stuck title="Boil · Mash" burners={[]} onBack={null} />);
    expect(screen.getByRole("alert")).toHaveTextContent("“Boil · Mash” cannot be worked out as things stand");
    expect(screen.queryByRole("button")).toBeNull();
  });
  test("what cannot be cooked is no part of what is still in time", () => {
    const says = (tableMin: number, partly?: boolean) =>
      describeFromNow({ tableMin, stretched: [] }, (m) => (m === 0 ? "19:00" : "19:19"), String, partly);
    expect(says(0)).toEqual(["Worked out from now: it can still be on the table at 19:00."]);
    expect(says(0, true)).toEqual(["Worked out from now: the rest can still be on the table at 19:00."]);
    expect(says(19)).toEqual(["Worked out from now: on the table at 19:19, 19 min late."]);
    expect(says(19, true)).toEqual(["Worked out from now: the rest is on the table at 19:19, 19 min late."]);
  });
  test("a step may be put aside, taken out of its turn, and given another amount", async () => {
    const onTake = jest.fn();
    const onPutIn = jest.fn();
    const after = [{ key: "k", time: "18:08", title: "Cut · Mash", says: "5 min", onTake }];
    const lines = [{ line: 1, name: "Tamari", massG: 18 }];
    const { props, user } = stove({ after, putIn: { units: "metric", lines, onPutIn } });
    await user.click(screen.getByRole("button", { name: "Do this now: Cut · Mash" }));
    expect(onTake).toHaveBeenCalledTimes(1);
    await user.click(screen.getByRole("button", { name: "Put in another amount" }));
    await user.clear(screen.getByLabelText("Tamari"));
    await user.type(screen.getByLabelText("Tamari"), "25{Enter}");
    expect(onPutIn).toHaveBeenCalledWith(1, 25);
    await user.click(screen.getByRole("button", { name: "Put it aside" }));
    expect(props.onPutAside).toHaveBeenCalledTimes(1);
  });
  test("a step that goes on by itself starts its timer with the next", () => {
    stove({}, { startsOnNext: true });
    expect(screen.getByRole("button", { name: /Start 2 min, next: Brown/ })).toBeInTheDocument();
  });
  test("the last step leads to the table, the first has no way back", () => {
    stove({ onBack: null }, { nextTitle: null });
    expect(screen.getByRole("button", { name: /Done: on the table/ })).toBeInTheDocument();
    expect(screen.getByRole("button", { name: /Back/ })).toBeDisabled();
  });
  test("a cue is ticked and unticked", async () => {
    const { props, user } = stove({}, { cueSeen: true });
    await user.click(screen.getByRole("button", { name: /✓ drips only/ }));
    expect(props.onCue).toHaveBeenCalledWith(false);
  });
  test("what a weigh-in changed, from what to what", () => {
    stove({
      changed: {
        says: "50 g wetter than predicted.",
        back: { says: "Squeeze on to 368 g: then all stays as planned.", does: "Squeeze again" },
        differences: [
          { key: "Sear", step: "sear", what: { kind: "batches" }, from: 2, to: 3 },
          { key: "Sear", step: "sear", what: { kind: "minutes" }, from: 14, to: 17 },
          { key: "Marinate", step: "marinate", what: { kind: "goes-in", food: "mustard" }, from: 30, to: 13 },
          { key: "Marinate", step: "marinate", what: { kind: "weight" }, from: 451, to: 457 },
        ],
      },
    });
    const changed = screen.getByLabelText("What changes from here");
    expect(changed).toHaveTextContent("batches 2 → 3");
    expect(changed).toHaveTextContent("minutes 14 min → 17 min");
    expect(changed).toHaveTextContent("mustard 30 g → 13 g");
    expect(changed).toHaveTextContent("in the bowl 451 g → 457 g");
  });
});

test("before the first step it says what is still open", async () => {
  const begin = jest.fn();
  const { user } = show(
    <BeforeCooking
      title="Sunday supper"
      says="15 steps."
      open={[{ tone: "watch", says: "Ilse: 5 labels to read for gluten" }]}
      stops={0}
      bench="/supper/bench"
      onBegin={begin}
    />,
  );
  expect(screen.getByText(/Ilse: 5 labels/)).toBeInTheDocument();
  await user.click(screen.getByRole("button", { name: "Begin cooking" }));
  expect(begin).toHaveBeenCalled();
});
test("with a stop it asks once before it begins, and shows the way to put it right", async () => {
  const begin = jest.fn();
  const { user } = show(
    <BeforeCooking
      title="Sunday supper"
      says="15 steps."
      open={[{ tone: "harm", says: "Stop. The beans have not boiled." }]}
      stops={1}
      bench="/supper/bench"
      onBegin={begin}
    />,
  );
  await user.click(screen.getByRole("button", { name: "Begin cooking" }));
  expect(begin).not.toHaveBeenCalled();
  expect(screen.getByText(/One thing can harm somebody as it is planned/)).toBeInTheDocument();
  expect(screen.getByRole("link", { name: "Put it right on the Bench" })).toHaveAttribute("href", "/supper/bench");
  await user.click(screen.getByRole("button", { name: "I have read it: begin" }));
  expect(begin).toHaveBeenCalledTimes(1);
});
