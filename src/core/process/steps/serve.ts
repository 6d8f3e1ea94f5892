import type { StepContext, Vessel } from "../ledger";
import { type Applied, filled, hands, outcome } from "./common";
import { defineStep, type StepWith, type Field } from "../descriptor";

type ServeStep = StepWith<"serve", Record<never, Field>>;

/** Serve: plated with whatever goes over or beside it at the last moment. */
function serve(vessel: Vessel, step: ServeStep, context: StepContext): Applied {
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  return outcome({ ...vessel, batch }, [hands(step, context, 3)], { inputs: came });
}

/** What the house knows of “serve”: settings, defaults, waits, weigh-in and rule. */
export const serveStep = defineStep({
  kind: "serve",
  fields: {},
  usual: {},
  waitsMin: 10,
  weighed: "addition",
  addsAround: true,
  fitsBath: true,
  apply: serve,
});
