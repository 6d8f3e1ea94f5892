import type { StepId } from "@/core/process/step";
import type { Plan, PlannedPart } from "@/core/plan";
import type { Ranges, RowRanges } from "@/core/sampling";
import { saltShare, solidsG, totalG } from "@/core/process/contents";
import type { Input, Output } from "@/core/process/ledger";
import type { Row } from "@/core/process/row";
import { writeMass, writeMassRange, writePercent } from "@/core/quantities/write";
import { foodName, type TextContext } from "@/words/words";
import { STEP_NAMES } from "@/words/steps";

/** Grams of one stream by what the drawing tells apart. */
export interface Stream {
  readonly solidsG: number;
  readonly waterG: number;
  readonly oilG: number;
}
/** One vessel of the in-the-bowl drawing, with its words. */
export interface VesselView {
  readonly key: string;
  readonly stepId: StepId;
  readonly name: string;
  readonly state: Row["state"];
  readonly fill: Stream & { readonly bathG: number };
  readonly massG: number;
  readonly weight: string;
  readonly range: string;
  readonly ranges: RowRanges | null;
  readonly saltShare: number;
  readonly salt: string;
  readonly saltEach: string;
  readonly came: Stream & { readonly grams: number; readonly says: string };
  readonly left: Stream & { readonly grams: number; readonly says: string; readonly steamG: number };
  readonly weighed: boolean;
  readonly sentence: string;
  /** What is in it, what came and what went, by kind: for whoever points at the vessel or its ribbons. */
  readonly kinds: string;
}

const NO_STREAM = { solidsG: 0, waterG: 0, oilG: 0 };

function streamOf(items: readonly { readonly contents: Input["contents"] }[]): Stream {
  return items.reduce<Stream>(
    (s, { contents: c }) => ({
      solidsG: s.solidsG + solidsG(c) + c.saltG + c.sugarG + c.acidG + c.umamiG,
      waterG: s.waterG + c.waterG,
      oilG: s.oilG + c.oilG,
    }),
    NO_STREAM,
  );
}
/** "Came in: 148 g solids, 12 g water." Nothing for no stream. */
function sayKinds(title: string, s: Stream, { units }: TextContext): string {
  const kinds = [
    [s.solidsG, "solids"],
    [s.waterG, "water"],
    [s.oilG, "oil"],
  ] as const;
  const said = kinds.filter(([g]) => g > 0.05).map(([g, name]) => `${writeMass(g, units)} ${name}`);
  return said.length === 0 ? "" : `${title}: ${said.join(", ")}.`;
}
const gramsOf = (s: Stream) => s.solidsG + s.waterG + s.oilG;

function sayCame(came: readonly Input[], { foods, part }: TextContext): string {
  const names = came
    .slice()
    .sort((a, b) => totalG(b.contents) - totalG(a.contents))
    .map(
      (c) =>
        (c.from === "food"
          ? foodName(foods, c.food).split(",")[0]
          : c.from === "part"
            ? part(c.part)
            : c.from === "liquor"
              ? "liquor kept"
              : "water taken up") ?? "",
    );
  return names.length <= 1 ? (names[0] ?? "") : `${names[0]} +${names.length - 1}`;
}
const WHERE: Readonly<Record<Output["to"], string>> = {
  air: "steam",
  drain: "drained",
  utensil: "stuck",
  sorted: "sorted out",
  kept: "set aside",
};
function sayLeft(left: readonly Output[]): string {
  const biggest = left.slice().sort((a, b) => totalG(b.contents) - totalG(a.contents))[0];
  return biggest ? WHERE[biggest.to] : "";
}

export function vesselsOf(
  part: PlannedPart,
  plan: Plan,
  ranges: Ranges | null,
  textContext: TextContext,
): VesselView[] {
  return part.rows.map((row) => {
    const base = { key: row.key, stepId: row.step.id, name: STEP_NAMES[row.step.kind], state: row.state };
    if (row.state !== "computed")
      return {
        ...base,
        fill: { ...NO_STREAM, bathG: 0 },
        massG: 0,
        weight: "?",
        range: "",
        ranges: null,
        saltShare: 0,
        salt: "",
        saltEach: "",
        came: { ...NO_STREAM, grams: 0, says: "" },
        left: { ...NO_STREAM, grams: 0, says: "", steamG: 0 },
        weighed: false,
        kinds: "",
        sentence: row.state === "blocked" ? "cannot be worked out yet" : "waits for an earlier step",
      };
    const { batch, bath } = row.outcome.after;
    const massG = totalG(batch);
    const came = streamOf(row.outcome.inputs);
    const left = streamOf(row.outcome.outputs);
    const rowRanges = ranges?.[row.key] ?? null;
    const range = rowRanges?.massG;
    const weight = writeMass(massG, textContext.units);
    const share = saltShare(batch);
    const salt = writePercent(share);
    const saltEach = `${writeMass(batch.saltG / plan.eaters, "metric")} each`;
    const inSays = sayCame(row.outcome.inputs, textContext);
    const outSays = sayLeft(row.outcome.outputs);
    const gramsIn = gramsOf(came);
    const gramsOut = gramsOf(left);
    return {
      ...base,
      fill: { ...streamOf([{ contents: batch }]), bathG: bath ? totalG(bath) : 0 },
      massG,
      weight,
      ranges: rowRanges,
      range: range ? writeMassRange(range.low, range.high, textContext.units) : "",
      saltShare: share,
      salt,
      saltEach,
      came: {
        ...came,
        grams: gramsIn,
        says: gramsIn > 0.05 ? `+${writeMass(gramsIn, textContext.units)} ${inSays}` : "",
      },
      left: {
        ...left,
        grams: gramsOut,
        says: gramsOut > 0.05 ? `−${writeMass(gramsOut, textContext.units)} ${outSays}` : "",
        steamG: row.outcome.outputs.reduce((g, l) => (l.to === "air" ? g + l.contents.waterG : g), 0),
      },
      weighed: row.weighed !== null,
      kinds: [
        sayKinds("In it", streamOf([{ contents: batch }]), textContext),
        sayKinds("Came in", came, textContext),
        sayKinds("Left", left, textContext),
      ]
        .filter(Boolean)
        .join(" "),
      sentence: [
        `${weight}${range ? ` (${writeMassRange(range.low, range.high, textContext.units)})` : ""}`,
        bath ? `in ${writeMass(totalG(bath), textContext.units)} of liquid` : "",
        `${salt} salt`,
        gramsIn > 0.05 ? `${writeMass(gramsIn, textContext.units)} came in` : "",
        gramsOut > 0.05 ? `${writeMass(gramsOut, textContext.units)} left` : "",
      ]
        .filter(Boolean)
        .join(", "),
    };
  });
}
