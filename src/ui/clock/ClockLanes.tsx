"use client";

import { Flex } from "@chakra-ui/react";
import type { SVGProps } from "react";
import { DndContext, type DragEndEvent, KeyboardSensor, MouseSensor, useSensor, useSensors } from "@dnd-kit/core";
import type { StepKey } from "@/core/process/log";
import { useWidth } from "../frame/useWidth";
import { describeBar } from "@/words/clock";
import type { Course } from "./ServeAt";
import { BarMark, ROW } from "./BarMark";
import { axis, type Lane, labelled, stretchesOf } from "./lanes";
import { useZoom, Zoom } from "./Zoom";

const NAME_W = 104;
const TOP = 34;
/** A step that is dragged lands on such a round of minutes from where it was. */
const ROUND_MIN = 5;
/** On a narrower screen steps are moved in the list: a bar is too small for a finger there. */
const DRAGGED_FROM_PX = 600;

interface Props {
  readonly lanes: readonly Lane[];
  /** Clock time of a minute relative to serving, and the same with the day. */
  readonly clock: (minute: number) => string;
  readonly day: (minute: number) => string;
  readonly serveTime: string;
  readonly courses: readonly Course[];
  readonly nowMin: number | null;
  readonly held: ReadonlySet<StepKey>;
  /** Moves a step to a minute relative to serving; null where nothing may be moved. */
  readonly onMove: ((step: StepKey, startMin: number) => void) | null;
}

