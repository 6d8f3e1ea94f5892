"use client";

import { useEffect, useMemo, useState } from "react";
import type { PartId } from "@/core/process/step";
import { localTime } from "@/core/calendar/localTime";
import { instantOf } from "@/core/calendar/zonedTime";
import type { Plan } from "@/core/plan";
import { capacitiesOf } from "@/core/schedule/capacities";
import type { Chance } from "@/core/schedule/chance";
import { chanceQuestion } from "@/core/schedule/chanceQuestion";
import { ovenOn } from "@/core/schedule/oven";
import { heldAt, withPin } from "@/core/schedule/pins";
import type { Schedule } from "@/core/schedule/schedule";
import type { TaskId } from "@/core/schedule/task";
import { Clock, type ClockProps } from "@/ui/clock/Clock";
import { describeBroken } from "@/ui/wording/clock";
import { MissingSupper } from "@/ui/frame/MissingSupper";
import { describeStep } from "@/ui/wording/stepText";
import { describeOvenOn, titledWork, type TitledMove } from "@/ui/wording/tasks";
import { describeMissingHour, writeClock, writeDate, writeDay } from "@/ui/wording/time";
import type { TextContext } from "@/ui/wording/words";
import { computing } from "@/workers/client";
import { download, fileName } from "./download";
import { useDrawnInSlices } from "./first";
import { newId, saveKitchen, useNow } from "./store";
import { nameIn, saveSupper, supperHref, type SupperView, useSupper } from "./supper";

/** A later time on the table leaves a little room, minutes. */
const ROUND_MIN = 5;

export function ClockPage() {
  const state = useSupper();
  const now = useNow(30_000);
  const drawn = useDrawnInSlices(state.state === "ready" && state.planned !== null && state.schedule !== null);
  if (state.state === "missing") return <MissingSupper />;
  if (!drawn || state.state === "loading" || state.planned === null || state.schedule === null) return null;
  return <Ready view={state} planned={state.planned} schedule={state.schedule} now={now} />;
}

/** How likely it is in time, once the ranges are there. */
function useChance(planned: Plan, schedule: Schedule, view: SupperView): Chance | null {
  const { ranges } = view;
  const { kitchen } = view.input;
  const [told, setTold] = useState<{ readonly of: Schedule; readonly chance: Chance } | null>(null);
  useEffect(() => {
    if (ranges === null || schedule.kind !== "fits") return;
    let current = true;
    void computing
      .chance(chanceQuestion(planned, schedule, ranges, capacitiesOf(kitchen)))
      .then((chance) => current && setTold({ of: schedule, chance }));
    return () => {
      current = false;
    };
  }, [planned, schedule, ranges, kitchen]);
  return told?.of === schedule ? told.chance : null;
}

/** When it can be on the table, begun now, for a supper whose beginning is past. */
function useSoonest(planned: Plan, view: SupperView, isLate: boolean): ClockProps["soonest"] {
  const { kitchen } = view.input;
  const { serveAt } = view.supper;
  const [told, setTold] = useState<{ readonly of: Plan; readonly soonest: ClockProps["soonest"] } | null>(null);
  useEffect(() => {
    if (!isLate) return;
    let current = true;
    const going = { begunAt: new Map(), doneAt: new Map(), timers: new Map() };
    void computing.fromNow(planned, kitchen, serveAt, going, Date.now()).then((found) => {
      if (!current) return;
      const fits = found?.kind === "fits" ? found : null;
      const points = fits?.stretched.reduce((sum, s) => sum + s.points, 0) ?? 0;
      const tableMin = fits === null ? null : Math.ceil((fits.tableMin ?? 0) / ROUND_MIN) * ROUND_MIN;
      setTold({ of: planned, soonest: { tableMin, points } });
    });
    return () => {
      current = false;
    };
  }, [planned, kitchen, serveAt, isLate]);
  return isLate && told?.of === planned ? told.soonest : null;
}

