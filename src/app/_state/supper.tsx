"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useSearchParams } from "next/navigation";
import { createContext, type ReactNode, useContext, useEffect, useMemo } from "react";
import { type BatchStanding, batchStandings, withDays } from "@/core/dish/batchStandings";
import type { Supper } from "@/core/dish/dish";
import type { Question } from "@/core/cooking";
import { withoutBurners } from "@/core/household/kitchen";
import type { AllergenChange } from "@/core/foods/book";
import type { Food, FoodLookup } from "@/core/foods/food";
import type { Eater } from "@/core/household/people";
import type { Caution } from "@/core/safety/rule";
import type { Label } from "@/core/formats/household";
import type { BurnerChoice, Plan, PlanInput } from "@/core/plan";
import type { Ranges } from "@/core/sampling";
import { browserZone } from "@/core/calendar/localTime";
import { changesThePlan, type LogEntry, type Progress, progressOf } from "@/core/process/log";
import type { UnitSystem } from "@/core/quantities/units";
import type { Schedule } from "@/core/schedule/schedule";
import type { Taken } from "@/core/schedule/taken";
import { type CookingRow, db } from "@/data/db";
import { batchesWith, cookingOf, planInputOf, suppersBefore } from "@/data/household";
import { withHeld } from "@/data/noteQueue";
import { useSame } from "@/ui/frame/useSame";
import type { StageSlug } from "./stages";
import { dropWritten, pendingRow, usePending } from "./pending";
import { useCautions, useLast, usePlan, useRanges, useTimes } from "./computed";
import { change, edited, heldNotes, useHeldNotes } from "./store";

/** Everything the stages of one supper are views of. */
export interface SupperView {
  readonly state: "ready";
  readonly supper: Supper;
  readonly input: PlanInput;
  /** What the workers are asked: the input, and what stands today where it is frozen. */
  readonly question: Question;
  readonly foods: FoodLookup;
  /** As the house has them now, frozen or not. */
  readonly units: UnitSystem;
  readonly labels: readonly Label[];
  /** The stand-in for a scale is switched on, frozen or not. */
  readonly simulatedScale: boolean;
  /** The plan as it stands: with the log of the cooking, when one is under way. */
  readonly plan: Plan | null;
  /** The plan before anything was weighed. */
  readonly planned: Plan | null;
  /** What can harm: at once without times, with them as soon as they are known. */
  readonly cautions: readonly Caution[];
  /** Allergens that stand otherwise than when the cooking began. */
  readonly allergenChanges: readonly AllergenChange[];
  readonly ranges: Ranges | null;
  readonly schedule: Schedule | null;
  /** Names of suppers that have the kitchen for some of the time, because they are eaten before. */
  readonly beside: readonly string[];
  /** What they have of it. */
  readonly taken: readonly Taken[];
  /** How the batches stand that other suppers make for this one; those suppers, and the ones that this one makes some for. */
  readonly batches: readonly BatchStanding[];
  readonly makers: readonly Supper[];
  readonly takers: readonly Supper[];
  readonly cooking: { readonly row: CookingRow; readonly log: readonly LogEntry[]; readonly progress: Progress } | null;
  /** A cooking has begun and not ended: the input is frozen, only the log grows. */
  readonly frozen: boolean;
}
export type SupperState = { readonly state: "loading" } | { readonly state: "missing" } | SupperView;

const Context = createContext<SupperState>({ state: "loading" });
export const useSupper = (): SupperState => useContext(Context);

export const supperHref = (stage: StageSlug, id: string) => `/supper/${stage}?s=${encodeURIComponent(id)}`;

