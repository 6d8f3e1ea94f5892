/** On a phone the list is the plan, and the lanes come second. */
export const ONE_COLUMN = { base: "contents", md: "flex" } as const;
export const SECOND = { base: 1, md: 0 } as const;
