import { freeId } from "../dish/edit";
import type { Dish, Part } from "../dish/dish";
import type { MeatForm } from "../dish/meat";
import type { Food } from "../foods/food";
import type { Line } from "../process/step";
import type { Step } from "../process/registry";
import { dishFor, isShapedAs } from "./build";
import { grainChains, grainPart } from "./grainWays";
import { ROUTES } from "./routeTable";
import type { Route } from "./routes";

/** A usual chain of steps for a food: a route, and the form that it is given by hand, if any. */
export interface Chain {
  readonly route: string;
  /** As the part is called. */
  readonly name: string;
  readonly how: string;
  /** A form that the hands give it; null where the food keeps its own. */
  readonly form: MeatForm | null;
}

/** The usual chains of a food, or of the food that an own one is like. */
export function chainsFor(food: Pick<Food, "id" | "like">): readonly Chain[] {
  const grains = [food.id, food.like ?? ""].flatMap(grainChains);
  const routes = ROUTES.filter((route) => route.food === food.id || route.food === food.like).flatMap((route) => {
    const chain = { route: route.id, name: route.name, how: route.how };
    const shaped = route.forms.filter((form) => isShapedAs(route, form));
    const plain: Chain[] = shaped.length === route.forms.length ? [] : [{ ...chain, form: null }];
    return [...plain, ...shaped.map((form) => ({ ...chain, form }))];
  });
  return [...grains, ...routes];
}

/**
 * The parts that a chain makes of a food: its own, and the batter that it may need, with ids that are free in the dish.
 *
 * @param massG of the food, as it is bought, for the dish's servings
 * @returns nothing for a chain that nobody knows
 */
export function partsFromChain(
  dish: Dish,
  chain: Chain,
  { id: food, like, name }: Pick<Food, "id" | "like" | "name">,
  massG: number,
): readonly Part[] {
  const { route: id, form } = chain;
  const grain = grainPart(dish, chain, { food, kin: like ?? food, name }, massG);
  if (grain !== null) return [grain];
  const route = ROUTES.find((r) => r.id === id);
  if (route === undefined) return [];
  const made = dishFor(
    route,
    {
      form: form ?? plainForm(route),
      kind: route.kinds?.[0] ?? "beef",
      setting: "dry",
      mainG: massG,
      servings: dish.servings,
      words: "",
      rawG: null,
      instead: food === route.food ? new Map() : new Map([[route.food, [[food, 1]]]]),
      saltShare: 1,
      lies: [],
      loafG: null,
    },
    "chain",
  );
  return withFreeIds(dish, made.parts);
}
const plainForm = (route: Route): MeatForm =>
  route.forms.find((form) => !isShapedAs(route, form)) ?? (route.forms[0] as MeatForm);

/** The same parts under ids that are free in a dish; what they take from each other follows. */
function withFreeIds(dish: Dish, parts: readonly Part[]): Part[] {
  let filled = dish;
  const partIds = new Map<string, string>();
  for (const part of parts) {
    const id = freeId(filled, part.id);
    partIds.set(part.id, id);
    filled = { ...filled, parts: [...filled.parts, { ...part, id, steps: [] }] };
  }
  const stepIds = new Map(
    parts.flatMap((p) => p.steps.map((s, i) => [s.id, `${partIds.get(p.id)}-${s.kind}-${i + 1}`] as const)),
  );
  const line = (l: Line): Line => {
    if (l.kind === "part") return { ...l, part: partIds.get(l.part) ?? l.part };
    return l.kind === "liquor" ? { ...l, step: stepIds.get(l.step) ?? l.step } : l;
  };
  return parts.map((p) => ({
    ...p,
    id: partIds.get(p.id) ?? p.id,
    steps: p.steps.map((s) => ({ ...s, id: stepIds.get(s.id) ?? s.id, adds: s.adds.map(line) }) as Step),
  }));
}
