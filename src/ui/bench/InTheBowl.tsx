"use client";

import { Box, chakra, Flex, Table, Text } from "@chakra-ui/react";
import { memo, useMemo, useState } from "react";
import type { Plan, PlannedPart } from "@/core/plan";
import type { Ranges } from "@/core/sampling";
import type { Range } from "@/core/quantities/range";
import { writeMass, writeMassRange, writePercent } from "@/core/quantities/write";
import { Card } from "../frame/controls";
import type { TextContext } from "@/words/words";
import type { PartViewProps } from "./benchProps";
import { BowlDrawing, Legend } from "./BowlDrawing";
import { vesselsOf, type VesselView } from "./vessels";

export const InTheBowl = memo(function InTheBowl({
  part,
  plan,
  ranges,
  stepId,
  textContext,
  onSelect,
}: PartViewProps & { ranges: Ranges | null }) {
  const vessels = useMemo(() => vesselsOf(part, plan, ranges, textContext), [part, plan, ranges, textContext]);
  const joins = useMemo(() => joinsOf(part, plan), [part, plan]);
  return (
    <Card p="3" aria-label="In the bowl">
      <Flex justify="space-between" align="center" px="1" mb="1" wrap="wrap" gap="1">
        {LEGEND}
        <Text fontSize="sm" color="quiet">
          {joins.length > 0 ? `goes into ${joins.join(" and ")}` : "what the scale should show after each step"}
        </Text>
      </Flex>
      <BowlDrawing vessels={vessels} selected={stepId} onSelect={onSelect} />
      <LedgerTable vessels={vessels} textContext={textContext} name={part.name} />
    </Card>
  );
});

/** The same elements at every render. */
const LEGEND = <Legend />;

/** Names of the parts that take this one, or the liquor of its steps. */
function joinsOf(part: PlannedPart, plan: Plan): string[] {
  const own = new Set(part.rows.map((r) => r.step.id));
  const dish = plan.dishes.find((d) => d.parts.includes(part));
  return (dish?.parts ?? [])
    .filter(
      (p) =>
        p.id !== part.id &&
        p.rows.some((r) =>
          r.step.adds.some(
            (l) => (l.kind === "part" && l.part === part.id) || (l.kind === "liquor" && own.has(l.step)),
          ),
        ),
    )
    .map((p) => p.name);
}

/** The drawing in numbers, for those who don't see it and for copying. */
function LedgerTable({
  vessels,
  textContext,
  name,
}: {
  vessels: readonly VesselView[];
  textContext: TextContext;
  name: string;
}) {
  const [open, setOpen] = useState(false);
  const mass = (g: number) => writeMass(g, textContext.units);
  const massRange = (r: Range) => writeMassRange(r.low, r.high, textContext.units);
  const shareRange = ({ low, high }: Range) => {
    const [from, to] = [writePercent(low), writePercent(high)];
    return from === to ? from : `${from.replace(" %", "")}–${to}`;
  };
  const head = ["Step", "Solids", "Water", "Oil", "Liquid round it", "In all", "Salt", "Came in", "Left"];
  /** What a row says, and its range when it is one. */
  const cells = (v: VesselView): readonly (readonly [string, string | null])[] => {
    const ranged = (text: string, range: Range | undefined, write: (r: Range) => string) =>
      [text, range === undefined || write(range) === text ? null : write(range)] as const;
    const r = v.ranges ?? undefined;
    return [
      ranged(mass(v.fill.solidsG), r?.solidsG, massRange),
      ranged(mass(v.fill.waterG), r?.waterG, massRange),
      ranged(mass(v.fill.oilG), r?.oilG, massRange),
      [mass(v.fill.bathG), null],
      ranged(v.weight, r?.massG, massRange),
      ranged(v.salt, r?.saltShare, shareRange),
      ranged(mass(v.came.grams), r?.inputsG, massRange),
      ranged(mass(v.left.grams), r?.outputsG, massRange),
    ];
  };
  return (
    <chakra.details fontSize="sm" px="1" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <chakra.summary cursor="pointer" color="quiet" py="2" display="list-item">
        The same in numbers
      </chakra.summary>
      {open && (
        <Box overflowX="auto" tabIndex={0} role="region" aria-label={`In the bowl, in numbers: ${name}`}>
          <Table.Root size="sm" bg="transparent" css={{ "& th, & td": { paddingInline: "0.3rem" } }}>
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
                    "& td": { borderColor: "line", textAlign: "end", whiteSpace: "nowrap", verticalAlign: "top" },
                    "& td:first-of-type": { textAlign: "start" },
                  }}
                >
                  <Table.Cell fontWeight="600">{v.name}</Table.Cell>
                  {v.state === "computed" ? (
                    cells(v).map(([text, range], i) => (
                      <Table.Cell key={head[i + 1]}>
                        {text}
                        {range && (
                          <Box fontSize="xs" color="quiet">
                            {range}
                          </Box>
                        )}
                      </Table.Cell>
                    ))
                  ) : (
                    <Table.Cell colSpan={8}>{v.sentence}</Table.Cell>
                  )}
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Box>
      )}
    </chakra.details>
  );
}
