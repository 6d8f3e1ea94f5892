"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useRouter, useSearchParams } from "next/navigation";
import { localTime } from "@/core/calendar/localTime";
import { db } from "@/data/db";
import { Notebook } from "@/ui/notebook/Notebook";
import { writeDay } from "@/ui/wording/time";
import { change, put, remove, useHouse } from "./store";

export function NotebookPage() {
  const house = useHouse();
  const wanted = useSearchParams().get("e");
  const router = useRouter();
  const entries = useLiveQuery(() => db.entries.orderBy("finishedAt").reverse().toArray());
  if (house.state === "loading" || entries === undefined) return null;
  const day = (iso: string) => writeDay(localTime(Date.parse(iso), house.kitchen.timeZone));
  const open = entries.find((e) => e.id === wanted) ?? entries[0] ?? null;
  return (
    <Notebook
      entries={entries.map((entry) => ({ entry, day: day(entry.finishedAt) }))}
      open={open}
      openDay={open ? day(open.finishedAt) : ""}
      units={house.kitchen.units}
      onBite={(bite) => open && void change("How the bite came out", [put("entries", { ...open, bite })])}
      onNote={(note) => open && note !== open.note && void change("Note", [put("entries", { ...open, note })])}
      onRemove={() => {
        if (!open) return;
        void change("Remove entry", [remove("entries", open.id)], "The entry is out of the notebook.").then(() =>
          router.replace("/notebook"),
        );
      }}
    />
  );
}
