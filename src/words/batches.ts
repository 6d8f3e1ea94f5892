import type { BatchStanding } from "@/core/dish/batchStandings";
import type { OneBatch } from "@/core/oneBatch";
import { writeMinutes, writePercent } from "@/core/quantities/write";
import { counted } from "./count";

/** "Chickpeas: Sunday supper makes this supper's share, which lies in the fridge from then on.", or what keeps this supper from counting on it. */
export function describeStanding(standing: BatchStanding): string {
  const { part } = standing;
  switch (standing.kind) {
    case "stands":
      return `${part}: ${standing.with} makes this supper's share, which lies in the ${standing.where} from then on.`;
    case "gone":
      return `${part}: another supper was to make this supper's share, and no longer does.`;
    case "later":
      return `${part}: ${standing.with} was to make this supper's share, and is eaten later by now.`;
    case "too-long":
      return `${part}: its share would lie ${counted(standing.days, "day")} after ${standing.with}, and keeps ${standing.keepsDays}.`;
    case "too-little":
      return standing.share < 0.01
        ? `${part}: ${standing.with} sets aside something else by now.`
        : `${part}: ${standing.with} sets aside ${writePercent(standing.share, 0)} of what this supper needs.`;
  }
}

/** "Chickpeas: one batch, made with Sunday supper". */
export const describeOneBatch = ({ batch, first, later }: OneBatch): string => {
  const part = later.dishes.find((d) => d.id === batch.into.dish)?.parts.find((p) => p.id === batch.into.part);
  return `${part?.name ?? "It"}: one batch, made with ${first.name}`;
};
/**
 * "Saves 24 min of hands. This supper begins 1 h 10 later, Sunday supper 5 min earlier. This one's share lies 2 days in the fridge."
 */
export function describeOneBatchPrice({ batch, first, savesMin, laterStartMin, firstStartMin }: OneBatch): string {
  const shift = (name: string, { before, after }: OneBatch["laterStartMin"]) =>
    Math.abs(after - before) < 1
      ? null
      : `${name} begins ${writeMinutes(Math.abs(after - before))} ${after > before ? "later" : "earlier"}`;
  const shifts = [shift("this supper", laterStartMin), shift(first.name, firstStartMin)].filter((s) => s !== null);
  const begins = shifts.join(", ");
  return [
    savesMin >= 1 ? `Saves ${writeMinutes(savesMin)} of hands.` : null,
    begins === "" ? null : `${begins[0]?.toUpperCase() ?? ""}${begins.slice(1)}.`,
    `This one's share lies ${counted(batch.days, "day")} in the ${batch.where}.`,
  ]
    .filter((s) => s !== null)
    .join(" ");
}
