"use client";

import { Box, chakra, Flex, Grid, Heading, HStack, Stack, Table, Text } from "@chakra-ui/react";
import { Redo2, Undo2 } from "lucide-react";
import { memo, useMemo } from "react";
import type { Dish, Part, Supper } from "@/core/dish/dish";
import { type PatternId, PATTERNS } from "@/core/dish/patterns";
import type { Eater } from "@/core/dish/kitchen";
import type { Allergen } from "@/core/foods/allergens";
import type { FoodId } from "@/core/foods/food";
import { SALT_TARGETS, type SaltTarget } from "@/core/models/salt";
import type { Plan, PlannedPart, Ranges } from "@/core/plan";
import { totalG } from "@/core/process/contents";
import type { Row } from "@/core/process/replay";
import type { StepKind } from "@/core/process/step";
import { writeMass, writeMinutes, writePercent } from "@/core/quantities/write";
import { Card, IconDo, Quiet, Remark } from "../frame/controls";
import { CautionRemark } from "../frame/CautionRemark";
import { Choice, NumberField, TextField } from "../frame/fields";
import { sayFact } from "../wording/facts";
import { sayWhatGoesIn } from "../wording/spoken";
import { CUES, sayFailure, sayWeighInFailure, type Speaking, STEP_NAMES } from "../wording/words";
import { BowlDrawing, Legend } from "./BowlDrawing";
import { EatersCheck } from "./EatersCheck";
import { SaltGauge } from "./SaltGauge";
import { AddStep, StepForm, type StepFormProps } from "./StepForm";
import { vesselsOf, type VesselView } from "./vessels";

export interface BenchProps {
  readonly supper: Supper;
  readonly dish: Dish;
  readonly plan: Plan;
  readonly ranges: Ranges | null;
  readonly part: PlannedPart | null;
  readonly stepId: string | null;
  readonly speaking: Speaking;
  readonly eaters: readonly Eater[];
  readonly frozen: boolean;
  readonly undoLabel: string | null;
  readonly redoLabel: string | null;
  readonly form:
    (Omit<StepFormProps, "step" | "part" | "number"> & { readonly dishStep: StepFormProps["step"] }) | null;
  readonly onTakePart: (part: string) => void;
  readonly onTakeDish: (dish: string) => void;
  readonly onTakeStep: (step: string) => void;
  readonly onAddStep: (kind: StepKind) => void;
  readonly onAddPart: (pattern: PatternId) => void;
  readonly onRemovePart: () => void;
  readonly onRenamePart: (name: string) => void;
  readonly onPart: (part: Part) => void;
  readonly onRenameDish: (name: string) => void;
  readonly onEaters: (eaters: readonly string[], guests: number) => void;
  readonly onLabel: (food: FoodId, allergen: Allergen, state: "contains" | "free") => void;
  readonly onKeep: () => void;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
}

export function Bench(props: BenchProps) {
  const { plan, part, speaking, form, stepId } = props;
  const row = part?.rows.find((r) => r.step.id === stepId) ?? null;
  const number = part ? part.rows.findIndex((r) => r === row) + 1 : 0;
  return (
    <Grid
      templateColumns={{ base: "minmax(0, 1fr)", lg: "13.5rem minmax(0, 1fr)", xl: "13.5rem minmax(0, 1fr) 19.5rem" }}
      gap="4"
      p={{ base: "3", md: "4" }}
      alignItems="start"
    >
      <PartList {...props} />
      <Stack gap="4" minW="0">
        {props.frozen && (
          <Remark tone="watch">
            This supper is being cooked: its amounts are frozen. Weigh-ins on the Stove correct what follows.
          </Remark>
        )}
        {part ? (
          <>
            <PartHead {...props} part={part} />
            <InTheBowl
              part={part}
              plan={plan}
              ranges={props.ranges}
              stepId={stepId}
              speaking={speaking}
              onTake={props.onTakeStep}
            />
            <StepTable part={part} plan={plan} stepId={stepId} speaking={speaking} onTake={props.onTakeStep} />
          </>
        ) : (
          <NewDish onAdd={props.onAddPart} />
        )}
      </Stack>
      <Stack gap="4" minW="0" gridColumn={{ base: "auto", lg: "1 / -1", xl: "auto" }}>
        {part && row && form && (
          <Card p="4">
            <StepForm key={row.key} {...form} step={form.dishStep} part={part.name} number={number} />
            <StepRemarks row={row} plan={plan} speaking={speaking} />
            <Box mt="4" pt="3" borderTopWidth="1px" borderColor="line">
              <AddStep disabled={props.frozen} onAdd={props.onAddStep} />
            </Box>
          </Card>
        )}
        {part && !row && (
          <Card p="4">
            <AddStep disabled={props.frozen} onAdd={props.onAddStep} />
          </Card>
        )}
        {part && (
          <Card p="4">
            {part.salt && <SaltGauge salt={part.salt} name={part.name} />}
            <PartSettings {...props} part={part} />
          </Card>
        )}
      </Stack>
    </Grid>
  );
}

