import type { Kitchen } from "@/core/household/kitchen";
import type { MachineKind } from "@/core/process/ledger";
import { NOTE_MOST } from "@/core/process/step";
import type { Limits, Step, StepKind } from "@/core/process/registry";
import { FORM_PLURALS } from "@/words/steps";

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
  | { readonly as: "switch"; readonly key: string; readonly label: string }
  | { readonly as: "words"; readonly key: string; readonly label: string; readonly most: number };

/** A field as it is written here; the limits come from the kind's descriptor. */
type Asked = Exclude<Field, { as: "number" }> | Omit<Extract<Field, { as: "number" }>, "low" | "high">;
const number = (key: string, label: string, unit: FieldUnit, emptySays?: string): Asked => ({
  as: "number",
  key,
  label,
  unit,
  ...(emptySays ? { mayBeEmpty: true, emptySays } : {}),
});
function limited(field: Asked, limits: Limits): Field {
  if (field.as !== "number") return field;
  const of = limits[field.key];
  if (of === undefined) throw new RangeError(`no limits of "${field.key}"`);
  // A share is shown as a percentage.
  const times = field.unit === "percent" ? 100 : 1;
  return { ...field, low: of.low * times, high: of.high * times };
}
const choice = (key: string, label: string, options: Readonly<Record<string, string>>): Asked => ({
  as: "choice",
  key,
  label,
  options: Object.entries(options).map(([value, name]) => ({ value, label: name })),
});
const words = (key: string, label: string, most: number): Asked => ({ as: "words", key, label, most });
const check = (key: string, label: string): Asked => ({ as: "switch", key, label });

const inTwo = check("twoPans", "In two pans at once");
const minutes = (label = "Minutes"): Asked => number("minutes", label, "min");
const salt = number("saltTo", "Salt up to", "percent", "none");
const core = number("coreC", "Until the middle is", "temp", "browned only");
const panned = number("minutes", "Minutes a batch", "min", "as it needs");
const block: readonly Asked[] = [
  number("lengthMm", "Block, long", "length"),
  number("widthMm", "wide", "length"),
  number("thicknessMm", "thick", "length"),
];
const baking: readonly Asked[] = [
  number("ovenC", "Oven at", "temp"),
  number("minutes", "Minutes", "min", "by the core"),
  number("coreC", "Until the middle is", "temp", "not asked"),
];

function named(
  key: string,
  label: string,
  none: string,
  all: readonly { readonly id: string; readonly name: string }[],
): Asked {
  return {
    as: "choice",
    key,
    label,
    emptyIsNull: true,
    options: [{ value: "", label: none }, ...all.map((x) => ({ value: x.id, label: x.name }))],
  };
}
function panField(kitchen: Kitchen, chosen: string | null, kind: "frying" | "pot"): Asked {
  const all = kitchen.pans
    .slice()
    .sort((a, b) => Number(b.kind === kind) - Number(a.kind === kind) || b.diameterCm - a.diameterCm)
    .map((p) => ({ id: p.id, name: `${p.name}, ${p.diameterCm} cm` }));
  const fits = all.find((p) => p.id === chosen)?.name;
  return named("pan", "Pan", fits === undefined ? "the one that fits" : `fits: ${fits}`, all);
}
const machines = (kitchen: Kitchen, kinds: readonly MachineKind[]): Asked =>
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
const KEEPS: Readonly<Record<StepKind, boolean>> = {
  weigh: false,
  sort: true,
  cut: true,
  pulse: true,
  mash: true,
  soak: true,
  cook: true,
  boil: true,
  steam: true,
  blanch: true,
  gel: true,
  drain: true,
  strain: true,
  discard: false,
  rinse: true,
  squeeze: true,
  press: true,
  freeze: true,
  thaw: true,
  pat: false,
  season: false,
  marinate: true,
  glaze: false,
  toast: false,
  batter: false,
  bind: true,
  rest: true,
  shape: true,
  stuff: false,
  slice: false,
  coat: false,
  sear: false,
  brown: false,
  sweat: false,
  fry: false,
  griddle: false,
  "deep-fry": false,
  "air-fry": false,
  bake: true,
  simmer: true,
  reduce: false,
  thicken: false,
  layer: false,
  top: false,
  hold: false,
  stand: false,
  cool: true,
  store: true,
  "set-aside": false,
  reheat: false,
  "as-written": false,
  serve: false,
};

