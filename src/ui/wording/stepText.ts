import type { Fact } from "@/core/process/ledger";
import type { Row } from "@/core/process/replay";
import { totalG } from "@/core/process/contents";
import type { RowRanges } from "@/core/sampling";
import type { Step } from "@/core/process/registry";
import { writeLength, writeMass, writeMassRange, writeMinutes, writePercent, writeTemp } from "@/core/quantities/write";
import { describeFact } from "./facts";
import { type TextContext, foodInText, THICKNESS_NAMES } from "./words";
import { STEP_NAMES } from "./steps";
import { counted } from "./count";

/** One step as somebody at the stove would say it: what to do, then why. */
export interface StepText {
  readonly title: string;
  readonly does: string;
  readonly why: string;
}
type Computed = Extract<Row, { state: "computed" }>;
const factOf = <K extends Fact["kind"]>(row: Computed, kind: K) =>
  row.outcome.facts.find((f): f is Extract<Fact, { kind: K }> => f.kind === kind);

/** "30 g Mustard, 10 g Vinegar and the Strips", in the order in which it goes in. */
export function describeWhatGoesIn(row: Computed, textContext: TextContext): string {
  const things = row.outcome.inputs.flatMap((c) => {
    const grams = writeMass(totalG(c.contents), textContext.units);
    switch (c.from) {
      case "food":
        return [`${writeMass(c.massG, textContext.units)} ${foodInText(textContext.foods, c.food)}`];
      case "part":
        return [`the ${lower(textContext.part(c.part))} (${grams})`];
      case "liquor":
        return [`${grams} of the liquor kept`];
      case "step":
        return [];
    }
  });
  return list(things);
}
/** A part as it is called inside a sentence: without its capital, and without an article of its own. */
const lower = (name: string) => {
  const bare = name.replace(/^the /i, "");
  return bare.charAt(0).toLowerCase() + bare.slice(1);
};
/** The part, and what it becomes, unless its name says so already: "batter", "flax gel". */
const becoming = (name: string, what: string) => (name.includes(what) ? name : `${name} ${what}`);
const list = (things: readonly string[]) =>
  things.length < 2 ? (things[0] ?? "") : `${things.slice(0, -1).join(", ")} and ${things.at(-1)}`;

/** What a vessel that was empty gets, by name: "button mushrooms and onion". Null when something lay in it before. */
function comesIn(row: Computed, { foods }: TextContext): string | null {
  if (totalG(row.before.batch) > 0) return null;
  const names = row.outcome.inputs.flatMap((c) => (c.from === "food" ? [foodInText(foods, c.food)] : []));
  return names.length === 0 || names.length > 2 ? null : list(names);
}
const waitMin = (row: Computed) => row.outcome.phases.reduce((m, p) => (p.kind === "hands" ? m : m + p.minutes), 0);

