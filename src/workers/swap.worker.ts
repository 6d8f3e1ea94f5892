import { expose } from "comlink";
import { newMemory } from "@/core/quantities/memory";
import { type Answers, answersTo, type Ask, type Ratings, type Table } from "@/core/swap/answer";
import { cardsOf, type SwapAnswer } from "@/core/swap/card";
import { type Start, startsOf } from "@/core/swap/starts";

const memory = newMemory();
/** The newest question and its answers; beginnings of older ones stop at the next route. */
let newest: { readonly generation: number; readonly table: Table; readonly found: Answers } | null = null;
const breathe = () => new Promise<void>((resolve) => setTimeout(resolve));

/** Plans the routes of a swap; a worker of its own, so that plans of the Bench never wait for it. */
export const swapApi = {
  swap(generation: number, ask: Ask, table: Table, ratings: Ratings): SwapAnswer {
    const found = answersTo(ask, table, ratings, memory);
    newest = { generation, table, found };
    return cardsOf(found, table);
  },
  /** When the first routes of a question begin. Null when another one was asked meanwhile. */
  async starts(generation: number): Promise<readonly Start[] | null> {
    if (newest?.generation !== generation) return null;
    const starts: Start[] = [];
    for (const start of startsOf(newest.found.answers, newest.table)) {
      starts.push(start);
      await breathe();
      if (newest.generation !== generation) return null;
    }
    return starts;
  },
};
expose(swapApi);
