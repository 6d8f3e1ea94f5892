import type { Eater } from "@/core/household/people";
import { labelsToRead } from "@/core/safety/labelsToRead";
import { openIn } from "@/core/open";
import type { Caution } from "@/core/safety/rule";
import { describeCaution, describeStops, type Telling } from "./cautions";
import { counted } from "./count";
import { DIET_WORDS } from "./diets";
import { describeDoubt } from "./doubts";
import type { RemarkText } from "./facts";
import { ALLERGEN_NAMES, foodName, foodsInText } from "./words";

/** What of a supper is still open: what harms as it is planned, whom it harms, what is not said, read or worked out. */
export function describeOpen(
  plan: Parameters<typeof openIn>[0],
  cautions: readonly Caution[],
  eaters: readonly Eater[],
  telling: Telling,
): RemarkText[] {
  const open: RemarkText[] = describeStops(cautions, telling).map((says) => ({ tone: "harm", says }));
  const { mendable, unsaid } = openIn(plan, cautions);
  if (plan.blocked > 0)
    open.push({ tone: "harm", says: `${counted(plan.blocked, "step")} cannot be worked out: fix it on the Bench` });
  if (unsaid.length > 0) open.push({ tone: "watch", says: `No amount yet for ${foodsInText(telling.foods, unsaid)}` });
  for (const doubt of plan.doubts)
    open.push({ tone: "watch", says: describeDoubt(doubt, (food) => foodName(telling.foods, food), telling.units) });
  for (const says of new Set(mendable.map((c) => describeCaution(c, telling)))) open.push({ tone: "watch", says });
  for (const { eater, allergen, verdict, ask, contains } of plan.verdicts) {
    const name = eaters.find((e) => e.id === eater)?.name ?? "Somebody";
    if (verdict === "contains")
      open.push({
        tone: "harm",
        says:
          contains.length > 0 && contains.every((f) => f.labelDecides)
            ? `Not for ${name}, unless labels say free of ${ALLERGEN_NAMES[allergen]}`
            : `Not for ${name}: it contains ${ALLERGEN_NAMES[allergen]}`,
      });
    if (verdict === "may")
      open.push({ tone: "harm", says: `Ask ${name}: a label says "may contain" ${ALLERGEN_NAMES[allergen]}` });
    if (verdict === "open")
      open.push({
        tone: "watch",
        says: `${name}: ${ALLERGEN_NAMES[allergen]} cannot be checked before every dish has its foods`,
      });
    if (verdict === "ask")
      open.push({
        tone: "watch",
        says: `${name}: ${counted(labelsToRead(ask), "label")} to read for ${ALLERGEN_NAMES[allergen]}`,
      });
  }
  for (const { eater, diet, verdict } of plan.diets) {
    const name = eaters.find((e) => e.id === eater)?.name ?? "Somebody";
    if (verdict === "against") open.push({ tone: "harm", says: `Not for ${name}: ${DIET_WORDS[diet].name}` });
    if (verdict === "ask" || verdict === "open")
      open.push({ tone: "watch", says: `${name}, ${DIET_WORDS[diet].name}: cannot be said yet` });
  }
  return open;
}