function PartList(props: BenchProps) {
  const { plan, dish, part, speaking, supper, eaters, frozen } = props;
  return (
    <Stack gap="4" minW="0">
      <Card p="3">
        {plan.dishes.map((d) => (
          <Box key={d.id} mb="2">
            {d.id === dish.id && !frozen ? (
              <TextField label="Dish" hideLabel value={dish.name} onCommit={props.onRenameDish} />
            ) : (
              <chakra.button
                type="button"
                onClick={() => props.onTakeDish(d.id)}
                fontFamily="heading"
                fontWeight="700"
                textAlign="start"
                py="1"
              >
                {d.name}
              </chakra.button>
            )}
            {d.id === dish.id && (
              <Stack gap="0.5" mt="2" as="ul" listStyleType="none">
                {d.parts.map((p) => (
                  <li key={p.id}>
                    <chakra.button
                      type="button"
                      aria-pressed={p.id === part?.id}
                      onClick={() => props.onTakePart(p.id)}
                      display="flex"
                      w="100%"
                      minH="11"
                      px="3"
                      alignItems="center"
                      justifyContent="space-between"
                      gap="2"
                      textAlign="start"
                      borderStartWidth="4px"
                      borderColor={p.id === part?.id ? "jade" : "line"}
                      bg={p.id === part?.id ? "jadeTint" : "transparent"}
                      roundedEnd="lg"
                      _hover={{ bg: p.id === part?.id ? "jadeTint" : "sunk" }}
                    >
                      <span>{p.name}</span>
                      <Box as="span" fontSize="sm" color="quiet" whiteSpace="nowrap">
                        {p.endG === null ? "?" : writeMass(p.endG, speaking.units)}
                      </Box>
                    </chakra.button>
                  </li>
                ))}
              </Stack>
            )}
          </Box>
        ))}
        {!frozen && (
          <Choice
            hideLabel
            label="Add a part"
            value=""
            options={[
              { value: "", label: "Add a part …" },
              ...Object.entries(PATTERNS).map(([value, p]) => ({ value, label: p.name })),
            ]}
            onChoose={(v) => v !== "" && props.onAddPart(v as PatternId)}
          />
        )}
        {!frozen && (
          <Quiet mt="2" w="100%" minH="10" fontSize="sm" onClick={props.onKeep}>
            Keep this on the shelf
          </Quiet>
        )}
      </Card>
      <Card p="3">
        <Heading as="h2" fontSize="md" mb="2">
          At the table
        </Heading>
        <Flex gap="1.5" wrap="wrap" mb="2">
          {eaters.map((e) => {
            const on = supper.eaters.includes(e.id);
            return (
              <chakra.button
                key={e.id}
                type="button"
                aria-pressed={on}
                disabled={frozen}
                onClick={() =>
                  props.onEaters(on ? supper.eaters.filter((x) => x !== e.id) : [...supper.eaters, e.id], supper.guests)
                }
                px="3"
                minH="9"
                rounded="full"
                borderWidth="1.5px"
                borderColor={on ? "jade" : "edge"}
                bg={on ? "jadeTint" : "card"}
                fontSize="sm"
                fontWeight="600"
              >
                {on ? "✓ " : ""}
                {e.name}
              </chakra.button>
            );
          })}
        </Flex>
        <NumberField
          label="Guests"
          value={supper.guests}
          low={0}
          high={200}
          digits={0}
          disabled={frozen}
          onCommit={(n) => n !== null && props.onEaters(supper.eaters, Math.round(n))}
        />
        <Box mt="3" fontSize="sm">
          <Text fontWeight="600">Each of {plan.eaters} eats</Text>
          <Text color="quiet">
            {plan.perEater.massG === null ? "mass not known yet" : writeMass(plan.perEater.massG, speaking.units)} ·{" "}
            {plan.perEater.saltG !== null && plan.perEater.saltAtLeast ? "at least " : ""}
            {plan.perEater.saltG === null ? "salt not known yet" : `${writeMass(plan.perEater.saltG)} salt`} ·{" "}
            {plan.perEater.proteinAtLeast ? "at least " : ""}
            {writeMass(plan.perEater.proteinG)} protein
          </Text>
        </Box>
      </Card>
      <EatersCheck verdicts={plan.verdicts} eaters={eaters} speaking={speaking} onLabel={props.onLabel} />
    </Stack>
  );
}

