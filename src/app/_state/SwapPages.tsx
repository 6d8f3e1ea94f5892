"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { browserZone, localTime } from "@/core/calendar/localTime";
import { type Dish, headCount, type Part, type Supper } from "@/core/dish/dish";
import { inPlaceOf, partToSwap, replacedBy } from "@/core/swap/inPlace";
import type { MeatForm, MeatKind } from "@/core/dish/meat";
import type { FoodLookup } from "@/core/foods/food";
import type { Eater } from "@/core/household/people";
import { sayingsOf } from "@/data/household";
import { MissingSupper } from "@/ui/frame/MissingSupper";
import { describeSwapChanges } from "@/words/swapChanges";
import { USUAL } from "@/words/swapNames";
import { writeDate } from "@/words/time";
import { change, edited, newId, put, useHouse, useNow } from "./store";
import { useOnce } from "./once";
import { supperHref, useSupper } from "./supper";
import { type SwapFirst, Swapping, type SwapSupper } from "./Swapping";
import { seated, useDinner } from "./table";
import type { SwapProps } from "@/ui/swap/swapProps";

const USUAL_GUESTS = 4;

/** The front door: a new supper from what is leaving the pan. */
export function NewSwap({ title, others }: { title: string; others: SwapProps["others"] }) {
  const house = useHouse();
  const now = useNow(20_000);
  const router = useRouter();
  const once = useOnce(true);
  const zone = house.state === "ready" ? house.kitchen.timeZone : browserZone();
  const [guests, setGuests] = useState(USUAL_GUESTS);
  const [needed, setNeeded] = useState(false);
  const { serveAt, field } = useDinner(now, zone, needed);
  const eaters = house.state === "ready" ? house.eaters : NOBODY;
  const supper = useMemo<SwapSupper>(
    () => ({
      id: "new",
      name: "New supper",
      serveAt,
      eaters: eaters.map((e) => e.id),
      guests: eaters.length === 0 ? guests : 0,
      atHand: [],
      afterMin: {},
      pins: {},
      roomMin: 0,
      madeWith: {},
    }),
    [serveAt, eaters, guests],
  );
  const foods = useMemo(
    () => (house.state === "ready" ? { foods: house.own, labels: sayingsOf(house.labels) } : NOTHING_SAID),
    [house],
  );
  if (house.state === "loading" || now === null) return null;
  const take = async (dish: Dish, guest: Eater | null, atHand: Supper["atHand"]) => {
    if (serveAt === null) return;
    const seat = seated({ ...supper, serveAt }, guest);
    const made: Supper = {
      ...seat.supper,
      atHand,
      id: newId("supper"),
      name: `${dish.name.split(",")[0]}, ${writeDate(localTime(Date.parse(serveAt), zone)).split(" ")[0]}`,
      dishes: [{ ...dish, id: newId("dish") }],
    };
    await change("A route taken", [put("suppers", made), ...seat.edits]);
    router.push(supperHref("bench", made.id));
  };
  return (
    <Swapping
      title={title}
      supper={supper}
      kitchen={house.kitchen}
      eaters={eaters}
      foods={foods}
      now={now}
      dinner={field}
      onHeads={eaters.length === 0 ? setGuests : null}
      onForm={() => setNeeded(true)}
      others={others}
      target={null}
      first={null}
      onTake={(dish, guest, atHand) => serveAt !== null && once(() => take(dish, guest, atHand))}
    />
  );
}
const NOBODY: readonly Eater[] = [];
const NOTHING_SAID = { foods: [], labels: [] } as const;

const ONE_MORE = "one-more";
interface Swappable {
  readonly dish: Dish;
  readonly part: Part;
  readonly words: string;
  readonly form: MeatForm;
  readonly kind: MeatKind;
  readonly rawG: number | null;
}
/** Dishes whose meat is known, with the part that stands for it. */
function swappableOf(dish: Dish, foods: FoodLookup): Swappable[] {
  const part = dish.replaces === null ? null : partToSwap(dish, foods);
  const form = part?.route?.form ?? dish.replaces?.form ?? null;
  if (part === null || dish.replaces === null || form === null) return [];
  const kind = part.route?.kind ?? dish.replaces.kind ?? USUAL[form][0];
  return [{ dish, part, words: dish.replaces.words, form, kind, rawG: dish.replaces.rawG }];
}
/** The meat that a part stands for, and what it weighed for those who eat it tonight. */
const meatOf = ({ dish, form, kind, rawG }: Swappable, supper: Supper): SwapFirst => ({
  form,
  kind,
  // What stands round it stays that of the dish.
  setting: "dry",
  rawG: rawG === null ? null : Math.round((rawG * Math.max(1, headCount(supper))) / dish.servings),
});
/** The stage of a supper: the meat of one of its dishes by another route, or one more dish. */
export function SupperSwap() {
  const state = useSupper();
  const now = useNow(20_000);
  const router = useRouter();
  const once = useOnce(true);
  const [chosen, setChosen] = useState<string | null>(null);
  if (state.state === "missing") return <MissingSupper />;
  if (state.state === "loading" || now === null) return null;
  const { supper, input } = state;
  const day = localTime(Date.parse(supper.serveAt), input.kitchen.timeZone);
  const swappable = supper.dishes.flatMap((d) => swappableOf(d, state.foods));
  const target = chosen === ONE_MORE ? null : (swappable.find((s) => s.dish.id === chosen) ?? swappable[0] ?? null);
  const take = async (dish: Dish, guest: Eater | null, atHand: Supper["atHand"]) => {
    const seat = seated(supper, guest);
    const kept = supper.dishes.filter((d) => d.parts.length > 0);
    const dishes =
      target === null
        ? [...kept, { ...dish, id: newId("dish") }]
        : kept.map((d) =>
            d.id === target.dish.id ? { ...inPlaceOf(d, target.part, dish), replaces: replacedBy(d, dish) } : d,
          );
    await change(
      "A route taken",
      [edited("suppers", supper, { ...supper, ...seat.supper, atHand, dishes }), ...seat.edits],
      `${dish.name} is on the Bench.`,
    );
    router.push(supperHref("bench", supper.id));
  };
  return (
    <Swapping
      key={target?.dish.id ?? ONE_MORE}
      title="What is leaving the pan?"
      first={target && meatOf(target, supper)}
      target={
        swappable.length === 0
          ? null
          : {
              choices: [
                ...swappable.map(({ dish: d, words }) => ({ id: d.id, says: `${d.name}: ${words}` })),
                { id: ONE_MORE, says: "One more dish" },
              ],
              chosen: target?.dish.id ?? ONE_MORE,
              onChoose: setChosen,
              changes: describeSwapChanges(target),
            }
      }
      supper={supper}
      kitchen={input.kitchen}
      eaters={input.eaters}
      foods={input}
      now={now}
      dinner={{ date: day.date, time: day.time, onSet: null }}
      onHeads={null}
      onForm={null}
      others={[]}
      onTake={(dish, guest, atHand) => once(() => take(dish, guest, atHand))}
    />
  );
}
