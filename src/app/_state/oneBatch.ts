"use client";

import { useLiveQuery } from "dexie-react-hooks";
import { useEffect, useState } from "react";
import { madeApart } from "@/core/dish/batches";
import type { Supper } from "@/core/dish/dish";
import type { OneBatch } from "@/core/oneBatch";
import type { StepKey } from "@/core/process/log";
import type { Edit } from "@/data/edits";
import { db } from "@/data/db";
import { batchesWith, cookingOf, notBegunBefore } from "@/data/household";
import { computing } from "@/workers/client";
import { change, edited, remove } from "./store";
import type { SupperView } from "./supper";

interface Both {
  readonly first: Supper;
  readonly later: Supper;
}
/** Both suppers in one change, so that one undo brings both back. */
export const saveBoth = (label: string, before: Both, after: Both, says?: string): Promise<void> =>
  change(label, [edited("suppers", before.first, after.first), edited("suppers", before.later, after.later)], says);

/** What suppers before this one could make along with their own; nothing until it is worked out. */
export function useOneBatch(
  { question, taken, supper }: Pick<SupperView, "question" | "taken" | "supper">,
  asked: boolean,
): { readonly ways: readonly OneBatch[]; readonly others: readonly Supper[] } {
  const others = useLiveQuery(() => (asked ? notBegunBefore(db, supper, Date.now()) : []), [asked, supper]) ?? NOBODY;
  const [told, setTold] = useState<{ readonly of: unknown; readonly ways: readonly OneBatch[] } | null>(null);
  useEffect(() => {
    if (others.length === 0) return;
    let current = true;
    void computing.oneBatch(question, others, taken).then((ways) => current && setTold({ of: question, ways }));
    return () => {
      current = false;
    };
  }, [question, taken, others]);
  return { ways: asked && told?.of === question ? told.ways : NO_WAYS, others };
}
const NOBODY: readonly Supper[] = [];
const NO_WAYS: readonly OneBatch[] = [];

/** The supper makes its share itself again. Who has begun to cook the batch makes all of it as planned. */
export async function makeApart({ supper, makers }: SupperView, key: StepKey): Promise<void> {
  const maker = makers.find((s) => s.id === supper.madeWith[key]?.supper) ?? null;
  const first = maker !== null && (await cookingOf(db, maker.id)) === null ? maker : null;
  const apart = madeApart(first, supper, key);
  await change("Made by itself", [
    edited("suppers", supper, apart.later),
    ...(first !== null && apart.first !== null ? [edited("suppers", first, apart.first)] : []),
  ]);
}

/** Takes a supper off the counter, and its share out of the batches that others would make for it. */
export async function removeSupper(supper: Supper): Promise<void> {
  const { makers } = await batchesWith(db, supper);
  const smaller = await Promise.all(
    makers.map(async (maker): Promise<Edit[]> => {
      if ((await cookingOf(db, maker.id)) !== null) return [];
      const keys = Object.keys(supper.madeWith).filter((key) => supper.madeWith[key]?.supper === maker.id);
      const alone = keys.reduce((first: Supper, key) => madeApart(first, supper, key).first ?? first, maker);
      return [edited("suppers", maker, alone)];
    }),
  );
  await change("Remove supper", [remove("suppers", supper.id), ...smaller.flat()], "The supper is off the counter.");
}
