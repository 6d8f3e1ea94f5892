import type { Fact } from "@/core/process/ledger";
import type { Row } from "@/core/process/replay";
import { totalG } from "@/core/process/contents";
import type { RowRanges } from "@/core/plan";
import { writeLength, writeMass, writeMassRange, writeMinutes, writePercent, writeTemp } from "@/core/quantities/write";
import { type Speaking, spokenFood, STEP_NAMES, THICKNESS_NAMES } from "./words";

/** One step as somebody at the stove would say it: what to do, then why. */
export interface Spoken {
  readonly title: string;
  readonly does: string;
  readonly why: string;
}
type Computed = Extract<Row, { state: "computed" }>;
const factOf = <K extends Fact["kind"]>(row: Computed, kind: K) =>
  row.outcome.facts.find((f): f is Extract<Fact, { kind: K }> => f.kind === kind);

/** "30 g Mustard, 10 g Vinegar and the Strips", in the order in which it goes in. */
export function sayWhatGoesIn(row: Computed, speaking: Speaking): string {
  const things = row.outcome.came.map((c) =>
    c.from === "food"
      ? `${writeMass(c.massG, speaking.units)} ${spokenFood(speaking.foods, c.food)}`
      : `the ${lower(speaking.part(c.part))} (${writeMass(totalG(c.contents), speaking.units)})`,
  );
  return list(things);
}
const lower = (name: string) => name.charAt(0).toLowerCase() + name.slice(1);
const list = (things: readonly string[]) =>
  things.length < 2 ? (things[0] ?? "") : `${things.slice(0, -1).join(", ")} and ${things.at(-1)}`;

const waitMin = (row: Computed) => row.outcome.phases.reduce((m, p) => (p.kind === "hands" ? m : m + p.minutes), 0);

