import { food, joined, part, step } from "@/demo/write";
import { dishOf, inputOf } from "../__tests__/supper";
import type { Part } from "../dish/dish";
import { judge } from "../judge";
import { DEMO_KITCHEN } from "@/demo/household";
import { openBook } from "../foods/book";
import type { Food } from "../foods/food";
import { applyFix } from "../mend/applyFix";
import { fixesOf } from "../mend/fixes";
import { plan } from "../plan";
import type { Step } from "../process/registry";
import type { Caution } from "./rule";

/**
 * The middle of a piece has a temperature of its own: USDA FSIS and the FDA Food Code ask 165 °F (74 °C) of what holds raw egg or
 * meat and of what is reheated, the FDA warns of raw flour; plain tofu asks nothing, what is frozen is thawed or heated first.
 */
const stops = (
  parts: readonly Part[],
): { rules: readonly string[]; blocked: readonly string[]; cautions: readonly Caution[] } => {
  const input = inputOf([dishOf(parts)]);
  const planned = plan(input);
  const cautions = judge(input, planned, null).filter((c) => c.severity === "stop");
  const rows = planned.dishes.flatMap((d) => d.parts.flatMap((p) => p.rows));
  return {
    rules: cautions.map((c) => c.rule),
    blocked: rows.flatMap((r) => (r.state === "blocked" ? [r.failure.kind] : [])),
    cautions,
  };
};
const balls = (...more: readonly Step[]) =>
  part("balls", "Balls", null, 15, [
    step("weigh", "w", [food("chickpeas-cooked", 400), food("egg", 50), food("breadcrumbs", 40)]),
    step("pulse", "p", []),
    step("bind", "b", []),
    step("shape", "s", [], { form: "ball", pieceG: 45, diameterMm: 45 }),
    ...more,
  ]);
const frozen = (...more: readonly Step[]) =>
  part("block", "Block", null, 15, [
    step("weigh", "w", [food("tofu-firm", 400)]),
    step("freeze", "f", [], { minutes: 2880 }),
    ...more,
  ]);
const leftovers = (...more: readonly Step[]) =>
  part("rest", "Rest", null, 15, [
    step("cut", "c", [food("potato", 600)], { pieceMm: 30 }),
    step("boil", "b", [food("water", 1500)], { minutes: 20 }),
    step("store", "k", [], { days: 1 }),
    ...more,
  ]);
const tofu = (...more: readonly Step[]) =>
  part("tofu", "Tofu", null, 15, [step("cut", "c", [food("tofu-firm", 400)], { pieceMm: 20 }), ...more]);

/** Too short for any middle. */
const SHORT: readonly (readonly [string, () => Step])[] = [
  ["sear", () => step("sear", "h", [food("rapeseed-oil", 20)], { browningMin: 1 })],
  ["fry, browned only", () => step("fry", "h", [food("rapeseed-oil", 20)], { coreC: null })],
  ["griddle, browned only", () => step("griddle", "h", [food("rapeseed-oil", 10)], { coreC: null })],
  ["deep-fry, one minute", () => step("deep-fry", "h", [food("sunflower-oil", 900)], { minutes: 1 })],
  ["bake, six minutes", () => step("bake", "h", [], { minutes: 6, coreC: null, ovenC: 200 })],
  ["air-fry, four minutes", () => step("air-fry", "h", [], { minutes: 4, coreC: null })],
  ["simmer, one minute", () => step("simmer", "h", [food("passata", 400)], { minutes: 1 })],
  ["steam, one minute", () => step("steam", "h", [], { minutes: 1 })],
  ["reheat, two minutes", () => step("reheat", "h", [], { minutes: 2 })],
];
const harms = (rules: readonly string[]) => rules.some((r) => ["raw-inside", "core", "core-short"].includes(r));

