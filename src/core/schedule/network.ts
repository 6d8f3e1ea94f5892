/**
 * Simple temporal network: bounds on differences of start times, closed under shortest paths. After closing, fixing
 * one start narrows every other window exactly.
 *
 * Source: Dechter, Meiri and Pearl, Temporal constraint networks, Artificial Intelligence 49 (1991).
 */
export interface Bound {
  readonly from: number;
  readonly to: number;
  /** start[to] − start[from] ≤ atMost */
  readonly atMost: number;
  /** What the bound stands for, for the words of a conflict. */
  readonly why: number;
}

/** Longest distances between all tasks, minutes. */
export type Network =
  | { readonly kind: "consistent"; readonly distance: Float64Array }
  | { readonly kind: "conflict"; readonly cycle: readonly number[] };

/** Shortest distances between all pairs (Floyd–Warshall), or the bounds of one negative cycle. */
export function closeNetwork(nodes: number, bounds: readonly Bound[]): Network {
  const distance = new Float64Array(nodes * nodes).fill(Infinity);
  for (let i = 0; i < nodes; i++) distance[i * nodes + i] = 0;
  for (const { from, to, atMost } of bounds) {
    const at = from * nodes + to;
    if (atMost < (distance[at] as number)) distance[at] = atMost;
  }
  for (let k = 0; k < nodes; k++)
    for (let i = 0; i < nodes; i++) {
      const ik = distance[i * nodes + k] as number;
      if (ik === Infinity) continue;
      for (let j = 0; j < nodes; j++) {
        const through = ik + (distance[k * nodes + j] as number);
        if (through < (distance[i * nodes + j] as number)) distance[i * nodes + j] = through;
      }
    }
  for (let i = 0; i < nodes; i++)
    if ((distance[i * nodes + i] as number) < 0) return { kind: "conflict", cycle: negativeCycle(nodes, bounds) };
  return { kind: "consistent", distance };
}

/** Bellman–Ford from everywhere; walks the predecessors of a node still improving after n rounds. */
function negativeCycle(nodes: number, bounds: readonly Bound[]): number[] {
  const potential = new Float64Array(nodes);
  const by: (Bound | null)[] = new Array<Bound | null>(nodes).fill(null);
  let last = -1;
  for (let round = 0; round < nodes; round++) {
    last = -1;
    for (const b of bounds)
      if ((potential[b.from] as number) + b.atMost < (potential[b.to] as number) - 1e-9) {
        potential[b.to] = (potential[b.from] as number) + b.atMost;
        by[b.to] = b;
        last = b.to;
      }
  }
  if (last < 0) return [];
  for (let i = 0; i < nodes; i++) last = (by[last] as Bound).from;
  const cycle: number[] = [];
  for (let at = last; ;) {
    const bound = by[at] as Bound;
    cycle.push(bound.why);
    at = bound.from;
    if (at === last) return cycle.reverse();
  }
}