export function speak(row: Computed, part: string, ranges: RowRanges | null, speaking: Speaking): Spoken {
  const { units } = speaking;
  const { step, outcome } = row;
  const goesIn = sayWhatGoesIn(row, speaking);
  const weight = writeMass(totalG(outcome.after.batch), units);
  const range = ranges ? ` (${writeMassRange(ranges.massG.low, ranges.massG.high, units)})` : "";
  const batches = factOf(row, "batches");
  const name = lower(part);
  const title = `${STEP_NAMES[step.kind]} the ${name}`;
  const withIt = goesIn ? `Add ${goesIn}. ` : "";
  switch (step.kind) {
    case "weigh":
      return {
        title: `Weigh out for the ${name}`,
        does: `${goesIn} into the bowl.`,
        why: "Everything after this is reckoned from these grams.",
      };
    case "cut":
      return {
        title,
        does: `${goesIn ? `Cut ${goesIn}` : "Cut it"} into pieces of ${writeLength(step.pieceMm, units)}.`,
        why: "Pieces of one size are done at one time.",
      };
    case "soak":
      return {
        title,
        does: `Pour on ${goesIn} at ${writeTemp(step.waterC, units)}${step.covered ? ", cover," : ""} and leave it for ${writeMinutes(step.minutes)}.`,
        why: `It will have drunk ${writePercent(factOf(row, "soaked")?.share ?? 0, 0)} of what it can hold.`,
      };
    case "drain":
      return {
        title,
        does: `Pour the liquid off. About ${weight}${range} stays.`,
        why: "Keep nothing standing in the bowl.",
      };
    case "squeeze":
      return {
        title: `${title} ${step.how === "cloth" ? "in the cloth" : step.how === "hands" ? "in both hands" : "with the palm"}`,
        does: `Squeeze until it weighs about ${weight}${range}.`,
        why: "What stays in now is room the marinade does not have, and water the pan must drive off.",
      };
    case "marinate":
      return {
        title,
        does: `${withIt}Turn it over and leave it for ${writeMinutes(step.minutes)}${step.chilled ? " in the fridge" : ""}.`,
        why: factOf(row, "fitted")
          ? "It is wetter than the recipe: it drinks less, so there is less to make and more salt to add."
          : "It should drink all of this; nothing runs in the bowl at the end.",
      };
    case "sear":
      return {
        title: batches && batches.count > 1 ? `${title} in ${batches.count} batches` : title,
        does: `${goesIn ? `${goesIn} in the hot pan. ` : ""}${batches && batches.count > 1 ? `${batches.count} batches of ${writeMass(batches.eachG, units)}, each` : "All at once,"} about ${writeMinutes(batches?.eachMin ?? 0)}.`,
        why: `The ${batches?.limitedBy ?? "pan"} sets the batch. Wet pieces steam first and brown only when dry.`,
      };
    case "brown":
      return {
        title,
        does: `${withIt}Leave it alone for ${writeMinutes(waitMin(row))}, stirring twice. ${weight} stays.`,
        why: `${writeMass(factOf(row, "water-off")?.massG ?? 0, units)} of water must go before it browns.`,
      };
    case "season":
      return {
        title,
        does: goesIn ? `Stir in ${goesIn}.` : "Taste.",
        why: "Last of all: reducing makes salt stronger, so it comes after.",
      };
    case "simmer":
      return {
        title: goesIn.startsWith("the ")
          ? `${list(outcome.came.flatMap((c) => (c.from === "part" ? [speaking.part(c.part)] : [])))} into the ${name}`
          : title,
        does: `${withIt}Simmer ${writeMinutes(step.minutes)}${step.lid ? " under the lid" : ""}.`,
        why: "Gentle bubbles, not a rolling boil.",
      };
    case "reduce":
      return {
        title,
        does: `${withIt}Boil until ${weight}${range} is left, about ${writeMinutes(waitMin(row))}.`,
        why: "The pan on the scale tells you when.",
      };
    case "thicken": {
      const thick = factOf(row, "thickness");
      return {
        title,
        does: `Stir ${goesIn} smooth, pour it in and boil ${writeMinutes(step.minutes)}.`,
        why: thick
          ? `It then is ${THICKNESS_NAMES[thick.thickness]}; on the plate ${THICKNESS_NAMES[thick.atTable]}.`
          : "",
      };
    }
    case "boil":
      return {
        title,
        does: `${goesIn ? `In ${goesIn}, ` : ""}from the boil about ${writeMinutes(factOf(row, "cooked-through")?.minutes ?? 0)}, then drain.`,
        why: `Done when the middle of a ${writeLength(step.pieceMm, units)} piece is ${writeTemp(step.coreC, units)}.`,
      };
    case "mash":
      return {
        title,
        does: `${goesIn ? `With ${goesIn}. ` : ""}Mash hot; ${weight} in all.`,
        why: "Add the liquid a little at a time: it thickens as it stands.",
      };
    case "bind": {
      const state = factOf(row, "binding")?.state;
      return {
        title,
        does: `${withIt}Mix until it comes together.`,
        why: state ? `Now ${state.zone}: the binders still have to drink. Rest before judging.` : "",
      };
    }
    case "rest": {
      const state = factOf(row, "binding")?.state;
      return {
        title,
        does: `${writeMinutes(step.minutes)} ${step.where === "fridge" ? "in the fridge, covered" : "on the worktop"}.`,
        why: state ? `By then the mix ${state.zone === "holds" ? "holds" : `is at ${state.zone}`}.` : "",
      };
    }
    case "shape": {
      const pieces = factOf(row, "pieces")?.pieces;
      if (!pieces) return { title, does: "", why: "" };
      return {
        title: `Shape ${pieces.count} ${pieces.form === "ball" ? "balls" : "patties"}`,
        does: `${pieces.count} of ${writeMass(pieces.eachG, units)}, ${writeLength(pieces.diameterMm, units)} across${pieces.form === "patty" ? ` and ${writeLength(pieces.thicknessMm, units)} thick` : ""}.`,
        why: "Weigh each one: pieces of one mass cook alike.",
      };
    }
    case "fry":
      return {
        title: batches && batches.count > 1 ? `${title} in ${batches.count} batches` : title,
        does: `${goesIn ? `${goesIn} in the pan. ` : ""}About ${writeMinutes(batches?.eachMin ?? 0)} a batch, turned at half time, until the middle is ${writeTemp(step.coreC, units)}.`,
        why: "Turn once: a crust that is left alone lets go of the pan.",
      };
  }
}
