import { brings, factOf, foodSet, holds, is, type Rule } from "./rule";

const HOT_CHILLI = foodSet("chilli", "chilli-flakes");
const NUTS_WHOLE = foodSet("walnuts", "cashews", "pecans", "almonds", "hazelnuts");
const ALCOHOL = foodSet("wine-white", "wine-red", "beer");

/** Who eats and who cooks: allergens, small children, alcohol, hands. */
export const PEOPLE: readonly Rule[] = [
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
];
