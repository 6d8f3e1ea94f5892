import { availableParallelism } from "node:os";
import { join } from "node:path";
import { pool as newPool, type Pool, Promise as Job } from "workerpool";
import { busy, ourFault, type Problem, tooHeavy } from "@/core/formats/problem";
import type { Answer, DoorName } from "./doors";

/** One core stays for the pages. */
const THREADS = Math.max(1, Math.min(4, availableParallelism() - 1));
/** So many requests are taken at the most, and so many characters of them; the rest are turned away. */
const MOST = { requests: 64, chars: 64_000_000 };
/** A request that takes longer is ended, with its thread, s. */
const MOST_S = 20;
const HEAP_MB = 768;

/** The threads, and what waits for them. Every door is bundled by itself; they share one. */
interface Waiting {
  readonly threads: Pool;
  requests: number;
  chars: number;
}
const shared = globalThis as { jadePanPool?: Waiting };
const waiting = (): Waiting =>
  (shared.jadePanPool ??= {
    threads: newPool(join(process.cwd(), ".next/jobs.mjs"), {
      workerType: "thread",
      maxWorkers: THREADS,
      workerTerminateTimeout: 100,
      workerThreadOpts: { resourceLimits: { maxOldGenerationSizeMb: HEAP_MB } },
    }),
    requests: 0,
    chars: 0,
  });

/** What came of a request: its answer, or why there is none. */
export type Outcome = { readonly answer: Answer } | { readonly problem: Problem } | "cut";

/** Works a request out in a thread of its own, in turn, within a time limit; a caller who is gone ends the work. */
export async function workOut(
  door: DoorName,
  text: string,
  signal: AbortSignal,
  mostS: number = MOST_S,
): Promise<Outcome> {
  const queue = waiting();
  if (signal.aborted) return "cut";
  if (queue.requests >= MOST.requests || queue.chars + text.length > MOST.chars) return { problem: busy };
  queue.requests++;
  queue.chars += text.length;
  const job = queue.threads.exec("answerAt", [door, text]).timeout(mostS * 1000);
  const cut = () => void job.cancel();
  signal.addEventListener("abort", cut, { once: true });
  try {
    return { answer: (await job) as Answer };
  } catch (error) {
    if (error instanceof Job.CancellationError) return "cut";
    // A thread that ran out of its memory ends as one that ran out of its time.
    const heavy = error instanceof Job.TimeoutError || /memory|terminated/i.test(String(error));
    return { problem: heavy ? tooHeavy(mostS) : ourFault };
  } finally {
    queue.requests--;
    queue.chars -= text.length;
    signal.removeEventListener("abort", cut);
  }
}

/** Ends the threads, for tests. */
export async function closePool(): Promise<void> {
  await shared.jadePanPool?.threads.terminate(true);
  delete shared.jadePanPool;
}
