import type { Allergen } from "../foods/allergens";
import { boilingPointC } from "../models/boilingPoint";
import type { UnitSystem } from "../quantities/units";
import type { PanFacts, StepContext } from "../process/ledger";

export type BurnerKind = "gas" | "coil" | "induction";
export interface Burner {
  readonly id: string;
  readonly name: string;
  readonly kind: BurnerKind;
  readonly watts: number;
}
export interface Pan {
  readonly id: string;
  readonly name: string;
  readonly kind: "frying" | "pot";
  readonly diameterCm: number;
}
export interface Machine {
  readonly id: string;
  readonly name: string;
}
/** Wall-clock times, `HH:MM`; `to` before `from` passes midnight. Days 1 (Monday) to 7. */
export interface DailyHours {
  readonly from: string;
  readonly to: string;
}
export interface AwayHours extends DailyHours {
  readonly days: readonly number[];
}
export interface Kitchen {
  readonly name: string;
  readonly place: string;
  /** IANA name, such as Europe/Dublin. */
  readonly timeZone: string;
  readonly altitudeM: number;
  readonly roomC: number;
  readonly cooks: number;
  readonly burners: readonly Burner[];
  readonly ovens: number;
  readonly pans: readonly Pan[];
  readonly machines: readonly Machine[];
  readonly sleep: DailyHours | null;
  readonly away: readonly AwayHours[];
  readonly units: UnitSystem;
  readonly scaleStepG: number;
}
/** Somebody at the table. */
export interface Eater {
  readonly id: string;
  readonly name: string;
  readonly avoids: readonly Allergen[];
}

/** Share of a burner's power that reaches the pan (engineering estimates; gas 0.3–0.5). */
const EFFICIENCY: Readonly<Record<BurnerKind, number>> = { gas: 0.4, coil: 0.65, induction: 0.8 };

/** Heat that reaches the pan from a burner at full power, W. */
export const netWatts = (burner: Burner): number => burner.watts * EFFICIENCY[burner.kind];

/** The kitchen as the steps see it. Pans of a kind: the one named, else the widest; a frying pan may stand in for nothing else. */
export function kitchenFacts(kitchen: Kitchen): Pick<StepContext, "roomC" | "boilC" | "burner" | "pan"> {
  let burner: StepContext["burner"] = null;
  for (const b of kitchen.burners) {
    const netW = netWatts(b);
    if (burner === null || netW > burner.netW) burner = { netW, ratedW: b.watts, efficiency: EFFICIENCY[b.kind] };
  }
  const pan = (id: string | null, kind: Pan["kind"]): PanFacts | null => {
    const named = kitchen.pans.find((p) => p.id === id);
    const fitting = kitchen.pans.filter((p) => p.kind === kind).sort((a, b) => b.diameterCm - a.diameterCm);
    const found = named ?? fitting[0];
    return found ? { id: found.id, diameterM: found.diameterCm / 100 } : null;
  };
  return { roomC: kitchen.roomC, boilC: boilingPointC(kitchen.altitudeM), burner, pan };
}
