import type { Stream, VesselView } from "./vessels";

/** Space of one vessel with its words: nothing of one column reaches into the next. */
export const COLUMN = 104;
export const VESSEL = 58;
export const TALLEST = 128;
export const Y = {
  cameText: 15,
  ribbon: 40,
  weight: 78,
  base: 250,
  name: 274,
  salt: 292,
  each: 308,
  strip: 318,
  stripEnd: 344,
  left: 364,
  end: 376,
};
export const COLOURS = {
  solidsG: "var(--jp-colors-solids)",
  waterG: "var(--jp-colors-water)",
  oilG: "var(--jp-colors-oil)",
} as const;
export const KINDS = ["solidsG", "waterG", "oilG"] as const;

export function Vessel({
  vessel: v,
  left,
  column,
  most,
  widest,
}: {
  vessel: VesselView;
  left: number;
  column: number;
  most: number;
  widest: number;
}) {
  const centre = left + column / 2;
  const called = (
    <text
      x={centre}
      y={Y.name}
      textAnchor="middle"
      fill="var(--jp-colors-ink)"
      style={{ fontSize: 14, fontWeight: 600 }}
    >
      {v.name}
    </text>
  );
  const x = centre - VESSEL / 2;
  const scale = TALLEST / most;
  const bathH = v.fill.bathG * scale;
  const heights = KINDS.map((k) => v.fill[k] * scale);
  const filled = heights.reduce((a, b) => a + b, 0) + bathH;
  const mouth = Y.base - Math.max(filled, 10) - 9;
  if (v.state !== "computed")
    return (
      <g>
        <path
          d={outline(x, Y.base - 40)}
          fill="none"
          stroke="var(--jp-colors-edge)"
          strokeDasharray="4 4"
          strokeWidth="2"
        />
        <text
          x={centre}
          y={Y.base - 16}
          textAnchor="middle"
          fill="var(--jp-colors-quiet)"
          style={{ fontSize: 20, fontWeight: 700 }}
        >
          ?
        </text>
        {called}
      </g>
    );
  const y = Y.base - heights.reduce((a, b) => a + b, 0);
  const layers = KINDS.map((kind, i) => {
    const h = heights[i] as number;
    const top = Y.base - heights.slice(0, i + 1).reduce((a, b) => a + b, 0);
    const fill = kind === "solidsG" ? "url(#jp-solids)" : kind === "oilG" ? "url(#jp-oil)" : COLOURS.waterG;
    return h > 0.3 && <rect key={kind} x={x} y={top} width={VESSEL} height={h} fill={fill} />;
  });
  return (
    <g>
      <clipPath id={`clip-${v.stepId}`}>
        <path d={outline(x, mouth)} />
      </clipPath>
      <g clipPath={`url(#clip-${v.stepId})`}>
        {layers}
        {bathH > 0.3 && (
          <>
            <rect x={x} y={y - bathH} width={VESSEL} height={bathH} fill={COLOURS.waterG} opacity="0.4" />
            <path d={`M${x} ${y}H${x + VESSEL}`} stroke="var(--jp-colors-ink)" strokeDasharray="3 3" />
          </>
        )}
      </g>
      <path d={outline(x, mouth)} fill="none" stroke="var(--jp-colors-ink)" strokeWidth="2.2" />
      <Ribbon
        stream={v.came}
        widest={widest}
        path={(d) => `M${left + 9 + d} ${Y.ribbon}V${mouth + 2}Q${left + 9 + d} ${mouth + 14} ${x + 4} ${mouth + 16}`}
      />
      <Ribbon
        stream={{ solidsG: 0, waterG: v.left.steamG, oilG: 0 }}
        widest={widest}
        path={(d) => `M${x + VESSEL - 3} ${mouth + 8}q${21 + d} -2 ${20 + d} -24t3 -18`}
      />
      <Ribbon
        stream={{ ...v.left, waterG: v.left.waterG - v.left.steamG }}
        widest={widest}
        path={(d) => `M${x + VESSEL - 2} ${Y.base - 20}q${14 + d} 2 ${14 + d} 20V${Y.base + 8}`}
      />
      <text x={left + 6} y={Y.cameText} fill="var(--jp-colors-ink)" style={{ fontSize: 12.5, fontWeight: 600 }}>
        {fit(v.came.says.split(" ").slice(0, 2).join(" "), column - 10)}
      </text>
      <text x={left + 6} y={Y.cameText + 15} fill="var(--jp-colors-quiet)" style={{ fontSize: 12 }}>
        {fit(v.came.says.split(" ").slice(2).join(" "), column - 10)}
      </text>
      <text
        x={centre + 6}
        y={Math.max(Y.weight, mouth - (v.range ? 23 : 8))}
        textAnchor="middle"
        fill="var(--jp-colors-ink)"
        style={{ ...HALO, fontSize: 19, fontWeight: 700, fontFamily: "var(--jp-fonts-heading)" }}
      >
        {v.weight}
        {v.weighed && " ✓"}
      </text>
      {v.range && (
        <text
          x={centre + 6}
          y={Math.max(Y.weight, mouth - 23) + 15}
          textAnchor="middle"
          fill="var(--jp-colors-quiet)"
          style={{ ...HALO, fontSize: 12 }}
        >
          {v.range}
        </text>
      )}
      {called}
      <text x={centre} y={Y.salt} textAnchor="middle" fill="var(--jp-colors-ink)" style={{ fontSize: 12 }}>
        {v.salt} salt
      </text>
      <text x={centre} y={Y.each} textAnchor="middle" fill="var(--jp-colors-quiet)" style={{ fontSize: 12 }}>
        {v.saltEach}
      </text>
      <text x={centre} y={Y.left} textAnchor="middle" fill="var(--jp-colors-ink)" style={{ fontSize: 12 }}>
        {fit(v.left.says, column - 8)}
      </text>
    </g>
  );
}

/** Words over ribbons keep a rim of the card's colour. */
const HALO = {
  paintOrder: "stroke",
  stroke: "var(--jp-colors-card)",
  strokeWidth: 4,
  strokeLinejoin: "round",
} as const;
const outline = (x: number, mouth: number) => `M${x} ${mouth}V${Y.base - 9}q0 9 9 9h${VESSEL - 18}q9 0 9 -9V${mouth}`;

/** Streams side by side, each as wide as its grams. */
function Ribbon({ stream, widest, path }: { stream: Stream; widest: number; path: (offset: number) => string }) {
  const widths = KINDS.map((kind) => (stream[kind] < 0.5 ? 0 : Math.max(1.6, (stream[kind] / widest) * 13)));
  return KINDS.map((kind, i) => {
    const width = widths[i] as number;
    if (width === 0) return null;
    const before = widths.slice(0, i).reduce((a, b) => a + b, 0);
    return (
      <path
        key={kind}
        d={path(before + width / 2 - 6)}
        fill="none"
        stroke={COLOURS[kind]}
        strokeWidth={width}
        opacity="0.9"
      />
    );
  });
}

/** Average width of a character of the text face at 12 px; good to a few per cent for these words. */
const CHARACTER = 6.3;
function fit(text: string, width: number): string {
  const most = Math.floor(width / CHARACTER);
  return text.length <= most ? text : `${text.slice(0, Math.max(1, most - 1))}…`;
}
