"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useRouter, useSearchParams } from "next/navigation";
import { useEffect, useMemo, useState } from "react";
import type { SupperId } from "@/core/dish/dish";
import { localTime } from "@/core/calendar/localTime";
import { progressOf } from "@/core/process/log";
import { db } from "@/data/db";
import { openCookings } from "@/data/household";
import { entriesWithHeld } from "@/data/noteQueue";
import { Notebook } from "@/ui/notebook/Notebook";
import { writeDay } from "@/words/time";
import { dropWritten, usePending, withPending } from "./pending";
import { change, edited, remove, useHeldNotes, useHouse } from "./store";
import { supperHref } from "./supper";

export function NotebookPage() {
  const house = useHouse();
  const wanted = useSearchParams().get("e");
  const router = useRouter();
  const stored = useLiveQuery(() => db.entries.orderBy("finishedAt").reverse().toArray());
  const { presses } = useHeldNotes();
  const onItsWay = usePending();
  useEffect(() => dropWritten((table) => table === "entries"), [stored]);
  const entries = useMemo(
    () => stored && withPending(entriesWithHeld(stored, presses), "entries", onItsWay),
    [stored, presses, onItsWay],
  );
  const aside = useLiveQuery(putAside) ?? [];
  const routeId = (entries?.find((e) => e.id === wanted) ?? entries?.[0])?.route ?? null;
  const [routes, setRoutes] = useState<ReadonlyMap<string, string>>(new Map());
  useEffect(() => {
    // Routes are fetched where an entry took one.
    if (routeId !== null)
      void import("@/core/swap/routeTable").then(({ ROUTES }) => setRoutes(new Map(ROUTES.map((r) => [r.id, r.name]))));
  }, [routeId]);
  if (house.state === "loading" || entries === undefined) return null;
  const day = (iso: string) => writeDay(localTime(Date.parse(iso), house.kitchen.timeZone));
  const open = entries.find((e) => e.id === wanted) ?? entries[0] ?? null;
  return (
    <Notebook
      entries={entries.map((entry) => ({ entry, day: day(entry.finishedAt) }))}
      aside={aside.map(({ supper, name, at }) => ({
        name,
        since: writeDay(localTime(at, house.kitchen.timeZone)),
        href: supperHref("stove", supper),
      }))}
      open={open}
      openDay={open ? day(open.finishedAt) : ""}
      units={house.kitchen.units}
      route={open?.route == null ? null : (routes.get(open.route) ?? null)}
      people={house.eaters}
      onRatings={(ratings) =>
        open && void change("What the bite was like", [edited("entries", open, { ...open, ratings })])
      }
      onPerson={(person) => open && void change("Who found it so", [edited("entries", open, { ...open, person })])}
      onBite={(bite) => open && void change("How the bite came out", [edited("entries", open, { ...open, bite })])}
      onNote={(note) => open && note !== open.note && void change("Note", [edited("entries", open, { ...open, note })])}
      onRemove={() => {
        if (!open) return;
        void change("Remove entry", [remove("entries", open.id)], "The entry is out of the notebook.").then(() =>
          router.replace("/notebook"),
        );
      }}
    />
  );
}

/** Cookings that were put aside and not picked up again, the latest first. */
async function putAside(): Promise<readonly { supper: SupperId; name: string; at: number }[]> {
  const found = (await openCookings(db)).flatMap(({ cooking: { supper, input }, log }) => {
    const { asideAt } = progressOf(log);
    return asideAt === null ? [] : [{ supper, name: input.supper.name, at: asideAt }];
  });
  return found.sort((a, b) => b.at - a.at);
}
