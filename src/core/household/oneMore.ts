import { type Burner, type Kitchen, netWatts } from "./kitchen";

/** Of what a kitchen may get one more for a day. */
export const ONE_MORE = ["hands", "burner", "oven"] as const;
/** One of these. */
export type OneMore = (typeof ONE_MORE)[number];

/** What comes for a day is told by its name and its id, so that it can be given back. */
const CAME: Readonly<Record<OneMore, { readonly id: string; readonly name: string }>> = {
  hands: { id: "helper", name: "Helper" },
  burner: { id: "burner", name: "Borrowed burner" },
  oven: { id: "oven", name: "Borrowed oven" },
};
/** A burner to borrow for a kitchen that has none: a table-top one. */
const TABLE_TOP = { kind: "coil", watts: 1500 } as const;

/** The kitchen with a helper, another burner like its weakest, another oven. */
export function withOneMore(kitchen: Kitchen, of: OneMore): Kitchen {
  switch (of) {
    case "hands":
      return {
        ...kitchen,
        cooks: [...kitchen.cooks, { ...cameTo(kitchen.cooks, of), hours: null }],
      };
    case "burner": {
      const [weakest = TABLE_TOP] = kitchen.burners.toSorted((a, b) => netWatts(a) - netWatts(b));
      const more: Burner = { ...weakest, ...cameTo(kitchen.burners, of) };
      return { ...kitchen, burners: [...kitchen.burners, more] };
    }
    case "oven":
      return {
        ...kitchen,
        ovens: [...kitchen.ovens, { ...cameTo(kitchen.ovens, of), shelves: 1 }],
      };
  }
}
type Named = { readonly id: string; readonly name: string };
function cameTo(taken: readonly Named[], of: OneMore): Named {
  const { id: stem, name } = CAME[of];
  for (let n = 1; ; n++) if (!taken.some((t) => t.id === `${stem}-${n}`)) return { id: `${stem}-${n}`, name };
}
const came = (of: OneMore) => (thing: Named) =>
  thing.name === CAME[of].name && new RegExp(`^${CAME[of].id}-\\d+$`).test(thing.id);

/** What a kitchen has got for a day and still has: its cook is asked whether it is still there. */
export function borrowedIn({
  cooks,
  burners,
  ovens,
}: Pick<Kitchen, "cooks" | "burners" | "ovens">): readonly OneMore[] {
  const there = { hands: cooks, burner: burners, oven: ovens } satisfies Record<OneMore, readonly Named[]>;
  return ONE_MORE.flatMap((of) => (there[of] as readonly Named[]).filter(came(of)).map(() => of));
}
/** The kitchen without what came for a day. */
export const withoutBorrowed = (kitchen: Kitchen): Kitchen => ({
  ...kitchen,
  cooks: kitchen.cooks.filter((c) => !came("hands")(c)),
  burners: kitchen.burners.filter((b) => !came("burner")(b)),
  ovens: kitchen.ovens.filter((o) => !came("oven")(o)),
});
