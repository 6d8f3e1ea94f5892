import { cookerC } from "../../models/softening";
import { fail } from "../../quantities/result";
import type { MachineFacts, Need, StepContext, GearId } from "../ledger";

/** A pressure cooker at work: how hot it is inside, and what it needs. */
interface UnderPressure {
  readonly machine: MachineFacts;
  readonly atC: number;
  readonly needs: readonly Need[];
}

/** The cooker named, or the one that the kitchen has; hot as water boils at the outside pressure plus its gauge (card 12). */
export function underPressure(machineId: GearId | null, context: StepContext) {
  const machine = context.machine(machineId, ["pressure-cooker"]);
  if (machine === null) return fail({ kind: "no-machine", wants: "pressure-cooker" });
  const atC = context.remember(`cooker ${context.altitudeM} ${machine.gaugeKPa}`, () =>
    cookerC(context.altitudeM, machine.gaugeKPa),
  );
  const value: UnderPressure = { machine, atC, needs: [{ kind: "machine", machine: machine.id }] };
  return { ok: true, value } as const;
}
