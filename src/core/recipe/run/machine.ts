import type { FoodId, FoodLookup } from "../../foods/food";
import { processOf } from "../../foods/process";
import { waterFor } from "./waterFor";
import type { Clause } from "../method/clauses";
import { KEPT_FOOD, keptShare, pourOff } from "./kept";
import { holderOf, isEmpty, type Item, type Kept, keptPot, linesIn, newPot, type Pot } from "./pot";
import { type Callable, isNamedIn } from "./calling";
import { type Mention, mentionsIn, type Share } from "./references";

/** So long peas and leaves take in a sauce, minutes (common practice). */
export const RAW_MIN = 3;
const A_LITTLE_G: Readonly<Record<string, number>> = { splash: 40, dash: 10, drizzle: 10, knob: 15, drop: 10 };
const MIXES_ALL = new Set(["mix", "combine", "blend", "knead"]);
/** A line of the list as the machine handles it: what goes in for it. */
export interface Stock extends Callable {
  readonly foods: readonly FoodId[];
  readonly massG: number | null;
  /** How large the list wants it cut, mm; null where it says nothing of it. */
  readonly cutMm: number | null;
  readonly toServe: boolean;
  readonly byTaste: boolean;
  /** The list wants it soaked before. */
  readonly soaked: boolean;
  /** In hot water. */
  readonly soakedHot: boolean;
  /** The line of the water that the list mixes it with. */
  readonly mixedWith: number | null;
  /** The meat that a route takes the place of: its place among the meats. */
  readonly meat: number | null;
}
/** What became of a sentence. */
export type Told = "steps" | "with-meat" | "no-cooking" | "note" | "open";
/** The kitchen while a method is carried out: pots, what is left of every line, the heat of oven and oil. */
export class Kitchen {
  readonly pots: Pot[] = [];
  /** What steps let go and later ones may take again: soaking water, strained pieces, frying oil. */
  readonly keeps: Pot[] = [];
  /** The pot in hand. */
  here: Pot | null = null;
  ovenC: number | null = null;
  oilC: number | null = null;
  readonly left = new Map<number, number>();
  readonly told = new Map<number, Told>();
  /** The sentence in hand. */
  sentence = 0;
  /** What the recipe puts into or round its meat, by the meat's pot; whether it coats it or is mixed in. */
  readonly within = new Map<Pot, readonly Item[]>();
  readonly coats = new Set<Pot>();
  readonly mixes = new Set<Pot>();
  /** A heat of the recipe's was the meat's alone. */
  heatedMeat = false;
  /** Fat that a sentence gives to that heat: where nothing else takes it, the route brings its own. */
  readonly fatOfMeat = new Set<number>();
  /** Oil that something was fried in, for the next time. */
  deepOil: readonly Item[] = [];
  /** What was boiled beside a staple and comes to it. */
  comesAfter: Pot | null = null;
  /** Pieces that were counted out before they are shaped. */
  count = 0;
  /** What the clause before this one named, where it was no cooking: "wash the lentils, boil them". */
  focus: readonly Mention[] = [];
  /** What the sentences are about: "For the potatoes". */
  about = "";
  /** Tap water that was brought to the boil for what comes next. */
  boils = false;
  /** What is brought to the table or laid on top further on: the clauses that say so. */
  toTable: readonly string[] = [];
  /** The sentence in hand, in small letters. */
  said = "";
  /** Minutes that were the meat's alone, by sentence: what it said, and what is taken instead. */
  readonly shortened = new Map<number, { readonly saidMin: number; readonly takenMin: number }>();
  /** All that is still to be done. */
  later = "";
  /** What the dish is called by, one word: what is shaped or filled for it is called so too. */
  dishName = "";
  /** The clause before this one. */
  lastText = "";
  /** How many meanings deep the verb in hand is. */
  meanings = 0;
  private opened = 0;

  constructor(
    readonly stock: readonly Stock[],
    readonly foods: FoodLookup,
    readonly gramsSaid: (words: string, line: number) => number | null,
    readonly meats: readonly Pot[],
    /** What the route of each meat does by itself. */
    readonly routeDoes: readonly ReadonlySet<string>[],
  ) {
    for (const s of stock) this.left.set(s.line, s.meat === null ? 1 : 0);
    this.pots.push(...meats);
  }

