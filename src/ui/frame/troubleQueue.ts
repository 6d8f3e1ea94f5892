/** Something that was done and is not stored: it stays on screen until the browser takes it. */
export interface Trouble {
  readonly id: number;
  /** What was done, in the words of its undo. */
  readonly what: string;
  readonly error: unknown;
  readonly again: () => Promise<void>;
}

const listeners = new Set<() => void>();

/** The store itself does not open: nothing is read, and nothing can be stored. */
let closed: unknown = null;
export const closedNow = (): unknown => closed;
export function tellClosed(error: unknown): void {
  closed = error ?? new Error("closed");
  for (const listener of listeners) listener();
}

let troubles: readonly Trouble[] = [];
let next = 1;
const set = (now: readonly Trouble[]) => {
  troubles = now;
  for (const listener of listeners) listener();
};
export const onTrouble = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
export const troublesNow = (): readonly Trouble[] => troubles;

/**
 * Writes, and is done once it is written. A write that fails is told, with what was done, and waits until it is tried again:
 * whoever waits for it never goes on as if it were stored.
 */
export async function stored(what: string, write: () => Promise<void>): Promise<void> {
  try {
    // What was done before goes first: an older edit that is tried again must not land on top of a newer one.
    if (troubles.length > 0) await tryAllAgain();
    const before = troubles[0];
    if (before !== undefined) throw before.error;
    await write();
  } catch (error) {
    await new Promise<void>((done) => {
      const id = next++;
      const again = async () => {
        try {
          await write();
        } catch (still) {
          set(troubles.map((t) => (t.id === id ? { ...t, error: still } : t)));
          return;
        }
        set(troubles.filter((t) => t.id !== id));
        done();
      };
      set([...troubles, { id, what, error, again }]);
    });
  }
}
/** Tries everything that is not stored once more, in the order in which it was done. */
export async function tryAllAgain(): Promise<void> {
  for (let first = troubles[0]; first !== undefined; first = troubles[0]) {
    await first.again();
    if (troubles[0]?.id === first.id) return;
  }
}
