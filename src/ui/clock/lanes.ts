import type { Kitchen } from "@/core/household/kitchen";
import type { Plan } from "@/core/plan";
import type { Chance } from "@/core/schedule/chance";
import type { Schedule } from "@/core/schedule/schedule";
import type { StepKey } from "@/core/process/log";
import type { Task, TaskId } from "@/core/schedule/task";
import { burnersOf } from "@/core/schedule/burners";
import { ovenOn } from "@/core/schedule/oven";
import { writeTemp } from "@/core/quantities/write";
import { describeOvenOn, type TitledMove } from "@/words/tasks";

/** A stretch on a lane, minutes relative to serving. */
export interface Bar {
  readonly id: TaskId;
  /** Which step it belongs to, and where that begins, when it may be moved; null for the oven on its way. */
  readonly of: { readonly key: StepKey; readonly startMin: number } | null;
  readonly from: number;
  readonly to: number;
  /** It ends so much later in one evening of ten, minutes. */
  readonly slipMin: number;
  readonly kind: Task["kind"];
  /** From the fullest to the shortest; the first that has room is shown. */
  readonly labels: readonly string[];
  readonly says: string;
  readonly row: number;
}
export interface Lane {
  readonly name: string;
  readonly rows: number;
  readonly bars: readonly Bar[];
}

interface Raw extends Omit<Bar, "row"> {
  readonly lane: string;
}

const OVEN = "Oven";
const FRIDGE = "Fridge";
const FREEZER = "Freezer";

/** Hands, each burner, oven, machines, worktop, fridge and freezer, as far as the supper uses them. */
export function lanesOf(
  plan: Plan,
  schedule: Extract<Schedule, { kind: "fits" }>,
  moves: readonly TitledMove[],
  kitchen: Kitchen,
  slips: Chance["slips"],
): Lane[] {
  const raws: Raw[] = [];
  const stands = burnersOf(plan, schedule, kitchen);
  const burnerName = new Map(kitchen.burners.map((b) => [b.id, b.name]));
  for (const move of moves) {
    const burner = burnerName.get(stands.get(move.key) ?? "");
    const name = move.title.split(" · ")[0] ?? "";
    const labels = [move.title.replace(" · ", ", "), name];
    const { needs } = move.row.outcome;
    const appliances = needs.flatMap((n) =>
      n.kind === "oven"
        ? [OVEN]
        : n.kind === "machine"
          ? [kitchen.machines.find((m) => m.id === n.machine)?.name ?? "Machine"]
          : [],
    );
    const cold = needs.some((n) => n.kind === "freezer")
      ? FREEZER
      : needs.some((n) => n.kind === "fridge")
        ? FRIDGE
        : null;
    for (const task of plan.tasks.filter((t) => t.step === move.key)) {
      if (task.heatsOvenTo !== undefined) continue;
      const from = schedule.starts[task.id] ?? 0;
      const bar = {
        id: task.id,
        of: { key: move.key, startMin: move.startMin },
        from,
        to: from + task.minutes,
        slipMin: slips[task.id] ?? 0,
        kind: task.kind,
        labels,
        says: move.title,
      };
      if (task.kind === "hands") raws.push({ ...bar, lane: "Hands" });
      const stood = [...(burner ? [burner] : []), ...appliances];
      for (const lane of stood) raws.push({ ...bar, id: `${task.id}@${lane}`, lane });
      if (task.kind === "wait" && stood.length === 0) raws.push({ ...bar, lane: cold ?? "Worktop" });
    }
  }
  for (const on of ovenOn(plan, schedule)) {
    const says = describeOvenOn(on, kitchen.units);
    raws.push({
      id: on.task,
      of: null,
      from: on.startMin,
      to: on.startMin + on.minutes,
      slipMin: slips[on.task] ?? 0,
      kind: "wait",
      labels: [says, writeTemp(on.tempC, kitchen.units)],
      says,
      lane: OVEN,
    });
  }
  const names = [
    "Hands",
    ...kitchen.burners.map((b) => b.name),
    OVEN,
    ...new Set(kitchen.machines.map((m) => m.name)),
    "Machine",
    "Worktop",
    FRIDGE,
    FREEZER,
  ];
  return names.flatMap((name) => {
    const mine = raws.filter((r) => r.lane === name).sort((a, b) => a.from - b.from || b.to - a.to);
    if (mine.length === 0) return [];
    const ends: number[] = [];
    const bars = mine.map(({ lane: _lane, ...bar }): Bar => {
      void _lane;
      let row = ends.findIndex((end) => end <= bar.from);
      if (row < 0) row = ends.push(0) - 1;
      ends[row] = bar.to;
      return { ...bar, row };
    });
    return [{ name, rows: ends.length, bars }];
  });
}

