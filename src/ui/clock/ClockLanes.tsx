"use client";

import { Box } from "@chakra-ui/react";
import {
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  MouseSensor,
  useDraggable,
  useSensor,
  useSensors,
} from "@dnd-kit/core";
import type { StepKey } from "@/core/process/log";
import { useWidth } from "../frame/useWidth";
import type { Course } from "./ServeAt";
import { axis, type Lane, type Labelled, labelled, labelPx, stretchesOf } from "./lanes";

const NAME_W = 104;
const ROW = 50;
const BAR = 38;
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
  const inner = Math.max(560, width - NAME_W - 34);
  const { placed, toX, toMinute, every } = axis(stretchesOf(lanes), inner);
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
      <Box ref={ref} overflowX="auto">
        <svg
          width={inner + NAME_W + 30}
          height={height + 6}
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
                x2={inner + NAME_W}
                y1={(tops[i] as number) - 5}
                y2={(tops[i] as number) - 5}
                stroke="var(--jp-colors-line)"
              />
            </g>
          ))}
          <g transform={`translate(${NAME_W} 0)`}>
            {ticks.map((m) => (
              <g key={m}>
                <line
                  x1={toX(m)}
                  x2={toX(m)}
                  y1={TOP - 8}
                  y2={height}
                  stroke="var(--jp-colors-line)"
                  strokeDasharray="2 5"
                />
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
                    <line
                      key={f}
                      x1={s.x + s.w * f}
                      x2={s.x + s.w * f}
                      y1={TOP - 8}
                      y2={height}
                      stroke="var(--jp-colors-line)"
                    />
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
            {lanes.map((lane, i) =>
              labelled(lane, toX, inner).map((mark) => (
                <BarMark
                  key={mark.bar.id}
                  {...mark}
                  top={tops[i] as number}
                  says={`${mark.bar.says}, ${clock(mark.bar.from)} to ${clock(mark.bar.to)}`}
                  held={mark.bar.of !== null && held.has(mark.bar.of.key)}
                  movable={
                    onMove !== null && width >= DRAGGED_FROM_PX && mark.bar.of !== null && mark.bar.kind === "hands"
                  }
                />
              )),
            )}
            {nowMin !== null && nowMin > first && nowMin < 0 && (
              <line
                x1={toX(nowMin)}
                x2={toX(nowMin)}
                y1={TOP - 12}
                y2={height}
                stroke="var(--jp-colors-turmeric)"
                strokeWidth="2"
                strokeDasharray="6 3"
              />
            )}
            <line
              data-testid="serving-line"
              x1={toX(0)}
              x2={toX(0)}
              y1={TOP - 12}
              y2={height}
              stroke="var(--jp-colors-chilli)"
              strokeWidth="3"
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
                <line
                  x1={toX(m)}
                  x2={toX(m)}
                  y1={TOP - 12}
                  y2={height}
                  stroke="var(--jp-colors-chilli)"
                  strokeWidth="2"
                  strokeDasharray="7 4"
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
          </g>
        </svg>
      </Box>
    </DndContext>
  );
}

function BarMark({
  bar,
  x,
  w,
  label,
  top,
  says,
  held,
  movable,
}: Labelled & { top: number; says: string; held: boolean; movable: boolean }) {
  const { setNodeRef, attributes, listeners, transform } = useDraggable({ id: bar.id, disabled: !movable });
  const y = top + bar.row * ROW + (ROW - BAR) / 2;
  const inside = label?.at === "in";
  const look =
    bar.kind === "hands"
      ? { fill: "var(--jp-colors-jade)", stroke: "var(--jp-colors-jade)" }
      : bar.kind === "watch"
        ? { fill: "url(#jp-watch)", stroke: "var(--jp-colors-jade)" }
        : { fill: "var(--jp-colors-card)", stroke: "var(--jp-colors-edge)", strokeDasharray: "5 4" };
  return (
    <g
      ref={(node) => setNodeRef(node as unknown as HTMLElement | null)}
      {...(movable ? { ...attributes, ...listeners, "aria-label": held ? `${says}, held here` : says } : {})}
      transform={transform === null ? undefined : `translate(${transform.x} 0)`}
      style={movable ? { cursor: "ew-resize" } : undefined}
    >
      <title>{says}</title>
      {held && <path d={`M${x + 2} ${y - 6}h10l-5 6z`} fill="var(--jp-colors-turmeric)" />}
      <rect x={x} y={y} width={w} height={BAR} rx="6" strokeWidth="1.5" {...look} />
      {inside && bar.kind === "watch" && (
        <rect
          x={x + 4}
          y={y + 6}
          width={labelPx(label.text) - 4}
          height={BAR - 12}
          rx="4"
          fill="var(--jp-colors-card)"
        />
      )}
      {label && (
        <text
          x={label.at === "in" ? x + 7 : label.at === "after" ? x + w + 5 : x - 5}
          textAnchor={label.at === "before" ? "end" : "start"}
          y={y + BAR / 2 + 4.5}
          fill={inside && bar.kind === "hands" ? "var(--jp-colors-on-jade)" : "var(--jp-colors-ink)"}
          style={{ fontSize: 13, fontWeight: 600 }}
        >
          {label.text}
        </text>
      )}
    </g>
  );
}
