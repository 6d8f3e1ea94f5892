import { plainNumbers } from "./plainText";

const SERVINGS = String.raw`(\d+)(?:\s*(?:-|–|to)\s*\d+)?`;
/** For how many a recipe is, from what it says of its yield. */
export function servingsIn(text: string): number | null {
  const plain = plainNumbers(text);
  const said =
    // "Makes 8, serves 4": of how many eat it, not of how many pieces.
    new RegExp(String.raw`\b(?:serves|feeds)\s*:?\s*(?:about\s+)?${SERVINGS}\b`, "i").exec(plain) ??
    new RegExp(
      String.raw`\b(?:serves|feeds|servings?|yields?|makes|portions?|for)\s*:?\s*(?:about\s+)?${SERVINGS}\b(?!\s*(?:min|h\b|g\b|°|cm|ml|balls|patties|pieces))`,
      "i",
    ).exec(plain) ??
    new RegExp(
      String.raw`\b${SERVINGS}\s*(?:servings?|portions?|portionen|people|persons|eaters|(?:big |large |small )?(?:bowls|plates))\b`,
      "i",
    ).exec(plain) ??
    /\((\d+)\)\s*$/.exec(plain) ??
    /\b(\d+)\s+of us\b/i.exec(plain) ??
    /^\s*(\d+)\s*$/.exec(plain);
  const n = Number(said?.[1]);
  return n >= 1 && n <= 100 ? n : null;
}

/** Where no line of its own says for how many it is: "serves 3 hungry people" in a sentence. */
export function servingsAmong(lines: readonly string[]): number | null {
  for (const line of lines.slice(0, 60)) {
    const said =
      /\b(?:serves|feeds|does)\s+(\d+)\b|(?:\bfor|\(for)\s+(\d+)(?:\s+(?:people|persons|of us|of you)\b|\)|;|\s*$)|\b(\d+)\s+(?:people|persons|portions|servings|of us|of you|plates|bowls)\b/i.exec(
        plainNumbers(line),
      );
    const n = Number(said?.[1] ?? said?.[2] ?? said?.[3]);
    if (n >= 1 && n <= 100) return n;
  }
  return null;
}
