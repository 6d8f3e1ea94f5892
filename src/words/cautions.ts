import type { EaterId } from "@/core/household/people";
import type { FoodId } from "@/core/foods/food";
import type { Caution, CautionFacts, RuleId } from "@/core/safety/rule";
import { writeLength, writeMinutes, writeTemp, writeVolume } from "@/core/quantities/write";
import type { UnitSystem } from "@/core/quantities/units";
import { ALLERGEN_NAMES, foodInText, type TextContext } from "./words";

/** Show with every caution. */
export const DEFER = "General guidance; follow your local food code and the label.";

/** What a sentence may use beside the facts of its rule. */
export interface Telling {
  readonly units: UnitSystem;
  readonly foods: TextContext["foods"];
  readonly eater: (id: EaterId) => string;
}
interface Tools {
  readonly temp: (tempC: number) => string;
  readonly length: (lengthMm: number) => string;
  readonly volume: (ml: number) => string;
  readonly eater: Telling["eater"];
  readonly foodName: (food: FoodId) => string;
}

const STANDS: Readonly<Record<CautionFacts["danger-zone"]["from"], (minutes: number) => string>> = {
  step: (minutes) => `This stands ${writeMinutes(minutes)}`,
  clock: (minutes) => `By the Clock this has stood ${writeMinutes(minutes)} when the next step begins,`,
  wait: (minutes) => `Waiting as long as it may, this stands ${writeMinutes(minutes)}`,
};

const INSIDE: Readonly<Record<CautionFacts["raw-inside"]["what"], string>> = {
  "raw-egg": "It holds egg that is still raw inside.",
  "raw-meat": "It holds meat or fish that is still raw inside.",
  "raw-dough": "It holds flour that is still raw inside.",
  "kept-cooked": "It was cooked before and has not been hot right through since.",
};

