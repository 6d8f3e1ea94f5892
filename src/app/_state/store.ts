"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { browserZone } from "@/core/calendar/localTime";
import type { Dish, Supper } from "@/core/dish/dish";
import type { Kitchen } from "@/core/household/kitchen";
import type { Eater } from "@/core/household/people";
import type { Food } from "@/core/foods/food";
import type { Label } from "@/core/formats/household";
import type { Entry } from "@/core/notebook/entry";
import type { CookingId, LogEntry } from "@/core/process/log";
import { Changes } from "@/data/changes";
import type { Edit } from "@/data/edits";
import type { Note } from "@/data/press";
import { type CookingRow, db, type KitchenRow } from "@/data/db";
import { comingSuppers, isEmpty, kitchenOf } from "@/data/household";
import { type HeldNotes, NoteQueue } from "@/data/noteQueue";
import { notify } from "@/ui/frame/noticeQueue";
import { stored } from "@/ui/frame/troubleQueue";
import { stayNow } from "@/ui/frame/typing";
import { describeBroughtBack } from "@/words/clearing";
import {
  begin,
  dropped,
  dropWritten,
  type Pending,
  pendingRow,
  usePending,
  withPending,
  written,
  useUnwritten,
} from "./pending";

/** The one history of this page. */
export const changes = new Changes(db);
export const useHistory = () => useSyncExternalStore(changes.subscribe, changes.current, changes.current);

/** What is noted at the Stove, stored or held until it is. */
export const heldNotes = new NoteQueue((press) => changes.press(press));
export const useHeldNotes = (): HeldNotes =>
  useSyncExternalStore(heldNotes.subscribe, heldNotes.current, heldNotes.current);
/** Something that is drawn is not in the store yet. */
export const useStoring = (): boolean => {
  const unwritten = useUnwritten();
  return useHeldNotes().unstored.length > 0 || unwritten;
};
const asNotes = (entries: readonly LogEntry[]): Note[] => entries.map((entry) => ({ id: crypto.randomUUID(), entry }));
/** One press at the Stove, drawn at once; resolves once the browser was asked to store it. */
export const noted = {
  begin: (cooking: CookingRow, ...first: LogEntry[]) => {
    askToKeep();
    return heldNotes.add({ kind: "begin", cooking, notes: asNotes(first) });
  },
  add: (cooking: CookingId, ...entries: LogEntry[]) =>
    heldNotes.add({ kind: "notes", cooking, notes: asNotes(entries) }),
  finish: (cooking: CookingId, last: readonly LogEntry[], entry: Entry) =>
    heldNotes.add({ kind: "finish", cooking, notes: asNotes(last), entry }),
};

export const newId = (prefix: string): string => `${prefix}-${crypto.randomUUID().slice(0, 8)}`;

/** How loading the demo household is called among the changes: nothing of one's own. */
export const DEMO_LABEL = "Load the demo household";
let asked = false;
/** The first thing of one's own is stored: the browser is asked, once, not to clear the store when space is short. */
function askToKeep(): void {
  if (asked) return;
  asked = true;
  void navigator.storage?.persist?.();
}

/** A change with its way back in the notice. Drawn at once; done when it is stored, however often that has to be tried. */
export async function change(label: string, edits: readonly Edit[], says?: string): Promise<void> {
  begin(edits);
  // What is typed in one stay in a field is one change, with one undo.
  const stay = stayNow();
  let seq: number | null = null;
  await stored(label, async () => void (seq = await changes.apply(label, edits, stay)));
  // Where another tab had the last word nothing was written: what it says is drawn.
  if (seq === null) dropped(edits);
  else {
    written(edits);
    if (label !== DEMO_LABEL) askToKeep();
  }
  if (says) notify({ says, action: undoAction });
}
/** Takes the last change of this page back, and says so where something newer lies on top of it. */
export async function undo(): Promise<void> {
  const back = await changes.undo();
  if (back !== null && back.stays > 0) notify({ says: describeBroughtBack(back) });
}
export async function redo(): Promise<void> {
  const made = await changes.redo();
  if (made !== null && made.stays > 0) notify({ says: describeBroughtBack(made, "made again") });
}
export const undoAction = { label: "Undo", run: () => void undo() };

export const put = <T extends { readonly id: string }>(table: Edit["table"], row: T): Edit => ({
  table,
  id: row.id,
  row,
});
/** A row as the cook saw it and as it is now: what another tab changed beside it stays. */
export const edited = <T extends { readonly id: string }>(table: Edit["table"], from: T, to: T): Edit => ({
  table,
  id: to.id,
  row: to,
  from,
});
export const remove = (table: Edit["table"], id: string): Edit => ({ table, id, row: null });

export const saveKitchen = (from: Kitchen, to: Kitchen, label: string) =>
  change(label, [edited("kitchen", kitchenRow(from), kitchenRow(to))]);
export const kitchenRow = (kitchen: Kitchen): KitchenRow => ({ id: "kitchen", kitchen });

