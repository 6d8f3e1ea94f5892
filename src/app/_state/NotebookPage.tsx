"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useRouter, useSearchParams } from "next/navigation";
import { localTime } from "@/core/formats/zonedTime";
import { db } from "@/data/db";
import { Notebook } from "@/ui/notebook/Notebook";
import { writeDay } from "@/ui/wording/time";
import { change, remove, useHouse } from "./store";

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
      onBite={(bite) => open && void db.entries.update(open.id, { bite })}
      onNote={(note) => open && note !== open.note && void db.entries.update(open.id, { note })}
      onRemove={() => {
        if (!open) return;
        void change("Remove entry", [remove("entries", open.id)], "The entry is out of the notebook.").then(() =>
          router.replace("/notebook"),
        );
      }}
    />
  );
}
