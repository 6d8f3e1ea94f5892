import { availableParallelism } from "node:os";
import { join } from "node:path";
import { pool as newPool, type Pool, Promise as Job } from "workerpool";
import { busy, ourFault, type Problem, tooHeavy } from "@/core/formats/problem";
import type { Answer, DoorName } from "./doors";

/**
 * Two lanes, each with threads and a queue of its own: what is small is worked out beside what is heavy, never behind it. The
 * threads step back for the pages (`job.ts`).
 */
const LANES = {
  small: { threads: 1, requests: 64, chars: 8_000_000 },
  /** One core stays for the pages. */
  heavy: { threads: Math.max(1, Math.min(4, availableParallelism() - 1)), requests: 64, chars: 64_000_000 },
} as const;
/** One of them. */
export type Lane = keyof typeof LANES;
/** A request that takes longer is ended, with its thread, s. */
const MOST_S = 20;
/** What takes longer than this in the small lane was no small request: it begins anew in the other, s. */
const SMALL_S = 2;
const SMALL_CHARS = 60_000;
const HEAP_MB = 768;

const SMALL_NODES = 5000;
/** A request that is likely to be answered within a moment: short, and without samples or a long search. */
export function laneOf(door: DoorName, text: string): Lane {
  if (text.length > SMALL_CHARS) return "heavy";
  if (door === "plan") return /"samples"\s*:\s*[1-9]/.test(text) ? "heavy" : "small";
  const nodes = door === "schedule" ? /"nodes"\s*:\s*(\d+)/.exec(text)?.[1] : undefined;
  return nodes !== undefined && Number(nodes) <= SMALL_NODES ? "small" : "heavy";
}

/** The threads of a lane, and what waits for them. */
interface Waiting {
  readonly threads: Pool;
  requests: number;
  chars: number;
}
const shared = globalThis as { jadePanPool?: Partial<Record<Lane, Waiting>> };
function waiting(lane: Lane): Waiting {
  const lanes = (shared.jadePanPool ??= {});
  return (lanes[lane] ??= {
    threads: newPool(join(process.cwd(), ".next/jobs.mjs"), {
      workerType: "thread",
      maxWorkers: LANES[lane].threads,
      workerTerminateTimeout: 100,
      workerThreadOpts: { resourceLimits: { maxOldGenerationSizeMb: HEAP_MB } },
    }),
    requests: 0,
    chars: 0,
  });
}
const isFull = (lane: Lane, chars: number): boolean => {
  const queue = waiting(lane);
  return queue.requests >= LANES[lane].requests || queue.chars + chars > LANES[lane].chars;
};
/** Whether a body of so many bytes has a place: one that has none is turned away before it is read. */
export const hasRoomFor = (bytes: number): boolean => !isFull(bytes > SMALL_CHARS ? "heavy" : "small", bytes);

/** What came of a request: its answer, or why there is none. */
export type Outcome = { readonly answer: Answer } | { readonly problem: Problem } | "cut";

/** Works a request out in a thread of its own, in turn, within a time limit; a caller who is gone ends the work. */
export async function workOut(
  door: DoorName,
  text: string,
  signal: AbortSignal,
  mostS: number = MOST_S,
): Promise<Outcome> {
  const lane = laneOf(door, text);
  if (lane === "heavy" || mostS <= SMALL_S) return inLane(lane, door, text, signal, mostS);
  const quick = await inLane("small", door, text, signal, SMALL_S);
  const tooSlow = quick !== "cut" && "problem" in quick && quick.problem.status === tooHeavy(SMALL_S).status;
  return tooSlow ? inLane("heavy", door, text, signal, mostS) : quick;
}
async function inLane(lane: Lane, door: DoorName, text: string, signal: AbortSignal, mostS: number): Promise<Outcome> {
  const queue = waiting(lane);
  if (signal.aborted) return "cut";
  if (isFull(lane, text.length)) return { problem: busy };
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
  const lanes = Object.values(shared.jadePanPool ?? {});
  delete shared.jadePanPool;
  await Promise.all(lanes.map((lane) => lane.threads.terminate(true)));
}
