import { isOneLine, oneLine } from "../quantities/oneLine";
import { FILE_VERSION, type ListName, LISTS } from "./version";

/**
 * Rows and files of older versions, brought to the newest one. Each version has a small reader of its own, which knows
 * nothing but the shape of that version and the next: today's schemas may change without touching what was written years
 * ago. Readers complete what is missing and leave everything else alone, so reading twice changes nothing.
 */
export type Plain = Readonly<Record<string, unknown>>;
/** The largest file that is read, characters: far above ten thousand cookings in the notebook. */
export const LARGEST_FILE = 200_000_000;

/** A row whose shape is not that of its version. It is set aside by whoever reads it, never dropped. */
export class UnreadableRow extends Error {
  constructor(readonly where: string) {
    super(`${where} is not of the shape of its version`);
    this.name = "UnreadableRow";
  }
}

type Reader = (row: Plain) => Plain;
interface Version {
  readonly kitchen?: Reader;
  readonly lists: Partial<Record<ListName, Reader>>;
}

function plain(value: unknown, where: string): Plain {
  if (typeof value !== "object" || value === null || Array.isArray(value)) throw new UnreadableRow(where);
  return value as Plain;
}
function each(row: Plain, key: string, reader: Reader): unknown[] {
  const list = row[key];
  if (!Array.isArray(list)) throw new UnreadableRow(key);
  return list.map((item) => reader(plain(item, key)));
}
/** How dishes and suppers are read whose steps are read so. */
function withSteps(step: Reader): readonly [dish: Reader, supper: Reader] {
  const part: Reader = (row) => ({ ...row, steps: each(row, "steps", step) });
  const dish: Reader = (row) => ({ ...row, parts: each(row, "parts", part) });
  return [dish, (row) => ({ ...row, dishes: each(row, "dishes", dish) })];
}

/** A cooking holds what it was planned from. */
const cookingOf =
  (inputOf: Reader): Reader =>
  (cooking) => ({ ...cooking, input: inputOf(plain(cooking.input, "input")) });
/** Suppers that are read so, on the counter and in a cooking. */
const inSuppers = (supperOf: Reader): Version["lists"] => ({
  suppers: supperOf,
  cookings: cookingOf((input) => ({ ...input, supper: supperOf(plain(input.supper, "supper")) })),
});

/** Version 1 had no tins, spoons and kinds of machines, no heights of pans, no way of cutting, no chilled soaks. */
const stepOf1: Reader = (step) =>
  step.kind === "cut" ? { how: "cut", ...step } : step.kind === "soak" ? { chilled: false, ...step } : step;
const [dishOf1, supperOf1] = withSteps(stepOf1);
const eaterOf1: Reader = (eater) => ({ small: false, ...eater });
const foodOf1: Reader = (food) => ({ packs: [], keeps: {}, like: null, ...food });
const kitchenOf1: Reader = (kitchen) => ({
  tins: [],
  spoons: "metric",
  ...kitchen,
  pans: each(kitchen, "pans", (pan) => ({ heightCm: null, ...pan })),
  machines: each(kitchen, "machines", (m) => ({ kind: "other", volumeMl: null, basketCm: null, ...m })),
});
const FROM_1: Version = {
  kitchen: kitchenOf1,
  lists: {
    eaters: eaterOf1,
    dishes: dishOf1,
    suppers: supperOf1,
    cookings: cookingOf((input) => ({
      ...input,
      supper: supperOf1(plain(input.supper, "supper")),
      kitchen: kitchenOf1(plain(input.kitchen, "kitchen")),
      eaters: each(input, "eaters", eaterOf1),
      foods: each(input, "foods", foodOf1),
    })),
  },
};
/** Version 2 had labels already in the foods of a cooking, and entries that did not name theirs. */
const FROM_2: Version = {
  lists: {
    cookings: cookingOf((input) => ({ labels: [], ...input })),
    entries: (entry) => ({ cooking: null, ...entry }),
  },
};
/**
 * Version 3 boiled to a core, which no cook measures in a vegetable: it is dropped, the minutes are those of the food. Steam had
 * no minutes, pan and griddle no lid; nobody asked about beans and water.
 */