function PartHead({
  part,
  frozen,
  undoLabel,
  redoLabel,
  onUndo,
  onRedo,
  onRenamePart,
  onRemovePart,
  dish,
}: BenchProps & { part: PlannedPart }) {
  return (
    <Flex gap="3" align="center" wrap="wrap">
      <Box flex="1" minW="12rem">
        <Text fontSize="sm" color="quiet">
          {dish.replaces ? `instead of ${dish.replaces}` : dish.name}
        </Text>
        <Heading as="h1" fontSize="2xl">
          {part.name}
        </Heading>
      </Box>
      {!frozen && (
        <HStack gap="1">
          <TextField
            key={part.id}
            label="Name of the part"
            hideLabel
            width="11rem"
            value={part.name}
            onCommit={onRenamePart}
          />
          <Quiet minH="10" onClick={onRemovePart}>
            Remove part
          </Quiet>
          <IconDo
            label={undoLabel ? `Undo: ${undoLabel}` : "Nothing to undo"}
            disabled={!undoLabel}
            onClick={onUndo}
            minW="11"
            h="11"
          >
            <Undo2 size={19} />
          </IconDo>
          <IconDo
            label={redoLabel ? `Redo: ${redoLabel}` : "Nothing to redo"}
            disabled={!redoLabel}
            onClick={onRedo}
            minW="11"
            h="11"
          >
            <Redo2 size={19} />
          </IconDo>
        </HStack>
      )}
    </Flex>
  );
}

const SALT_KINDS: readonly { readonly value: string; readonly label: string }[] = [
  { value: "", label: "nothing" },
  ...Object.keys(SALT_TARGETS).map((kind) => ({ value: kind, label: kind })),
];

/** How long the finished part may stand, and what its salt is held against. */
function PartSettings({ dish, part, frozen, onPart }: BenchProps & { part: PlannedPart }) {
  const own = dish.parts.find((p) => p.id === part.id);
  if (!own) return null;
  return (
    <Flex gap="3" wrap="wrap" mt="3">
      <NumberField
        label="May stand before the table"
        value={own.waitsForTableMin}
        low={0}
        high={1440}
        unit="min"
        digits={0}
        disabled={frozen}
        onCommit={(n) => n !== null && onPart({ ...own, waitsForTableMin: n })}
      />
      <Choice
        label="Salt as in"
        width="8rem"
        value={own.saltTarget ?? ""}
        disabled={frozen}
        options={SALT_KINDS}
        onChoose={(v) => onPart({ ...own, saltTarget: v === "" ? null : (v as SaltTarget) })}
      />
    </Flex>
  );
}

