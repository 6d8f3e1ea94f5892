import { type Estimate, drawnAt } from "./range";

/**
 * Gives the value of one uncertain parameter for one run: the likely one, or the one of a sample. A scope (the step)
 * tells parameters of one name apart; without one it is shared.
 */
export type Draw = (parameterId: string, estimate: Estimate, scope?: string) => number;

/** The deterministic run: every parameter has its likely value. */
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
  const order = new Uint32Array(samples).map((_, i) => i);
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
  const byScope = new Map<string, Map<string, Drawn>>();
  const at = (order: Uint32Array, sample: number) => ((order[sample] as number) + 0.5) / samples;

  const lookUp = (scope: string, parameterId: string, estimate: Estimate): Drawn => {
    let drawns = byScope.get(scope);
    if (drawns === undefined) byScope.set(scope, (drawns = new Map()));
    let drawn = drawns.get(parameterId);
    if (drawn === undefined) {
      const order = strataOf(scope === "" ? parameterId : `${scope} ${parameterId}`, samples, seed);
      const values = new Float64Array(samples);
      for (let i = 0; i < samples; i++) values[i] = drawnAt(estimate, at(order, i));
      drawns.set(parameterId, (drawn = { scope, parameterId, order, estimate, values }));
    }
    return drawn;
  };

  // Samples ask for the same parameters in the same order: the one asked for here last time is looked at first, since
  // this runs a million times for a supper. The trail only saves the look-up; it settles nothing.
  const trail: Drawn[] = [];
  return (sample) => {
    let asked = 0;
    return (parameterId, estimate, scope = "") => {
      if (estimate.low === estimate.high) return estimate.likely;
      let drawn = trail[asked];
      if (drawn === undefined || drawn.parameterId !== parameterId || drawn.scope !== scope)
        trail[asked] = drawn = lookUp(scope, parameterId, estimate);
      asked++;
      // Most estimates are constants of a step: their quantiles were worked out when they were first asked for.
      if (drawn.estimate === estimate) return drawn.values[sample] as number;
      return drawnAt(estimate, at(drawn.order, sample));
    };
  };
}

/** One parameter: the order of its strata, and its values for the estimate it was first asked with. */
interface Drawn {
  readonly scope: string;
  readonly parameterId: string;
  readonly order: Uint32Array;
  readonly estimate: Estimate;
  readonly values: Float64Array;
}
