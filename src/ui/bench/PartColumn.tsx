"use client";

import { Box, chakra, Text } from "@chakra-ui/react";
import { memo, useMemo } from "react";
import { Card } from "../frame/controls";
import { Failure } from "./Failure";
import { describeWhatGoesIn } from "@/words/goesIn";
import type { PartViewProps } from "./benchProps";
import type { Ranges } from "@/core/sampling";
import { COLOURS, KINDS } from "./Vessel";
import { vesselsOf, type VesselView } from "./vessels";

/** The part on a phone: a vessel, what goes in and the weight, a line for each step. */
export const PartColumn = memo(function PartColumn({
  part,
  plan,
  ranges,
  stepId,
  textContext,
  onSelect,
}: PartViewProps & { readonly ranges: Ranges | null }) {
  const vessels = useMemo(() => vesselsOf(part, plan, ranges, textContext), [part, plan, ranges, textContext]);
  const most = Math.max(1, ...vessels.map((v) => v.massG + v.fill.bathG));
  return (
    <Card p="0" overflow="hidden" aria-label={`Steps of ${part.name}`}>
      {part.rows.map((row, i) => {
        const vessel = vessels[i] as VesselView;
        const says =
          row.state === "computed" ? (
            describeWhatGoesIn(row, textContext)
          ) : row.state === "blocked" ? (
            <Failure failure={row.failure} textContext={textContext} />
          ) : (
            "Waits for an earlier step of this part."
          );
        return (
          <chakra.button
            key={row.key}
            type="button"
            aria-pressed={row.step.id === stepId}
            aria-label={`${vessel.name}: ${vessel.sentence}`}
            onClick={(e) => {
              onSelect(row.step.id);
              // The step in hand comes up from below: its line stays in view above it.
              const line = e.currentTarget;
              requestAnimationFrame(() => line.scrollIntoView({ block: "nearest" }));
            }}
            scrollMarginBottom="66vh"
            display="flex"
            alignItems="center"
            gap="3"
            w="100%"
            minH="14"
            px="3"
            py="1.5"
            textAlign="start"
            borderTopWidth={i === 0 ? "0" : "1px"}
            borderColor="line"
            bg={row.step.id === stepId ? "jadeTint" : "transparent"}
          >
            <SmallVessel vessel={vessel} most={most} />
            <Box flex="1" minW="0">
              <Text fontWeight="600">
                {i + 1} {vessel.name}
              </Text>
              {says && (
                <Text fontSize="sm" color={row.state === "blocked" ? "chilli" : "quiet"}>
                  {says}
                </Text>
              )}
            </Box>
            <Box textAlign="end" whiteSpace="nowrap">
              <Text fontWeight="700" fontFamily="heading">
                {vessel.weight}
                {vessel.weighed && " ✓"}
              </Text>
              {vessel.range && (
                <Text fontSize="xs" color="quiet">
                  {vessel.range}
                </Text>
              )}
            </Box>
          </chakra.button>
        );
      })}
    </Card>
  );
});

const W = 30;
const H = 42;
/** A vessel of the row drawing at a third of its size, filled on one scale with its neighbours. */
function SmallVessel({ vessel, most }: { readonly vessel: VesselView; readonly most: number }) {
  const scale = (H - 8) / most;
  let top = H - 2;
  const layers = [...KINDS.map((kind) => [kind, vessel.fill[kind]] as const), ["bath", vessel.fill.bathG] as const];
  return (
    <svg width={W + 4} height={H} viewBox={`0 0 ${W + 4} ${H}`} aria-hidden style={{ flexShrink: 0 }}>
      {layers.map(([kind, grams]) => {
        const h = grams * scale;
        top -= h;
        return (
          <rect
            key={kind}
            x="2"
            y={top}
            width={W}
            height={h}
            fill={kind === "bath" ? COLOURS.waterG : COLOURS[kind]}
            opacity={kind === "bath" ? 0.4 : 1}
          />
        );
      })}
      <path
        d={`M2 ${Math.min(top, H - 10) - 5}V${H - 5}q0 3 3 3h${W - 6}q3 0 3 -3V${Math.min(top, H - 10) - 5}`}
        fill="none"
        stroke="var(--jp-colors-ink)"
        strokeWidth="2"
        strokeDasharray={vessel.state === "computed" ? undefined : "4 3"}
      />
    </svg>
  );
}
