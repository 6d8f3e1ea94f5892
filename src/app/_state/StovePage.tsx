"use client";

import { useRouter } from "next/navigation";
import { useCallback, useMemo, useState } from "react";
import { headCount } from "@/core/dish/dish";
import { localTime } from "@/core/formats/zonedTime";
import { type Entry, entryRows } from "@/core/notebook/entry";
import type { Plan } from "@/core/plan";
import { differences } from "@/core/process/compare";
import { solidsG, totalG } from "@/core/process/contents";
import type { LogEntry, Progress } from "@/core/process/log";
import type { Row } from "@/core/process/replay";
import { correctByReading, meaningAfter } from "@/core/process/weighIn";
import { writeMass, writeMinutes } from "@/core/quantities/write";
import { db } from "@/data/db";
import { appendToLog } from "@/data/household";
import { MissingSupper } from "@/ui/frame/MissingSupper";
import { useKeysOn, useSingleKeys } from "@/ui/frame/singleKeys";
import { BeforeCooking, Stove, type StoveStep, type TimerView } from "@/ui/stove/Stove";
import { type Said, sayOpen } from "@/ui/wording/facts";
import { speak } from "@/ui/wording/spoken";
import { type Move, movesOf } from "@/ui/wording/tasks";
import { writeDay } from "@/ui/wording/time";
import { counted, CUES, sayWeighInFailure, type Speaking } from "@/ui/wording/words";
import { useAwake, useRing } from "./attention";
import { usePlan } from "./computed";
import { instant, newId, useNow } from "./store";
import { type SupperView, useSupper } from "./supper";

export function StovePage() {
  const state = useSupper();
  if (state.state === "missing") return <MissingSupper />;
  if (state.state === "loading" || state.plan === null || state.planned === null || state.schedule === null)
    return null;
  const { plan, planned } = state;
  if (!state.frozen) return <Begin view={state} plan={planned} />;
  return <Cooking key={state.cooking?.row.id} view={state} plan={plan} planned={planned} />;
}

function Begin({ view, plan }: { view: SupperView; plan: Plan }) {
  const { supper, input, schedule, cooking } = view;
  const moves = movesOf(plan, schedule);
  const begin = async () => {
    const first = moves[0];
    if (!first) return;
    const id = newId("cooking");
    await db.cookings.put({ id, supper: supper.id, startedAt: new Date().toISOString(), input });
    await appendToLog(db, id, [{ kind: "begun", at: instant(), step: first.key }]);
  };
  const start =
    schedule?.kind === "fits"
      ? localTime(Date.parse(supper.serveAt) + schedule.startMin * 60_000, input.kitchen.timeZone)
      : null;
  const open: Said[] = sayOpen(plan, input.eaters);
  if (!start) open.push({ tone: "watch", says: "It does not fit the clock; the steps come in the order of the dish" });
  return (
    <BeforeCooking
      title={cooking ? `${supper.name}, once more` : supper.name}
      says={`${counted(moves.length, "step")} for ${headCount(supper)}, ${start ? `to begin ${writeDay(start)}` : "no time set"}. The first: ${moves[0]?.title ?? "nothing yet"}.`}
      open={open}
      onBegin={() => void begin()}
    />
  );
}

interface CookingProps {
  readonly view: SupperView;
  readonly plan: Plan;
  readonly planned: Plan;
}
const rowsOf = (plan: Plan): Row[] => plan.dishes.flatMap((d) => d.parts.flatMap((p) => [...p.rows]));

