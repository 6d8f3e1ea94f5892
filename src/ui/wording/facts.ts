import type { Fact } from "@/core/process/ledger";
import { writeLength, writeMass, writeMinutes, writePercent, writeTemp } from "@/core/quantities/write";
import { type Speaking, THICKNESS_NAMES } from "./words";

export interface Said {
  readonly tone: "plain" | "good" | "watch" | "harm";
  readonly says: string;
  readonly ruleOfThumb?: boolean;
}

/** What a step has to tell, in a sentence. */
export function sayFact(fact: Fact, speaking: Speaking): Said {
  const mass = (g: number) => writeMass(g, speaking.units);
  switch (fact.kind) {
    case "soaked":
      return {
        tone: "plain",
        says: `Drunk to ${writePercent(fact.share, 0)} of what it can hold; the bath begins at ${writeTemp(fact.bathC, speaking.units)} once the cold food and bowl are in.`,
      };
    case "already-drier":
      return { tone: "watch", says: "It is already drier than this pressure makes it: nothing comes out." };
    case "bath-short":
      return { tone: "watch", says: `The bath runs short by ${mass(fact.missingG)}. Pour on more.` };
    case "fitted":
      return {
        tone: "watch",
        says: `It drinks only ${writePercent(fact.share, 0)} of the recipe's marinade, so that is what to make.`,
      };
    case "left-in-bowl":
      return { tone: "watch", says: `${mass(fact.massG)} of marinade stays in the bowl.` };
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
        says: `${fact.count} ${fact.count === 1 ? "batch" : "batches"} of ${mass(fact.eachG)}, ${writeMinutes(fact.eachMin)} each. What limits it: the ${fact.limitedBy}.`,
      };
    case "water-off":
      return { tone: "plain", says: `${mass(fact.massG)} of water goes off as steam.`, ruleOfThumb: true };
    case "thickness":
      return {
        tone: "plain",
        says: `${capital(THICKNESS_NAMES[fact.thickness])}, ${fact.per100.toFixed(1)} g starch per 100 g. On the plate: ${THICKNESS_NAMES[fact.atTable]}.`,
        ruleOfThumb: true,
      };
    case "cooked-through":
      return {
        tone: "plain",
        says: `About ${writeMinutes(fact.minutes)} until the middle is ${writeTemp(fact.coreC, speaking.units)}.`,
      };
    case "binding": {
      const { zone, set, freeWaterG } = fact.state;
      const tone = zone === "holds" ? "good" : zone === "dry edge" || zone === "soft" ? "watch" : "harm";
      const free =
        freeWaterG < 0 ? `the base drinks ${mass(-freeWaterG)}` : `${mass(freeWaterG)} of water for the binders`;
      return {
        tone: fact.state.zone === "wet" ? "watch" : tone,
        says: `The mix is at “${zone}”: ${free}; it sets ${set === "holds" ? "so that it holds" : set}.`,
        ruleOfThumb: true,
      };
    }
    case "pieces": {
      const { count, eachG, diameterMm, thicknessMm, form } = fact.pieces;
      const size =
        form === "ball"
          ? `${writeLength(diameterMm, speaking.units)} across`
          : `${writeLength(diameterMm, speaking.units)} across, ${writeLength(thicknessMm, speaking.units)} thick`;
      const note = fact.thick
        ? " Thick: the middle takes long."
        : fact.offTarget
          ? " Not the mass you asked for: one more or one fewer comes nearer."
          : "";
      return {
        tone: fact.thick || fact.offTarget ? "watch" : "plain",
        says: `${count} pieces of ${mass(eachG)}, ${size}.${note}`,
      };
    }
  }
}
const capital = (s: string) => s.charAt(0).toUpperCase() + s.slice(1);
