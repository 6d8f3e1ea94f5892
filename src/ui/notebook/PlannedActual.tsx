"use client";

import { Box } from "@chakra-ui/react";
import { Bar, BarChart, CartesianGrid, Legend, ResponsiveContainer, Tooltip, XAxis, YAxis } from "recharts";

interface Props {
  readonly rows: readonly { readonly name: string; readonly planned: number; readonly actual: number | null }[];
}

/** Two bars a step, with room for a name of two lines; the table below says the same. */
export function PlannedActual({ rows }: Props) {
  const data = rows.map((r) => ({
    name: r.name,
    planned: Math.round(r.planned * 10) / 10,
    actual: r.actual === null ? null : Math.round(r.actual * 10) / 10,
  }));
  const ink = "var(--jp-colors-ink)";
  return (
    // A chart keeps its old width until it is measured anew: in a narrowed window it must not push the page wider meanwhile.
    <Box h={`${Math.max(220, rows.length * 36 + 70)}px`} overflowX="clip" aria-hidden>
      <ResponsiveContainer width="100%" height="100%" initialDimension={{ width: 600, height: 300 }}>
        <BarChart
          data={data}
          layout="vertical"
          accessibilityLayer={false}
          barGap={1}
          barCategoryGap="22%"
          margin={{ left: 8, right: 24, bottom: 14 }}
        >
          <CartesianGrid horizontal={false} stroke="var(--jp-colors-line)" />
          <XAxis type="number" unit=" min" stroke={ink} tick={{ fill: ink, fontSize: 13 }} />
          <YAxis
            type="category"
            dataKey="name"
            width={190}
            stroke={ink}
            tick={{ fill: ink, fontSize: 13 }}
            interval={0}
          />
          <Tooltip
            cursor={{ fill: "var(--jp-colors-sunk)" }}
            contentStyle={{ background: "var(--jp-colors-card)", borderColor: "var(--jp-colors-edge)", color: ink }}
          />
          <Legend
            verticalAlign="top"
            align="left"
            height={28}
            formatter={(name) => <span style={{ color: ink }}>{name}</span>}
          />
          <Bar dataKey="planned" fill="var(--jp-colors-edge)" isAnimationActive={false} />
          <Bar dataKey="actual" fill="var(--jp-colors-jade)" isAnimationActive={false} />
        </BarChart>
      </ResponsiveContainer>
    </Box>
  );
}
