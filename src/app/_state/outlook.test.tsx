import { renderHook, waitFor } from "@testing-library/react";
import { DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { plainKitchen } from "@/core/household/plainKitchen";
import { type HouseFacts, useOutlooks } from "./outlook";

const asked: { input: { kitchen: { name: string }; foods: readonly { id: string }[] } }[] = [];
jest.mock("@/workers/client", () => ({
  computing: {
    outlook: (question: (typeof asked)[number]) => {
      asked.push(question);
      return Promise.resolve({ firstAt: 5, remarks: [], first: null, work: [] });
    },
  },
}));
jest.mock("@/data/db", () => ({ db: {} }));
/** The store is behind: nothing of what is on screen is in it yet. */
jest.mock("@/data/household", () => ({
  cookingOf: () => Promise.resolve(null),
  reachingInto: () => [],
  planInputOf: () => {
    throw new Error("the store was asked for what is on screen");
  },
}));

test("a supper is worked out from what is on screen, and again when any of it changes", async () => {
  const suppers = [demoSupper("2026-11-29T19:00:00.000Z")];
  const facts = (more: Partial<HouseFacts>): HouseFacts => ({
    kitchen: plainKitchen("UTC"),
    eaters: [],
    foods: [],
    labels: [],
    cookings: 0,
    ...more,
  });
  const { result, rerender } = renderHook(({ known }) => useOutlooks(suppers, known), {
    initialProps: { known: null as HouseFacts | null },
  });
  expect(asked).toEqual([]);
  rerender({ known: facts({ kitchen: DEMO_KITCHEN }) });
  await waitFor(() => expect(result.current.size).toBe(1));
  expect(asked.at(-1)?.input.kitchen.name).toBe(DEMO_KITCHEN.name);
  // A figure of an own food counts as much as the kitchen.
  rerender({ known: facts({ kitchen: DEMO_KITCHEN, foods: [{ id: "own-1" }] as never }) });
  await waitFor(() => expect(asked).toHaveLength(2));
  expect(asked.at(-1)?.input.foods).toEqual([{ id: "own-1" }]);
  // What says the same is not asked again.
  rerender({ known: facts({ kitchen: { ...DEMO_KITCHEN }, foods: [{ id: "own-1" }] as never }) });
  await new Promise((later) => setTimeout(later, 20));
  expect(asked).toHaveLength(2);
});
