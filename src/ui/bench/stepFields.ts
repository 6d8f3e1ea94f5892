import type { Kitchen } from "@/core/household/kitchen";
import type { MachineKind } from "@/core/process/ledger";
import type { Step, StepKind } from "@/core/process/registry";
import { FORM_PLURALS } from "../wording/steps";

export type FieldUnit = "min" | "temp" | "length" | "mass" | "percent" | "load" | "days" | "count" | "hours";
/** A setting of a step as its form shows it. */
export type Field =
  | {
      readonly as: "number";
      readonly key: string;
      readonly label: string;
      readonly unit: FieldUnit;
      readonly low: number;
      readonly high: number;
      readonly mayBeEmpty?: boolean;
      readonly emptySays?: string;
    }
  | {
      readonly as: "choice";
      readonly key: string;
      readonly label: string;
      readonly options: readonly { readonly value: string; readonly label: string }[];
      /** The empty value stands for "whichever the kitchen has". */
      readonly emptyIsNull?: boolean;
    }
  | { readonly as: "switch"; readonly key: string; readonly label: string };

const number = (key: string, label: string, unit: FieldUnit, low: number, high: number, emptySays?: string): Field => ({
  as: "number",
  key,
  label,
  unit,
  low,
  high,
  ...(emptySays ? { mayBeEmpty: true, emptySays } : {}),
});
const choice = (key: string, label: string, options: Readonly<Record<string, string>>): Field => ({
  as: "choice",
  key,
  label,
  options: Object.entries(options).map(([value, name]) => ({ value, label: name })),
});
const check = (key: string, label: string): Field => ({ as: "switch", key, label });

const inTwo = check("twoPans", "In two pans at once");
const LONG = 14 * 1440;
const minutes = (label = "Minutes", high = 2880): Field => number("minutes", label, "min", 0, high);
const salt = number("saltTo", "Salt up to", "percent", 0, 10, "none");
const core = number("coreC", "Until the middle is", "temp", 40, 100, "browned only");
const block: readonly Field[] = [
  number("lengthMm", "Block, long", "length", 5, 500),
  number("widthMm", "wide", "length", 5, 500),
  number("thicknessMm", "thick", "length", 3, 500),
];
const baking: readonly Field[] = [
  number("ovenC", "Oven at", "temp", 50, 300),
  number("minutes", "Minutes", "min", 1, 600, "by the core"),
  number("coreC", "Until the middle is", "temp", 40, 99, "not asked"),
];

function named(
  key: string,
  label: string,
  none: string,
  all: readonly { readonly id: string; readonly name: string }[],
): Field {
  return {
    as: "choice",
    key,
    label,
    emptyIsNull: true,
    options: [{ value: "", label: none }, ...all.map((x) => ({ value: x.id, label: x.name }))],
  };
}
function panField(kitchen: Kitchen, chosen: string | null, kind: "frying" | "pot"): Field {
  const all = kitchen.pans
    .slice()
    .sort((a, b) => Number(b.kind === kind) - Number(a.kind === kind) || b.diameterCm - a.diameterCm)
    .map((p) => ({ id: p.id, name: `${p.name}, ${p.diameterCm} cm` }));
  const fits = all.find((p) => p.id === chosen)?.name;
  return named("pan", "Pan", fits === undefined ? "the one that fits" : `fits: ${fits}`, all);
}
const machines = (kitchen: Kitchen, kinds: readonly MachineKind[]): Field =>
  named(
    "machine",
    "Machine",
    "the usual one",
    kitchen.machines.filter((m) => kinds.includes(m.kind)),
  );

const WIDTH_LABEL = {
  log: "Length",
  parcel: "Length",
  skewer: "Loaded length",
  patty: "Diameter",
  fillet: "Width",
  rasher: "Width",
} as const;

