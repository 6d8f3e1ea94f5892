import { localTime } from "@/core/calendar/localTime";
import { ovenOn } from "@/core/schedule/oven";
import type { PartId } from "@/core/process/step";
import { describeStep } from "@/words/stepText";
import { describeOvenOn, type TitledMove } from "@/words/tasks";
import type { TextContext } from "@/words/words";
import { download, fileName } from "./download";
import { nameIn, type SupperView } from "./supper";

/** Each step in words, in the order in which they begin. */
function spokenSteps({ supper, input, units, foods }: SupperView, moves: readonly TitledMove[]) {
  const part = (id: PartId) => supper.dishes.flatMap((d) => d.parts).find((p) => p.id === id)?.name ?? "part";
  const textContext: TextContext = { units, foods, part, eater: nameIn(input.eaters) };
  return moves.map((move) => ({ move, spoken: describeStep(move.row, move.part, null, textContext) }));
}

/** The plan as a calendar file. The library is only loaded when somebody asks for it. */
export async function exportCalendar(view: SupperView, moves: readonly TitledMove[]) {
  const { writeCalendar } = await import("@/core/formats/icalendar");
  const { supper, input, units, planned, schedule } = view;
  const serveMs = Date.parse(supper.serveAt);
  if (planned === null) return;
  const items = spokenSteps(view, moves).map(({ move, spoken }) => ({
    uid: `${supper.id}.${move.key}@jade-pan`,
    startsAt: serveMs + move.startMin * 60_000,
    minutes: Math.max(1, move.handsMin),
    title: spoken.title,
    says: [spoken.does, spoken.note ?? "", spoken.why].filter((s) => s !== "").join(" "),
  }));
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

/** The plan as a table for a spreadsheet. */
export async function exportTable(view: SupperView, moves: readonly TitledMove[]) {
  const { writePlanTable } = await import("@/core/formats/planTable");
  const { supper, input, units, planned, schedule } = view;
  const at = (minute: number) => localTime(Date.parse(supper.serveAt) + minute * 60_000, input.kitchen.timeZone);
  if (planned === null) return;
  const steps = spokenSteps(view, moves).map(({ move, spoken }) => ({
    startMin: move.startMin,
    minutes: move.minutes,
    title: move.title.split(" · ")[0] ?? move.title,
    part: move.part,
    dish: move.dish,
    handsMin: move.handsMin,
    what: spoken.does,
  }));
  const ovens = ovenOn(planned, schedule).map((o) => ({
    startMin: o.startMin,
    minutes: o.minutes,
    title: describeOvenOn(o, units),
    part: "",
    dish: "",
    handsMin: 0,
    what: "",
  }));
  const lines = [...steps, ...ovens]
    .sort((a, b) => a.startMin - b.startMin)
    .map(({ startMin, ...line }) => ({ ...line, begins: at(startMin), ends: at(startMin + line.minutes) }));
  download(`${fileName(supper.name)}.csv`, "text/csv;charset=utf-8", writePlanTable(lines));
}
