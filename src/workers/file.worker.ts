import { expose } from "comlink";
import { broughtIn, clashesOf, type HowToBringIn } from "@/core/formats/bringIn";
import {
  type CheckedFile,
  type FileFailure,
  type HouseholdFile,
  type Progress,
  readHousehold,
  writeCheckedHousehold,
} from "@/core/formats/household";
import { openBook } from "@/core/foods/book";
import { LARGEST_FILE } from "@/core/formats/upgrades";
import { fail, type Result, succeed } from "@/core/quantities/result";
import { Changes } from "@/data/changes";
import { copiesDb, keepCopy, textOf } from "@/data/copies";
import { db } from "@/data/db";
import { editsFor, editsToClear, isEmpty, readAll } from "@/data/household";
import { type ClashWords, describeFile, describeLabelClash, describeLogClash } from "@/words/files";
import { foodName } from "@/words/words";

/** The file that was read last, and waits for the cook's word. */
let held: HouseholdFile | null = null;
const inHand = (): HouseholdFile => {
  if (held === null) throw new Error("no file was read");
  return held;
};
function hold(text: string, onRows: Progress): Result<string, FileFailure> {
  const read = readHousehold(text, onRows);
  held = read.ok ? read.value : null;
  return read.ok ? succeed(describeFile(read.value)) : read;
}

/** Household files are read, brought in and written beside the page, which answers all the while. */
export const fileApi = {
  /** Reads a file and holds it; says what it holds. */
  read: async (file: Blob, onRows: Progress): Promise<Result<string, FileFailure>> =>
    file.size > LARGEST_FILE
      ? fail({ kind: "too-big", bytes: file.size, most: LARGEST_FILE })
      : hold(await file.text(), onRows),
  /** Reads one of the copies that the browser made, like a file; null when it is gone by now. */
  async readCopy(id: number, onRows: Progress): Promise<Result<string, FileFailure> | null> {
    const copy = await copiesDb.copies.get(id);
    return copy === undefined ? null : hold(await textOf(copy), onRows);
  },
  /** What the file in hand and the household say differently, to be decided first. */
  async clashes(how: HowToBringIn): Promise<readonly ClashWords[]> {
    const [file, here] = [inHand(), await readAll(db)];
    const { labels, logs } = clashesOf(here, file, how);
    const { food: foods } = openBook({ foods: [...here.foods, ...file.foods], labels: [] });
    return [
      ...labels.map((c) => describeLabelClash(c, foodName(foods, c.food))),
      ...logs.map((c) => describeLogClash(c, file.suppers.find((s) => s.id === c.supper)?.name ?? "A supper")),
    ];
  },
  /**
   * Brings the file in hand in, as one change.
   *
   * @returns where the list of recent changes has it; null where nothing was changed
   */
  async bringIn(
    label: string,
    how: HowToBringIn,
    overruled: readonly string[],
    suffix: string,
  ): Promise<number | null> {
    const brought = broughtIn(await readAll(db), inHand(), how, new Set(overruled), suffix);
    const cleared = how === "replace" ? await editsToClear(db) : [];
    const seq = await new Changes(db).apply(label, [...cleared, ...editsFor(brought)]);
    held = null;
    return seq;
  },
  /** Everything in this browser, as a file that was read back. */
  async exportAll(at: string, onRows: Progress): Promise<{ file: Blob; aside: CheckedFile["aside"] }> {
    const { text, aside } = writeCheckedHousehold(await readAll(db), at, onRows);
    return { file: new Blob([text]), aside };
  },
  /** Keeps a copy of everything in this browser when one is due; an empty household is none. */
  async keepCopy(at: number): Promise<void> {
    if (!(await isEmpty(db))) await keepCopy(at, () => readAll(db));
  },
};
expose(fileApi);
