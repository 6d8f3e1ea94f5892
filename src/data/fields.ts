/** A row of any table. */
export type Row = { readonly id: string };
/**
 * One field that differs, as plain data: where it is, what it was, what it is. An item of a list is named by its id
 * (`["dishes", "#pie", "servings"]`); a list whose items came, went or moved is one change as a whole. The empty path is
 * the row itself; null there is no row.
 */
export type FieldChange = readonly [path: readonly string[], from: unknown, to: unknown];

type Plain = Readonly<Record<string, unknown>>;
const isPlain = (value: unknown): value is Plain =>
  typeof value === "object" && value !== null && !Array.isArray(value);
const idsOf = (list: readonly unknown[]): readonly string[] | null =>
  list.every((item) => isPlain(item) && typeof item.id === "string") ? list.map((item) => (item as Row).id) : null;

/** What turns one row into the other. */
export function fieldChanges(before: Row | null, after: Row | null): FieldChange[] {
  if (before === null || after === null) return before === after ? [] : [[[], before, after]];
  return changesBetween(before, after, []);
}
function changesBetween(from: unknown, to: unknown, path: readonly string[]): FieldChange[] {
  if (Object.is(from, to)) return [];
  if (isPlain(from) && isPlain(to)) {
    const keys = new Set([...Object.keys(from), ...Object.keys(to)]);
    return [...keys].flatMap((key) => changesBetween(from[key], to[key], [...path, key]));
  }
  if (Array.isArray(from) && Array.isArray(to)) {
    const [idsFrom, idsTo] = [idsOf(from), idsOf(to)];
    if (idsFrom && idsTo && idsFrom.join("\n") === idsTo.join("\n"))
      return from.flatMap((item, i) => changesBetween(item, to[i], [...path, `#${idsTo[i]}`]));
    if (JSON.stringify(from) === JSON.stringify(to)) return [];
  }
  return [[path, from, to]];
}

/**
 * The row with these changes made, or taken back; fields beside them stay as they are by now.
 *
 * @returns null when the row is to go, and `row` itself where a change has nothing left to be made on
 */
export function withChanges(row: Row | null, changes: readonly FieldChange[], how: "made" | "taken back"): Row | null {
  return changes.reduce<Row | null>((at, [path, from, to]) => {
    const value = how === "made" ? to : from;
    if (path.length === 0) return value as Row | null;
    return at === null ? null : (withField(at, path, value) as Row);
  }, row);
}
function withField(at: unknown, [key, ...rest]: readonly string[], value: unknown): unknown {
  if (key === undefined) return value;
  if (Array.isArray(at))
    return at.map((item: unknown) =>
      isPlain(item) && `#${String(item.id)}` === key ? withField(item, rest, value) : item,
    );
  if (!isPlain(at)) return at;
  const next = withField(at[key], rest, value);
  if (next === undefined) return Object.fromEntries(Object.entries(at).filter(([name]) => name !== key));
  return { ...at, [key]: next };
}

/** Those of the changes whose fields still are as they were made (or taken back); the others have been changed again since. */
export function untouchedSince(
  row: Row | null,
  changes: readonly FieldChange[],
  how: "made" | "taken back" = "made",
): FieldChange[] {
  return changes.filter(([path, from, to]) =>
    same(path.length === 0 ? row : fieldAt(row, path), how === "made" ? to : from),
  );
}
function fieldAt(at: unknown, [key, ...rest]: readonly string[]): unknown {
  if (key === undefined) return at;
  if (Array.isArray(at)) {
    const item: unknown = at.find((one: unknown) => isPlain(one) && `#${String(one.id)}` === key);
    return fieldAt(item, rest);
  }
  return isPlain(at) ? fieldAt(at[key], rest) : undefined;
}
const same = (a: unknown, b: unknown): boolean =>
  Object.is(a, b) || (isPlainOrList(a) && isPlainOrList(b) && changesBetween(a, b, []).length === 0);
const isPlainOrList = (value: unknown): boolean => isPlain(value) || Array.isArray(value);
