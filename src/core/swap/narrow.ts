import type { Gap } from "../bite/rank";
import type { Setting } from "../bite/targets";
import type { FoodId } from "../foods/food";
import type { Route } from "./routes";

/** Something that brings a route nearer to the meat's bite (common practice); its words and price stand in `words`. */
export type Narrowing =
  "squeeze-less" | "sear-last" | "cover" | "freeze-first" | "bind-more" | "tear" | "press-longer" | "sauce";

const TEARS: ReadonlySet<FoodId> = new Set([
  "tofu-firm",
  "king-oyster",
  "oyster-mushrooms",
  "gluten",
  "jackfruit-young",
]);

/** What could be done about a gap in this route; null where nothing usual helps, or it is done already. */
export function narrowing({ attribute, by }: Gap, route: Route, setting: Setting): Narrowing | null {
  const has = (...kinds: string[]) => route.steps.some((s) => kinds.includes(s.kind));
  const short = by < 0;
  switch (attribute) {
    case "juice":
      if (!short) return null;
      return has("squeeze") ? "squeeze-less" : setting === "sauce" ? null : "sauce";
    case "crisp":
      if (!short) return "cover";
      return has("sear", "fry", "deep-fry", "griddle") ? null : "sear-last";
    case "spring":
      return short && route.food === "tofu-firm" && !has("freeze", "bind") ? "freeze-first" : null;
    case "hold":
      return short && has("bind") ? "bind-more" : null;
    case "strands":
      return short && TEARS.has(route.food) && !route.steps.some((s) => s.with.how === "shred" || s.with.how === "tear")
        ? "tear"
        : null;
    case "firm":
      return short && has("press") ? "press-longer" : null;
    case "chew":
    case "flakes":
      return null;
  }
}
