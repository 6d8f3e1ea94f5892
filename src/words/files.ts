import type { HowToBringIn, LabelClash, LogClash } from "@/core/formats/bringIn";
import type { FileFailure, HouseholdFile } from "@/core/formats/household";
import type { AllergenState } from "@/core/foods/allergens";
import { ALLERGEN_NAMES } from "./words";
import { counted } from "./count";

/** Words of export, import and clearing. */

export function describeFileFailure(failure: FileFailure): string {
  switch (failure.kind) {
    case "too-big":
      return `The file is larger than ${Math.round(failure.most / 1e6)} MB; a household is never that large. Nothing was changed.`;
    case "not-json":
      return failure.cutOff
        ? "The file stops in the middle. Copy it again, whole. Nothing was changed."
        : "The file is not JSON. Choose a file that was exported here. Nothing was changed.";
    case "foreign":
      return "The file is JSON, but not a Jade Pan household. Nothing was changed.";
    case "newer":
      return `The file was written by a newer Jade Pan (version ${failure.version}). Update this one first. Nothing was changed.`;
    case "wrong-field":
      return `The file is damaged at ${failure.field}: ${failure.problem}. Nothing was changed.`;
  }
}

/** Work on a file that did not come to its end, for a reason that lies in the browser. */
export const describeFileTrouble = (error: unknown): string =>
  `The browser could not finish this (${error instanceof Error ? error.message : String(error)}). Nothing was changed. Close other pages and try again.`;

export const describeFile = (f: HouseholdFile): string =>
  `From ${f.exportedAt.slice(0, 10)}: ${counted(f.eaters.length, "person", "people")}, ${counted(f.dishes.length, "dish", "dishes")}, ${counted(f.suppers.length, "supper")}, ${counted(f.cookings.length, "cooking")}, ${counted(f.entries.length, "entry", "entries")}.`;

const STATE_SAYS: Readonly<Record<AllergenState, string>> = {
  contains: "contains it",
  may: "may contain it",
  free: "free of it",
  unknown: "not read yet",
};
/** One thing that the household here and a file say differently: the question, the word that stands, the file's word. */
export interface ClashWords {
  readonly id: string;
  readonly asks: string;
  readonly stands: string;
  /** The other word. */
  readonly other: string;
}
export const describeLabelClash = (c: LabelClash, food: string): ClashWords => ({
  id: c.id,
  asks: `${food}, ${ALLERGEN_NAMES[c.allergen]}. Here: ${STATE_SAYS[c.here]}. In the file: ${STATE_SAYS[c.file]}.`,
  stands: `Keep the safer: ${STATE_SAYS[c.kept]}`,
  other: c.kept === c.file ? `Keep what is here: ${STATE_SAYS[c.here]}` : `Take the file's: ${STATE_SAYS[c.file]}`,
});
export const describeLogClash = (c: LogClash, supper: string): ClashWords => ({
  id: c.id,
  asks: `${supper} was cooked on, here and where the file comes from: ${c.here} notes here, ${c.file} in the file.`,
  stands: "Keep the notes here",
  other: "Take the file's notes",
});
export const HOW_SAYS: Readonly<Record<HowToBringIn, string>> = {
  copies: "The file stands beside what was here.",
  replace: "The file has taken the place of what was here.",
};
