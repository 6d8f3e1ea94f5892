import type { Outcome, StepFailure, Vessel } from "./ledger";
import type { Meaning } from "./descriptor";
import type { StepKey } from "./log";
import type { Step } from "./registry";
import type { PartId } from "./step";
import type { WeighInFailure } from "./weighIn";

/** A part made on its own until it is joined. */
export interface PartSteps {
  readonly id: PartId;
  readonly steps: readonly Step[];
}

/** A reading of the scale, the mass that was computed, and how far they differ. */
export interface Weighed {
  readonly readingG: number;
  readonly computedG: number;
  readonly factor: number;
}
interface RowBase {
  readonly key: StepKey;
  readonly part: PartId;
  readonly step: Step;
}
/** A step with its account, or the reason why it has none; steps after a blocked one wait for it. */
export type Row =
  | (RowBase & {
      readonly state: "computed";
      readonly before: Vessel;
      readonly outcome: Outcome;
      /** What a weigh-in here corrects; null: the scale says nothing. */
      readonly scaleSays: Meaning | null;
      /** May be done once more until the scale shows what was planned. */
      readonly again: boolean;
      readonly weighed: Weighed | null;
      readonly refusedReading: WeighInFailure | null;
    })
  | (RowBase & { readonly state: "blocked"; readonly failure: StepFailure })
  | (RowBase & { readonly state: "waiting"; readonly blockedBy: StepKey });

/** One part carried through its steps. */
export interface ReplayedPart {
  readonly id: PartId;
  readonly rows: readonly Row[];
  /** Contents at the end, or null when a step is blocked. */
  readonly end: Vessel | null;
  /** Share that other parts take; what is left goes to the table. */
  readonly usedShare: number;
}
