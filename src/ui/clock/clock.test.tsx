import { screen, within } from "@testing-library/react";
import { withOneMore } from "@/core/household/oneMore";
import { dishOf, supperOf } from "@/core/__tests__/supper";
import type { OneBatch } from "@/core/oneBatch";
import { plan } from "@/core/plan";
import { capacitiesOf } from "@/core/schedule/capacities";
import { type Schedule, schedule } from "@/core/schedule/schedule";
import type { WayOut } from "@/core/waysOut";
import { DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { food, part, step } from "@/demo/write";
import { show } from "../__tests__/support";
import { titledWork } from "@/words/tasks";
import { Clock, type ClockProps } from "./Clock";
import { axis, type Bar, type Lane, labelled, labelPx, lanesOf, stretchesOf } from "./lanes";

const planned = plan({
  supper: demoSupper("2026-11-29T19:00:00.000Z"),
  foods: [],
  labels: [],
  kitchen: DEMO_KITCHEN,
  eaters: DEMO_EATERS,
  log: [],
});
const found = schedule({
  tasks: planned.tasks,
  lags: planned.lags,
  apart: planned.apart,
  capacities: capacitiesOf(DEMO_KITCHEN),
  blocked: [],
  horizonMin: 2880,
  nodes: 5000,
});
if (found.kind !== "fits") throw new Error("the demo must fit");
const moves = titledWork(planned, found);
const lanes = lanesOf(planned, found, moves, DEMO_KITCHEN, {});

describe("lanes", () => {
  test("nothing overlaps in a row, hands have one row", () => {
    for (const lane of lanes)
      for (const bar of lane.bars)
        for (const other of lane.bars)
          if (bar !== other && bar.row === other.row) expect(bar.to <= other.from || bar.from >= other.to).toBe(true);
    expect(lanes.find((l) => l.name === "Hands")?.rows).toBe(1);
  });
  test("every step on a burner stands on one, the sear on one of the strongest", () => {
    const burners = lanes.filter((l) => DEMO_KITCHEN.burners.some((b) => b.name === l.name));
    const onBurner = moves
      .filter((m) => m.row.outcome.needs.some((n) => n.kind === "burner"))
      .flatMap((m) => planned.tasks.filter((t) => t.step === m.key));
    expect(burners.flatMap((l) => l.bars)).toHaveLength(onBurner.length);
    const sear = burners.find((l) => l.bars.some((b) => b.says.startsWith("Sear")));
    expect(["Front left", "Front right"]).toContain(sear?.name);
  });
  test("soaking and marinating stand on the worktop", () => {
    expect(lanes.find((l) => l.name === "Worktop")?.bars.map((b) => b.says)).toEqual([
      "Soak · Strips",
      "Marinate · Strips",
    ]);
  });
});

describe("the axis", () => {
  const lane = (bars: [number, number, "hands" | "wait"][]): Lane[] => [
    {
      name: "x",
      rows: 1,
      bars: bars.map(([from, to, kind], i) => ({
        id: String(i),
        of: null,
        from,
        to,
        kind,
        slipMin: 0,
        labels: ["x"],
        says: "x",
        row: 0,
      })),
    },
  ];
  test("a night without work is folded, a short gap is not", () => {
    const night = stretchesOf(
      lane([
        [-900, -890, "hands"],
        [-890, -60, "wait"],
        [-60, -10, "hands"],
      ]),
    );
    expect(night.map((s) => s.folded)).toEqual([false, true, false]);
    expect(
      stretchesOf(
        lane([
          [-100, -90, "hands"],
          [-40, -10, "hands"],
        ]),
      ).map((s) => s.folded),
    ).toEqual([false]);
  });
  test("work that ends long before the table folds the rest of the day", () => {
    expect(stretchesOf(lane([[-600, -590, "hands"]])).map((s) => s.folded)).toEqual([false, true, false]);
  });
  test("minutes run left to right over folds, and the table is at the end", () => {
    const { toX } = axis(
      stretchesOf(
        lane([
          [-900, -890, "hands"],
          [-60, -10, "hands"],
        ]),
      ),
      800,
    );
    const xs = [-900, -890, -500, -60, -10, 0].map(toX);
    expect(xs).toEqual([...xs].sort((a, b) => a - b));
    expect(toX(0)).toBeCloseTo(800, 6);
  });
  test("an empty clock still has an axis", () => {
    expect(axis(stretchesOf([]), 600).toX(0)).toBeCloseTo(600, 6);
  });
});

describe("labels of a lane", () => {
  const bar = (from: number, to: number, kind: Bar["kind"], ...labels: string[]): Bar => ({
    id: `${from}`,
    of: null,
    from,
    to,
    slipMin: 0,
    kind,
    labels,
    says: "",
    row: 0,
  });
  /** One pixel a minute, the lane 300 px long. */
  const at = (...bars: Bar[]) =>
    labelled({ name: "x", rows: 1, bars }, (m) => m, 300).map(({ label }) => (label ? [label.text, label.at] : null));
  const long = "Let stand, The bake";
  const short = "Let stand";

  test("the fullest label that has room inside comes first", () => {
    expect(at(bar(0, labelPx(long) + 1, "wait", long, short))).toEqual([[long, "in"]]);
    expect(at(bar(0, labelPx(long), "wait", long, short))).toEqual([[short, "in"]]);
  });
  test("a narrow bar is named behind, at the end of the lane before it", () => {
    expect(at(bar(0, 20, "wait", long, short))).toEqual([[long, "after"]]);
    expect(at(bar(270, 298, "wait", long, short))).toEqual([[long, "before"]]);
  });
  test("a label before a bar leaves room for the one behind the bar ahead", () => {
    const gap = labelPx(short) + labelPx(short) + 2;
    expect(at(bar(0, 10, "wait", short), bar(10 + gap, 300, "wait", "x".repeat(60), short))).toEqual([
      [short, "after"],
      [short, "in"],
    ]);
    expect(at(bar(190, 200, "wait", short), bar(290, 299, "wait", short))).toEqual([[short, "after"], null]);
  });
  test("no label crosses the line of serving", () => {
    const bars = [bar(-40, -10, "wait", long, short), bar(5, 20, "wait", short)];
    const marks = labelled({ name: "x", rows: 1, bars }, (m) => m + 200, 400);
    expect(marks.map(({ label }) => label?.at)).toEqual(["before", "after"]);
  });
  test("a tail goes as far as the bar may slip, and not beyond what is drawn", () => {
    const tails = (slipMin: number) =>
      labelled({ name: "x", rows: 1, bars: [{ ...bar(100, 200, "hands", short), slipMin }] }, (m) => m, 300).map(
        ({ x, w, tail }) => x + w + tail,
      );
    expect(tails(25)).toEqual([225]);
    expect(tails(900)).toEqual([300]);
    expect(tails(0)).toEqual([199]);
  });
  test("hands that have no room stay unnamed: the list beside says them", () => {
    expect(at(bar(280, 300, "hands", long, short))).toEqual([null]);
  });
});

describe("the page", () => {
  const props = (schedule: Schedule, more: Partial<ClockProps> = {}): ClockProps => ({
    name: "Sunday supper",
    beside: [],
    plan: planned,
    schedule,
    moves,
    kitchen: DEMO_KITCHEN,
    serve: { day: "Sun 29 Nov, 19:00", date: "2026-11-29", time: "19:00" },
    clock: (m) => new Date(Date.UTC(2026, 10, 29, 19) + m * 60_000).toISOString().slice(11, 16),
    day: () => "Sun 29 Nov",
    nowMin: null,
    stoveHref: "/",
    frozen: false,
    nameOf: (id) => moves.find((m) => id.includes(`/${m.key}#`))?.title ?? id,
    onServe: jest.fn(),
    onCalendar: jest.fn(),
    onTable: jest.fn(),
    whatIf: null,
    onWhatIf: jest.fn(),
    chance: null,
    stepName: (step) => step,
    courses: [{ dish: "mustard-strips", name: "Mustard strips", afterMin: 0 }],
    onCourse: jest.fn(),
    pointMin: 20,
    onPointMin: jest.fn(),
    roomMin: 0,
    onRoom: jest.fn(),
    held: new Set(),
    onHold: jest.fn(() => Promise.resolve(null)),
    onTake: jest.fn(),
    onGiveBack: jest.fn(),
    keptWarm: [],
    onKeepWarm: jest.fn(),
    batches: [],
    oneBatch: [],
    onOneBatch: jest.fn(),
    onApart: jest.fn(),
    waysOut: null,
    onWay: jest.fn(),
    ...more,
  });
  test("the first line is what to do first, with its day; what the plan leaves out comes before it", () => {
    show(<Clock {...props(found)} />);
    const [first] = [...moves].sort((a, b) => a.startMin - b.startMin);
    expect(screen.getByRole("heading", { level: 1 })).toHaveTextContent(
      `Sun 29 Nov, ${props(found).clock(first?.startMin ?? 0)}: ${first?.title}`,
    );
  });
  test("a line opens to be moved, held and let go; what that would break is told", async () => {
    const move = moves.find((m) => m.row.step.kind === "sear") as (typeof moves)[number];
    const onHold = jest.fn<Promise<string | null>, [string, number | null]>(() => Promise.resolve(null));
    const { user, again } = show(<Clock {...props(found, { onHold })} />);
    await user.click(screen.getByRole("button", { expanded: false, name: new RegExp(move.title) }));
    await user.click(screen.getByRole("button", { name: "5 min earlier" }));
    expect(onHold).toHaveBeenLastCalledWith(move.key, move.startMin - 5);
    await user.click(screen.getByRole("button", { name: "Hold it here" }));
    expect(onHold).toHaveBeenLastCalledWith(move.key, move.startMin);
    onHold.mockResolvedValue("It cannot be there: Sear to the table: at most 10 min.");
    await user.click(screen.getByRole("button", { name: "5 min later" }));
    expect(await screen.findByRole("alert")).toHaveTextContent("at most 10 min");
    again(<Clock {...props(found, { onHold, held: new Set([move.key]) })} />);
    expect(screen.getAllByLabelText("held here").length).toBeGreaterThan(0);
    await user.click(screen.getByRole("button", { name: "Let it move" }));
    expect(onHold).toHaveBeenLastCalledWith(move.key, null);
  });
  test("a cooking under way moves nothing", () => {
    show(<Clock {...props(found, { frozen: true })} />);
    expect(screen.queryByRole("button", { name: /Sear/ })).toBeNull();
  });
  test("a dish may come later than the others; what a point of bite is worth can be set", async () => {
    const courses = [
      { dish: "a", name: "Soup", afterMin: 0 },
      { dish: "b", name: "Stew", afterMin: 25 },
    ];
    const given = props(found, { courses });
    const { user } = show(<Clock {...given} />);
    const later = within(screen.getByRole("group", { name: "Stew" })).getByLabelText(/Comes later by/);
    await user.clear(later);
    await user.type(later, "40{Enter}");
    expect(given.onCourse).toHaveBeenCalledWith("b", 40);
    const worth = screen.getByLabelText(/A point of bite is worth/);
    await user.clear(worth);
    await user.type(worth, "5{Enter}");
    expect(given.onPointMin).toHaveBeenCalledWith(5);
  });
  test("how likely it is in time, how much earlier makes it sure, and what makes it late", () => {
    const { again } = show(<Clock {...props(found)} />);
    const card = screen.getByRole("region", { name: "How likely in time" });
    expect(card).toHaveTextContent("working it out");
    const chance = {
      onTime: 0.38,
      error: 0.008,
      likelyMin: 5.6,
      earlierMin: 14,
      causes: [{ step: "sear", minutes: 4.4 }],
      slips: {},
    };
    again(<Clock {...props(found, { chance, stepName: () => "Sear · Strips" })} />);
    expect(card).toHaveTextContent("In time in about 38 of 100 evenings");
    expect(card).toHaveTextContent("Begin everything 14 min earlier, and it is in time in 90 of 100.");
    expect(card).toHaveTextContent("What makes it late: Sear · Strips (about 4 min).");
    again(<Clock {...props(found, { chance: { ...chance, onTime: 1, earlierMin: 0, causes: [] } })} />);
    expect(card).toHaveTextContent("In time in nearly every evening");
    expect(card).toHaveTextContent("Begun when it says, it is in time in 90 of 100.");
  });
  test("one batch for two suppers: what could be, what is, and its way back; nothing where there is neither", async () => {
    const beans = (id: string) =>
      dishOf([part("b", "Chickpeas", null, 60, [step("soak", "soak", [food("chickpeas-dry", 200)])])], id);
    const way: OneBatch = {
      batch: {
        from: { dish: "a", part: "b", step: "soak" },
        into: { dish: "c", part: "b", step: "soak" },
        ratio: 1,
        where: "fridge",
        days: 2,
      },
      first: supperOf([beans("a")], { id: "one", name: "Sunday supper" }),
      later: supperOf([beans("c")], { id: "two", name: "Tuesday" }),
      savesMin: 12,
      laterStartMin: { before: -700, after: -40 },
      firstStartMin: { before: -90, after: -95 },
    };
    const given = props(found, { oneBatch: [way] });
    const { user, again } = show(<Clock {...given} />);
    const line = screen.getByText("Chickpeas: one batch, made with Sunday supper").closest("li") as HTMLElement;
    expect(line).toHaveTextContent(
      "Saves 12 min of hands. This supper begins 11 h later, Sunday supper begins 5 min earlier. This one's share lies 2 days in the fridge.",
    );
    await user.click(screen.getByRole("button", { name: "Do this: Chickpeas: one batch, made with Sunday supper" }));
    expect(given.onOneBatch).toHaveBeenCalledWith(way);
    const standing = { key: "c.x", part: "Chickpeas", from: { supper: "one", step: "a.y" } } as const;
    again(
      <Clock
        {...given}
        oneBatch={[]}
        batches={[
          { ...standing, kind: "stands", with: "Sunday supper", where: "fridge" },
          { ...standing, key: "c.z", kind: "gone" },
        ]}
      />,
    );
    expect(
      screen.getByText("Chickpeas: Sunday supper makes this supper's share, which lies in the fridge from then on."),
    ).toBeVisible();
    await user.click(screen.getByRole("button", { name: "Make it here instead: Chickpeas" }));
    expect(given.onApart).toHaveBeenCalledWith("c.x");
    again(<Clock {...given} oneBatch={[way]} frozen />);
    expect(screen.queryByText(/One batch/)).toBeNull();
    again(<Clock {...props(found)} />);
    expect(screen.queryByText(/One batch/)).toBeNull();
  });
  test("room before serving is left and taken back with one press each", async () => {
    const chance = { onTime: 0.38, error: 0.008, likelyMin: 5.6, earlierMin: 14, causes: [], slips: {} };
    const given = props(found, { chance, roomMin: 6 });
    const { user, again } = show(<Clock {...given} />);
    await user.click(screen.getByRole("button", { name: "Leave 14 min more room" }));
    expect(given.onRoom).toHaveBeenLastCalledWith(20);
    await user.click(screen.getByRole("button", { name: "Leave no room" }));
    expect(given.onRoom).toHaveBeenLastCalledWith(0);
    await user.clear(screen.getByLabelText("Ready before it is served by"));
    await user.type(screen.getByLabelText("Ready before it is served by"), "9{Enter}");
    expect(given.onRoom).toHaveBeenLastCalledWith(9);
    // A thaw that may take a night longer is no matter of room before serving.
    again(<Clock {...given} chance={{ ...chance, earlierMin: 600 }} />);
    expect(screen.getByRole("button", { name: "Leave 3 h 54 more room" })).toBeVisible();
    again(<Clock {...given} frozen />);
    expect(screen.queryByRole("button", { name: /room$/ })).toBeNull();
  });
  test("what may slip has a tail on its lane, and says until when", () => {
    const { again } = show(<Clock {...props(found)} />);
    expect(document.querySelectorAll("[data-tail]")).toHaveLength(0);
    const last = planned.tasks.find((t) => t.kind === "hands" && (found.starts[t.id] ?? 0) > -120)?.id ?? "";
    const chance = { onTime: 0.5, error: 0, likelyMin: 0, earlierMin: 5, causes: [], slips: { [last]: 7 } };
    again(<Clock {...props(found, { chance })} />);
    expect(document.querySelectorAll("[data-tail]").length).toBeGreaterThan(0);
    expect(screen.getByRole("group", { name: /Lanes of work/ })).toHaveTextContent(
      /one evening in ten not before \d\d:\d\d/,
    );
  });
  test("the lanes come closer down to ten minutes, and go back to the whole", async () => {
    const { user } = show(<Clock {...props(found)} />);
    const lanesWidth = () => Number(screen.getByRole("group", { name: /Lanes of work/ }).getAttribute("width"));
    const closer = screen.getByRole("button", { name: /^Closer/ });
    const wider = screen.getByRole("button", { name: /^Wider/ });
    const whole = lanesWidth();
    expect(wider).toBeDisabled();
    await user.click(closer);
    expect(lanesWidth()).toBeGreaterThan(1.8 * whole);
    for (let i = 0; i < 12 && !closer.hasAttribute("disabled"); i++) await user.click(closer);
    expect(closer).toBeDisabled();
    while (!wider.hasAttribute("disabled")) await user.click(wider);
    expect(lanesWidth()).toBe(whole);
  });
  test("lists every step with its time, and the waits that count", () => {
    show(<Clock {...props(found)} />);
    expect(screen.getAllByRole("listitem").length).toBeGreaterThanOrEqual(15);
    expect(screen.getByText("Waits that count")).toBeInTheDocument();
    expect(screen.getByText(/no start after|no plan is better/)).toBeInTheDocument();
  });
  test("too late is said, with why and what can be done, each one press away", async () => {
    const late = { nowMin: found.startMin + 25 };
    const { again, user } = show(<Clock {...props(found, late)} />);
    expect(screen.getByText(/It should have begun at/)).toBeInTheDocument();
    // How likely that plan is would be no answer any more.
    expect(screen.queryByRole("region", { name: "How likely in time" })).toBeNull();
    expect(screen.getByText("Trying what can be done …")).toBeInTheDocument();
    const [soak, sear] = ["soak", "sear"].map((k) => moves.find((m) => m.row.step.kind === k)?.key as string);
    const then = { startMin: -50, supper: demoSupper("2026-11-29T19:00:00.000Z"), kitchen: DEMO_KITCHEN };
    const ways: readonly WayOut[] = [
      {
        ...then,
        change: {
          kind: "quicker",
          steps: [
            { step: soak as string, way: "hot-soak", minutes: 45 },
            { step: sear as string, way: "unfrozen", minutes: null },
          ],
        },
        tableMin: 0,
        points: 0,
      },
      { ...then, change: { kind: "one-more", of: "burner" }, tableMin: 0, points: 0.4 },
      { ...then, change: { kind: "let-move" }, tableMin: 10, points: 0 },
      { ...then, change: { kind: "as-it-is" }, tableMin: 21, points: 0 },
    ];
    const tooLong = { needsMin: 125, thereAreMin: 70, steps: [{ step: soak as string, minutes: 62 }] };
    const soon = props(found, { ...late, waysOut: { tooLong, because: [], ways } });
    again(<Clock {...soon} />);
    expect(
      screen.getByText("Soak · Strips 1 h 02 and what goes with them take 2 h 05. There are 1 h 10 until dinner."),
    ).toBeInTheDocument();
    expect(
      screen.getByText(
        "Strips: soak in water off the boil for 45 min, under a lid; Strips: do not freeze; it stays softer and takes up less",
      ),
    ).toBeInTheDocument();
    expect(screen.getByText("On the table as planned, begin at 18:10.")).toBeInTheDocument();
    expect(screen.getByText("On the table as planned, begin at 18:10, bite −0.4.")).toBeInTheDocument();
    expect(screen.getByText("Let the steps that you hold move")).toBeInTheDocument();
    expect(screen.getByText("On the table at 19:21, begin at 18:10.")).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: /Do this: One more burner/ }));
    expect(soon.onWay).toHaveBeenCalledWith(ways[1]);
    again(
      <Clock
        {...props(found, { ...late, waysOut: { tooLong: { ...tooLong, thereAreMin: -3 }, because: [], ways: [] } })}
      />,
    );
    expect(screen.getByText(/take 2 h 05, and dinner is now\./)).toBeInTheDocument();
    expect(screen.getByText(/Nothing that was tried helps/)).toBeInTheDocument();
    const hands = { kind: "thing" as const, thing: "hands", units: 1, workMin: 48, name: null };
    const iron = { kind: "thing" as const, thing: "pan:iron", units: 1, workMin: 20, name: "Iron pan" };
    again(
      <Clock
        {...props(found, {
          ...late,
          waysOut: { tooLong: null, because: [{ kind: "waits", name: null }, iron, hands], ways },
        })}
      />,
    );
    expect(
      screen.getByText(
        "What is in the way: food that can wait no longer, the one “Iron pan” for 20 min of work and one pair of hands for 48 min of work, all together.",
      ),
    ).toBeInTheDocument();
  });
  test("what came into the kitchen for a day is told and can be given back; a cooking under way keeps it", async () => {
    const kitchen = withOneMore(withOneMore(DEMO_KITCHEN, "hands"), "burner");
    const with2 = props(found, { kitchen });
    const { user, again } = show(<Clock {...with2} />);
    expect(screen.getByText("Every plan counts on a helper and a borrowed burner.")).toBeInTheDocument();
    await user.click(screen.getByRole("button", { name: "No longer there" }));
    expect(with2.onGiveBack).toHaveBeenCalledTimes(1);
    again(<Clock {...props(found, { kitchen, frozen: true })} />);
    expect(screen.queryByText(/Every plan counts on/)).not.toBeInTheDocument();
    again(<Clock {...props(found)} />);
    expect(screen.queryByText(/Every plan counts on/)).not.toBeInTheDocument();
  });
  test("a change that can be made from here is taken with one press; others are only told", async () => {
    const whatIf = [
      { change: "hour-later" as const, startMin: -30, points: 0 },
      { change: "helper" as const, startMin: null, points: 0 },
      { change: "longer-hands" as const, startMin: -90, points: 0 },
    ];
    const given = props(found, { whatIf });
    const { user } = show(<Clock {...given} />);
    await user.click(screen.getByRole("button", { name: "Take it: dinner an hour later" }));
    expect(given.onTake).toHaveBeenCalledWith("hour-later");
    expect(screen.getAllByText("Take it")).toHaveLength(1);
  });
  test("what does not fit says how sure that is, what contradicts, and what helps", () => {
    const none: Schedule = {
      kind: "does-not-fit",
      proven: true,
      contradiction: [{ from: `sunday-supper/${moves[0]?.key}#0`, to: "serve", minMin: 0, maxMin: 5 }],
      reliefs: [
        { kind: "one-more", resource: "burner" },
        { kind: "one-more", resource: "pan:iron" },
        { kind: "be-home" },
        { kind: "wait-longer", from: `sunday-supper/${moves[0]?.key}#0`, to: "serve", nowMin: 5, neededMin: 40 },
      ],
      nodesUsed: 3,
    };
    show(<Clock {...props(none)} />);
    const alert = screen.getByRole("alert");
    expect(alert).toHaveTextContent("Every way to lay the steps was looked at");
    // A burner is among what a press does.
    expect(alert).not.toHaveTextContent("With one more burner it fits.");
    expect(alert).toHaveTextContent("another one like “iron”");
    expect(alert).toHaveTextContent("may wait 40 min instead of 5 min before the table");
    expect(alert).toHaveTextContent("to the table: at most 5 min");
    expect(screen.getByRole("button", { name: /calendar/ })).toBeDisabled();
  });
  test("not found is not impossible", () => {
    show(<Clock {...props({ kind: "does-not-fit", proven: false, contradiction: [], reliefs: [], nodesUsed: 3 })} />);
    expect(screen.getByRole("alert")).toHaveTextContent("though not every one was looked at");
    expect(screen.getByRole("alert")).toHaveTextContent("Trying what can be done");
  });
  test("waits that cost are told with their price, a start on another day with its day, a part that is missing first", () => {
    const soak = planned.tasks.find((t) => t.step.endsWith("mash-mash"))?.id as string;
    const longer: Schedule = {
      ...found,
      startMin: -1500,
      stretched: [{ from: soak, to: "serve", usualMin: 16, waitsMin: 40, points: 0.6 }],
    };
    const [dish, ...others] = planned.dishes;
    const [part, ...parts] = dish?.parts ?? [];
    const [row] = part?.rows ?? [];
    const torn = {
      ...planned,
      dishes: [
        {
          ...dish,
          parts: [{ ...part, rows: [{ ...row, state: "blocked", failure: { kind: "empty-vessel" } }] }, ...parts],
        },
        ...others,
      ],
    } as never;
    const early = moves.map((m, i) => (i === 0 ? { ...m, startMin: -1500 } : m));
    const day = (m: number) => (m < -600 ? "Sat 28 Nov" : "Sun 29 Nov");
    show(<Clock {...props(longer, { plan: torn, moves: early, day })} />);
    expect(screen.getByRole("heading", { level: 1 })).toHaveTextContent(/^Sat 28 Nov, /);
    expect(screen.getByText(/waits 40 min for the table, 24 min longer than it should/)).toBeInTheDocument();
    expect(screen.getByText("heat −0.6")).toBeInTheDocument();
    expect(screen.getByText(/Not in this plan: Strips/)).toBeInTheDocument();
  });
  test("a long wait that costs less in the oven is one press away; suppers that have the kitchen first are named", async () => {
    const from = planned.tasks.find((t) => t.step.endsWith("mash-mash"))?.id as string;
    const longer: Schedule = { ...found, stretched: [{ from, to: "serve", usualMin: 16, waitsMin: 40, points: 0.6 }] };
    const way = {
      from,
      how: "oven" as const,
      minutes: 38,
      pointsNow: 0.6,
      points: 0.3,
      startMin: found.startMin,
      supper: demoSupper("2026-11-29T19:00:00.000Z"),
    };
    const given = props(longer, { keptWarm: [way], beside: ["Lunch", "Tea"] });
    const { user, again } = show(<Clock {...given} />);
    await user.click(
      screen.getByRole("button", { name: "Keep it in the oven for 38 min: bite −0.3 in all, not −0.6" }),
    );
    expect(given.onKeepWarm).toHaveBeenCalledWith(way);
    expect(screen.getByText("Planned around “Lunch” and “Tea”, which have the kitchen first.")).toBeInTheDocument();
    again(<Clock {...given} frozen beside={["Lunch"]} />);
    expect(screen.queryByRole("button", { name: /Keep it in the oven/ })).toBeNull();
    expect(screen.getByText("Planned around “Lunch”, which has the kitchen first.")).toBeInTheDocument();
  });
  test("the list is printed and goes out as a table", async () => {
    const print = jest.spyOn(window, "print").mockImplementation(() => undefined);
    const given = props(found);
    const { user } = show(<Clock {...given} />);
    await user.click(screen.getByRole("button", { name: "Print" }));
    expect(print).toHaveBeenCalled();
    await user.click(screen.getByRole("button", { name: "As a table for a spreadsheet" }));
    expect(given.onTable).toHaveBeenCalled();
    print.mockRestore();
  });
  test("what changes on the day is worked out when asked, each with its start and its price", async () => {
    const page = props(found);
    const { user, again } = show(<Clock {...page} />);
    await user.click(screen.getByRole("button", { name: "Work it out" }));
    expect(page.onWhatIf).toHaveBeenCalledTimes(1);
    again(
      <Clock
        {...page}
        whatIf={[
          { change: "helper", startMin: -50, points: 0 },
          { change: "burner-less", startMin: -130, points: 1.2 },
          { change: "hour-earlier", startMin: null, points: 0 },
        ]}
      />,
    );
    expect(screen.getByText("begin at 18:10")).toBeInTheDocument();
    expect(screen.getByText("bite −1.2")).toBeInTheDocument();
    expect(screen.getByText("does not fit")).toBeInTheDocument();
  });
});
