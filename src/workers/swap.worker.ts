import { expose } from "comlink";
import { newMemory } from "@/core/quantities/memory";
import type { Ask, Ratings, Table } from "@/core/swap/answer";
import { type SwapAnswer, swapAnswer } from "@/core/swap/card";
import { type Start, startsOf } from "@/core/swap/starts";

const memory = newMemory();
/** The newest question asked; beginnings of older ones stop at the next route. */
let newest = 0;
const breathe = () => new Promise<void>((resolve) => setTimeout(resolve));

/** Plans the routes of a swap; a worker of its own, so that plans of the Bench never wait for it. */
export const swapApi = {
  swap(generation: number, ask: Ask, table: Table, ratings: Ratings): SwapAnswer {
    newest = generation;
    return swapAnswer(ask, table, ratings, memory);
  },
  /** Null when another question was asked meanwhile. */
  async starts(generation: number, ask: Ask, table: Table, ratings: Ratings): Promise<readonly Start[] | null> {
    const found: Start[] = [];
    for (const start of startsOf(ask, table, ratings, memory)) {
      found.push(start);
      await breathe();
      if (generation !== newest) return null;
    }
    return found;
  },
};
expose(swapApi);
