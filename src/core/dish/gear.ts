import { type Kitchen, tinAreaCm2 } from "../household/kitchen";
import { totalG } from "../process/contents";
import type { GearKind } from "../process/descriptor";
import { inputsG, vesselContents, type GearId } from "../process/ledger";
import type { ReplayedPart, Row } from "../process/row";
import { descriptorOf, type Step, type StepRegistry } from "../process/registry";
import type { StepId } from "../process/step";
import type { Dish } from "./dish";

/** Pans and tins for the steps of a dish that name none, by step. */
export interface ChosenGear {
  readonly all: ReadonlyMap<StepId, GearId>;
  /** Those that are another one than a step without a name takes by itself, which is the widest. */
  readonly moved: ReadonlyMap<StepId, GearId>;
}

/** Filled to here a pot can be stirred, hot oil a third (USDA and fire services: never more than a third to a half full). */
const POT_FILL = 2 / 3;
const OIL_FILL = 1 / 3;
/** A tin keeps a rim (common practice). */
const TIN_FILL = 0.9;
/** A pot whose height nobody measured, over its width: only to choose by, never to say that something fits. */
const USUAL_HEIGHT = 0.55;
/** Grams a square centimetre of a frying pan that is half empty and dries what lies in it: below that, a smaller pan (common practice). */
const THIN_G_PER_CM2 = 0.12;

interface Vessel {
  readonly id: GearId;
  /** What orders them by size. */
  readonly size: number;
  readonly areaCm2: number;
  readonly volumeMl: number;
}
type Shelf = Exclude<GearKind, "machine">;
const SHELVES: readonly Shelf[] = ["frying", "pot", "tin"];

/** What one part asks of one shelf: the steps that name nothing, and the most that lies in it there. */
interface Wish {
  /** Place of the dish in the supper. */
  readonly dish: number;
  readonly steps: readonly StepId[];
  /** One that another step of the part names: it stays in it. */
  readonly named: GearId | null;
  readonly mostG: number;
  readonly oil: boolean;
}

/**
 * Pans, pots and tins for the steps that name none. A part keeps one of a kind through its steps; parts of one supper get
 * different ones while there are enough (those that hold more choose first), a pot or a tin the smallest that holds it, a
 * frying pan the widest free one, since browning wants room, and a small one where little would lie in it. When all are
 * taken, the one that fits is used by both, one after the other, which is the Clock's to arrange.
 *
 * @param made the dishes with the grams that are cooked, replayed with any gear
 * @returns for each dish, in order; steps that name their own are not in it
 */
export function chooseGear(
  made: readonly { readonly dish: Dish; readonly parts: readonly ReplayedPart[] }[],
  kitchen: Kitchen,
  registry: StepRegistry,
): readonly ChosenGear[] {
  const chosen = made.map(() => ({ all: new Map<StepId, GearId>(), moved: new Map<StepId, GearId>() }));
  const taken = new Set(made.flatMap(({ dish }) => SHELVES.flatMap((shelf) => namedIn(dish.parts, shelf, registry))));
  for (const shelf of SHELVES) {
    const all = vesselsOf(kitchen, shelf);
    if (all.length === 0) continue;
    for (const wish of wishesOf(made, shelf, registry)) {
      const id = wish.named ?? vesselFor(wish, shelf, all, taken, kitchen).id;
      taken.add(id);
      const gear = chosen[wish.dish];
      for (const step of wish.steps) {
        gear?.all.set(step, id);
        if (id !== all[all.length - 1]?.id) gear?.moved.set(step, id);
      }
    }
  }
  return chosen;
}

/** The dish with the gear that was chosen written into its steps; the same object where nothing was. */
export function withGear(dish: Dish, gear: ReadonlyMap<StepId, GearId>, registry: StepRegistry): Dish {
  if (gear.size === 0) return dish;
  const inStep = (step: Step): Step => {
    const id = gear.get(step.id);
    const field = id === undefined ? null : gearField(step, registry);
    return field === null ? step : ({ ...step, [field.key]: id } as Step);
  };
  return { ...dish, parts: dish.parts.map((p) => ({ ...p, steps: p.steps.map(inStep) })) };
}

