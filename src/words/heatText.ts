import type { Fact } from "@/core/process/ledger";
import type { Step, StepOf } from "@/core/process/registry";
import { writeLength, writeMass, writeMinutes, writeTemp } from "@/core/quantities/write";
import { describeFact } from "./facts";
import { list } from "./count";
import { type Computed, factOf, type Said, type StepText, waitMin } from "./stepSaid";
import { THICKNESS_IS, type TextContext } from "./words";
import { counted } from "./count";

/** Kinds of step that heat, cool or keep. */
const HEAT_KINDS = [
  "air-fry",
  "bake",
  "blanch",
  "boil",
  "brown",
  "cook",
  "cool",
  "deep-fry",
  "fry",
  "griddle",
  "hold",
  "reduce",
  "reheat",
  "sear",
  "set-aside",
  "simmer",
  "stand",
  "steam",
  "store",
  "sweat",
  "thicken",
  "toast",
] as const;
export type HeatStep = StepOf<(typeof HEAT_KINDS)[number]>;
export const isHeat = (step: Step): step is HeatStep => (HEAT_KINDS as readonly string[]).includes(step.kind);

/** What a step that heats, cools or keeps says. */
export function heatText(step: HeatStep, said: Said): StepText {
  const { row, name, title, goesIn, withIt, weight, range, batches, units, textContext } = said;
  switch (step.kind) {
    case "sear":
      return {
        title: batches && batches.count > 1 ? `${title} in ${batches.count} batches` : title,
        does: `${goesIn ? `${goesIn} in the ${step.twoPans ? "two hot pans" : "hot pan"}. ` : ""}${batches && batches.count > 1 ? `${batches.count} batches of ${writeMass(batches.eachG, units)}, each` : "All at once,"} about ${writeMinutes(batches?.eachMin ?? 0)}.`,
        why: `The ${batches?.limitedBy ?? "pan"} sets the batch. Wet pieces steam first and brown only when dry.`,
      };
    case "brown":
      return {
        title,
        does: `${withIt}For ${writeMinutes(waitMin(row))}: stir twice and leave it alone otherwise. ${weight} stays.`,
        why: beforeItBrowns(factOf(row, "water-off")?.massG ?? 0, units),
      };
    case "simmer":
      return {
        title: goesIn.startsWith("the ")
          ? `${list(row.outcome.inputs.flatMap((c) => (c.from === "part" ? [textContext.part(c.part)] : [])))} into the ${name}`
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
          ? `Then it ${THICKNESS_IS[thick.thickness]}${thick.atTable === thick.thickness ? ", on the plate too" : `; on the plate it ${THICKNESS_IS[thick.atTable]}`}.`
          : "",
      };
    }
    case "boil":
      return {
        title,
        does: `${goesIn ? `In ${goesIn}, ` : ""}from the boil about ${writeMinutes(step.minutes ?? heatMin(row))}, then drain.`,
        why: doneWhen(row, units),
      };
    case "fry":
    case "griddle":
      return {
        title: batches && batches.count > 1 ? `${title} in ${batches.count} batches` : title,
        does: `${goesIn ? `${goesIn} in the ${step.twoPans ? "two pans" : "pan"}. ` : ""}About ${writeMinutes(batches?.eachMin ?? 0)}${batches && batches.count > 1 ? " a batch" : ""}${step.lid ? " under a lid" : ""}, turned, until ${step.coreC === null ? "they are brown all round" : `the middle is ${writeTemp(step.coreC, units)}`}.`,
        why:
          step.coreC === null
            ? "Only browned: the middle gets hot in what follows."
            : "Turn once: a crust that is left alone lets go of the pan.",
      };
    case "cook": {
      const soft = factOf(row, "softened");
      return {
        title: `Cook the ${name}${step.pressure ? " under pressure" : ""}`,
        does: `${withIt}${step.pressure ? "From full pressure" : "From the boil, gently,"} about ${writeMinutes(step.minutes ?? soft?.softMin ?? 0)}; that makes ${weight}${range}.`,
        why: "Lots differ by a third: bite one before you pour.",
      };
    }
    case "steam":
      return {
        title,
        does: `${withIt}About ${writeMinutes(step.minutes ?? heatMin(row))} from full ${step.pressure ? "pressure" : "steam"}${step.wrapped ? ", wrapped tight" : ""}.`,
        why: doneWhen(row, units),
      };
    case "blanch":
      return {
        title,
        does: `${withIt}${writeMinutes(step.minutes)} in boiling water, then straight into ice water.`,
        why: "The ice keeps colour and bite.",
      };
    case "toast":
      return {
        title,
        does: `${withIt}Stir in a dry or oiled pan for ${writeMinutes(step.minutes)}.`,
        why: "A shade darker, and off: it goes on by itself.",
      };
    case "sweat":
      return {
        title,
        does: `${withIt}Stir for ${writeMinutes(step.minutes)}, a splash of water each time the pan is dry.`,
        why: `About ${counted(factOf(row, "splashes")?.count ?? 0, "splash", "splashes")}; no oil.`,
      };
    case "deep-fry":
      return {
        title: batches && batches.count > 1 ? `${title} in ${batches.count} batches` : title,
        does: `Oil at ${writeTemp(step.oilC, units)} (put it on ${writeMinutes(earlyMin(row))} before), ${batches && batches.count > 1 ? `${writeMass(batches.eachG, units)} at a time, ` : ""}about ${writeMinutes(step.minutes)}${batches && batches.count > 1 ? " each. Let the oil come back between" : ""}.`,
        why:
          batches?.limitedBy === "heat of the burner"
            ? "The heat sets the batch: more would stew."
            : "Cover half the surface, no more.",
      };
    case "air-fry":
    case "bake": {
      const time = factOf(row, "cooked-through");
      const cover = step.kind === "bake" && step.cover !== "bare" ? `, ${COVERS[step.cover]}` : "";
      return {
        title: batches && batches.count > 1 ? `${title} in ${batches.count} batches` : title,
        does: `${withIt}At ${writeTemp(step.ovenC, units)}${cover}, about ${writeMinutes(step.minutes ?? time?.minutes ?? 0)}. ${weight}${range} comes out.`,
        why:
          step.coreC === null
            ? "Look in at half-time; ovens differ."
            : `Done when the middle is ${writeTemp(step.coreC, units)}.`,
      };
    }
    case "hold":
      return {
        title,
        does:
          step.where === "lid"
            ? `Under a lid, off the heat, up to ${writeMinutes(step.minutes)}.`
            : `${step.where === "oven" ? "In the oven" : "In a bowl over hot water, covered,"} at ${writeTemp(step.holdC, units)}, up to ${writeMinutes(step.minutes)}.`,
        why:
          step.where === "lid"
            ? `It is ${writeTemp(row.outcome.after.batch.tempC, units)} then.`
            : `Keep it above ${writeTemp(57, units)}; crisp things soften meanwhile.`,
      };
    case "stand":
      return {
        title: `Let the ${name} stand`,
        does: `For ${writeMinutes(step.minutes)}${step.foil ? " under foil" : ""}.`,
        why: "It sets as it cools: cut it after, not before.",
      };
    case "cool":
      return {
        title,
        does: `Spread ${writeLength(step.depthMm, units)} deep, ${COOLING[step.where]}, ${writeMinutes(step.minutes)}.`,
        why: factOf(row, "cooled") ? describeFact(factOf(row, "cooled") as Fact, textContext).says : "",
      };
    case "store":
      return {
        title,
        does: `Closed and dated into the ${step.where}, ${counted(step.days, "day")}.`,
        why: step.where === "fridge" ? `${writeTemp(4, units)} or below.` : `${writeTemp(-18, units)}, tight.`,
      };
    case "set-aside":
      return {
        title,
        does: `${writeMass(factOf(row, "set-aside")?.massG ?? 0, units)} goes closed and dated into the ${step.where}, ${weight}${range} stays.`,
        why: factOf(row, "cooled")
          ? `Spread no deeper than ${writeLength(step.depthMm, units)}: hot food has to be cold within hours.`
          : "It is for another day.",
      };
    case "reheat":
      return {
        title,
        does: `${withIt}${step.where === "oven" ? "In the oven" : "On the hob"}, about ${writeMinutes(step.minutes ?? watchMin(row))}, until the middle is ${writeTemp(step.coreC, units)}.`,
        why: "Once only.",
      };
  }
}