/** What keeps: from the fridge or the freezer one goes on where it was left. */
const READY_KINDS: ReadonlySet<StepKind> = new Set([
  "sort",
  "cut",
  "pulse",
  "mash",
  "soak",
  "cook",
  "boil",
  "steam",
  "blanch",
  "gel",
  "drain",
  "rinse",
  "squeeze",
  "press",
  "freeze",
  "thaw",
  "marinate",
  "bind",
  "rest",
  "shape",
  "bake",
  "simmer",
  "cool",
  "store",
]);

/** Fields beside the lines, in the order in which a cook thinks of them. */
export function fieldsOf(step: Step, kitchen: Kitchen, chosen: string | null): Field[] {
  const pans = (of: Kitchen, kind: "frying" | "pot") => panField(of, chosen, kind);
  const own: { readonly [K in StepKind]: () => readonly Field[] } = {
    weigh: () => [],
    sort: () => [],
    cut: () => [
      choice("how", "How", { cut: "cut", tear: "tear", shred: "shred", crumble: "crumble", grate: "grate" }),
      number("pieceMm", "Piece size", "length", 1, 300),
    ],
    pulse: () => [
      choice("to", "To", { bits: "bits", smooth: "smooth" }),
      machines(kitchen, ["blender", "food-processor"]),
      salt,
    ],
    mash: () => [salt],
    soak: () => [
      minutes(),
      number("waterC", "Water temperature", "temp", 0, 100),
      check("covered", "Covered"),
      check("chilled", "In the fridge"),
    ],
    cook: () => [
      check("pressure", "Under pressure"),
      step.kind === "cook" && step.pressure ? machines(kitchen, ["pressure-cooker"]) : pans(kitchen, "pot"),
      number("minutes", "Minutes", "min", 0, 1440, "until soft"),
      check("oldBeans", "Old beans"),
      check("hardWater", "Hard water"),
      check("soda", "Soda in the water"),
    ],
    boil: () => [
      pans(kitchen, "pot"),
      number("pieceMm", "Piece size", "length", 3, 120, "as cut"),
      number("minutes", "Minutes", "min", 0.5, 240, "until tender"),
    ],
    steam: () => [
      step.kind === "steam" && step.pressure ? machines(kitchen, ["pressure-cooker"]) : pans(kitchen, "pot"),
      number("minutes", "Minutes", "min", 0.5, 240, "until tender"),
      number("coreC", "Until the middle is", "temp", 40, 99, "not asked"),
      check("wrapped", "Wrapped in foil"),
      check("pressure", "Under pressure"),
    ],
    blanch: () => [pans(kitchen, "pot"), number("minutes", "Minutes", "min", 0.1, 30)],
    gel: () => [minutes("Minutes to set")],
    drain: () => [],
    rinse: () => [
      choice("how", "How", { swirl: "swirl 30 s", soak: "stand 10 min", simmer: "simmer 10 min" }),
      number("times", "Times", "count", 1, 20),
      number("waterG", "Water each time", "mass", 10, 50_000),
    ],
    squeeze: () => [
      choice("how", "With", { palm: "the palm", hands: "both hands", cloth: "a twisted cloth" }),
      minutes("Minutes", 60),
    ],
    press: () => [
      number("loadKg", "Weight on the board", "load", 0, 100),
      minutes(),
      ...block,
      check("bothFaces", "Cloth above and below"),
    ],
    freeze: () => [number("minutes", "For", "hours", 0, LONG), ...block],
    thaw: () => [
      choice("how", "Where", { fridge: "in the fridge", "cold-water": "in cold water" }),
      number("minutes", "For", "hours", 0, LONG),
      ...block,
    ],
    pat: () => [],
    season: () => [salt],
    marinate: () => [minutes(), salt, check("fit", "No more than it takes up"), check("chilled", "In the fridge")],
    glaze: () => [],
    toast: () => [pans(kitchen, "frying"), number("minutes", "Minutes", "min", 0.1, 60)],
    batter: () => [number("standMin", "Let it stand", "min", 0, 1440)],
    bind: () => [salt],
    rest: () => [minutes(), choice("where", "Where", { fridge: "in the fridge", worktop: "on the worktop" })],
    shape: () => [
      choice("form", "Form", FORM_PLURALS),
      number("pieceG", "A piece weighs", "mass", 3, 5000),
      ...(step.kind === "shape" && step.form in WIDTH_LABEL
        ? [number("diameterMm", WIDTH_LABEL[step.form as keyof typeof WIDTH_LABEL], "length", 10, 400)]
        : []),
    ],
    stuff: () => [
      number("count", "How many", "count", 1, 500),
      number("thicknessMm", "Thick, filled", "length", 3, 200),
    ],
    slice: () => [number("count", "How many", "count", 1, 500), number("thicknessMm", "Thick", "length", 0.5, 100)],
    coat: () => [
      choice("coating", "With", { starch: "dry starch", batter: "batter", crumb: "flour, wet, crumb", seeds: "seeds" }),
      number("pickUp", "What clings", "percent", 0.5, 100, "usual"),
    ],
    sear: () => [pans(kitchen, "frying"), inTwo, number("browningMin", "Browning, minutes a batch", "min", 0, 60)],
    brown: () => [pans(kitchen, "frying"), number("browningMin", "Browning, minutes", "min", 0, 60)],
    sweat: () => [pans(kitchen, "frying"), number("minutes", "Minutes", "min", 0.5, 90)],
    fry: () => [pans(kitchen, "frying"), inTwo, core, check("lid", "Under a lid")],
    griddle: () => [pans(kitchen, "frying"), inTwo, core, check("lid", "Under a lid")],
    "deep-fry": () => [
      pans(kitchen, "pot"),
      number("oilC", "Oil at", "temp", 130, 230),
      number("minutes", "Minutes a batch", "min", 0.5, 60),
    ],
    "air-fry": () => [machines(kitchen, ["air-fryer"]), ...baking],
    bake: () => [
      ...baking,
      choice("cover", "Covered with", { bare: "nothing", foil: "foil", parchment: "parchment", lid: "a lid" }),
      check("fan", "Fan on"),
    ],
    simmer: () => [pans(kitchen, "frying"), minutes("Minutes", 600), check("lid", "Under a lid")],
    reduce: () => [pans(kitchen, "frying"), number("toShare", "Down to", "percent", 10, 100)],
    thicken: () => [pans(kitchen, "frying"), minutes("Minutes at the boil", 60)],
    layer: () => [named("tin", "Tin", "the largest", kitchen.tins ?? [])],
    top: () => [],
    hold: () => [
      choice("where", "Where", { oven: "in a low oven", "water-bath": "over hot water", lid: "under a lid" }),
      minutes("Minutes", 720),
      ...(step.kind === "hold" && step.where === "lid" ? [] : [number("holdC", "Kept at", "temp", 40, 130)]),
    ],
    stand: () => [minutes("Minutes", 1440), check("foil", "Under foil")],
    cool: () => [
      minutes(),
      number("depthMm", "Spread so deep", "length", 5, 400),
      choice("where", "Where", { room: "in the room", fridge: "in the fridge", "ice-bath": "over ice water" }),
    ],
    store: () => [
      choice("where", "Where", { fridge: "fridge", freezer: "freezer" }),
      number("days", "Days", "days", 0, 365),
    ],
    "set-aside": () => [
      number("share", "So much of it", "percent", 1, 99),
      choice("where", "Where", { fridge: "fridge", freezer: "freezer" }),
      number("depthMm", "Spread so deep", "length", 5, 400),
    ],
    reheat: () => [
      choice("where", "Where", { oven: "in the oven", hob: "on the hob" }),
      number("minutes", "Minutes", "min", 1, 240),
      number("coreC", "Until the middle is", "temp", 40, 99),
    ],
    serve: () => [],
  };
  return [
    ...own[step.kind](),
    number("handsMin", "My hands-on minutes", "min", 0, 1000, "usual"),
    number("mayWaitMin", "May wait after it", "min", 0, 20_000, "usual"),
    ...(READY_KINDS.has(step.kind) ? [check("ready", "Done already, on another day")] : []),
  ];
}
