import type { StepContext, Vessel } from "../ledger";
import type { ServeStep } from "../step";
import { type Applied, filled, hands, outcome } from "./common";

/** Serve: plated with whatever goes over or beside it at the last moment. */
export function serve(vessel: Vessel, step: ServeStep, context: StepContext): Applied {
  const full = filled(vessel, step, context);
  if (!full.ok) return full;
  const { batch, came } = full.value;
  return outcome({ ...vessel, batch }, [hands(step, context, 3)], { came });
}