  line(line: number): Stock {
    return this.stock.find((s) => s.line === line) as Stock;
  }
  isLeft = (line: number): boolean => (this.left.get(line) ?? 0) > 0.02;

  open(name = ""): Pot {
    this.opened += 1;
    const pot = newPot(`part-${this.opened}`);
    pot.name = name;
    this.pots.push(pot);
    this.here = pot;
    return pot;
  }
  /** What a step lets go can be taken again by these names. */
  keep(kept: Kept, called: readonly string[]): Pot {
    const pot = keptPot(`kept-${this.keeps.length + 1}`, kept, called);
    this.keeps.push(pot);
    return pot;
  }
  /** What a clause speaks of, as it lies now: meats as their pots, what is used up as the pot that holds it. */
  mentions(clause: Pick<Clause, "words" | "about" | "verb">): Mention[] {
    const pots = [...this.pots.filter((p) => !isEmpty(p)), ...this.keeps.filter((p) => p.left > 0.001)];
    const here = this.here === null ? null : holderOf(this.here);
    const isSaid = (line: number, words: string): boolean => {
      const said = this.gramsSaid(words, line);
      const { massG } = this.line(line);
      return said !== null && massG !== null && Math.abs(said / massG - 1) < 0.15;
    };
    const said = mentionsIn(clause, this.stock, pots, this.isLeft, {
      here: here === null || isEmpty(here) ? null : here,
      isSaid,
      comesLater: (c) => this.toTable.some((text) => isNamedIn(c, text)),
    }).flatMap((m): Mention | [] => {
      if (m.is === "pot")
        return m.pot.kept === null ? { ...m, pot: holderOf(m.pot) } : { ...m, share: keptShare(clause, m, m.pot.kept) };
      const little = m.share.is === "plain" ? this.littleOf(clause, m) : null;
      if (little !== null && this.isLeft(m.line)) return { ...m, share: little };
      const { meat, foods } = this.line(m.line);
      if (meat !== null) return { ...m, is: "pot", pot: holderOf(this.meats[meat] as Pot), ofMeat: true } as Mention;
      const holder = this.holding(m.line);
      if (holder === null) return m;
      // So many grams of what is used up are not what became of it.
      if (m.share.is === "grams" && !this.isLeft(m.line)) return [];
      const group = this.foods(foods[0] ?? "")?.group;
      const goesOn =
        this.isLeft(m.line) &&
        (m.share.is !== "plain" || group === "fat" || group === "liquid" || group === "seasoning");
      return goesOn ? m : ({ ...m, is: "pot", pot: holder } as Mention);
    });
    // "Mix the filling ingredients": the meat of that heading is one of them.
    const at = clause.words.findIndex((w) => w.singular === "ingredient" && w.role !== "mark");
    const heading = at < 0 ? undefined : clause.words[at - 1]?.singular;
    for (const s of heading === undefined ? [] : this.stock)
      if (s.meat !== null && s.section.includes(heading ?? "")) {
        const pot = holderOf(this.meats[s.meat] as Pot);
        if (!said.some((m) => m.is === "pot" && m.pot === pot))
          said.push({ is: "pot", pot, role: "object", share: { is: "plain" }, at, ofMeat: true });
      }
    // "Spread with the rest of the glaze": of what was taken in part.
    const rest = clause.words.findIndex(
      (w, i) => w.word === "rest" && clause.words[i - 1]?.word === "the" && w.role !== "mark",
    );
    const begun = this.pots.findLast((p) => p.left > 0.01 && p.left < 0.99 && p.meat === null);
    if (rest >= 0 && begun !== undefined && !said.some((m) => m.share.is === "rest"))
      said.push({ is: "pot", pot: begun, role: clause.words[rest]?.role ?? "object", share: { is: "rest" }, at: rest });
    // "Mix everything": what was made ready for it, and the meat.
    if (!MIXES_ALL.has(clause.verb) || !/\beverything\b/.test(clause.words.map((w) => w.word).join(" "))) return said;
    const ready = this.pots.filter(
      (p) =>
        p.left > 0.999 &&
        !isEmpty(p) &&
        p.place !== "dish" &&
        p.place !== "table" &&
        !p.shaped &&
        !p.done &&
        !p.wet &&
        !said.some((m) => m.is === "pot" && m.pot === p),
    );
    return [
      ...said,
      ...ready.map((pot): Mention => ({
        is: "pot",
        pot,
        role: pot.meat === null ? "with" : "object",
        share: { is: "plain" },
        at: 998,
      })),
    ];
  }
  /** "A splash of milk" of 400 ml that a later sentence wants as well: about so many grams of it (common practice). */
  private littleOf({ words }: Pick<Clause, "words">, { line, at }: Mention & { readonly is: "line" }): Share | null {
    const before = words
      .slice(Math.max(0, at - 3), at)
      .map((w) => w.word)
      .join(" ");
    const grams = /\b(splash|dash|drizzle|knob|drop) of(?: the)?(?: \w+)?$/.exec(before)?.[1];
    const { massG, names } = this.line(line);
    const isWantedLater = names.some((n) => new RegExp(`\\b${n.at(-1) ?? "-"}`).test(this.later));
    const wantG = grams === undefined ? null : (A_LITTLE_G[grams] ?? null);
    return wantG === null || massG === null || massG < 3 * wantG || !isWantedLater
      ? null
      : { is: "part", of: wantG / massG };
  }
  /** The pot that a line has gone into last. */
  holding(line: number): Pot | null {
    const kept = this.keeps.findLast((p) => p.kept?.lines.includes(line) === true);
    if (kept !== undefined) return holderOf(kept);
    const pot = this.pots.findLast((p) =>
      [...p.steps.flatMap((s) => s.items), ...p.waiting].some((i) => i.is === "line" && i.line === line),
    );
    return pot === undefined ? null : holderOf(pot);
  }
  /** Takes a share of a line from the list. */
  takeLine(line: number, share: Share): Item | null {
    const left = this.left.get(line) ?? 0;
    if (left <= 0.001) return null;
    const { massG } = this.line(line);
    const said = share.is === "grams" ? this.gramsSaid(share.words, line) : null;
    const taken =
      share.is === "part"
        ? Math.min(left, share.of)
        : said !== null && massG !== null && massG > 0
          ? Math.min(left, said / massG)
          : left;
    this.left.set(line, left - taken < 0.02 ? 0 : left - taken);
    return { is: "line", line, share: taken };
  }
  /** Takes a share of what a pot holds: that pot goes on no more. */
  takePot(pot: Pot, into: Pot, share: Share): Item | null {
    if (pot === into || pot.left <= 0.001) return null;
    this.settle(pot);
    if (pot.meat === null && pot.steps.length === 0 && pot.kept === null) return null;
    const taken =
      share.is === "part"
        ? Math.min(pot.left, share.of)
        : share.is === "rest" || share.is === "plain"
          ? pot.left
          : Math.min(pot.left, 0.5);
    pot.left = pot.left - taken < 0.02 ? 0 : pot.left - taken;
    pot.takenBy = into;
    return pot.kept === null ? { is: "pot", pot, share: taken } : { is: "kept", kept: pot.kept, share: taken };
  }
  /** What waits in a pot goes in before anything is taken out of it. */
  settle(pot: Pot): void {
    if (pot.meat !== null) return;
    // What was cooked in much water comes out of it, said or not.
    const last = pot.steps.at(-1)?.kind;
    if (
      pot.bathed &&
      (last === "boil" || (last === "cook" && waterFor(this.firstFood(pot)).drained)) &&
      pot.waiting.length === 0
    ) {
      pourOff(this, pot);
    }
    if (pot.waiting.length + pot.joining.length === 0) return;
    const joining = pot.joining.splice(0).flatMap((m) => this.takePot(m, pot, { is: "plain" }) ?? []);
    const raw = pot.wet && pot.hot && pot.waiting.some((i) => this.isRaw(i));
    const kind = raw ? "simmer" : pot.steps.length === 0 && !pot.hot ? "weigh" : "season";
    const settings = raw ? { minutes: RAW_MIN } : {};
    pot.steps.push({ kind, items: [...pot.waiting.splice(0), ...joining], settings, sentence: this.sentence });
  }
  /** What waits in a pot lies on the list again. */
  giveBack(pot: Pot): void {
    for (const i of pot.waiting) if (i.is === "line") this.fatOfMeat.add(i.line);
    for (const i of pot.waiting.splice(0))
      if (i.is === "line") this.left.set(i.line, (this.left.get(i.line) ?? 0) + i.share);
  }
  take(mention: Mention, into: Pot): Item[] {
    const item =
      mention.is === "line"
        ? this.takeLine(mention.line, mention.share)
        : this.takePot(mention.pot, into, mention.share);
    // "1 tbsp flax mixed with 3 tbsp water": that comes along.
    const beside = item?.is === "line" ? this.line(item.line).mixedWith : null;
    const more = beside === null || item === null ? null : this.takeLine(beside, { is: "rest" });
    return [...(item === null ? [] : [item]), ...(more === null ? [] : [more])];
  }
  /** What can be worked on: a pot from which nothing was taken, or a new one that begins with what is left of it. */
  workOn(pot: Pot): Pot {
    if (pot.kept !== null && pot.left > 0.001) {
      const next = this.open();
      for (const name of pot.called) next.called.add(name);
      next.waiting.push(...this.take({ is: "pot", pot, role: "object", share: { is: "plain" }, at: 0 }, next));
      return next;
    }
    if (pot.left > 0.999) {
      pot.out = false;
      this.here = pot;
      return pot;
    }
    if (pot.left <= 0.001) return holderOf(pot);
    const next = this.open(pot.name);
    for (const name of pot.called) next.called.add(name);
    next.wet = pot.wet;
    next.hot = pot.hot;
    next.waiting.push(...this.take({ is: "pot", pot, role: "object", share: { is: "rest" }, at: 0 }, next));
    return next;
  }
  /** Wet by itself: a liquid of the list, or a pot that simmers. */
  isWet(item: Item): boolean {
    if (item.is === "kept") return item.kept.is === "liquid";
    return item.is === "pot" ? item.pot.wet : this.foodsOf(item).some(this.isLiquid);
  }
  /** A raw vegetable that was put into something hot is cooked there. */
  isRaw(item: Item): boolean {
    return (
      item.is === "line" &&
      this.foodsOf(item).some((f) => this.groupOf(f) === "vegetable" || this.groupOf(f) === "mushroom" || f === "peas")
    );
  }
  private firstFood(pot: Pot): FoodId {
    return [...linesIn(pot)].flatMap((l) => this.line(l).foods)[0] ?? "";
  }
  foodsOf(item: Item): readonly FoodId[] {
    return item.is === "line"
      ? this.line(item.line).foods
      : item.is === "food"
        ? [item.food]
        : item.is === "kept"
          ? KEPT_FOOD[item.kept.is].concat(item.kept.lines.flatMap((l) => this.line(l).foods))
          : [...linesIn(item.pot)].flatMap((l) => this.line(l).foods);
  }
  massOf(item: Item): number {
    if (item.is === "food") return item.massG ?? 0;
    if (item.is === "line") return (this.line(item.line).massG ?? 0) * item.share;
    if (item.is === "kept") return item.kept.massG * item.share;
    return item.share * this.massIn(item.pot);
  }
  massIn(pot: Pot): number {
    return [...pot.steps.flatMap((s) => s.items), ...pot.waiting].reduce((g, i) => g + this.massOf(i), 0);
  }
  groupOf = (food: FoodId) => this.foods(food)?.group ?? "other";
  isLiquid = (food: FoodId): boolean =>
    this.groupOf(food) === "liquid" ||
    food === "tomatoes-tinned" ||
    food === "passata" ||
    /milk|cream|stock$/.test(food);
  /** Cooked in water that it drinks or that is poured off. */
  isBoiled = (food: FoodId): boolean => processOf(food).cook !== undefined;
  /** Whether anything is known of how it drinks while it soaks. */
  drinksCold = (food: FoodId): boolean => processOf(food).soak !== undefined || this.isBinder(food);
  canSoak = (food: FoodId): boolean => processOf(food).soak !== undefined || processOf(food).cook !== undefined;
  canPress = (food: FoodId): boolean => processOf(food).press !== undefined;
  isBinder = (food: FoodId): boolean => processOf(food).binder !== undefined;
}
