import { fail } from "../../quantities/result";
import { add, totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import type { ServeStep } from "../step";
import { type Applied, broughtBy, hands, outcome, together } from "./common";

/** Serve: plated with whatever goes over or beside it at the last moment. */
export function serve(vessel: Vessel, step: ServeStep, context: StepContext): Applied {
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const batch = add(vessel.batch, together(came.value));
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  return outcome({ ...vessel, batch }, [hands(step, context, 3)], { came: came.value });
}
