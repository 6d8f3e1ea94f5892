"use client";

import { useRouter, useSearchParams } from "next/navigation";
import { useEffect, useMemo, useRef } from "react";
import { type Dish, headCount, type Supper } from "@/core/dish/dish";
import { duplicate } from "@/core/dish/scale";
import { instantOf, localTime, nextWeekday } from "@/core/formats/zonedTime";
import { foodLookup } from "@/core/foods/food";
import { writeMinutes } from "@/core/quantities/write";
import {
  Counter,
  EmptyCounter,
  type NextThing,
  type ShelfLine,
  type SupperLine,
  type WorkList,
} from "@/ui/counter/Counter";
import type { SupperWishes } from "@/ui/counter/StartSupper";
import { sayOpen } from "@/ui/wording/facts";
import { speak } from "@/ui/wording/spoken";
import { movesOf } from "@/ui/wording/tasks";
import { writeDate, writeUntil, writeWhen } from "@/ui/wording/time";
import { counted } from "@/ui/wording/words";
import { clear, loadDemo } from "./demo";
import { type Outlook, useOutlooks } from "./outlook";
import { browserZone, change, type HouseState, newId, put, remove, useHouse, useNow } from "./store";
import { supperHref } from "./supper";

type House = Extract<HouseState, { state: "ready" }>;
const KEEP_AFTER_MS = 6 * 3_600_000;
const NONE: readonly Supper[] = [];

