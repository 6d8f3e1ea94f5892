import type { Kitchen } from "../household/kitchen";
import type { Progress, StepKey } from "../process/log";
import { longestChain } from "./longest";
import { changeoverMin, STAYS_HOT_MIN } from "./oven";
import { free } from "./pins";
import { scheduleQuestion } from "./question";
import { type Schedule, tryOut } from "./schedule";
import { hardestOf } from "./stretch";
import { besides, type Taken } from "./taken";
import { type Lag, SERVE, type Task, type TaskId, type TaskNet, type WaitBudget } from "./task";

/** What of a cooking the clock has to know. Instants in ms since 1970 UTC. */
export type Going = Pick<Progress, "begunAt" | "doneAt" | "timers" | "ovenOnAt">;
/** Before anything is begun. */
export const NOTHING_DONE: Going = { begunAt: new Map(), doneAt: new Map(), timers: new Map(), ovenOnAt: new Map() };
/** The rest of a supper is looked at so long at the most: the cook waits for the answer with a pan in the hand. */
const NODES = 4_000;
/** Nights and absences after the soonest end are looked at so far, minutes. */
const LOOKED_AT_MIN = 2 * 1440;

/**
 * The rest of a supper worked out from now: what is done stays where it was, what has begun goes on at once, what is left begins no
 * earlier than now; the table comes as little late as can be, then as little is lost by waiting as can be. Null where nothing of it is
 * left to do.
 *
 * @param now instant, ms since 1970 UTC
 * @param tools how much work it may take (see `ScheduleInput`), and what other suppers have of the kitchen
 * @returns `tableMin` of the answer is how late it becomes
 */
