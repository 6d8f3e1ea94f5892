"use client";

import { Box } from "@chakra-ui/react";
import { BITE } from "@/core/bite/shifts";
import type { Bite } from "@/core/bite/targets";
import { BITE_NAMES, describeBite } from "@/words/swapNames";

const ROW = 19;
const LEFT = 56;
const WIDE = 300;
const FAR = 2;

/** One rule for each attribute: the meat as a notch, the route as a bead, the way between them shaded. */
export function BiteRule({ bite, target, weights }: { bite: Bite; target: Bite; weights: Bite }) {
  const x = (value: number) => LEFT + 6 + (value / 10) * (WIDE - LEFT - 12);
  return (
    <Box role="img" aria-label={describeBite(bite, target)} minW="0" w="100%">
      <svg viewBox={`0 0 ${WIDE} ${BITE.length * ROW}`} width="100%" aria-hidden style={{ display: "block" }}>
        {BITE.map((attribute, i) => {
          const y = i * ROW + ROW / 2;
          const [from, to] = [x(bite[attribute]), x(target[attribute])];
          const far = Math.abs(bite[attribute] - target[attribute]) >= FAR;
          const counts = weights[attribute] > 0;
          return (
            <g key={attribute} opacity={counts ? 1 : 0.45}>
              <text x={LEFT - 4} y={y + 4} textAnchor="end" fill="var(--jp-colors-ink)" style={{ fontSize: 12.5 }}>
                {BITE_NAMES[attribute]}
              </text>
              <path d={`M${x(0)} ${y}H${x(10)}`} stroke="var(--jp-colors-line)" strokeWidth="2" />
              <path
                d={`M${from} ${y}H${to}`}
                stroke={far && counts ? "var(--jp-colors-turmeric)" : "var(--jp-colors-jade)"}
                strokeWidth="7"
                opacity="0.35"
              />
              <path d={`M${to} ${y - 8}v16`} stroke="var(--jp-colors-ink)" strokeWidth="2.6" />
              <circle
                cx={from}
                cy={y}
                r="5"
                fill="var(--jp-colors-jade)"
                stroke="var(--jp-colors-card)"
                strokeWidth="1.5"
              />
            </g>
          );
        })}
      </svg>
    </Box>
  );
}
