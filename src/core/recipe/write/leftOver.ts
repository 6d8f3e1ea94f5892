import type { Part } from "../../dish/dish";
import { newStep, type Step } from "../../process/registry";
import type { Choice, Line } from "../../process/step";
import type { Settled } from "../lines/settle";
import type { Kitchen } from "../run/machine";
import { waterFor } from "../run/waterFor";
import { putLine, type Writer } from "./write";

/** Steps behind which nobody tastes any more: it lies under a crust, is in the oven, or on the table. */
const AFTER_TASTING = new Set(["layer", "top", "stuff", "bake", "stand", "serve", "cool", "rest", "coat", "shape"]);
/** Where a sauce is tasted: before it goes under a crust or to the table. */
function tastedAt(steps: readonly Step[]): number {
  const last = steps.findLastIndex((s) => !AFTER_TASTING.has(s.kind));
  return last < 0 ? steps.length : last + 1;
}
/** In its own pot, with as much water as it takes or is poured off. */
function cooked(
  id: string,
  called: string,
  adds: Line[],
  food: string,
  massG: number | null,
): Part & { steps: Step[] } {
  const { perG, drained } = waterFor(food);
  const water: Line = { kind: "food", food: "water", massG: massG === null ? null : Math.round(perG * massG) };
  const steps: Step[] = [
    { ...newStep("weigh", `${id}-weigh`), adds },
    { ...newStep("cook", `${id}-cook`), adds: [water] },
    ...(drained ? [newStep("drain", `${id}-drain`)] : []),
  ];
  const name = `${called.slice(0, 1).toUpperCase()}${called.slice(1)}`;
  return { id, name, steps, waitsForTableMin: 15, saltTarget: null, route: null };
}
/** What is left of the list, and the lines of it that no sentence names: what comes to the table goes there, salt and pepper into the sauce, the rest into a part of its own. */
export function leftOver(
  parts: Part[],
  k: Kitchen,
  settled: readonly Settled[],
  covered: Set<number>,
  writer: Pick<Writer, "choicesOf">,
): { readonly parts: Part[]; readonly unplaced: readonly number[] } {
  const made = parts.map((p) => ({ ...p, steps: [...p.steps] }));
  const beside = made.filter((p) => p.route === null && p.id !== "batter");
  const isTasted = (p: Part) => p.steps.some((s) => ["simmer", "sweat", "brown", "season"].includes(s.kind));
  const sauce =
    beside.findLast((p) => p.saltTarget !== null) ??
    beside.findLast(isTasted) ??
    beside.findLast((p) => p.steps.length > 1);
  const rest: Line[] = [];
  const unplaced: number[] = [];
  const table: Line[] = [];
  const choices: { readonly [K in "table" | "open"]: Choice[] } = { table: [], open: [] };
  const withChoices = (line: number, share: number): { readonly choices?: readonly Choice[] } => {
    const of = writer.choicesOf({ is: "line", line, share });
    return of.length === 0 ? {} : { choices: of };
  };
  for (const s of k.stock) {
    const share = k.left.get(s.line) ?? 0;
    if (share <= 0.001 || s.meat !== null) continue;
    const puts = settled.find((x) => x.line === s.line)?.puts ?? [];
    const isFat = s.foods.length > 0 && s.foods.every((f) => k.groupOf(f) === "fat");
    if (isFat && k.fatOfMeat.has(s.line) && share > 0.99) {
      covered.add(s.line);
      continue;
    }
    const lines = puts.map((p) => putLine(p, share));
    // Pasta, grains and dry pulses that no sentence names are cooked all the same.
    const dry = s.foods[0] ?? "";
    if (lines.length === 1 && k.isBoiled(dry) && !/-(?:cooked|tinned)$/.test(dry)) {
      made.push(cooked(`pot-${s.line}`, s.names[0]?.join(" ") ?? dry, lines, dry, s.massG));
      continue;
    }
    // Of half the salt, or a spoon of the oil, what no sentence takes goes in where it is tasted.
    const isRest = share < 0.99 && s.foods.every((f) => k.groupOf(f) === "seasoning" || k.groupOf(f) === "fat");
    if (isRest && sauce !== undefined)
      sauce.steps.splice(tastedAt(sauce.steps), 0, {
        ...newStep("season", `${sauce.id}-season-${sauce.steps.length + 1}-${s.line}`),
        adds: lines,
        ...withChoices(s.line, share),
      });
    else if (s.byTaste && sauce !== undefined) {
      const salts = s.foods.includes("salt");
      const others = lines.filter((l) => l.food !== "salt");
      sauce.steps.splice(tastedAt(sauce.steps), 0, {
        ...newStep("season", `${sauce.id}-season-${sauce.steps.length + 1}-${s.line}`),
        adds: others,
        ...withChoices(s.line, share),
        ...(salts ? { saltTo: 0.009 } : {}),
      });
    } else {
      (s.toServe ? table : rest).push(...lines);
      choices[s.toServe ? "table" : "open"].push(...writer.choicesOf({ is: "line", line: s.line, share }));
      if (!s.toServe) unplaced.push(s.line);
    }
  }
  if (sauce !== undefined && !k.stock.some((s) => s.foods.includes("salt")) && sauce.saltTarget !== null)
    sauce.steps.splice(tastedAt(sauce.steps), 0, { ...newStep("season", `${sauce.id}-salt`), saltTo: 0.009 });
  const extra = (id: "table" | "open", name: string, adds: Line[]): Part[] =>
    adds.length === 0
      ? []
      : [
          {
            id,
            name,
            steps: [
              {
                ...newStep("weigh", `${id}-weigh`),
                adds,
                ...(choices[id].length === 0 ? {} : { choices: choices[id] }),
              },
            ],
            waitsForTableMin: 15,
            saltTarget: null,
            route: null,
          },
        ];
  const all = [...made, ...extra("table", "To serve", table), ...extra("open", "Still to be looked at", rest)];
  return { parts: all, unplaced };
}
