import { brings, factOf, foodSet, holds, is, type Rule } from "./rule";

const RAW_FLOUR = foodSet(
  "wheat-flour",
  "oat-flour",
  "oats",
  "chickpea-flour",
  "rice-flour",
  "buckwheat-flour",
  "quinoa-flour",
);
const DRY_BEANS = foodSet("kidney-beans-dry", "white-beans-dry", "black-beans-dry", "pinto-beans-dry", "chickpeas-dry");
const PULSES = foodSet(...DRY_BEANS, "red-lentils", "green-lentils", "brown-lentils", "black-lentils");
const SEAWEED = foodSet("seaweed-kombu", "seaweed-wakame", "seaweed-nori", "seaweed-hijiki");
const HIJIKI = foodSet("seaweed-hijiki");
const TEMPEH = foodSet("tempeh");
const PEEL = foodSet("banana-peel");
const LECTIN = foodSet("kidney-beans-dry", "white-beans-dry");
export const POTATO = foodSet("potato", "baking-potato");
const COOK_MUSHROOMS = foodSet("enoki", "shiitake", "shiitake-dried");
/** Sold and cooked frozen; kept with the figures of what they are thawed. */
const FROZEN = foodSet("potato-nuggets");
const BANANA = foodSet("banana-peel", "banana-blossom");

/** Foods that ask for care of their own: raw flour, pulses, mushrooms, seaweed, peel. */
export const FOODS_WITH_CARE: readonly Rule[] = [
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
      is(row, "cook", "simmer") && holds(row, PULSES) && (factOf(row, "softened")?.share ?? 1) < 0.9
        ? "By these minutes they are still hard. Bite one before the pot comes off."
        : null,
  },
  {
    id: "from-frozen",
    severity: "warn",
    authority: "common practice; the packet",
    says: (row) =>
      is(row, "bake", "air-fry", "fry", "deep-fry", "layer", "top") && holds(row, FROZEN)
        ? "Frozen pieces: minutes here count from thawed. Give them the packet's, and see that the middle steams."
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
];
