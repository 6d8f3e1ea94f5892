import { boilingPointC } from "../models/boilingPoint";
import type { SpoonSystem, UnitSystem } from "../quantities/units";
import type { GearId, MachineFacts, MachineKind, PanFacts, StepContext, TinFacts } from "../process/ledger";
import type { KitchenFacts } from "../process/replay";

/** What heats the pan; decides how much of the power reaches it. */
export type BurnerKind = "gas" | "coil" | "induction";
/** One burner of the hob with its rated power, W. */
export interface Burner {
  readonly id: string;
  readonly name: string;
  readonly kind: BurnerKind;
  readonly watts: number;
}
/** A pan or pot with its inside measures, cm. */
export interface Pan {
  readonly id: GearId;
  readonly name: string;
  readonly kind: "frying" | "pot";
  readonly diameterCm: number;
  /** Inside; null when nobody measured it: then nothing is said about filling. */
  readonly heightCm: number | null;
}
/** A baking tin or dish; a round one has its diameter twice and says so. */
export interface Tin {
  readonly id: GearId;
  readonly name: string;
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly heightCm: number;
  readonly round: boolean;
}
/** A machine of the kitchen with what it holds. */
export interface Machine {
  readonly id: GearId;
  readonly name: string;
  readonly kind: MachineKind;
  /** Bowl, jug or cooker, mL; null when nobody knows. */
  readonly volumeMl: number | null;
  /** Side of a square basket, cm. */
  readonly basketCm: number | null;
}
/** Wall-clock times, `HH:MM`; `to` before `from` passes midnight. Days 1 (Monday) to 7. */
export interface DailyHours {
  readonly from: string;
  readonly to: string;
}
/** Hours on some week days. */
export interface AwayHours extends DailyHours {
  readonly days: readonly number[];
}
/** Somebody who cooks. */
export interface Cook {
  readonly id: string;
  readonly name: string;
  /** There only then; null is whenever the household is awake and in. */
  readonly hours: AwayHours | null;
}
/** An oven with the shelves that it bakes on at once. */
export interface Oven {
  readonly id: GearId;
  readonly name: string;
  readonly shelves: number;
}
/** Everything that the plan may know of a kitchen. */
export interface Kitchen {
  readonly name: string;
  readonly place: string;
  /** IANA name, such as Europe/Dublin. */
  readonly timeZone: string;
  readonly altitudeM: number;
  readonly roomC: number;
  readonly cooks: readonly Cook[];
  readonly burners: readonly Burner[];
  readonly ovens: readonly Oven[];
  /** Space for food, L; null where nobody knows: then it is no limit. */
  readonly fridgeL: number | null;
  readonly freezerL: number | null;
  readonly pans: readonly Pan[];
  readonly tins: readonly Tin[];
  readonly machines: readonly Machine[];
  readonly sleep: DailyHours | null;
  readonly away: readonly AwayHours[];
  readonly units: UnitSystem;
  /** Whose cups and spoons the cook's recipes mean. */
  readonly spoons: SpoonSystem;
  readonly scaleStepG: number;
  /** Where weights come from at the Stove: typed, or also read off the stand-in that ships with the app. */
  readonly scale: "typed" | "simulated";
  /** A point of bite is worth so many minutes of beginning earlier. */
  readonly pointMin: number;
}
/** Share of a burner's power that reaches the pan (engineering estimates; gas 0.3–0.5). */
const EFFICIENCY: Readonly<Record<BurnerKind, number>> = { gas: 0.4, coil: 0.65, induction: 0.8 };

/** Heat that reaches the pan from a burner at full power, W. */
export const netWatts = (burner: Burner): number => burner.watts * EFFICIENCY[burner.kind];

/** Gauge of a cooker with a spring valve on "high" (common practice: 15 psi on the hob, 10–12 for electric ones). */
const COOKER_GAUGE_KPA = 80;

/** Floor of a tin, cm². */
export const tinAreaCm2 = (tin: Tin): number =>
  tin.round ? (Math.PI / 4) * tin.widthCm ** 2 : tin.lengthCm * tin.widthCm;

/** A burner as the steps see it. */
export const burnerFacts = (burner: Burner): NonNullable<StepContext["burner"]> => ({
  netW: netWatts(burner),
  ratedW: burner.watts,
  efficiency: EFFICIENCY[burner.kind],
});
const panFacts = ({ id, diameterCm, heightCm }: Pan): PanFacts => ({
  id,
  diameterM: diameterCm / 100,
  heightM: (heightCm ?? null) === null ? null : (heightCm as number) / 100,
});
/** The kitchen as the steps see it. Of each kind the one named, else the widest pan, the largest tin, the first machine. */
export function kitchenFacts(kitchen: Kitchen): KitchenFacts {
  const burner = kitchen.burners
    .map(burnerFacts)
    .reduce<StepContext["burner"]>((best, b) => (best === null || b.netW > best.netW ? b : best), null);
  const weakest =
    kitchen.burners.length < 2
      ? null
      : kitchen.burners.map(burnerFacts).reduce((worst, b) => (b.netW < worst.netW ? b : worst));
  const pan = (id: GearId | null, kind: Pan["kind"]): PanFacts | null => {
    const named = kitchen.pans.find((p) => p.id === id);
    const fitting = kitchen.pans.filter((p) => p.kind === kind).sort((a, b) => b.diameterCm - a.diameterCm);
    const found = named ?? fitting[0];
    return found === undefined ? null : panFacts(found);
  };
  const secondPan = (beside: GearId): PanFacts | null => {
    const others = kitchen.pans.filter((p) => p.kind === "frying" && p.id !== beside);
    return others.length === 0 ? null : panFacts(others.reduce((a, b) => (b.diameterCm > a.diameterCm ? b : a)));
  };
  const tin = (id: GearId | null): TinFacts | null => {
    const tins = kitchen.tins ?? [];
    const found = tins.find((t) => t.id === id) ?? tins.slice().sort((a, b) => tinAreaCm2(b) - tinAreaCm2(a))[0];
    return found
      ? { id: found.id, areaM2: tinAreaCm2(found) / 1e4, widthM: found.widthCm / 100, heightM: found.heightCm / 100 }
      : null;
  };
  const machine = (id: GearId | null, kinds: readonly MachineKind[]): MachineFacts | null => {
    const named = kitchen.machines.find((m) => m.id === id);
    const byKind = kinds.map((kind) => kitchen.machines.find((m) => m.kind === kind)).find((m) => m !== undefined);
    const found = named ?? byKind;
    return found
      ? {
          id: found.id,
          volumeMl: found.volumeMl ?? null,
          floorM2: (found.basketCm ?? null) === null ? null : ((found.basketCm as number) / 100) ** 2,
          gaugeKPa: COOKER_GAUGE_KPA,
        }
      : null;
  };
  return {
    roomC: kitchen.roomC,
    boilC: boilingPointC(kitchen.altitudeM),
    burner,
    weakest,
    pan,
    secondPan,
    tin,
    machine,
    ovens: kitchen.ovens.length,
    altitudeM: kitchen.altitudeM,
    freezer: kitchen.freezerL !== 0,
  };
}

/** The same input with the burners that are left when some have failed. */
export const withoutBurners = <I extends { readonly kitchen: Kitchen }>(input: I, failed: ReadonlySet<string>): I =>
  failed.size === 0
    ? input
    : { ...input, kitchen: { ...input.kitchen, burners: input.kitchen.burners.filter((b) => !failed.has(b.id)) } };
