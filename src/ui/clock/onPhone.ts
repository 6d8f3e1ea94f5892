/** On a phone the list is the plan, its settings and offers come second, and the lanes last. */
export const ONE_COLUMN = { base: "contents", md: "flex" } as const;
export const SECOND = { base: 1, md: 0 } as const;
export const LAST = { base: 2, md: 0 } as const;
