import { expose } from "comlink";
import { judge } from "@/core/judge";
import { plan, type Plan, type PlanInput } from "@/core/plan";
import { newMemory } from "@/core/quantities/memory";
import type { Caution } from "@/core/safety/rule";
import type { Schedule } from "@/core/schedule/schedule";

const memory = newMemory();

/** A plan and what can harm in it, as far as that is known without times. */
export interface Judged {
  readonly plan: Plan;
  readonly cautions: readonly Caution[];
}

/** Answers plans at once; nothing slow ever runs here. */
export const planApi = {
  plan(input: PlanInput): Judged {
    const found = plan(input, { memory });
    return { plan: found, cautions: judge(input, found, null) };
  },
  /** Cautions once the times are known. */
  judge: (input: PlanInput, schedule: Schedule): readonly Caution[] => judge(input, plan(input, { memory }), schedule),
};
expose(planApi);
