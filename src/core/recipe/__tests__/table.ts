import { openBook } from "../../foods/book";
import { plainKitchen } from "../../household/plainKitchen";
import type { Table } from "../../swap/answer";
import { readFor } from "../convert";
import type { RecipeRead } from "../recipe";

/** Four guests in a plain kitchen that knows the built-in foods alone. */
export const table: Table = {
  supper: {
    id: "s",
    name: "s",
    serveAt: "2026-11-29T19:00:00.000Z",
    eaters: [],
    guests: 4,
    atHand: [],
    afterMin: {},
    pins: {},
    roomMin: 0,
    madeWith: {},
  },
  kitchen: plainKitchen("Europe/Dublin"),
  eaters: [],
  foods: [],
  labels: [],
};
export const { food } = openBook(table);
/** A recipe as it is read at this table; a text that is none is a mistake of the test. */
export function readIt(text: string): RecipeRead {
  const found = readFor(text, table, "metric");
  if ("kind" in found) throw new Error(found.kind);
  return found;
}
