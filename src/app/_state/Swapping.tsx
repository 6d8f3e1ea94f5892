"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useMemo, useState } from "react";
import type { FoodId } from "@/core/foods/food";
import type { Entry } from "@/core/notebook/entry";
import { db } from "@/data/db";
import { localTime } from "@/core/calendar/localTime";
import type { AtHand, Dish, Supper, RouteId } from "@/core/dish/dish";
import type { FoodsSaid } from "@/core/foods/book";
import type { MeatForm } from "@/core/dish/meat";
import type { Kitchen } from "@/core/household/kitchen";
import type { Eater } from "@/core/household/people";
import type { Ask, Table } from "@/core/swap/answer";
import { RAW_A_HEAD_G, rawFromCookedG } from "@/core/swap/meats";
import { movedBetween, ranksOf } from "@/core/swap/moved";
import { useSame } from "@/ui/frame/useSame";
import { SwapDesk } from "@/ui/swap/SwapDesk";
import type { Said, SwapProps } from "@/ui/swap/swapProps";
import { writeWhen } from "@/words/time";
import { type AskedOf, describeAskedOtherwise, describeMeat } from "@/words/swapNames";
import { computing } from "@/workers/client";
import type { SwapAnswer } from "@/core/swap/card";
import { change, put, remove } from "./store";
import { avoidsOf, GUEST, guestWho, ratersOf, tableNames } from "./table";

/** The supper that a swap is for, as far as it is known; null as its instant while that is worked out. */
export type SwapSupper = Omit<Supper, "dishes" | "serveAt"> & { readonly serveAt: string | null };
/** The meat that a desk opens with; no grams where nobody said how much it was. */
export type SwapFirst = Pick<Said, "kind" | "setting"> & {
  readonly form: MeatForm;
  readonly rawG: number | null;
};
interface SwappingProps {
  readonly supper: SwapSupper;
  readonly kitchen: Kitchen;
  readonly eaters: readonly Eater[];
  readonly foods: FoodsSaid;
  readonly now: number;
  readonly title: string;
  readonly dinner: SwapProps["dinner"];
  /** Guests may be counted here, where no people are known. */
  readonly onHeads: ((heads: number) => void) | null;
  readonly others: SwapProps["others"];
  readonly target: SwapProps["target"];
  /** The meat that is there, to begin with. */
  readonly first: SwapFirst | null;
  /** The first form was chosen: the instant of dinner is needed now. */
  readonly onForm: (() => void) | null;
  /** The dish of the route that was taken, and who at the table must not eat what was said here. */
  readonly onTake: (dish: Dish, guest: Eater | null, atHand: readonly AtHand[]) => void;
}
/** A price that nobody entered is unknown: taken out, it is unknown again. */
const notePrice = (food: FoodId, price: number | null, packG: number) =>
  void change("A price", [price === null ? remove("prices", food) : put("prices", { id: food, price, packG })]);
const NO_STARTS: ReadonlyMap<string, number | null> = new Map();

