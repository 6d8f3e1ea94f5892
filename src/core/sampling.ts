import { openBook } from "./foods/book";
import { type DishInWorld, type PlanInput, type PlanTools, worldsOf } from "./plan";
import { inputsG, outputsG, type Outcome } from "./process/ledger";
import { type StepKey, stepKey } from "./process/log";
import { totalG } from "./process/contents";
import { replay } from "./process/replay";
import { sampledDraws } from "./quantities/draw";
import { type Range, rangeOf } from "./quantities/range";

/** What of a row has a range: grams in the bowl in all and by kind, what came and went, salt, minutes in all and by kind. */
const RANGED = [
  "massG",
  /** With what is dissolved, as the drawing shows them. */
  "solidsG",
  "waterG",
  "oilG",
  "saltShare",
  "inputsG",
  "outputsG",
  "minutes",
  "hands",
  "watch",
  "wait",
] as const;
type Ranged = (typeof RANGED)[number];

/** P10–P90 of what a row shows, over the runs in which the step can be done. */
export interface RowRanges extends Readonly<Record<Ranged, Range>> {
  /** Share of the runs in which it can be done, above 0: below 1 the chance decides whether it works at all. */
  readonly doneShare: number;
}
/** Ranges of every row that could be done at least once. */
export type Ranges = Readonly<Record<StepKey, RowRanges>>;

/** The figures of one row over all runs, a column each. */
interface Series {
  readonly columns: Readonly<Record<Ranged, Float64Array>>;
  count: number;
  /** What came in the run before, and its grams: foods alone are the same in every run. */
  came: Outcome["inputs"] | null;
  cameTotalG: number;
}

/** Notes one run of a row. Written out: it runs a million times for a supper. */
function note(series: Series, outcome: Outcome): void {
  const { columns, count } = series;
  const { batch } = outcome.after;
  const massG = totalG(batch);
  columns.massG[count] = massG;
  columns.solidsG[count] = massG - batch.waterG - batch.oilG;
  columns.waterG[count] = batch.waterG;
  columns.oilG[count] = batch.oilG;
  columns.saltShare[count] = massG === 0 ? 0 : batch.saltG / massG;
  if (outcome.inputs !== series.came) {
    series.came = outcome.inputs;
    series.cameTotalG = inputsG(outcome);
  }
  columns.inputsG[count] = series.cameTotalG;
  columns.outputsG[count] = outcome.outputs.length === 0 ? 0 : outputsG(outcome);
  let hands = 0;
  let watch = 0;
  let wait = 0;
  for (const { kind, minutes } of outcome.phases)
    if (kind === "hands") hands += minutes;
    else if (kind === "watch") watch += minutes;
    else wait += minutes;
  columns.minutes[count] = hands + watch + wait;
  columns.hands[count] = hands;
  columns.watch[count] = watch;
  columns.wait[count] = wait;
}

const perFigure = <T>(value: (name: Ranged) => T): Record<Ranged, T> =>
  Object.fromEntries(RANGED.map((name) => [name, value(name)])) as Record<Ranged, T>;

/** Ranges of dishes that were sampled before, by every input of theirs: an edit moves one dish of a supper. */
export type SampledDishes = Map<string, Ranges>;
/** More dishes than a supper has, with a few edits of each to undo. */
const MOST_DISHES = 40;

/** What a caller may pass in beside the input; ranges are the same without it. */
export interface SamplingTools extends PlanTools {
  readonly sampled?: SampledDishes;
  /** So many rows are worked out before the caller may look up whether the question is still asked. */
  readonly chunkRows?: number;
}

/**
 * Samples the whole chain. Yields every few thousand rows so that a worker can look up whether the question is still
 * asked; the last value yielded is the answer. Draws are keyed by name, so a dish has the same ranges alone and in any supper.
 *
 * @param samples how many runs, 1 or more
 * @param seed equal seeds give equal ranges
 */
export function* sampleRanges(
  input: PlanInput,
  samples: number,
  seed: number,
  tools: SamplingTools = {},
): Generator<null, Ranges> {
  const { sampled = new Map<string, Ranges>(), chunkRows = 3000 } = tools;
  const { kitchen, foods } = input;
  let ranges: Ranges = {};
  for (const one of worldsOf(input, openBook(input), tools)) {
    const { dish, world } = one;
    const weighed = [...world.readings].filter(([step]) => step.startsWith(stepKey(dish.id, "")));
    // Steps of another registry are told apart by nothing that could stand in a key.
    const key =
      tools.steps === undefined ? JSON.stringify([samples, seed, dish, kitchen, foods, weighed, tools.burners]) : null;
    const known = key === null ? undefined : sampled.get(key);
    const found = known ?? (yield* sampleDish(one, samples, seed, chunkRows));
    ranges = { ...ranges, ...found };
    if (key === null || known !== undefined) continue;
    for (const oldest of sampled.keys()) if (sampled.size >= MOST_DISHES) sampled.delete(oldest);
    sampled.set(key, found);
  }
  return ranges;
}

function* sampleDish(
  { dish, world }: DishInWorld,
  samples: number,
  seed: number,
  chunkRows: number,
): Generator<null, Ranges> {
  const drawOf = sampledDraws(samples, seed);
  // Rows come in the same order in every run: looked up by their place, not by their name.
  const series: (Series & { readonly key: StepKey })[] = [];
  let sinceYield = 0;
  for (let sample = 0; sample < samples; sample++) {
    let place = 0;
    for (const part of replay(dish.parts, world, drawOf(sample)))
      for (const row of part.rows) {
        const held = (series[place++] ??= {
          key: row.key,
          columns: perFigure(() => new Float64Array(samples)),
          count: 0,
          came: null,
          cameTotalG: 0,
        });
        if (row.state !== "computed") continue;
        note(held, row.outcome);
        held.count++;
      }
    sinceYield += place;
    if (sinceYield < chunkRows) continue;
    sinceYield = 0;
    yield null;
  }
  const ranges: Record<StepKey, RowRanges> = {};
  for (const { key, columns, count } of series)
    if (count > 0)
      ranges[key] = {
        doneShare: count / samples,
        ...perFigure((name) => rangeOf(columns[name].subarray(0, count))),
      };
  return ranges;
}
