/** Pages of the house, as its bar names them. */
export const HOUSE_LINKS = [
  ["/", "Counter"],
  ["/notebook", "Notebook"],
  ["/kitchen", "Kitchen"],
] as const;
