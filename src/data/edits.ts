import { LISTS } from "@/core/formats/version";
import type { LogEntry } from "@/core/process/log";
import { type FieldChange, fieldChanges, type Row, untouchedSince, withChanges } from "./fields";

/** Tables whose rows can be changed and changed back. */
export const TABLES = ["kitchen", ...LISTS, "log"] as const;
export type TableName = (typeof TABLES)[number];
/**
 * The log of one cooking as a whole, under the cooking's id, for restoring and clearing. At the Stove entries are only
 * ever appended (`press`), and taking a change back never takes away what was appended after it.
 */
export interface CookingLog extends Row {
  readonly entries: readonly LogEntry[];
}

/** A row to write, or (null) to remove. */
export interface Edit {
  readonly table: TableName;
  readonly id: string;
  readonly row: Row | null;
  /** The row as the cook saw it: only what differs from it is written, so that what another tab changed beside it stays. */
  readonly from?: Row;
}
export interface Diff {
  readonly table: TableName;
  readonly id: string;
  readonly fields: readonly FieldChange[];
}
/** What one action did, as plain data: field by field, so that taking it back leaves the others alone. */
export interface Change {
  readonly label: string;
  readonly diffs: readonly Diff[];
}

/** @param typed null, or what this stay in a field stored last: a text that is neither that nor what the cook saw is somebody else's */
export function merged(
  now: Row,
  from: Row,
  row: Row | null,
  typed: { readonly last: string | null } | null,
): Row | null {
  if (row === null) return null;
  const changes = fieldChanges(from, row);
  const mine = typed === null ? changes : changes.filter((change) => isOurs(now, change, typed.last));
  return withChanges(now, mine, "made");
}
function isOurs(now: Row, change: FieldChange, last: string | null): boolean {
  const [path, from, to] = change;
  if (typeof from !== "string" || typeof to !== "string") return true;
  return (
    untouchedSince(now, [[path, to, from]]).length > 0 ||
    (last !== null && untouchedSince(now, [[path, to, last]]).length > 0)
  );
}

/** The last change of a stay in a field, when it changed one text. */
export interface TypedChange {
  readonly seq: number;
  readonly table: TableName;
  readonly id: string;
  readonly field: FieldChange;
}
/** A change of the same text that goes on from there, as one with it; null where it is of something else. */
export function goingOn({ table, id, field }: TypedChange, diffs: readonly Diff[]): Diff[] | null {
  const [diff] = diffs;
  const [change] = diff?.fields ?? [];
  if (diff === undefined || change === undefined || diffs.length > 1 || diff.fields.length > 1) return null;
  const [path, from, to] = change;
  const same = diff.table === table && diff.id === id && path.join("/") === field[0].join("/") && from === field[2];
  return same && typeof to === "string" ? [{ table, id, fields: [[path, field[1], to]] }] : null;
}

export const PORTION = 500;
export const keyOf = ({ table, id }: Pick<Edit, "table" | "id">): string => `${table} ${id}`;
export function grouped<T extends Pick<Edit, "table">>(items: readonly T[]): Map<TableName, T[]> {
  const groups = new Map<TableName, T[]>();
  for (const item of items) {
    const group = groups.get(item.table);
    if (group) group.push(item);
    else groups.set(item.table, [item]);
  }
  return groups;
}
export const byTable = (edits: readonly Pick<Edit, "table" | "id">[]): [TableName, string[]][] =>
  [...grouped(edits)].map(([table, of]) => [table, [...new Set(of.map((e) => e.id))]]);