const NO_RATINGS: readonly (readonly [string, readonly Entry["ratings"][]])[] = [];
/** The newest answer, what it was asked under, and what moved in it. */
interface Latest {
  readonly asked: object;
  readonly found: SwapAnswer;
  readonly condition: AskedOf;
  readonly moved: SwapProps["moved"];
}
/** What moved between two answers; where only the minute is another, what moved before stays told. */
function movedSince(before: Latest | null, found: SwapAnswer, condition: AskedOf): SwapProps["moved"] {
  if (before === null || before.condition.form !== condition.form || before.condition.kind !== condition.kind)
    return null;
  const since = describeAskedOtherwise(before.condition, condition);
  if (since === null) return before.moved;
  return { routes: movedBetween(ranksOf(before.found.cards), ranksOf(found.cards)), since };
}
/** What was said, asked of the worker, and its answers on the desk. */
export function Swapping(props: SwappingProps) {
  const { supper, kitchen, foods, now, dinner } = props;
  const heads = Math.max(1, supper.eaters.length + supper.guests);
  const invited = props.eaters.filter((e) => supper.eaters.includes(e.id));
  const [said, setSaid] = useState<Said>({
    form: props.first?.form ?? null,
    kind: props.first?.kind ?? "beef",
    massG: props.first?.rawG ?? RAW_A_HEAD_G * heads,
    weighed: "raw",
    setting: props.first?.setting ?? "sauce",
    honestOnly: false,
    protein: "plate",
    bringsFat: false,
    atHand: supper.atHand,
    mostHandsMin: null,
    avoids: invited.length > 0 ? [] : null,
    rater: null,
  });
  const guest = useMemo(() => (invited.length > 0 ? null : guestWho(said.avoids)), [said.avoids, invited.length]);
  const rawG =
    said.form !== null && said.weighed === "cooked" ? rawFromCookedG(said.form, said.kind, said.massG) : said.massG;
  const entries = useLiveQuery(() => db.entries.orderBy("finishedAt").toArray());
  const priced = useLiveQuery(() => db.prices.toArray());
  const prices = useMemo(() => new Map((priced ?? []).map((p) => [p.id, p])), [priced]);
  const raters = useMemo(() => ratersOf(entries ?? []), [entries]);
  const rater = raters.has(said.rater) ? said.rater : ([...raters.keys()].at(-1) ?? null);
  const ratings = useSame(rater === null ? NO_RATINGS : [...(raters.get(rater) ?? [])]);
  const minute = Math.floor(now / 60_000);
  const asked = useSame(
    said.form === null || supper.serveAt === null
      ? null
      : {
          ask: {
            form: said.form,
            kind: said.kind,
            words: describeMeat(rawG, said.kind, said.form, kitchen.units),
            rawG,
            setting: said.setting,
            availableMin: Date.parse(supper.serveAt) / 60_000 - minute,
            mostHandsMin: said.mostHandsMin,
            honestOnly: said.honestOnly,
            protein: said.protein,
            bringsFat: said.bringsFat,
          } satisfies Ask,
          table: {
            supper: guest
              ? {
                  ...supper,
                  serveAt: supper.serveAt,
                  atHand: said.atHand,
                  eaters: [...supper.eaters, GUEST],
                  guests: Math.max(0, supper.guests - 1),
                }
              : { ...supper, serveAt: supper.serveAt, atHand: said.atHand },
            kitchen,
            eaters: guest ? [...props.eaters, guest] : props.eaters,
            foods: foods.foods,
            labels: foods.labels,
          } satisfies Table,
        },
  );
  const [latest, setLatest] = useState<Latest | null>(null);
  const answer = latest?.found ?? null;
  const condition = useSame<AskedOf>({ ...said, serveAt: supper.serveAt, eaters: supper.eaters, ratings });
  const [starts, setStarts] = useState(NO_STARTS);
  useEffect(() => {
    if (asked === null) return;
    let current = true;
    const { routes, starts } = computing.swap(asked.ask, asked.table, new Map(ratings));
    void routes.then((found) => {
      if (!current) return;
      setLatest((before) => ({ asked, found, condition, moved: movedSince(before, found, condition) }));
      setStarts(NO_STARTS);
    });
    void starts.then(
      (found) => current && found && setStarts(new Map(found.map(({ id, beforeMin }) => [id, beforeMin]))),
    );
    return () => {
      current = false;
    };
  }, [asked, ratings, condition]);
  const textContext = useMemo(
    () => tableNames(answer?.foods ?? [], kitchen.units, props.eaters),
    [answer, kitchen.units, props.eaters],
  );
  const serveMs = Date.parse(supper.serveAt ?? "");
  const at = (ms: number) => localTime(ms, kitchen.timeZone);
  const begin = (id: RouteId) => {
    const beforeMin = starts.get(id);
    if (beforeMin === undefined || beforeMin === null) return beforeMin;
    return writeWhen(at(serveMs - beforeMin * 60_000), at(serveMs));
  };
  return (
    <SwapDesk
      title={props.title}
      said={said}
      onSaid={(next) => {
        if (said.form === null && next.form !== null) props.onForm?.();
        setSaid(next);
      }}
      people={invited.map((e) => ({ name: e.name, avoids: avoidsOf(e) }))}
      heads={heads}
      onHeads={
        props.onHeads &&
        ((n) => {
          props.onHeads?.(n);
          // As long as nobody typed another amount, it follows the number of eaters.
          if (said.massG === RAW_A_HEAD_G * heads) setSaid({ ...said, massG: RAW_A_HEAD_G * n });
        })
      }
      dinner={dinner}
      raters={[...raters.keys()].map((id) => ({
        id,
        name: props.eaters.find((e) => e.id === id)?.name ?? "somebody",
      }))}
      rater={rater}
      answer={said.form === null ? null : answer}
      moved={latest?.moved ?? null}
      behind={latest !== null && latest.asked !== asked}
      textContext={textContext}
      begin={begin}
      prices={prices}
      onPrice={notePrice}
      onTake={(card) => props.onTake(card.dish, guest, said.atHand)}
      others={props.others}
      target={props.target}
    />
  );
}
