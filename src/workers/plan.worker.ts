import { expose } from "comlink";
import { askedAbout, foodsIn, type Question } from "@/core/cooking";
import type { AllergenChange } from "@/core/foods/book";
import type { Food } from "@/core/foods/food";
import { judge } from "@/core/judge";
import { plan, type Plan } from "@/core/plan";
import { LIMITS_BY_KIND } from "@/core/process/registry";
import { newMemory } from "@/core/quantities/memory";
import type { Caution } from "@/core/safety/rule";
import type { Schedule } from "@/core/schedule/schedule";

const memory = newMemory();
const toolsOf = ({ burners }: Question) => (burners === undefined ? { memory } : { memory, burners });

/** A plan, what can harm in it as far as that is known without times, and the foods that it touches. */
export interface Judged {
  readonly plan: Plan;
  readonly cautions: readonly Caution[];
  readonly foods: readonly Food[];
  readonly changes: readonly AllergenChange[];
}

/** Limits of the settings of each kind of step. */
export type LimitsByKind = typeof LIMITS_BY_KIND;

/** Answers plans at once; nothing slow ever runs here. */
export const planApi = {
  plan(question: Question): Judged {
    const { input, changes } = askedAbout(question);
    const found = plan(input, toolsOf(question));
    return { plan: found, cautions: judge(input, found, null), foods: foodsIn(input), changes };
  },
  /** The limits of every setting: the page itself has no rules. */
  limits: (): LimitsByKind => LIMITS_BY_KIND,
  /** Cautions once the times are known. */
  judge(question: Question, schedule: Schedule): readonly Caution[] {
    const { input } = askedAbout(question);
    return judge(input, plan(input, toolsOf(question)), schedule);
  },
};
expose(planApi);