describe.each(SHORT)("%s", (name, heat) => {
  test("balls with raw egg stop", () => {
    const { rules, blocked } = stops([balls(heat())]);
    expect([name, blocked, harms(rules)]).toEqual([name, [], true]);
  });
  test("what is frozen stays blocked", () => expect(stops([frozen(heat())]).blocked).toEqual(["still-frozen"]));
  test("cold leftovers that are only warmed stop", () => {
    const { rules, blocked } = stops([leftovers(heat())]);
    // A minute that leaves them cold is none of warming.
    expect([name, blocked]).toEqual([name, []]);
    if (!/sear|steam/.test(name)) expect([name, harms(rules)]).toEqual([name, true]);
  });
  test("plain tofu asks nothing", () => {
    if (/reheat/.test(name)) return;
    expect([name, harms(stops([tofu(heat())]).rules)]).toEqual([name, false]);
  });
});

describe("long enough", () => {
  test.each<[string, Step[]]>([
    ["fried to the middle", [step("fry", "h", [food("rapeseed-oil", 20)], { coreC: 74 })]],
    ["baked to the middle", [step("bake", "h", [], { minutes: null, coreC: 75, ovenC: 200 })]],
    [
      "seared, then simmered for a quarter of an hour",
      [
        step("sear", "h", [food("rapeseed-oil", 20)], { browningMin: 2 }),
        step("simmer", "x", [food("passata", 600)], { minutes: 15 }),
      ],
    ],
    ["deep-fried for a quarter of an hour", [step("deep-fry", "h", [food("sunflower-oil", 900)], { minutes: 16 })]],
  ])("balls with egg are safe when %s", (_name, steps) => {
    const { rules, blocked } = stops([balls(...steps)]);
    expect([blocked, harms(rules)]).toEqual([[], false]);
  });
  test("leftovers reheated right through are safe, and so are those eaten cold", () => {
    expect(harms(stops([leftovers(step("reheat", "h", [], { minutes: 60 }))]).rules)).toBe(false);
    expect(harms(stops([leftovers(step("season", "h", [food("olive-oil", 20)]))]).rules)).toBe(false);
  });
});

