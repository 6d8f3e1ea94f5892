import { expose } from "comlink";
import { type CheckedFile, type FileFailure, type Household, type HouseholdFile } from "@/core/formats/household";
import { type Progress, readHousehold, writeCheckedHousehold } from "@/core/formats/household";
import type { Result } from "@/core/quantities/result";
import { keepCopy } from "@/data/copies";
import { db } from "@/data/db";
import { isEmpty, readAll } from "@/data/household";

/** Reads and writes household files beside the page, which answers all the while. */
export const fileApi = {
  read: (text: string, onRows: Progress): Result<HouseholdFile, FileFailure> => readHousehold(text, onRows),
  /** Everything in this browser, as a file that was read back. */
  async exportAll(at: string, onRows: Progress): Promise<CheckedFile> {
    return writeCheckedHousehold((await readAll(db)) satisfies Household, at, onRows);
  },
  /** Keeps a copy of everything in this browser when one is due; an empty household is none. */
  async keepCopy(at: number): Promise<void> {
    if (!(await isEmpty(db))) await keepCopy(at, () => readAll(db));
  },
};
expose(fileApi);
