import { DEMO_DISHES, DEMO_KITCHEN } from "@/demo/household";
import { food, part, step } from "@/demo/write";
import { dishOf, inputOf, supperOf } from "./__tests__/supper";
import type { Dish, Supper } from "./dish/dish";
import type { Kitchen } from "./household/kitchen";
import { oneBatchWays } from "./oneBatch";
import { plan } from "./plan";
import { broken } from "./schedule/__tests__/referee";
import { scheduleQuestion } from "./schedule/question";
import { schedule } from "./schedule/schedule";

const KITCHEN: Kitchen = { ...DEMO_KITCHEN, sleep: null, away: [] };
const SUNDAY = "2026-11-29T19:00:00.000Z";
const later = (days: number) => new Date(Date.parse(SUNDAY) + days * 86_400_000).toISOString();
const beans = (id: string, massG: number, last: Dish["parts"][number]["steps"]): Dish =>
  dishOf(
    [
      part("beans", "Chickpeas", null, 60, [
        step("soak", "soak", [food("chickpeas-dry", massG), food("water", massG * 4)], {
          waterC: 15,
          minutes: 600,
          chilled: true,
        }),
        step("drain", "drain", []),
        step("cook", "cook", [food("water", massG * 3)]),
        step("drain", "drained", []),
        ...last,
      ]),
    ],
    id,
  );
const STEW = beans("stew", 300, [step("simmer", "simmer", [food("passata", 400)], { minutes: 20 })]);
const SALAD = beans("salad", 240, [step("season", "dress", [food("olive-oil", 30), food("lemon-juice", 30)])]);
const first = supperOf([STEW], { id: "sun", name: "Sunday", serveAt: SUNDAY });
const second = supperOf([SALAD], { id: "tue", name: "Tuesday", serveAt: later(2) });
const ways = (supper: Supper, others: readonly Supper[], kitchen: Kitchen = KITCHEN) =>
  oneBatchWays(inputOf([], { supper, kitchen }), others);

test("chickpeas for Sunday and Tuesday, soaked and cooked once: the second supper begins minutes before dinner, not the night before", () => {
  const [way, ...others] = ways(second, [first]);
  expect(others).toEqual([]);
  expect(way?.batch).toMatchObject({ from: { step: "drained" }, where: "fridge", days: 2 });
  expect(way?.laterStartMin.before).toBeLessThan(-600);
  expect(way?.laterStartMin.after).toBeGreaterThan(-60);
  expect(way?.savesMin).toBeGreaterThan(0);
  // The first one has a fuller pot and a box to fill: a few minutes.
  expect(way?.firstStartMin.after).toBeLessThanOrEqual(way?.firstStartMin.before ?? 0);
  expect(way?.firstStartMin.after).toBeGreaterThan((way?.firstStartMin.before ?? 0) - 30);
  // What is told is so: both are planned and put on the clock whole, by the book of the clock.
  for (const supper of [way?.first as Supper, way?.later as Supper]) {
    const question = scheduleQuestion(plan(inputOf([], { supper, kitchen: KITCHEN })), KITCHEN, supper.serveAt);
    const found = schedule(question);
    expect(found.kind).toBe("fits");
    if (found.kind === "fits") expect(broken(question, found.starts, "hard")).toEqual([]);
  }
});
test("no batch of a supper that comes later, of one too long before, of other food, or where it saves nothing", () => {
  expect(ways(first, [second])).toEqual([]);
  expect(ways({ ...second, serveAt: later(4) }, [first])).toEqual([]);
  expect(ways(supperOf([DEMO_DISHES[0] as Dish], { serveAt: later(1) }), [first])).toEqual([]);
  // Mushrooms rinsed: two minutes less here, three for the box there.
  const rinsed = (id: string) =>
    dishOf(
      [
        part("m", "Mushrooms", null, 30, [
          step("rinse", "rinse", [food("button-mushrooms", 300)]),
          step("brown", "brown", [food("olive-oil", 20)]),
        ]),
      ],
      id,
    );
  expect(
    ways(supperOf([rinsed("b")], { id: "b", serveAt: later(1) }), [
      supperOf([rinsed("a")], { id: "a", serveAt: SUNDAY }),
    ]),
  ).toEqual([]);
});
test("not where the first supper has a pot for its own and none for both", () => {
  const pots = (diameterCm: number, heightCm: number): Kitchen => ({
    ...KITCHEN,
    pans: KITCHEN.pans.map((p) => (p.kind === "pot" ? { ...p, diameterCm, heightCm } : p)),
  });
  // 300 g of chickpeas and their water come to 1.5 L, with another 240 g to 2.7 L: too much for 2 L, no more than half of 5.4 L.
  expect(ways(second, [first], pots(18, 8))).toEqual([]);
  expect(ways(second, [first], pots(24, 12))).toHaveLength(1);
});
test("cooked rice, which keeps a day, is not made for two days on", () => {
  const rice = (id: string) =>
    dishOf(
      [
        part("rice", "Rice", null, 10, [
          step("cook", "cook", [food("rice-brown", 300), food("water", 900)]),
          step("season", "s", [food("olive-oil", 10)]),
        ]),
      ],
      id,
    );
  const at = (days: number) =>
    ways(supperOf([rice("b")], { id: "b", serveAt: later(days) }), [
      supperOf([rice("a")], { id: "a", serveAt: SUNDAY }),
    ]);
  expect(at(2)).toEqual([]);
  expect(at(1)).toHaveLength(1);
});
test("one that saves more comes first, three at the most", () => {
  const strips = (id: string) =>
    dishOf(
      [
        part("s", "Strips", null, 30, [
          step("soak", "soak", [food("soy-strips", 200), food("water", 1200)], { waterC: 90, minutes: 20 }),
          step("drain", "drain", []),
          step("squeeze", "squeeze", [], { how: "cloth", minutes: 2 }),
          step("marinate", "marinate", [food("tamari", 30), food("water", 60)], { minutes: 20 }),
          step("sear", "sear", [food("rapeseed-oil", 15)]),
        ]),
      ],
      id,
    );
  const suppers = [0, 1, 2, 3].map((i) =>
    supperOf([STEW, strips("c")], {
      id: `s${i}`,
      name: `S${i}`,
      serveAt: new Date(Date.parse(SUNDAY) + i * 3_600_000).toISOString(),
    }),
  );
  const found = ways({ ...second, dishes: [SALAD, strips("d")] }, suppers);
  expect(found).toHaveLength(3);
  const saved = found.map((w) => w.savesMin);
  expect(saved).toEqual(saved.toSorted((a, b) => b - a));
  expect(found[0]?.batch.into.dish).toBe("d");
});
