import { fail } from "../../quantities/result";
import { liquor, subtract, totalG } from "../contents";
import type { StepContext, Vessel } from "../ledger";
import { type Applied, hands, outcome } from "./common";
import { defineStep, type StepWith, type Field } from "../descriptor";

type PatStep = StepWith<"pat", Record<never, Field>>;

/** Pat dry: the film on the surface goes into the towel, with what is dissolved in it. */
function pat(vessel: Vessel, step: PatStep, context: StepContext): Applied {
  const { batch } = vessel;
  if (totalG(batch) <= 0 || batch.waterG <= 0) return fail({ kind: "empty-vessel" });
  const film = liquor(batch, batch.waterG * context.draw("towel"));
  return outcome({ ...vessel, batch: subtract(batch, film) }, [hands(step, context, 1 + totalG(batch) / 400)], {
    outputs: [{ to: "drain", contents: film }],
    facts: [{ kind: "rule-of-thumb", what: "loss" }],
  });
}

/** What the house knows of “pat”: settings, defaults, waits, weigh-in and rule. */
export const patStep = defineStep({
  kind: "pat",
  fields: {},
  usual: {},
  waitsMin: 60,
  weighed: "liquor",
  lines: "before",
  again: true,
  apply: pat,
});
