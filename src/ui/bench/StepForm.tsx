"use client";

import { Box, chakra, Flex, Heading, HStack, Stack, Text } from "@chakra-ui/react";
import { ArrowDown, ArrowUp, Plus, Trash2, X } from "lucide-react";
import { useState } from "react";
import { addLine, removeLine, setLine, STEP_KINDS } from "@/core/dish/edit";
import type { Kitchen } from "@/core/dish/kitchen";
import type { Food, FoodGroup } from "@/core/foods/food";
import type { Line, Step, StepKind } from "@/core/process/step";
import {
  celsiusFromFahrenheit,
  fahrenheitFromCelsius,
  GRAMS_PER_OUNCE,
  type UnitSystem,
} from "@/core/quantities/units";
import { IconDo, Quiet } from "../frame/controls";
import { Choice, NumberField } from "../frame/fields";
import { STEP_NAMES } from "../wording/words";
import { type Field, fieldsOf } from "./stepFields";

export interface StepFormProps {
  readonly step: Step;
  readonly part: string;
  readonly number: number;
  readonly kitchen: Kitchen;
  readonly units: UnitSystem;
  readonly foods: readonly Food[];
  /** Other parts that could join here. */
  readonly parts: readonly { readonly id: string; readonly name: string }[];
  /** Grams on screen over grams in the dish. */
  readonly factor: number;
  readonly frozen: boolean;
  /** At a shaping step: how many pieces, and the grams that they share. */
  readonly pieces: { readonly count: number; readonly usableG: number } | null;
  readonly onEdit: (label: string, edit: (step: Step) => Step) => void;
  readonly onMove: (by: -1 | 1) => void;
  readonly onRemove: () => void;
}

interface Unit {
  readonly name: string;
  readonly out: (n: number) => number;
  readonly into: (n: number) => number;
  readonly digits: number;
}
const same = (name: string, digits = 0): Unit => ({ name, out: (n) => n, into: (n) => n, digits });
/** How a field's unit is written and read in each system; inside it stays g, °C, mm and fractions. */
function unitOf(unit: Extract<Field, { as: "number" }>["unit"], units: UnitSystem): Unit {
  const us = units === "us";
  switch (unit) {
    case "min":
      return same("min", 1);
    case "percent":
      return { name: "%", out: (n) => n * 100, into: (n) => n / 100, digits: 2 };
    case "temp":
      return us ? { name: "°F", out: fahrenheitFromCelsius, into: celsiusFromFahrenheit, digits: 0 } : same("°C");
    case "length":
      return us ? { name: "in", out: (n) => n / 25.4, into: (n) => n * 25.4, digits: 2 } : same("mm");
    case "mass":
      return us
        ? { name: "oz", out: (n) => n / GRAMS_PER_OUNCE, into: (n) => n * GRAMS_PER_OUNCE, digits: 2 }
        : same("g", 1);
  }
}

/** The step in hand: the only form on the Bench. */
export function StepForm(props: StepFormProps) {
  const { step, kitchen, units, frozen, onEdit } = props;
  const name = STEP_NAMES[step.kind];
  return (
    <Box>
      <Flex align="center" gap="1" mb="3">
        <Heading as="h2" fontSize="lg" flex="1" minW="0">
          {props.number}. {name}
          <Text as="span" color="quiet" fontWeight="500" fontFamily="body" fontSize="sm">
            {" "}
            · {props.part}
          </Text>
        </Heading>
        <IconDo label="Move step earlier" disabled={frozen} onClick={() => props.onMove(-1)}>
          <ArrowUp size={16} />
        </IconDo>
        <IconDo label="Move step later" disabled={frozen} onClick={() => props.onMove(1)}>
          <ArrowDown size={16} />
        </IconDo>
        <IconDo label="Remove step" disabled={frozen} onClick={props.onRemove}>
          <Trash2 size={16} />
        </IconDo>
      </Flex>
      <chakra.fieldset disabled={frozen} border="0" m="0" p="0" minW="0">
        <Lines {...props} />
        <Flex gap="3" wrap="wrap" mt="3">
          {props.pieces && step.kind === "shape" && <PieceCount pieces={props.pieces} onEdit={onEdit} />}
          {fieldsOf(step, kitchen).map((field) => (
            <FieldInput
              key={field.key}
              field={field}
              step={step}
              units={units}
              onEdit={(edit) => onEdit(`${name}: ${field.label.toLowerCase()}`, edit)}
            />
          ))}
        </Flex>
      </chakra.fieldset>
    </Box>
  );
}

/** A wanted number of pieces is a mass of each: the mix divided by it. */
function PieceCount({
  pieces,
  onEdit,
}: {
  pieces: NonNullable<StepFormProps["pieces"]>;
  onEdit: StepFormProps["onEdit"];
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
  onEdit,
}: {
  field: Field;
  step: Step;
  units: UnitSystem;
  onEdit: (edit: (s: Step) => Step) => void;
}) {
  const value = (step as unknown as Record<string, unknown>)[field.key];
  const set = (v: unknown) => onEdit((s) => ({ ...s, [field.key]: v }) as Step);
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
          onChoose={(v) => set(field.key === "pan" && v === "" ? null : v)}
        />
      );
    case "switch":
      return (
        <chakra.label display="inline-flex" alignItems="center" gap="2" minH="10" alignSelf="flex-end" cursor="pointer">
          <chakra.input
            type="checkbox"
            checked={value === true}
            onChange={(e) => set(e.target.checked)}
            w="4.5"
            h="4.5"
            accentColor="var(--jp-colors-jade)"
          />
          {field.label}
        </chakra.label>
      );
  }
}

