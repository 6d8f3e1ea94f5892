import { addStep, type Doing, named, told, workedOn } from "./doing";
import { namesOf, pourOff } from "./kept";
import { isEmpty, linesIn, type Pot } from "./pot";

/** Takes pieces and liquid of a pot apart: one goes on in the pot, the other can be taken again. */
export function strained(d: Doing, pot: Pot, keep: "liquid" | "pieces"): void {
  const { k } = d;
  addStep(d, pot, "strain", { keep });
  const of = pot.steps.at(-1);
  if (of === undefined) return;
  const pieces = [...linesIn(pot)].filter((l) =>
    k.line(l).foods.some((f) => !k.isLiquid(f) && f !== "water" && k.groupOf(f) !== "fat"),
  );
  if (keep === "liquid") {
    k.keep({ of, massG: k.massIn(pot) * SOLID_SHARE, lines: pieces, is: "pieces" }, ["solid", "strained vegetable"]);
    for (const name of ["stock", "broth", "liquid", "strained stock"]) pot.called.add(name);
  } else {
    k.keep({ of, massG: k.massIn(pot) * (1 - SOLID_SHARE), lines: [], is: "liquid" }, namesOf(k, pot, true));
    pot.wet = false;
  }
  k.here = pot;
}
/** Of a broth about so much is pieces (rule of thumb). */
const SOLID_SHARE = 0.3;
/** "Strain the stock into a clean pan", "strain the lentils"; flour is sieved without a step. */
export function strains(d: Doing): void {
  const { clause } = d;
  const objects = named(d, "object");
  if (objects.length > 0 && objects.every((m) => m.is === "line")) return told(d, "no-cooking");
  const pot = workedOn(d);
  if (pot === null || isEmpty(pot) || pot.meat !== null) return told(d, "no-cooking");
  if (pot.waiting.length > 0) addStep(d, pot, pot.steps.length === 0 ? "weigh" : "season");
  // "Strain the lentils": a line of the list that is no liquid.
  const words = new Set(clause.words.filter((w) => w.role === "object").map((w) => w.singular));
  const isOfPieces = [...linesIn(pot)].some(
    (l) =>
      d.k.line(l).names.some((n) => words.has(n.at(-1) ?? "")) &&
      d.k.line(l).foods.some((f) => !d.k.isLiquid(f) && f !== "water"),
  );
  if (pot.bathed) {
    pourOff(d.k, pot);
    return told(d, "steps");
  }
  if (!pot.wet) return told(d, "no-cooking");
  strained(d, pot, isOfPieces ? "pieces" : "liquid");
}
