import type { SpoonSystem } from "../../quantities/units";
import { saysOnlyHow } from "./accounted";
import type { Lexicon } from "./lexicon";
import { type AmountOnLine, readAmountOnLine } from "./readAmount";

const DISSOLVED =
  /^(.*\b(?:cubes?|powder|bouillon|granules|stock pots?)\b[^(),]*?)[\s,]+(?:dissolved|crumbled|made up|mixed|stirred|whisked)\s+(?:in|into|with|to)\s+((?:about\s+)?[\d½¼¾⅓⅔].*\bwater\b.*)$/i;
/** "500 ml beef stock, made with 1 cube", "1 litre vegetable stock (from powder)". */
const MADE_OF =
  /^((?:about\s+)?[\d½¼¾⅓⅔.,/\s-]+(?:ml|millilitres?|l|litres?|liters?|cups?|pints?|quarts?|dl|cl|fl\.? ?oz|g)\b\s*(?:\([^)]*\)\s*)?(?:of\s+)?)(?:(?:hot|boiling|strong|good|weak|fresh|rich|light)\s+)*((?:[\p{L}-]+\s+){0,2}?(?:stock|broth|bouillon))\b[\s,(]+(?:made(?:\s+up)?\s+|prepared\s+)?(?:with|from|using|of)\s+(?:about\s+)?(\d+(?:\.\d+)?|½|an?|one|two|three)?\s*(?:[\p{L}-]+\s+){0,3}?(cubes?|powder|granules|stock pots?)\b[^()]*\)?$/iu;
/**
 * Powder or cubes in so much water as their packets say, g a millilitre: 1.6 to 2.2 g of salt in 100 mL at half salt (labels, from
 * memory).
 */
const POWDER_G_PER_ML = { low: 0.031, high: 0.043 } as const;
const NUMBERS: Readonly<Record<string, number>> = { a: 1, an: 1, one: 1, two: 2, three: 3, "½": 0.5 };

/** Stock made of a cube or powder is that and water: one salt in all. Null for any other line. */
function stockMadeOf(line: string, spoons: SpoonSystem): string[] | null {
  const found = MADE_OF.exec(line);
  if (!found) return null;
  const [, amount = "", stock = "", count, of = ""] = found;
  const poured = readAmountOnLine(`${amount} water`, spoons).amount;
  if (poured === null || (poured.kind !== "volume" && poured.kind !== "mass")) return null;
  const water = `${amount.trim()} water`;
  if (/^cube|pot/i.test(of) && count !== undefined)
    return [`${NUMBERS[count.toLowerCase()] ?? count} ${stock.replace(/broth|bouillon/i, "stock")} cubes`, water];
  const ml = poured.kind === "volume" ? poured.volumeMl.likely : poured.massG.likely;
  const grams = (perMl: number) => (ml * perMl).toFixed(1);
  const powder = `${stock.replace(/broth|bouillon/i, "stock")} powder`;
  return [`${grams(POWDER_G_PER_ML.low)}-${grams(POWDER_G_PER_ML.high)} g ${powder}`, water];
}

/** So many words a food may have that stands in a list without an amount. */
const MOST_WORDS = 3;

/**
 * A line that lists several foods, one line each: "2 tsp cumin, 1 tsp paprika, ½ tsp turmeric", "50g butter + 50g flour", "gherkins,
 * mustard, toast". A line of one food with what is done to it ("1 onion, finely chopped") stays as it is.
 */
