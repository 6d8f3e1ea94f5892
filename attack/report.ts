/** One kind of attack: how often it was tried, how often everything held, and what the worst of them was. */
export interface Row {
  readonly attack: string;
  readonly tried: number;
  readonly held: number;
  /** A figure of the worst case, or what went wrong first. */
  readonly says: string;
}

/** Counts what held; the first fault is told. */
export class Tally {
  private tried = 0;
  private held = 0;
  private fault: string | null = null;
  constructor(private readonly attack: string) {}
  /** @param fault what went wrong, null where everything held */
  note(fault: string | null): void {
    this.tried++;
    if (fault === null) this.held++;
    else this.fault ??= fault;
  }
  row(says: string): Row {
    return { attack: this.attack, tried: this.tried, held: this.held, says: this.fault ?? says };
  }
}

export function table(rows: readonly Row[]): string {
  const cells = [
    ["attack", "tried", "held", "worst"],
    ...rows.map((r) => [r.attack, `${r.tried}`, `${r.held}`, r.says]),
  ];
  const widths = [0, 1, 2].map((i) => Math.max(...cells.map((row) => (row[i] as string).length)));
  const line = (row: readonly string[]) => row.map((c, i) => (i < 3 ? c.padEnd(widths[i] as number) : c)).join("  ");
  return cells.map(line).join("\n");
}