const stepOf3: Reader = (step) => {
  switch (step.kind) {
    case "boil":
      return { minutes: null, ...Object.fromEntries(Object.entries(step).filter(([name]) => name !== "coreC")) };
    case "steam":
      return { minutes: null, ...step };
    case "cook":
      return { oldBeans: false, hardWater: false, soda: false, ...step };
    case "fry":
    case "griddle":
      return { lid: false, ...step };
    default:
      return step;
  }
};
const [dishOf3, supperOf3] = withSteps(stepOf3);
/** Nobody had told wheat from gluten: who avoids the one avoids both until they choose. Under five is kept until asked closer. */
const eaterOf3: Reader = ({ small, ...eater }) => {
  const avoids = Array.isArray(eater.avoids) ? (eater.avoids as unknown[]) : [];
  const both =
    avoids.includes("gluten") && !("age" in eater) && !avoids.includes("wheat") ? [...avoids, "wheat"] : avoids;
  return { diets: [], age: small === true ? "under-5" : null, ...eater, avoids: both };
};
/** What contained gluten is taken for wheat; of everything else the label is asked. */
const foodOf3: Reader = (food) => {
  const allergens = plain(food.allergens, "allergens");
  return { ...food, allergens: { wheat: allergens.gluten === "contains" ? "contains" : "unknown", ...allergens } };
};
const FROM_3: Version = {
  lists: {
    eaters: eaterOf3,
    foods: foodOf3,
    dishes: dishOf3,
    suppers: supperOf3,
    // Every entry was of a supper that came to the table: nothing could be given up.
    entries: (entry) => ({ ended: "finished", ...entry }),
    cookings: cookingOf((input) => ({
      ...input,
      supper: supperOf3(plain(input.supper, "supper")),
      eaters: each(input, "eaters", eaterOf3),
      foods: each(input, "foods", foodOf3),
    })),
  },
};
/** Version 4 steamed without pressure. */
const stepOf4: Reader = (step) => (step.kind === "steam" ? { pressure: false, machine: null, ...step } : step);
const [stepsOf4, suppersOf4] = withSteps(stepOf4);
/** It said in words alone what left the pan, and no part named its route. */
const dishOf4: Reader = (row) => {
  const dish = stepsOf4(row);
  const words = typeof dish.replaces === "string" ? dish.replaces : null;
  const replaces = words === "" ? null : { words, form: null, kind: null, rawG: null };
  return {
    ...dish,
    ...(words === null ? {} : { replaces }),
    parts: each(dish, "parts", (part) => ({ route: null, ...part })),
  };
};
const supperOf4: Reader = (row) => {
  const supper = suppersOf4(row);
  return { atHand: [], ...supper, dishes: each(supper, "dishes", dishOf4) };
};
const entryOf4: Reader = (entry) => ({ route: null, person: null, ratings: {}, ...entry });
/** Version 4 knew no dislikes, and every kitchen had the stand-in for a scale: it is off until somebody switches it on. */
const eaterOf4: Reader = (eater) => ({ dislikes: [], ...eater });
const kitchenOf4: Reader = (kitchen) => ({ scale: "typed", ...kitchen });
const FROM_4: Version = {
  kitchen: kitchenOf4,
  lists: {
    eaters: eaterOf4,
    dishes: dishOf4,
    suppers: supperOf4,
    entries: entryOf4,
    cookings: cookingOf((input) => ({
      ...input,
      ...(input.kitchen === undefined ? {} : { kitchen: kitchenOf4(plain(input.kitchen, "kitchen")) }),
      supper: supperOf4(plain(input.supper, "supper")),
      eaters: each(input, "eaters", eaterOf4),
    })),
  },
};
/** Version 5 said of what lies ready only that it is there; no step could be done already. */
const supperOf5: Reader = (supper) => {
  const there = Array.isArray(supper.atHand) ? (supper.atHand as unknown[]) : [];
  return { ...supper, atHand: there.map((food) => (typeof food === "string" ? { food, state: "there" } : food)) };
};
const FROM_5: Version = { lists: inSuppers(supperOf5) };
/** Version 6 did not note when the clock of a device was set, and let names hold breaks and controls. */
const lined = (name: unknown): unknown => (typeof name === "string" ? oneLine(name) || "…" : name);
function namedInOneLine(value: unknown, key = ""): unknown {
  if (key === "name") return lined(value);
  if (Array.isArray(value)) return value.map((item) => namedInOneLine(item));
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([k, v]) => [k, namedInOneLine(v, k)]));
}
const rowOf6: Reader = (row) => namedInOneLine(row) as Plain;
/** A row of an entry says its part by its name; everywhere else `part` is an id. */
const entryOf6: Reader = (entry) => ({
  ...rowOf6(entry),
  ...(Array.isArray(entry.rows) ? { rows: each(entry, "rows", (row) => ({ ...row, part: lined(row.part) })) } : {}),
});
const FROM_6: Version = {
  kitchen: rowOf6,
  lists: { ...Object.fromEntries(LISTS.map((list) => [list, rowOf6])), entries: entryOf6 },
};
/** Version 7 counted cooks and ovens, and served all dishes of a supper at once. */
const counted = (kitchen: Plain, key: string, one: (i: number) => Plain): Plain => {
  const value = kitchen[key];
  if (value === undefined || Array.isArray(value)) return {};
  if (typeof value !== "number" || !(value >= 0 && value <= 100)) throw new UnreadableRow(key);
  return { [key]: Array.from({ length: value }, (_, i) => one(i + 1)) };
};
/** The first has the plain name, the others are numbered. */
const numbered = (name: string, i: number) => (i === 1 ? name : `${name} ${i}`);
const kitchenOf7: Reader = (kitchen) => ({
  fridgeL: null,
  freezerL: null,
  pointMin: 20,
  ...kitchen,
  ...counted(kitchen, "cooks", (i) => ({ id: `cook-${i}`, name: numbered("Cook", i), hours: null })),
  ...counted(kitchen, "ovens", (i) => ({ id: `oven-${i}`, name: numbered("Oven", i), shelves: 2 })),
});
const supperOf7: Reader = (supper) => ({ afterMin: {}, pins: {}, ...supper });
const FROM_7: Version = {
  kitchen: kitchenOf7,
  lists: {
    suppers: supperOf7,
    cookings: cookingOf((input) => ({
      ...input,
      supper: supperOf7(plain(input.supper, "supper")),
      kitchen: kitchenOf7(plain(input.kitchen, "kitchen")),
    })),
  },
};
/** Version 8 left no room before a supper is served, and knew no burner that fails while somebody cooks. */
const supperOf8: Reader = (supper) => ({ roomMin: 0, ...supper });
const FROM_8: Version = { lists: inSuppers(supperOf8) };
/** Version 9 made every batch for one supper, fried in one pan, and kept warm in the oven alone. */
const FRIED_9: ReadonlySet<unknown> = new Set(["sear", "fry", "griddle"]);
const [dishOf9, suppersOf9] = withSteps((step) =>
  FRIED_9.has(step.kind) ? { twoPans: false, ...step } : step.kind === "hold" ? { where: "oven", ...step } : step,
);
const supperOf9: Reader = (supper) => ({ madeWith: {}, ...suppersOf9(supper) });
const FROM_9: Version = { lists: { dishes: dishOf9, ...inSuppers(supperOf9) } };
/** Texts that a cook may write in several lines. */
const SEVERAL_LINES: ReadonlySet<string> = new Set(["note", "text", "words", "place"]);
const repaired = (text: string): string => (isOneLine(text) ? text : oneLine(text) || "…");
/**
 * Version 10 let ids hold breaks and controls: each is repaired in the same way wherever it stands, as a value or as a key, so that
 * what refers to it still does.
 */
