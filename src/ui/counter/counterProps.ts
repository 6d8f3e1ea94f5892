import type { Dish, SupperId } from "@/core/dish/dish";
import type { Eater } from "@/core/household/people";
import type { SupperWishes } from "./StartSupper";

/** The one thing to do next, of all suppers. */
export interface NextThing {
  readonly when: string;
  readonly title: string;
  readonly says: string;
  readonly href: string;
  readonly does: string;
  readonly late: boolean;
}
export interface SupperLine {
  readonly id: string;
  readonly day: string;
  readonly at: string;
  readonly name: string;
  readonly dishes: string;
  /** null until they are worked out: their place is kept. */
  readonly remarks: readonly { readonly tone: "good" | "watch" | "harm" | "plain"; readonly says: string }[] | null;
  /** How many remarks will come at most, for their place. */
  readonly remarksAwaited: number;
  readonly start: string;
  readonly startSays: string;
  readonly href: string;
}
export interface ShelfLine {
  readonly dish: Dish;
  readonly says: string;
  readonly parts: readonly number[];
}
/** The order of work of the supper that comes first. */
export interface WorkList {
  readonly title: string;
  readonly href: string;
  readonly lines: readonly { readonly time: string; readonly title: string; readonly says: string }[];
}
/** What is still being worked out keeps its place, so that nothing jumps when it comes. */
export interface Awaited {
  /** The next thing to do. */
  readonly next: boolean;
  /** Lines of the order of work; 0 when none is awaited. */
  readonly workLines: number;
}
export interface CounterProps {
  readonly awaited: Awaited;
  /** A copy of everything is due; null as long as it is not. */
  readonly reminder: string | null;
  readonly onReminderAway: () => void;
  readonly next: NextThing | null;
  readonly work: WorkList | null;
  readonly suppers: readonly SupperLine[];
  /** Null until everything above it is painted. */
  readonly shelf: readonly ShelfLine[] | null;
  readonly eaters: readonly Eater[];
  readonly wishes: SupperWishes;
  readonly onStart: (dish: Dish, wishes: SupperWishes) => void;
  readonly onNewDish: () => void;
  readonly onRemoveSupper: (id: SupperId) => void;
  readonly onRemoveDish: (dish: Dish) => void;
  readonly onDuplicateDish: (dish: Dish) => void;
  readonly onRenameDish: (dish: Dish, name: string) => void;
  readonly onClear: () => void;
}
