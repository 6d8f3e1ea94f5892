import type { Finding } from "./eaters";

/** Labels to read: what is only asked for what is packed beside it counts once. */
export const labelsToRead = (ask: readonly Finding[]): number =>
  ask.filter((f) => !f.packed).length + (ask.some((f) => f.packed) ? 1 : 0);