function Cooking({ view, plan, planned }: CookingProps) {
  const { supper, input, schedule, units, foods } = view;
  const cooking = view.cooking as NonNullable<SupperView["cooking"]>;
  const { progress, log } = cooking;
  const now = useNow(250) ?? instant();
  const router = useRouter();
  useAwake();

  const speaking = useMemo<Speaking>(
    () => ({
      units,
      foods,
      part: (id) => supper.dishes.flatMap((d) => d.parts).find((p) => p.id === id)?.name ?? "part",
    }),
    [units, foods, supper],
  );
  // The order is that of the plan as it was at the start: a weigh-in changes amounts, not where the cook is.
  const moves = useMemo(() => movesOf(planned, schedule), [planned, schedule]);
  const rows = useMemo(() => new Map(rowsOf(plan).map((r) => [r.key, r])), [plan]);
  const index = Math.min(
    moves.findIndex((m) => !progress.doneAt.has(m.key)),
    moves.length - 1,
  );
  const at = index < 0 ? moves.length - 1 : index;
  const move = moves[at] as Move;
  const row = rows.get(move.key);
  const say = useCallback((...entries: LogEntry[]) => appendToLog(db, cooking.row.id, entries), [cooking.row.id]);

  const timers = timersOf(moves, progress, rows, now);
  useRing(timers);
  const [load, setLoad] = useState<{ key: string; grams: number } | null>(null);
  const [problem, setProblem] = useState<{ key: string; says: string } | null>(null);
  const changed = useChanged(view, plan, move.key);

  const computed = row?.state === "computed" ? row : null;
  const main = computed ? timerMinutes(computed) : 0;
  const batch = computed?.outcome.facts.find((f) => f.kind === "batches");
  const timer =
    main > 0
      ? { minutes: main, label: writeMinutes(main) }
      : batch?.kind === "batches"
        ? { minutes: batch.eachMin, label: `a batch, ${writeMinutes(batch.eachMin)}` }
        : null;
  const startsOnNext = main > 0 && !progress.timers.has(move.key);

  const taken = row ? takesUp(plan, row) : [];
  const next = async () => {
    const following = moves[at + 1];
    const stamp = instant();
    const entries: LogEntry[] = [{ kind: "done", at: stamp, step: move.key }];
    // Who has drained the strips needs no timer for their soak any more.
    for (const t of timers) if (taken.includes(t.step)) entries.push({ kind: "timer-off", at: stamp, step: t.step });
    if (startsOnNext) entries.push({ kind: "timer", at: stamp, step: move.key, minutes: main });
    if (following) {
      if (!progress.begunAt.has(following.key)) entries.push({ kind: "begun", at: stamp, step: following.key });
      await say(...entries);
    } else {
      await say(...entries, { kind: "finished", at: stamp });
      const entry = await writeEntry(view, planned, plan, [...log, ...entries], stamp);
      router.push(`/notebook?e=${encodeURIComponent(entry.id)}`);
    }
  };
  const previous = moves[at - 1];
  const back = previous ? () => void say({ kind: "reopened", at: instant(), step: previous.key }) : null;

  const weighable =
    computed !== null &&
    meaningAfter(computed.step.kind) !== null &&
    computed.outcome.after.bath === null &&
    computed.outcome.left.length + computed.outcome.came.length > 0;
  const plannedRow = rowsOf(planned).find((r) => r.key === move.key);
  const take = (grams: number, by: "typed" | "scale") => {
    if (!computed) return;
    const checked = correctByReading(computed.step.kind, computed.outcome, grams);
    if (!checked.ok) return setProblem({ key: move.key, says: sayWeighInFailure(checked.failure, units) });
    setProblem(null);
    setLoad({ key: move.key, grams });
    void say({ kind: "weighed", at: instant(), step: move.key, readingG: grams, by });
  };
  const plannedG = plannedRow?.state === "computed" ? totalG(plannedRow.outcome.after.batch) : 0;
  const loadG = load?.key === move.key ? load.grams : Math.round(plannedG);
  const [keysOn, setKeysOn] = useKeysOn();
  const startTimer = () => timer && void say({ kind: "timer", at: instant(), step: move.key, minutes: timer.minutes });
  const stopTimer = (step: string) => void say({ kind: "timer-off", at: instant(), step });
  useSingleKeys({
    Space: { run: () => void next(), clicks: true },
    b: { run: () => back?.() },
    w: { run: () => weighable && take(loadG, "scale") },
    t: { run: startTimer },
    ...Object.fromEntries(
      Array.from({ length: 9 }, (_, i) => [String(i + 1), { run: () => timers[i] && stopTimer(timers[i].step) }]),
    ),
  });

  if (computed === null) return null;
  const range = view.ranges?.[move.key]?.massG ?? null;
  const zone = input.kitchen.timeZone;
  const serveMs = Date.parse(supper.serveAt);
  const lateMin = Math.max(0, (now - serveMs) / 60_000 - (move.startMin + move.handsMin));
  const waitsFor = timers.find((t) => taken.includes(t.step)) ?? null;
  const lastReading = log.filter((e) => e.kind === "weighed" && e.step === move.key).at(-1);
  const lowestG = computed.step.kind === "squeeze" ? solidsG(computed.outcome.after.batch) : plannedG * 0.4;

  const step: StoveStep = {
    // Once weighed, the step still says what it was meant to come to.
    spoken: changed
      ? speak(changed.old, move.part, null, speaking)
      : speak(computed, move.part, view.ranges?.[move.key] ?? null, speaking),
    part: move.part,
    number: at + 1,
    of: moves.length,
    cue: CUES[computed.step.kind],
    cueSeen: progress.cues.has(move.key),
    cautions: plan.cautions.filter((c) => c.step === move.key),
    waitsFor,
    timer: progress.timers.has(move.key) ? null : timer,
    startsOnNext,
    nextTitle: moves[at + 1]?.title ?? null,
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
          onLoad: (grams) => setLoad({ key: move.key, grams }),
          onTake: take,
        }
      : null,
  };
  return (
    <Stove
      step={step}
      timers={timers}
      after={moves.slice(at + 1, at + 6).map((m) => ({
        time: localTime(serveMs + (m.startMin + lateMin) * 60_000, zone).time,
        title: m.title,
        says: writeMinutes(m.minutes),
      }))}
      strip={moves.map((m, i) => ({
        key: m.key,
        minutes: m.handsMin,
        title: m.title,
        state: progress.doneAt.has(m.key) ? "done" : i === at ? "now" : "to come",
      }))}
      clock={localTime(now, zone).time}
      pace={paceOf(now, serveMs, move, lateMin, zone)}
      changed={changed}
      speaking={speaking}
      titleOf={(key) => moves.find((m) => m.key === key)?.title ?? ""}
      keysOn={keysOn}
      onKeys={setKeysOn}
      onNext={() => void next()}
      onBack={back}
      onCue={(seen) => void say({ kind: "cue", at: instant(), step: move.key, seen })}
      onTimer={startTimer}
      onTimerOff={stopTimer}
    />
  );
}

