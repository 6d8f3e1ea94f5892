import * as v from "valibot";
import { LIMITS } from "@/core/formats/basics";
import { canonicalJson } from "@/core/formats/canonical";
import { notJson, type Problem, tooLarge, wrong, wrongField } from "@/core/formats/problem";
import {
  ConvertRequestSchema,
  PlanRequestSchema,
  ScheduleRequestSchema,
  SwapRequestSchema,
} from "@/core/formats/requests";
import { judge } from "@/core/judge";
import { plan, type PlanInput } from "@/core/plan";
import { dishInText } from "@/core/formats/dishInText";
import { answerRecipe } from "@/core/recipe/answer";
import type { Decisions } from "@/core/recipe/convert";
import { sampleRanges } from "@/core/sampling";
import { capacitiesOf } from "@/core/schedule/capacities";
import { schedule } from "@/core/schedule/schedule";
import { type Unsound, unsoundness } from "@/core/schedule/sound";
import { answersTo, type Table } from "@/core/swap/answer";
import { cardsOf } from "@/core/swap/card";

/** What each door of the API takes and how it answers; text in, text out, nothing of HTTP. A thread of its own runs this. */

interface Door {
  readonly schema: v.GenericSchema;
  /** What a schema cannot see; null where all goes together. */
  unsound(input: never): Unsound | null;
  answer(input: never): unknown;
}
const door = <S extends v.GenericSchema>(
  schema: S,
  answer: (input: v.InferOutput<S>) => unknown,
  unsound: (input: v.InferOutput<S>) => Unsound | null = () => null,
): Door => ({ schema, unsound, answer });
const DOORS = {
  /** The plan of a supper; with `samples` above 0 also the ranges, P10 to P90. */
  plan: door(PlanRequestSchema, ({ samples, seed, ...input }) => {
    const planned = plan(input as PlanInput);
    const cautions = judge(input as PlanInput, planned, null);
    const answered = {
      ...planned,
      cautions,
      capacities: capacitiesOf(input.kitchen),
      ovens: input.kitchen.ovens.length,
    };
    if (samples === 0) return { ...answered, ranges: null };
    const run = sampleRanges(input as PlanInput, samples, seed);
    for (let step = run.next(); ; step = run.next()) if (step.done) return { ...answered, ranges: step.value };
  }),
  /** Every route that can take the place of this meat at this table, built, planned and ranked. */
  swap: door(SwapRequestSchema, ({ ask, table }) => cardsOf(answersTo(ask, table as Table), table as Table)),
  /** A recipe read and turned over: what becomes of each line, the routes of its meats, and the dish that comes of it. */
  convert: door(ConvertRequestSchema, ({ text, table, spoons, availableMin, decisions }) =>
    answerRecipe(text, decisions as Decisions, { table: table as Table, spoons, availableMin }, dishInText(text)),
  ),
  /** Start times for the tasks that `POST /api/v1/plan` answered, or why they don't fit. */
  schedule: door(ScheduleRequestSchema, schedule, unsoundness),
} as const satisfies Record<string, Door>;
/** A door by the last part of its address. */
export type DoorName = keyof typeof DOORS;
/** An answer or a problem document (RFC 9457), as text. */
export interface Answer {
  readonly status: number;
  readonly body: string;
}

/** Commas part the values of JSON: counted before the text is read, so that a million empty ones cost nothing. */
const holdsTooMuch = (text: string): boolean => {
  let commas = 0;
  for (let at = text.indexOf(","); at >= 0; at = text.indexOf(",", at + 1)) if (++commas > LIMITS.values) return true;
  return false;
};
const problem = (told: Problem): Answer => ({ status: told.status, body: canonicalJson(told) });

/** Reads a body within a door's schema and answers it. Cheap limits come first, the first wrong field ends the reading. */
export function answerAt(name: DoorName, text: string): Answer {
  if (holdsTooMuch(text)) return problem(tooLarge(LIMITS.values, "values"));
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return problem(notJson);
  }
  const { schema, unsound, answer }: Door = DOORS[name];
  const parsed = v.safeParse(schema, data, { abortEarly: true });
  if (!parsed.success) return problem(wrongField(parsed.issues));
  const unfit = unsound(parsed.output as never);
  if (unfit !== null) return problem(wrong(unfit));
  try {
    return { status: 200, body: canonicalJson(answer(parsed.output as never)) };
  } catch (error) {
    // Misuse that a schema cannot see, such as a lag that names no task.
    if (!(error instanceof RangeError)) throw error;
    return problem({
      type: "/problems/contradiction",
      title: "The request contradicts itself",
      status: 422,
      detail: error.message,
    });
  }
}
