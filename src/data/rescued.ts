import type { Cooking, Household } from "@/core/formats/household";
import type { Entry } from "@/core/notebook/entry";
import type { CookingId } from "@/core/process/log";
import type { Press } from "./press";
import { cookingIn, entriesWithHeld } from "./noteQueue";

/** A household with what is held of its cookings in their logs, begun ones and ends too: nothing of it is in the store. */
export function withPresses(household: Household, presses: readonly Press[]): Household {
  const cookings = new Map(household.cookings.map((c) => [c.id as CookingId, c]));
  for (const press of presses) {
    if (press.kind === "begin") cookings.set(press.cooking.id, { ...press.cooking, log: [] } as unknown as Cooking);
    const at = cookings.get(cookingIn(press));
    if (at !== undefined)
      cookings.set(cookingIn(press), { ...at, log: [...at.log, ...press.notes.map((n) => n.entry)] } as Cooking);
  }
  const entries = entriesWithHeld(household.entries as readonly Entry[], presses);
  return { ...household, cookings: [...cookings.values()], entries: [...entries] as unknown as Household["entries"] };
}