/** A stretch of the axis: to scale, or folded because nobody has anything to do in it. */
export interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly folded: boolean;
}
const FOLD_OVER_MIN = 90;
const PAD_MIN = 4;

/** Folds every gap without work that is longer than an hour and a half: nights, long rests. */
export function stretchesOf(lanes: readonly Lane[]): Stretch[] {
  const work = lanes
    .flatMap((l) => l.bars.filter((b) => b.kind !== "wait"))
    .map((b) => [b.from - PAD_MIN, b.to + PAD_MIN] as const)
    .sort((a, b) => a[0] - b[0]);
  const stretches: { from: number; to: number; folded: boolean }[] = [];
  for (const [from, to] of work) {
    const last = stretches.at(-1);
    if (!last) stretches.push({ from, to, folded: false });
    else if (from - last.to > FOLD_OVER_MIN)
      stretches.push({ from: last.to, to: from, folded: true }, { from, to, folded: false });
    else last.to = Math.max(last.to, to);
  }
  const last = stretches.at(-1);
  if (!last) return [{ from: -60, to: 0, folded: false }];
  if (-last.to > FOLD_OVER_MIN)
    stretches.push({ from: last.to, to: -PAD_MIN, folded: true }, { from: -PAD_MIN, to: 0, folded: false });
  else last.to = Math.max(last.to, 0);
  return stretches;
}

/** Round stretches between two times that are written, minutes; and how far apart they stand at least. */
const TICKS_MIN = [1, 2, 5, 10, 15, 30];
const TICK_PX = 60;

/** Minutes → pixels over the stretches; folds take a fixed narrow width. */
export function axis(stretches: readonly Stretch[], width: number) {
  const FOLD_PX = 64;
  const folds = stretches.filter((s) => s.folded).length;
  const minutes = stretches.reduce((m, s) => (s.folded ? m : m + s.to - s.from), 0);
  const scale = Math.max(0.5, (width - folds * FOLD_PX) / Math.max(1, minutes));
  let x = 0;
  const placed = stretches.map((s) => {
    const at = x;
    const w = s.folded ? FOLD_PX : (s.to - s.from) * scale;
    x += w;
    return { ...s, x: at, w };
  });
  const end = placed.at(-1) as (typeof placed)[number];
  const toX = (minute: number): number => {
    const s = placed.find((p) => minute <= p.to) ?? end;
    return s.x + ((Math.min(minute, s.to) - s.from) / (s.to - s.from)) * s.w;
  };
  const toMinute = (px: number): number => {
    const s = placed.find((p) => px <= p.x + p.w) ?? end;
    return s.from + ((px - s.x) / s.w) * (s.to - s.from);
  };
  const every = TICKS_MIN.find((minutes) => scale * minutes >= TICK_PX) ?? 60;
  return { placed, toX: (m: number) => Math.max(0, toX(m)), toMinute, scale, every };
}

/** A bar in pixels with the label there is room for: inside it, behind it, or, where nobody works, before it. */
export interface Labelled {
  readonly bar: Bar;
  readonly x: number;
  readonly w: number;
  /** How far it may slip, px. */
  readonly tail: number;
  readonly label?: { readonly text: string; readonly at: "in" | "after" | "before" };
}
/** Average width of a character at the size of a label, and the room around it. */
const CHARACTER_PX = 7;
export const labelPx = (text: string): number => text.length * CHARACTER_PX + 10;

/** Lays the labels of a lane out from left to right; none runs into a bar, another label of its row, or the line of serving. */
export function labelled({ bars }: Lane, toX: (minute: number) => number, end: number): Labelled[] {
  const freeFrom = new Map<number, number>();
  return bars.map((bar) => {
    const x = toX(bar.from);
    const w = Math.max(3, toX(bar.to) - x - 1);
    const edge = bar.to <= 0 ? Math.min(end, toX(0)) : end;
    const next = Math.min(edge, ...bars.filter((b) => b.row === bar.row && b.from >= bar.to).map((b) => toX(b.from)));
    const rooms = [
      ["in", w],
      ["after", next - (x + w)],
      ["before", bar.kind === "hands" ? 0 : x - (freeFrom.get(bar.row) ?? 0)],
    ] as const;
    const label = rooms.flatMap(([at, room]) => {
      const text = bar.labels.find((l) => labelPx(l) <= room);
      return text === undefined ? [] : [{ text, at }];
    })[0];
    freeFrom.set(bar.row, x + w + (label?.at === "after" ? labelPx(label.text) : 0));
    const tail = Math.max(0, Math.min(end, toX(bar.to + bar.slipMin)) - (x + w));
    return { bar, x, w, tail: bar.slipMin > 0 ? tail : 0, ...(label === undefined ? {} : { label }) };
  });
}
