import { fail } from "../../quantities/result";
import { add, totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, bindingOf, broughtBy, hands, outcome, saltUpTo, together } from "./common";
import { defineStep, saltTo, type StepWith } from "../descriptor";

const FIELDS = { saltTo } as const;
type BindStep = StepWith<"bind", typeof FIELDS>;

/** Mix with binders: they begin to drink; how far they are is told by the rest that follows. */
function bind(vessel: Vessel, step: BindStep, context: StepContext): Applied {
  const came = broughtBy(step, context);
  if (!came.ok) return came;
  const salted = saltUpTo(add(vessel.batch, together(came.value)), step.saltTo);
  if (!salted.ok) return salted;
  const batch = salted.value.contents;
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  const state = bindingOf(batch, 2, context.figures);
  if (state === null) return fail({ kind: "no-binder" });
  return outcome({ ...vessel, batch, boundMin: 2 }, [hands(step, context, 4)], {
    inputs: [...came.value, ...salted.value.came],
    facts: [...salted.value.facts, { kind: "binding", state }],
  });
}

/** What the house knows of “bind”: settings, defaults, waits, weigh-in and rule. */
export const bindStep = defineStep({
  kind: "bind",
  fields: FIELDS,
  usual: { saltTo: null },
  waitsMin: 20,
  weighed: "addition",
  endsPieces: true,
  apply: bind,
});
