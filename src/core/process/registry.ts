import type { StepDescriptor, StepWith } from "./descriptor";
import { asWrittenStep } from "./steps/asWritten";
import { airFryStep, bakeStep } from "./steps/bake";
import { batterStep } from "./steps/batter";
import { bindStep } from "./steps/bind";
import { blanchStep } from "./steps/blanch";
import { boilStep } from "./steps/boil";
import { brownStep } from "./steps/brown";
import { coatStep } from "./steps/coat";
import { cookStep } from "./steps/cook";
import { coolStep } from "./steps/cool";
import { cutStep } from "./steps/cut";
import { deepFryStep } from "./steps/deepFry";
import { discardStep } from "./steps/discard";
import { drainStep } from "./steps/drain";
import { freezeStep, thawStep } from "./steps/freeze";
import { fryStep, griddleStep } from "./steps/fry";
import { gelStep } from "./steps/gel";
import { glazeStep } from "./steps/glaze";
import { holdStep } from "./steps/hold";
import { layerStep } from "./steps/layer";
import { marinateStep } from "./steps/marinate";
import { mashStep } from "./steps/mash";
import { patStep } from "./steps/pat";
import { pressStep } from "./steps/press";
import { pulseStep } from "./steps/pulse";
import { reduceStep } from "./steps/reduce";
import { reheatStep } from "./steps/reheat";
import { restStep } from "./steps/rest";
import { rinseStep } from "./steps/rinse";
import { searStep } from "./steps/sear";
import { seasonStep } from "./steps/season";
import { serveStep } from "./steps/serve";
import { setAsideStep } from "./steps/setAside";
import { shapeStep } from "./steps/shape";
import { simmerStep } from "./steps/simmer";
import { sliceStep } from "./steps/slice";
import { soakStep } from "./steps/soak";
import { sortStep } from "./steps/sort";
import { squeezeStep } from "./steps/squeeze";
import { standStep } from "./steps/stand";
import { steamStep } from "./steps/steam";
import { storeStep } from "./steps/store";
import { strainStep } from "./steps/strain";
import { stuffStep } from "./steps/stuff";
import { sweatStep } from "./steps/sweat";
import { thickenStep } from "./steps/thicken";
import { toastStep } from "./steps/toast";
import { topStep } from "./steps/top";
import { weighStep } from "./steps/weigh";
import type { StepId } from "./step";

/** Every kind of step, in the order in which cooks work. A new one is written in a file of its own and listed here. */
export const STEPS = [
  weighStep,
  sortStep,
  cutStep,
  pulseStep,
  mashStep,
  soakStep,
  cookStep,
  boilStep,
  steamStep,
  blanchStep,
  gelStep,
  drainStep,
  strainStep,
  discardStep,
  rinseStep,
  squeezeStep,
  pressStep,
  freezeStep,
  thawStep,
  patStep,
  seasonStep,
  marinateStep,
  glazeStep,
  toastStep,
  batterStep,
  bindStep,
  restStep,
  shapeStep,
  stuffStep,
  sliceStep,
  coatStep,
  searStep,
  brownStep,
  sweatStep,
  fryStep,
  griddleStep,
  deepFryStep,
  airFryStep,
  bakeStep,
  simmerStep,
  reduceStep,
  thickenStep,
  layerStep,
  topStep,
  holdStep,
  standStep,
  coolStep,
  storeStep,
  setAsideStep,
  reheatStep,
  asWrittenStep,
  serveStep,
] as const;

type OfDescriptor<D> = D extends StepDescriptor<infer K, infer F> ? StepWith<K, F> : never;
/** One operation on a part: its kind, its own settings, and what every step has. */
export type Step = OfDescriptor<(typeof STEPS)[number]>;
/** The kind of a step. */
export type StepKind = Step["kind"];
/** A step of one kind. */
export type StepOf<K extends StepKind> = Extract<Step, { kind: K }>;
/** All kinds, in the order in which cooks work. */
export const STEP_KINDS: readonly StepKind[] = STEPS.map((d) => d.kind);

/** Descriptors by kind. Passed to whoever needs one, so that a test can add a kind. */
export type StepRegistry = ReadonlyMap<string, StepDescriptor>;
/** A registry of these descriptors. */
export const registryOf = (descriptors: readonly StepDescriptor[]): StepRegistry =>
  new Map(descriptors.map((d) => [d.kind, d]));
// A descriptor takes steps of its own kind only; looking it up by the kind of the step keeps the two together.
/** The kinds that ship. */
export const STEP_REGISTRY: StepRegistry = registryOf(STEPS as unknown as readonly StepDescriptor[]);

/**
 * The descriptor of a kind.
 *
 * @throws RangeError for a kind that the registry does not hold: whoever reads steps from outside checks them first
 */
export function descriptorOf(kind: string, registry: StepRegistry = STEP_REGISTRY): StepDescriptor {
  const found = registry.get(kind);
  if (found === undefined) throw new RangeError(`no kind of step "${kind}"`);
  return found;
}

/** The least and the most of each number that a kind's form asks for. */
export type Limits = Readonly<Record<string, { readonly low: number; readonly high: number }>>;
/** Of all kinds, as plain data for whoever has no rules at hand. */
export const LIMITS_BY_KIND = Object.fromEntries(
  STEPS.map(({ kind, numbers }) => [
    kind,
    Object.fromEntries(numbers.map(([name, { low, high }]) => [name, { low, high }])),
  ]),
) as Readonly<Record<StepKind, Limits>>;

/** A fresh step of each kind, with the usual settings and nothing in it. */
export function newStep<K extends StepKind>(kind: K, id: StepId): StepOf<K> {
  return { id, kind, adds: [], handsMin: null, mayWaitMin: null, ...descriptorOf(kind).usual } as unknown as StepOf<K>;
}
