/** `1 label`, `3 labels`, `2 dishes`. */
export const counted = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;
