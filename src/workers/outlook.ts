import { writeClock } from "@/words/time";
import { localTime } from "@/core/calendar/localTime";
import type { Supper } from "@/core/dish/dish";
import { openBook } from "@/core/foods/book";
import { judge } from "@/core/judge";
import type { PlanInput } from "@/core/plan";
import type { Memory } from "@/core/quantities/memory";
import { writeMinutes } from "@/core/quantities/write";
import { type Timed, timedAmong } from "@/core/timed";
import type { RemarkText } from "@/words/facts";
import { describeOpen } from "@/words/open";
import { describeStep } from "@/words/stepText";
import { titledWork } from "@/words/tasks";

/** What the Counter says of one supper, ready to be shown: it needs neither models nor sentences of its own. */
export interface Outlook {
  /** When the first step begins, ms since 1970 UTC; null when the supper does not fit. */
  readonly firstAt: number | null;
  readonly remarks: readonly RemarkText[];
  /** The first thing to do. */
  readonly first: { readonly title: string; readonly does: string } | null;
  /** All steps in the order in which they begin, with the times of the kitchen's clock. */
  readonly work: readonly { readonly time: string; readonly title: string; readonly says: string }[];
}

/** Plans a supper, puts it on the clock beside those eaten before it, and tells what comes. */
export function outlookOf(
  input: PlanInput,
  earlier: readonly Supper[],
  memory: Memory,
  known: Map<string, Timed> = new Map(),
): Outlook {
  const { supper, kitchen, eaters } = input;
  const { plan: planned, schedule: found } = timedAmong(input, earlier, { memory }, known);
  const remarks: RemarkText[] = [];
  if (found.kind === "fits") remarks.push({ tone: "good", says: `${writeMinutes(found.handsMin)} of hands-on work` });
  else remarks.push({ tone: "harm", says: "It does not fit the kitchen: look at the Clock" });
  const named = (things: readonly { readonly id: string; readonly name: string }[]) => (id: string) =>
    things.find((t) => t.id === id)?.name ?? "part";
  const textContext = {
    units: kitchen.units,
    foods: openBook(input).food,
    part: named(supper.dishes.flatMap((d) => d.parts)),
    eater: named(eaters),
  };
  remarks.push(...describeOpen(planned, judge(input, planned, found), eaters, textContext));
  if (found.kind !== "fits") return { firstAt: null, remarks, first: null, work: [] };

  const serveAt = Date.parse(supper.serveAt);
  const moves = titledWork(planned, found);
  const [first] = moves;
  const spoken = first ? describeStep(first.row, first.part, null, textContext) : null;
  return {
    firstAt: first ? serveAt + first.startMin * 60_000 : null,
    remarks,
    first: spoken && { title: spoken.title, does: spoken.does },
    work: moves.map((m) => ({
      time: writeClock(localTime(serveAt + m.startMin * 60_000, kitchen.timeZone)),
      title: m.title,
      says: writeMinutes(m.minutes),
    })),
  };
}
