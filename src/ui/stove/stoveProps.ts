import type { BurnersProps } from "./Burners";
import type { OvenRemarkProps } from "./OvenRemark";
import type { StepKey } from "@/core/process/log";
import type { Difference } from "@/core/process/compare";
import type { Caution } from "@/core/safety/rule";
import type { WayBackWords } from "@/words/stove";
import type { StepText } from "@/words/stepText";
import type { TextContext } from "@/words/words";
import type { PutInProps } from "./PutIn";
import type { ScaleProps } from "./Scale";

export interface TimerView {
  readonly step: StepKey;
  readonly title: string;
  readonly where: string;
  readonly leftMs: number;
  readonly totalMs: number;
  readonly cue: string;
}
export interface StoveStep {
  readonly spoken: StepText;
  readonly part: string;
  readonly number: number;
  readonly of: number;
  readonly cue: string;
  readonly cueSeen: boolean;
  readonly cautions: readonly Caution[];
  readonly waitsFor: TimerView | null;
  /** Minutes that a timer at this step would run, and what for. */
  readonly timer: { readonly minutes: number; readonly label: string } | null;
  readonly startsOnNext: boolean;
  readonly scale: ScaleProps | null;
  readonly nextTitle: string | null;
  /** Asked once before the step is left: a timer that has time left. Null when there is nothing to ask, or it was asked. */
  readonly asks: string | null;
}
export interface StripPiece {
  readonly key: string;
  readonly minutes: number;
  readonly state: "done" | "now" | "to come";
  readonly title: string;
}
export interface StoveProps {
  readonly step: StoveStep;
  readonly timers: readonly TimerView[];
  /** Steps after this one; those that may be taken now, out of their turn, say how. */
  readonly after: readonly {
    readonly key: string;
    readonly time: string;
    readonly title: string;
    readonly says: string;
    readonly onTake: (() => void) | null;
  }[];
  readonly strip: readonly StripPiece[];
  readonly clock: string;
  readonly pace: { readonly late: boolean; readonly says: string };
  /** What becomes of a supper that is behind, worked out from now. */
  readonly fromNow: readonly string[];
  /** What is told once, above the step: an allergen that stands otherwise than when the cooking began. */
  readonly news: readonly string[];
  /** The oven, where it has to be on by now beside the step in hand, and whether it was said to be. */
  readonly due: readonly OvenRemarkProps[];
  /** The clock of the device leapt: below 0 back, above 0 forward, when it may have been sleep. */
  readonly jump: {
    readonly byMs: number;
    readonly onGiveBack: (() => void) | null;
    readonly onSeen: () => void;
  } | null;
  readonly changed: {
    readonly says: string;
    readonly back: WayBackWords | null;
    readonly differences: readonly Difference[];
  } | null;
  readonly textContext: TextContext;
  readonly titleOf: (key: string) => string;
  /** The screen goes dark by itself here. */
  readonly sleeps: boolean;
  readonly keysOn: boolean;
  readonly onKeys: (on: boolean) => void;
  readonly onNext: () => void;
  readonly onBack: (() => void) | null;
  readonly onCue: (seen: boolean) => void;
  readonly onTimer: () => void;
  readonly onTimerOff: (step: StepKey) => void;
  /** Asks to be allowed to remind while the page is out of sight; null where that cannot be asked, or was. */
  readonly onRemind: (() => void) | null;
  /** A timer that was stopped a moment ago, to be brought back. */
  readonly stopped: { readonly title: string; readonly onBringBack: () => void } | null;
  readonly burners: BurnersProps["burners"];
  readonly onStay: () => void;
  readonly onGiveUp: () => void;
  readonly onPutAside: () => void;
  readonly putIn: PutInProps | null;
}
