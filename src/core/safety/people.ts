import { NO_FACTS, brings, factOf, foodSet, holds, is, rule, type Rule, when } from "./rule";

const HOT_CHILLI = foodSet("chilli", "chilli-flakes");
const NUTS_WHOLE = foodSet("walnuts", "cashews", "pecans", "almonds", "hazelnuts");
const ALCOHOL = foodSet("wine-white", "wine-red", "beer");

/** Who eats and who cooks: allergens, small children, alcohol, hands. */
export const PEOPLE: readonly Rule[] = [
  rule({
    id: "chilli-hands",
    severity: "warn",
    authority: "common practice",
    touches: (row, context) =>
      when(
        is(row, "cut", "pulse") &&
          (brings(row, HOT_CHILLI, context) || (is(row, "cut") && holds(row, HOT_CHILLI, context))),
        NO_FACTS,
      ),
  }),
  rule({
    id: "choking",
    severity: "warn",
    authority: "AAP and NHS advice on choking shapes",
    touches: (row, context) => {
      if (!context.smallEaters) return null;
      const pieces = factOf(row, "pieces")?.pieces;
      const round = pieces !== undefined && (pieces.form === "ball" || pieces.form === "log") && pieces.diameterMm < 40;
      return when(round || (is(row, "top", "serve", "weigh") && brings(row, NUTS_WHOLE, context)), NO_FACTS);
    },
  }),
  rule({
    id: "alcohol",
    severity: "warn",
    authority: "USDA Table of Nutrient Retention Factors",
    touches: (row, context) => when(brings(row, ALCOHOL, context), NO_FACTS),
  }),
  rule({
    id: "cross-contact",
    severity: "warn",
    authority: "EU Regulation 1169/2011; FALCPA 2004, FASTER 2021",
    touches: (row, { avoided }) => {
      if (avoided.size === 0) return null;
      const who = row.outcome.inputs.flatMap((came) => (came.from === "food" ? (avoided.get(came.food) ?? []) : []));
      const once = who.filter((a, i) => who.findIndex((b) => b.eater === a.eater && b.allergen === a.allergen) === i);
      return when(once.length > 0, { who: once });
    },
  }),
];