const beforeItBrowns = (waterG: number, units: TextContext["units"]): string =>
  waterG < 1 ? "It is dry enough to brown at once." : `${writeMass(waterG, units)} of water must go before it browns.`;

/** Minutes until it is done, by its middle or by the fork. */
const heatMin = (row: Computed): number =>
  factOf(row, "cooked-through")?.minutes ??
  factOf(row, "tender")?.neededMin ??
  factOf(row, "core-short")?.neededMin ??
  0;
function doneWhen(row: Computed, units: TextContext["units"]): string {
  if (factOf(row, "tender")) return "Done when the point of a knife goes in without a push.";
  const core = factOf(row, "cooked-through") ?? factOf(row, "core-short");
  return core ? `Done when the middle is ${writeTemp(core.coreC, units)}.` : "";
}
const watchMin = (row: Computed) => row.outcome.phases.reduce((m, p) => (p.kind === "watch" ? m + p.minutes : m), 0);
const earlyMin = (row: Computed) => row.outcome.phases.reduce((m, p) => (p.early ? m + p.minutes : m), 0);
const COVERS = { foil: "in foil", parchment: "in parchment", lid: "under a lid" } as const;
const COOLING = { room: "in the room", fridge: "in the fridge", "ice-bath": "over ice water" } as const;
