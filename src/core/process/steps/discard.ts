import { fail } from "../../quantities/result";
import { NOTHING, portion, subtract, totalG } from "../contents";
import { EMPTY_VESSEL, type StepContext, type Vessel } from "../ledger";
import { type Applied, hands, outcome } from "./common";
import { defineStep, number, type StepWith } from "../descriptor";

const FIELDS = { share: number(0.01, 1) } as const;
type DiscardStep = StepWith<"discard", typeof FIELDS>;

/** Throw a share of it away: what only gave its flavour, skins, a marinade that nothing more goes into. */
function discard(vessel: Vessel, step: DiscardStep, context: StepContext): Applied {
  const { batch, bath, pieces } = vessel;
  if (totalG(batch) <= 0) return fail({ kind: "empty-vessel" });
  const goes = portion(batch, step.share);
  const bathGoes = bath === null ? null : portion(bath, step.share);
  const stays = step.share >= 1 ? NOTHING : subtract(batch, goes);
  const count = pieces === null ? 0 : Math.max(1, Math.round(pieces.count * (1 - step.share)));
  const after: Vessel =
    step.share >= 1
      ? EMPTY_VESSEL
      : {
          ...vessel,
          batch: stays,
          bath: bath === null || bathGoes === null ? null : subtract(bath, bathGoes),
          pieces: pieces === null ? null : { ...pieces, count, eachG: totalG(stays) / count },
        };
  const out = [goes, ...(bathGoes === null ? [] : [bathGoes])];
  return outcome(after, [hands(step, context, 1)], {
    outputs: out.map((contents) => ({ to: "sorted" as const, contents })),
  });
}

/** What the house knows of “discard”: settings, defaults, waits, weigh-in and rule. */
export const discardStep = defineStep({
  kind: "discard",
  fields: FIELDS,
  usual: { share: 1 },
  waitsMin: null,
  weighed: null,
  lines: "before",
  fitsBath: true,
  fitsFrozen: true,
  apply: discard,
});
