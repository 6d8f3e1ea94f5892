"use client";

import { useRouter } from "next/navigation";
import { useCallback, useEffect, useMemo, useState } from "react";
import { ovenOn, ovensDue } from "@/core/schedule/oven";
import { localTime } from "@/core/calendar/localTime";
import type { Entry } from "@/core/notebook/entry";
import type { Plan } from "@/core/plan";
import { solidsG, totalG } from "@/core/process/contents";
import type { LogEntry, StepKey } from "@/core/process/log";
import { correctByReading } from "@/core/process/weighIn";
import { writeMinutes } from "@/core/quantities/write";
import { cutShort, lastDone, openNow, paceOf, runningTimers, stepInHand, timerOf } from "@/core/schedule/underWay";
import type { TaskId } from "@/core/schedule/task";
import { rowsOf, takesUp } from "@/core/schedule/work";
import { useKeysOn, useSingleKeys } from "@/ui/frame/singleKeys";
import { Stuck } from "@/ui/stove/Burners";
import { Stove } from "@/ui/stove/Stove";
import type { StoveStep } from "@/ui/stove/stoveProps";
import { describeHoles } from "@/words/clock";
import { describeStep } from "@/words/stepText";
import { describeAllergenChange, describeFromNow, describeOver, describePace, NOT_ALL } from "@/words/stove";
import { describeOvenDue, titledWork, type TitledMove } from "@/words/tasks";
import { writeClock, writeCountdown } from "@/words/time";
import { cueOf } from "@/words/steps";
import { describeWeighInFailure } from "@/words/weighInFailures";
import { foodName, type TextContext } from "@/words/words";
import { useAwake, useRing } from "./attention";
import { useReminders, useTold } from "./reminders";
import { endCooking } from "./endCooking";
import { useFromNow } from "./fromNow";
import { useClockJump } from "./clockJumps";
import { instant, noted, useNow } from "./store";
import { nameIn, type SupperView } from "./supper";
import { useChanged } from "./weighed";

/** What makes the entry of the notebook is fetched so long after a step is in hand, ms, long before it is needed. */
const CALM_MS = 3000;

interface CookingProps {
  readonly view: SupperView;
  readonly plan: Plan;
  readonly planned: Plan;
}

