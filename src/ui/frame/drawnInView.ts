/**
 * What lies below the first screen is laid out and painted when it comes near: until then its place is kept, so high.
 *
 * @param height a CSS length, about what it takes on a phone
 */
export const drawnInView = (height: string) =>
  ({ contentVisibility: "auto", containIntrinsicSize: `auto ${height}` }) as const;
