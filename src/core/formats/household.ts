import * as v from "valibot";
import { FOODS } from "../foods/table";
import type { PlanInput } from "../plan";
import { fail, type Result, succeed } from "../quantities/result";
import { canonicalJson } from "./canonical";
import { firstIssue } from "./issue";
import { labelsOnce } from "./labelsOnce";
import { LARGEST_FILE, type Plain, UnreadableRow, upgradeFile } from "./upgrades";
import { FILE_VERSION, type ListName, LISTS } from "./version";
import {
  StoredDishSchema,
  EaterSchema,
  EntrySchema,
  KitchenSchema,
  LogEntrySchema,
  StoredPlanInputSchema,
  StoredSupperSchema,
} from "./schemas";
import { AllergenSaying, FigureSaying, FoodSchema } from "./foodSchema";
import { between, id, LIMITS, name } from "./basics";

/** `docs/files.md` describes this format for readers. */
export const FILE_FORMAT = "jade-pan-household";

/** What a packet said, as the household keeps it: under an id made of food and allergen or figure. */
export const LabelSchema = v.union([
  v.strictObject({ id, ...AllergenSaying.entries }),
  v.strictObject({ id, ...FigureSaying.entries }),
]);
/** A cooking under way or ended: the plan's input as it was at the start, and the log since. */
export const CookingSchema = v.strictObject({
  id,
  supper: id,
  startedAt: v.pipe(v.string(), v.isoTimestamp()),
  input: v.pipe(StoredPlanInputSchema, v.readonly()),
  log: v.array(LogEntrySchema),
});
/** A recipe that was turned over, as it was given, and the dish that came of it. */
export const RecipeSchema = v.strictObject({
  id,
  dish: id,
  name,
  text: v.pipe(v.string(), v.maxLength(LIMITS.recipe, "is too long")),
});
/** What a pack of a food costs here, in the money of the household; the id is that of the food. */
export const PriceSchema = v.strictObject({ id, price: between(0, 1e6), packG: between(1, 100_000) });
/** A row of each list. */
const ROWS = {
  eaters: EaterSchema,
  labels: LabelSchema,
  foods: FoodSchema,
  dishes: StoredDishSchema,
  suppers: StoredSupperSchema,
  cookings: CookingSchema,
  entries: EntrySchema,
  recipes: RecipeSchema,
  prices: PriceSchema,
} as const satisfies Record<ListName, v.GenericSchema>;
/** The whole file in its newest version; older ones are brought up first. */
export const HouseholdFileSchema = v.strictObject({
  format: v.literal(FILE_FORMAT),
  version: v.literal(FILE_VERSION),
  exportedAt: v.string(),
  kitchen: v.nullable(KitchenSchema),
  eaters: v.array(ROWS.eaters),
  labels: v.array(ROWS.labels),
  foods: v.array(ROWS.foods),
  dishes: v.array(ROWS.dishes),
  suppers: v.array(ROWS.suppers),
  cookings: v.array(ROWS.cookings),
  entries: v.array(ROWS.entries),
  recipes: v.optional(v.array(ROWS.recipes), []),
  prices: v.optional(v.array(ROWS.prices), []),
});
/** What a packet said, under the id by which the household keeps it. */
export type Label = v.InferOutput<typeof LabelSchema>;
/** A recipe that was turned over. */
export type Recipe = v.InferOutput<typeof RecipeSchema>;
/** What a pack costs. */
export type Price = v.InferOutput<typeof PriceSchema>;
/** A cooking with its log. */
export type Cooking = v.InferOutput<typeof CookingSchema> & { readonly input: PlanInput };
/** A file as it was read. */
export type HouseholdFile = v.InferOutput<typeof HouseholdFileSchema>;
/** Everything that a browser holds, or a file brings. */
export type Household = Omit<HouseholdFile, "format" | "version" | "exportedAt">;

const byId = <T extends { readonly id: string }>(items: readonly T[]): T[] =>
  items.slice().sort((a, b) => (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));

/** One file with everything. Equal households give equal bytes but for the line `exportedAt`. */
export function writeHousehold(household: Household, exportedAt: string): string {
  const file: HouseholdFile = {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    exportedAt,
    kitchen: household.kitchen,
    eaters: byId(household.eaters),
    labels: byId(household.labels),
    foods: byId(household.foods),
    dishes: byId(household.dishes),
    suppers: byId(household.suppers),
    cookings: byId(household.cookings),
    entries: byId(household.entries),
    recipes: byId(household.recipes),
    prices: byId(household.prices),
  };
  return canonicalJson(file);
}

/** A file that was read back before it is handed out, and the rows that it could not have been read with. */
export interface CheckedFile {
  readonly text: string;
  readonly aside: readonly { readonly list: ListName; readonly row: unknown; readonly why: string }[];
}
/**
 * One file with everything that can be read again: it is read back before it is given, and a row that this trips over is set
 * aside with the reason. One bad row never loses the rest.
 */