/** Minutes that pass by themselves or under an eye once the hands are done. */
const timerMinutes = (row: Extract<Row, { state: "computed" }>) =>
  row.outcome.phases.reduce((m, p) => (p.kind === "hands" ? m : m + p.minutes), 0);

/** Steps whose result this one takes up: the one before it in its part, and the last of each part that joins. */
function takesUp(plan: Plan, row: Row): string[] {
  const parts = plan.dishes.flatMap((d) => d.parts);
  const mine = parts.find((p) => p.rows.some((r) => r.key === row.key));
  const before = mine?.rows[mine.rows.findIndex((r) => r.key === row.key) - 1];
  const joined = row.step.adds.flatMap((l) =>
    l.kind === "part" ? [parts.find((p) => p.id === l.part)?.rows.at(-1)] : [],
  );
  return [before, ...joined].flatMap((r) => (r ? [r.key] : []));
}

function timersOf(
  moves: readonly Move[],
  progress: Progress,
  rows: ReadonlyMap<string, Row>,
  now: number,
): TimerView[] {
  return [...progress.timers].map(([step, { startedAt, endsAt }]) => {
    const move = moves.find((m) => m.key === step);
    const row = rows.get(step);
    const needs = row?.state === "computed" ? row.outcome.needs : [];
    const where = needs.some((n) => n.kind === "burner")
      ? "burner"
      : needs.some((n) => n.kind === "fridge")
        ? "fridge"
        : "worktop";
    return {
      step,
      title: move?.title ?? step,
      where,
      leftMs: endsAt - now,
      totalMs: Math.max(1, endsAt - startedAt),
      cue: row ? CUES[row.step.kind] : "",
    };
  });
}

function paceOf(now: number, serveMs: number, move: Move, lateMin: number, zone: string) {
  const early = move.startMin - (now - serveMs) / 60_000;
  if (lateMin >= 1)
    return {
      late: true,
      says: `${writeMinutes(lateMin)} behind · ready ${localTime(serveMs + lateMin * 60_000, zone).time}`,
    };
  if (early >= 2) return { late: false, says: `${writeMinutes(early)} ahead` };
  return { late: false, says: `on time for ${localTime(serveMs, zone).time}` };
}

/** What the last weigh-in changed, reckoned from the log so that a reload shows it again; only at the step it belongs to and the next ones. */
function useChanged(view: SupperView, plan: Plan, current: string) {
  const weighings = view.input.log;
  const last = weighings.at(-1);
  const before = useMemo(
    () => (last ? { ...view.input, log: weighings.slice(0, -1) } : null),
    [view.input, weighings, last],
  );
  const earlier = usePlan(before)?.plan ?? null;
  if (!last || last.kind !== "weighed" || !earlier || last.step !== current) return null;
  const old = rowsOf(earlier).find((r) => r.key === last.step);
  if (old?.state !== "computed") return null;
  const difference = last.readingG - totalG(old.outcome.after.batch);
  const amount = writeMass(Math.abs(difference), view.units);
  const wet = meaningAfter(old.step.kind) !== "addition";
  const says =
    Math.abs(difference) < 1
      ? "Just as reckoned."
      : difference > 0
        ? `${amount} ${wet ? "wetter" : "more"} than reckoned.`
        : `${amount} ${wet ? "drier" : "less"} than reckoned.`;
  return {
    old,
    says: `${says} From here on:`,
    differences: differences(rowsOf(earlier), rowsOf(plan)).filter((d) => d.key !== last.step),
  };
}

async function writeEntry(
  view: SupperView,
  planned: Plan,
  plan: Plan,
  log: readonly LogEntry[],
  finishedAt: number,
): Promise<Entry> {
  const { supper, cooking } = view;
  const entry: Entry = {
    id: newId("entry"),
    supper: supper.id,
    name: supper.name,
    eaters: headCount(supper),
    startedAt: cooking?.row.startedAt ?? new Date(finishedAt).toISOString(),
    finishedAt: new Date(finishedAt).toISOString(),
    servedForAt: supper.serveAt,
    rows: entryRows(planned, log),
    saltPerEaterG: plan.perEater.saltG,
    bite: null,
    note: "",
  };
  await db.entries.put(entry);
  return entry;
}
