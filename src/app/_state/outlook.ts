"use client";

import { useEffect, useState } from "react";
import type { Supper } from "@/core/dish/dish";
import { progressOf } from "@/core/process/log";
import type { Coming } from "@/core/schedule/nextUp";
import { db } from "@/data/db";
import { cookingOf, planInputOf } from "@/data/household";
import { computing } from "@/workers/client";
import type { Outlook } from "@/workers/outlook";
import { browserZone } from "./store";

/** A supper with what the worker has to say of it. */
export interface ComingSupper extends Coming {
  readonly supper: Supper;
  readonly outlook: Outlook;
}

/** Works the suppers out one after the other; those not done yet are missing from the map. */
export function useOutlooks(suppers: readonly Supper[], changed: unknown): ReadonlyMap<string, ComingSupper> {
  const [outlooks, setOutlooks] = useState<ReadonlyMap<string, ComingSupper>>(new Map());
  const key = JSON.stringify([suppers, changed]);
  useEffect(() => {
    let current = true;
    void (async () => {
      const found = new Map<string, ComingSupper>();
      for (const supper of JSON.parse(key)[0] as Supper[]) {
        const [live, cooked] = await Promise.all([planInputOf(db, supper, browserZone()), cookingOf(db, supper.id)]);
        const progress = cooked === null ? null : progressOf(cooked.log);
        const done = progress !== null && progress.finishedAt !== null;
        const outlook = await computing.outlook(
          cooked === null || done
            ? { input: live, today: null }
            : { input: cooked.cooking.input, today: { foods: live.foods, labels: live.labels } },
        );
        if (!current) return;
        const cooking = progress === null ? "none" : done ? "done" : progress.asideAt !== null ? "aside" : "under way";
        found.set(supper.id, { supper, outlook, cooking, firstAt: outlook.firstAt });
        setOutlooks(new Map(found));
      }
    })();
    return () => {
      current = false;
    };
  }, [key]);
  return outlooks;
}
