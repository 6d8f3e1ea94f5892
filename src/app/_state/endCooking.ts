import type { Entry } from "@/core/notebook/entry";
import type { Plan } from "@/core/plan";
import type { LogEntry } from "@/core/process/log";
import { instant, newId, noted } from "./store";
import type { SupperView } from "./supper";

/**
 * Ends a cooking: its last notes and its entry in the notebook in one go.
 *
 * @returns the id of the entry
 */
export async function endCooking(
  { cooking, supper }: Pick<SupperView, "supper"> & { readonly cooking: NonNullable<SupperView["cooking"]> },
  plans: { readonly planned: Plan; readonly actual: Plan },
  ended: Entry["ended"],
  last: readonly LogEntry[],
): Promise<string> {
  const stamp = instant();
  const said: LogEntry[] = [...last, { kind: "finished", at: stamp }];
  const { entryOf } = await import("@/core/notebook/entry");
  const entry = entryOf({
    id: newId("entry"),
    cooking: cooking.row.id,
    startedAt: cooking.row.startedAt,
    finishedAt: stamp,
    supper,
    ...plans,
    log: [...cooking.log, ...said],
    ended,
  });
  await noted.finish(cooking.row.id, said, entry);
  return entry.id;
}
