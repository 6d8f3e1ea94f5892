import { expose } from "comlink";
import { plan, type Plan, type PlanInput } from "@/core/plan";

/** Answers plans at once; nothing slow ever runs here. */
export const planApi = { plan: (input: PlanInput): Plan => plan(input) };
expose(planApi);
