/** The package has no types of its own; only what the tests use. */
declare module "@lhncbc/ucum-lhc" {
  export const UcumLhcUtils: {
    getInstance(): { convertUnitTo(from: string, amount: number, to: string): { toVal: number | null } };
  };
}
