import type { RouteId } from "../dish/dish";
import { scheduleQuestion } from "../schedule/question";
import { schedule } from "../schedule/schedule";
import type { Answer, Table } from "./answer";

/** When a route has to begin, as the Clock of this kitchen has it: minutes before dinner; null where it fits in no way. */
export interface Start {
  readonly id: RouteId;
  readonly beforeMin: number | null;
}
/** So many routes are put on the clock: those that are read first. */
const FIRST = 6;
/** A tenth of the Clock's own budget: enough for one dish, and six of them are asked at once. */
const NODES = 6000;

/**
 * The latest beginnings of the first routes that are in, one after the other, in hours when somebody is at home and awake. What
 * else is cooked for the same supper may push them earlier.
 *
 * @param answers in their order
 */
export function* startsOf(answers: readonly Answer[], table: Table): Generator<Start> {
  for (const { route, plan } of answers.filter((a) => a.out.length === 0).slice(0, FIRST)) {
    const question = scheduleQuestion(plan, table.kitchen, table.supper.serveAt);
    const found = schedule({ ...question, nodes: NODES });
    yield { id: route.id, beforeMin: found.kind === "fits" ? -found.startMin : null };
  }
}
