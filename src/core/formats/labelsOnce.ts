import { stricter } from "../foods/allergens";
import type { LabelSaying } from "../foods/labels";
import type { Label } from "./household";

/** The id under which a household keeps what a packet said. */
export const labelId = (label: LabelSaying): string =>
  `${label.food}.${"allergen" in label ? label.allergen : label.figure}`;
/**
 * One label for each food and allergen, under the id that says both: of two that differ the stricter word stands, of two figures
 * the later one. A label under any other id would let a second word stand beside the first.
 */
export function labelsOnce(labels: readonly Label[]): Label[] {
  const once = new Map<string, Label>();
  for (const label of labels) {
    const id = labelId(label);
    const before = once.get(id);
    const state =
      before !== undefined && "allergen" in before && "allergen" in label ? stricter(before.state, label.state) : null;
    once.set(id, { ...label, id, ...(state === null ? {} : { state }) } as Label);
  }
  return [...once.values()];
}
