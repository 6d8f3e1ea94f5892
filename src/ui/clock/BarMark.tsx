import { useDraggable } from "@dnd-kit/core";
import { type Labelled, labelPx } from "./lanes";

/** Height of a row of a lane, and of a bar in it. */
export const ROW = 50;
const BAR = 38;

/** A stretch of work: solid where hands are in it, hatched where it is watched, outlined where it waits; and how far it may slip. */
export function BarMark({
  bar,
  x,
  w,
  tail,
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
      {tail > 0 && (
        <rect data-tail x={x + w} y={y + BAR - 9} width={tail} height="5" rx="2.5" fill="var(--jp-colors-turmeric)" />
      )}
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
