"use client";

import dynamic from "next/dynamic";
import { useRouter, useSearchParams } from "next/navigation";
import { useEffect, useRef } from "react";
import { sayingsOf } from "@/data/household";
import { type Dish, headCount, NEW_DISH, type Supper } from "@/core/dish/dish";
import { duplicate } from "@/core/dish/scale";
import { browserZone, localTime, nextWeekday } from "@/core/calendar/localTime";
import { nextUp } from "@/core/schedule/nextUp";
import { Counter } from "@/ui/counter/Counter";
import type { Awaited, NextThing, ShelfLine, SupperLine, WorkList } from "@/ui/counter/counterProps";
import type { SupperWishes } from "@/ui/counter/StartSupper";
import { writeClock, writeDate, writeUntil, writeWhen } from "@/words/time";
import { counted } from "@/words/count";
import { describeExportDue } from "@/words/safekeeping";
import { useAhead } from "./ahead";
import { useAfterPaint, useDrawnInSlices } from "@/ui/frame/useDrawnInSlices";
import { clear, loadDemo } from "./house";
import { type ComingSupper, useOutlooks } from "./outlook";
import { change, edited, type HouseState, newId, put, remove, useComing, useHouse, useNow, useShelf } from "./store";
import { useOnce } from "./once";
import { putReminderAway, useLastExport } from "./safekeeping";
import { supperHref } from "./supper";

/** The desk comes where a cook begins; with suppers on the counter it is a page of its own. */
const FrontDoor = dynamic(() => import("./SwapPages").then((m) => m.NewSwap), { ssr: false });

type House = Extract<HouseState, { state: "ready" }>;
const HOUR_MS = 3_600_000;
const KEEP_AFTER_MS = 6 * HOUR_MS;
const NONE: readonly Supper[] = [];

export function CounterPage() {
  const house = useHouse();
  const now = useNow(20_000);
  const router = useRouter();
  const once = useOnce(true);
  const wantsDemo = useSearchParams().get("demo") !== null;
  const asked = useRef(false);
  useEffect(() => {
    if (!wantsDemo || house.state !== "ready" || now === null || asked.current) return;
    asked.current = true;
    if (house.empty) void loadDemo(now, browserZone());
    router.replace("/");
  }, [wantsDemo, house, now, router]);

  // By the hour: what is asked of the store changes as seldom.
  const hour = now === null ? null : Math.floor((now - KEEP_AFTER_MS) / HOUR_MS);
  const suppers = useComing(hour === null ? null : new Date(hour * HOUR_MS).toISOString());
  const coming = suppers ?? NONE;
  const shelf = useShelf();
  const outlooks = useOutlooks(
    coming,
    house.state !== "ready"
      ? null
      : {
          kitchen: house.kitchen,
          eaters: house.eaters,
          foods: house.own,
          labels: sayingsOf(house.labels),
          cookings: house.counts.cookings,
        },
  );

  useAhead(
    coming
      .slice(0, 1)
      .flatMap((s) => [supperHref("bench", s.id), supperHref("clock", s.id), supperHref("stove", s.id)]),
    outlooks.size > 0,
  );

  const lastExport = useLastExport(now);
  const drawn = useDrawnInSlices(house.state === "ready" && suppers !== null && shelf !== null);
  const painted = useAfterPaint(drawn);

  if (!drawn || house.state === "loading" || now === null || shelf === null) return null;
  const newDish = async () => {
    const dish: Dish = { id: newId("dish"), name: NEW_DISH, replaces: null, servings: 4, parts: [] };
    const supper = await supperFor(dish, wishesFor(house, now), house);
    await change("New dish", [put("dishes", dish), put("suppers", supper)]);
    router.push(supperHref("bench", supper.id));
  };
  const startSupper = async (dish: Dish, wishes: SupperWishes) => {
    const supper = await supperFor(dish, wishes, house);
    await change("New supper", [put("suppers", supper)]);
    router.push(supperHref("bench", supper.id));
  };
  if (house.empty)
    return (
      <FrontDoor
        title="What is leaving the pan?"
        others={[
          { says: "Turn a recipe over", onPress: () => router.push("/recipe") },
          { says: "Start from nothing", onPress: () => once(newDish) },
          { says: "Look round in the demo household", onPress: () => void loadDemo(now, browserZone()) },
        ]}
      />
    );

  return (
    <Counter
      awaited={awaitedOf(coming, outlooks)}
      reminder={lastExport === null ? null : describeExportDue(lastExport)}
      onReminderAway={() => putReminderAway(now)}
      next={nextThing(nextUp([...outlooks.values()]), house.kitchen.timeZone, now)}
      work={workOf(coming, outlooks)}
      suppers={coming.map((s) => supperLine(s, outlooks.get(s.id), house, now))}
      shelf={painted ? shelf.map(shelfLine) : null}
      eaters={house.eaters}
      wishes={wishesFor(house, now)}
      onStart={(dish, wishes) => once(() => startSupper(dish, wishes))}
      onNewDish={() => once(newDish)}
      onRemoveSupper={(id) => void takeOff(coming.find((s) => s.id === id))}
      onRemoveDish={(dish) => void change("Remove dish", [remove("dishes", dish.id)], `${dish.name} is off the shelf.`)}
      onDuplicateDish={(dish) =>
        void change(
          "Duplicate dish",
          [put("dishes", duplicate(dish, newId("dish"), `${dish.name}, again`))],
          `A copy of ${dish.name} is on the shelf.`,
        )
      }
      onRenameDish={(dish, name) => void change("Rename dish", [edited("dishes", dish, { ...dish, name })])}
      onClear={() => void clear(["counter"])}
    />
  );
}