/** Loads the supper named in the query and keeps its plan, ranges and schedule. */
export function SupperProvider({ children }: { children: ReactNode }) {
  const id = useSearchParams().get("s");
  const stored = useLiveQuery(async () => {
    const supper = id === null ? undefined : await db.suppers.get(id);
    if (!supper) return { supper: null };
    const [labels, own] = await Promise.all([db.labels.toArray(), db.foods.toArray()]);
    return {
      supper,
      labels,
      own,
      input: await planInputOf(db, supper, browserZone),
      cooking: await cookingOf(db, supper.id),
      earlier: await suppersBefore(db, supper),
      batches: await batchesWith(db, supper),
    };
  }, [id]);

  const onItsWay = usePending();
  useEffect(() => dropWritten(() => true), [stored]);
  const edited = id === null ? null : (pendingRow<Supper>(onItsWay, "suppers", id) ?? null);
  const supper = edited ?? stored?.supper ?? null;
  const held = useHeldNotes();
  const read = stored && stored.supper !== null ? stored.cooking : null;
  useEffect(() => heldNotes.seen(read?.cooking.id ?? null, read?.ids ?? []), [read]);
  const cooked = useSame(id === null || !stored || stored.supper === null ? null : withHeld(read, id, held.presses));
  const cooking = useMemo(
    () => (cooked === null ? null : { row: cooked.cooking, log: cooked.log, progress: progressOf(cooked.log) }),
    [cooked],
  );
  const frozen = cooking !== null && cooking.progress.finishedAt === null;
  // Text as the key: a reload of equal rows gives new objects, and must not start everything again.
  const kitchen = useSame(stored && stored.supper !== null ? stored.input.kitchen : null);
  const eaters = useSame(stored && stored.supper !== null ? stored.input.eaters : null);
  const { makers, takers } = useSame(stored && stored.supper !== null ? stored.batches : null) ?? NO_BATCHES_WITH;
  const fresh = useMemo(() => {
    if (!stored || stored.supper === null || kitchen === null || eaters === null) return null;
    return { ...stored.input, kitchen, eaters, supper: withDays(edited ?? stored.supper, makers) };
  }, [stored, kitchen, eaters, edited, makers]);

  const today = useSame(
    frozen && stored && stored.supper !== null ? { foods: stored.own, labels: stored.input.labels } : null,
  );
  const base = useSame(frozen ? withoutBurners(cooking.row.input, cooking.progress.failed) : fresh);
  const weighings = useSame(frozen ? cooking.log.filter(changesThePlan) : NO_LOG);
  const asked = useMemo<Question | null>(
    () => (base === null || weighings === null ? null : { input: { ...base, log: weighings }, today }),
    [base, weighings, today],
  );
  const unweighed = useMemo<Question | null>(() => (base === null ? null : { input: base, today }), [base, today]);
  // The clock says on which burner a step stands; that decides its minutes, here and on the Bench.
  const earlier = useSame(stored && stored.supper !== null ? stored.earlier : null);
  const times = useTimes(unweighed, earlier);
  const burners = useSame(times?.burners ?? null);
  const askedOn = useMemo(() => onBurners(asked, burners), [asked, burners]);
  const unweighedOn = useMemo(() => onBurners(unweighed, burners), [unweighed, burners]);
  const weighed = weighings !== null && weighings.length > 0;
  // Without a weighing the plan is the planned one: worked out once, from the input as it goes to the samples.
  const before = usePlan(weighed ? unweighedOn : askedOn);
  const corrected = usePlan(weighed ? askedOn : null);
  // Until the first correction is worked out the plan before it stays, so that the Stove never goes blank.
  const now = weighed ? (corrected ?? before) : before;
  const planned = before?.plan ?? null;
  const plan = now?.plan ?? null;
  const named = useSame(now?.foods ?? null);
  const foods = useMemo(() => lookupIn(named ?? []), [named]);
  const ranges = useRanges(askedOn, now?.of ?? null);
  // Times belong to the plan with their burners: until that is there, the pair before stays.
  const paired = times !== null && before?.of.burners === onlyGiven(burners) ? times.schedule : null;
  const schedule = useLast(paired);
  const beside = useSame((earlier ?? []).filter((s) => times?.beside.includes(s.id) === true).map((s) => s.name));
  const taken = useSame(times?.taken ?? NOTHING_TAKEN);
  const cautions = useCautions(now, times?.of === unweighed ? paired : null);
  const changes = useSame(now?.changes ?? null) ?? NO_CHANGES;

  // A look at the store that brings nothing new must not draw every screen again: only what says something else counts.
  const labels = useSame(stored && stored.supper !== null ? stored.labels : null);
  const units = stored && stored.supper !== null ? stored.input.kitchen.units : null;
  const simulatedScale = stored && stored.supper !== null ? stored.input.kitchen.scale === "simulated" : false;
  const batches = useMemo(
    () => (frozen || supper === null ? NO_BATCHES : batchStandings(supper, makers)),
    [frozen, supper, makers],
  );
  const looked = stored !== undefined;
  const found = looked && supper !== null;
  const value = useMemo<SupperState>(() => {
    if (!looked) return { state: "loading" };
    if (!found || asked === null || units === null || labels === null) return { state: "missing" };
    return {
      state: "ready",
      supper: asked.input.supper,
      question: askedOn ?? asked,
      input: asked.input,
      foods,
      units,
      labels,
      simulatedScale,
      plan,
      planned,
      cautions,
      allergenChanges: changes,
      ranges,
      schedule,
      beside,
      taken,
      batches,
      makers,
      takers,
      cooking,
      frozen,
    };
  }, [
    looked,
    found,
    units,
    labels,
    simulatedScale,
    asked,
    askedOn,
    foods,
    plan,
    planned,
    cautions,
    changes,
    ranges,
    schedule,
    beside,
    taken,
    batches,
    makers,
    takers,
    cooking,
    frozen,
  ]);
  return <Context value={value}>{children}</Context>;
}

const NO_LOG: readonly LogEntry[] = [];
const NO_BATCHES: readonly BatchStanding[] = [];
const NO_BATCHES_WITH = { makers: [] as readonly Supper[], takers: [] as readonly Supper[] };
const NOTHING_TAKEN: readonly Taken[] = [];
/** Burners as they stand in a question: nothing where none was given. */
const onlyGiven = (burners: BurnerChoice | null): BurnerChoice | undefined =>
  burners === null || Object.keys(burners).length === 0 ? undefined : burners;
function onBurners(question: Question | null, burners: BurnerChoice | null): Question | null {
  const given = onlyGiven(burners);
  return question === null || given === undefined ? question : { ...question, burners: given };
}
const NO_CHANGES: readonly AllergenChange[] = [];

const lookupIn = (foods: readonly Food[]): FoodLookup => {
  const byId = new Map(foods.map((f) => [f.id, f]));
  return (id) => byId.get(id) ?? null;
};

/** The name of one of these people; somebody who is gone is "somebody". */
export const nameIn =
  (eaters: readonly Eater[]) =>
  (id: string): string =>
    eaters.find((e) => e.id === id)?.name ?? "somebody";

export const saveSupper = (from: Supper, to: Supper, label: string, says?: string): Promise<void> =>
  change(label, [edited("suppers", from, to)], says);
