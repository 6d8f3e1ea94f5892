import { FRACTIONS } from "../quantities/fractions";
import { readHtml } from "./html";

/**
 * Text as anybody may paste it, as plain text: tags, what is struck out, marks of lists and emphasis, invisible signs gone.
 * Nothing in it is ever run.
 */
export function plainText(text: string): string {
  return (/[<&]/.test(text) ? readHtml(text).text : text)
    .replace(/~~[^~\n]*~~/g, " ")
    .replace(/[\u200B-\u200F\u202A-\u202E\u2060-\u2069\uFEFF\u00AD]/g, "")
    .replace(/[\u00A0\u2000-\u200A\u202F\u205F]/g, " ")
    .replace(/(\d)\u2044(\d)/g, "$1/$2")
    .replace(/\r\n?/g, "\n")
    .replace(/\*\*|__|`/g, "");
}

/** A line without the marks of a list before it. */
export const withoutBullet = (line: string): string =>
  line
    .trim()
    .replace(/^(?:[-*•·▢☐□◦‣–—]|\[[ x]?\])(?:\s+|(?=\S))/i, "")
    .replace(/^(?:\[[ x]?\]|▢|☐)\s*/i, "")
    .replace(/^(?:\d{1,2}[.)]|\(\d{1,2}\)|\d{1,2}:\d\d|[A-H][.)])\s+(?=\S)/, "")
    .trim();

const NUMBER_WORDS: Readonly<Record<string, string>> = {
  one: "1",
  two: "2",
  three: "3",
  four: "4",
  five: "5",
  six: "6",
  seven: "7",
  eight: "8",
  nine: "9",
  ten: "10",
  eleven: "11",
  twelve: "12",
  twenty: "20",
  thirty: "30",
  forty: "40",
  sixty: "60",
};
const NUMBERS = Object.keys(NUMBER_WORDS).join("|");

/** Numbers in one spelling: "1½", "1-1/2", "1 & 1/2", "one and a half" → "1.5"; "1,5" → "1.5"; "1.500 g" → "1500 g". */
export function plainNumbers(text: string): string {
  let plain = text.replace(/\s+/g, " ");
  for (const [sign, written] of Object.entries(FRACTIONS)) plain = plain.replaceAll(sign, ` ${written}`);
  return plain
    .replace(/(\d)[.,](\d{3})(?=\s*(?:g|gr|grams?|ml)\b)/gi, "$1$2")
    .replace(/(\d),(\d)/g, "$1.$2")
    .replace(new RegExp(String.raw`\b(${NUMBERS})\b`, "gi"), (w) => NUMBER_WORDS[w.toLowerCase()] as string)
    .replace(/\ba dozen\b|\b1 dozen\b/gi, "12")
    .replace(/\b(\d+) and an? half\b/gi, (_, n: string) => String(Number(n) + 0.5))
    .replace(/\ban? hour and an? half\b/gi, "1.5 hours")
    .replace(/\bhalf an hour\b/gi, "0.5 hours")
    .replace(/\bhalf (?:of )?an?\b|\ba half\b/gi, "0.5")
    .replace(/\b(?:a )?quarter of an?\b/gi, "0.25")
    .replace(/(\d+)\s*(?:-|&|and|\s)\s*([1-9])\/([2-9])(?!\d)/gi, (_, whole: string, a: string, b: string) =>
      written(Number(whole) + Number(a) / Number(b)),
    )
    .replace(/[ \t]+/g, " ")
    .trim();
}
const written = (n: number): string => String(Math.round(n * 1e6) / 1e6);