export function listedOn(given: string, lexicon: Lexicon, spoons: SpoonSystem): string[] {
  // "For 6 people: 500 g split peas, 2 carrots"
  const line = given.replace(
    /^for (?:\d+|two|three|four|five|six|eight|ten)(?: people| persons| of us)?\s*:\s*(?=\S)/i,
    "",
  );
  // "1 lemon, zest and juice": the zest goes in here, the juice there.
  const citrus =
    /^(?:(?:finely )?(?:grated )?zest and (?:the )?juice (?:of |(?=[\d½¼¾])))(.+)$/i.exec(line)?.[1] ??
    /^(?:(?:finely )?(?:grated )?juice and (?:the )?zest (?:of |(?=[\d½¼¾])))(.+)$/i.exec(line)?.[1] ??
    /^(.*\b(?:lemons?|limes?|oranges?))\s*[,(]\s*(?:(?:finely )?(?:grated )?zest(?:ed)? and (?:the )?juiced?|juiced? and (?:the )?zest(?:ed)?)\)?$/i.exec(
      line,
    )?.[1];
  if (citrus !== undefined) return [`zest of ${citrus}`, `juice of ${citrus}`];
  // "lettuce, sliced tomato and ketchup, to serve", "To serve: rice, soured cream and lime": each of them.
  const ahead = /^(to serve|to garnish|to finish)\s*[:–-]\s*(\D+)$/i.exec(line);
  const turned = ahead?.[1] && ahead[2] ? `${ahead[2].trim()}, ${ahead[1].toLowerCase()}` : line;
  const served = /^([^\d]+?),? (to serve|to garnish|to finish)$/i.exec(turned);
  const beside = served?.[1]?.split(/\s*,\s*(?:and\s+)?|\s+(?:and|&)\s+/) ?? [];
  if (beside.length > 1 && beside.every((p) => p.split(" ").length <= MOST_WORDS && lexicon.namesIn(p).length === 1))
    return beside.map((p) => `${p}, ${served?.[2] as string}`);
  const dissolved = DISSOLVED.exec(line);
  // "1 stock cube dissolved in 300 ml boiling water" is a cube and water.
  if (dissolved?.[1] && dissolved[2]) return [dissolved[1].trim(), dissolved[2].replace(/\bwith\s+/i, "").trim()];
  // "1 tbsp ground flaxseed mixed with 3 tbsp water"
  const mixedWith =
    /^([\d½¼¾].*?),?\s+(?:mixed|stirred|whisked|soaked) (?:with|in|into) ((?:about )?[\d½¼¾].*\bwater)$/i.exec(line);
  if (mixedWith?.[1] && mixedWith[2]) return [mixedWith[1], mixedWith[2]];
  const made = stockMadeOf(line, spoons);
  if (made !== null) return made;
  // "for the paste: 3 shallots, 3 garlic cloves", "sauce is 2 tbsp soy, 1 tbsp vinegar"
  const headed =
    /^(?:for (?:the )?)?([a-z][a-z ]{2,24}?)(?:\s*:|\s+is)\s+(?=[\d½¼¾]|an? |juice|zest|handful|pinch)(.+)$/i.exec(
      line,
    );
  if (
    headed?.[1] &&
    headed[2] &&
    lexicon
      .namesIn(headed[1])
      .every((n) => n.named.is !== "food" || /sauce|paste|marinade|dressing/i.test(headed[1] as string))
  ) {
    const pieces = listedOn(headed[2], lexicon, spoons);
    if (pieces.length > 1)
      return pieces.map((piece) =>
        /\bfor the\b/.test(piece) ? piece : `${piece} for the ${(headed[1] as string).toLowerCase()}`,
      );
  }
  // "1 onion, 1 carrot, 1 celery stick, all finely chopped"
  const alike = /^(.+?),?\s+(?:all|both|each)\s+((?:\w+\s+)?(?:chopped|sliced|diced|grated|peeled))\.?$/i.exec(line);
  if (alike?.[1] && alike[2]) {
    const those = listedOn(alike[1], lexicon, spoons);
    if (those.length > 1) return those.map((one) => `${one}, ${alike[2] as string}`);
  }
  const joined = line.split(
    /\s(?:and|&|\+)\s(?=(?:about\s+)?(?:[\d½¼¾⅓⅔]|an?\s+(?:\d|piece|thumb|knob|handful|pinch|splash|few)))/i,
  );
  if (
    joined.length > 1 &&
    joined.every((piece) => {
      const a = readAmountOnLine(piece, spoons);
      return a.amount !== null && lexicon.namesIn(a.words).length > 0 && !/\((?![^)]*\))/.test(piece);
    })
  )
    return joined.flatMap((piece) => listedOn(piece.replace(/[,\s]+$/, ""), lexicon, spoons));
  // "juice 1 lemon"
  const pieces = partedAt(line).map((p) => p.replace(/^(juice|zest) (?=\d|½|an? )/i, "$1 of "));
  if (pieces.length < 2) return [line];
  const namesSomething = (piece: string) => lexicon.namesIn(piece).length > 0;
  const amounts = pieces.map((piece) => readAmountOnLine(piece, spoons));
  const counts = ({ amount, words }: AmountOnLine) =>
    amount !== null && /\p{L}{3}/u.test(words) && namesSomething(words);
  // "250 g chickpeas, 1 chilli, salt": what stands bare in between is the whole name of another food.
  const [first = ""] = pieces;
  if (
    amounts.every(
      (a, i) => counts(a) || (i > 0 && a.amount === null && isWholeFood(pieces[i] as string, first, lexicon)),
    )
  )
    return pieces;
  // One whose name nobody knows among many that are known is a line of its own too.
  if (
    amounts.length > 2 &&
    amounts.every((a) => a.amount !== null && /\p{L}{3}/u.test(a.words)) &&
    pieces.filter(namesSomething).length * 3 >= pieces.length * 2
  )
    return pieces;
  // "6 buns, lettuce, tomato, vegan mayo": what is named short behind what is counted.
  const isShort = (piece: string) =>
    piece.split(" ").length <= MOST_WORDS &&
    namesSomething(piece) &&
    !saysOnlyHow(piece, lexicon) &&
    !/(?:ed|ly|less)\b/.test(piece);
  if (pieces.length > 2 && amounts.some(counts) && amounts.every((a, i) => counts(a) || isShort(pieces[i] as string)))
    return pieces;
  // At least every second one is counted, and the others are names: "3 onions, 100 ml milk + pinch saffron, mint".
  const isCounted = ({ amount, words }: AmountOnLine) =>
    amount !== null && amount.kind !== "question" && /\p{L}{3}/u.test(words);
  const isName = (piece: string) =>
    piece.split(" ").length <= MOST_WORDS && !saysOnlyHow(piece, lexicon) && !/(?:ed|ly|less)\b/.test(piece);
  if (
    pieces.length > 2 &&
    amounts.filter(isCounted).length * 2 >= pieces.length &&
    amounts.every((a, i) => isCounted(a) || isName(pieces[i] as string))
  )
    return pieces;
  const bare = amounts.every((a) => a.amount === null) && !/\d/.test(line);
  const short = pieces.every((piece) => piece.split(" ").length <= MOST_WORDS && !saysOnlyHow(piece, lexicon));
  const known = pieces.filter(namesSomething).length;
  return bare && short && known * 2 > pieces.length ? pieces : [line];
}

