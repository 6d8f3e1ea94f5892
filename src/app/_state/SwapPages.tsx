"use client";

import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { browserZone, localTime } from "@/core/calendar/localTime";
import type { Dish, Supper } from "@/core/dish/dish";
import type { Eater } from "@/core/household/people";
import { sayingsOf } from "@/data/household";
import { MissingSupper } from "@/ui/frame/MissingSupper";
import { writeDate } from "@/words/time";
import { change, edited, newId, put, useHouse, useNow } from "./store";
import { useOnce } from "./once";
import { supperHref, useSupper } from "./supper";
import { Swapping, type SwapSupper } from "./Swapping";
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
      onTake={(dish, guest, atHand) => serveAt !== null && once(() => take(dish, guest, atHand))}
    />
  );
}
const NOBODY: readonly Eater[] = [];
const NOTHING_SAID = { foods: [], labels: [] } as const;

/** The stage of a supper: another dish for it. */
export function SupperSwap() {
  const state = useSupper();
  const now = useNow(20_000);
  const router = useRouter();
  const once = useOnce(true);
  if (state.state === "missing") return <MissingSupper />;
  if (state.state === "loading" || now === null) return null;
  const { supper, input } = state;
  const day = localTime(Date.parse(supper.serveAt), input.kitchen.timeZone);
  const take = async (dish: Dish, guest: Eater | null, atHand: Supper["atHand"]) => {
    const seat = seated(supper, guest);
    const kept = supper.dishes.filter((d) => d.parts.length > 0);
    const dishes = [...kept, { ...dish, id: newId("dish") }];
    await change(
      "A route taken",
      [edited("suppers", supper, { ...supper, ...seat.supper, atHand, dishes }), ...seat.edits],
      `${dish.name} is on the Bench.`,
    );
    router.push(supperHref("bench", supper.id));
  };
  return (
    <Swapping
      title="What is leaving the pan?"
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
