import { saltADayG } from "../household/people";
import { ALCOHOLIC } from "./diets";
import { NO_FACTS, brings, factOf, foodSet, holds, is, rule, type Rule, when } from "./rule";

const HOT_CHILLI = foodSet(
  "chilli",
  "jalapeno",
  "birds-eye-chilli",
  "scotch-bonnet",
  "chilli-dried-hot",
  "chilli-flakes",
);
const NUTS_WHOLE = foodSet(
  "walnuts",
  "cashews",
  "pecans",
  "almonds",
  "hazelnuts",
  "peanuts",
  "pistachios",
  "brazil-nuts",
  "macadamias",
  "chestnuts",
);
/** Small and round as they come. */
const ROUND = foodSet("olives", "chestnuts");
/** Cut across they make coins. */
const COINS = foodSet("plant-sausages", "sausages");
const DRIED_FRUIT = foodSet("raisins", "cranberries-dried");
const HARD_RAW = foodSet("carrot", "apple", "celery", "celeriac");
/** What was this hot has gone soft; grated it is no lump (rules of thumb). */
const SOFT_FROM_C = 80;
const GRATED_MM = 5;
/** A supper of three quarters of a day's salt leaves next to none for the rest (this house’s line; the day’s salt is NHS). */
const SALT_SHARE = 0.75;
const ALCOHOL = foodSet(...ALCOHOLIC, "vanilla");

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
      const { after } = row.outcome;
      const pieces = factOf(row, "pieces")?.pieces;
      if (pieces !== undefined && (pieces.form === "ball" || pieces.form === "log") && pieces.diameterMm < 40)
        return { what: "round" };
      if (is(row, "top", "serve", "weigh") && brings(row, NUTS_WHOLE, context)) return { what: "nuts" };
      if (brings(row, ROUND, context) && !is(row, "pulse", "mash", "cut")) return { what: "round" };
      // Coins of a sausage, soft or not, are as wide as a small throat; a carrot goes soft, and is asked below.
      if (is(row, "cut", "slice") && brings(row, COINS, context) && (row.outcome.after.cutMm ?? 0) > GRATED_MM)
        return { what: "round" };
      if (!context.last) return null;
      const ground = [...context.earlier, row].some((r) => is(r, "pulse", "mash"));
      if (!ground && holds(row, NUTS_WHOLE, context)) return { what: "nuts" };
      if (!ground && holds(row, DRIED_FRUIT, context)) return { what: "dried-fruit" };
      // Cooked soft or grated they are no such shape.
      const raw = !ground && after.batch.tempC < SOFT_FROM_C && (after.cutMm === null || after.cutMm > GRATED_MM);
      const cooked = context.earlier.some((r) => r.outcome.after.batch.tempC >= SOFT_FROM_C);
      return when(raw && !cooked && holds(row, HARD_RAW, context), { what: "raw" as const });
    },
  }),
  rule({
    id: "salt-a-day",
    severity: "warn",
    authority: "NHS, salt by age, from memory; where no age was said, that of an adult",
    touches: (_row, { closing, eating, saltG }) => {
      if (!closing || saltG === null) return null;
      const who = eating.flatMap((e) => {
        const dayG = saltADayG(e);
        return saltG > SALT_SHARE * dayG ? [{ eater: e.id, dayG }] : [];
      });
      return when(who.length > 0, { saltG, who });
    },
  }),
  rule({
    id: "lupin-peanut",
    severity: "warn",
    authority: "EFSA; allergology (lupin and peanut cross-react)",
    touches: (row, { eating, food }) => {
      const eater = eating.find((e) => e.avoids.includes("peanut") && !e.avoids.includes("lupin"));
      const lupin = row.outcome.inputs.some((c) => c.from === "food" && food(c.food)?.allergens.lupin === "contains");
      return eater !== undefined && lupin ? { eater: eater.id } : null;
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