/** The setting of a step that names a pan, pot or tin, and of which shelf. */
function gearField(step: Step, registry: StepRegistry): { key: string; of: Shelf; value: GearId | null } | null {
  for (const [key, field] of Object.entries(descriptorOf(step.kind, registry).fields))
    if (field.is === "gear" && field.of !== "machine")
      return { key, of: field.of, value: (step as unknown as Record<string, GearId | null>)[key] ?? null };
  return null;
}
const namedIn = (parts: Dish["parts"], shelf: Shelf, registry: StepRegistry): string[] =>
  parts.flatMap((p) =>
    p.steps.flatMap((s) => {
      const field = gearField(s, registry);
      return field?.of === shelf && field.value !== null ? [field.value] : [];
    }),
  );

/** Who asks, the fullest first; equal ones in the order of the supper. */
function wishesOf(
  made: readonly { readonly dish: Dish; readonly parts: readonly ReplayedPart[] }[],
  shelf: Shelf,
  registry: StepRegistry,
): Wish[] {
  const wishes = made.flatMap(({ dish, parts }, at) =>
    parts.flatMap((part): Wish[] => {
      const rows = part.rows.filter(({ step }) => {
        const field = gearField(step, registry);
        return field?.of === shelf && field.value === null && !step.ready;
      });
      if (rows.length === 0) return [];
      const mostG = Math.max(...rows.map((row) => inItG(row, part.rows)));
      const oil = rows.some(({ step }) => step.kind === "deep-fry");
      const [named = null] = namedIn(
        dish.parts.filter((p) => p.id === part.id),
        shelf,
        registry,
      );
      return [{ dish: at, steps: rows.map(({ step }) => step.id), named, mostG, oil }];
    }),
  );
  return wishes.sort((a, b) => b.mostG - a.mostG);
}
/** Grams in the vessel at a step; of one that cannot be worked out, what the last one before it left. */
function inItG(row: Row, rows: readonly Row[]): number {
  if (row.state === "computed") return totalG(vesselContents(row.before)) + inputsG(row.outcome);
  const before = rows.slice(0, rows.indexOf(row)).reverse();
  const last = before.find((r) => r.state === "computed");
  return last?.state === "computed" ? totalG(vesselContents(last.outcome.after)) : 0;
}

/** Smallest first; of two that are as wide the one named first is the wider. */
function vesselsOf(kitchen: Kitchen, shelf: Shelf): Vessel[] {
  const all =
    shelf === "tin"
      ? kitchen.tins.map((t) => ({
          id: t.id,
          size: tinAreaCm2(t),
          areaCm2: tinAreaCm2(t),
          volumeMl: tinAreaCm2(t) * t.heightCm,
        }))
      : kitchen.pans
          .filter((p) => p.kind === shelf)
          .map((p) => {
            const areaCm2 = (Math.PI / 4) * p.diameterCm ** 2;
            return {
              id: p.id,
              size: p.diameterCm,
              areaCm2,
              volumeMl: areaCm2 * (p.heightCm ?? USUAL_HEIGHT * p.diameterCm),
            };
          });
  return all.sort((a, b) => b.size - a.size).reverse();
}
/** A free one that holds it; else one that is in use already, but holds it; else what would fry over goes into a pot. */
function vesselFor(
  wish: Wish,
  shelf: Shelf,
  all: readonly Vessel[],
  taken: ReadonlySet<string>,
  kitchen: Kitchen,
): Vessel {
  const free = all.filter((v) => !taken.has(v.id));
  const first = fitting(free.length > 0 ? free : all, wish, shelf);
  if (holds(first, wish, shelf)) return first;
  const used = fitting(all, wish, shelf);
  if (shelf !== "frying" || holds(used, wish, shelf)) return used;
  return vesselsOf(kitchen, "pot").find((v) => holds(v, wish, "pot")) ?? used;
}
function holds(vessel: Vessel, { mostG, oil }: Wish, shelf: Shelf): boolean {
  if (shelf === "tin") return mostG <= TIN_FILL * vessel.volumeMl;
  return mostG <= (oil ? OIL_FILL : POT_FILL) * vessel.volumeMl;
}
/** The one to take of some, smallest first; there is at least one. */
function fitting(some: readonly Vessel[], wish: Wish, shelf: Shelf): Vessel {
  const widest = some[some.length - 1] as Vessel;
  if (shelf !== "frying") return some.find((v) => holds(v, wish, shelf)) ?? widest;
  if (wish.mostG >= THIN_G_PER_CM2 * widest.areaCm2) return widest;
  return some.find((v) => holds(v, wish, shelf) && wish.mostG < 2 * THIN_G_PER_CM2 * v.areaCm2) ?? widest;
}
