import { fail } from "../../quantities/result";
import { add, portion, subtract, totalG } from "../contents";
import { type Fact, type StepContext, type Vessel } from "../ledger";
import { type Applied, broughtBy, hands, outcome, saltUpTo, together } from "./common";
import { choice, defineStep, machine, saltTo, type StepWith } from "../descriptor";

const FIELDS = { machine, to: choice("bits", "smooth"), saltTo } as const;
type PulseStep = StepWith<"pulse", typeof FIELDS>;

/** Bulk of bits and of a smooth mix, g/mL (engineering estimates); a bowl works to two thirds, a batch takes so many minutes (common practice). */
const BULK = { bits: 0.65, smooth: 1 } as const;
const BOWL_LINE = 2 / 3;
const BATCH_MIN = 1.5;

/** Pulse to bits or blend smooth, in as many batches as the bowl takes when filled to two thirds. */
function pulse(vessel: Vessel, step: PulseStep, context: StepContext): Applied {
  const machine = context.machine(
    step.machine,
    // A jug blender makes bits too, in short bursts (common practice).
    step.to === "bits" ? ["food-processor", "blender"] : ["blender", "food-processor"],
  );
  if (machine === null) return fail({ kind: "no-machine", wants: step.to === "bits" ? "food-processor" : "blender" });
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const salted = saltUpTo(add(vessel.batch, together(came.value)), step.saltTo);
  if (!salted.ok) return salted;
  const mixed = salted.value.contents;
  const massG = totalG(mixed);
  if (massG <= 0) return fail({ kind: "empty-vessel" });
  const facts: Fact[] = [...salted.value.facts];
  let goes = 1;
  if (machine.volumeMl !== null) {
    const line = machine.volumeMl * BOWL_LINE;
    const volume = massG / BULK[step.to];
    goes = Math.max(1, Math.ceil(volume / line));
    facts.push({ kind: "fill", of: "machine", share: volume / goes / line });
    if (goes > 1)
      facts.push({
        kind: "batches",
        count: goes,
        eachG: massG / goes,
        eachMin: BATCH_MIN,
        limitedBy: "room in the bowl",
      });
  }
  const stuck = portion(mixed, context.draw("stuck in the machine"));
  const after: Vessel = {
    ...vessel,
    batch: subtract(mixed, stuck),
    pieces: null,
    cutMm: step.to === "bits" ? 4 : 1,
  };
  return outcome(after, [hands(step, context, 2 + BATCH_MIN * goes)], {
    inputs: [...came.value, ...salted.value.came],
    outputs: [{ to: "utensil", contents: stuck }],
    needs: [{ kind: "machine", machine: machine.id }],
    facts,
  });
}

/** What the house knows of “pulse”: settings, defaults, waits, weigh-in and rule. */
export const pulseStep = defineStep({
  kind: "pulse",
  fields: FIELDS,
  usual: { machine: null, to: "bits", saltTo: null },
  waitsMin: 240,
  weighed: "addition",
  takesBath: true,
  apply: pulse,
});
