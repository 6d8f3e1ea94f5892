import type { RouteId } from "../dish/dish";
import type { RouteCard } from "./card";

/** The place of each route among those that are in, from 1 on; null is out. */
export type Ranks = ReadonlyMap<RouteId, number | null>;
/** Where the routes stand. */
export function ranksOf(cards: readonly Pick<RouteCard, "id" | "out">[]): Ranks {
  let place = 0;
  return new Map(cards.map(({ id, out }) => [id, out.length > 0 ? null : ++place]));
}

/** Where a route stood before, null where it was out. */
export interface Moved {
  readonly was: number | null;
  readonly is: number;
}
/** Fewer places are those of another route that came or went. */
const LEAST_PLACES = 2;
/** The routes that moved when something was asked otherwise: by two places or more, to the top or from it, or in again. */
export function movedBetween(before: Ranks, after: Ranks): ReadonlyMap<RouteId, Moved> {
  const moved = new Map<RouteId, Moved>();
  for (const [id, is] of after) {
    const was = before.get(id);
    if (is === null || was === undefined || was === is) continue;
    if (was === null || was === 1 || is === 1 || Math.abs(was - is) >= LEAST_PLACES) moved.set(id, { was, is });
  }
  return moved;
}
