import { fireEvent, screen, within } from "@testing-library/react";
import type { Entry } from "@/core/notebook/entry";
import { show } from "../__tests__/support";
import { Notebook, type NotebookProps } from "./Notebook";

const entry: Entry = {
  id: "e1",
  cooking: null,
  supper: "s1",
  name: "Sunday supper",
  eaters: 5,
  startedAt: "2026-11-29T17:40:00.000Z",
  finishedAt: "2026-11-29T19:04:00.000Z",
  servedForAt: "2026-11-29T19:00:00.000Z",
  ended: "finished" as const,
  rows: [
    { key: "d.squeeze", part: "Strips", step: "squeeze", plannedMin: 3, actualMin: 5, plannedG: 368, weighedG: 418 },
    { key: "d.sear", part: "Strips", step: "sear", plannedMin: 14, actualMin: null, plannedG: 381, weighedG: null },
  ],
  saltPerEaterG: 4.1,
  bite: null,
  route: null,
  person: null,
  ratings: {},
  note: "",
};
const notebook = (more: Partial<NotebookProps> = {}) => {
  const props: NotebookProps = {
    entries: [{ entry, day: "Sun 29 Nov" }],
    aside: [],
    open: entry,
    openDay: "Sun 29 Nov",
    units: "metric",
    route: null,
    people: [{ id: "oda", name: "Oda" }],
    onRatings: jest.fn(),
    onPerson: jest.fn(),
    onBite: jest.fn(),
    onNote: jest.fn(),
    onRemove: jest.fn(),
    ...more,
  };
  return { props, ...show(<Notebook {...props} />) };
};

test("with nothing cooked it says what it is for and where to begin", () => {
  notebook({ entries: [], open: null });
  expect(screen.getByRole("heading", { name: "Nothing cooked yet" })).toBeInTheDocument();
  expect(screen.getByRole("link", { name: "To the Counter" })).toHaveAttribute("href", "/");
});
test("planned stands beside actual, and what was not measured is a dash, not a zero", () => {
  notebook();
  const squeeze = screen.getByRole("row", { name: /Squeeze/ });
  const cells = within(squeeze)
    .getAllByRole("cell")
    .map((c) => c.textContent);
  expect(cells).toEqual(expect.arrayContaining(["3", "5.0", "368 g", "418 g", "+50 g"]));
  const sear = screen.getByRole("row", { name: /Sear/ });
  expect(sear).toHaveTextContent("–");
  expect(
    within(sear)
      .getAllByRole("cell")
      .map((c) => c.textContent),
  ).not.toContain("0");
});
test("the bite is rated and a note is kept", async () => {
  const { user, props } = notebook();
  await user.click(screen.getByRole("radio", { name: "8 of 10" }));
  expect(props.onBite).toHaveBeenCalledWith(8);
  const note = screen.getByRole("textbox");
  await user.type(note, "Squeeze harder next time.");
  await user.tab();
  expect(props.onNote).toHaveBeenCalledWith("Squeeze harder next time.");
});
test("in US units the grams are ounces", () => {
  notebook({ units: "us" });
  expect(screen.getByRole("row", { name: /Squeeze/ })).toHaveTextContent("oz");
});
test("an entry can be removed", async () => {
  const { user, props } = notebook();
  await user.click(screen.getByRole("button", { name: /Remove/ }));
  expect(props.onRemove).toHaveBeenCalled();
});

test("what was put aside stands first, with the way back to it, also before anything was cooked", () => {
  notebook({
    entries: [],
    open: null,
    aside: [{ name: "Loaf night", since: "Sat 28 Nov, 21:10", href: "/supper/stove?s=x" }],
  });
  expect(screen.getByRole("link", { name: /Loaf night/ })).toHaveAttribute("href", "/supper/stove?s=x");
  expect(screen.getByText(/put aside Sat 28 Nov, 21:10/)).toBeInTheDocument();
});

test("a route's bite is rated by attribute and person; what is unsaid is gone, not nought", async () => {
  const rated = { ...entry, route: "tofu-seared", ratings: { firm: 7, juice: 3 } };
  const { user, props } = notebook({ open: rated, route: "Firm tofu, pressed and seared" });
  fireEvent.change(screen.getByRole("slider", { name: /^chew/ }), { target: { value: "6" } });
  expect(props.onRatings).toHaveBeenLastCalledWith({ firm: 7, juice: 3, chew: 6 });
  await user.click(screen.getByRole("button", { name: "Unsay juice" }));
  expect(props.onRatings).toHaveBeenLastCalledWith({ firm: 7 });
  await user.selectOptions(screen.getByLabelText("As found by"), "oda");
  expect(props.onPerson).toHaveBeenLastCalledWith("oda");
});
test("without a route there is nothing to rate by attribute", () => {
  notebook();
  expect(screen.queryByRole("group", { name: "The bite by attribute" })).toBeNull();
});
