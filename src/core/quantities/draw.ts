import { type Estimate, triangularQuantile } from "./range";

/** Gives the value of one uncertain parameter for one run: the likely one, or the one of a sample. */
export type Draw = (parameterId: string, estimate: Estimate) => number;

export const likelyDraw: Draw = (_id, { likely }) => likely;

/** FNV-1a over UTF-16 units: a stable 32-bit number for a parameter's name. */
function hashText(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return hash >>> 0;
}

/** Finaliser of MurmurHash3: spreads neighbouring integers over 32 bits. */
function scramble(n: number): number {
  n = Math.imul(n ^ (n >>> 16), 0x85ebca6b);
  n = Math.imul(n ^ (n >>> 13), 0xc2b2ae35);
  return (n ^ (n >>> 16)) >>> 0;
}

/** The order in which one parameter visits its strata: a permutation that depends on nothing but name and seed. */
function strataOf(parameterId: string, samples: number, seed: number): Uint32Array {
  const order = Uint32Array.from({ length: samples }, (_, i) => i);
  const key = hashText(parameterId) ^ Math.imul(seed + 1, 0x9e3779b1);
  for (let i = samples - 1; i > 0; i--) {
    const j = scramble(key + Math.imul(i, 0x27d4eb2f)) % (i + 1);
    const held = order[i] as number;
    order[i] = order[j] as number;
    order[j] = held;
  }
  return order;
}

/**
 * Stratified draws keyed by (parameter, sample number): each parameter visits each of `samples` equal strata
 * once, in an order of its own. A step that is added brings parameters of its own and moves no other draw, so
 * ranges elsewhere on the screen don't flicker.
 *
 * @param samples how many runs, 1 or more
 * @returns for each sample number the Draw of that run
 */
export function sampledDraws(samples: number, seed: number): (sample: number) => Draw {
  const orders = new Map<string, Uint32Array>();
  return (sample) => (parameterId, estimate) => {
    if (estimate.low === estimate.high) return estimate.likely;
    let order = orders.get(parameterId);
    if (order === undefined) orders.set(parameterId, (order = strataOf(parameterId, samples, seed)));
    return triangularQuantile(estimate, ((order[sample] as number) + 0.5) / samples);
  };
}
