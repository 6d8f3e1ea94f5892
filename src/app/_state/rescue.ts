"use client";

import { type Household, writeCheckedHousehold } from "@/core/formats/household";
import { LISTS } from "@/core/formats/version";
import { db } from "@/data/db";
import { readAll } from "@/data/household";
import { withPresses } from "@/data/rescued";
import { download } from "./download";
import { pendingNow } from "./pending";
import { heldNotes } from "./store";

const NOTHING = {
  kitchen: null,
  ...Object.fromEntries(LISTS.map((list) => [list, []])),
} as unknown as Household;

/** The household as the store has it, with what it would not take on top, as a file that every Jade Pan reads. */
export async function saveEverything(): Promise<void> {
  const stored = await readAll(db).catch(() => NOTHING);
  const household = withPresses(withUnstored(stored), heldNotes.current().unstored);
  const { text, aside } = writeCheckedHousehold(household, new Date().toISOString());
  download("jade-pan-household-rescued.json", "application/json", text);
  if (aside.length > 0) download("jade-pan-rows-set-aside.json", "application/json", JSON.stringify(aside, null, 2));
}
function withUnstored(stored: Household): Household {
  const all: Record<string, unknown> = { ...stored };
  for (const { edit, written } of pendingNow().values()) {
    if (written) continue;
    const { table, id, row } = edit;
    if (table === "kitchen") all.kitchen = (row as { kitchen?: unknown } | null)?.kitchen ?? null;
    else if (table !== "log") {
      const others = ((all[table] ?? []) as { readonly id: string }[]).filter((r) => r.id !== id);
      all[table] = row === null ? others : [...others, row];
    }
  }
  return all as unknown as Household;
}
