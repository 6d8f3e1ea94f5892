import type { FoodId } from "@/core/foods/food";
import { type Fact, inputsG } from "@/core/process/ledger";
import type { Step } from "@/core/process/registry";
import { writeLength, writeMass, writePercent, writeMinutes, writeTemp } from "@/core/quantities/write";
import { GRAMS_PER_POUND } from "@/core/quantities/units";
import { describeFact, writeEggs } from "./facts";
import { describeInputs } from "./goesIn";
import type { HeatStep } from "./heatText";
import { FORM_PLURALS } from "./steps";
import { becoming, type Computed, factOf, type Said, type StepText } from "./stepSaid";
import { MIX_IS, type TextContext } from "./words";
import { counted } from "./count";

/** What every other step says. */
export function prepText(step: Exclude<Step, HeatStep>, said: Said): StepText {
  const { row, name, title, goesIn, withIt, weight, range, batches, units, textContext } = said;
  switch (step.kind) {
    case "weigh":
      return {
        title: `Weigh out for the ${name}`,
        does: `${goesIn} into the bowl.`,
        why: "Everything after this is worked out from these grams.",
      };
    case "cut":
      return {
        title,
        does: `${CUT_VERBS[step.how]} ${goesIn || "it"}${CUT_INTO[step.how](writeLength(step.pieceMm, units))}.`,
        why: "Pieces of one size are done at one time.",
      };
    case "soak":
      return {
        title,
        does: `${soakWith(row, textContext)} at ${writeTemp(step.waterC, units)}${step.covered ? ", cover," : ""} and leave it for ${writeMinutes(step.minutes)}.`,
        why: `It will have taken up ${writePercent(factOf(row, "soaked")?.share ?? 0, 0)} of what it can hold.`,
      };
    case "drain":
      return {
        title,
        does: `Pour the liquid off. About ${weight}${range} stays.`,
        why: "Keep nothing standing in the bowl.",
      };
    case "strain":
      return {
        title,
        does:
          step.keep === "liquid"
            ? `Through a sieve. About ${weight}${range} of liquid goes on.`
            : `Lift the pieces out or pour them into a sieve. About ${weight}${range} stays.`,
        why: "What stays behind can be taken for another part; otherwise it goes.",
      };
    case "discard":
      return {
        title,
        does: step.share >= 1 ? "All of it." : `${writePercent(step.share, 0)} of it; ${weight} stays.`,
        why: "It has given what it had.",
      };
    case "as-written":
      return {
        title: `The ${name}, as written`,
        does: `${withIt}${step.text}${/[.!?]$/.test(step.text) || step.text === "" ? "" : "."}`,
        why: "The recipe's own words: go by them, and look for yourself.",
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
        why: sayMarinade(row, textContext),
      };
    case "season":
      return {
        title,
        does: goesIn ? `Stir in ${goesIn}.` : "Taste.",
        why: "Last of all: reducing makes salt stronger, so it comes after.",
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
        why: state
          ? `For now the mix ${MIX_IS[state.zone]}: the binders are still taking up water. Let it rest before you judge.`
          : "",
      };
    }
    case "rest": {
      const state = factOf(row, "binding")?.state;
      return {
        title,
        does: `For ${writeMinutes(step.minutes)} ${step.where === "fridge" ? "in the fridge, covered" : "on the worktop"}.`,
        why: state ? `By then the mix ${MIX_IS[state.zone]}.` : "",
      };
    }
    case "shape": {
      const pieces = factOf(row, "pieces")?.pieces;
      if (!pieces) return { title, does: "", why: "" };
      return {
        title: `Shape ${counted(pieces.count, step.form, FORM_PLURALS[step.form])}`,
        does: describeFact({ kind: "pieces", pieces, offTarget: false, thick: false }, textContext).says,
        why: "Weigh each one: pieces of one mass cook alike.",
      };
    }
    case "sort":
      return { title, does: `Look over ${goesIn || "it"}; stones and husks go.`, why: "One stone costs a tooth." };
    case "pulse": {
      const goes = batches && batches.count > 1 ? ` in ${batches.count} batches` : "";
      return step.to === "bits"
        ? {
            title: `${title}${goes}`,
            does: `${withIt}Short bursts, to bits, not to paste.`,
            why: "Bits keep the bite.",
          }
        : { title: `Blend the ${name} smooth${goes}`, does: `${withIt}Blend until it is smooth all through.`, why: "" };
    }
    case "gel":
      return {
        title: `Make the ${becoming(name, "gel")}`,
        does: `${goesIn ? `Stir ${goesIn}. ` : ""}Leave it ${writeMinutes(step.minutes)}.`,
        why: `It stands in for about ${writeEggs(factOf(row, "gel")?.eggs ?? 0)}.`,
      };
    case "rinse":
      return {
        title,
        does: `${TIMES[step.times] ?? `${step.times} times`} in ${writeMass(step.waterG, units)} of fresh water${step.how === "swirl" ? "" : step.how === "soak" ? `, left for ten minutes${step.times > 1 ? " each time" : ""}` : `, simmered for ten minutes${step.times > 1 ? " each time" : ""}`}.`,
        why: `Salt falls to ${writePercent(factOf(row, "rinsed")?.toShare ?? 0)}.`,
      };
    case "press":
      return {
        title,
        does: `Under a board with ${load(step.loadKg, units)} for ${writeMinutes(step.minutes)}. About ${weight}${range} stays.`,
        why: "More weight helps little; thinner slices help much.",
      };
    case "freeze":
      return {
        title,
        does: `${withIt}In the freezer for ${writeMinutes(step.minutes)}.`,
        why: "Ice tears it into a sponge: tougher, and it soaks up more.",
      };
    case "thaw":
      return {
        title,
        does: `${step.how === "fridge" ? "In the fridge, in a bowl," : "In a leak-proof bag in cold water, changed every half hour,"} for ${writeMinutes(step.minutes)}.`,
        why: factOf(row, "through") ? describeFact(factOf(row, "through") as Fact, textContext).says : "",
      };
    case "pat":
      return { title, does: "Press a towel on it until it stays dry.", why: "Dry browns, wet steams." };
    case "glaze":
      return { title, does: goesIn ? `Brush or toss with ${goesIn}.` : "Brush it.", why: "Off the heat: sugar burns." };
    case "batter":
      return {
        title: `Stir the ${becoming(name, "batter")}`,
        does: `${goesIn ? `Whisk ${goesIn}` : "Whisk"}${step.standMin > 0 ? `; let it stand ${writeMinutes(step.standMin)}` : ""}.`,
        why: factOf(row, "batter") ? describeFact(factOf(row, "batter") as Fact, textContext).says : "",
      };
    case "stuff": {
      const filled = factOf(row, "pieces")?.pieces;
      return {
        title: `${title}, ${filled?.count ?? ""} pieces`,
        does: `${goesIn ? `Share out ${goesIn}` : "Share it out"}${filled ? `, ${writeMass(inputsG(row.outcome) / filled.count, units)} to each; filled they weigh ${writeMass(filled.eachG, units)}` : ""}.`,
        why: "Equal fillings are done together.",
      };
    }
    case "slice": {
      const slices = factOf(row, "pieces")?.pieces;
      return {
        title,
        does:
          slices?.form === "layer"
            ? `${counted(slices.count, "piece")} of ${writeLength(slices.lengthMm, units)} by ${writeLength(slices.diameterMm, units)}, about ${writeMass(slices.eachG, units)} each.`
            : `${counted(slices?.count ?? 0, "slice")} of ${writeLength(slices?.thicknessMm ?? 0, units)}, about ${writeMass(slices?.eachG ?? 0, units)} each.`,
        why: "A long knife, drawn, not pushed.",
      };
    }
    case "coat":
      return {
        title,
        does: `${goesIn ? `Turn it in ${goesIn}. ` : ""}About ${writeMass(factOf(row, "coated")?.takesG ?? 0, units)} clings.`,
        why: step.coating === "batter" ? "Straight into the heat: batter ages." : "Pat it on, shake off the rest.",
      };
    case "layer": {
      const fill = factOf(row, "fill");
      return {
        title: `Layer the ${name}`,
        does: goesIn ? `Into the tin: ${goesIn}.` : "Into the tin, level.",
        why: fill ? describeFact(fill, textContext).says : "",
      };
    }
    case "top":
      return {
        title,
        does: goesIn ? `Over it: ${goesIn}.` : "Cover it.",
        why: "To the edge, so that nothing dries out.",
      };
    case "serve":
      return { title, does: goesIn ? `With ${goesIn}.` : "Plate it hot.", why: "" };
  }
}