/** Lanes of work: hands solid, watching hatched, waiting outlined; nights folded; the table at the right edge. */
export function ClockLanes({ lanes, clock, day, serveTime, courses, nowMin, held, onMove }: Props) {
  const [ref, width] = useWidth();
  const seen = Math.max(560, width - NAME_W - 34);
  const stretches = stretchesOf(lanes);
  const zoom = useZoom(ref, (factor) => axis(stretches, seen * factor), { seen, left: NAME_W });
  const { placed, toX, toMinute, every } = zoom.axis;
  const inner = seen * zoom.factor;
  // A finger scrolls the page: it moves steps in the list.
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor),
  );
  const later = [...new Set(courses.map((c) => c.afterMin))].filter((m) => m > 0);
  const dropped = ({ active, delta }: DragEndEvent) => {
    const bar = lanes.flatMap((l) => l.bars).find((b) => b.id === active.id);
    if (bar?.of == null || onMove === null) return;
    const by = toMinute(toX(bar.from) + delta.x) - bar.from;
    const rounded = Math.round(by / ROUND_MIN) * ROUND_MIN;
    if (rounded !== 0) onMove(bar.of.key, bar.of.startMin + rounded);
  };
  const first = placed[0]?.from ?? -60;
  const tops = lanes.reduce<number[]>((t, l) => [...t, (t.at(-1) as number) + l.rows * ROW + 10], [TOP]);
  const height = tops.at(-1) as number;
  const folded = (m: number) => placed.some((s) => s.folded && s.from <= m && m <= s.to);
  const ticks: number[] = [];
  // Ticks on round clock minutes: serving is minute 0, so its own minutes shift the grid.
  const shift = Number(serveTime.slice(3)) % every;
  for (let m = -shift; m > first; m -= every) if (!folded(m) && toX(m) < toX(0) - 44) ticks.push(m);

  return (
    <DndContext sensors={sensors} onDragEnd={dropped} autoScroll={false}>
      <Zoom {...zoom} />
      <Flex
        ref={ref}
        overflowX="auto"
        position="relative"
        tabIndex={zoom.factor > 1 ? 0 : undefined}
        role="region"
        aria-label="Lanes"
      >
        <LaneNames lanes={lanes} tops={tops} height={height} />
        <svg
          width={inner + 30}
          height={height + 6}
          style={{ flexShrink: 0 }}
          role="group"
          aria-label="Lanes of work up to the table; the list beside it says the same in words"
        >
          <defs>
            <pattern id="jp-watch" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
              <rect width="8" height="8" fill="var(--jp-colors-jade-tint)" />
              <path d="M0 0V8" stroke="var(--jp-colors-jade)" strokeWidth="1.6" />
            </pattern>
          </defs>
          {lanes.map((lane, i) => (
            <line
              key={lane.name}
              x1="0"
              x2={inner}
              y1={(tops[i] as number) - 5}
              y2={(tops[i] as number) - 5}
              stroke="var(--jp-colors-line)"
            />
          ))}
          {ticks.map((m) => (
            <g key={m}>
              <Upright stroke="var(--jp-colors-line)" strokeDasharray="2 5" x={toX(m)} top={TOP - 8} height={height} />
              <text x={toX(m)} y="18" textAnchor="middle" fill="var(--jp-colors-quiet)" style={{ fontSize: 13 }}>
                {clock(m)}
              </text>
            </g>
          ))}
          {placed
            .filter((s) => s.folded)
            .map((s) => (
              <g key={s.from}>
                <rect x={s.x} y={TOP - 8} width={s.w} height={height - TOP + 8} fill="var(--jp-colors-sunk)" />
                {[0.3, 0.5, 0.7].map((f) => (
                  <Upright key={f} stroke="var(--jp-colors-line)" x={s.x + s.w * f} top={TOP - 8} height={height} />
                ))}
                <text
                  x={s.x + s.w / 2}
                  y="18"
                  textAnchor="middle"
                  fill="var(--jp-colors-quiet)"
                  style={{ fontSize: 12 }}
                >
                  {day(s.to).split(" ")[0]}
                </text>
              </g>
            ))}
          {nowMin !== null && nowMin > first && nowMin < 0 && (
            <Upright
              stroke="var(--jp-colors-turmeric)"
              strokeWidth="2"
              strokeDasharray="6 3"
              x={toX(nowMin)}
              top={TOP - 12}
              height={height}
            />
          )}
          {lanes.map((lane, i) =>
            labelled(lane, toX, inner).map((mark) => (
              <BarMark
                key={mark.bar.id}
                {...mark}
                top={tops[i] as number}
                says={describeBar(mark.bar, clock)}
                held={mark.bar.of !== null && held.has(mark.bar.of.key)}
                movable={
                  onMove !== null && width >= DRAGGED_FROM_PX && mark.bar.of !== null && mark.bar.kind === "hands"
                }
              />
            )),
          )}
          <Upright
            data-testid="serving-line"
            stroke="var(--jp-colors-chilli)"
            strokeWidth="3"
            x={toX(0)}
            top={TOP - 12}
            height={height}
          />
          <text
            x={toX(0) + 26}
            y="18"
            textAnchor="end"
            fill="var(--jp-colors-chilli)"
            style={{ fontSize: 14, fontWeight: 700 }}
          >
            {serveTime}
          </text>
          {later.map((m) => (
            <g key={m}>
              <Upright
                stroke="var(--jp-colors-chilli)"
                strokeWidth="2"
                strokeDasharray="7 4"
                x={toX(m)}
                top={TOP - 12}
                height={height}
              />
              {toX(m) - toX(0) > 52 && (
                <text
                  x={toX(m) + 26}
                  y="18"
                  textAnchor="end"
                  fill="var(--jp-colors-chilli)"
                  style={{ fontSize: 14, fontWeight: 700 }}
                >
                  {clock(m)}
                </text>
              )}
            </g>
          ))}
        </svg>
      </Flex>
    </DndContext>
  );
}

/** They stay where they are while the lanes are moved below them. */
function LaneNames({ lanes, tops, height }: { lanes: readonly Lane[]; tops: readonly number[]; height: number }) {
  return (
    <svg
      width={NAME_W}
      height={height + 6}
      aria-hidden
      style={{ position: "sticky", left: 0, flexShrink: 0, zIndex: 1, background: "var(--jp-colors-card)" }}
    >
      {lanes.map((lane, i) => (
        <g key={lane.name}>
          <text
            x="0"
            y={(tops[i] as number) + ROW / 2 + 4}
            fill="var(--jp-colors-ink)"
            style={{ fontSize: 14, fontWeight: 600 }}
          >
            {lane.name}
          </text>
          <line
            x1="0"
            x2={NAME_W}
            y1={(tops[i] as number) - 5}
            y2={(tops[i] as number) - 5}
            stroke="var(--jp-colors-line)"
          />
        </g>
      ))}
    </svg>
  );
}

/** A line from near the top down to the last lane: a moment of the day. */
function Upright({
  x,
  top,
  height,
  ...line
}: { readonly x: number; readonly top: number; readonly height: number } & SVGProps<SVGLineElement>) {
  return <line x1={x} x2={x} y1={top} y2={height} {...line} />;
}
