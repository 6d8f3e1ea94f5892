"use client";

import { startTransition, useEffect, useState } from "react";
import type { Supper } from "@/core/dish/dish";
import { withoutBurners } from "@/core/household/kitchen";
import { progressOf } from "@/core/process/log";
import type { Coming } from "@/core/schedule/nextUp";
import { db } from "@/data/db";
import type { PlanInput } from "@/core/plan";
import { cookingOf, reachingInto } from "@/data/household";
import { computing } from "@/workers/client";
import type { Outlook } from "@/workers/outlook";

/** A supper with what the worker has to say of it. */
export interface ComingSupper extends Coming {
  readonly supper: Supper;
  readonly outlook: Outlook;
}

/** What a supper is worked out from, beside itself; and how many cookings there are, so that a new one is looked up. */
export interface HouseFacts extends Pick<PlanInput, "kitchen" | "eaters" | "foods" | "labels"> {
  readonly cookings: number;
}
/**
 * Works the suppers out one after the other; those not done yet are missing from the map. The facts are those on screen, not
 * those in the store: what is drawn at once may not be stored yet, and would be answered with what was there before.
 */
export function useOutlooks(suppers: readonly Supper[], facts: HouseFacts | null): ReadonlyMap<string, ComingSupper> {
  const [outlooks, setOutlooks] = useState<ReadonlyMap<string, ComingSupper>>(new Map());
  const key = JSON.stringify([suppers, facts]);
  useEffect(() => {
    let current = true;
    void (async () => {
      const found = new Map<string, ComingSupper>();
      const [all, known] = JSON.parse(key) as [Supper[], HouseFacts | null];
      if (known === null) return;
      const { kitchen, eaters, foods, labels } = known;
      const earlier: Supper[] = [];
      for (const supper of all) {
        const live: PlanInput = { supper, kitchen, eaters, foods, labels, log: [] };
        const cooked = await cookingOf(db, supper.id);
        const progress = cooked === null ? null : progressOf(cooked.log);
        const done = progress !== null && progress.finishedAt !== null;
        const outlook = await computing.outlook(
          cooked === null || progress === null || done
            ? { input: live, today: null }
            : {
                input: withoutBurners(cooked.cooking.input, progress.failed),
                today: { foods: live.foods, labels: live.labels },
              },
          reachingInto(supper, earlier),
        );
        if (!current) return;
        if (!done) earlier.push(supper);
        const cooking = progress === null ? "none" : done ? "done" : progress.asideAt !== null ? "aside" : "under way";
        found.set(supper.id, { supper, outlook, cooking, firstAt: outlook.firstAt });
        // In slices: a page full of suppers is much to draw, and a cook may be pressing something meanwhile.
        const answered = new Map(found);
        startTransition(() => setOutlooks(answered));
      }
    })();
    return () => {
      current = false;
    };
  }, [key]);
  return outlooks;
}
