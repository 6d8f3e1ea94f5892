import { SHELVES_OF_ONE_OVEN } from "../capacities";
import { type ScheduleInput, SERVE } from "../task";

/** What a plan costs by the kitchen's measure, in minutes of beginning earlier: its start, and 20 for each point of bite. */
export function costOf(input: ScheduleInput, starts: Readonly<Record<string, number>>): number {
  const of = (id: string) => input.tasks.find((t) => t.id === id) as ScheduleInput["tasks"][number];
  const lost = input.lags.map(({ from, to, maxMin, hardMin, pointsPerMin, afterMin }) => {
    const wait =
      (to === SERVE ? (afterMin ?? 0) : (starts[to] as number)) - (starts[from] as number) - of(from).minutes;
    return maxMin === null || hardMin === undefined ? 0 : Math.max(0, wait - maxMin) * (pointsPerMin ?? 0);
  });
  return 20 * lost.reduce((sum, l) => sum + l, 0) - Math.min(...Object.values(starts));
}

/**
 * Says what a schedule breaks, by a reading of the rules that shares no code with the search.
 *
 * @param waits up to which limit food may wait: the usual one, or the hard one where there is one
 */
export function broken(
  input: ScheduleInput,
  starts: Readonly<Record<string, number>>,
  waits: "usual" | "hard" = "usual",
): string[] {
  const faults: string[] = [];
  const of = (id: string) => input.tasks.find((t) => t.id === id) as ScheduleInput["tasks"][number];
  const begin = (id: string) => starts[id] as number;
  const end = (id: string) => begin(id) + of(id).minutes;
  for (const { from, to, minMin, maxMin, hardMin, afterMin } of input.lags) {
    const gap = (to === SERVE ? (afterMin ?? 0) : begin(to)) - end(from);
    const most = waits === "hard" && hardMin !== undefined ? hardMin : maxMin;
    if (gap < minMin || (most !== null && gap > most)) faults.push(`${from} → ${to}: ${gap}`);
  }
  for (const { id, notBefore, notAfter } of input.tasks)
    if (begin(id) < (notBefore ?? -Infinity) || begin(id) > (notAfter ?? Infinity))
      faults.push(`${id} at ${begin(id)}`);
  for (const { lags, mostMin, rule } of input.budgets ?? []) {
    const waits = lags.map(({ from, to, afterMin }) => (to === SERVE ? (afterMin ?? 0) : begin(to)) - end(from));
    if (waits.reduce((sum, w) => sum + w, 0) > mostMin) faults.push(`${rule}: ${waits.join(" + ")}`);
  }
  for (const [first, second] of input.apart) {
    const ends = (group: readonly string[]) => Math.max(...group.map(end));
    const begins = (group: readonly string[]) => Math.min(...group.map(begin));
    if (ends(first) > begins(second) && ends(second) > begins(first)) faults.push(`${first[0]} and ${second[0]} mixed`);
  }
  // One oven on its way to another heat.
  const baked = input.tasks.filter((t) => t.ovenC !== null && t.minutes > 0);
  if ((input.capacities.oven ?? 0) <= SHELVES_OF_ONE_OVEN)
    for (const a of baked)
      for (const b of baked) {
        const up = (b.ovenC as number) - (a.ovenC as number);
        const rates = input.ovenRates ?? { up: Infinity, down: Infinity };
        const needed = Math.abs(up) <= 10 ? 0 : Math.ceil(up > 0 ? up / rates.up : -up / rates.down);
        const gap = begin(b.id) - end(a.id);
        if (begin(a.id) < begin(b.id) && gap >= 0 && gap < needed) faults.push(`oven: ${a.id} then ${b.id}: ${gap}`);
      }
  const last = Math.max(0, ...input.lags.map((l) => l.afterMin ?? 0));
  if (input.tasks.some((t) => end(t.id) > last || begin(t.id) < -input.horizonMin)) faults.push("out of the day");
  for (let minute = -input.horizonMin; minute < last; minute++) {
    const running = input.tasks.filter((t) => begin(t.id) <= minute && minute < end(t.id));
    for (const [resource, most] of Object.entries(input.capacities)) {
      const use = running.reduce((sum, t) => sum + (t.demands[resource] ?? 0), 0);
      const away = (input.gone?.[resource] ?? []).filter(([f, t]) => f <= minute && minute < t);
      const left = Math.max(0, most - away.reduce((sum, [, , units]) => sum + units, 0));
      if (use > left) faults.push(`${resource} at ${minute}: ${use}`);
    }
    const heats = running.flatMap((t) => t.ovenC ?? []);
    if ((input.capacities.oven ?? 0) <= SHELVES_OF_ONE_OVEN && Math.max(...heats) - Math.min(...heats) > 10)
      faults.push(`oven at ${minute}: ${heats.join(" and ")} °C`);
    if (input.blocked.some(([f, t]) => f <= minute && minute < t) && running.some((t) => t.kind !== "wait"))
      faults.push(`blocked at ${minute}`);
  }
  return faults;
}
