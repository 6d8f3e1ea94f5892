import type { Food, FoodId } from "../../foods/food";
import {
  type Animal,
  type AnimalJob,
  isFormName,
  isOfPlants,
  meatNames,
  PRODUCTS,
  SOUNDS_LIKE,
  formOf,
} from "./animals";
import { ALSO, HOMOPHONES } from "../../foods/names";

/** What words of a line name: a food of the table, an animal product, or a plant food that the table does not have. */
export type Named =
  | { readonly is: "food"; readonly food: FoodId; readonly sure: boolean }
  | { readonly is: "animal"; readonly animal: Animal; readonly sure: boolean }
  | { readonly is: "unknown" };
/** One name found on a line, with the words it was found in. */
export interface NameOnLine {
  readonly words: string;
  /** Where it begins among the words of the line, and how many they are. */
  readonly at: number;
  readonly length: number;
  readonly named: Named;
}

const ENDS_OTHERWISE: Readonly<Record<string, string>> = { cookies: "cookie", chillies: "chilli", chilies: "chili" };
/** What ends in "a" by itself; of other words "as" is no plural. */
const ENDS_IN_A = /^(?:pitta|pita|tortilla|focaccia|empanada|samosa|pakora|pizza|fajita|banana|enchilada|quesadilla)s$/;
/** The same word in the singular, without accents. */
export function singular(word: string): string {
  const plain = word
    .normalize("NFD")
    .replace(/[\u0300-\u036f]/g, "")
    .toLowerCase()
    .replace(/['’]s?$/, "");
  if (ENDS_IN_A.test(plain)) return plain.slice(0, -1);
  if (/(?:ss|us|is|as)$/.test(plain) || plain.length < 4) return plain;
  if (/ves$/.test(plain) && !/(?:olives|chives|endives|cloves)$/.test(plain))
    return plain === "leaves" ? "leaf" : plain === "calves" || plain === "halves" ? `${plain.slice(0, -3)}f` : plain;
  if (/(?:ch|sh|ss|x|to)es$/.test(plain)) return plain.slice(0, -2);
  if (/ies$/.test(plain) && plain.length > 5) return ENDS_OTHERWISE[plain] ?? `${plain.slice(0, -3)}y`;
  return plain.endsWith("s") ? plain.slice(0, -1) : plain;
}
const wordsOf = (text: string): string[] =>
  text
    .split(/[^\p{L}\p{N}'’-]+/u)
    .filter(Boolean)
    .map(singular);

/** Everything that can be named on a line. */
export interface Lexicon {
  /** Names on a line in the order in which they stand; one inside a longer one is not a name of its own. */
  readonly namesIn: (text: string) => readonly NameOnLine[];
  /** The words of a line in the singular, as names are looked for among them. */
  readonly wordsIn: (text: string) => readonly string[];
  /** The food whose name in the table is this text, word for word; null where it is none's. */
  readonly wholeName: (text: string) => FoodId | null;
  /** The words of a food's own name in the table. */
  readonly nameOf: (food: FoodId) => ReadonlySet<string>;
  /** Whether a word, in the singular, is a name by itself. */
  readonly isName: (word: string) => boolean;
  /** The group of a food, null for one that nobody knows. */
  readonly groupOf: (food: FoodId) => Food["group"] | null;
}
type Entry = Named | { readonly is: "meat"; readonly kind: Parameters<typeof formOf>[1] };

/** Names are worked out once for a list of foods: the same list is called the same. */
const KEPT = new WeakMap<readonly Food[], Lexicon>();

/** The names of these foods, of meats and other animal products, and of what only sounds like them. */
export function lexiconOf(foods: readonly Food[]): Lexicon {
  const kept = KEPT.get(foods) ?? workedOut(foods);
  KEPT.set(foods, kept);
  return kept;
}
function workedOut(foods: readonly Food[]): Lexicon {
  const entries = new Map<string, Entry>();
  const put = (names: string | readonly string[], entry: Entry) => {
    for (const name of typeof names === "string" ? names.split(", ") : names)
      entries.set(wordsOf(name).join(" "), entry);
  };
  const known = new Set(foods.map((f) => f.id));
  const foodEntry = (food: FoodId): Entry => ({ is: "food", food, sure: true });
  put(SOUNDS_LIKE, { is: "unknown" });
  for (const f of foods) {
    if (f.group === "animal") continue;
    const [first = ""] = f.name.split(",");
    // The plain name of several foods ("Lentils, cooked", "Lentils, tinned") is that of the first, and asked by its state.
    const inside = /\(([^)]+)\)/.exec(first)?.[1] ?? first;
    const plain = first.replace(/\s*\(.*/, "");
    for (const name of [plain, plain.replace(/ in .*/, ""), inside, ...f.also.flatMap((a) => a.split(/[,(]/)[0] ?? [])])
      if (!entries.has(wordsOf(name).join(" ")) || entries.get(wordsOf(name).join(" "))?.is === "unknown")
        put(name.trim(), foodEntry(f.id));
  }
  for (const [food, names] of Object.entries(ALSO)) if (known.has(food)) put(names, foodEntry(food));
  for (const [job, names] of Object.entries(PRODUCTS) as [AnimalJob, readonly string[]][])
    put(names, { is: "animal", animal: { job }, sure: job !== "hidden" });
  for (const [name, kind] of meatNames()) put(name, { is: "meat", kind });
  // The cook's own foods are called what the cook calls them.
  for (const f of foods) if (f.from.source === "the cook") put(f.name.replaceAll(",", ""), foodEntry(f.id));
  const whole = new Map(foods.flatMap((f) => (f.group === "animal" ? [] : [[wordsOf(f.name).join(" "), f.id]])));
  const longest = Math.max(...[...entries.keys()].map((k) => k.split(" ").length));
  const groups = new Map(foods.map((f) => [f.id, f.group]));
  const own = new Map(foods.map((f) => [f.id, new Set(wordsOf(f.name))]));
  return {
    namesIn: (text) => namesIn(text, entries, longest, known),
    wordsIn: (text) => wordsOf(heardIn(text).heard),
    wholeName: (text) => whole.get(wordsOf(text).join(" ")) ?? null,
    nameOf: (food) => own.get(food) ?? NO_WORDS,
    isName: (word) => entries.has(word),
    groupOf: (food) => groups.get(food) ?? null,
  };
}
const NO_WORDS: ReadonlySet<string> = new Set();
/** A line as it is listened to: words that belong together joined, words that only sound so taken for what they mean. */
function heardIn(text: string): { readonly heard: string; readonly doubted: boolean } {
  const joined = text.replace(/\b(meat|egg|dairy|milk|fish|plant|gluten|wheat|nut)\s+(free|based)\b/gi, "$1-$2");
  const heard = joined.replace(/\p{L}+/gu, (w) => HOMOPHONES[w.toLowerCase()] ?? w);
  return { heard, doubted: heard !== joined };
}

function namesIn(
  text: string,
  entries: ReadonlyMap<string, Entry>,
  longest: number,
  known: ReadonlySet<FoodId>,
): NameOnLine[] {
  const { heard, doubted } = heardIn(text);
  const words = wordsOf(heard);
  const said = saidOn(text);
  const found: NameOnLine[] = [];
  /** Behind the last name. */
  let end = 0;
  for (let i = 0; i < words.length; i++) {
    for (let length = Math.min(longest, words.length - i); length > 0; length--) {
      const phrase = words.slice(i, i + length).join(" ");
      const entry = entries.get(phrase);
      if (entry === undefined) continue;
      const before = words.slice(Math.max(0, i - WORDS_BEFORE), i).join(" ");
      const named = resolved(entry, phrase, said, before, doubted, known);
      // "Tofu bacon" is no tofu: what it is made of is part of its name.
      if (named.is === "unknown" && entry.is !== "unknown" && end === i && found.at(-1)?.named.is === "food")
        found.pop();
      found.push({ words: phrase, at: i, length, named });
      end = i + length;
      i += length - 1;
      break;
    }
  }
  return found;
}

/** So many words before a name can say what it is made of. */
const WORDS_BEFORE = 40;
/** What a line says of the state of its foods, looked for once however many names stand on it. */
interface OnLine {
  readonly text: string;
  readonly tinned: boolean;
  readonly cooked: boolean;
  readonly drained: boolean;
  readonly dry: boolean;
  readonly greenLentils: boolean;
}
const saidOn = (text: string): OnLine => ({
  text,
  tinned: /\b(?:tins?|cans?|tinned|canned|jars?)\b/i.test(text),
  cooked: /\b(?:cooked|ready[- ]cooked|leftover)\b/i.test(text),
  drained: /\bdrained\b/i.test(text),
  dry: /\b(?:dry|dried|soaked)\b/i.test(text),
  greenLentils: /\bgreen|puy\b/i.test(text),
});

function resolved(
  entry: Entry,
  phrase: string,
  line: OnLine,
  wordsBefore: string,
  doubted: boolean,
  known: ReadonlySet<FoodId>,
): Named {
  if (entry.is === "unknown") return entry;
  if (entry.is === "food")
    return { ...entry, ...inState(entry.food, line, known), ...(doubted ? { sure: false } : {}) };
  // "vegan sausages", "soya mince": called after the animal, made of plants; the packet is asked like any other.
  const job = entry.is === "meat" || entry.animal.job === "meat" ? null : entry.animal.job;
  if (isOfPlants(job, wordsBefore, isFormName(phrase))) return { is: "unknown" };
  if (entry.is === "meat") {
    const form = formOf(line.text, entry.kind, line.tinned && /fish/.test(entry.kind));
    return { is: "animal", animal: { job: "meat", kind: entry.kind, form }, sure: !doubted };
  }
  return doubted ? { ...entry, sure: false } : entry;
}
/** Dry, cooked or tinned: of a pulse it is said, or has to be looked at. */
function inState(food: FoodId, line: OnLine, known: ReadonlySet<FoodId>): { food: FoodId; sure: boolean } {
  const base =
    food === "tomato"
      ? "tomatoes"
      : food === "green-lentils" && !line.greenLentils
        ? "lentils"
        : food.replace(/-(?:dry|cooked|tinned)$/, "");
  const as = (state: string) => (known.has(`${base}-${state}`) ? `${base}-${state}` : null);
  // Herbs: a dried leaf is another food than a fresh one.
  if (line.dry && as("dried") !== null) return { food: as("dried") as string, sure: true };
  if (line.tinned && as("tinned") !== null) return { food: as("tinned") as string, sure: true };
  if (line.tinned && base === "green-lentils" && known.has("lentils-tinned"))
    return { food: "lentils-tinned", sure: true };
  if (line.cooked && as("cooked") !== null) return { food: as("cooked") as string, sure: true };
  if (line.drained && as("tinned") !== null && base !== "tomatoes")
    return { food: as("tinned") as string, sure: false };
  return { food, sure: !(food.endsWith("-dry") && !line.dry) };
}
