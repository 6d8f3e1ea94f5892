/** Equal seed, equal attack. mulberry32, as in `core/schedule/chance`. */
export class Dice {
  constructor(private state: number) {}
  /** 0 to below 1 */
  next(): number {
    this.state = (this.state + 0x6d2b79f5) | 0;
    let t = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  }
  below(n: number): number {
    return Math.floor(this.next() * n);
  }
  one<T>(of: readonly T[]): T {
    return of[this.below(of.length)] as T;
  }
}

/** What nobody should send. */
const ODD: readonly unknown[] = [
  null,
  true,
  -1,
  0,
  1e308,
  -1e308,
  0.1,
  2 ** 53,
  "",
  "NaN",
  "__proto__",
  "constructor",
  "a".repeat(5000),
  "\u202e\u0000\n",
  "<img src=x onerror=alert(1)>",
  "=HYPERLINK(1)",
  [],
  {},
  [[[[]]]],
  { id: "x" },
];

/** A copy of plain data in which one to three places are not what they were. */
export function bent(data: unknown, dice: Dice): unknown {
  const copy = structuredClone(data);
  for (let n = 1 + dice.below(3); n > 0; n--) bendOnce(copy, dice);
  return copy;
}
function bendOnce(data: unknown, dice: Dice): void {
  let at = data as Record<string, unknown>;
  for (let depth = 0; depth < 40; depth++) {
    const keys = Object.keys(at);
    if (keys.length === 0) return;
    const key = dice.one(keys);
    const child = at[key];
    if (typeof child === "object" && child !== null && dice.next() < 0.85) {
      at = child as Record<string, unknown>;
      continue;
    }
    const how = dice.below(6);
    if (how === 0) delete at[key];
    else if (how === 1 && Array.isArray(child)) child.push(...(child as unknown[]));
    else if (how === 2) at[`${key}2`] = child;
    else if (how === 3 && typeof child === "number") at[key] = child * dice.one([-1, 1000, 1e-6, 1.5]);
    else at[key] = dice.one(ODD);
    return;
  }
}
/** A copy of a text in which something is cut, doubled or turned. */
export function torn(text: string, dice: Dice): string {
  const [at, length] = [dice.below(text.length), 1 + dice.below(200)];
  switch (dice.below(4)) {
    case 0:
      return text.slice(0, at);
    case 1:
      return text.slice(0, at) + text.slice(at + length);
    case 2:
      return text.slice(0, at + length) + text.slice(at);
    default:
      return text.slice(0, at) + String.fromCharCode(32 + dice.below(95)) + text.slice(at + 1);
  }
}
