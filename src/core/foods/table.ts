import { ALLERGENS, type Allergen, type AllergenState, allergenTable } from "./allergens";
import type { Confidence, Food, FoodGroup, FoodId, Pack } from "./food";
import { countedMeasures } from "./householdWeights";
import { ROWS } from "./rows";

const SOURCES: Readonly<Record<string, string>> = {
  SR: "USDA SR Legacy, from memory",
  L: "range of packet labels, from memory",
  K: "kitchen knowledge, from memory",
  definition: "definition",
};
const KEEPS = ["fridge", "freezer", "cupboard"];

/** Figures of a row in the order in which they stand; `?` is unknown. */
const figure = (text: string | undefined): number | null => (text === undefined || text === "?" ? null : Number(text));

function sourceOf(text: string): Food["from"] {
  const [head = "", note] = text.split("; ");
  const words = head.split(" ");
  const [kind = "", number] = words;
  const source =
    number !== undefined && /^\d/.test(number) ? `USDA SR Legacy NDB ${number}, from memory` : SOURCES[kind];
  if (source === undefined) throw new RangeError(`food table: no source "${head}"`);
  return { source: note ? `${source}; ${note}` : source, confidence: words.at(-1) as Confidence };
}

function allergensIn(list: string): Allergen[] {
  const names = list === "" ? [] : list.split(", ");
  for (const name of names)
    if (!ALLERGENS.includes(name as Allergen)) throw new RangeError(`food table: no allergen "${name}"`);
  return names as Allergen[];
}

/** `tin 400/240` is a tin of 400 g net and 240 g drained. */
function packIn(text: string): Pack {
  const [name = "", grams = ""] = text.split(" ");
  const [net, drained] = grams.split("/").map(Number);
  return { name, netG: net as number, drainedG: drained ?? null };
}

/** What a food has unless its packet says free of it: oats are a cereal with gluten until a label says gluten-free. */
const unless = new Map<FoodId, readonly Allergen[]>();
/**
 * Whether a label can free this food of an allergen that it contains. Of everything else the kind settles it: tofu is soy
 * whatever somebody noted, and for a bread without wheat there is a food of one's own.
 */
export const labelCanFree = (food: FoodId, allergen: Allergen): boolean =>
  unless.get(food)?.includes(allergen) ?? false;

/**
 * Wheat by what is known of gluten: cereals with gluten are wheat but where the line says otherwise (barley is milled beside
 * it: ask). Where only some makes have gluten, oats among them, the label is asked for wheat too.
 */
function wheatOf(
  has: readonly Allergen[],
  usually: readonly Allergen[],
  ask: readonly Allergen[],
  said: string,
): AllergenState {
  if (said === "ask") return "unknown";
  if (has.includes("gluten") && !usually.includes("gluten")) return "contains";
  return has.includes("gluten") || ask.includes("gluten") ? "unknown" : "free";
}

/** Packers of nuts and seeds fill them on the same lines, and their labels say so. */
export const PACKED_TOGETHER: readonly Allergen[] = ["nuts", "peanut", "sesame"];

/** One line of the table; a line that cannot be read is a mistake of whoever wrote it, and throws. */
function foodIn(line: string): Food {
  const [id, name, group, figures = "", from = "", rest = ""] = line.split("|").map((cell) => cell.trim());
  const more = new Map(
    rest === "" ? [] : rest.split("; ").map((pair): [string, string] => pair.split("=") as [string, string]),
  );
  const take = (key: string): string => {
    const value = more.get(key) ?? "";
    more.delete(key);
    return value;
  };
  const [waterG, proteinG, fatG, carbohydrateG, fibreG, sugarsG, sodiumMg] = figures.split(" ").map(figure);
  const list = (text: string) => (text === "" ? [] : text.split(", "));
  const also = list(take("also"));
  const usually = allergensIn(take("unless"));
  if (usually.length > 0) unless.set(id as string, usually);
  const has = [...allergensIn(take("has")), ...usually];
  const ask = [
    ...allergensIn(take("ask")),
    ...(group === "nut" ? PACKED_TOGETHER.filter((a) => !has.includes(a)) : []),
  ];
  const allergens = { ...allergenTable(has, ask), wheat: wheatOf(has, usually, ask, take("wheat")) };
  const bought = take("bought") !== "" || from.startsWith("L ");
  const packs = list(take("pack")).map(packIn);
  const acidG = Number(take("acid") || 0);
  const glutamateG = Number(take("glutamate") || 0);
  const keeps = Object.fromEntries(KEEPS.flatMap((where) => (more.has(where) ? [[where, Number(take(where))]] : [])));
  const poured = Object.fromEntries([...more].map(([measure, grams]) => [measure, Number(grams)]));
  const measures = { ...poured, ...countedMeasures(id as string) };
  return {
    id: id as string,
    name: name as string,
    also,
    group: group as FoodGroup,
    per100: {
      waterG: waterG ?? null,
      proteinG: proteinG ?? null,
      fatG: fatG ?? null,
      carbohydrateG: carbohydrateG ?? null,
      fibreG: fibreG ?? null,
      sugarsG: sugarsG ?? null,
      sodiumMg: sodiumMg ?? null,
      acidG,
      glutamateG,
    },
    allergens,
    measures,
    packs,
    keeps,
    like: null,
    from: sourceOf(from),
    ...(bought ? { bought: true as const } : {}),
  };
}

/**
 * Foods that ship with the application: plants to cook with, what goes with them, and the animal products they
 * replace. Public-table figures typed from memory unless the source says otherwise; a packet's label overrides them.
 */
export const FOODS: readonly Food[] = ROWS.trim().split(/\n+/).map(foodIn);
