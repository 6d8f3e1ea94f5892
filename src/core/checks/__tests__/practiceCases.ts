/** The practice tables as inputs of `plan()`, for the tests that run them. */
import { upgradeRow } from "../../formats/upgrades";
import type { PlanInput } from "../../plan";
import { STEPS, type Step } from "../../process/registry";
import table from "../practice.json";
import own from "../practice-own.json";

/** What is measured of a case, and the range that practice supports. */
export interface Check {
  what: string;
  step?: string;
  from?: number;
  to?: number;
  ratio?: boolean;
  is?: string;
  among?: string[];
  about?: string;
  of?: string;
}
/** A chain of steps that somebody cooked, and what came out. */
export interface Case {
  id: string;
  family: string;
  parts: { id: string; steps: Record<string, unknown>[] }[];
  checks: Check[];
  source: string;
  kitchen?: object;
  heads?: number;
  against?: Partial<Case>;
}

/** The cases that were given. */
export const PRACTICE_CASES = table.cases as unknown as readonly Case[];
/** Those of this house, written down before the models were asked. */
export const OWN_CASES = own.cases as unknown as readonly Case[];

/** A step as an upgrade would bring it: an added field takes its usual value, a removed one is dropped. */
function stepOf(raw: Record<string, unknown>): Step {
  const { usual } = STEPS.find((s) => s.kind === raw.kind) as (typeof STEPS)[number];
  const settings = Object.keys(usual).map((name) => [name, raw[name] === undefined ? usual[name as never] : raw[name]]);
  const { id, kind, adds, handsMin, mayWaitMin } = raw;
  return { id, kind, adds, handsMin, mayWaitMin, ...Object.fromEntries(settings) } as unknown as Step;
}
/** A case as it is planned. */
export function inputOf({ parts, kitchen = {}, heads = 4 }: Pick<Case, "parts" | "kitchen" | "heads">): PlanInput {
  const dish = {
    id: "practice",
    name: "Practice",
    replaces: null,
    servings: 4,
    parts: parts.map(({ id, steps }) => ({
      id,
      name: id,
      steps: steps.map(stepOf),
      waitsForTableMin: 20,
      saltTarget: null,
      route: null,
    })),
  };
  const supper = {
    id: "practice",
    name: "Practice",
    serveAt: "2026-11-29T19:00:00.000Z",
    eaters: [],
    guests: heads,
    atHand: [],
    afterMin: {},
    pins: {},
    roomMin: 0,
    madeWith: {},
    dishes: [dish],
  };
  return {
    supper,
    foods: [],
    labels: [],
    // The table was written when cooks and ovens were counted.
    kitchen: upgradeRow("kitchen", { ...table.kitchen, ...kitchen }, 7) as unknown as PlanInput["kitchen"],
    eaters: [],
    log: [],
  };
}
