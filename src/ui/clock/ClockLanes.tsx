"use client";

import { Box } from "@chakra-ui/react";
import { useWidth } from "../frame/useWidth";
import { axis, type Lane, type Labelled, labelled, labelPx, stretchesOf } from "./lanes";

const NAME_W = 104;
const ROW = 50;
const BAR = 38;
const TOP = 34;

interface Props {
  readonly lanes: readonly Lane[];
  /** Clock time of a minute relative to serving, and the same with the day. */
  readonly clock: (minute: number) => string;
  readonly day: (minute: number) => string;
  readonly serveTime: string;
  readonly nowMin: number | null;
}

/** Lanes of work: hands solid, watching hatched, waiting outlined; nights folded; the table at the right edge. */
export function ClockLanes({ lanes, clock, day, serveTime, nowMin }: Props) {
  const [ref, width] = useWidth();
  const inner = Math.max(560, width - NAME_W - 34);
  const { placed, toX, every } = axis(stretchesOf(lanes), inner);
  const first = placed[0]?.from ?? -60;
  const tops = lanes.reduce<number[]>((t, l) => [...t, (t.at(-1) as number) + l.rows * ROW + 10], [TOP]);
  const height = tops.at(-1) as number;
  const folded = (m: number) => placed.some((s) => s.folded && s.from <= m && m <= s.to);
  const ticks: number[] = [];
  // Ticks on round clock minutes: serving is minute 0, so its own minutes shift the grid.
  const shift = Number(serveTime.slice(3)) % every;
  for (let m = -shift; m > first; m -= every) if (!folded(m) && toX(m) < inner - 34) ticks.push(m);

  return (
    <Box ref={ref} overflowX="auto">
      <svg
        width={inner + NAME_W + 30}
        height={height + 6}
        role="img"
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
        </g>
      </svg>
    </Box>
  );
}

function BarMark({ bar, x, w, label, top, says }: Labelled & { top: number; says: string }) {
  const y = top + bar.row * ROW + (ROW - BAR) / 2;
  const inside = label?.at === "in";
  const look =
    bar.kind === "hands"
      ? { fill: "var(--jp-colors-jade)", stroke: "var(--jp-colors-jade)" }
      : bar.kind === "watch"
        ? { fill: "url(#jp-watch)", stroke: "var(--jp-colors-jade)" }
        : { fill: "var(--jp-colors-card)", stroke: "var(--jp-colors-edge)", strokeDasharray: "5 4" };
  return (
    <g>
      <title>{says}</title>
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