/** A cooking under way: one step at a time, everything noted as it happens. */
export function Cooking({ view, plan, planned }: CookingProps) {
  const { supper, input, schedule, units, foods } = view;
  const cooking = view.cooking as NonNullable<SupperView["cooking"]>;
  const { progress } = cooking;
  const now = useNow(250) ?? instant();
  const router = useRouter();
  const sleeps = useAwake();

  const textContext = useMemo<TextContext>(
    () => ({
      units,
      foods,
      part: (id) => supper.dishes.flatMap((d) => d.parts).find((p) => p.id === id)?.name ?? "part",
      eater: nameIn(input.eaters),
    }),
    [units, foods, supper, input.eaters],
  );
  // The order is that of the plan as it was at the start: a weigh-in changes amounts, not where the cook is.
  const moves = useMemo(() => titledWork(planned, schedule), [planned, schedule]);
  const rows = useMemo(() => new Map(rowsOf(plan).map((r) => [r.key, r])), [plan]);
  const at = stepInHand(moves, progress) ?? 0;
  const move = moves[at] as TitledMove;
  const row = rows.get(move.key);
  const titleOf = (key: string) => moves.find((m) => m.key === key)?.title ?? "";
  const titleOfTask = (id: TaskId) => titleOf(planned.tasks.find((t) => t.id === id)?.step ?? "");
  const log = useCallback((...entries: LogEntry[]) => noted.add(cooking.row.id, ...entries), [cooking.row.id]);

  const timers = runningTimers(progress, rows, now).map((t) => {
    const row = rows.get(t.step);
    const title = moves.find((m) => m.key === t.step)?.title ?? t.step;
    return { ...t, title, cue: row ? cueOf(row, foods) : "" };
  });
  useRing(cooking.row.id, timers);
  useTold(timers.flatMap((t) => (t.leftMs <= 0 ? [describeOver(t)] : [])));
  const onRemind = useReminders();
  const jump = useClockJump(cooking.row.id, cooking.log);
  useEffect(() => {
    const timer = setTimeout(() => void import("@/core/notebook/entry"), CALM_MS);
    return () => clearTimeout(timer);
  }, []);
  const [load, setLoad] = useState<{ key: string; grams: number } | null>(null);
  const [problem, setProblem] = useState<{ key: string; says: string } | null>(null);
  const changed = useChanged(view, plan, move.key);

  const computed = row?.state === "computed" ? row : null;
  const offered = computed ? timerOf(computed.outcome) : null;
  const timer = offered && {
    minutes: offered.minutes,
    label: `${offered.of === "batch" ? "a batch, " : ""}${writeMinutes(offered.minutes)}`,
  };
  const startsOnNext = offered?.of === "step" && !progress.timers.has(move.key);

  const takenUp = row ? takesUp(plan, row) : [];
  const [asked, setAsked] = useState<string | null>(null);
  const [stopped, setStopped] = useState<{ step: StepKey; minutes: number } | null>(null);
  const serveMs = Date.parse(supper.serveAt);
  const pace = paceOf(move, now, serveMs);
  const behind = useFromNow(planned, view, progress, pace.lateMin, now);
  const hole = describeHoles(plan);
  const rest = pace.lateMin === 0 && progress.failed.size === 0 ? null : behind;
  const startOf = (m: TitledMove) => rest?.starts[m.task] ?? m.startMin;
  const open = moves.filter((m, i) => i !== at && !progress.doneAt.has(m.key));
  const toCome = rest === null ? open : open.toSorted((m, n) => startOf(m) - startOf(n));
  const following = toCome[0] ?? null;
  const short = cutShort(timers, takenUp, following === null);
  const asks =
    short !== null && asked === move.key
      ? `“${titleOf(short.step)}” has ${writeCountdown(short.leftMs)} left. Its timer stays when you go on.`
      : null;
  const end = async (ended: Entry["ended"], last: readonly LogEntry[]) => {
    const entry = await endCooking({ cooking, supper }, { planned, actual: plan }, ended, last);
    router.push(`/notebook?e=${encodeURIComponent(entry)}`);
  };
  const next = async () => {
    // What is cut short is asked once: the second press goes on.
    if (short !== null && asked !== move.key) return setAsked(move.key);
    setAsked(null);
    const stamp = instant();
    const entries: LogEntry[] = [{ kind: "done", at: stamp, step: move.key }];
    // Who has drained the strips needs no timer for their soak any more.
    for (const t of timers)
      if (takenUp.includes(t.step) && t.leftMs <= 0) entries.push({ kind: "timer-off", at: stamp, step: t.step });
    if (offered && startsOnNext) entries.push({ kind: "timer", at: stamp, step: move.key, minutes: offered.minutes });
    if (following !== null) {
      entries.push({ kind: "begun", at: stamp, step: following.key });
      await log(...entries);
    } else await end("finished", entries);
  };
  const previous = lastDone(progress);
  const back = previous === null ? null : () => void log({ kind: "reopened", at: instant(), step: previous });

  const weighable =
    computed !== null &&
    computed.scaleSays !== null &&
    computed.outcome.after.bath === null &&
    computed.outcome.outputs.length + computed.outcome.inputs.length > 0;
  const plannedRow = rowsOf(planned).find((r) => r.key === move.key);
  const take = (grams: number, by: "typed" | "scale") => {
    if (!computed) return;
    const checked = correctByReading(computed.scaleSays, computed.outcome, grams);
    if (!checked.ok) return setProblem({ key: move.key, says: describeWeighInFailure(checked.failure, units) });
    setProblem(null);
    setLoad({ key: move.key, grams });
    void log({ kind: "weighed", at: instant(), step: move.key, readingG: grams, by });
  };
  const plannedG = plannedRow?.state === "computed" ? totalG(plannedRow.outcome.after.batch) : 0;
  const loadG = load?.key === move.key ? load.grams : Math.round(plannedG);
  const touched = load?.key === move.key;
  const simulated = view.simulatedScale;
  const [keysOn, setKeysOn] = useKeysOn();
  const startTimer = () => timer && void log({ kind: "timer", at: instant(), step: move.key, minutes: timer.minutes });
  const stopTimer = (step: StepKey) => {
    const timer = timers.find((t) => t.step === step);
    if (timer && timer.leftMs > 0) setStopped({ step, minutes: timer.leftMs / 60_000 });
    void log({ kind: "timer-off", at: instant(), step });
  };
  const bringBack = () => {
    if (stopped === null) return;
    setStopped(null);
    void log({ kind: "timer", at: instant(), step: stopped.step, minutes: stopped.minutes });
  };
  useSingleKeys({
    Space: { run: () => void next(), clicks: true },
    b: { run: () => back?.() },
    w: { run: () => weighable && touched && simulated && take(loadG, "scale") },
    t: { run: startTimer },
    ...Object.fromEntries(
      Array.from({ length: 9 }, (_, i) => [String(i + 1), { run: () => timers[i] && stopTimer(timers[i].step) }]),
    ),
  });

  const burners = cooking.row.input.kitchen.burners.map(({ id, name }) => ({
    name,
    works: !progress.failed.has(id),
    onTurn: (works: boolean) => void log({ kind: "burner", at: instant(), burner: id, works }),
  }));
  if (computed === null) return <Stuck title={move.title} burners={burners} onBack={back} />;
  const free = openNow(plan, moves, progress);
  const lines = computed.step.adds.flatMap((l, line) =>
    l.kind === "food" ? [{ line, name: foodName(foods, l.food), massG: l.massG }] : [],
  );
  const range = view.ranges?.[move.key]?.massG ?? null;
  const zone = input.kitchen.timeZone;
  const waitsFor = timers.find((t) => takenUp.includes(t.step)) ?? null;
  const lastReading = cooking.log.filter((e) => e.kind === "weighed" && e.step === move.key).at(-1);
  const lowestG = computed.step.kind === "squeeze" ? solidsG(computed.outcome.after.batch) : plannedG * 0.4;

  const step: StoveStep = {
    // Once weighed, the step still says what it was meant to come to.
    spoken: changed
      ? describeStep(changed.old, move.part, null, textContext)
      : describeStep(computed, move.part, view.ranges?.[move.key] ?? null, textContext),
    part: move.part,
    number: at + 1,
    of: moves.length,
    cue: cueOf(computed, foods),
    cueSeen: progress.cues.has(move.key),
    cautions: view.cautions.filter((c) => c.step === move.key),
    waitsFor: asks === null ? waitsFor : null,
    timer: progress.timers.has(move.key) ? null : timer,
    startsOnNext,
    nextTitle: following?.title ?? null,
    asks,
    scale: weighable
      ? {
          units,
          plannedG,
          range: changed ? null : range,
          lowestG,
          highestG: plannedG * 1.5,
          stepG: input.kitchen.scaleStepG,
          takenG: lastReading?.kind === "weighed" ? lastReading.readingG : null,
          problem: problem?.key === move.key ? problem.says : null,
          loadG,
          touched,
          simulated,
          onLoad: (grams) => setLoad({ key: move.key, grams }),
          onTake: take,
        }
      : null,
  };
  // The oven is told when it is time, by the clock and by how late everything is, until its step has begun.
  const wallTime = (ms: number) => writeClock(localTime(ms, zone));
  const planTime = (minute: number) => wallTime(serveMs + minute * 60_000);
  const timeAt = (minute: number) => planTime(minute + pace.lateMin);
  const nowMin = (now - serveMs) / 60_000;
  const due = ovensDue(ovenOn(planned, view.schedule), progress, serveMs, nowMin, pace.lateMin).map((oven) => ({
    says: describeOvenDue(oven, titleOf(oven.step), nowMin, pace.lateMin, planTime, units),
    isOn: oven.onMin !== null,
    onTurn: (on: boolean) => void log({ kind: "oven", at: instant(), step: oven.step, on }),
  }));
  return (
    <Stove
      step={step}
      timers={timers}
      after={toCome.slice(0, 5).map((m) => ({
        key: m.key,
        onTake: free.has(m.key) ? () => void log({ kind: "begun", at: instant(), step: m.key }) : null,
        time: rest === null ? timeAt(m.startMin) : planTime(startOf(m)),
        title: m.title,
        says: writeMinutes(m.minutes),
      }))}
      strip={moves.map((m, i) => ({
        key: m.key,
        minutes: m.handsMin,
        title: m.title,
        state: progress.doneAt.has(m.key) ? "done" : i === at ? "now" : "to come",
      }))}
      clock={wallTime(now)}
      pace={hole === null ? describePace(pace, planTime, rest === null ? pace.lateMin : (rest.tableMin ?? 0)) : NOT_ALL}
      fromNow={[
        ...(hole === null ? [] : [hole]),
        ...(rest === null ? [] : describeFromNow(rest, planTime, titleOfTask, hole !== null)),
      ]}
      news={view.allergenChanges.map((c) => describeAllergenChange(c, foods))}
      due={due}
      // Where no timer runs, a leap ahead changes nothing that is seen.
      jump={jump !== null && (jump.byMs < 0 || timers.length > 0) ? jump : null}
      changed={changed}
      textContext={textContext}
      titleOf={titleOf}
      keysOn={keysOn}
      sleeps={sleeps}
      onKeys={setKeysOn}
      onNext={() => void next()}
      onBack={back}
      onCue={(seen) => void log({ kind: "cue", at: instant(), step: move.key, seen })}
      onTimer={startTimer}
      onTimerOff={stopTimer}
      onRemind={onRemind}
      stopped={
        stopped && !progress.timers.has(stopped.step) ? { title: titleOf(stopped.step), onBringBack: bringBack } : null
      }
      onPutAside={() => void log({ kind: "aside", at: instant() }).then(() => router.push("/"))}
      putIn={
        lines.length === 0
          ? null
          : {
              units,
              lines,
              onPutIn: (line, massG) => void log({ kind: "amount", at: instant(), step: move.key, line, massG }),
            }
      }
      burners={burners}
      onStay={() => setAsked(null)}
      onGiveUp={() => void end("given-up", [])}
    />
  );
}