export function inOneLine(value: unknown, key = ""): unknown {
  if (typeof value === "string") return SEVERAL_LINES.has(key) ? value : repaired(value);
  if (Array.isArray(value)) return value.map((item) => inOneLine(item, key));
  if (typeof value !== "object" || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([k, v]) => [repaired(k), inOneLine(v, k)]));
}
const rowOf10: Reader = (row) => inOneLine(row) as Plain;
const FROM_10: Version = { kitchen: rowOf10, lists: Object.fromEntries(LISTS.map((list) => [list, rowOf10])) };
/** In version 11 every line of a food had its grams, weighed or not; nothing was asked at the beginning of a cooking. */
const FROM_11: Version = { lists: {} };
/** In version 12 nobody said how long a thing is fried; nothing stood beside a step, nothing could be chosen, no dish said where it came from. */
const PANNED_12: ReadonlySet<unknown> = new Set(["fry", "griddle"]);
const [dishOf12, suppersOf12] = withSteps((step) => (PANNED_12.has(step.kind) ? { minutes: null, ...step } : step));
const FROM_12: Version = { lists: { dishes: dishOf12, ...inSuppers(suppersOf12) } };
const READERS: readonly Version[] = [
  FROM_1,
  FROM_2,
  FROM_3,
  FROM_4,
  FROM_5,
  FROM_6,
  FROM_7,
  FROM_8,
  FROM_9,
  FROM_10,
  FROM_11,
  FROM_12,
];

/**
 * One row of a table as the newest version writes it.
 *
 * @param from the version that wrote it, 1 or more
 * @throws UnreadableRow when it has not the shape of that version
 */
export function upgradeRow(table: ListName | "kitchen", row: unknown, from: number): Plain {
  return READERS.slice(from - 1).reduce(
    (at, version) => {
      const reader = table === "kitchen" ? version.kitchen : version.lists[table];
      return reader ? reader(at) : at;
    },
    plain(row, table),
  );
}

/** A household file as the newest version writes it. */
export function upgradeFile(file: Plain, from: number): Plain {
  const lists = LISTS.map((list) => {
    const rows = file[list] ?? [];
    if (!Array.isArray(rows)) throw new UnreadableRow(list);
    return [list, rows.map((row, i) => named(`${list}/${i}`, () => upgradeRow(list, row, from)))] as const;
  });
  const kitchen = file.kitchen ?? null;
  return {
    ...file,
    ...Object.fromEntries(lists),
    kitchen: kitchen === null ? null : named("kitchen", () => upgradeRow("kitchen", kitchen, from)),
    version: FILE_VERSION,
  };
}
/** Says which row of the file it was. */
function named<T>(where: string, read: () => T): T {
  try {
    return read();
  } catch (e) {
    if (e instanceof UnreadableRow) throw new UnreadableRow(`${where}/${e.where}`);
    throw e;
  }
}
