import { addStep, type Doing, foodsIn, joins } from "./doing";
import type { Pot } from "./pot";

const LONG_SIMMER_MIN = 40;
/** The meat's own hours: what it is replaced by needs so long in the sauce, minutes. */
export const WITH_ROUTE_MIN = 35;
/** Simmers; the hours that were the meat’s alone are left off. */
export function simmered(d: Doing, pot: Pot, given: number | null): void {
  const { k, clause } = d;
  const meats =
    pot.joining.length > 0 || [...pot.steps.flatMap((s) => s.items)].some((i) => i.is === "pot" && i.pot.meat !== null);
  const slow = foodsIn(d, pot).some((f) => k.isBoiled(f) || f === "potato" || f === "swede");
  const lidOn = clause.covered || (given ?? 0) > LONG_SIMMER_MIN;
  let minutes = Math.min(600, given ?? 5);
  if (meats && minutes > WITH_ROUTE_MIN) {
    if (!slow) minutes = WITH_ROUTE_MIN;
    else if (pot.joining.length > 0) {
      addStep(d, pot, "simmer", { minutes: minutes - WITH_ROUTE_MIN, lid: lidOn });
      minutes = WITH_ROUTE_MIN;
    }
  }
  if (given !== null && minutes < given && !slow)
    k.shortened.set(clause.sentence, { saidMin: given, takenMin: minutes });
  for (const m of pot.joining) m.done = true;
  addStep(d, pot, "simmer", { minutes, lid: lidOn }, joins(d, pot));
  // Milk that was thickened is what a cook calls white sauce.
  const foods = foodsIn(d, pot);
  if (foods.some((f) => /flour|starch/.test(f)) && foods.some((f) => /milk$/.test(f)) && !meats)
    for (const name of ["white sauce", "bechamel"]) pot.called.add(name);
  pot.place = "hob";
  pot.wet = true;
  pot.hot = true;
}
