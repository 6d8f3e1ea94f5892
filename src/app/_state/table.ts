"use client";

import { useEffect, useState } from "react";
import { localTime } from "@/core/calendar/localTime";
import type { Supper } from "@/core/dish/dish";
import type { Allergen } from "@/core/foods/allergens";
import type { Food } from "@/core/foods/food";
import type { Eater } from "@/core/household/people";
import type { Entry } from "@/core/notebook/entry";
import type { UnitSystem } from "@/core/quantities/units";
import type { SwapProps } from "@/ui/swap/swapProps";
import { ALLERGEN_NAMES, type TextContext } from "@/words/words";
import { newId, put } from "./store";

/** Who sits at the table of a supper that is not there yet, and when: what Swap and recipes ask alike. */

/** Nobody of the household is known yet: somebody at the table who must not eat what was said. */
export const GUEST = "guest";
export const guestWho = (avoids: readonly Allergen[] | null): Eater | null =>
  avoids === null || avoids.length === 0
    ? null
    : { id: GUEST, name: "Somebody", avoids, diets: [], dislikes: [], age: null };

/** A guest of whom something must be minded takes a seat by name; the household knows them from then on. */
export function seated(supper: Omit<Supper, "dishes">, guest: Eater | null) {
  if (guest === null) return { supper, edits: [] };
  const somebody = { ...guest, id: newId("eater") };
  return {
    supper: { ...supper, eaters: [...supper.eaters, somebody.id], guests: Math.max(0, supper.guests - 1) },
    edits: [put("eaters", somebody)],
  };
}
export const avoidsOf = (eater: Eater): string => eater.avoids.map((a) => `no ${ALLERGEN_NAMES[a]}`).join(", ");

type Rated = readonly [route: string, ratings: readonly Entry["ratings"][]];
/** What each person rated, by route, the person who rated last at the end; people are never merged. */
export function ratersOf(entries: readonly Entry[]): ReadonlyMap<string | null, readonly Rated[]> {
  const raters = new Map<string | null, Map<string, Entry["ratings"][]>>();
  for (const { route, person, ratings } of entries) {
    if (route === null || Object.keys(ratings).length === 0) continue;
    const mine = raters.get(person) ?? new Map<string, Entry["ratings"][]>();
    mine.set(route, [...(mine.get(route) ?? []), ratings]);
    raters.delete(person);
    raters.set(person, mine);
  }
  return new Map([...raters].map(([person, routes]) => [person, [...routes]]));
}

/** Names of foods and people as sentences want them. */
export function tableNames(foods: readonly Food[], units: UnitSystem, eaters: readonly Eater[]): TextContext {
  const byId = new Map(foods.map((f) => [f.id, f]));
  return {
    units,
    foods: (id) => byId.get(id) ?? null,
    part: (id) => id,
    eater: (id) => eaters.find((e) => e.id === id)?.name ?? "somebody",
  };
}

const USUAL_TIME = "19:00";
const DAY_MS = 24 * 3_600_000;
/** When dinner is: tomorrow at seven until somebody says otherwise. The date library comes when it is needed. */
export function useDinner(
  now: number | null,
  zone: string,
  needed: boolean,
): { readonly serveAt: string | null; readonly field: SwapProps["dinner"] } {
  const [when, setWhen] = useState<{ date: string; time: string } | null>(null);
  const tomorrow = now === null ? null : localTime(now + DAY_MS, zone);
  const { date, time } = when ?? { date: tomorrow?.date ?? "", time: USUAL_TIME };
  const [serveAt, setServeAt] = useState<string | null>(null);
  useEffect(() => {
    if (date === "" || !needed) return;
    let current = true;
    void import("@/core/calendar/zonedTime").then(
      ({ instantOf }) => current && setServeAt(instantOf(date, time, zone)),
    );
    return () => {
      current = false;
    };
  }, [date, time, zone, needed]);
  return { serveAt, field: { date, time, onSet: (d, t) => setWhen({ date: d, time: t }) } };
}
