import Dexie, { type Table } from "dexie";
import { type Household, writeHousehold } from "@/core/formats/household";

/** Copies of everything that the browser makes by itself. They lie in a store of their own, which no upgrade of the other touches. */

/** One state of the household, as a file. */
export interface CopyRow {
  readonly id?: number;
  /** ms since 1970 UTC */
  readonly at: number;
  /** The file, gzip. */
  readonly zipped: Uint8Array<ArrayBuffer>;
}
/** So many are kept, and so far apart at the least, ms. */
export const COPIES_KEPT = 5;
const APART_MS = 3_600_000;

/** The store of copies. */
export class CopiesDb extends Dexie {
  copies!: Table<CopyRow, number>;
  constructor(name = "jade-pan-copies") {
    super(name);
    this.version(1).stores({ copies: "++id, at" });
  }
}
export const copiesDb = new CopiesDb();

/** When each copy was made, the newest first. */
export async function copiesKept(copies: CopiesDb = copiesDb): Promise<{ readonly id: number; readonly at: number }[]> {
  const rows = await copies.copies.orderBy("id").reverse().toArray();
  return rows.map(({ id, at }) => ({ id: id as number, at }));
}

/**
 * Keeps a copy when the last one is an hour old and says something else, and lets go of the oldest beyond five. A clock that was
 * set back does not stop it for long: a copy from the future counts as none.
 */
export async function keepCopy(
  at: number,
  read: () => Promise<Household>,
  copies: CopiesDb = copiesDb,
): Promise<boolean> {
  const last = await copies.copies.orderBy("id").last();
  if (last !== undefined && at - last.at < APART_MS && at >= last.at) return false;
  const text = writeHousehold(await read(), new Date(at).toISOString());
  if (last !== undefined && withoutTime(text) === withoutTime(await textOf(last))) return false;
  const zipped = await through(new Blob([text]), new CompressionStream("gzip"));
  return copies.transaction("rw", copies.copies, async () => {
    // Of two pages that are due at once one keeps it.
    if ((await copies.copies.orderBy("id").last())?.id !== last?.id) return false;
    await copies.copies.add({ at, zipped });
    const old = await copies.copies.orderBy("id").reverse().offset(COPIES_KEPT).primaryKeys();
    await copies.copies.bulkDelete(old);
    return true;
  });
}
/** The file of a copy, as text. */
export const textOf = async ({ zipped }: CopyRow): Promise<string> =>
  new TextDecoder().decode(await through(new Blob([zipped]), new DecompressionStream("gzip")));
const through = async (blob: Blob, by: CompressionStream | DecompressionStream): Promise<Uint8Array<ArrayBuffer>> =>
  new Uint8Array(await new Response(blob.stream().pipeThrough(by)).arrayBuffer());
const withoutTime = (text: string): string => text.replace(/"exportedAt": "[^"]*"/, "");