export function CounterPage() {
  const house = useHouse();
  const now = useNow(20_000);
  const router = useRouter();
  const wantsDemo = useSearchParams().get("demo") !== null;
  const asked = useRef(false);
  useEffect(() => {
    if (!wantsDemo || house.state !== "ready" || now === null || asked.current) return;
    asked.current = true;
    if (house.empty) void loadDemo(now, browserZone());
    router.replace("/");
  }, [wantsDemo, house, now, router]);

  const coming = useMemo(
    () =>
      house.state === "ready" && now !== null
        ? house.suppers.filter((s) => Date.parse(s.serveAt) > now - KEEP_AFTER_MS)
        : NONE,
    [house, now],
  );
  const facts = house.state === "ready" ? [house.kitchen, house.eaters, house.labels, house.cookings.length] : null;
  const outlooks = useOutlooks(coming, facts);

  if (house.state === "loading" || now === null) return null;
  const newDish = async () => {
    const dish: Dish = { id: newId("dish"), name: "New dish", replaces: "", servings: 4, parts: [] };
    const supper = supperFor(dish, wishesFor(house, now), house);
    await change("New dish", [put("dishes", dish), put("suppers", supper)]);
    router.push(supperHref("bench", supper.id));
  };
  if (house.empty)
    return <EmptyCounter onDemo={() => void loadDemo(now, browserZone())} onNewDish={() => void newDish()} />;

  return (
    <Counter
      next={nextThing(coming, outlooks, house, now)}
      work={workOf(coming, outlooks, house)}
      suppers={coming.map((s) => supperLine(s, outlooks.get(s.id), house, now))}
      shelf={house.dishes.map(shelfLine)}
      eaters={house.eaters}
      wishes={wishesFor(house, now)}
      onStart={(dish, wishes) => {
        const supper = supperFor(dish, wishes, house);
        void change("New supper", [put("suppers", supper)]).then(() => router.push(supperHref("bench", supper.id)));
      }}
      onNewDish={() => void newDish()}
      onRemoveSupper={(id) => void change("Remove supper", [remove("suppers", id)], "The supper is off the counter.")}
      onRemoveDish={(dish) => void change("Remove dish", [remove("dishes", dish.id)], `${dish.name} is off the shelf.`)}
      onDuplicateDish={(dish) =>
        void change(
          "Duplicate dish",
          [put("dishes", duplicate(dish, newId("dish"), `${dish.name}, again`))],
          `A copy of ${dish.name} is on the shelf.`,
        )
      }
      onRenameDish={(dish, name) => void change("Rename dish", [put("dishes", { ...dish, name })])}
      onClear={() => void clear(["counter"])}
    />
  );
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
function supperFor(dish: Dish, wishes: SupperWishes, house: House): Supper {
  const serveAt = instantOf(wishes.date, wishes.time, house.kitchen.timeZone);
  const day = writeDate(localTime(Date.parse(serveAt), house.kitchen.timeZone));
  return {
    id: newId("supper"),
    name: `${dish.name.split(",")[0]}, ${day.split(" ")[0]}`,
    serveAt,
    eaters: [...wishes.eaters],
    guests: wishes.guests,
    dishes: [dish],
  };
}

function shelfLine(dish: Dish): ShelfLine {
  const masses = dish.parts.map((p) =>
    p.steps.reduce((m, s) => s.adds.reduce((n, l) => (l.kind === "food" ? n + l.massG : n), m), 0),
  );
  const steps = dish.parts.reduce((n, p) => n + p.steps.length, 0);
  const replaced = dish.replaces ? `instead of ${dish.replaces} · ` : "";
  return {
    dish,
    parts: masses,
    says: `${replaced}${counted(dish.parts.length, "part")}, ${counted(steps, "step")} · for\u00a0${dish.servings}`,
  };
}

function supperLine(supper: Supper, outlook: Outlook | undefined, house: House, now: number): SupperLine {
  const zone = house.kitchen.timeZone;
  const at = Date.parse(supper.serveAt);
  const day = localTime(at, zone);
  const schedule = outlook?.schedule;
  const startsAt = schedule?.kind === "fits" ? at + schedule.startMin * 60_000 : null;
  const remarks: SupperLine["remarks"][number][] = [];
  if (schedule?.kind === "fits")
    remarks.push({ tone: "good", says: `${writeMinutes(schedule.handsMin)} of hands-on work` });
  if (schedule?.kind === "does-not-fit")
    remarks.push({ tone: "harm", says: "It does not fit the kitchen: look at the Clock" });
  if (outlook) remarks.push(...sayOpen(outlook.plan, house.eaters));
  return {
    id: supper.id,
    day: writeDate(day),
    at: `${day.time} · ${counted(headCount(supper), "eater")}`,
    name: supper.name,
    dishes: supper.dishes.map((d) => d.name).join(" · "),
    remarks,
    startSays:
      outlook?.cooking === "done" ? "cooked" : startsAt !== null && startsAt < now ? "should have begun" : "begin",
    start: startsAt === null ? "–" : writeWhen(localTime(startsAt, zone), day),
    href: supperHref("bench", supper.id),
  };
}

/** The order of work of the first supper that is still to be cooked. */
function workOf(suppers: readonly Supper[], outlooks: ReadonlyMap<string, Outlook>, house: House): WorkList | null {
  const supper = suppers.find((s) => outlooks.get(s.id)?.cooking !== "done");
  const outlook = supper && outlooks.get(supper.id);
  if (!supper || outlook?.schedule.kind !== "fits") return null;
  const zone = house.kitchen.timeZone;
  const at = Date.parse(supper.serveAt);
  const lines = movesOf(outlook.plan, outlook.schedule).map((m) => ({
    time: localTime(at + m.startMin * 60_000, zone).time,
    title: m.title,
    says: writeMinutes(m.minutes),
  }));
  return lines.length === 0
    ? null
    : { title: `${supper.name}, in this order`, href: supperHref("clock", supper.id), lines };
}

/** Of all suppers not yet cooked, the first thing still to come; a cooking under way comes before everything. */
function nextThing(
  suppers: readonly Supper[],
  outlooks: ReadonlyMap<string, Outlook>,
  house: House,
  now: number,
): NextThing | null {
  const foods = foodLookup(house.foods);
  const zone = house.kitchen.timeZone;
  const today = localTime(now, zone);
  const open = suppers.filter((s) => outlooks.get(s.id)?.cooking !== "done");
  const cooking = open.find((s) => outlooks.get(s.id)?.cooking === "under way");
  if (cooking)
    return {
      when: "under way",
      title: cooking.name,
      says: "The stove is where you left it: same step, same timers.",
      href: supperHref("stove", cooking.id),
      does: "Back to the stove",
      late: false,
    };
  let best: { at: number; thing: NextThing } | null = null;
  for (const supper of open) {
    const outlook = outlooks.get(supper.id);
    if (!outlook || outlook.schedule.kind !== "fits") continue;
    const [first] = movesOf(outlook.plan, outlook.schedule);
    if (!first) continue;
    const at = Date.parse(supper.serveAt) + first.startMin * 60_000;
    if (best && best.at <= at) continue;
    const part = (id: string) => supper.dishes.flatMap((d) => d.parts).find((p) => p.id === id)?.name ?? "part";
    const spoken = speak(first.row, first.part, null, { units: house.kitchen.units, foods, part });
    const minutes = (at - now) / 60_000;
    best = {
      at,
      thing: {
        when: `${minutes < 0 ? "should have begun" : "next"}, ${writeDate(localTime(at, zone)) === writeDate(today) ? "today" : writeDate(localTime(at, zone))} at ${localTime(at, zone).time} · ${writeUntil(minutes)}`,
        title: spoken.title,
        says: `${spoken.does} For ${supper.name}.`,
        href: supperHref(minutes < 60 ? "stove" : "clock", supper.id),
        does: minutes < 60 ? "To the stove" : "See the clock",
        late: minutes < 0,
      },
    };
  }
  return best?.thing ?? null;
}