/** What others would make for it is looked at when somebody takes one off. */
async function takeOff(supper: Supper | undefined): Promise<void> {
  if (supper === undefined) return;
  const { removeSupper } = await import("./oneBatch");
  await removeSupper(supper);
}

/** The next Sunday at seven, everybody of the house. */
function wishesFor(house: House, now: number): SupperWishes {
  return {
    date: nextWeekday(now, 7, "19:00", house.kitchen.timeZone),
    time: "19:00",
    eaters: house.eaters.map((e) => e.id),
    guests: house.eaters.length === 0 ? 4 : 0,
  };
}
/** The date library comes with the first supper that is started. */
async function supperFor(dish: Dish, wishes: SupperWishes, house: House): Promise<Supper> {
  const { instantOf } = await import("@/core/calendar/zonedTime");
  const serveAt = instantOf(wishes.date, wishes.time, house.kitchen.timeZone);
  const day = writeDate(localTime(Date.parse(serveAt), house.kitchen.timeZone));
  return {
    id: newId("supper"),
    name: `${dish.name.split(",")[0]}, ${day.split(" ")[0]}`,
    serveAt,
    eaters: [...wishes.eaters],
    guests: wishes.guests,
    atHand: [],
    afterMin: {},
    pins: {},
    roomMin: 0,
    madeWith: {},
    dishes: [dish],
  };
}

function shelfLine(dish: Dish): ShelfLine {
  const masses = dish.parts.map((p) =>
    p.steps.reduce((m, s) => s.adds.reduce((n, l) => (l.kind === "food" ? n + (l.massG ?? 0) : n), m), 0),
  );
  const steps = dish.parts.reduce((n, p) => n + p.steps.length, 0);
  const replaced = dish.replaces ? `instead of ${dish.replaces.words} · ` : "";
  return {
    dish,
    parts: masses,
    says: `${replaced}${counted(dish.parts.length, "part")}, ${counted(steps, "step")} · for\u00a0${dish.servings}`,
  };
}

function supperLine(supper: Supper, coming: ComingSupper | undefined, house: House, now: number): SupperLine {
  const zone = house.kitchen.timeZone;
  const day = localTime(Date.parse(supper.serveAt), zone);
  const firstAt = coming?.firstAt ?? null;
  return {
    id: supper.id,
    day: writeDate(day),
    at: `${writeClock(day)} · ${counted(headCount(supper), "eater")}`,
    name: supper.name,
    dishes: supper.dishes.map((d) => d.name).join(" · "),
    remarks: coming?.outlook.remarks ?? null,
    remarksAwaited: 1 + house.eaters.filter((e) => supper.eaters.includes(e.id) && e.avoids.length > 0).length,
    startSays:
      coming?.cooking === "done"
        ? "cooked"
        : coming?.cooking === "aside"
          ? "put aside, begun"
          : firstAt !== null && firstAt < now
            ? "should have begun"
            : "begin",
    start: firstAt === null ? "–" : writeWhen(localTime(firstAt, zone), day),
    href: supperHref("bench", supper.id),
  };
}

/** What is still being worked out: the next thing, and as many lines as the first supper has steps. */
function awaitedOf(suppers: readonly Supper[], outlooks: ReadonlyMap<string, ComingSupper>): Awaited {
  const next = suppers.some((s) => !outlooks.has(s.id));
  const first = suppers.find((s) => outlooks.get(s.id)?.cooking !== "done");
  const steps = (dish: Dish) => dish.parts.reduce((n, p) => n + p.steps.length, 0);
  const awaited = first !== undefined && !outlooks.has(first.id);
  return { next, workLines: awaited ? first.dishes.reduce((n, d) => n + steps(d), 0) : 0 };
}

/** The order of work of the first supper that is still to be cooked. */
function workOf(suppers: readonly Supper[], outlooks: ReadonlyMap<string, ComingSupper>): WorkList | null {
  const supper = suppers.find((s) => outlooks.get(s.id)?.cooking !== "done");
  const lines = supper && outlooks.get(supper.id)?.outlook.work;
  return !supper || !lines || lines.length === 0
    ? null
    : { title: `${supper.name}, in this order`, href: supperHref("clock", supper.id), lines };
}

/** The next thing in words: the cooking under way, or the first step of the supper that begins first. */
function nextThing(coming: ComingSupper | null, zone: string, now: number): NextThing | null {
  if (coming === null) return null;
  const { supper, outlook, firstAt } = coming;
  if (coming.cooking === "under way" || coming.cooking === "aside")
    return {
      when: coming.cooking === "aside" ? "put aside" : "under way",
      title: supper.name,
      says: "The stove is where you left it: same step, same timers.",
      href: supperHref("stove", supper.id),
      does: "Back to the stove",
      late: false,
    };
  if (firstAt === null || outlook.first === null) return null;
  const minutes = (firstAt - now) / 60_000;
  const [at, today] = [localTime(firstAt, zone), localTime(now, zone)];
  const day = at.date === today.date ? "today" : writeDate(at);
  return {
    when: `${minutes < 0 ? "should have begun" : "next"}, ${day} at ${writeClock(at)} · ${writeUntil(minutes)}`,
    title: outlook.first.title,
    says: `${outlook.first.does} For ${supper.name}.`,
    href: supperHref(minutes < 60 ? "stove" : "clock", supper.id),
    does: minutes < 60 ? "To the stove" : "See the clock",
    late: minutes < 0,
  };
}
