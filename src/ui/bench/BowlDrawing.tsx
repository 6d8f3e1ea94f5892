"use client";

import { Box, chakra } from "@chakra-ui/react";
import type { StepId } from "@/core/process/step";
import { useWidth } from "../frame/useWidth";
import { COLUMN, Y, Vessel } from "./Vessel";
import type { VesselView } from "./vessels";

interface DrawingProps {
  readonly vessels: readonly VesselView[];
  readonly selected: string | null;
  readonly onSelect: (stepId: StepId) => void;
}

/**
 * A vessel for each step, filled to scale in grams; ribbons for what came in and went out; salt as a line below. Words
 * stay in their own column; long chains go on in a second row. Each column is a button with its account as its name.
 */
export function BowlDrawing({ vessels, selected, onSelect }: DrawingProps) {
  const [ref, width] = useWidth();
  const perRow = Math.max(1, Math.floor(width / COLUMN));
  const rows = Math.max(1, Math.ceil(vessels.length / perRow));
  // Rows of about the same length: eight vessels in two rows are four and four, not seven and one.
  const each = Math.ceil(vessels.length / rows);
  const column = Math.max(COLUMN, Math.min(190, width / Math.max(1, each)));
  const scales: Scales = {
    column,
    most: Math.max(1, ...vessels.map((v) => v.massG + v.fill.bathG)),
    widest: Math.max(1, ...vessels.flatMap((v) => [v.came.grams, v.left.grams])),
    highestSalt: Math.max(0.02, ...vessels.map((v) => v.saltShare)),
  };
  return (
    <Box ref={ref} overflowX="auto" overflowY="hidden" position="relative" tabIndex={-1}>
      {Array.from({ length: rows }, (_, i) => (
        <BowlRow
          key={i}
          vessels={vessels.slice(i * each, (i + 1) * each)}
          goesOn={i < rows - 1}
          scales={scales}
          selected={selected}
          onSelect={onSelect}
        />
      ))}
    </Box>
  );
}

/** One scale for all rows: a gram is as high everywhere. */
interface Scales {
  readonly column: number;
  readonly most: number;
  readonly widest: number;
  readonly highestSalt: number;
}

function BowlRow({
  vessels,
  goesOn,
  scales,
  selected,
  onSelect,
}: DrawingProps & { readonly goesOn: boolean; readonly scales: Scales }) {
  const { column, most, widest, highestSalt } = scales;
  const total = column * vessels.length;
  const saltY = (share: number) => Y.stripEnd - (share / highestSalt) * (Y.stripEnd - Y.strip);
  const shown = vessels.filter((v) => v.state === "computed");
  return (
    <Box position="relative" w={`${total}px`} h={`${Y.end}px`}>
      <svg
        width={total}
        height={Y.end}
        viewBox={`0 0 ${total} ${Y.end}`}
        aria-hidden
        style={{ position: "absolute", inset: 0 }}
      >
        <defs>
          <pattern id="jp-solids" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="7" height="7" fill="var(--jp-colors-solids)" />
            <path d="M0 0V7" stroke="var(--jp-colors-card)" strokeWidth="1.4" opacity="0.5" />
          </pattern>
          <pattern id="jp-oil" width="5" height="5" patternUnits="userSpaceOnUse">
            <rect width="5" height="5" fill="var(--jp-colors-oil)" />
            <circle cx="2.5" cy="2.5" r="0.9" fill="var(--jp-colors-ink)" opacity="0.55" />
          </pattern>
        </defs>
        {vessels.map(
          (v, i) =>
            selected === v.stepId && (
              <rect
                key={v.key}
                x={i * column + 2}
                y="0"
                width={column - 4}
                height={Y.end}
                rx="12"
                fill="var(--jp-colors-jade-tint)"
              />
            ),
        )}
        {(vessels.length > 1 || goesOn) && (
          <rect
            x={column / 2}
            y={Y.base - 9}
            width={total - (goesOn ? column / 2 : column)}
            height="5"
            fill="var(--jp-colors-line)"
          />
        )}
        {vessels.map((v, i) => (
          <Vessel key={v.key} vessel={v} left={i * column} column={column} most={most} widest={widest} />
        ))}
        {shown.length > 1 && (
          <polyline
            points={vessels
              .flatMap((v, i) => (v.state === "computed" ? [`${i * column + column / 2},${saltY(v.saltShare)}`] : []))
              .join(" ")}
            fill="none"
            stroke="var(--jp-colors-ink)"
            strokeWidth="1.6"
          />
        )}
        {vessels.map(
          (v, i) =>
            v.state === "computed" && (
              <circle
                key={v.key}
                cx={i * column + column / 2}
                cy={saltY(v.saltShare)}
                r="3"
                fill="var(--jp-colors-ink)"
              />
            ),
        )}
      </svg>
      {vessels.map((v, i) => (
        <chakra.button
          key={v.key}
          type="button"
          aria-pressed={selected === v.stepId}
          aria-label={`${v.name}: ${v.sentence}`}
          title={v.kinds || v.sentence}
          onClick={() => onSelect(v.stepId)}
          position="absolute"
          top="0"
          left={`${i * column}px`}
          w={`${column}px`}
          h="100%"
          rounded="xl"
          _hover={{ bg: "color-mix(in srgb, var(--jp-colors-jade) 7%, transparent)" }}
        />
      ))}
    </Box>
  );
}

export function Legend() {
  const items = [
    ["solids", "url(#jp-solids-key)"],
    ["water", "var(--jp-colors-water)"],
    ["oil", "var(--jp-colors-oil)"],
  ] as const;
  return (
    <Box display="flex" gap="4" fontSize="sm" color="quiet" alignItems="center" flexWrap="wrap">
      {items.map(([name, fill]) => (
        <Box key={name} as="span" display="inline-flex" alignItems="center" gap="1.5">
          <svg width="14" height="14" aria-hidden>
            <pattern
              id="jp-solids-key"
              width="5"
              height="5"
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)"
            >
              <rect width="5" height="5" fill="var(--jp-colors-solids)" />
              <path d="M0 0V5" stroke="var(--jp-colors-card)" strokeWidth="1.4" opacity="0.6" />
            </pattern>
            <rect width="14" height="14" rx="3" fill={fill} />
          </svg>
          {name}
        </Box>
      ))}
      <Box as="span">• salt</Box>
    </Box>
  );
}