export function describeStep(
  row: Computed,
  part: string,
  ranges: RowRanges | null,
  textContext: TextContext,
): StepText {
  const { units } = textContext;
  const { step, outcome } = row;
  const goesIn = describeWhatGoesIn(row, textContext);
  const weight = writeMass(totalG(outcome.after.batch), units);
  const range = ranges ? ` (${writeMassRange(ranges.massG.low, ranges.massG.high, units)})` : "";
  const batches = factOf(row, "batches");
  const name = lower(part);
  const title = titleOf(step, step.kind === "cut" ? (comesIn(row, textContext) ?? name) : name);
  const withIt = goesIn ? `Add ${goesIn}. ` : "";
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
        does: `${CUT_VERBS[step.how]} ${goesIn || "it"} into pieces of ${writeLength(step.pieceMm, units)}.`,
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
        why: sayMarinade(row, textContext),
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
          ? `${list(outcome.inputs.flatMap((c) => (c.from === "part" ? [textContext.part(c.part)] : [])))} into the ${name}`
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
          ? `It then is ${THICKNESS_NAMES[thick.thickness]}${thick.atTable === thick.thickness ? ", and stays so" : `; on the plate ${THICKNESS_NAMES[thick.atTable]}`}.`
          : "",
      };
    }
    case "boil":
      return {
        title,
        does: `${goesIn ? `In ${goesIn}, ` : ""}from the boil about ${writeMinutes(step.minutes ?? heatMin(row))}, then drain.`,
        why: doneWhen(row, units),
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
        title: `Shape ${counted(pieces.count, step.form, FORMS[step.form])}`,
        does: describeFact({ kind: "pieces", pieces, offTarget: false, thick: false }, textContext).says,
        why: "Weigh each one: pieces of one mass cook alike.",
      };
    }
    case "fry":
    case "griddle":
      return {
        title: batches && batches.count > 1 ? `${title} in ${batches.count} batches` : title,
        does: `${goesIn ? `${goesIn} in the pan. ` : ""}About ${writeMinutes(batches?.eachMin ?? 0)} a batch${step.lid ? " under a lid" : ""}, turned, until ${step.coreC === null ? "they are brown all round" : `the middle is ${writeTemp(step.coreC, units)}`}.`,
        why:
          step.coreC === null
            ? "Only browned: the middle gets hot in what follows."
            : "Turn once: a crust that is left alone lets go of the pan.",
      };
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
        : { title: `Blend the ${name} smooth${goes}`, does: `${withIt}Blend until nothing grates.`, why: "" };
    }
    case "cook": {
      const soft = factOf(row, "softened");
      return {
        title: `Cook the ${name}${step.pressure ? " under pressure" : ""}`,
        does: `${withIt}${step.pressure ? "From full pressure" : "From the boil, gently,"} about ${writeMinutes(step.minutes ?? soft?.softMin ?? 0)}; ${weight}${range} then.`,
        why: "Lots differ by a third: bite one before you pour.",
      };
    }
    case "steam":
      return {
        title,
        does: `${withIt}About ${writeMinutes(step.minutes ?? heatMin(row))} from full steam${step.wrapped ? ", wrapped tight" : ""}.`,
        why: doneWhen(row, units),
      };
    case "blanch":
      return {
        title,
        does: `${withIt}${writeMinutes(step.minutes)} in boiling water, then straight into ice water.`,
        why: "The ice keeps colour and bite.",
      };
    case "gel":
      return {
        title: `Make the ${becoming(name, "gel")}`,
        does: `${goesIn ? `Stir ${goesIn}. ` : ""}Leave it ${writeMinutes(step.minutes)}.`,
        why: `It stands in for about ${(factOf(row, "gel")?.eggs ?? 0).toFixed(1)} eggs.`,
      };
    case "rinse":
      return {
        title,
        does: `${step.times} times in ${writeMass(step.waterG, units)} of fresh water${step.how === "swirl" ? "" : `, ${step.how === "soak" ? "standing" : "simmering"} ten minutes each`}.`,
        why: `Salt falls to ${writePercent(factOf(row, "rinsed")?.toShare ?? 0)}.`,
      };
    case "press":
      return {
        title,
        does: `Under a board with ${step.loadKg} kg for ${writeMinutes(step.minutes)}. About ${weight}${range} stays.`,
        why: "More weight helps little; thinner slices help much.",
      };
    case "freeze":
      return {
        title,
        does: `${withIt}In the freezer for ${writeMinutes(step.minutes)}.`,
        why: "Ice tears it into a sponge: tougher, and it drinks.",
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
    case "toast":
      return {
        title,
        does: `${withIt}Stir in a dry or oiled pan for ${writeMinutes(step.minutes)}.`,
        why: "A shade darker, and off: it goes on by itself.",
      };
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
        does: `${goesIn ? `Share out ${goesIn}: ` : ""}${filled ? `${writeMass(filled.eachG, units)} each, filled` : ""}.`,
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
    case "sweat":
      return {
        title,
        does: `${withIt}Stir for ${writeMinutes(step.minutes)}, a splash of water each time the pan is dry.`,
        why: `About ${factOf(row, "splashes")?.count ?? 0} splashes; no oil.`,
      };
    case "deep-fry":
      return {
        title: batches && batches.count > 1 ? `${title} in ${batches.count} batches` : title,
        does: `Oil at ${writeTemp(step.oilC, units)} (put it on ${writeMinutes(earlyMin(row))} before), ${batches && batches.count > 1 ? `${writeMass(batches.eachG, units)} at a time, ` : ""}about ${writeMinutes(step.minutes)}${batches && batches.count > 1 ? " each" : ""}. Let the oil come back between.`,
        why:
          batches?.limitedBy === "heat of the burner"
            ? "The heat sets the batch: more would stew."
            : "Half the surface, no more.",
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
            ? "Look at half time; ovens differ."
            : `Done when the middle is ${writeTemp(step.coreC, units)}.`,
      };
    }
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
    case "hold":
      return {
        title,
        does: `In the oven at ${writeTemp(step.holdC, units)}, up to ${writeMinutes(step.minutes)}.`,
        why: "Above 57 °C; crisp things soften meanwhile.",
      };
    case "stand":
      return {
        title: `Let the ${name} stand`,
        does: `${writeMinutes(step.minutes)}${step.foil ? " under foil" : ""}.`,
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
        why: step.where === "fridge" ? "4 °C or below." : "−18 °C, tight.",
      };
    case "reheat":
      return {
        title,
        does: `${withIt}${step.where === "oven" ? "In the oven" : "On the hob"}, about ${writeMinutes(step.minutes)}, until the middle is ${writeTemp(step.coreC, units)}.`,
        why: "Once only.",
      };
    case "serve":
      return { title, does: goesIn ? `With ${goesIn}.` : "Plate it hot.", why: "" };
  }
}

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
const earlyMin = (row: Computed) => row.outcome.phases.reduce((m, p) => (p.early ? m + p.minutes : m), 0);
/** "Mash it": a part that is called what is done to it is not named again beside the verb. */
function verbed(verb: string, name: string): string {
  const last = name.split(" ").at(-1) ?? name;
  if (!last.startsWith(verb.toLowerCase())) return `${verb} the ${name}`;
  return `${verb} ${last.endsWith("s") ? "them" : "it"}`;
}
/** "Pat the rashers dry": verbs of two words close round the part. */
function titleOf(step: Step, name: string): string {
  switch (step.kind) {
    case "cut":
      return verbed(CUT_VERBS[step.how], name);
    case "pat":
      return `Pat the ${name} dry`;
    case "hold":
      return `Keep the ${name} warm`;
    case "sweat":
      return `Sweat the ${name} in water`;
    default:
      return verbed(STEP_NAMES[step.kind], name);
  }
}
function sayMarinade(row: Computed, textContext: TextContext): string {
  const left = factOf(row, "left-in-bowl");
  if (left)
    return `About ${writeMass(left.massG, textContext.units)} stays in the bowl: keep it for a glaze or a sauce.`;
  return factOf(row, "fitted")
    ? "It is wetter than the recipe: it drinks less, so there is less to make and more salt to add."
    : "It should drink all of this; nothing runs in the bowl at the end.";
}
const CUT_VERBS = { cut: "Cut", tear: "Tear", shred: "Shred", crumble: "Crumble", grate: "Grate" } as const;
export const FORMS = {
  ball: "balls",
  patty: "patties",
  log: "logs",
  loaf: "loaves",
  fillet: "fillets",
  rasher: "rashers",
  parcel: "parcels",
} as const;
const COVERS = { foil: "in foil", parchment: "in parchment", lid: "under a lid" } as const;
const COOLING = { room: "in the room", fridge: "in the fridge", "ice-bath": "over ice water" } as const;
