import type { ReactNode } from "react";
import type { MeatForm } from "@/core/dish/meat";

/** Forms of meat, drawn small: outline in ink, filled with the brown of solids. */
export function FormMark({ form }: { readonly form: MeatForm }) {
  return (
    <svg width="56" height="36" viewBox="0 0 56 36" aria-hidden>
      <g fill="var(--jp-colors-solids)" stroke="var(--jp-colors-ink)" strokeWidth="1.6" strokeLinejoin="round">
        {MARKS[form]}
      </g>
    </svg>
  );
}

const dots = (points: readonly (readonly [number, number, number])[]) =>
  points.map(([x, y, r]) => <circle key={`${x} ${y}`} cx={x} cy={y} r={r} />);
const MARKS: Readonly<Record<MeatForm, ReactNode>> = {
  mince: dots([
    [12, 22, 4],
    [20, 17, 4.5],
    [29, 23, 5],
    [37, 16, 4],
    [44, 22, 4.5],
    [24, 28, 3.5],
    [36, 28, 3.5],
  ]),
  strips: [8, 16, 24].map((y, i) => <path key={y} d={`M${8 + 3 * i} ${y}q18 -7 36 1l-1 6q-18 -7 -34 -1z`} />),
  chunks: (
    <>
      <rect x="8" y="16" width="13" height="12" rx="2" />
      <rect x="22" y="8" width="13" height="12" rx="2" />
      <rect x="33" y="19" width="13" height="12" rx="2" />
    </>
  ),
  pulled: [9, 16, 23, 29].map((y) => (
    <path
      key={y}
      d={`M6 ${y}c10 -9 16 8 24 -1s12 6 20 0`}
      fill="none"
      stroke="var(--jp-colors-solids)"
      strokeWidth="3"
    />
  )),
  fillet: <path d="M6 20q14 -15 34 -9q10 3 11 9q-2 9 -16 10q-20 1 -29 -10z" />,
  battered: (
    <path
      d="M6 20q3 -7 9 -6q3 -7 11 -4q6 -5 12 0q9 -1 12 8q2 7 -6 10q-6 5 -14 2q-8 4 -14 -1q-9 -1 -10 -9z"
      strokeDasharray="3 1.5"
    />
  ),
  rasher: (
    <>
      <path d="M5 13q8 -7 15 0t15 0t16 0v7q-8 7 -16 0t-15 0t-15 0z" />
      <path d="M7 17q7 -5 13 0t15 0t14 0" stroke="var(--jp-colors-card)" fill="none" />
    </>
  ),
  ball: dots([
    [18, 24, 8],
    [37, 24, 8],
    [28, 12, 8],
  ]),
  sausage: (
    <>
      <rect x="7" y="8" width="42" height="9" rx="4.5" />
      <rect x="7" y="20" width="42" height="9" rx="4.5" />
    </>
  ),
  patty: (
    <>
      <path d="M8 17v6q0 8 20 8t20 -8v-6z" />
      <ellipse cx="28" cy="17" rx="20" ry="8" />
    </>
  ),
  loaf: <path d="M8 31V16q0 -8 9 -8h22q9 0 9 8v15zM19 9v22M29 8v23M38 9v22" />,
  roast: <path d="M6 19q3 -13 22 -13t22 13t-22 12t-22 -12zM19 8q-4 11 0 22M30 7q-4 12 0 24M40 9q-3 10 0 19" />,
  cutlet: <path d="M8 22q-2 -12 12 -14q12 -2 18 5l11 -5q4 2 2 5l-9 8q-3 10 -17 10t-17 -9z" />,
  skewer: (
    <>
      <path d="M3 18h50" />
      <rect x="10" y="11" width="10" height="14" rx="2" />
      <rect x="23" y="11" width="10" height="14" rx="2" />
      <rect x="36" y="11" width="10" height="14" rx="2" />
    </>
  ),
  bits: (
    <>
      <path d="M5 16h46q-2 15 -23 15t-23 -15z" fill="var(--jp-colors-sunk)" />
      <rect x="13" y="10" width="8" height="8" rx="2" />
      <rect x="25" y="8" width="8" height="8" rx="2" />
      <rect x="36" y="11" width="8" height="7" rx="2" />
    </>
  ),
  "cold-slices": [0, 7, 14].map((d) => <ellipse key={d} cx={18 + d} cy={18} rx="11" ry="13" />),
  "stock-bones": <path d="M12 26a5 5 0 1 1 -3 -8l1 -1l22 -10a5 5 0 1 1 8 2a5 5 0 1 1 -4 7l-21 8a5 5 0 0 1 -3 2z" />,
};
