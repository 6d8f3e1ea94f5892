/** What no name has in it: controls, breaks of lines, and signs that turn the direction of what follows. */
const NO_LETTER = /[\p{Cc}\u2028\u2029\u202a-\u202e\u2066-\u2069]/u;
const RUNS = new RegExp(`\\s*${NO_LETTER.source}(?:\\s|${NO_LETTER.source})*`, "gu");

/** Whether a text can stand as a name. */
export const isOneLine = (text: string): boolean => !NO_LETTER.test(text);
/**
 * A text as a name of one line.
 *
 *     oneLine(" Bean\nstew\u202e ") // => "Bean stew"
 */
export const oneLine = (text: string): string => text.replace(RUNS, " ").trim();