/** Whether a piece is the name of a plant food and nothing else, and of another one than the first. */
function isWholeFood(piece: string, first: string, lexicon: Lexicon): boolean {
  const [name, ...others] = lexicon.namesIn(piece);
  if (name?.named.is !== "food" || others.length > 0 || name.length !== lexicon.wordsIn(piece).length) return false;
  const { food } = name.named;
  return lexicon.namesIn(first).every(({ named }) => named.is !== "food" || named.food !== food);
}

/** At commas, plus signs and the last "and" before an amount; not inside brackets, nor between the figures of a number. */
function partedAt(line: string): string[] {
  const pieces: string[] = [];
  let depth = 0;
  let from = 0;
  for (const match of line.matchAll(
    /[()[\]]|(?<=\p{L}{4})\.\s+(?=\p{Ll})|(?<!\d),|,(?!\d)|;|\s\+\s|\s(?:and|&)\s(?=(?:about\s+)?(?:[\d½¼¾⅓⅔]|an?\s+(?:\d|piece|thumb|knob|handful|pinch|splash|few)))/gu,
  )) {
    const sign = match[0];
    if ("([".includes(sign)) depth++;
    else if (")]".includes(sign)) depth = Math.max(0, depth - 1);
    else if (depth === 0) {
      pieces.push(line.slice(from, match.index));
      from = match.index + sign.length;
    }
  }
  return [...pieces, line.slice(from)].map((p) => p.replace(/^\s*and\s+/i, "").trim()).filter((p) => p !== "");
}
