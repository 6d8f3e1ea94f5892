import type { Part } from "../../dish/dish";
import { newStep, type Step, type StepKind } from "../../process/registry";
import type { Choice, FoodLine, Line, StepId } from "../../process/step";
import type { Kitchen } from "../run/machine";
import type { Draft, Item, Pot } from "../run/pot";
import { ownId } from "./ownId";
import type { Put, Settled } from "../lines/settle";

const round = (g: number): number => (g < 10 ? Math.round(g * 10) / 10 : Math.round(g));
/** A share as it is written; what is taken is never nothing. */
const shareOf = (share: number): number => Math.max(0.001, Math.round(share * 1000) / 1000);
/** Stands for the step of a draft until every part is written. */
function keptAt(at: number, draft: Draft, drafts: Draft[]): StepId {
  return `draft:${at >= 0 ? at : drafts.push(draft) - 1}`;
}
const foodLine = (food: string, massG: number | null): FoodLine => ({
  kind: "food",
  food,
  massG: massG === null ? null : round(massG),
});
/** A share of what a line puts in. */
export function putLine({ food, words, massG }: Put, share: number): FoodLine {
  const line = foodLine(food ?? ownId(words), massG === null ? null : massG.likely * share);
  if (massG === null || massG.low === massG.high) return line;
  return { ...line, between: { lowG: round(massG.low * share), highG: round(massG.high * share) } };
}
/** Writes pots as parts of a dish. */
export class Writer {
  /** The steps that each sentence of the method became. */
  readonly stepsOf = new Map<number, readonly StepId[]>();

  /** Steps whose liquor something takes, and by which names they were written. */
  private readonly drafts: Draft[] = [];
  private readonly idOf = new Map<Draft, StepId>();
  /** Choices of lines that are left out for now. */
  readonly outs = new Set<Choice>();

  constructor(
    private readonly k: Kitchen,
    private readonly settled: readonly Settled[],
  ) {}

  linesOf(item: Item): Line[] {
    if (item.is === "food") return [foodLine(item.food, item.massG)];
    if (item.is === "kept") {
      const step = keptAt(this.drafts.indexOf(item.kept.of), item.kept.of, this.drafts);
      return [{ kind: "liquor", step, share: shareOf(item.share) }];
    }
    if (item.is === "pot") return [{ kind: "part", part: item.pot.id, share: shareOf(item.share) }];
    return (this.settled.find((s) => s.line === item.line)?.puts ?? []).map((p) => putLine(p, item.share));
  }
  /** What the line leaves to the cook, in the grams of this share of it. */
  choicesOf(item: Item): Choice[] {
    if (item.is !== "line") return [];
    const settled = this.settled.find((s) => s.line === item.line);
    const [put, ...more] = settled?.puts ?? [];
    if (settled?.instead === undefined || put === undefined || more.length > 0) return [];
    const of = [put, ...settled.instead.others].map((p) => putLine(p, item.share));
    const choice = { of, optional: settled.instead.optional };
    if (settled.instead.out) this.outs.add(choice);
    return [choice];
  }
  part(pot: Pot, names: Set<string>): Part {
    const steps: { kind: StepKind; items: readonly Item[]; settings: object; sentence: number; draft?: Draft }[] = [];
    pot.steps.forEach((draft, i) => {
      let { items } = draft;
      if (i === 0 && CUT_BEFORE.has(draft.kind)) {
        const cut = items.filter(
          (it) => it.is === "line" && this.cutMm(it.line) !== null && this.k.line(it.line).massG !== null,
        );
        const sizes = new Map<number, Item[]>();
        for (const it of cut)
          if (it.is === "line")
            sizes.set(this.cutMm(it.line) as number, [...(sizes.get(this.cutMm(it.line) as number) ?? []), it]);
        const mass = (those: readonly Item[]) => those.reduce((g, it) => g + this.k.massOf(it), 0);
        for (const [pieceMm, those] of [...sizes].sort(([, a], [, b]) => mass(a) - mass(b)))
          steps.push({
            kind: "cut",
            items: those,
            settings: { pieceMm },
            sentence: draft.sentence,
          });
        items = items.filter((it) => !cut.includes(it));
        if (draft.kind === "weigh" && items.length === 0) return;
      }
      steps.push({
        kind: draft.kind,
        items,
        settings: draft.settings,
        sentence: draft.sentence,
        draft,
      });
    });
    const isSauce = pot.steps.some((s) => s.kind === "simmer");
    return {
      id: pot.id,
      name: nameOf(pot, names),
      steps: steps.map(({ kind, items, settings, sentence, draft }, i) => {
        const adds = items.flatMap((it) => this.linesOf(it));
        const choices = items.flatMap((it) => this.choicesOf(it));
        const id = `${pot.id}-${kind}-${i + 1}`;
        if (draft !== undefined) this.idOf.set(draft, id);
        this.stepsOf.set(sentence, [...(this.stepsOf.get(sentence) ?? []), id]);
        return { ...newStep(kind, id), ...settings, adds, ...(choices.length === 0 ? {} : { choices }) } as Step;
      }),
      waitsForTableMin: 15,
      saltTarget: isSauce ? "sauce" : null,
      route: null,
    };
  }
  /** With the steps that liquor comes from, once all of them have their names; a liquor of no step is none. */
  named(parts: readonly Part[]): Part[] {
    const line = (l: Line): Line[] => {
      if (l.kind !== "liquor" || !l.step.startsWith("draft:")) return [l];
      const draft = this.drafts[Number(l.step.slice("draft:".length))];
      const step = draft === undefined ? undefined : this.idOf.get(draft);
      return step === undefined ? [] : [{ ...l, step }];
    };
    return parts.map((p) => ({ ...p, steps: p.steps.map((s) => ({ ...s, adds: s.adds.flatMap(line) }) as Step) }));
  }
  private cutMm(line: number): number | null {
    const stock = this.k.line(line);
    const group = this.k.groupOf(stock.foods[0] ?? "");
    return group === "vegetable" || group === "mushroom" ? stock.cutMm : null;
  }
}
const CUT_BEFORE = new Set<StepKind>([
  "weigh",
  "brown",
  "sweat",
  "simmer",
  "boil",
  "steam",
  "bake",
  "season",
  "bind",
  "layer",
]);

function nameOf(pot: Pot, names: Set<string>): string {
  const said = (pot.name === "" ? "The rest" : pot.name).slice(0, 60).trim();
  const name = `${said.slice(0, 1).toUpperCase()}${said.slice(1)}`;
  const free = names.has(name)
    ? ([2, 3, 4, 5, 6, 7, 8, 9].map((n) => `${name} ${n}`).find((n) => !names.has(n)) ?? `${name} ${pot.id}`)
    : name;
  names.add(free);
  return free;
}