function NewDish({ onAdd }: { onAdd: (pattern: PatternId) => void }) {
  return (
    <Card>
      <Heading as="h1" fontSize="2xl">
        What is it made of?
      </Heading>
      <Text color="quiet" mt="1" mb="4" maxW="60ch">
        A dish is made of parts that cook on their own until they meet. Begin with the one in which the meat was. Every
        amount and every step can be changed afterwards.
      </Text>
      <Flex gap="2" wrap="wrap">
        {(Object.keys(PATTERNS) as PatternId[]).map((id) => (
          <Quiet key={id} onClick={() => onAdd(id)}>
            {PATTERNS[id].name}
          </Quiet>
        ))}
      </Flex>
    </Card>
  );
}

interface PartViewProps {
  readonly part: PlannedPart;
  readonly plan: Plan;
  readonly stepId: string | null;
  readonly speaking: Speaking;
  readonly onTake: (id: string) => void;
}

const InTheBowl = memo(function InTheBowl({
  part,
  plan,
  ranges,
  stepId,
  speaking,
  onTake,
}: PartViewProps & { ranges: Ranges | null }) {
  const vessels = useMemo(() => vesselsOf(part, plan, ranges, speaking), [part, plan, ranges, speaking]);
  return (
    <Card p="3" aria-label="In the bowl">
      <Flex justify="space-between" align="center" px="1" mb="1" wrap="wrap" gap="1">
        <Legend />
        <Text fontSize="sm" color="quiet">
          what the scale should show after each step
        </Text>
      </Flex>
      <BowlDrawing vessels={vessels} inHand={stepId} onTake={onTake} />
      <LedgerTable vessels={vessels} speaking={speaking} name={part.name} />
    </Card>
  );
});

