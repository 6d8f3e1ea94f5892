/** `1 label`, `3 labels`, `2 dishes`. */
export const counted = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;
/** `a`, `a and b`, `a, b and c`. */
export const list = (things: readonly string[]): string =>
  things.length < 2 ? (things[0] ?? "") : `${things.slice(0, -1).join(", ")} and ${things.at(-1)}`;
