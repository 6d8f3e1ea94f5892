"use client";

import { useMemo, useState } from "react";
import { localTime } from "@/core/calendar/localTime";
import { instantOf } from "@/core/calendar/zonedTime";
import { withOneMore, withoutBorrowed } from "@/core/household/oneMore";
import type { Plan } from "@/core/plan";
import { heldAt, withPin } from "@/core/schedule/pins";
import type { Schedule } from "@/core/schedule/schedule";
import type { TaskId } from "@/core/schedule/task";
import { Clock, type ClockProps } from "@/ui/clock/Clock";
import { describeOneBatch } from "@/words/batches";
import { describeBroken, describeKeptWarm } from "@/words/clock";
import { describeWay } from "@/words/waysOut";
import { MissingSupper } from "@/ui/frame/MissingSupper";
import { titledWork } from "@/words/tasks";
import { describeMissingHour, writeClock, writeDate, writeDay } from "@/words/time";
import { computing } from "@/workers/client";
import { makeApart, saveBoth, useOneBatch } from "./oneBatch";
import { exportCalendar, exportTable } from "./takeAlong";
import { takeWay, useChance, useKeptWarm, useWaysOut } from "./clockAnswers";
import { useDrawnInSlices } from "@/ui/frame/useDrawnInSlices";
import { saveKitchen, useNow } from "./store";
import { saveSupper, supperHref, type SupperView, useSupper } from "./supper";

export function ClockPage() {
  const state = useSupper();
  const now = useNow(30_000);
  const drawn = useDrawnInSlices(state.state === "ready" && state.planned !== null && state.schedule !== null);
  if (state.state === "missing") return <MissingSupper />;
  if (!drawn || state.state === "loading" || state.planned === null || state.schedule === null) return null;
  return <Ready view={state} planned={state.planned} schedule={state.schedule} now={now} />;
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
  const asked = !state.frozen && (isLate || schedule.kind === "does-not-fit") && (nowMin ?? 0) < 0;
  const keptWarm = useKeptWarm(state, schedule, !state.frozen);
  const oneBatch = useOneBatch(state, !state.frozen);
  const waysOut = useWaysOut(state, schedule, asked ? now : null);
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
      name={supper.name}
      beside={state.beside}
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
      onGiveBack={() => void saveKitchen(input.kitchen, withoutBorrowed(input.kitchen), "What was borrowed is gone")}
      keptWarm={keptWarm}
      onKeepWarm={(way) => void saveSupper(supper, way.supper, "Keep it warm", `Done. ${describeKeptWarm(way)}.`)}
      batches={state.batches}
      oneBatch={oneBatch.ways}
      onOneBatch={(way) => {
        const first = oneBatch.others.find((s) => s.id === way.first.id);
        if (first === undefined) return;
        const says = `Done. ${describeOneBatch(way)}.`;
        void saveBoth("One batch for two suppers", { first, later: supper }, way, says);
      }}
      onApart={(key) => void makeApart(state, key)}
      waysOut={waysOut}
      onWay={(way) =>
        void takeWay(way, supper, input.kitchen, `Done. ${describeWay(way, planned, input.kitchen.units)}.`)
      }
      onTake={(change) => {
        if (change === "hour-later") eatLater(60);
        if (change === "hour-earlier") eatLater(-60);
        if (change === "helper") void saveKitchen(input.kitchen, withOneMore(input.kitchen, "hands"), "A helper");
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
      roomMin={supper.roomMin}
      onRoom={(roomMin) => void saveSupper(supper, { ...supper, roomMin }, "Room before it is served")}
      held={held}
      onHold={async (step, startMin) => {
        const move = moves.find((m) => m.key === step);
        if (move === undefined) return null;
        const tried = await computing.schedule(
          heldAt(planned, move.task, startMin),
          input.kitchen,
          supper.serveAt,
          state.taken,
        );
        if (tried.kind !== "fits") return describeBroken(tried.contradiction, nameOf);
        await saveSupper(
          supper,
          withPin(supper, step, startMin),
          startMin === null ? "Let a step move" : "Hold a step",
        );
        return null;
      }}
      onCalendar={() => void exportCalendar(state, moves)}
      onTable={() => void exportTable(state, moves)}
      whatIf={whatIf !== null && whatIf.of === schedule ? whatIf.answers : null}
      onWhatIf={() => {
        setWhatIf({ of: schedule, answers: "asked" });
        void computing
          .whatIf(planned, input.kitchen, supper.serveAt, state.taken)
          .then((answers) => setWhatIf((w) => (w?.of === schedule ? { of: schedule, answers } : w)));
      }}
    />
  );
}
