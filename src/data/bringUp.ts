import type { Transaction } from "dexie";
import type { Label } from "@/core/formats/household";
import { labelsOnce } from "@/core/formats/labelsOnce";
import { inOneLine, type Plain, UnreadableRow, upgradeRow } from "@/core/formats/upgrades";
import { LISTS } from "@/core/formats/version";
import type { AsideRow, DoneRow, LogRow, RecentRow } from "./db";

/** Version 6 kept what a recent change did in the same row as its name. */
async function splitRecent(tx: Transaction): Promise<void> {
  for (const { diffs, ...row } of (await tx.table("recent").toArray()) as (RecentRow & DoneRow)[]) {
    await tx.table("done").put({ seq: row.seq, diffs });
    await tx.table("recent").put(row);
  }
}

/** Until version 10 ids could have several lines, in notes too, and two labels could speak of one allergen of one food. */
async function mendOnce(tx: Transaction): Promise<void> {
  await tx
    .table("log")
    .toCollection()
    .modify((row: LogRow, at: { value: unknown }) => (at.value = inOneLine(row)));
  const labels = tx.table("labels");
  const found = (await labels.toArray()) as Label[];
  await labels.clear();
  await labels.bulkPut(labelsOnce(found));
}

/**
 * Rows of an older version, brought up by the readers of the versions after it (`formats/upgrades`). A row that has not the shape of its
 * version is kept in `aside`, where Kitchen offers it as a file, and is not skipped.
 */
export async function bringUp(tx: Transaction, from: number): Promise<void> {
  if (from < 7) await splitRecent(tx);
  for (const table of ["kitchen", ...LISTS] as const) {
    const rows = (await tx.table(table).toArray()) as Plain[];
    for (const row of rows)
      try {
        const upgraded =
          table === "kitchen"
            ? { ...row, kitchen: upgradeRow(table, row.kitchen, from) }
            : upgradeRow(table, row, from);
        if (upgraded.id !== row.id) await tx.table(table).delete(row.id);
        await tx.table(table).put(upgraded);
      } catch (e) {
        if (!(e instanceof UnreadableRow)) throw e;
        await tx.table("aside").add({ table, row, why: e.message } satisfies Omit<AsideRow, "id">);
        await tx.table(table).delete(row.id);
      }
  }
  if (from < 11) await mendOnce(tx);
}