const GROUPS: readonly (readonly [FoodGroup, string])[] = [
  ["protein", "Plant protein"],
  ["pulse", "Pulses"],
  ["mushroom", "Mushrooms"],
  ["vegetable", "Vegetables"],
  ["grain", "Grains"],
  ["starch", "Starches"],
  ["nut", "Nuts and seeds"],
  ["fat", "Fats"],
  ["liquid", "Liquids"],
  ["seasoning", "Seasonings"],
  ["other", "Other"],
];

function FoodOptions({ foods }: { foods: readonly Food[] }) {
  return GROUPS.map(([group, label]) => (
    <optgroup key={group} label={label}>
      {foods
        .filter((f) => f.group === group)
        .sort((a, b) => a.name.localeCompare(b.name))
        .map((f) => (
          <option key={f.id} value={f.id}>
            {f.name}
          </option>
        ))}
    </optgroup>
  ));
}

const select = {
  fontSize: "sm",
  h: "10",
  px: "1.5",
  bg: "card",
  color: "ink",
  borderWidth: "1px",
  borderColor: "edge",
  rounded: "md",
  minW: "0",
  flex: "1",
} as const;

function Lines({ step, foods, parts, factor, units, frozen, onEdit }: StepFormProps) {
  const unit = unitOf("mass", units);
  const name = (line: Line) =>
    line.kind === "food"
      ? (foods.find((f) => f.id === line.food)?.name ?? line.food)
      : (parts.find((p) => p.id === line.part)?.name ?? "a part");
  return (
    <Stack gap="2" aria-label="What goes in" role="group">
      {step.adds.map((line, i) => (
        <HStack key={i} gap="1.5" align="flex-start">
          {line.kind === "food" ? (
            <>
              <chakra.select
                {...select}
                aria-label={`Food ${i + 1}`}
                value={line.food}
                onChange={({ target: { value } }) => onEdit("Food", (s) => setLine(s, i, { ...line, food: value }))}
              >
                {!foods.some((f) => f.id === line.food) && <option value={line.food}>{line.food} (unknown)</option>}
                <FoodOptions foods={foods} />
              </chakra.select>
              <NumberField
                label={`${name(line)}, amount`}
                hideLabel
                width="4.5rem"
                value={unit.out(line.massG * factor)}
                low={0}
                high={Math.round(unit.out(100_000))}
                unit={unit.name}
                digits={unit.digits}
                onCommit={(n) =>
                  n !== null &&
                  onEdit(`${name(line)}: amount`, (s) => setLine(s, i, { ...line, massG: unit.into(n) / factor }))
                }
              />
            </>
          ) : (
            <>
              <chakra.select
                {...select}
                aria-label={`Part ${i + 1}`}
                value={line.part}
                onChange={({ target: { value } }) => onEdit("Part", (s) => setLine(s, i, { ...line, part: value }))}
              >
                {parts.map((p) => (
                  <option key={p.id} value={p.id}>
                    {p.name}
                  </option>
                ))}
              </chakra.select>
              <NumberField
                label={`${name(line)}, share`}
                hideLabel
                width="4.5rem"
                value={line.share * 100}
                low={1}
                high={100}
                unit="%"
                digits={0}
                onCommit={(n) => n !== null && onEdit("Share", (s) => setLine(s, i, { ...line, share: n / 100 }))}
              />
            </>
          )}
          <IconDo
            label={`Take ${name(line)} out`}
            disabled={frozen}
            onClick={() => onEdit(`Take ${name(line)} out`, (s) => removeLine(s, i))}
          >
            <X size={16} />
          </IconDo>
        </HStack>
      ))}
      <HStack gap="2" wrap="wrap">
        <Quiet
          h="9"
          minH="9"
          px="3"
          fontSize="sm"
          disabled={frozen}
          onClick={() =>
            onEdit("Add a food", (s) =>
              addLine(s, {
                kind: "food",
                food: foods.find((f) => f.id === "water")?.id ?? "water",
                massG: 100 / factor,
              }),
            )
          }
        >
          <Plus size={15} /> Food
        </Quiet>
        {parts.length > 0 && (
          <Quiet
            h="9"
            minH="9"
            px="3"
            fontSize="sm"
            disabled={frozen}
            onClick={() =>
              onEdit("Join a part", (s) =>
                addLine(s, { kind: "part", part: (parts[0] as { id: string }).id, share: 1 }),
              )
            }
          >
            <Plus size={15} /> Part
          </Quiet>
        )}
      </HStack>
    </Stack>
  );
}

/** Adds a step after the one in hand. */
export function AddStep({ disabled, onAdd }: { disabled: boolean; onAdd: (kind: StepKind) => void }) {
  const [kind, setKind] = useState<StepKind>("season");
  return (
    <HStack gap="2">
      <Choice
        hideLabel
        label="Kind of step"
        width="9rem"
        value={kind}
        disabled={disabled}
        options={STEP_KINDS.map((k) => ({ value: k, label: STEP_NAMES[k] }))}
        onChoose={(v) => setKind(v as StepKind)}
      />
      <Quiet minH="10" px="3" disabled={disabled} onClick={() => onAdd(kind)}>
        <Plus size={15} /> Add a step
      </Quiet>
    </HStack>
  );
}
