const GROWTH = 1 / 0.95;
const TOO_LARGE = 1e100;

/**
 * Which variable took part in contradictions lately, in a binary heap: the liveliest of those that are open comes first.
 *
 * Source: variable state independent decaying sum, Moskewicz et al., Chaff, DAC 2001.
 */
export class Activity {
  private readonly score: number[] = [];
  private readonly heap: number[] = [];
  private readonly place: number[] = [];
  private step = 1;

  add(v: number, score = 0): void {
    this.score[v] = score;
    this.place[v] = -1;
    this.open(v);
  }
  /** To be decided (again). */
  open(v: number): void {
    if ((this.place[v] as number) >= 0) return;
    this.place[v] = this.heap.push(v) - 1;
    this.up(this.place[v]);
  }
  /** The liveliest, taken out; −1 when there is none. */
  take(): number {
    const first = this.heap[0];
    if (first === undefined) return -1;
    const last = this.heap.pop() as number;
    this.place[first] = -1;
    if (this.heap.length > 0) {
      this.heap[0] = last;
      this.place[last] = 0;
      this.down(0);
    }
    return first;
  }
  bump(v: number): void {
    this.score[v] = (this.score[v] as number) + this.step;
    if ((this.score[v] as number) > TOO_LARGE) {
      for (let i = 0; i < this.score.length; i++) this.score[i] = (this.score[i] as number) / TOO_LARGE;
      this.step /= TOO_LARGE;
    }
    if ((this.place[v] as number) >= 0) this.up(this.place[v] as number);
  }
  decay(): void {
    this.step *= GROWTH;
  }

  private before(a: number, b: number): boolean {
    const [x, y] = [this.score[a] as number, this.score[b] as number];
    return x > y || (x === y && a < b);
  }
  private up(at: number): void {
    const v = this.heap[at] as number;
    while (at > 0) {
      const parent = (at - 1) >> 1;
      const above = this.heap[parent] as number;
      if (!this.before(v, above)) break;
      this.heap[at] = above;
      this.place[above] = at;
      at = parent;
    }
    this.heap[at] = v;
    this.place[v] = at;
  }
  private down(at: number): void {
    const v = this.heap[at] as number;
    for (;;) {
      let child = 2 * at + 1;
      if (child >= this.heap.length) break;
      if (child + 1 < this.heap.length && this.before(this.heap[child + 1] as number, this.heap[child] as number))
        child++;
      const below = this.heap[child] as number;
      if (!this.before(below, v)) break;
      this.heap[at] = below;
      this.place[below] = at;
      at = child;
    }
    this.heap[at] = v;
    this.place[v] = at;
  }
}
