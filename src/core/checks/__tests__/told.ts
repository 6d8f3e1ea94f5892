/** Four digits that count: what a last bit of a cosine moves is no change. */
export const figure = (x: number): string => (Math.abs(x) < 1e-9 ? "0" : String(Number(x.toPrecision(4))));
/** A value with its numbers told by four digits, however deep they lie. */
export const told = (value: unknown): unknown =>
  typeof value === "number"
    ? Number(figure(value))
    : Array.isArray(value)
      ? value.map(told)
      : value !== null && typeof value === "object"
        ? Object.fromEntries(Object.entries(value).map(([k, v]) => [k, told(v)]))
        : value;
