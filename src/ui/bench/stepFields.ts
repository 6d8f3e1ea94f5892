import type { Step, StepKind } from "@/core/process/step";
import type { Kitchen } from "@/core/dish/kitchen";

/** A setting of a step as its form shows it. */
export type Field =
  | {
      readonly as: "number";
      readonly key: string;
      readonly label: string;
      readonly unit: "min" | "temp" | "length" | "mass" | "percent";
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
    }
  | { readonly as: "switch"; readonly key: string; readonly label: string };

const minutes = (key: string, label: string, high: number): Field => ({
  as: "number",
  key,
  label,
  unit: "min",
  low: 0,
  high,
});
const salt: Field = {
  as: "number",
  key: "saltTo",
  label: "Salt up to",
  unit: "percent",
  low: 0,
  high: 10,
  mayBeEmpty: true,
  emptySays: "none",
};
const core: Field = { as: "number", key: "coreC", label: "Until the middle is", unit: "temp", low: 40, high: 100 };

function pans(kitchen: Kitchen, kind: "frying" | "pot"): Field {
  const all = kitchen.pans
    .slice()
    .sort((a, b) => Number(b.kind === kind) - Number(a.kind === kind) || b.diameterCm - a.diameterCm);
  return {
    as: "choice",
    key: "pan",
    label: "Pan",
    options: [
      { value: "", label: kind === "pot" ? "widest pot" : "widest frying pan" },
      ...all.map((p) => ({ value: p.id, label: `${p.name}, ${p.diameterCm} cm` })),
    ],
  };
}

/** Fields beside the lines, in the order in which a cook thinks of them. */
export function fieldsOf(step: Step, kitchen: Kitchen): Field[] {
  const own: { readonly [K in StepKind]: () => Field[] } = {
    weigh: () => [],
    cut: () => [{ as: "number", key: "pieceMm", label: "Piece size", unit: "length", low: 1, high: 300 }],
    soak: () => [
      minutes("minutes", "Minutes", 2880),
      { as: "number", key: "waterC", label: "Water temperature", unit: "temp", low: 0, high: 100 },
      { as: "switch", key: "covered", label: "Covered" },
    ],
    drain: () => [],
    squeeze: () => [
      {
        as: "choice",
        key: "how",
        label: "With",
        options: [
          { value: "palm", label: "the palm" },
          { value: "hands", label: "both hands" },
          { value: "cloth", label: "a twisted cloth" },
        ],
      },
      minutes("minutes", "Minutes", 60),
    ],
    marinate: () => [
      minutes("minutes", "Minutes", 2880),
      salt,
      { as: "switch", key: "fit", label: "No more than it drinks" },
      { as: "switch", key: "chilled", label: "In the fridge" },
    ],
    sear: () => [pans(kitchen, "frying"), minutes("browningMin", "Browning, minutes a batch", 60)],
    brown: () => [pans(kitchen, "frying"), minutes("browningMin", "Browning, minutes", 60)],
    season: () => [salt],
    simmer: () => [
      pans(kitchen, "frying"),
      minutes("minutes", "Minutes", 600),
      { as: "switch", key: "lid", label: "Under a lid" },
    ],
    reduce: () => [
      pans(kitchen, "frying"),
      { as: "number", key: "toShare", label: "Down to", unit: "percent", low: 10, high: 100 },
    ],
    thicken: () => [pans(kitchen, "frying"), minutes("minutes", "Minutes at the boil", 60)],
    boil: () => [
      pans(kitchen, "pot"),
      { as: "number", key: "pieceMm", label: "Piece size", unit: "length", low: 3, high: 120 },
      core,
    ],
    mash: () => [salt],
    bind: () => [salt],
    rest: () => [
      minutes("minutes", "Minutes", 2880),
      {
        as: "choice",
        key: "where",
        label: "Where",
        options: [
          { value: "fridge", label: "in the fridge" },
          { value: "worktop", label: "on the worktop" },
        ],
      },
    ],
    shape: () => [
      {
        as: "choice",
        key: "form",
        label: "Form",
        options: [
          { value: "patty", label: "patties" },
          { value: "ball", label: "balls" },
        ],
      },
      { as: "number", key: "pieceG", label: "A piece weighs", unit: "mass", low: 3, high: 5000 },
      ...(step.kind === "shape" && step.form === "patty"
        ? [{ as: "number", key: "diameterMm", label: "Diameter", unit: "length", low: 15, high: 400 } as const]
        : []),
    ],
    fry: () => [pans(kitchen, "frying"), core],
  };
  return [
    ...own[step.kind](),
    {
      as: "number",
      key: "handsMin",
      label: "My hands-on minutes",
      unit: "min",
      low: 0,
      high: 1000,
      mayBeEmpty: true,
      emptySays: "usual",
    },
    {
      as: "number",
      key: "mayWaitMin",
      label: "May wait after it",
      unit: "min",
      low: 0,
      high: 20_000,
      mayBeEmpty: true,
      emptySays: "usual",
    },
  ];
}
