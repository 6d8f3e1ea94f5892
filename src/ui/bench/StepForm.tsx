"use client";

import { Box, chakra, Flex, Heading, Text } from "@chakra-ui/react";
import { ArrowDown, ArrowUp, Trash2 } from "lucide-react";
import { memo } from "react";
import { reshaped } from "@/core/dish/shapes";
import type { PartId, ShapeForm, StepId } from "@/core/process/step";
import type { Kitchen } from "@/core/household/kitchen";
import type { Food } from "@/core/foods/food";
import type { Doubt } from "@/core/season/doubts";
import type { Limits, Step } from "@/core/process/registry";
import { readAmount } from "@/core/quantities/amount";
import type { UnitSystem } from "@/core/quantities/units";
import { writeTemp } from "@/core/quantities/write";
import { IconDo, Tick } from "../frame/controls";
import { Choice, NumberField } from "../frame/fields";
import { LongText } from "../frame/LongText";
import { describeQuestion } from "@/words/words";
import { STEP_NAMES } from "@/words/steps";
import type { BenchActions } from "./benchProps";
import { Lines } from "./Lines";
import { type Field, fieldsOf } from "./stepFields";
import { unitOf } from "./units";

/** The step in hand, and what its form has to know. */
export interface SelectedStep {
  readonly step: Step;
  readonly kitchen: Kitchen;
  readonly units: UnitSystem;
  readonly foods: readonly Food[];
  /** Other parts of the dish; those that could still join here are `toJoin`, each with the share that is left of it. */
  readonly parts: readonly { readonly id: PartId; readonly name: string }[];
  readonly toJoin: readonly { readonly id: PartId; readonly share: number }[];
  /** Steps whose liquor could be used here. */
  readonly liquors: readonly { readonly step: StepId; readonly name: string }[];
  /** What its numbers can be. */
  readonly limits: Limits;
  /** What is asked about amounts of its own lines. */
  readonly doubts: readonly Doubt[];
  /** Grams on screen over grams in the dish. */
  readonly factor: number;
  readonly frozen: boolean;
  /** The pan that it is done in, where it names none. */
  readonly pan: string | null;
  /** Whether pulses are in it, which ask for more than rice and pasta. */
  readonly pulses: boolean;
  /** At a shaping step: how many pieces, and the grams that they share. */
  readonly pieces: { readonly count: number; readonly usableG: number } | null;
}
interface StepFormProps {
  readonly selected: SelectedStep;
  readonly part: PartId;
  readonly number: number;
  readonly actions: Pick<BenchActions, "editStep" | "moveStep" | "removeStep" | "changeFood" | "ownFood" | "beSure">;
}

/** The step in hand: the only form on the Bench. */
export const StepForm = memo(function StepForm({ selected, part, number, actions }: StepFormProps) {
  const { step, kitchen, units, frozen, pieces } = selected;
  const { editStep } = actions;
  const name = STEP_NAMES[step.kind];
  return (
    <Box>
      <Flex align="center" gap="1" mb="3">
        <Heading as="h2" fontSize="lg" flex="1" minW="0">
          {number}. {name}
          <Text as="span" color="quiet" fontWeight="500" fontFamily="body" fontSize="sm">
            {" "}
            · {part}
          </Text>
        </Heading>
        <IconDo label="Move step earlier" disabled={frozen} onClick={() => actions.moveStep(step.id, -1)}>
          <ArrowUp size={16} />
        </IconDo>
        <IconDo label="Move step later" disabled={frozen} onClick={() => actions.moveStep(step.id, 1)}>
          <ArrowDown size={16} />
        </IconDo>
        <IconDo label="Remove step" disabled={frozen} onClick={actions.removeStep}>
          <Trash2 size={16} />
        </IconDo>
      </Flex>
      <chakra.fieldset disabled={frozen} border="0" m="0" p="0" minW="0">
        <Lines
          selected={selected}
          onEdit={editStep}
          onFood={actions.changeFood}
          onOwnFood={actions.ownFood}
          onSure={actions.beSure}
        />
        <Flex gap="3" wrap="wrap" mt="3">
          {pieces && step.kind === "shape" && <PieceCount pieces={pieces} onEdit={editStep} />}
          {fieldsOf(step, kitchen, selected.pan, selected.limits)
            .filter(({ key }) => selected.pulses || !OF_PULSES.has(key) || step[key as keyof Step] === true)
            .map((field) => (
              <FieldInput
                key={field.key}
                field={field}
                step={step}
                units={units}
                wholeG={pieces?.usableG ?? null}
                onEdit={(edit) => editStep(`${name}: ${field.label.toLowerCase()}`, edit)}
              />
            ))}
        </Flex>
      </chakra.fieldset>
    </Box>
  );
});

