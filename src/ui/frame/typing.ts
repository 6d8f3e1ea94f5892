/** What is typed and not stored yet, on this page: each field that holds such a text, and how it is stored. */
const fields = new Map<string, () => void>();
const listeners = new Set<() => void>();
const tell = () => {
  for (const listener of listeners) listener();
};

/** A field holds text that is not stored; `store` stores what of it can be stored as it stands. */
export function typed(field: string, store: () => void): void {
  const known = fields.has(field);
  fields.set(field, store);
  if (!known) tell();
}
/** Nothing of it is unstored any more. */
export function untyped(field: string): void {
  if (fields.delete(field)) tell();
}
export const onTyped = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
/** Whether some field holds text that is not stored. */
export const anyTyped = (): boolean => fields.size > 0;
/** Stores all of it, as when the page is hidden: nobody may come back to it. */
export function storeTyped(): void {
  for (const store of [...fields.values()]) store();
}

let stay: string | null = null;
/** The stay in a field that goes on: what is stored during it is one change, with one undo. */
export const stayNow = (): string | null => stay;
export const beginStay = (id: string): void => void (stay = id);
export function endStay(id: string): void {
  if (stay === id) stay = null;
}
