import { distance } from "../bite/rank";
import { biteOf, targetOf } from "../bite/targets";
import { headCount, type RouteId, type Supper } from "../dish/dish";
import { editDish } from "../dish/edit";
import { openBook } from "../foods/book";
import type { FoodId } from "../foods/food";
import { type Plan, plan, type PlanInput, type PlanTools } from "../plan";
import type { DishId, PartId } from "../process/step";
import { dishFor } from "./build";
import { exchangesFor, foodsOfRoute } from "./instead";
import { inPlaceOf, ownBatters } from "./inPlace";
import type { Route } from "./routes";
import { ROUTES } from "./routeTable";

/** A part that was made by one route, made by another one for as much on the plate; everything else of the dish stays. */
export interface AnotherRoute {
  readonly dish: DishId;
  readonly part: PartId;
  readonly route: RouteId;
  readonly name: string;
  /** Its main food as it is bought, for those who eat. */
  readonly food: FoodId;
  readonly massG: number;
  /** Points of bite further from the meat's than before; below 0 nearer. */
  readonly points: number;
  readonly supper: Supper;
}

/** The first plan is made with so much, and the next with what comes to the same on the plate. */
const TRIAL_G = 300;
const LOOKS = 2;
/** Of each part so many are planned, those whose food lies ready and the nearest in bite first. */
const MOST_TRIED = 6;

/**
 * Parts by another route that can be done in the time there is. A part that other parts were put into, or whose liquor is used, stays as
 * it is. What anyone at the table cannot eat, or has to ask about where nothing was asked, is left out.
 *
 * @param isInTime whether a plan can be done at all
 */
export function* anotherRoutes(
  input: PlanInput,
  before: Plan,
  isInTime: (planned: Plan) => boolean,
  tools: PlanTools = {},
): Generator<AnotherRoute> {
  const book = openBook(input);
  const { supper } = input;
  for (const dish of supper.dishes)
    for (const part of dish.parts) {
      if (part.route === null || ownBatters(dish, part) === null) continue;
      const { form, kind, id } = part.route;
      const aim = targetOf(form, kind);
      const endG = endOf(before, dish.id, part.id);
      if (aim === null || endG === null) continue;
      const far = (route: Route) => distance(biteOf(route.bite), aim);
      const now = ROUTES.find((r) => r.id === id);
      const lies = (route: Route) => supper.atHand.flatMap((a) => (a.food === route.food ? [a.state] : []));
      const others = ROUTES.filter(
        (r) => r.id !== id && r.forms.includes(form) && (r.kinds === null || r.kinds.includes(kind)),
      ).sort((a, b) => Number(lies(b).length > 0) - Number(lies(a).length > 0) || far(a) - far(b));
      for (const route of others.slice(0, MOST_TRIED)) {
        const changes = exchangesFor(route, input, book, foodsOfRoute(route));
        const made = (mainG: number) =>
          editDish(supper, dish.id, (d) =>
            inPlaceOf(
              d,
              part,
              dishFor(
                route,
                {
                  form,
                  kind,
                  setting: "dry",
                  mainG,
                  servings: dish.servings,
                  words: "",
                  rawG: null,
                  instead: changes.instead,
                  saltShare: changes.saltShare,
                  lies: lies(route),
                  loafG: null,
                },
                d.id,
              ),
            ),
          );
        // A supper's dish is for its own servings; the route is made for those who eat.
        const toDish = dish.servings / Math.max(1, headCount(supper));
        let mainG = TRIAL_G * toDish;
        let tried = made(mainG);
        let planned = plan({ ...input, supper: tried }, tools);
        for (let look = 0; look < LOOKS && isInTime(planned); look++) {
          const share = endG / (endOf(planned, dish.id, part.id) ?? NaN);
          if (!Number.isFinite(share)) break;
          mainG = Math.max(1, Math.round(mainG * share));
          tried = made(mainG);
          planned = plan({ ...input, supper: tried }, tools);
        }
        if (endOf(planned, dish.id, part.id) === null || !isInTime(planned) || !isEatenByAll(planned, before)) continue;
        yield {
          dish: dish.id,
          part: part.id,
          route: route.id,
          name: route.name,
          food: route.food,
          massG: mainG / toDish,
          points: now === undefined ? 0 : far(route) - far(now),
          supper: tried,
        };
      }
    }
}

const endOf = ({ dishes }: Plan, dish: DishId, part: PartId): number | null =>
  dishes.find((d) => d.id === dish)?.parts.find((p) => p.id === part)?.endG ?? null;
/** Nobody has more to ask, and nobody must leave out what they could eat before. */
function isEatenByAll(planned: Plan, before: Plan): boolean {
  const open = ({ verdicts, diets }: Plan) => [
    ...verdicts.filter((v) => v.verdict !== "clear").map((v) => `${v.eater} ${v.allergen} ${v.verdict}`),
    ...diets.filter((d) => d.verdict !== "fits").map((d) => `${d.eater} ${d.diet}`),
  ];
  const known = new Set(open(before));
  return open(planned).every((o) => known.has(o));
}