/** What makes dried pulses soft sooner or later, and nothing else. */
const OF_PULSES: ReadonlySet<string> = new Set(["oldBeans", "hardWater", "soda"]);

/** A wanted number of pieces is a mass of each: the mix divided by it. */
function PieceCount({
  pieces,
  onEdit,
}: {
  pieces: NonNullable<SelectedStep["pieces"]>;
  onEdit: BenchActions["editStep"];
}) {
  const most = Math.max(1, Math.floor(pieces.usableG / 3));
  const split = (count: number | null) =>
    count !== null &&
    onEdit("Shape: how many", (s) => (s.kind === "shape" ? { ...s, pieceG: pieces.usableG / Math.round(count) } : s));
  return <NumberField label="How many" value={pieces.count} low={1} high={most} digits={0} onCommit={split} />;
}

function FieldInput({
  field,
  step,
  units,
  wholeG,
  onEdit,
}: {
  field: Field;
  step: Step;
  units: UnitSystem;
  /** Grams that there are to shape. */
  wholeG: number | null;
  onEdit: (edit: (s: Step) => Step) => void;
}) {
  const value = (step as unknown as Record<string, unknown>)[field.key];
  const set = (v: unknown) =>
    onEdit((s) =>
      s.kind === "shape" && field.key === "form"
        ? reshaped(s, v as ShapeForm, wholeG)
        : ({ ...s, [field.key]: v } as Step),
    );
  switch (field.as) {
    case "number": {
      const unit = unitOf(field.unit, units);
      const percent = field.unit === "percent";
      return (
        <NumberField
          label={field.label}
          value={value === null ? null : unit.out(value as number)}
          low={percent ? field.low : Math.round(unit.out(field.low) * 100) / 100}
          high={percent ? field.high : Math.round(unit.out(field.high) * 100) / 100}
          unit={unit.name}
          digits={unit.digits}
          mayBeEmpty={field.mayBeEmpty}
          emptySays={field.emptySays}
          width={(("emptySays" in field && field.emptySays) || "").length > 9 ? "7.5rem" : "5.5rem"}
          read={field.unit === "temp" ? (text) => readDegrees(field.label, text, units) : undefined}
          onCommit={(n) => set(n === null ? null : unit.into(n))}
        />
      );
    }
    case "choice":
      return (
        <Choice
          label={field.label}
          width="10.5rem"
          value={(value as string | null) ?? ""}
          options={field.options}
          onChoose={(v) => set(field.emptyIsNull && v === "" ? null : v)}
        />
      );
    case "words":
      return (
        <Box flex="1 0 100%">
          <chakra.label htmlFor={`${step.id}-${field.key}`} fontSize="sm" color="quiet">
            {field.label}
          </chakra.label>
          <LongText
            id={`${step.id}-${field.key}`}
            key={step.id}
            rows={2}
            value={(value as string | undefined) ?? ""}
            placeholder={field.key === "note" ? "“Go by the sound”" : ""}
            most={field.most}
            onStore={(text) => set(field.key === "note" && text === "" ? undefined : text)}
          />
        </Box>
      );
    case "switch":
      return (
        <Tick alignSelf="flex-end" on={value === true} onTick={set}>
          {field.label}
        </Tick>
      );
  }
}

/** "350 F" in a field of °C, and the other way round; "200 degrees" is asked. */
function readDegrees(label: string, text: string, units: UnitSystem) {
  const amount = readAmount(text, "metric");
  if (amount.kind === "temp")
    return {
      value: unitOf("temp", units).out(amount.tempC.likely),
      says: `${text.trim()} = ${writeTemp(amount.tempC.likely, units)}`,
    };
  const asks = amount.kind === "question" ? amount.asks : ({ kind: "no-number" } as const);
  return asks.kind === "no-number" || asks.kind === "unknown-unit"
    ? { asks: `${label}: “${text}” is no temperature. Type digits, or “180 C” or “350 F”.` }
    : { asks: describeQuestion(asks, label) };
}
