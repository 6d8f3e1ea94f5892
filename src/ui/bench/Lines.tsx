"use client";

import { chakra, HStack, Stack } from "@chakra-ui/react";
import { Plus, X } from "lucide-react";
import dynamic from "next/dynamic";
import { useEffect, useRef, useState } from "react";
import type { FoodId } from "@/core/foods/food";
import { addLine, removeLine, setLine } from "@/core/dish/edit";
import { weighAmount } from "@/core/foods/measure";
import { type FoodLine, type Line, lineOf, lineWith, type StepId } from "@/core/process/step";
import { readAmount } from "@/core/quantities/amount";
import type { TypedFood } from "@/core/recipe/lines/typed";
import { writeMass, writeMassRange } from "@/core/quantities/write";
import { IconDo, Quiet } from "../frame/controls";
import { NumberField, type ReadInWords } from "../frame/fields";
import { FoodPicker, FoodSearch } from "../foods/FoodPicker";
import { describeQuestion } from "@/words/words";
import type { BenchActions } from "./benchProps";
import type { SelectedStep } from "./StepForm";
import { unitOf } from "./units";

/** Come with the first step that something can be chosen in. */
const Choices = dynamic(() => import("./Choices").then((m) => m.Choices), { ssr: false });
/** Come with the first amount that is asked about. */
const Doubts = dynamic(() => import("./Doubts").then((m) => m.Doubts), { ssr: false });
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