export function fromNow(
  net: TaskNet,
  kitchen: Kitchen,
  serveAt: string,
  going: Going,
  now: number,
  { nodes = NODES, taken = [] }: { readonly nodes?: number; readonly taken?: readonly Taken[] } = {},
): Schedule | null {
  const nowMin = Math.ceil((now - Date.parse(serveAt)) / 60_000);
  const isOpen = (t: Task) => !going.doneAt.has(t.step) && !going.begunAt.has(t.step);
  if (!net.tasks.some((t) => !going.doneAt.has(t.step))) return null;
  // Who has begun goes on into the night; who has not keeps it.
  const chainMin = longestChain(net.tasks, net.lags).minutes;
  const untilMin = net.tasks.every(isOpen) ? Math.max(0, chainMin + nowMin) + LOOKED_AT_MIN : undefined;
  const solve = (of: TaskNet, beside = taken): Schedule => {
    const left = leftOf(of, going, Date.parse(serveAt), nowMin);
    const question = besides(scheduleQuestion(left, kitchen, serveAt, untilMin), beside, serveAt);
    // Who is cooking is there, whatever the hours say.
    const under = ([from, to]: readonly [number, number]) => untilMin === undefined && from <= nowMin && nowMin < to;
    const blocked = question.blocked.filter((span) => !under(span));
    return tryOut({
      ...question,
      blocked,
      // Who is cooking is there; what others took of the kitchen is not.
      ...(untilMin === undefined ? { gone: besides({ ...question, gone: {} }, beside, serveAt).gone ?? {} } : {}),
      nodes,
      objective: "soonest",
    });
  };
  const among = solve(net);
  // What has begun may stand where another supper wanted to: then that one has to give way.
  const held = among.kind === "fits" || taken.length === 0 ? among : solve(net, []);
  const pinned = net.tasks.some((t) => isOpen(t) && t.notAfter !== undefined);
  // What the cook holds stays as long as that is possible at all.
  return held.kind === "fits" || !pinned
    ? held
    : solve({ ...net, tasks: net.tasks.map((t) => (isOpen(t) ? free(t) : t)) });
}
/** The net of what is left, with what is behind it as fixed points. */
function leftOf(net: TaskNet, going: Going, serveMs: number, nowMin: number): TaskNet {
  const { begunAt, doneAt, timers } = going;
  const minuteOf = (ms: number) => Math.round((ms - serveMs) / 60_000);
  const bySteps = new Map<StepKey, Task[]>();
  for (const t of net.tasks) if (t.heatsOvenTo === undefined) bySteps.set(t.step, [...(bySteps.get(t.step) ?? []), t]);
  const tasks: Task[] = [];
  /** When what is over ended. */
  const ended = new Map<TaskId, number>();
  for (const [step, of] of bySteps) {
    const done = doneAt.get(step);
    const begun = begunAt.get(step);
    const last = of.at(-1) as Task;
    if (done !== undefined) {
      // Hands are done; what passes by itself has its timer.
      const end = Math.max(minuteOf(done), minuteOf(timers.get(step)?.endsAt ?? done));
      ended.set(last.id, end);
      tasks.push(end > nowMin ? still(last, nowMin, end) : over(last, end));
    } else if (begun !== undefined) tasks.push(...goingOn(of, minuteOf(begun), nowMin));
    else tasks.push(...of.map((t) => ({ ...t, notBefore: Math.max(nowMin, t.notBefore ?? nowMin) })));
  }
  const isOpen = (t: Task) => !doneAt.has(t.step) && !begunAt.has(t.step);
  const hot = heats(net.tasks.filter(isOpen), bySteps, going, minuteOf, ended, nowMin);
  for (const t of net.tasks) {
    const { heatsOvenTo: toC } = t;
    if (toC === undefined || !isOpen(t)) continue;
    // One that is hot has to get to the other heat, however long that takes; one on its way there needs no longer than from cold.
    const isHot = hot.some((h) => h.fromMin <= nowMin);
    const fromHot = hot.map((h) => Math.max(0, h.fromMin - nowMin) + changeoverMin(h.tempC, toC));
    const minutes = Math.min(...(isHot ? [] : [t.minutes]), ...fromHot);
    if (minutes > 0) tasks.push({ ...t, minutes, notBefore: nowMin });
  }
  const there = new Set(tasks.map((t) => t.id));
  const lags = net.lags.flatMap((lag): Lag[] => {
    if (!there.has(lag.from) || (lag.to !== SERVE && !there.has(lag.to)) || ended.has(lag.to)) return [];
    const end = ended.get(lag.from);
    const hardest = hardestOf(lag);
    // It has waited too long already: the judgement says so, the rest is planned all the same.
    const lost = end !== undefined && hardest !== null && nowMin - end > hardest;
    return [lost ? { ...lag, maxMin: null } : lag];
  });
  const keep = (ids: readonly TaskId[]) => ids.filter((id) => there.has(id));
  const apart = net.apart.map(([a, b]) => [keep(a), keep(b)] as const).filter(([a, b]) => a.length > 0 && b.length > 0);
  // Once it is late nobody leaves room.
  return { tasks, lags, apart, budgets: net.budgets.flatMap((b) => budgetLeft(b, lags, nowMin, ended)), roomMin: 0 };
}
/** What the oven has or is on its way to: what was in it a moment ago, and what it was switched on for. */
function heats(
  open: readonly Task[],
  bySteps: ReadonlyMap<StepKey, readonly Task[]>,
  { begunAt, ovenOnAt }: Going,
  minuteOf: (ms: number) => number,
  ended: ReadonlyMap<TaskId, number>,
  nowMin: number,
): { readonly tempC: number; readonly fromMin: number }[] {
  const used = [...bySteps].flatMap(([step, of]) => {
    const tempC = of.find((t) => t.ovenC !== null)?.ovenC ?? null;
    const end = ended.get((of.at(-1) as Task).id) ?? (begunAt.has(step) ? nowMin : null);
    return tempC === null || end === null || end < nowMin - STAYS_HOT_MIN ? [] : [{ tempC, fromMin: nowMin }];
  });
  const on = open.flatMap(({ step, minutes, heatsOvenTo: tempC }) => {
    const since = ovenOnAt.get(step);
    if (tempC === undefined || since === undefined) return [];
    const wayMin = used.length === 0 ? minutes : Math.min(...used.map((u) => changeoverMin(u.tempC, tempC)));
    return [{ tempC, fromMin: minuteOf(since) + wayMin }];
  });
  return [...on, ...used];
}
/** It goes on by itself until its timer ends, on the burner or in the oven where it stands. */
const still = ({ demands: { hands: _, ...demands }, ...task }: Task, from: number, to: number): Task => {
  void _;
  return { ...task, demands, kind: "wait", minutes: to - from, notBefore: from, notAfter: from };
};
/** It is over: a moment that others count from. */
const over = (task: Task, end: number): Task => ({
  ...task,
  demands: {},
  ovenC: null,
  kind: "wait",
  minutes: 1,
  notBefore: end - 1,
  notAfter: end - 1,
});
/** What is left of a step that has begun, its minutes taken as planned; the first of it goes on now. */
function goingOn(of: readonly Task[], begun: number, nowMin: number): Task[] {
  let passed = nowMin - begun;
  const left: Task[] = [];
  for (const [i, task] of of.entries()) {
    const minutes = Math.max(i === of.length - 1 ? 1 : 0, task.minutes - Math.max(0, passed));
    passed -= task.minutes;
    if (minutes <= 0) continue;
    left.push({
      ...task,
      minutes,
      ...(left.length === 0 ? { notBefore: nowMin, notAfter: nowMin } : { notBefore: nowMin }),
    });
  }
  return left;
}
/** A sum of waits of which none is over yet; one that is partly over is left to the judgement. */
const budgetLeft = (
  b: WaitBudget,
  lags: readonly Lag[],
  nowMin: number,
  ended: ReadonlyMap<TaskId, number>,
): WaitBudget[] => {
  const whole = b.lags.every((l) => lags.some((x) => x.from === l.from && x.to === l.to));
  const spent = b.lags.reduce((sum, l) => sum + Math.max(0, nowMin - (ended.get(l.from) ?? nowMin)), 0);
  return whole && spent <= b.mostMin ? [b] : [];
};
