/**
 * Ways in which a recipe is laid out, brought to one line for one thing: rows of a table, boxes to tick, messages with their times,
 * lists parted by strokes, sentences behind dashes. Works on the lines as they were given, before blanks are squeezed.
 */
export function unshaped(text: string): string {
  return text
    .split("\n")
    .flatMap((line) => rowOf(withoutStamp(line)))
    .flatMap(partedAtStrokes)
    .join("\n");
}
/** "[09:14] me: 500 g cooked turkey", "> Strain." */
const withoutStamp = (line: string): string =>
  line
    .replace(/^\s*\[\d{1,2}[:.]\d\d(?:[:.]\d\d)?\]\s*(?:[\p{L}\d_]{1,20}:\s*)?/u, "")
    .replace(/^\s*>\s+/, "")
    .replace(/^\s*day \d+\s*:\s*/i, "");
/** "| leeks | 2 |" */
function rowOf(line: string): string[] {
  const row = /^\s*\|(.+)\|\s*$/.exec(line)?.[1];
  if (row === undefined) return [line];
  const cells = row
    .split("|")
    .map((c) => c.replace(/[*_]+/g, "").trim())
    .filter((c) => c !== "");
  if (cells.length === 0 || cells.every((c) => /^:?-+:?$/.test(c))) return [];
  if (cells.length === 1) return [`${cells[0] as string}:`];
  // The first row says what the columns are.
  return cells.some((c) => /\d|[½¼¾⅓⅔]/.test(c)) ? [cells.join(" | ")] : [];
}
const AMOUNT_FIRST = /^(?:\d|[½¼¾⅓⅔]|an?\s|handful|pinch|bunch|salt\b|pepper\b)/i;
/** Several things on one line. */
function partedAtStrokes(line: string): string[] {
  if (/\s\/\/\s.*\s\/\/\s/.test(line)) return line.split(/\s*\/\/\s*/);
  if (/\[[ xX]?\]\s.*\[[ xX]?\]\s/.test(line)) return line.split(/\s*(?=\[[ xX]?\]\s)/).filter((p) => p.trim() !== "");
  // "— slice aubergines, roast. — mince and onion in a pan."
  if (/^\s*[—–]\s.*[.!?]\s+[—–]\s/.test(line))
    return line.split(/(?:^|(?<=[.!?]))\s*[—–]\s+/).filter((p) => p.trim() !== "");
  // "Start the day before. For 4: 600 g firm tofu; 60 ml soy sauce".
  const forWhom =
    /^(.{3,120}?)[.!:—–-]?\s+(for|serves|feeds)\s+(\d+|two|three|four|five|six|eight)(?:\s+people)?\s*:\s+(?=\d)(.+)$/i.exec(
      line,
    );
  if (forWhom?.[1] && forWhom[4]) return [forWhom[1], `Serves ${forWhom[3] as string}`, forWhom[4]];
  // "Serves 6. 1 kg aubergines, 600 g mince": for how many, and then the list.
  const yields = /^((?:serves|feeds|makes)\s+\d+[^.]{0,20})\.\s+(?=\d)(.+)$/i.exec(line);
  if (yields?.[1] && yields[2]) return [yields[1], ...partedAtStops(yields[2])];
  return partedAtStops(line);
}
/** "1 cauliflower (900 g), florets. 150 g macaroni. 100 g cashews." */
function partedAtStops(line: string): string[] {
  const pieces = line.split(/(?<=[^\d.][.])\s+/).filter((p) => p.trim() !== "");
  if (pieces.length < 2) return [line];
  // "Mussels in cider. 2 kg mussels, 2 leeks, 50 g butter. Butter, leeks 8 min.": one of the sentences is the list.
  const isList = (p: string) => {
    const those = p.replace(/\.\s*$/, "").split(/,\s+/);
    return (
      those.length > 3 &&
      those.filter((t) => AMOUNT_FIRST.test(t)).length * 5 >= those.length * 3 &&
      /^[\d½¼¾]/.test(p) &&
      !/\bmin/.test(p)
    );
  };
  if (pieces.length > 2 && pieces.some(isList)) return pieces.map((p) => (isList(p) ? p.replace(/\.\s*$/, "") : p));
  const listed = pieces.filter((p) => AMOUNT_FIRST.test(p.trim())).length;
  if (pieces.length >= 4 && listed * 4 >= pieces.length * 3) return pieces.map((p) => p.replace(/\.\s*$/, ""));
  // "White sauce: 60 g butter, 60 g flour": a list under its own name, behind another list.
  const headed = line.split(/(?<=[^\d.][.])\s+(?=[\p{Lu}][\p{L} ]{2,20}:\s+\d)/u);
  return headed.length > 1 && AMOUNT_FIRST.test(headed[0] as string)
    ? headed.map((p) => p.replace(/\.\s*$/, ""))
    : [line];
}