/** The drawing in numbers, for those who don't see it and for copying. */
function LedgerTable({
  vessels,
  speaking,
  name,
}: {
  vessels: readonly VesselView[];
  speaking: Speaking;
  name: string;
}) {
  const mass = (g: number) => writeMass(g, speaking.units);
  const head = ["Step", "Solids", "Water", "Oil", "Liquid round it", "In all", "Range", "Salt", "Came in", "Left"];
  return (
    <chakra.details fontSize="sm" px="1">
      <chakra.summary cursor="pointer" color="quiet" py="2" display="list-item">
        The same in numbers
      </chakra.summary>
      <Box overflowX="auto" tabIndex={0} role="region" aria-label={`In the bowl, in numbers: ${name}`}>
        <Table.Root size="sm" bg="transparent">
          <Table.Header>
            <Table.Row bg="transparent">
              {head.map((h, i) => (
                <Table.ColumnHeader key={h} color="quiet" borderColor="line" textAlign={i === 0 ? "start" : "end"}>
                  {h}
                </Table.ColumnHeader>
              ))}
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {vessels.map((v) => (
              <Table.Row
                key={v.key}
                bg="transparent"
                css={{
                  "& td": { borderColor: "line", textAlign: "end", whiteSpace: "nowrap" },
                  "& td:first-of-type": { textAlign: "start" },
                }}
              >
                <Table.Cell fontWeight="600">{v.name}</Table.Cell>
                {v.state === "computed" ? (
                  [
                    mass(v.fill.solidsG),
                    mass(v.fill.waterG),
                    mass(v.fill.oilG),
                    mass(v.fill.bathG),
                    v.weight,
                    v.range || "–",
                    v.salt,
                    mass(v.came.grams),
                    mass(v.left.grams),
                  ].map((text, i) => <Table.Cell key={head[i + 1]}>{text}</Table.Cell>)
                ) : (
                  <Table.Cell colSpan={9}>{v.sentence}</Table.Cell>
                )}
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      </Box>
    </chakra.details>
  );
}

function minutesOf(row: Extract<Row, { state: "computed" }>): string {
  const hands = row.outcome.phases.reduce((m, p) => (p.kind === "hands" ? m + p.minutes : m), 0);
  const other = row.outcome.phases.reduce((m, p) => (p.kind === "hands" ? m : m + p.minutes), 0);
  const watching = row.outcome.phases.some((p) => p.kind === "watch");
  const rest = other > 0 ? ` + ${writeMinutes(other)} ${watching ? "watch" : "wait"}` : "";
  return `${writeMinutes(Math.max(1, hands))} hands${rest}`;
}

const StepTable = memo(function StepTable({ part, plan, stepId, speaking, onTake }: PartViewProps) {
  return (
    <Card p="0" overflowX="auto" tabIndex={0} role="region" aria-label={`Steps of ${part.name}`}>
      <Table.Root size="sm" bg="transparent">
        <Table.Header>
          <Table.Row bg="transparent">
            {["", "Step", "What goes in", "Time", "In the bowl", "Done when"].map((h, i) => (
              <Table.ColumnHeader key={h || "n"} color="quiet" borderColor="line" textAlign={i === 4 ? "end" : "start"}>
                {h}
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {part.rows.map((row, i) => (
            <Table.Row
              key={row.key}
              bg={row.step.id === stepId ? "jadeTint" : "transparent"}
              cursor="pointer"
              onClick={() => onTake(row.step.id)}
              css={{ "& td": { borderColor: "line", verticalAlign: "top", paddingBlock: "0.55rem" } }}
            >
              <Table.Cell color="quiet">{i + 1}</Table.Cell>
              <Table.Cell fontWeight="600">{STEP_NAMES[row.step.kind]}</Table.Cell>
              {row.state === "computed" ? (
                <>
                  <Table.Cell minW="10rem">{sayWhatGoesIn(row, speaking) || "–"}</Table.Cell>
                  <Table.Cell minW="6.5rem">{minutesOf(row)}</Table.Cell>
                  <Table.Cell textAlign="end" whiteSpace="nowrap">
                    <strong>{writeMass(totalG(row.outcome.after.batch), speaking.units)}</strong>
                    <Box fontSize="xs" color="quiet">
                      {writePercent(row.outcome.after.batch.saltG / totalG(row.outcome.after.batch))} salt
                      <br />
                      {writeMass(row.outcome.after.batch.saltG / plan.eaters)} each
                    </Box>
                  </Table.Cell>
                  <Table.Cell minW="7rem" color="quiet">
                    {CUES[row.step.kind]}
                  </Table.Cell>
                </>
              ) : (
                <Table.Cell colSpan={4} color={row.state === "blocked" ? "chilli" : "quiet"}>
                  {row.state === "blocked"
                    ? sayFailure(row.failure, speaking)
                    : "Waits for an earlier step of this part."}
                </Table.Cell>
              )}
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Card>
  );
});

function StepRemarks({ row, plan, speaking }: { row: Row; plan: Plan; speaking: Speaking }) {
  if (row.state === "blocked")
    return (
      <Remark tone="harm" mt="3" role="alert">
        {sayFailure(row.failure, speaking)}
      </Remark>
    );
  if (row.state === "waiting") return null;
  const cautions = plan.cautions.filter((c) => c.step === row.key);
  return (
    <Stack gap="2" mt="3">
      {row.refusedReading && <Remark tone="watch">{sayWeighInFailure(row.refusedReading, speaking.units)}</Remark>}
      {row.outcome.facts.map((fact, i) => {
        const { tone, says, ruleOfThumb } = sayFact(fact, speaking);
        return (
          <Remark key={i} tone={tone}>
            {says}
            {ruleOfThumb && (
              <Box as="span" color="quiet">
                {" "}
                Rule of thumb.
              </Box>
            )}
          </Remark>
        );
      })}
      {cautions.map((c) => (
        <CautionRemark key={c.rule} caution={c} />
      ))}
    </Stack>
  );
}
