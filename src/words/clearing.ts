import type { Clearable } from "@/core/formats/clearable";
import { counted } from "./count";

/** What each clearing does, what it takes, and what is said afterwards. */
export const CLEARING: Readonly<Record<Clearable, { does: string; holds: (n: number) => string; done: string }>> = {
  counter: {
    does: "Clear the counter",
    holds: (n) => counted(n, "supper"),
    done: "The counter is empty. Shelf, people, kitchen and notebook stay.",
  },
  shelf: { does: "Empty the shelf", holds: (n) => counted(n, "dish", "dishes"), done: "The shelf is empty." },
  people: {
    does: "Forget the people",
    holds: (n) => counted(n, "person", "people"),
    done: "Nobody is in the household.",
  },
  foods: {
    does: "Forget own foods and labels",
    holds: (n) => counted(n, "food of your own", "foods of your own"),
    done: "Own foods and labels are gone: labels are to be read again.",
  },
  kitchen: {
    does: "Start the kitchen over",
    holds: () => "gear, hours, units",
    done: "The kitchen is a plain one again.",
  },
  notebook: {
    does: "Empty the notebook",
    holds: (n) => counted(n, "entry", "entries"),
    done: "The notebook is empty.",
  },
};

/** What came of taking a change back, or of making it once more. */
export const describeBroughtBack = (
  { label, stays }: { label: string; stays: number },
  is: "taken back" | "made again" = "taken back",
): string =>
  stays === 0
    ? `“${label}” is ${is}.`
    : `“${label}” is ${is}, but for ${counted(stays, "thing")} changed again since: ${stays === 1 ? "it stays" : "they stay"} as now.`;
