import { expose } from "comlink";
import type { Supper } from "@/core/dish/dish";
import type { Kitchen } from "@/core/household/kitchen";
import { type Outlook, outlookOf } from "./outlook";
import { newMemory } from "@/core/quantities/memory";
import { askedAbout, type Question } from "@/core/cooking";
import { type Ranges, type SampledDishes, sampleRanges } from "@/core/sampling";
import { type Chance, chanceOnTime, type ChanceQuestion } from "@/core/schedule/chance";
import { plan } from "@/core/plan";
import { type Schedule, schedule, tryOut } from "@/core/schedule/schedule";
import { scheduleQuestion } from "@/core/schedule/question";
import { fromNow } from "@/core/schedule/fromNow";
import type { Stretched } from "@/core/schedule/stretch";
import { type KeptWarm, keepWarmWays } from "@/core/keepWarm";
import { type OneBatch, oneBatchWays } from "@/core/oneBatch";
import { besides, type Taken } from "@/core/schedule/taken";
import type { TaskNet } from "@/core/schedule/task";
import { type WhatIf, whatIf } from "@/core/schedule/whatIf";
import { type Timed, timedAmong, type TimedAmong } from "@/core/timed";
import { type WaysOut, waysOut } from "@/core/waysOut";

/** The newest question asked; older ones stop at their next chunk. */
let newest = 0;
/** Enough for a first plan of a large supper in a fifth of a second. */
const FIRST_NODES = 1500;
const memory = newMemory();
/** Suppers of the week, as they were found. */
const known = new Map<string, Timed>();
/** What a screen needs of a supper with times. */
export type Times = Omit<TimedAmong, "plan">;
const sampled: SampledDishes = new Map();
const breathe = () => new Promise<void>((resolve) => setTimeout(resolve));

/** Samples and searches, in chunks, so that an outdated question can be dropped. */
export const searchApi = {
  announce(generation: number): void {
    newest = generation;
  },
  /** Ranges, or null when the question was outdated meanwhile. */
  async ranges(generation: number, question: Question, samples: number, seed: number): Promise<Ranges | null> {
    const { burners = {} } = question;
    const run = sampleRanges(askedAbout(question).input, samples, seed, { memory, sampled, burners });
    for (let step = run.next(); ; step = run.next()) {
      if (step.done) return step.value;
      await breathe();
      if (generation !== newest) return null;
    }
  },
  outlook: (question: Question, earlier: readonly Supper[]): Outlook =>
    outlookOf(askedAbout(question).input, earlier, memory, known),
  /** What becomes of a supper when its day changes. */
  whatIf: (...asked: Parameters<typeof whatIf>): WhatIf[] => whatIf(...asked),
  /** Long waits spent in a low oven. */
  keepWarm: (question: Question, stretched: readonly Stretched[], taken: readonly Taken[]): KeptWarm[] =>
    keepWarmWays(askedAbout(question).input, stretched, { memory, taken }),
  /** What suppers before could make along with their own. */
  oneBatch: (question: Question, others: readonly Supper[], taken: readonly Taken[]): OneBatch[] =>
    oneBatchWays(askedAbout(question).input, others, { memory, taken }),
  /** What can be done about a supper that does not come about. */
  waysOut: (question: Question, now: number, taken: readonly Taken[]): WaysOut =>
    waysOut(askedAbout(question).input, now, { memory, taken }),
  /** How likely a plan is to be in time, over some thousand evenings. */
  chance: (question: ChanceQuestion): Chance => chanceOnTime(question),
  /** The rest of a cooking, from now. */
  fromNow: (...asked: Parameters<typeof fromNow>): Schedule | null => fromNow(...asked),
  /** Times, and the burners that go with them, beside the suppers that are eaten before. */
  timed(question: Question, earlier: readonly Supper[]): Times {
    const {
      schedule: found,
      burners,
      beside,
      taken,
    } = timedAmong(askedAbout(question).input, earlier, { memory }, known);
    return { schedule: found, burners, beside, taken };
  },
  /** Times at once, which may not be the best. */
  firstTimes(question: Question): Schedule {
    const { input } = askedAbout(question);
    const asked = scheduleQuestion(plan(input, { memory }), input.kitchen, input.supper.serveAt);
    return tryOut({ ...asked, nodes: FIRST_NODES });
  },
  schedule(net: TaskNet, kitchen: Kitchen, serveAt: string, taken: readonly Taken[]): Schedule {
    return schedule(besides(scheduleQuestion(net, kitchen, serveAt), taken, serveAt));
  },
};
expose(searchApi);
