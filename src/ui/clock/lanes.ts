import type { Kitchen } from "@/core/dish/kitchen";
import type { Plan } from "@/core/plan";
import type { Schedule } from "@/core/schedule/schedule";
import type { Task } from "@/core/schedule/task";
import type { Move } from "../wording/tasks";

/** A stretch on a lane, minutes relative to serving. */
export interface Bar {
  readonly id: string;
  readonly from: number;
  readonly to: number;
  readonly kind: Task["kind"];
  readonly label: string;
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

/** Hands, each burner, fridge and worktop, as far as the supper uses them. A bar on a burner is held by one burner throughout. */
export function lanesOf(
  plan: Plan,
  schedule: Extract<Schedule, { kind: "fits" }>,
  moves: readonly Move[],
  kitchen: Kitchen,
): Lane[] {
  const raws: Raw[] = [];
  const burners = kitchen.burners.map((b) => ({ name: b.name, freeAt: -Infinity }));
  for (const move of moves) {
    const tasks = plan.tasks.filter((t) => t.step === move.key);
    const onBurner = tasks.some((t) => t.demands.burner);
    const burner = onBurner ? burners.find((b) => b.freeAt <= move.startMin) : undefined;
    if (burner) burner.freeAt = move.startMin + move.minutes;
    for (const task of tasks) {
      const from = schedule.starts[task.id] ?? 0;
      const bar = {
        id: task.id,
        from,
        to: from + task.minutes,
        kind: task.kind,
        label: move.title.split(" · ")[0] ?? "",
        says: `${move.title}`,
      };
      if (task.kind === "hands") raws.push({ ...bar, lane: "Hands" });
      if (burner) raws.push({ ...bar, id: `${task.id}@burner`, lane: burner.name });
      if (task.kind === "wait")
        raws.push({
          ...bar,
          label: move.title.replace(" · ", ", "),
          lane: move.row.outcome.needs.some((n) => n.kind === "fridge") ? "Fridge" : "Worktop",
        });
    }
  }
  const names = ["Hands", ...burners.map((b) => b.name), "Worktop", "Fridge"];
  return names.flatMap((name) => {
    const mine = raws.filter((r) => r.lane === name).sort((a, b) => a.from - b.from || b.to - a.to);
    if (mine.length === 0) return [];
    const ends: number[] = [];
    const bars = mine.map((r): Bar => {
      let row = ends.findIndex((end) => end <= r.from);
      if (row < 0) row = ends.push(0) - 1;
      ends[row] = r.to;
      return { id: r.id, from: r.from, to: r.to, kind: r.kind, label: r.label, says: r.says, row };
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
  const every = scale * 5 >= 60 ? 5 : scale * 10 >= 60 ? 10 : scale * 15 >= 60 ? 15 : scale * 30 >= 60 ? 30 : 60;
  return { placed, toX: (m: number) => Math.max(0, toX(m)), scale, every };
}