describe("pieces stay pieces in the sauce of another part", () => {
  const inSauce = (minutes: number) => [
    balls(step("sear", "h", [food("rapeseed-oil", 20)], { browningMin: 2 })),
    part("sauce", "Sauce", null, 15, [
      step("simmer", "hot", [food("passata", 900)], { minutes: 10 }),
      step("simmer", "together", [joined("balls")], { minutes }),
    ]),
  ];
  test("seared, then two minutes in the sauce: the pot is hot and the middle is not", () => {
    const { rules, cautions } = stops(inSauce(2));
    expect(rules).toContain("raw-inside");
    const told = cautions.find((c) => c.rule === "raw-inside");
    expect(told?.rule === "raw-inside" && [told.facts.what, told.facts.middleC < 74]).toEqual(["raw-egg", true]);
  });
  test("twenty minutes heat them through", () => expect(stops(inSauce(20)).rules).not.toContain("raw-inside"));
  test("mashed into it, the egg is in all of it, and the pot's heat counts", () => {
    const mashed = (minutes: number) => [
      balls(),
      part("sauce", "Sauce", null, 15, [
        step("weigh", "in", [joined("balls"), food("passata", 300)]),
        step("mash", "m", []),
        step("simmer", "hot", [], { minutes }),
      ]),
    ];
    expect(stops(mashed(5)).rules).not.toContain("raw-inside");
  });
  test("flour mixed into a piece counts, flour that coats it does not", () => {
    const patties = (mix: readonly Step[], last: Step) => [
      part("p", "P", null, 15, [
        step("weigh", "w", [food("chickpeas-cooked", 400)]),
        step("pulse", "x", []),
        ...mix,
        step("shape", "s", [], { form: "patty", pieceG: 90, diameterMm: 85 }),
        last,
      ]),
    ];
    const browned = step("fry", "h", [food("rapeseed-oil", 20)], { coreC: null });
    expect(stops(patties([step("bind", "b", [food("wheat-flour", 40)])], browned)).rules).toContain("raw-inside");
    expect(stops(patties([], browned)).rules).not.toContain("raw-inside");
  });
});
test("a pot of soup is as hot as its liquid, whatever the middle of a piece: the blender's lid is told of", () => {
  const soup = inputOf([
    dishOf([
      part("soup", "Soup", null, 15, [
        step("cut", "c", [food("butternut", 800)], { pieceMm: 60 }),
        step("simmer", "s", [food("water", 800)], { minutes: 8 }),
        step("pulse", "p", [], { to: "smooth" }),
      ]),
    ]),
  ]);
  expect(judge(soup, plan(soup), null).map((c) => c.rule)).toContain("hot-blender");
});
test("an own food that is like egg brings raw egg", () => {
  const egg = openBook({ foods: [], labels: [] }).food("egg");
  const mine = { ...egg, id: "own-1", name: "Hens' eggs of mine", like: "egg" } as Food;
  const dish = dishOf([
    part("balls", "Balls", null, 15, [
      step("weigh", "w", [food("chickpeas-cooked", 400), food("own-1", 50)]),
      step("bind", "b", []),
      step("shape", "s", [], { form: "ball", pieceG: 45, diameterMm: 45 }),
      step("sear", "h", [food("rapeseed-oil", 20)], { browningMin: 1 }),
    ]),
  ]);
  const rulesOf = (foods: readonly Food[]) => {
    const input = inputOf([dish], { foods });
    return judge(input, plan(input), null).map((c) => c.rule);
  };
  expect(rulesOf([mine])).toContain("raw-inside");
  expect(rulesOf([{ ...mine, like: null }])).not.toContain("raw-inside");
});
test("cut pieces of another part keep their middle in a hot sauce", () => {
  const inSauce = (minutes: number) => [
    part("meat", "Meat", null, 15, [step("cut", "c", [food("chicken-breast", 500)], { pieceMm: 30 })]),
    part("sauce", "Sauce", null, 15, [
      step("simmer", "hot", [food("passata", 1500)], { minutes: 10 }),
      step("simmer", "together", [joined("meat")], { minutes }),
    ]),
  ];
  expect(stops(inSauce(1)).rules).toContain("raw-inside");
  expect(stops(inSauce(20)).rules).not.toContain("raw-inside");
});
test("one press gives a sauce the minutes that its pieces need, or a pan its middle", () => {
  const rowsOf = (parts: readonly Part[], id: string, at: string) => {
    const input = inputOf([dishOf(parts)]);
    const planned = plan(input);
    const rows = planned.dishes[0]?.parts.find((p) => p.id === id)?.rows ?? [];
    const index = rows.findIndex((r) => r.step.id === at);
    const cautions = judge(input, planned, null).filter((c) => c.step === rows[index]?.key);
    return fixesOf(rows, index, { advice: null, cautions, kitchen: DEMO_KITCHEN });
  };
  const sauce = (minutes: number) => [
    balls(step("sear", "h", [food("rapeseed-oil", 20)], { browningMin: 2 })),
    part("sauce", "Sauce", null, 15, [
      step("simmer", "hot", [food("passata", 900)], { minutes: 10 }),
      step("simmer", "together", [joined("balls")], { minutes }),
    ]),
  ];
  const [longer] = rowsOf(sauce(2), "sauce", "together");
  expect(longer?.kind).toBe("minutes");
  if (longer?.kind === "minutes") expect(stops(sauce(longer.minutes)).rules).not.toContain("raw-inside");
  const fried = balls(step("fry", "h", [food("rapeseed-oil", 20)], { coreC: null }));
  const [hotter] = rowsOf([fried], "balls", "h");
  expect(hotter).toEqual({ kind: "heat", key: "coreC", tempC: 75 });
  const mended = hotter && applyFix(dishOf([fried]), "h", hotter, 1);
  expect(harms(stops(mended?.parts ?? []).rules)).toBe(false);
});
