import { ovenOn } from "@/core/schedule/oven";
import type { PartId } from "@/core/process/step";
import { describeStep } from "@/ui/wording/stepText";
import { describeOvenOn, type TitledMove } from "@/ui/wording/tasks";
import type { TextContext } from "@/ui/wording/words";
import { download, fileName } from "./download";
import { nameIn, type SupperView } from "./supper";

/** The calendar library is only loaded when somebody asks for a calendar. */
export async function exportCalendar(
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
