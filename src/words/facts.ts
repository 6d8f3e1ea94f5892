import type { BindingAdvice } from "@/core/bind/advice";
import { LIQUID_STEP_G } from "@/core/bind/correction";
import { isClose } from "@/core/process/fact";
import type { Fact } from "@/core/process/ledger";
import { writeLength, writeMass, writeMinutes, writePercent, writeTemp } from "@/core/quantities/write";
import { foodName, foodsInText, MIX_IS, type TextContext, THICKNESS_NAMES } from "./words";
import { counted } from "./count";

export interface RemarkText {
  readonly tone: "plain" | "good" | "watch" | "harm";
  readonly says: string;
  readonly ruleOfThumb?: boolean;
}

/** What a step has to tell, in a sentence. */
export function describeFact(fact: Fact, textContext: TextContext): RemarkText {
  const mass = (g: number) => writeMass(g, textContext.units);
  switch (fact.kind) {
    case "soaked":
      return {
        tone: "plain",
        says: `Soaked to ${writePercent(fact.share, 0)} of what it can hold; the bath begins at ${writeTemp(fact.bathC, textContext.units)} once the cold food and bowl are in.`,
      };
    case "already-drier":
      return { tone: "watch", says: "It is already drier than this pressure makes it: nothing comes out." };
    case "uncovered":
      return {
        tone: "watch",
        says: `About ${mass(fact.needG)} would keep them under in a bowl of ${writeLength(220, textContext.units)}. With less, turn them and lay a plate on top.`,
        ruleOfThumb: true,
      };
    case "bath-short":
      return { tone: "watch", says: `The bath runs short by ${mass(fact.missingG)}. Pour on more.` };
    case "as-written":
      return {
        tone: "watch",
        says: `In the recipe's own words: what it does to the food is not worked out.${fact.timed ? "" : " It says no minutes: two to twenty are taken."}${fact.heated ? " Nothing raw counts as cooked by it: look into the middle." : ""}`,
      };
    case "nothing-to-drain":
      return { tone: "watch", says: "Nothing runs off: no liquid stands round the food here." };
    case "fitted":
      return {
        tone: "watch",
        says:
          fact.share > 0.995
            ? "It takes up a little less than the recipe's marinade, so that is what to make."
            : `It takes up only ${writePercent(fact.share, 0)} of the recipe's marinade, so that is what to make.`,
      };
    case "left-in-bowl":
      return { tone: "watch", says: `${mass(fact.massG)} of marinade stays in the bowl.` };
    case "set-aside":
      return { tone: "plain", says: `${mass(fact.massG)} is set aside for another day.` };
    case "salt-added":
      return {
        tone: "plain",
        says: `${mass(fact.massG)} of salt brings it to ${writePercent(fact.wanted, 1)}, everything hidden counted.`,
      };
    case "already-saltier":
      return {
        tone: "watch",
        says: `It holds ${writePercent(fact.share)} salt already, more than the ${writePercent(fact.wanted, 1)} wanted. None is added; unsalted food brings it down.`,
      };
    case "batches":
      return {
        tone: fact.count > 1 ? "plain" : "good",
        says:
          fact.count === 1
            ? `One batch of ${mass(fact.eachG)}, ${writeMinutes(fact.eachMin)}.`
            : `${fact.count} batches of ${mass(fact.eachG)}, ${writeMinutes(fact.eachMin)} each. What limits it: the ${fact.limitedBy}.`,
      };
    case "depth-reached":
      return {
        tone: "plain",
        says:
          fact.mm >= fact.middleMm
            ? "The marinade reaches the middle."
            : `The marinade comes about ${writeLength(fact.mm, textContext.units)} deep, of ${writeLength(fact.middleMm, textContext.units)} to the middle.`,
        ruleOfThumb: true,
      };
    case "water-off":
      return { tone: "plain", says: `${mass(fact.massG)} of water goes off as steam.`, ruleOfThumb: true };
    case "thickness":
      return {
        tone: "plain",
        says: `${capital(THICKNESS_NAMES[fact.thickness])}, ${fact.per100.toFixed(1)} % starch${fact.atTable === fact.thickness ? "; on the plate too" : `. On the plate: ${THICKNESS_NAMES[fact.atTable]}`}.${fact.starchG > 0.3 ? ` ${capital(mass(fact.starchG))} of corn starch, stirred into cold water, would make it coat.` : ""}${fact.thinningG > 2 ? ` ${capital(mass(fact.thinningG))} of liquid would loosen it.` : ""}`,
        ruleOfThumb: true,
      };
    case "cooked-through":
      return {
        tone: "plain",
        says:
          fact.minutes < 0.5
            ? `The middle is past ${writeTemp(fact.coreC, textContext.units)} already: it went in hot.`
            : `About ${writeMinutes(fact.minutes)} until the middle is ${writeTemp(fact.coreC, textContext.units)}.`,
      };
    case "binding": {
      const { zone, set, freeWaterG } = fact.state;
      const tone = zone === "holds" ? "good" : zone === "dry edge" || zone === "soft" ? "watch" : "harm";
      const free =
        freeWaterG < 0
          ? `the base takes up ${mass(-freeWaterG)} more`
          : `the binders have ${mass(freeWaterG)} of water to take up`;
      return {
        tone: fact.state.zone === "wet" ? "watch" : tone,
        says: `By now the mix ${MIX_IS[zone]}, and ${free}; cooked, it ${SETS[set]}.`,
        ruleOfThumb: true,
      };
    }
    case "pieces": {
      const { count, eachG, diameterMm, thicknessMm, form } = fact.pieces;
      const length = (mm: number) => writeLength(mm, textContext.units);
      const size =
        form === "ball"
          ? `${length(diameterMm)} across`
          : form === "log" || form === "parcel" || form === "skewer"
            ? `${length(fact.pieces.lengthMm)} long, ${length(diameterMm)} thick`
            : form === "patty" || form === "shell"
              ? `${length(diameterMm)} across, ${length(thicknessMm)} thick`
              : `${length(fact.pieces.lengthMm)} by ${length(diameterMm)}, ${length(thicknessMm)} ${form === "loaf" ? "high" : "thick"}`;
      const note = fact.thick
        ? " Thick: the middle takes long."
        : fact.offTarget && count > 1
          ? " Not the mass you asked for: one more or one fewer comes nearer."
          : "";
      return {
        tone: fact.thick || fact.offTarget ? "watch" : "plain",
        says: `${counted(count, "piece")} of ${mass(eachG)}, ${size}.${note}`,
      };
    }
    case "softened":
      return {
        tone: fact.share >= 0.9 ? (fact.share > 1.45 ? "watch" : "plain") : "watch",
        says:
          fact.share >= 0.9
            ? `Soft after about ${writeMinutes(fact.softMin)} at ${writeTemp(fact.atC, textContext.units)}${fact.share > 1.45 ? "; by now they fall apart" : ""}. Lots differ: bite one.`
            : `Still hard: it takes about ${writeMinutes(fact.softMin)} at ${writeTemp(fact.atC, textContext.units)}.`,
      };
    case "pressed":
      return {
        tone: fact.pressureKPa > 15 ? "watch" : "plain",
        says: `${fact.pressureKPa.toFixed(1)} kPa: ${mass(fact.leavesG)} of liquid comes out${fact.mostG - fact.leavesG < 1 ? ", all that this weight presses out" : `; ${mass(fact.mostG)} would if it stood for ever`}${fact.pressureKPa > 15 ? ". A soft block may bulge and break at the sides" : ""}.`,
      };
    case "rinsed": {
      const [from, to] = [writePercent(fact.fromShare), writePercent(fact.toShare)];
      return {
        tone: "plain",
        says: from === to ? "There is hardly any salt to wash out." : `Salt falls from ${from} to ${to}.`,
      };
    }
    case "through": {
      const range = `${writeMinutes(fact.lowMin)} to ${writeMinutes(fact.highMin)}`;
      if (fact.givenMin >= fact.highMin)
        return { tone: "good", says: `Surely ${fact.what} by then: it takes ${range}.` };
      if (fact.givenMin >= fact.neededMin)
        return { tone: "watch", says: `Likely ${fact.what} by then, not surely: it takes ${range}.` };
      return {
        tone: "harm",
        says:
          fact.what === "thawed"
            ? `Still frozen inside: it takes ${range}. Faster and safe: cold water in a leak-proof bag, changed every half hour, or thinner slices before freezing.`
            : `Not frozen to the middle: it takes ${range}. Give it longer or cut it thinner.`,
      };
    }
    case "slices": {
      const length = (mm: number) => writeLength(mm, textContext.units);
      return {
        tone: "watch",
        says: `${counted(fact.count, "slice")} of it come out ${length(fact.thicknessMm)} thick; at ${length(fact.askedMm)} it gives ${fact.fitting}.`,
      };
    }
    case "bath-taken":
      return {
        tone: "watch",
        says: `The ${mass(fact.massG)} of liquid that it lay in goes along. Not meant? Put “Drain” before this step.`,
      };
    case "guessed-water":
      return {
        tone: "watch",
        says: `How much water ${foodsInText(textContext.foods, fact.foods)} holds is not known: from here on all figures are rough. Its packet tells, under Kitchen, Foods.`,
      };
    case "without-amount":
      return {
        tone: "watch",
        says: `No amount yet for ${foodsInText(textContext.foods, fact.foods)}: worked out without.`,
      };
    case "nothing-in":
      return { tone: "watch", says: "Nothing is in it yet: add what goes in, or take this step out." };
    case "coarse-to-squeeze":
      return {
        tone: "watch",
        says: `Raw and coarse it keeps its water. Grate it, cut it to ${writeLength(fact.mostMm, textContext.units)} or less, or cook it soft first.`,
        ruleOfThumb: true,
      };
    case "block-size":
      return fact.count > 1
        ? {
            tone: "watch",
            says: `${mass(fact.massG)} is about ${counted(fact.count, "block")} of this size: freeze and thaw them apart, put the weight on each.`,
          }
        : {
            tone: "watch",
            says: `A block of this size weighs about ${mass(tens(fact.eachG))}, here are ${mass(fact.massG)}: check its edges, the minutes depend on them.`,
          };
    case "gel":
      return {
        tone: fact.waterPerG > 8 ? "watch" : "plain",
        says: `Stands in for about ${writeEggs(fact.eggs)}; ${fact.waterPerG.toFixed(1)} parts of water to one${fact.waterPerG > 8 ? ", thin" : fact.waterPerG < 4 ? ", stiff" : ""}.`,
        ruleOfThumb: true,
      };
    case "batter":
      return {
        tone: fact.body === "stiff" ? "watch" : "plain",
        says: `${fact.waterPerFlour.toFixed(2)} parts of water to one of flour: ${BATTER_SAYS[fact.body]}.`,
        ruleOfThumb: true,
      };
    case "coated":
      return fact.missingG > 1
        ? {
            tone: "watch",
            says: `${mass(fact.takesG)} clings; ${mass(fact.missingG)} more would cover it all.`,
            ruleOfThumb: true,
          }
        : { tone: "plain", says: `${mass(fact.takesG)} clings, the rest stays in the bowl.`, ruleOfThumb: true };
    case "splashes":
      return {
        tone: "plain",
        says: `About ${counted(fact.count, "splash", "splashes")} of water, ${mass(fact.waterG)} in all, each gone in a minute or two.`,
        ruleOfThumb: true,
      };
    case "core-short":
      if (isClose(fact))
        return {
          tone: "watch",
          says: `Ovens differ: the middle reaches ${writeTemp(fact.coreC, textContext.units)} in ${writeMinutes(fact.lowMin)} to ${writeMinutes(fact.highMin)}, and rises a little more while it stands. Let a thermometer decide.`,
        };
      return {
        tone: "harm",
        says: `${writeMinutes(fact.givenMin)} is too short: the middle needs about ${writeMinutes(fact.neededMin)} to reach ${writeTemp(fact.coreC, textContext.units)}.`,
      };
    case "grown":
      return {
        tone: "watch",
        says: `The scale says ${writePercent(Math.abs(fact.factor - 1), 0)} ${fact.factor > 1 ? "more" : "less"} went in at the start: what goes in here ${fact.factor > 1 ? "grows" : "shrinks"} with it.`,
      };
    case "surface-clock":
      return {
        tone: "plain",
        says:
          fact.coreMin < 1
            ? `It went in hot: about ${writeMinutes(fact.minutes)} until it is dry and brown outside.`
            : `Hot in the middle after ${writeMinutes(fact.coreMin)}; dry and brown outside after about ${writeMinutes(fact.minutes)}.`,
        ruleOfThumb: true,
      };
    case "undrained":
      return {
        tone: "watch",
        says: `It still lies in ${mass(fact.massG)} of liquid, which comes along. Drain it first?`,
      };
    case "tender": {
      const needed = `Tender in about ${writeMinutes(fact.neededMin)}`;
      const short = fact.givenMin < fact.neededMin * 0.75;
      return {
        tone: short ? "watch" : "plain",
        says: short ? `${needed}: ${writeMinutes(fact.givenMin)} leaves it firm.` : `${needed}.`,
      };
    }
    case "browned-only":
      return {
        tone: "plain",
        says: `Browned, not cooked through: the middle is about ${writeTemp(fact.middleC, textContext.units)}. It cooks on in the sauce or the oven.`,
      };
    case "oil-dips":
      return {
        tone: "watch",
        says: `A batch this large takes the oil down to ${writeTemp(fact.lowestC, textContext.units)}; below ${writeTemp(fact.floorC, textContext.units)} it soaks instead of frying.`,
      };
    case "fill":
      return {
        tone: fact.share > 1 ? "harm" : "plain",
        says:
          fact.share > 1
            ? `The ${FILL_NAMES[fact.of]} would be ${writePercent(fact.share, 0)} of what it may hold.`
            : `Fills ${writePercent(fact.share, 0)} of what the ${FILL_NAMES[fact.of]} may hold.`,
      };
    case "cooled": {
      const at = (c: number) => writeTemp(c, textContext.units);
      const way = (h: number | null, c: number) =>
        h === null ? `it does not come to ${at(c)} here` : `to ${at(c)} in ${writeMinutes(h * 60)}`;
      return {
        tone: fact.hoursTo21 === null || fact.hoursTo21 > 2 ? "harm" : "plain",
        says: `${at(fact.toC)} by then: ${way(fact.hoursTo21, 21)}${fact.hoursTo21 === null ? "" : `, ${way(fact.hoursTo5, 5)}`}.`,
      };
    }
    case "rule-of-thumb":
      return {
        tone: "plain",
        says: `${RULE_OF_THUMB[fact.what]} is the usual one: nothing is known of this food here. Weigh it.`,
        ruleOfThumb: true,
      };
  }
}
/** "1 egg", "1.3 eggs": to the tenth. */
export const writeEggs = (eggs: number): string => counted(Number(eggs.toFixed(1)), "egg");
const SETS = { holds: "holds", firm: "is firm", loose: "stays loose", dense: "is dense" } as const;
const BATTER_SAYS = {
  thin: "thin, a veil",
  tray: "right for a tray, like pancake batter",
  thick: "thick, right for oil",
  stiff: "stiff, a dough rather than a batter",
} as const;
const FILL_NAMES = { tin: "tin", pot: "pot", machine: "bowl", "pressure-cooker": "pressure cooker" } as const;
const RULE_OF_THUMB = { loss: "The loss", minutes: "The time", "pick-up": "What clings" } as const;
/** Grams of an estimate no finer than a squeeze by hand. */
const tens = (g: number) => Math.round(g / 10) * 10;
/** What brings a mix to where it holds, to be tried by halves. */
export function describeAdvice({ correction, spoonG }: BindingAdvice, { units, foods }: TextContext): string {
  const mass = (g: number) => writeMass(g, units);
  switch (correction.kind) {
    case "wait":
      return "Rested, it holds: wait before you add anything.";
    case "add-liquid":
      return `Once rested it is too dry: about ${counted(correction.steps * 2, "teaspoon", "teaspoons")} of liquid (${mass(correction.steps * LIQUID_STEP_G)}) would make it hold. Add half, wait, test a ball in your hand.`;
    case "add-binder":
      return `Once rested it is too wet: about ${counted(correction.steps, "tablespoon", "tablespoons")} of ${foodName(foods, correction.food).toLowerCase()} (${mass(correction.steps * spoonG)}) would make it hold. Add half, wait, test a ball in your hand; then taste for salt.`;
    case "other-way":
      return correction.tooWet
        ? `Too wet for spoons of flour: squeeze or dry about ${mass(tens(correction.waterG))} of water out of the base, or take a stronger binder.`
        : `Too dry for spoons of liquid: leave about ${mass(tens(correction.waterG))} more water in the base, or take less of the binder.`;
  }
}

const capital = (s: string) => s.charAt(0).toUpperCase() + s.slice(1);