/** Fields beside the lines, in the order in which a cook thinks of them. */
/** Kinds whose pan, board or blender another part may have been in. */
const WASHED: ReadonlySet<StepKind> = new Set(["sear", "fry", "griddle", "brown", "cut", "slice", "pulse"]);
export function fieldsOf(step: Step, kitchen: Kitchen, chosen: string | null, limits: Limits): Field[] {
  const pans = (of: Kitchen, kind: "frying" | "pot") => panField(of, chosen, kind);
  const own: { readonly [K in StepKind]: () => readonly Asked[] } = {
    weigh: () => [],
    sort: () => [],
    cut: () => [
      choice("how", "How", { cut: "cut", tear: "tear", shred: "shred", crumble: "crumble", grate: "grate" }),
      number("pieceMm", "Piece size", "length"),
    ],
    pulse: () => [
      choice("to", "To", { bits: "bits", smooth: "smooth" }),
      machines(kitchen, ["blender", "food-processor"]),
      salt,
    ],
    mash: () => [salt],
    soak: () => [
      minutes(),
      number("waterC", "Water temperature", "temp"),
      check("covered", "Covered"),
      check("chilled", "In the fridge"),
    ],
    cook: () => [
      check("pressure", "Under pressure"),
      step.kind === "cook" && step.pressure ? machines(kitchen, ["pressure-cooker"]) : pans(kitchen, "pot"),
      number("minutes", "Minutes", "min", "until soft"),
      check("oldBeans", "Old beans"),
      check("hardWater", "Hard water"),
      check("soda", "Soda in the water"),
    ],
    boil: () => [
      pans(kitchen, "pot"),
      number("pieceMm", "Piece size", "length", "as cut"),
      number("minutes", "Minutes", "min", "until tender"),
    ],
    steam: () => [
      step.kind === "steam" && step.pressure ? machines(kitchen, ["pressure-cooker"]) : pans(kitchen, "pot"),
      number("minutes", "Minutes", "min", "until tender"),
      number("coreC", "Until the middle is", "temp", "not asked"),
      check("wrapped", "Wrapped in foil"),
      check("pressure", "Under pressure"),
    ],
    blanch: () => [pans(kitchen, "pot"), number("minutes", "Minutes", "min")],
    gel: () => [minutes("Minutes to set")],
    drain: () => [],
    strain: () => [choice("keep", "What goes on", { liquid: "the liquid", pieces: "the pieces" })],
    discard: () => [number("share", "So much of it", "percent")],
    rinse: () => [
      choice("how", "How", { swirl: "swirl 30 s", soak: "stand 10 min", simmer: "simmer 10 min" }),
      number("times", "Times", "count"),
      number("waterG", "Water each time", "mass"),
    ],
    squeeze: () => [
      choice("how", "With", { palm: "the palm", hands: "both hands", cloth: "a twisted cloth" }),
      minutes(),
    ],
    press: () => [
      number("loadKg", "Weight on the board", "load"),
      minutes(),
      ...block,
      check("bothFaces", "Cloth above and below"),
    ],
    freeze: () => [number("minutes", "For", "hours"), ...block],
    thaw: () => [
      choice("how", "Where", { fridge: "in the fridge", "cold-water": "in cold water" }),
      number("minutes", "For", "hours"),
      ...block,
    ],
    pat: () => [],
    season: () => [salt],
    marinate: () => [minutes(), salt, check("fit", "No more than it takes up"), check("chilled", "In the fridge")],
    glaze: () => [],
    toast: () => [pans(kitchen, "frying"), number("minutes", "Minutes", "min")],
    batter: () => [number("standMin", "Let it stand", "min")],
    bind: () => [salt],
    rest: () => [minutes(), choice("where", "Where", { fridge: "in the fridge", worktop: "on the worktop" })],
    shape: () => [
      choice("form", "Form", FORM_PLURALS),
      number("pieceG", "A piece weighs", "mass"),
      ...(step.kind === "shape" && step.form in WIDTH_LABEL
        ? [number("diameterMm", WIDTH_LABEL[step.form as keyof typeof WIDTH_LABEL], "length")]
        : []),
    ],
    stuff: () => [number("count", "How many", "count"), number("thicknessMm", "Thick, filled", "length")],
    slice: () => [number("count", "How many", "count"), number("thicknessMm", "Thick", "length")],
    coat: () => [
      choice("coating", "With", { starch: "dry starch", batter: "batter", crumb: "flour, wet, crumb", seeds: "seeds" }),
      number("pickUp", "What clings", "percent", "usual"),
    ],
    sear: () => [pans(kitchen, "frying"), inTwo, number("browningMin", "Browning, minutes a batch", "min")],
    brown: () => [pans(kitchen, "frying"), number("browningMin", "Browning, minutes", "min")],
    sweat: () => [pans(kitchen, "frying"), number("minutes", "Minutes", "min")],
    fry: () => [pans(kitchen, "frying"), inTwo, core, panned, check("lid", "Under a lid")],
    griddle: () => [pans(kitchen, "frying"), inTwo, core, panned, check("lid", "Under a lid")],
    "deep-fry": () => [
      pans(kitchen, "pot"),
      number("oilC", "Oil at", "temp"),
      number("minutes", "Minutes a batch", "min"),
    ],
    "air-fry": () => [machines(kitchen, ["air-fryer"]), ...baking],
    bake: () => [
      ...baking,
      choice("cover", "Covered with", { bare: "nothing", foil: "foil", parchment: "parchment", lid: "a lid" }),
      check("fan", "Fan on"),
    ],
    simmer: () => [pans(kitchen, "frying"), minutes(), check("lid", "Under a lid")],
    reduce: () => [pans(kitchen, "frying"), number("toShare", "Down to", "percent")],
    thicken: () => [pans(kitchen, "frying"), minutes("Minutes at the boil")],
    layer: () => [named("tin", "Tin", "the largest", kitchen.tins ?? [])],
    top: () => [],
    hold: () => [
      choice("where", "Where", { oven: "in a low oven", "water-bath": "over hot water", lid: "under a lid" }),
      minutes(),
      ...(step.kind === "hold" && step.where === "lid" ? [] : [number("holdC", "Kept at", "temp")]),
    ],
    stand: () => [minutes(), check("foil", "Under foil")],
    cool: () => [
      minutes(),
      number("depthMm", "Spread so deep", "length"),
      choice("where", "Where", { room: "in the room", fridge: "in the fridge", "ice-bath": "over ice water" }),
    ],
    store: () => [choice("where", "Where", { fridge: "fridge", freezer: "freezer" }), number("days", "Days", "days")],
    "set-aside": () => [
      number("share", "So much of it", "percent"),
      choice("where", "Where", { fridge: "fridge", freezer: "freezer" }),
      number("depthMm", "Spread so deep", "length"),
    ],
    reheat: () => [
      choice("where", "Where", { oven: "in the oven", hob: "on the hob" }),
      number("minutes", "Minutes", "min", "as long as it takes"),
      number("coreC", "Until the middle is", "temp"),
    ],
    "as-written": () => [
      words("text", "What is done, in the recipe's words", 300),
      number("minutes", "Minutes", "min", "not said"),
      choice("attention", "Needs", { hands: "both hands", watch: "an eye on it", wait: "nothing" }),
      choice("heat", "Heat", { none: "none", hob: "a burner", oven: "the oven", oil: "hot oil" }),
      ...(step.kind === "as-written" && step.heat !== "none" && step.heat !== "hob"
        ? [number("heatC", "At", "temp", "not said")]
        : []),
    ],
    serve: () => [],
  };
  return [
    ...own[step.kind](),
    number("handsMin", "My hands-on minutes", "min", "usual"),
    number("mayWaitMin", "May wait after it", "min", "usual"),
    ...(WASHED.has(step.kind) ? [check("washed", "Pan, board or blender washed before")] : []),
    ...(KEEPS[step.kind] ? [check("ready", "Done already, on another day")] : []),
    words("note", "Note on this step", NOTE_MOST),
  ].map((field) => limited(field, limits));
}
