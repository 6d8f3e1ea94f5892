import { proxy, type Remote, wrap } from "comlink";
import type { Supper } from "@/core/dish/dish";
import type { Kitchen } from "@/core/household/kitchen";
import type { Question } from "@/core/cooking";
import type { Plan } from "@/core/plan";
import type { Ranges } from "@/core/sampling";
import type { Caution } from "@/core/safety/rule";
import type { Chance, ChanceQuestion } from "@/core/schedule/chance";
import type { Going } from "@/core/schedule/fromNow";
import type { Schedule } from "@/core/schedule/schedule";
import type { Taken } from "@/core/schedule/taken";
import type { TaskNet } from "@/core/schedule/task";
import type { WhatIf } from "@/core/schedule/whatIf";
import type { KeptWarm } from "@/core/keepWarm";
import type { Stretched } from "@/core/schedule/stretch";
import type { OneBatch } from "@/core/oneBatch";
import type { WaysOut } from "@/core/waysOut";
import type { Ask, Ratings, Table } from "@/core/swap/answer";
import type { SwapAnswer } from "@/core/swap/card";
import type { Start } from "@/core/swap/starts";
import type { HowToBringIn } from "@/core/formats/bringIn";
import type { FileFailure, Progress } from "@/core/formats/household";
import type { ClashWords } from "@/words/files";
import type { Result } from "@/core/quantities/result";
import type { fileApi } from "./file.worker";
import type { recipeApi } from "./recipe.worker";
import type { swapApi } from "./swap.worker";
import type { Judged, LimitsByKind, planApi } from "./plan.worker";
import type { Outlook } from "./outlook";
import type { searchApi, Times } from "./search.worker";

let planWorker: Remote<typeof planApi> | null = null;
let searchWorker: Remote<typeof searchApi> | null = null;
const planner = () =>
  (planWorker ??= wrap(new Worker(new URL("./plan.worker.ts", import.meta.url), { type: "module" })));
const searcher = () =>
  (searchWorker ??= wrap(new Worker(new URL("./search.worker.ts", import.meta.url), { type: "module" })));

let swapWorker: Remote<typeof swapApi> | null = null;
const swapper = () =>
  (swapWorker ??= wrap(new Worker(new URL("./swap.worker.ts", import.meta.url), { type: "module" })));

let recipeWorker: Remote<typeof recipeApi> | null = null;
const recipes = () =>
  (recipeWorker ??= wrap(new Worker(new URL("./recipe.worker.ts", import.meta.url), { type: "module" })));

let fileWorker: Remote<typeof fileApi> | null = null;
const files = () => (fileWorker ??= wrap(new Worker(new URL("./file.worker.ts", import.meta.url), { type: "module" })));

let generation = 0;
let swaps = 0;
export const SAMPLES = 500;
const SEED = 1;

/** What the clock needs of a plan: the rest need not go to the worker. */
const netOf = ({ tasks, lags, apart, budgets, roomMin }: TaskNet): TaskNet => ({
  tasks,
  lags,
  apart,
  budgets,
  roomMin,
});

/** The one typed way to the workers. Only a page in a browser may call it. */
export const computing = {
  /** Starts the searching worker while the page still waits for its plan; starting takes longer than searching. */
  wake(): void {
    searcher();
  },
  limits: (): Promise<LimitsByKind> => planner().limits(),
  plan: (question: Question): Promise<Judged> => planner().plan(question),
  judge: (question: Question, schedule: Schedule): Promise<readonly Caution[]> => planner().judge(question, schedule),
  /** Null when a newer question was asked before this one was answered. */
  async ranges(question: Question): Promise<Ranges | null> {
    const mine = ++generation;
    await searcher().announce(mine);
    return searcher().ranges(mine, question, SAMPLES, SEED);
  },
  /** Routes at once; the beginnings of the first follow, null when another question was asked meanwhile. */
  swap(
    ask: Ask,
    table: Table,
    ratings: Ratings,
  ): { routes: Promise<SwapAnswer>; starts: Promise<readonly Start[] | null> } {
    const mine = ++swaps;
    const routes = swapper().swap(mine, ask, table, ratings);
    return { routes, starts: routes.then(() => swapper().starts(mine)) };
  },
  /** A recipe read and turned over, with what the cook decided so far. */
  recipe: (...asked: Parameters<typeof recipeApi.turn>): Promise<ReturnType<typeof recipeApi.turn>> =>
    recipes().turn(...asked),
  /** Reads a file, or a copy that the browser made, and holds it beside the page; says what is in it. */
  readFile: (file: Blob, onRows: Progress): Promise<Result<string, FileFailure>> => files().read(file, proxy(onRows)),
  readCopy: (id: number, onRows: Progress): Promise<Result<string, FileFailure> | null> =>
    files().readCopy(id, proxy(onRows)),
  clashes: (how: HowToBringIn): Promise<readonly ClashWords[]> => files().clashes(how),
  bringIn: (...asked: Parameters<typeof fileApi.bringIn>): Promise<number | null> => files().bringIn(...asked),
  exportAll: (at: string, onRows: Progress): ReturnType<typeof fileApi.exportAll> =>
    files().exportAll(at, proxy(onRows)),
  keepCopy: (at: number): Promise<void> => files().keepCopy(at),
  outlook: (question: Question, earlier: readonly Supper[]): Promise<Outlook> => searcher().outlook(question, earlier),
  whatIf: (plan: Plan, kitchen: Kitchen, serveAt: string, taken: readonly Taken[]): Promise<readonly WhatIf[]> =>
    searcher().whatIf(netOf(plan), kitchen, serveAt, taken),
  keepWarm: (
    question: Question,
    stretched: readonly Stretched[],
    taken: readonly Taken[],
  ): Promise<readonly KeptWarm[]> => searcher().keepWarm(question, stretched, taken),
  oneBatch: (question: Question, others: readonly Supper[], taken: readonly Taken[]): Promise<readonly OneBatch[]> =>
    searcher().oneBatch(question, others, taken),
  waysOut: (question: Question, now: number, taken: readonly Taken[]): Promise<WaysOut> =>
    searcher().waysOut(question, now, taken),
  chance: (question: ChanceQuestion): Promise<Chance> => searcher().chance(question),
  /** A plan at once, which may not be the best. */
  firstTimes: (question: Question): Promise<Schedule> => searcher().firstTimes(question),
  fromNow: (
    plan: TaskNet,
    kitchen: Kitchen,
    serveAt: string,
    going: Going,
    now: number,
    taken: readonly Taken[],
  ): Promise<Schedule | null> => searcher().fromNow(netOf(plan), kitchen, serveAt, going, now, { taken }),
  timed: (question: Question, earlier: readonly Supper[]): Promise<Times> => searcher().timed(question, earlier),
  schedule: (plan: TaskNet, kitchen: Kitchen, serveAt: string, taken: readonly Taken[]): Promise<Schedule> =>
    searcher().schedule(netOf(plan), kitchen, serveAt, taken),
};
