import type { Eater } from "@/core/household/people";
import type { Plan } from "@/core/plan";
import { counted } from "./count";
import { DIET_WORDS } from "./diets";
import type { RemarkText } from "./facts";
import { ALLERGEN_NAMES } from "./words";

/** What of a supper is still open: whom it harms, whose labels are unread, what cannot be worked out. */
export function describeOpen(
  plan: Pick<Plan, "verdicts" | "diets" | "blocked">,
  eaters: readonly Eater[],
): RemarkText[] {
  const open: RemarkText[] = [];
  if (plan.blocked > 0)
    open.push({ tone: "harm", says: `${counted(plan.blocked, "step")} cannot be worked out: fix it on the Bench` });
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
        says: `${name}: ${counted(ask.length, "label")} to read for ${ALLERGEN_NAMES[allergen]}`,
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