/** The sentence of each rule, from its facts, in the cook's units. */
const SAYS: { readonly [K in RuleId]: (facts: CautionFacts[K], tools: Tools) => string } = {
  "danger-zone": (f, { temp }) =>
    `${STANDS[f.from](f.warmMin)} between ${temp(f.lowC)} and ${temp(f.highC)}, more than ${writeMinutes(f.limitMin)} in all. Put it in the fridge, or make it shorter.`,
  core: ({ leastC }, { temp }) => `The middle is planned below ${temp(leastC)}. Raise the core temperature.`,
  "raw-inside": ({ what, middleC, leastC }, { temp }) =>
    `${INSIDE[what]} About ${temp(middleC)} in the middle as planned: it has to be ${temp(leastC)}. Heat it longer, or in the oven first.`,
  "core-short": ({ neededMin, coreC }, { temp }) =>
    `The minutes are too few: the middle needs about ${Math.round(neededMin)} min to reach ${temp(coreC)}. Give it longer, make it thinner, or test it with a thermometer.`,
  "core-close": ({ lowMin, highMin, coreC }, { temp }) =>
    `Ovens differ: the middle reaches ${temp(coreC)} after ${Math.round(lowMin)} to ${Math.round(highMin)} min. Look with a thermometer before it comes out.`,
  "hot-hold": ({ leastC, atHomeC }, { temp }) => `Hold hot food at ${temp(leastC)} or more, ${temp(atHomeC)} at home.`,
  reheat: ({ leastC }, { temp }) => `Reheat to ${temp(leastC)} right through, steaming.`,
  cooling: ({ fromC, firstC, lastC }, { temp, length }) =>
    `It cools too slowly: from ${temp(fromC)} to ${temp(firstC)} within 2 hours, to ${temp(lastC)} within 6. Spread it at most ${length(50)} deep, set it in ice water, or divide it.`,
  "fridge-days": ({ atC }, { temp }) =>
    `More than a day in the fridge: keep it at ${temp(atC)} or below and cook it within 3 days.`,
  "kept-too-long": ({ atC }, { temp }) =>
    `Cooked food keeps 3–4 days at ${temp(atC)}. Freeze what is not eaten by then.`,
  "cooked-rice": () => "Cooked rice: cool it within an hour, at most one day in the fridge, reheat it once, steaming.",
  "cooked-rice-days": () => "Cooked rice keeps one day in the fridge: its spores survive cooking. Freeze it instead.",
  "foil-potato": ({ hotC }, { temp }) =>
    `Potatoes baked in foil: unwrap them as soon as they are out; keep them above ${temp(hotC)} or chill within 2 hours.`,
  "swollen-pack": () =>
    "A pack swells as it freezes: that is ice. One that was swollen before it went in is spoilt, throw it away.",
  thaw: ({ how }) =>
    how === "fridge"
      ? "Thaw in the fridge, never on the counter."
      : "Cold water: in a leak-proof bag, water changed every half hour, and cook it at once.",
  "garlic-in-oil": ({ days, atC }, { temp }) =>
    `Garlic in oil: at most ${days} days at ${temp(atC)}, else freeze it (botulism).`,
  "raw-flour": () => "Don't taste this mix: raw flour can carry germs. Fry a small piece and taste that.",
  "seaweed-iodine": () =>
    "Seaweeds hold very different amounts of iodine, brown ones the most: use a little, lift kombu out, and leave it out for whoever has thyroid trouble.",
  hijiki: () => "Hijiki holds inorganic arsenic. Take another seaweed.",
  "kidney-lectin": () =>
    "Kidney beans: soak 5 hours or more, throw that water away, then a rolling boil in fresh water for at least 10 minutes (FDA suggests 30) before anything gentler.",
  "raw-pulses": ({ food, boilC, needsPressure }, { temp, foodName }) =>
    `The ${foodName(food)} have not boiled hard for ten minutes: raw or only warmed they make people ill. ${needsPressure ? `Water boils at ${temp(boilC)} here, which is not enough: take the pressure cooker, or beans from a tin.` : "Boil them first, in fresh water."} This is about these beans; lentils and chickpeas do not need it.`,
  "pulses-underdone": () => "By these minutes they are still hard. Bite one before the pot comes off.",
  "pulses-served-hard": () =>
    "These pulses come to the table hard: raw or half cooked they upset the stomach. Cook them until they are soft all through.",
  "raw-sprouts": () =>
    "Raw sprouts have carried germs: rinse them well and eat them fresh; for small children, in pregnancy or when somebody is ill, cook them through.",
  "served-frozen-kind": ({ food }, { foodName }) =>
    `Frozen ${foodName(food)} are meant to be cooked: heat them through, or scald them for a minute.`,
  "reheated-twice": () => "Reheat only once: take out as much as is eaten, and leave the rest cold.",
  "pressure-release": () =>
    "Pressure: let it fall before you open, keep hands and face off the valve, and never force the lid.",
  "from-frozen": () =>
    "Frozen pieces: minutes here count from thawed. Give them the packet's, and see that the middle steams.",
  "mushrooms-raw": () =>
    "Cook these mushrooms right through: enoki has carried Listeria, raw shiitake can bring a rash.",
  "mushrooms-served-raw": () => "These mushrooms have not been cooked, and they are not for eating raw.",
  morels: () =>
    "Morels: never raw or half cooked. Boil or fry them right through, and throw the soaking water away; some people feel ill with alcohol beside them.",
  foraged: () =>
    "Gathered mushrooms: only those that somebody who knows them for certain has named, one by one. When in doubt, leave them out.",
  "cyanide-raw": ({ food }, { foodName }) =>
    `Raw ${foodName(food)} holds cyanide: peel it, slice it thin, boil it ten minutes or until tender in plenty of water, and throw that water away. From a tin it is cooked already.`,
  "cyanide-served-raw": () => "This has not been cooked through: raw cassava and bamboo shoots hold cyanide.",
  "bitter-kernels": () =>
    "Bitter kernels hold so much cyanide that three small ones are too much for an adult and half of one for a small child. Take sweet almonds.",
  "pickle-on-the-shelf": () =>
    "This pickle lives in the fridge. For a shelf at room temperature take a tested canning recipe for just these amounts: too little acid there can mean botulism.",
  tempeh: ({ leastC }, { temp }) =>
    `Tempeh: steam 10 minutes or heat it to ${temp(leastC)}. White, grey and black spots are fine; pink, slime or ammonia is not.`,
  "banana-peel": ({ peel }) =>
    `${peel ? "Scrub the peel, best of untreated fruit. " : ""}Who reacts to latex may react to banana as well: ask.`,
  "green-potato": () => "Cut green spots and sprouts away; a potato that is green all over goes out.",
  "hot-oil": () =>
    "Hot oil: pat the pieces dry, lower them away from you, keep a lid within reach and never put water on burning oil.",
  "oil-too-hot": ({ lowC, highC }, { temp }) =>
    `Oil this hot smokes and can catch fire. Stay between ${temp(lowC)} and ${temp(highC)}.`,
  "oil-line": () =>
    "The oil fills more than a third of the pot and can boil over when food goes in. Take a deeper pot or less oil.",
  "boiling-water": () => "Boiling water: clear the way to the sink before you lift, and pour away from you.",
  "hot-squeeze": ({ tempC }, { temp }) => `About ${temp(tempC)} inside: rinse cold first or use a cloth and tongs.`,
  "hot-blender": () =>
    "Hot liquid in a closed blender bursts out: fill it a third, leave the lid vented under a cloth, begin slowly.",
  "machine-line": ({ loads }) => `All at once would be over the bowl's two-thirds line. Make it in ${loads} batches.`,
  "pressure-fill": () => "Over the line: two thirds at most, half for beans and grains that foam. Cook it in two goes.",
  "pressure-liquid": ({ leastMl }, { volume }) =>
    `Too little liquid for a pressure cooker: at least ${volume(leastMl)}, or what your manual says.`,
  "hard-squash": () =>
    "Hard under the knife: cut a flat side first, lay it on that, push down with the heel of a large knife, fingers away.",
  "paper-in-the-oven": ({ mostC }, { temp }) =>
    `Baking paper browns and burns above ${temp(mostC)}. Check its packet or bake without.`,
  "tin-full": () => "The tin is full to its rim and will boil over. Take a larger one, or set a tray under it.",
  "pot-full": () => "The pot is too full for this. Take a larger one or cook in two goes.",
  "wet-into-oil": () => "Very wet for hot oil: it will spit. Squeeze or pat it drier.",
  "chilli-hands": () => "Chilli stays on fingers: wear gloves or wash with oil and soap before you touch eyes.",
  choking: ({ what }) =>
    `A small child eats: ${{ round: "quarter round pieces lengthwise", nuts: "grind whole nuts", raw: "grate raw carrot and apple, or cook them soft", "dried-fruit": "chop raisins and the like small" }[what]}.`,
  "salt-a-day": ({ saltG, who }, { eater }) =>
    `${saltG.toFixed(1)} g of salt a head. A whole day's limit: ${who.map((w) => `${eater(w.eater)} ${w.dayG} g`).join(", ")}.`,
  "lupin-peanut": ({ eater: id }, { eater }) =>
    `Contains lupin: many who react to peanut react to it too. Ask ${eater(id)} first.`,
  "core-low": ({ leastC }, { temp }) =>
    `The middle stays below ${temp(leastC)}: fine for a crisp vegetable eaten at once, not for one that is kept warm or kept.`,
  "oil-height": () =>
    "Nobody has measured how high this pot is: fill it at most a third with oil, or add its height in Kitchen.",
  "smoke-point": ({ food, smokeC }, { temp, foodName }) =>
    `${foodName(food)} begins to smoke at about ${temp(smokeC)}. Take an oil that bears more, or fry cooler.`,
  "tempeh-served-raw": () =>
    "This tempeh has not been hot. Steam it ten minutes or heat it right through; pasteurised packs that say so may be eaten as they are.",
  nutmeg: ({ aHeadG }) =>
    `${aHeadG.toFixed(1)} g of nutmeg a head: by the teaspoon it makes people ill. A few strokes on the grater are enough.`,
  "raw-animal": (_facts, { temp }) =>
    `Raw meat, fish or egg: its own board and knife, and hot right through (${temp(74)} for poultry, ${temp(71)} for mince, ${temp(63)} for fish). The plans here are made for plants.`,
  alcohol: () =>
    "Some of the alcohol stays, however long it simmers. Leave it out for children and for anyone who avoids it.",
  "cross-contact": ({ who }, { eater }) =>
    `${who.map((a) => `Contains ${ALLERGEN_NAMES[a.allergen]}, which ${eater(a.eater)} must not eat`).join("; ")}. Keep boards, pans, oil and spoons of this part apart from the others.`,
};

/** What a caution says, without its authority. */
export function describeCaution(caution: Caution, { units, foods, eater }: Telling): string {
  const tools: Tools = {
    temp: (tempC) => writeTemp(tempC, units),
    length: (lengthMm) => writeLength(lengthMm, units),
    volume: (ml) => writeVolume(ml, units),
    eater,
    foodName: (food) => foodInText(foods, food),
  };
  // The facts are those of the caution's own rule.
  return (SAYS[caution.rule] as (facts: object, tools: Tools) => string)(caution.facts, tools);
}

/** Every stop in the words that stand beside its step, each once. */
export const describeStops = (cautions: readonly Caution[], telling: Telling): readonly string[] => [
  ...new Set(cautions.filter((c) => c.severity === "stop").map((c) => `Stop. ${describeCaution(c, telling)}`)),
];
