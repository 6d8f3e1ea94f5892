import fc from "fast-check";
import { Temporal } from "temporal-polyfill";
import { byIntl, byTemporal } from "./localTime";

const ZONES = ["Europe/Dublin", "America/St_Johns", "Asia/Kathmandu", "Australia/Lord_Howe", "Pacific/Apia", "UTC"];

test("the browser's calendar and its formats read the same clock, in both nights of a change too", () => {
  const years = fc.integer({ min: Date.parse("0100-01-01"), max: Date.parse("2150-01-01") });
  const change = Date.parse("2026-10-25T01:00:00Z");
  const nights = fc.integer({ min: change - 7_200_000, max: change + 7_200_000 });
  const byCalendar = byTemporal(Temporal);
  fc.assert(
    fc.property(fc.oneof(years, nights), fc.constantFrom(...ZONES), (at, zone) => {
      expect(byCalendar(at, zone)).toEqual(byIntl(at, zone));
    }),
    { numRuns: 300, seed: 7 },
  );
});
