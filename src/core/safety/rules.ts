import type { Fact, Outcome } from "../process/ledger";
import type { Row } from "../process/replay";
import { moistureOf, totalG } from "../process/contents";
import type { StepKey } from "../process/log";
import type { StepKind } from "../process/step";

/** Show with every caution. */
export const DEFER = "General guidance; follow your local food code and the label.";

export interface Caution {
  readonly rule: string;
  readonly severity: "stop" | "warn";
  readonly step: StepKey;
  readonly says: string;
  readonly authority: string;
}

export type Computed = Extract<Row, { state: "computed" }>;
/** What a rule may look at beside the step itself. */
export interface RuleContext {
  /** The steps of the same part before this one, in order. */
  readonly earlier: readonly Computed[];
  /** Somebody under five eats. */
  readonly smallEaters: boolean;
  /** Foods that somebody at the table avoids, with who and what. */
  readonly avoided: ReadonlyMap<string, string>;
}
interface Rule {
  readonly id: string;
  readonly severity: Caution["severity"];
  readonly authority: string;
  /** The sentence, when the rule is touched. */
  readonly says: (row: Computed, context: RuleContext) => string | null;
}

/** Boundary values pass: exactly two hours is still two hours. */
export const DANGER_ZONE_MIN = 120;
export const DANGER_ZONE_LOW_C = (40 - 32) / 1.8;
export const DANGER_ZONE_HIGH_C = (140 - 32) / 1.8;
/** Food that came this hot begins a new count: 165 °F. */
export const KILLED_C = (165 - 32) / 1.8;
const HOLD_C = (135 - 32) / 1.8;
const MOST_OIL_C = 230;
const PAPER_C = 220;
const LEAST_LIQUID_G = 250;

const set = (...ids: string[]): ReadonlySet<string> => new Set(ids);
const RAW_FLOUR = set(
  "wheat-flour",
  "oat-flour",
  "oats",
  "chickpea-flour",
  "rice-flour",
  "buckwheat-flour",
  "quinoa-flour",
);
const DRY_BEANS = set("kidney-beans-dry", "white-beans-dry", "black-beans-dry", "pinto-beans-dry", "chickpeas-dry");
const PULSES = set(...DRY_BEANS, "red-lentils", "green-lentils", "brown-lentils", "black-lentils");
const RICE = set("rice-white", "rice-brown", "rice-cooked");
const SEAWEED = set("seaweed-kombu", "seaweed-wakame", "seaweed-nori", "seaweed-hijiki");
const HIJIKI = set("seaweed-hijiki");
const TEMPEH = set("tempeh");
const PEEL = set("banana-peel");
const GARLIC = set("garlic");
const LECTIN = set("kidney-beans-dry", "white-beans-dry");
const HARD = set("squash-whole", "butternut", "celeriac", "swede");
const HOT_CHILLI = set("chilli", "chilli-flakes");
const POTATO = set("potato", "baking-potato");
const NUTS_WHOLE = set("walnuts", "cashews", "pecans", "almonds", "hazelnuts");
const COOK_MUSHROOMS = set("enoki", "shiitake", "shiitake-dried");
const BANANA = set("banana-peel", "banana-blossom");
const ALCOHOL = set("wine-white", "wine-red", "beer");

const holds = (row: Computed, foods: ReadonlySet<string>): boolean =>
  row.outcome.after.batch.solids.foods.some((food) => foods.has(food));
const brings = (row: Computed, foods: ReadonlySet<string>) =>
  row.outcome.came.some((c) => c.from === "food" && foods.has(c.food));
const is = (row: Computed, ...kinds: StepKind[]) => kinds.includes(row.step.kind);
const waitMin = ({ outcome }: { outcome: Outcome }) =>
  outcome.phases.reduce((m, p) => (p.kind === "wait" ? m + p.minutes : m), 0);
const cold = (row: Computed) => row.outcome.needs.some((n) => n.kind === "fridge" || n.kind === "freezer");
const heated = (row: Computed) =>
  row.outcome.needs.some((n) => n.kind === "oven" || n.kind === "burner" || n.kind === "machine");
const factOf = <K extends Fact["kind"]>(row: Computed, kind: K) =>
  row.outcome.facts.find((f): f is Extract<Fact, { kind: K }> => f.kind === kind);
