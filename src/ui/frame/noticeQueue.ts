export interface Notice {
  readonly says: string;
  readonly tone?: "done" | "trouble";
  readonly action?: { readonly label: string; readonly run: () => void };
}

let waiting: readonly Notice[] = [];
let everSaid = false;
const listeners = new Set<() => void>();

/** Says what happened, with the way back where there is one. The toasts themselves come with the first notice. */
export function notify(notice: Notice): void {
  waiting = [...waiting, notice];
  everSaid = true;
  for (const listener of listeners) listener();
}
/** Takes the notices that were not shown yet. */
export function takeNotices(): readonly Notice[] {
  const taken = waiting;
  waiting = [];
  return taken;
}
export const onNotice = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
export const saidAnything = (): boolean => everSaid;