/** What goes into the step in hand: foods in grams or in a cook's words, other parts, liquor that was kept. */
export function Lines({
  selected: { step, foods, parts, toJoin, liquors, factor, units, kitchen, frozen, doubts },
  onEdit,
  onFood,
  onOwnFood,
  onSure,
}: {
  selected: SelectedStep;
  onEdit: BenchActions["editStep"];
  onFood: BenchActions["changeFood"];
  onOwnFood: BenchActions["ownFood"];
  onSure: BenchActions["beSure"];
}) {
  const unit = unitOf("mass", units);
  const name = (line: Line) =>
    line.kind === "food"
      ? (foods.find((f) => f.id === line.food)?.name ?? line.food)
      : line.kind === "part"
        ? (parts.find((p) => p.id === line.part)?.name ?? "a part")
        : (liquors.find((l) => l.step === line.step)?.name ?? "liquor");
  /** Words into the unit on screen; what they leave open is asked. */
  const read = (foodId: FoodId) => (text: string) => {
    const food = foods.find((f) => f.id === foodId);
    if (!food) return { asks: `${foodId}: nobody knows this food any more. Choose another one.` };
    const weighed = weighAmount(food, readAmount(text, kitchen.spoons));
    if (!weighed.ok) return { asks: describeQuestion(weighed.failure, food.name) };
    const { low, likely, high } = weighed.value;
    return {
      value: unit.out(likely),
      low: unit.out(low),
      high: unit.out(high),
      says: `${text.trim()} = ${writeMass(likely, units)} (${writeMassRange(low, high, units)})`,
    };
  };
  const [first] = toJoin;
  const [adding, setAdding] = useState(false);
  const group = useRef<HTMLDivElement>(null);
  const toFill = useRef(false);
  const count = step.adds.length;
  // A food that came without an amount asks for one: its field is where one types next.
  useEffect(() => {
    if (!toFill.current) return;
    toFill.current = false;
    const fields = group.current?.querySelectorAll<HTMLInputElement>("input[inputmode]");
    const last = fields?.[fields.length - 1];
    last?.focus();
    last?.select();
  }, [count]);
  /** New lines, with the amounts that were typed, else to be filled in. */
  const add = (typed: readonly TypedFood[]) => {
    onEdit(typed.length > 1 ? "Add foods" : "Add a food", (s) =>
      typed.reduce((step, { food, grams }) => addLine(step, lineWith(food, grams, factor)), s),
    );
    setAdding(false);
    toFill.current = typed.at(-1)?.grams === null;
  };
  return (
    <Stack gap="2" aria-label="What goes in" role="group" ref={group}>
      {step.adds.map((line, i) => (
        <HStack key={i} gap="1.5" align="flex-start">
          {line.kind === "food" ? (
            <>
              <FoodPicker
                label={`Food ${i + 1}`}
                value={line.food}
                foods={foods}
                disabled={frozen}
                measures={{ spoons: kitchen.spoons, units }}
                onChoose={(food, grams) => onFood(i, food, grams)}
                onOwn={(own) => onOwnFood(own, (food) => onFood(i, food, null))}
              />
              <NumberField
                label={`${name(line)}, amount`}
                hideLabel
                width="4.5rem"
                value={line.massG === null ? null : unit.out(line.massG * factor)}
                mayBeEmpty
                emptySays="?"
                low={0}
                high={Math.round(unit.out(100_000))}
                unit={unit.name}
                digits={unit.digits}
                read={read(line.food)}
                onCommit={(n, words) =>
                  onEdit(`${name(line)}: amount`, (s) =>
                    setLine(
                      s,
                      i,
                      amounted(line, n, words, (shown) => unit.into(shown) / factor),
                    ),
                  )
                }
              />
            </>
          ) : (
            <>
              <chakra.select
                {...select}
                aria-label={line.kind === "part" ? `Part ${i + 1}` : `Liquor ${i + 1}`}
                value={line.kind === "part" ? line.part : line.step}
                onChange={({ target: { value } }) =>
                  onEdit(line.kind === "part" ? "Part" : "Liquor", (s) =>
                    setLine(s, i, line.kind === "part" ? { ...line, part: value } : { ...line, step: value }),
                  )
                }
              >
                {line.kind === "part"
                  ? parts.map((p) => (
                      <option key={p.id} value={p.id}>
                        {p.name}
                      </option>
                    ))
                  : liquors.map((l) => (
                      <option key={l.step} value={l.step}>
                        {l.name}
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
      {step.choices !== undefined && (
        <Choices step={step} foods={foods} factor={factor} units={units} frozen={frozen} onEdit={onEdit} />
      )}
      {doubts.length > 0 && (
        <Doubts
          doubts={doubts}
          foods={(id) => foods.find((f) => f.id === id) ?? null}
          units={units}
          frozen={frozen}
          onSure={onSure}
        />
      )}
      {adding && (
        <FoodSearch
          label="Food to add, with its amount if you like"
          value={null}
          foods={foods}
          onClose={() => setAdding(false)}
          measures={{ spoons: kitchen.spoons, units }}
          onAdd={add}
          onOwn={(own, typed) => onOwnFood(own, (food) => add([{ food, grams: typed?.gramsOf(food) ?? null }]))}
        />
      )}
      <HStack gap="2" wrap="wrap">
        <Add says="Food" disabled={frozen} onAdd={() => setAdding(true)} />
        {first !== undefined && (
          <Add
            says="Part"
            disabled={frozen}
            onAdd={() => onEdit("Join a part", (s) => addLine(s, { kind: "part", part: first.id, share: first.share }))}
          />
        )}
        {liquors[0] && (
          <Add
            says="Liquor"
            disabled={frozen}
            onAdd={() =>
              onEdit("Use the liquor", (s) =>
                addLine(s, { kind: "liquor", step: (liquors[0] as { step: StepId }).step, share: 1 }),
              )
            }
          />
        )}
      </HStack>
    </Stack>
  );
}

/** The line with what was typed: empty is not known yet, words keep what they may come to. */
function amounted(line: FoodLine, n: number | null, words: ReadInWords | undefined, into: (shown: number) => number) {
  const { low, high } = words ?? {};
  const plain = lineOf(line, n === null ? null : into(n));
  return n === null || low === undefined || high === undefined || low === high
    ? plain
    : { ...plain, between: { lowG: into(low), highG: into(high) } };
}

function Add({ says, disabled, onAdd }: { says: string; disabled: boolean; onAdd: () => void }) {
  return (
    <Quiet h="9" minH="9" px="3" fontSize="sm" disabled={disabled} onClick={onAdd}>
      <Plus size={15} /> {says}
    </Quiet>
  );
}
