/** The version that is written; the browser's database has the same number. */
export const FILE_VERSION = 13;

/** Lists of the household file, which are also the tables of the browser's store. */
export const LISTS = [
  "eaters",
  "labels",
  "foods",
  "dishes",
  "suppers",
  "cookings",
  "entries",
  "recipes",
  "prices",
] as const;
/** One of the lists of the file. */
export type ListName = (typeof LISTS)[number];