function Ready({
  view: state,
  planned,
  schedule,
  now,
}: {
  view: SupperView;
  planned: Plan;
  schedule: Schedule;
  now: number | null;
}) {
  const [whatIf, setWhatIf] = useState<{ of: Schedule; answers: ClockProps["whatIf"] } | null>(null);
  const chance = useChance(planned, schedule, state);
  const { supper, input } = state;
  const zone = input.kitchen.timeZone;
  const serveMs = Date.parse(supper.serveAt);
  const local = (minute: number) => localTime(serveMs + minute * 60_000, zone);
  const moves = titledWork(planned, schedule);
  const serve = local(0);
  const nowMin = now === null ? null : (now - serveMs) / 60_000;
  const isLate =
    !state.frozen && schedule.kind === "fits" && nowMin !== null && schedule.startMin < nowMin && nowMin < 0;
  const soonest = useSoonest(planned, state, isLate);
  const eatLater = (minutes: number) =>
    void saveSupper(
      supper,
      { ...supper, serveAt: new Date(serveMs + minutes * 60_000).toISOString() },
      "Time on the table",
    );
  const held = useMemo(() => new Set(Object.keys(supper.pins)), [supper.pins]);
  const nameOf = (task: TaskId) => {
    const step = planned.tasks.find((t) => t.id === task)?.step;
    return moves.find((m) => m.key === step)?.title ?? task;
  };
  return (
    <Clock
      plan={planned}
      schedule={schedule}
      moves={moves}
      kitchen={input.kitchen}
      serve={{ day: writeDay(serve), date: serve.date, time: serve.time }}
      clock={(m) => writeClock(local(m))}
      day={(m) => writeDate(local(m))}
      nowMin={nowMin}
      stoveHref={supperHref("stove", supper.id)}
      frozen={state.frozen}
      chance={chance}
      stepName={(step) => moves.find((m) => m.key === step)?.title ?? step}
      nameOf={nameOf}
      onServe={(date, time) => {
        const serveAt = instantOf(date, time, zone);
        const says = describeMissingHour(time, localTime(Date.parse(serveAt), zone));
        void saveSupper(supper, { ...supper, serveAt }, "Time on the table", says);
      }}
      soonest={soonest}
      onSoonest={() => eatLater(soonest?.tableMin ?? 0)}
      onTake={(change) => {
        if (change === "hour-later") eatLater(60);
        if (change === "hour-earlier") eatLater(-60);
        if (change === "helper") {
          const cooks = [...input.kitchen.cooks, { id: newId("cook"), name: "Helper", hours: null }];
          void saveKitchen(input.kitchen, { ...input.kitchen, cooks }, "A helper");
        }
      }}
      courses={supper.dishes.map((d) => ({ dish: d.id, name: d.name, afterMin: supper.afterMin[d.id] ?? 0 }))}
      onCourse={(dish, minutes) => {
        const { [dish]: _, ...others } = supper.afterMin;
        void _;
        const afterMin = minutes === 0 ? others : { ...others, [dish]: minutes };
        void saveSupper(supper, { ...supper, afterMin }, "When a dish comes to the table");
      }}
      pointMin={input.kitchen.pointMin}
      onPointMin={(pointMin) =>
        void saveKitchen(input.kitchen, { ...input.kitchen, pointMin }, "What a point of bite is worth")
      }
      held={held}
      onHold={async (step, startMin) => {
        const move = moves.find((m) => m.key === step);
        if (move === undefined) return null;
        const tried = await computing.schedule(heldAt(planned, move.task, startMin), input.kitchen, supper.serveAt);
        if (tried.kind !== "fits") return describeBroken(tried.contradiction, nameOf);
        await saveSupper(
          supper,
          withPin(supper, step, startMin),
          startMin === null ? "Let a step move" : "Hold a step",
        );
        return null;
      }}
      onCalendar={() => void exportCalendar(state, moves)}
      whatIf={whatIf !== null && whatIf.of === schedule ? whatIf.answers : null}
      onWhatIf={() => {
        setWhatIf({ of: schedule, answers: "asked" });
        void computing
          .whatIf(planned, input.kitchen, supper.serveAt)
          .then((answers) => setWhatIf((w) => (w?.of === schedule ? { of: schedule, answers } : w)));
      }}
    />
  );
}

/** The calendar library is only loaded when somebody asks for a calendar. */
async function exportCalendar(
  { supper, input, units, foods, planned, schedule }: SupperView,
  moves: readonly TitledMove[],
) {
  const { writeCalendar } = await import("@/core/formats/icalendar");
  const part = (id: PartId) => supper.dishes.flatMap((d) => d.parts).find((p) => p.id === id)?.name ?? "part";
  const textContext: TextContext = { units, foods, part, eater: nameIn(input.eaters) };
  const serveMs = Date.parse(supper.serveAt);
  if (planned === null) return;
  const items = moves.map((m) => {
    const spoken = describeStep(m.row, m.part, null, textContext);
    return {
      uid: `${supper.id}.${m.key}@jade-pan`,
      startsAt: serveMs + m.startMin * 60_000,
      minutes: Math.max(1, m.handsMin),
      title: spoken.title,
      says: `${spoken.does} ${spoken.why}`.trim(),
    };
  });
  const ovens = ovenOn(planned, schedule).map((o) => ({
    uid: `${supper.id}.${o.step}.oven@jade-pan`,
    startsAt: serveMs + o.startMin * 60_000,
    minutes: 1,
    title: describeOvenOn(o, units),
    says: "",
  }));
  const table = {
    uid: `${supper.id}.table@jade-pan`,
    startsAt: serveMs,
    minutes: 60,
    title: `On the table: ${supper.name}`,
    says: input.supper.dishes.map((d) => d.name).join(", "),
  };
  download(
    `${fileName(supper.name)}.ics`,
    "text/calendar",
    writeCalendar(supper.name, [...items, ...ovens, table], Date.now()),
  );
}
