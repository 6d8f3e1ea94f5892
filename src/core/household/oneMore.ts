import { type Burner, type Kitchen, netWatts } from "./kitchen";

/** Of what a kitchen may get one more for a day. */
export const ONE_MORE = ["hands", "burner", "oven"] as const;
/** One of these. */
export type OneMore = (typeof ONE_MORE)[number];

/** A burner to borrow for a kitchen that has none: a table-top one. */
const TABLE_TOP = { kind: "coil", watts: 1500 } as const;

/** The kitchen with a helper, another burner like its weakest, another oven. */
export function withOneMore(kitchen: Kitchen, of: OneMore): Kitchen {
  switch (of) {
    case "hands":
      return {
        ...kitchen,
        cooks: [...kitchen.cooks, { id: freeId(kitchen.cooks, "helper"), name: "Helper", hours: null }],
      };
    case "burner": {
      const [weakest = TABLE_TOP] = kitchen.burners.toSorted((a, b) => netWatts(a) - netWatts(b));
      const more: Burner = { ...weakest, id: freeId(kitchen.burners, "burner"), name: "Borrowed burner" };
      return { ...kitchen, burners: [...kitchen.burners, more] };
    }
    case "oven":
      return {
        ...kitchen,
        ovens: [...kitchen.ovens, { id: freeId(kitchen.ovens, "oven"), name: "Borrowed oven", shelves: 1 }],
      };
  }
}
function freeId(taken: readonly { readonly id: string }[], stem: string): string {
  for (let n = 1; ; n++) if (!taken.some((t) => t.id === `${stem}-${n}`)) return `${stem}-${n}`;
}
