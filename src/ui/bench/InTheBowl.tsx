"use client";

import { Box, chakra, Flex, Table, Text } from "@chakra-ui/react";
import { memo, useMemo, useState } from "react";
import type { Plan, PlannedPart, Ranges } from "@/core/plan";
import { writeMass } from "@/core/quantities/write";
import { Card } from "../frame/controls";
import type { Speaking } from "../wording/words";
import type { PartViewProps } from "./benchProps";
import { BowlDrawing, Legend } from "./BowlDrawing";
import { vesselsOf, type VesselView } from "./vessels";

export const InTheBowl = memo(function InTheBowl({
  part,
  plan,
  ranges,
  stepId,
  speaking,
  onTake,
}: PartViewProps & { ranges: Ranges | null }) {
  const vessels = useMemo(() => vesselsOf(part, plan, ranges, speaking), [part, plan, ranges, speaking]);
  const joins = useMemo(() => joinsOf(part, plan), [part, plan]);
  return (
    <Card p="3" aria-label="In the bowl">
      <Flex justify="space-between" align="center" px="1" mb="1" wrap="wrap" gap="1">
        {LEGEND}
        <Text fontSize="sm" color="quiet">
          {joins.length > 0 ? `goes into ${joins.join(" and ")}` : "what the scale should show after each step"}
        </Text>
      </Flex>
      <BowlDrawing vessels={vessels} inHand={stepId} onTake={onTake} />
      <LedgerTable vessels={vessels} speaking={speaking} name={part.name} />
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
  speaking,
  name,
}: {
  vessels: readonly VesselView[];
  speaking: Speaking;
  name: string;
}) {
  const [open, setOpen] = useState(false);
  const mass = (g: number) => writeMass(g, speaking.units);
  const head = ["Step", "Solids", "Water", "Oil", "Liquid round it", "In all", "Range", "Salt", "Came in", "Left"];
  return (
    <chakra.details fontSize="sm" px="1" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <chakra.summary cursor="pointer" color="quiet" py="2" display="list-item">
        The same in numbers
      </chakra.summary>
      {open && (
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
      )}
    </chakra.details>
  );
}