export function writeCheckedHousehold(household: Household, exportedAt: string, onRows?: Progress): CheckedFile {
  const aside: { list: ListName; row: unknown; why: string }[] = [];
  let rows = household;
  for (;;) {
    const text = writeHousehold(rows, exportedAt);
    const back = readHousehold(text, onRows);
    if (back.ok || back.failure.kind !== "wrong-field") return { text, aside };
    const { field, problem } = back.failure;
    const [name = "", at = ""] = field.split("/");
    const list = LISTS.find((l) => l === name);
    // The file lists them by id, as they were written.
    const row = list === undefined ? undefined : byId(rows[list] as readonly { readonly id: string }[])[Number(at)];
    if (list === undefined || row === undefined) return { text, aside };
    aside.push({ list, row, why: `${field}: ${problem}` });
    rows = { ...rows, [list]: (rows[list] as readonly unknown[]).filter((r) => r !== row) };
  }
}

/** Why a file cannot be read, for `words/files`. */
export type FileFailure =
  | { readonly kind: "too-big"; readonly bytes: number; readonly most: number }
  | { readonly kind: "not-json"; readonly cutOff: boolean }
  | { readonly kind: "foreign" }
  | { readonly kind: "newer"; readonly version: number }
  | { readonly kind: "wrong-field"; readonly field: string; readonly problem: string };

/** Rows that were checked, of so many. */
export type Progress = (done: number, all: number) => void;

/** Reads a file that says it is a household; nothing is changed by it. */
export function readHousehold(text: string, onRows: Progress = () => undefined): Result<HouseholdFile, FileFailure> {
  if (text.length > LARGEST_FILE) return fail({ kind: "too-big", bytes: text.length, most: LARGEST_FILE });
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch {
    return fail({ kind: "not-json", cutOff: text.trimStart().startsWith("{") && count(text, "{") > count(text, "}") });
  }
  if (typeof data !== "object" || data === null || !("format" in data) || data.format !== FILE_FORMAT)
    return fail({ kind: "foreign" });
  if ("version" in data && typeof data.version === "number" && data.version > FILE_VERSION)
    return fail({ kind: "newer", version: data.version });
  if ("version" in data && typeof data.version === "number" && !Number.isInteger(data.version))
    return fail({ kind: "wrong-field", field: "version", problem: `${data.version} is no version of this format` });
  const upgraded = newest(data);
  if (!upgraded.ok) return upgraded;
  const file = checkedRows(upgraded.value as Plain, onRows);
  if (!file.ok) return file;
  const taken = idTakenTwice(file.value);
  if (taken !== null) return fail({ kind: "wrong-field", ...taken });
  return succeed({ ...file.value, labels: labelsOnce(file.value.labels) });
}

/** How often the reader tells how far it is, rows. */
const TOLD_EVERY = 200;
/** The file within its schema, row by row: the first that is wrong ends the reading. */
function checkedRows(data: Plain, onRows: Progress): Result<HouseholdFile, FileFailure> {
  const none = Object.fromEntries(LISTS.map((list) => [list, Array.isArray(data[list]) ? [] : data[list]]));
  const head = v.safeParse(HouseholdFileSchema, { ...data, ...none }, { abortEarly: true });
  if (!head.success) return fail({ kind: "wrong-field", ...firstIssue(head.issues) });
  const file: Record<string, unknown> = head.output;
  const all = LISTS.reduce((n, list) => n + ((data[list] as unknown[] | undefined)?.length ?? 0), 0);
  let done = 0;
  for (const list of LISTS) {
    const rows: unknown[] = [];
    for (const [i, row] of ((data[list] ?? []) as unknown[]).entries()) {
      const parsed = v.safeParse(ROWS[list], row, { abortEarly: true });
      if (!parsed.success) {
        const { field, problem } = firstIssue(parsed.issues);
        return fail({ kind: "wrong-field", field: `${list}/${i}/${field}`, problem });
      }
      rows.push(parsed.output);
      if (++done % TOLD_EVERY === 0) onRows(done, all);
    }
    file[list] = rows;
  }
  return succeed(file as unknown as HouseholdFile);
}

const count = (text: string, sign: string): number => text.split(sign).length - 1;
/** The file in the shape of the newest version; one without a version is left to the schema to refuse. */
function newest(data: object): Result<unknown, FileFailure> {
  const version = "version" in data ? data.version : null;
  if (typeof version !== "number" || version < 1 || version >= FILE_VERSION) return succeed(data);
  try {
    return succeed(upgradeFile(data as Plain, version));
  } catch (e) {
    if (!(e instanceof UnreadableRow)) throw e;
    return fail({ kind: "wrong-field", field: e.where, problem: `is not as version ${version} writes it` });
  }
}

const BUILT_IN: ReadonlySet<string> = new Set(FOODS.map((f) => f.id));
/** Two rows under one id would swallow each other, and an own food under a built-in id would stand in its place. */
function idTakenTwice(file: HouseholdFile): { field: string; problem: string } | null {
  for (const list of LISTS) {
    const seen = new Set<string>();
    for (const [i, { id }] of file[list].entries()) {
      const field = `${list}/${i}/id`;
      if (seen.has(id)) return { field, problem: `"${id}" stands there twice` };
      if (list === "foods" && BUILT_IN.has(id))
        return { field, problem: `"${id}" is the id of a food that ships with Jade Pan` };
      seen.add(id);
    }
  }
  return null;
}
