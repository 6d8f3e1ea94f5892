import { NOTHING } from "../process/contents";
import { saltStanding } from "./standing";

const mix = (saltG: number) => ({ ...NOTHING, waterG: 1000 - saltG, saltG });

test("too salty says what would bring it down, too mild what would bring it up; right says neither", () => {
  // 18 g in a kilo of sauce, 1.1 % is usual: 18/0.011 − 1000 = 636 g without salt.
  expect(saltStanding(mix(18), 4, "sauce")).toMatchObject({ standing: "high", missingSaltG: 0, perEaterG: 4.5 });
  expect(saltStanding(mix(18), 4, "sauce").unsaltedG).toBeCloseTo(636.4, 1);
  // 5 g: (0.011 · 1000 − 5)/(1 − 0.011) = 6.07 g.
  expect(saltStanding(mix(5), 4, "sauce")).toMatchObject({ standing: "low", unsaltedG: 0 });
  expect(saltStanding(mix(5), 4, "sauce").missingSaltG).toBeCloseTo(6.067, 2);
  // The limits themselves are as usual: 0.9 and 1.3 %.
  for (const saltG of [9, 13])
    expect(saltStanding(mix(saltG), 4, "sauce")).toMatchObject({ standing: "right", unsaltedG: 0, missingSaltG: 0 });
  expect(saltStanding(mix(30), 0, null)).toMatchObject({ standing: "unmeasured", perEaterG: 30, unsaltedG: 0 });
});