const hot = (row: Computed) => row.outcome.after.batch.tempC >= KILLED_C;

/** Minutes that wet food has stood unchilled below 60 °C since it was last hot right through. */
function warmMinutes(row: Computed, { earlier }: RuleContext): number {
  let minutes = 0;
  for (const one of [...earlier, row]) {
    if (hot(one)) minutes = 0;
    const wet = one.outcome.after.batch.waterG > 0.15 * totalG(one.outcome.after.batch);
    if (!wet || cold(one) || heated(one)) continue;
    if (one.outcome.after.batch.tempC <= DANGER_ZONE_HIGH_C) minutes += waitMin(one);
  }
  return minutes;
}

/**
 * Rules warn or stop; they never change an amount. Limits are quoted from memory of the authorities named: the
 * reader is always sent to the local food code and the label.
 */
export const RULES: readonly Rule[] = [
  {
    id: "danger-zone",
    severity: "stop",
    authority: "USDA FSIS, 40–140 °F rule",
    says: (row, context) =>
      waitMin(row) > 0 && !cold(row) && !heated(row) && !hot(row) && warmMinutes(row, context) > DANGER_ZONE_MIN
        ? "This stands between 4 and 60 °C for more than 2 hours in all. Put it in the fridge, or make it shorter."
        : null,
  },
  {
    id: "hot-oil",
    severity: "warn",
    authority: "fire-safety bodies",
    says: (row) =>
      is(row, "sear", "fry", "deep-fry")
        ? "Hot oil: pat the pieces dry, lower them away from you, keep a lid within reach and never put water on burning oil."
        : null,
  },
  {
    id: "oil-too-hot",
    severity: "stop",
    authority: "fire-safety bodies, from memory",
    says: (row) =>
      row.step.kind === "deep-fry" && row.step.oilC > MOST_OIL_C - 20
        ? "Oil this hot smokes and can catch fire. Stay at 175–190 °C."
        : null,
  },
  {
    id: "oil-line",
    severity: "stop",
    authority: "common practice: oil to half the pot",
    says: (row) =>
      is(row, "deep-fry") && (factOf(row, "fill")?.share ?? 0) > 1
        ? "The oil stands above half of the pot and boils over when food goes in. Take a deeper pot or less oil."
        : null,
  },
  {
    id: "boiling-water",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      is(row, "boil", "blanch") ||
      (row.step.kind === "cook" && !row.step.pressure) ||
      (row.step.kind === "soak" && row.step.waterC >= 80)
        ? "Boiling water: clear the way to the sink before you lift, and pour away from you."
        : null,
  },
  {
    id: "hot-squeeze",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      is(row, "squeeze") && row.before.batch.tempC > 48
        ? `About ${Math.round(row.before.batch.tempC)} °C inside: rinse cold first or use a cloth and tongs.`
        : null,
  },
  {
    id: "raw-flour",
    severity: "warn",
    authority: "FDA, raw flour advice",
    says: (row) =>
      is(row, "bind", "batter") && holds(row, RAW_FLOUR)
        ? "Don't taste this mix: raw flour can carry germs. Fry a small piece and taste that."
        : null,
  },
  {
    id: "core",
    severity: "stop",
    authority: "FDA Food Code 3-401, with a margin",
    says: (row) =>
      "coreC" in row.step && row.step.coreC !== null && !is(row, "reheat") && row.step.coreC < 74
        ? "The middle is planned below 74 °C. Raise the core temperature."
        : null,
  },
  {
    id: "core-short",
    severity: "stop",
    authority: "FDA Food Code 3-401, with a margin",
    says: (row) => {
      const short = factOf(row, "core-short");
      return short
        ? `The minutes are too few: the middle needs about ${Math.round(short.neededMin)} min to reach ${Math.round(short.coreC)} °C. Give it longer, make it thinner, or test it with a thermometer.`
        : null;
    },
  },
  {
    id: "hot-hold",
    severity: "stop",
    authority: "FDA Food Code 3-501.16",
    says: (row) =>
      row.step.kind === "hold" && row.step.holdC < HOLD_C ? "Hold hot food at 57 °C or more, 60 °C at home." : null,
  },
  {
    id: "reheat",
    severity: "stop",
    authority: "USDA FSIS; Food Code 3-403.11",
    says: (row) =>
      row.step.kind === "reheat" && row.step.coreC < 74 ? "Reheat to 74 °C right through, steaming." : null,
  },
  {
    id: "cooling",
    severity: "stop",
    authority: "FDA Food Code 3-501.14",
    says: (row, { earlier }) => {
      const last = is(row, "store") ? earlier.findLast((e) => is(e, "cool")) : row;
      const cooled = last && factOf(last, "cooled");
      const hotIntoStore = is(row, "store") && !cooled && row.before.batch.tempC > DANGER_ZONE_HIGH_C;
      // A short cooling before the next step is no cooling for the fridge: only long ones and stores are held to it.
      const counts = is(row, "store") || (row.step.kind === "cool" && row.step.minutes >= DANGER_ZONE_MIN);
      const slow = cooled && (cooled.hoursTo21 === null || cooled.hoursTo21 > 2 || (cooled.hoursTo5 ?? 0) > 6);
      return hotIntoStore || (counts && slow)
        ? "It cools too slowly: from 57 to 21 °C within 2 hours, to 5 °C within 6. Spread it at most 5 cm deep, set it in ice water, or divide it."
        : null;
    },
  },
  {
    id: "fridge-days",
    severity: "warn",
    authority: "USDA FSIS, leftovers 3–4 days",
    says: (row) =>
      row.step.kind === "rest" && row.step.where === "fridge" && row.step.minutes > 24 * 60
        ? "More than a day in the fridge: keep it at 4 °C or below and cook it within 3 days."
        : null,
  },
  {
    id: "kept-too-long",
    severity: "stop",
    authority: "USDA FSIS, leftovers 3–4 days",
    says: (row) =>
      row.step.kind === "store" && row.step.where === "fridge" && row.step.days > 4
        ? "Cooked food keeps 3–4 days at 4 °C. Freeze what is not eaten by then."
        : null,
  },
  {
    id: "cooked-rice",
    severity: "warn",
    authority: "UK FSA; FSIS allows longer, the stricter is taken",
    says: (row) =>
      is(row, "cool", "store", "stand") && holds(row, RICE)
        ? "Cooked rice: cool it within an hour, at most one day in the fridge, reheat it once, steaming."
        : null,
  },
  {
    id: "cooked-rice-days",
    severity: "stop",
    authority: "UK FSA",
    says: (row) =>
      row.step.kind === "store" && row.step.where === "fridge" && row.step.days > 1 && holds(row, RICE)
        ? "Cooked rice keeps one day in the fridge: its spores survive cooking. Freeze it instead."
        : null,
  },
  {
    id: "foil-potato",
    severity: "warn",
    authority: "FDA / CDC, botulism",
    says: (row) =>
      row.step.kind === "bake" && row.step.cover === "foil" && holds(row, POTATO)
        ? "Potatoes baked in foil: unwrap them as soon as they are out; keep them above 57 °C or chill within 2 hours."
        : null,
  },
  {
    id: "seaweed-iodine",
    severity: "warn",
    authority: "EFSA; UK FSA",
    says: (row) =>
      brings(row, SEAWEED)
        ? "Seaweeds hold very different amounts of iodine, brown ones the most: use a little, lift kombu out, and leave it out for whoever has thyroid trouble."
        : null,
  },
  {
    id: "hijiki",
    severity: "stop",
    authority: "UK FSA",
    says: (row) => (brings(row, HIJIKI) ? "Hijiki holds inorganic arsenic. Take another seaweed." : null),
  },
  {
    id: "kidney-lectin",
    severity: "warn",
    authority: "FDA Bad Bug Book",
    says: (row) =>
      is(row, "soak", "cook") && holds(row, LECTIN)
        ? "Kidney beans: soak 5 hours or more, throw that water away, then a rolling boil in fresh water for at least 10 minutes (FDA suggests 30) before anything gentler."
        : null,
  },
  {
    id: "raw-pulses",
    severity: "stop",
    authority: "FDA Bad Bug Book",
    says: (row) =>
      is(row, "pulse", "mash", "bind", "shape", "fry", "bake", "air-fry", "deep-fry", "hold", "layer", "serve") &&
      row.outcome.after.marks.includes("raw-beans")
        ? "These beans were never boiled for ten minutes: raw or gently warmed they make ill. Cook them first."
        : null,
  },
  {
    id: "pulses-underdone",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      is(row, "cook") && holds(row, PULSES) && (factOf(row, "softened")?.share ?? 1) < 0.9
        ? "By these minutes they are still hard. Bite one before the pot comes off."
        : null,
  },
  {
    id: "mushrooms-raw",
    severity: "warn",
    authority: "FDA / CDC (Listeria in enoki; rash from raw shiitake)",
    says: (row) =>
      brings(row, COOK_MUSHROOMS)
        ? "Cook these mushrooms right through: enoki has carried Listeria, raw shiitake can bring a rash."
        : null,
  },
  {
    id: "mushrooms-served-raw",
    severity: "stop",
    authority: "FDA / CDC",
    says: (row) =>
      is(row, "serve") && row.outcome.after.marks.includes("raw-mushrooms")
        ? "These mushrooms have not been cooked. Not raw."
        : null,
  },
  {
    id: "tempeh",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      brings(row, TEMPEH)
        ? "Tempeh: steam 10 minutes or heat it to 74 °C. White, grey and black spots are fine; pink, slime or ammonia is not."
        : null,
  },
  {
    id: "hot-blender",
    severity: "warn",
    authority: "common practice; makers' manuals",
    says: (row) =>
      row.step.kind === "pulse" && row.step.to === "smooth" && row.outcome.after.batch.tempC > 60
        ? "Hot liquid in a closed blender bursts out: fill it a third, leave the lid vented under a cloth, begin slowly."
        : null,
  },
  {
    id: "machine-line",
    severity: "warn",
    authority: "common practice: bowls to two thirds",
    says: (row) => {
      const loads = is(row, "pulse") ? (factOf(row, "batches")?.count ?? 1) : 1;
      return loads > 1 ? `All at once would be over the bowl's two-thirds line. Make it in ${loads} loads.` : null;
    },
  },
  {
    id: "pressure-fill",
    severity: "stop",
    authority: "makers' manuals; extension services",
    says: (row) =>
      row.step.kind === "cook" && row.step.pressure && (factOf(row, "fill")?.share ?? 0) > 1
        ? "Over the line: two thirds at most, half for beans and grains that foam. Cook it in two goes."
        : null,
  },
  {
    id: "pressure-liquid",
    severity: "stop",
    authority: "makers' manuals",
    says: (row) =>
      row.step.kind === "cook" &&
      row.step.pressure &&
      row.outcome.came.reduce((g, c) => g + c.contents.waterG, row.before.bath?.waterG ?? 0) < LEAST_LIQUID_G
        ? "Too little liquid for a pressure cooker: at least 250 mL, or what your manual says."
        : null,
  },
  {
    id: "hard-squash",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      is(row, "cut", "slice") && (brings(row, HARD) || holds(row, HARD))
        ? "Hard under the knife: cut a flat side first, lay it on that, push down with the heel of a large knife, fingers away."
        : null,
  },
  {
    id: "chilli-hands",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      is(row, "cut", "pulse") && (brings(row, HOT_CHILLI) || (is(row, "cut") && holds(row, HOT_CHILLI)))
        ? "Chilli stays on fingers: wear gloves or wash with oil and soap before you touch eyes."
        : null,
  },
  {
    id: "choking",
    severity: "warn",
    authority: "AAP and NHS advice on choking shapes",
    says: (row, { smallEaters }) => {
      if (!smallEaters) return null;
      const pieces = factOf(row, "pieces")?.pieces;
      const round = pieces && (pieces.form === "ball" || pieces.form === "log") && pieces.diameterMm < 40;
      return round || (is(row, "top", "serve", "weigh") && brings(row, NUTS_WHOLE))
        ? "A small child eats: quarter round pieces lengthwise, grind whole nuts."
        : null;
    },
  },
  {
    id: "swollen-pack",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      is(row, "freeze")
        ? "A pack swells as it freezes: that is ice. One that was swollen before it went in is spoilt, throw it away."
        : null,
  },
  {
    id: "thaw",
    severity: "warn",
    authority: "USDA FSIS, safe thawing",
    says: (row) =>
      row.step.kind !== "thaw"
        ? null
        : row.step.how === "fridge"
          ? "Thaw in the fridge, never on the counter."
          : "Cold water: in a leak-proof bag, water changed every half hour, and cook it at once.",
  },
  {
    id: "banana-peel",
    severity: "warn",
    authority: "common practice; allergology (latex–fruit syndrome)",
    says: (row) =>
      brings(row, BANANA)
        ? `${brings(row, PEEL) ? "Scrub the peel, best of untreated fruit. " : ""}Who reacts to latex may react to banana as well: ask.`
        : null,
  },
  {
    id: "green-potato",
    severity: "warn",
    authority: "BfR and FSA advice on glycoalkaloids",
    says: (row) =>
      brings(row, POTATO) ? "Cut green spots and sprouts away; a potato that is green all over goes out." : null,
  },
  {
    id: "alcohol",
    severity: "warn",
    authority: "USDA Table of Nutrient Retention Factors",
    says: (row) =>
      brings(row, ALCOHOL)
        ? "Some of the alcohol stays, however long it simmers. Leave it out for children and for whoever avoids it."
        : null,
  },
  {
    id: "cross-contact",
    severity: "warn",
    authority: "EU Regulation 1169/2011; FALCPA 2004, FASTER 2021",
    says: (row, { avoided }) => {
      if (avoided.size === 0) return null;
      const said = new Set<string>();
      for (const came of row.outcome.came) {
        const who = came.from === "food" ? avoided.get(came.food) : undefined;
        if (who !== undefined) said.add(who);
      }
      return said.size > 0
        ? `${[...said].join("; ")}. Keep boards, pans, oil and spoons of this part apart from the others.`
        : null;
    },
  },
  {
    id: "garlic-in-oil",
    severity: "stop",
    authority: "NCHFP and extension services",
    says: (row) =>
      row.step.kind === "store" &&
      row.step.where === "fridge" &&
      row.step.days > 4 &&
      holds(row, GARLIC) &&
      row.outcome.after.batch.oilG > 0.2 * totalG(row.outcome.after.batch)
        ? "Garlic in oil: at most 4 days at 4 °C, else freeze it (botulism)."
        : null,
  },
  {
    id: "paper-in-the-oven",
    severity: "warn",
    authority: "makers' packets, usually 220 °C",
    says: (row) =>
      row.step.kind === "bake" && row.step.cover === "parchment" && row.step.ovenC > PAPER_C
        ? "Baking paper browns and burns above 220 °C. Check its packet or bake without."
        : null,
  },
  {
    id: "tin-full",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      is(row, "layer") && (factOf(row, "fill")?.share ?? 0) > 0.95
        ? "The tin is full to its rim and will boil over. Take a larger one, or set a tray under it."
        : null,
  },
  {
    id: "pot-full",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      row.step.kind === "cook" && !row.step.pressure && (factOf(row, "fill")?.share ?? 0) > 1
        ? "The pot is too full for this. Take a larger one or cook in two goes."
        : null,
  },
  {
    id: "wet-into-oil",
    severity: "warn",
    authority: "common practice",
    says: (row) =>
      is(row, "sear") && moistureOf(row.before.batch) > 2.2
        ? "Very wet for hot oil: it will spit. Squeeze or pat it drier."
        : null,
  },
];

/** All cautions of the parts' rows, in the order of steps; rules see what went before in the same part. */
export function cautionsFor(
  parts: readonly (readonly Row[])[],
  who: Pick<RuleContext, "smallEaters" | "avoided">,
): Caution[] {
  const cautions: Caution[] = [];
  for (const rows of parts) {
    const earlier: Computed[] = [];
    for (const row of rows) {
      if (row.state !== "computed") continue;
      const context = { ...who, earlier };
      for (const rule of RULES) {
        const says = rule.says(row, context);
        if (says !== null)
          cautions.push({ rule: rule.id, severity: rule.severity, step: row.key, says, authority: rule.authority });
      }
      earlier.push(row);
    }
  }
  return cautions;
}