export type HouseState =
  | { readonly state: "loading" }
  | {
      readonly state: "ready";
      readonly kitchen: Kitchen;
      readonly eaters: readonly Eater[];
      readonly labels: readonly Label[];
      /** The cook's own foods. */
      readonly own: readonly Food[];
      /** How many rows there are of what may be many. */
      readonly counts: {
        readonly dishes: number;
        readonly suppers: number;
        readonly cookings: number;
        readonly entries: number;
      };
      /** Somebody has set the kitchen up. */
      readonly hasKitchen: boolean;
      /** Nothing stands on the counter or the shelf: where a new cook begins. */
      readonly empty: boolean;
      /** Something of the cook's is in some table. */
      readonly hasData: boolean;
    };

type House = Extract<HouseState, { state: "ready" }>;
const LOADING: HouseState = { state: "loading" };

/** The household as the cook left it. */
export function useHouse(): HouseState {
  const stored = useLiveQuery<House>(async () => {
    const [kitchen, eaters, labels, own, dishes, suppers, cookings, entries, kitchens, blank] = await Promise.all([
      kitchenOf(db, browserZone),
      db.eaters.toArray(),
      db.labels.toArray(),
      db.foods.toArray(),
      db.dishes.count(),
      db.suppers.count(),
      db.cookings.count(),
      db.entries.count(),
      db.kitchen.count(),
      isEmpty(db),
    ]);
    return {
      state: "ready",
      kitchen,
      eaters,
      labels,
      own,
      counts: { dishes, suppers, cookings, entries },
      hasKitchen: kitchens > 0,
      empty: dishes + suppers === 0,
      hasData: !blank,
    };
  });
  const onItsWay = usePending();
  useEffect(() => dropWritten((table) => table !== "dishes" && table !== "suppers"), [stored]);
  return useMemo(() => (stored === undefined ? LOADING : houseWith(stored, onItsWay)), [stored, onItsWay]);
}
function houseWith(stored: House, onItsWay: Pending): House {
  if (onItsWay.size === 0) return stored;
  const row = pendingRow<KitchenRow>(onItsWay, "kitchen", "kitchen");
  return {
    ...stored,
    kitchen: row?.kitchen ?? stored.kitchen,
    eaters: withPending(stored.eaters, "eaters", onItsWay),
    labels: withPending(stored.labels, "labels", onItsWay),
    own: withPending(stored.own, "foods", onItsWay),
    empty: stored.empty && !addsTo("dishes", onItsWay) && !addsTo("suppers", onItsWay),
  };
}
const addsTo = (table: "dishes" | "suppers", onItsWay: Pending): boolean =>
  [...onItsWay.values()].some(({ edit }) => edit.table === table && edit.row !== null);

/** The dishes of the shelf; null until they are read. */
export function useShelf(): readonly Dish[] | null {
  const stored = useLiveQuery(() => db.dishes.toArray());
  const onItsWay = usePending();
  useEffect(() => dropWritten((table) => table === "dishes"), [stored]);
  return useMemo(() => (stored === undefined ? null : withPending(stored, "dishes", onItsWay)), [stored, onItsWay]);
}
/** Suppers that come, or are still being cooked; null until they are read. @param since ISO 8601 UTC; null reads nothing */
export function useComing(since: string | null): readonly Supper[] | null {
  const stored = useLiveQuery(() => (since === null ? null : comingSuppers(db, since)), [since]);
  const onItsWay = usePending();
  useEffect(() => dropWritten((table) => table === "suppers"), [stored]);
  return useMemo(() => {
    if (stored == null || since === null) return null;
    const known = new Set(stored.map((s) => s.id));
    return withPending(stored, "suppers", onItsWay)
      .filter((s) => known.has(s.id) || s.serveAt > since)
      .toSorted((a, b) => (a.serveAt < b.serveAt ? -1 : 1));
  }, [stored, onItsWay, since]);
}

/**
 * Every food as the household knows it; null until the food table has come, which is fetched after the page. A supper that
 * changes does not draw again what only needs these.
 *
 * @param wanted false as long as something else comes first
 */
export function useFoods(wanted = true): readonly Food[] | null {
  const said = useLiveQuery(async () => ({ foods: await db.foods.toArray(), labels: await db.labels.toArray() }));
  const onItsWay = usePending();
  const [book, setBook] = useState<typeof import("@/core/foods/book") | null>(null);
  useEffect(() => {
    if (wanted) void import("@/core/foods/book").then(setBook);
  }, [wanted]);
  return useMemo(
    () =>
      said === undefined || book === null
        ? null
        : book.allFoods({
            foods: withPending(said.foods, "foods", onItsWay),
            labels: withPending(said.labels, "labels", onItsWay),
          }),
    [said, book, onItsWay],
  );
}
export const useKitchen = (): Kitchen | null => useLiveQuery(() => kitchenOf(db, browserZone)) ?? null;

/** Now, in milliseconds since 1970 UTC: the one clock that handlers read. */
export const instant = (): number => Date.now();

/** The wall clock, told again every so often; null until the page has one (static pages have no time). */
export function useNow(everyMs: number): number | null {
  const [now, setNow] = useState<number | null>(null);
  useEffect(() => {
    const tick = () => setNow(instant());
    tick();
    const timer = setInterval(tick, everyMs);
    document.addEventListener("visibilitychange", tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", tick);
    };
  }, [everyMs]);
  return now;
}