/** What is dry goes in first, and what is poured comes on top. */
function soakWith(row: Computed, textContext: TextContext): string {
  const poured = (id: FoodId) => textContext.foods(id)?.group === "liquid";
  const dry = describeInputs(row, textContext, (c) => c.from === "part" || (c.from === "food" && !poured(c.food)));
  const wet = describeInputs(row, textContext, (c) => c.from === "liquor" || (c.from === "food" && poured(c.food)));
  if (wet === "") return `Put in ${dry || "it"}`;
  return dry === "" ? `Pour on ${wet}` : `Put in ${dry}, pour on ${wet}`;
}
function sayMarinade(row: Computed, textContext: TextContext): string {
  const left = factOf(row, "left-in-bowl");
  if (left)
    return `About ${writeMass(left.massG, textContext.units)} stays in the bowl: keep it for a glaze or a sauce.`;
  return factOf(row, "fitted")
    ? "It is wetter than the recipe: it takes up less, so there is less to make and more salt to add."
    : "It should take up all of this; nothing runs in the bowl at the end.";
}
const CUT_INTO = {
  cut: (size: string) => ` into pieces of ${size}`,
  tear: (size: string) => ` into pieces of ${size}`,
  shred: (size: string) => `, ${size} thick`,
  crumble: (size: string) => ` into bits of ${size}`,
  grate: (size: string) => `, ${size} thick`,
} as const;
export const CUT_VERBS = { cut: "Cut", tear: "Tear", shred: "Shred", crumble: "Crumble", grate: "Grate" } as const;
const TIMES: Readonly<Record<number, string>> = { 1: "Once", 2: "Twice" };
/** What lies on the board, to the half kilogram or the pound: nobody weighs it closer. */
const load = (kg: number, units: TextContext["units"]): string =>
  units === "us" ? `${Math.round((kg * 1000) / GRAMS_PER_POUND)} lb` : `${kg} kg`;
