"use client";

import { useEffect, useState } from "react";
import type { Supper } from "@/core/dish/dish";
import type { Plan } from "@/core/plan";
import { progressOf } from "@/core/process/log";
import type { Schedule } from "@/core/schedule/schedule";
import { db } from "@/data/db";
import { cookingOf, planInputOf } from "@/data/household";
import { computing } from "@/workers/client";
import { scheduleFor } from "./computed";
import { browserZone } from "./store";

/** What the Counter says of one supper. */
export interface Outlook {
  readonly plan: Plan;
  readonly schedule: Schedule;
  readonly cooking: "none" | "under way" | "done";
}

/** Reckons the suppers one after the other; those not done yet are missing from the map. */
export function useOutlooks(suppers: readonly Supper[], changed: unknown): ReadonlyMap<string, Outlook> {
  const [outlooks, setOutlooks] = useState<ReadonlyMap<string, Outlook>>(new Map());
  const key = JSON.stringify([suppers, changed]);
  useEffect(() => {
    let current = true;
    void (async () => {
      const found = new Map<string, Outlook>();
      for (const supper of JSON.parse(key)[0] as Supper[]) {
        const [live, cooked] = await Promise.all([planInputOf(db, supper, browserZone()), cookingOf(db, supper.id)]);
        const input = cooked && progressOf(cooked.log).finishedAt === null ? cooked.cooking.input : live;
        const plan = await computing.plan(input);
        const schedule = await scheduleFor(plan, input.kitchen, supper.serveAt);
        if (!current) return;
        const cooking = cooked === null ? "none" : progressOf(cooked.log).finishedAt === null ? "under way" : "done";
        found.set(supper.id, { plan, schedule, cooking });
        setOutlooks(new Map(found));
      }
    })();
    return () => {
      current = false;
    };
  }, [key]);
  return outlooks;
}
