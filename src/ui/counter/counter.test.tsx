import { screen, within } from "@testing-library/react";
import { DEMO_EATERS, MUSTARD_STRIPS } from "@/demo/household";
import { show } from "../__tests__/support";
import { Counter } from "./Counter";
import type { CounterProps } from "./counterProps";
import { StartSupper } from "./StartSupper";

const wishes = { date: "2026-11-29", time: "19:00", eaters: DEMO_EATERS.map((e) => e.id), guests: 0 };

describe("starting a supper", () => {
  const start = (eaters = DEMO_EATERS, chosen = wishes) => {
    const onStart = jest.fn();
    const onCancel = jest.fn();
    return {
      onStart,
      onCancel,
      ...show(
        <StartSupper dish={MUSTARD_STRIPS} eaters={eaters} wishes={chosen} onStart={onStart} onCancel={onCancel} />,
      ),
    };
  };
  test("everybody is asked for already: one press is enough", async () => {
    const { user, onStart } = start();
    await user.click(screen.getByRole("button", { name: "Set the time" }));
    expect(onStart.mock.lastCall?.[0]).toEqual(wishes);
  });
  test("who eats can be changed, guests come as a number", async () => {
    const { user, onStart } = start();
    await user.click(screen.getByLabelText("Pim"));
    await user.clear(screen.getByLabelText("Guests"));
    await user.type(screen.getByLabelText("Guests"), "3");
    await user.click(screen.getByRole("button", { name: "Set the time" }));
    expect(onStart.mock.lastCall?.[0]).toMatchObject({ eaters: ["oda", "bram", "ilse", "noor"], guests: 3 });
  });
  test.each([
    ["two", "Guests: type a whole number, 0 or more."],
    ["0", "Nobody eats yet: choose somebody or type a number of guests."],
    ["900", "Guests can be 0 to 200."],
  ])("%s guests alone are refused with a sentence", async (guests, says) => {
    const { user, onStart } = start([], { ...wishes, eaters: [] });
    await user.clear(screen.getByLabelText("Guests"));
    await user.type(screen.getByLabelText("Guests"), guests);
    await user.click(screen.getByRole("button", { name: "Set the time" }));
    expect(await screen.findByRole("alert")).toHaveTextContent(says);
    expect(onStart).not.toHaveBeenCalled();
  });
  test("not now leaves everything as it was", async () => {
    const { user, onCancel } = start();
    await user.click(screen.getByRole("button", { name: "Not now" }));
    expect(onCancel).toHaveBeenCalled();
  });
});

describe("the counter", () => {
  const counter = (more: Partial<CounterProps> = {}) => {
    const props: CounterProps = {
      awaited: { next: false, workLines: 0 },
      reminder: null,
      onReminderAway: jest.fn(),
      next: {
        when: "next, today at 17:49",
        title: "Weigh out for the strips",
        says: "160 g.",
        href: "/x",
        does: "See the clock",
        late: false,
      },
      work: {
        title: "Sunday supper, in this order",
        href: "/c",
        lines: [{ time: "17:49", title: "Weigh · Strips", says: "2 min" }],
      },
      suppers: [
        {
          id: "s",
          day: "Sun 29 Nov",
          at: "19:00 · 5 eaters",
          name: "Sunday supper",
          dishes: "Mustard strips",
          remarksAwaited: 1,
          remarks: [{ tone: "watch", says: "Ilse: 5 labels to read" }],
          start: "17:49",
          startSays: "begin",
          href: "/b",
        },
      ],
      shelf: [{ dish: MUSTARD_STRIPS, says: "3 parts", parts: [100, 500, 1200] }],
      eaters: DEMO_EATERS,
      wishes,
      onStart: jest.fn(),
      onNewDish: jest.fn(),
      onRemoveSupper: jest.fn(),
      onDuplicateDish: jest.fn(),
      onRenameDish: jest.fn(),
      onRemoveDish: jest.fn(),
      onClear: jest.fn(),
      ...more,
    };
    return { props, ...show(<Counter {...props} />) };
  };
  test("the next thing and when, the supper with what is open, the order of work", () => {
    counter();
    const next = screen.getByRole("region", { name: "Next" });
    expect(within(next).getByRole("heading")).toHaveTextContent("Weigh out for the strips");
    expect(within(next).getByRole("link")).toHaveAttribute("href", "/x");
    expect(screen.getByText("Ilse: 5 labels to read")).toBeInTheDocument();
    expect(screen.getByText("Weigh · Strips")).toBeInTheDocument();
  });
  test("removing asks nothing", async () => {
    const { props, user } = counter();
    await user.click(screen.getByRole("button", { name: "Remove Sunday supper" }));
    expect(props.onRemoveSupper).toHaveBeenCalledWith("s");
    await user.click(screen.getByRole("button", { name: `Remove ${MUSTARD_STRIPS.name}` }));
    expect(props.onRemoveDish).toHaveBeenCalledWith(MUSTARD_STRIPS);
  });
  test("without a supper it says what to do", () => {
    counter({ suppers: [], next: null, work: null });
    expect(screen.getByText("No supper is coming up")).toBeInTheDocument();
  });
  test("a long shelf shows its first twenty, all of them when asked, and can be searched", async () => {
    const shelf = Array.from({ length: 30 }, (_, i) => ({
      dish: { ...MUSTARD_STRIPS, id: `d${i}`, name: `Dish number ${i}` },
      says: "one part",
      parts: [],
    }));
    const { user } = counter({ shelf });
    const lines = () => screen.queryAllByRole("button", { name: /^Plan a supper with/ });
    expect(lines()).toHaveLength(20);
    await user.click(screen.getByRole("button", { name: "Show all 30" }));
    expect(lines()).toHaveLength(30);
    await user.type(screen.getByLabelText("Look for a dish"), "number 29");
    expect(lines()).toHaveLength(1);
    await user.type(screen.getByLabelText("Look for a dish"), " nothing");
    expect(screen.getByText("No dish of that name is on the shelf.")).toBeInTheDocument();
  });
});
