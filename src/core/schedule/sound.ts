import { type ScheduleInput, SERVE, waysOf } from "./task";

/** What does not hold together in a question to the solver: where, as a path into it, and why. */
export interface Unsound {
  readonly field: string;
  readonly problem: string;
}

/**
 * The first thing in a question that no answer could be given to: ids that stand twice or name nothing, resources that nobody has,
 * spans that end before they begin; null when it is sound. That there is too little of a resource is no fault of the question: it
 * does not fit, and the answer says what would help.
 */
export function unsoundness({
  tasks,
  lags,
  apart,
  capacities,
  blocked,
  budgets = [],
  gone = {},
}: ScheduleInput): Unsound | null {
  const ids = new Set<string>([SERVE]);
  const choices = new Map<string, number>();
  for (const [i, task] of tasks.entries()) {
    const { id } = task;
    if (ids.has(id))
      return {
        field: `tasks/${i}/id`,
        problem: id === SERVE ? `"${SERVE}" is the table itself` : `"${id}" stands there twice`,
      };
    ids.add(id);
    const ways = waysOf(task);
    for (const [w, { demands }] of ways.entries())
      for (const resource of Object.keys(demands))
        if (!Object.hasOwn(capacities, resource))
          return {
            field: `tasks/${i}/${w === 0 ? "" : `orElse/${w - 1}/`}demands/${resource}`,
            problem: "is not among the capacities",
          };
    if (task.choice === undefined) continue;
    if ((choices.get(task.choice) ?? ways.length) !== ways.length)
      return { field: `tasks/${i}/orElse`, problem: `must be as many as others of "${task.choice}" have` };
    choices.set(task.choice, ways.length);
  }
  for (const [i, { from, to, minMin, maxMin, hardMin }] of lags.entries()) {
    if (from === SERVE || !ids.has(from)) return { field: `lags/${i}/from`, problem: `there is no task "${from}"` };
    if (!ids.has(to)) return { field: `lags/${i}/to`, problem: `there is no task "${to}"` };
    if (maxMin !== null && maxMin < minMin) return { field: `lags/${i}/maxMin`, problem: "must not be below minMin" };
    if (maxMin !== null && hardMin != null && hardMin < maxMin)
      return { field: `lags/${i}/hardMin`, problem: "must not be below maxMin" };
  }
  for (const [i, budget] of budgets.entries())
    for (const [j, { from, to }] of budget.lags.entries())
      for (const [field, id] of [
        ["from", from],
        ["to", to],
      ] as const)
        if (!ids.has(id) || from === SERVE)
          return { field: `budgets/${i}/lags/${j}/${field}`, problem: `there is no task "${id}"` };
  for (const [i, groups] of apart.entries())
    for (const [g, group] of groups.entries())
      for (const [j, id] of group.entries())
        if (id === SERVE || !ids.has(id)) return { field: `apart/${i}/${g}/${j}`, problem: `there is no task "${id}"` };
  for (const [thing, spans] of Object.entries(gone)) {
    if (!Object.hasOwn(capacities, thing)) return { field: `gone/${thing}`, problem: "is not among the capacities" };
    const i = spans.findIndex(([from, to]) => to < from);
    if (i >= 0) return { field: `gone/${thing}/${i}`, problem: "must not end before it begins" };
  }
  for (const [i, { notBefore, notAfter }] of tasks.entries())
    if (notBefore !== undefined && notAfter !== undefined && notAfter < notBefore)
      return { field: `tasks/${i}/notAfter`, problem: "must not be below notBefore" };
  const ends = blocked.findIndex(([from, to]) => to < from);
  return ends < 0 ? null : { field: `blocked/${ends}`, problem: "must not end before it begins" };
}
