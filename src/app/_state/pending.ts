"use client";

import { useSyncExternalStore } from "react";
import type { Edit, TableName } from "@/data/edits";

/**
 * Edits on their way to the store. What is drawn has them at once, so that the next edit starts from them however soon
 * it comes; they are dropped when the store brings them back.
 */
export type Pending = ReadonlyMap<string, { readonly edit: Edit; readonly written: boolean }>;

let pending: Pending = new Map();
const listeners = new Set<() => void>();
const set = (next: Pending) => {
  pending = next;
  for (const listener of listeners) listener();
};
const keyOf = (table: TableName, id: string) => `${table} ${id}`;

export function begin(edits: readonly Edit[]): void {
  set(new Map([...pending, ...edits.map((edit) => [keyOf(edit.table, edit.id), { edit, written: false }] as const)]));
}
/** They are in the store now; an edit that came on top of one of them stays on its way. */
export function written(edits: readonly Edit[]): void {
  set(new Map([...pending].map(([key, p]) => [key, edits.includes(p.edit) ? { ...p, written: true } : p])));
}
/** They changed nothing in the store: what it has is drawn. */
export function dropped(edits: readonly Edit[]): void {
  set(new Map([...pending].filter(([, p]) => !edits.includes(p.edit))));
}
/** These tables of the store were read again: what was written is in it. */
export function dropWritten(reads: (table: TableName) => boolean): void {
  const drops = (p: { readonly edit: Edit; readonly written: boolean }) => p.written && reads(p.edit.table);
  if ([...pending.values()].some(drops)) set(new Map([...pending].filter(([, p]) => !drops(p))));
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
export const pendingNow = () => pending;
export const usePending = (): Pending => useSyncExternalStore(subscribe, pendingNow, pendingNow);

const anyUnwritten = () => [...pending.values()].some((p) => !p.written);
/** Something that is drawn is not in the store yet. */
export const useUnwritten = (): boolean => useSyncExternalStore(subscribe, anyUnwritten, () => false);

/** A row as the cook left it; undefined when it is not on its way, null when it is on its way out. */
export const pendingRow = <T>(on: Pending, table: TableName, id: string): T | null | undefined =>
  on.get(keyOf(table, id))?.edit.row as T | null | undefined;

/** Rows of a table as the cook left them; the same array when none of them is on its way. */
export function withPending<T extends { readonly id: string }>(
  rows: readonly T[],
  table: TableName,
  on: Pending,
): readonly T[] {
  const edits = [...on.values()].map((p) => p.edit).filter((e) => e.table === table);
  if (edits.length === 0) return rows;
  const ids = new Set(rows.map((r) => r.id));
  const changed = rows.flatMap((r) => {
    const row = pendingRow<T>(on, table, r.id);
    return row === undefined ? [r] : row === null ? [] : [row];
  });
  return [...changed, ...edits.flatMap((e) => (e.row === null || ids.has(e.id) ? [] : [e.row as unknown as T]))];
}
