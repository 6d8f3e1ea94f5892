import { packPrice, packsFor } from "./brings";
import { readFileSync } from "node:fs";
import { join } from "node:path";
import fc from "fast-check";
import Papa from "papaparse";
import { DEMO_KITCHEN } from "@/demo/household";
import { BITE } from "../bite/shifts";
import { SETTINGS } from "../bite/targets";
import { foodsOf } from "../dish/dish";
import { MEAT_FORMS, MEAT_KINDS, type MeatForm, type MeatKind } from "../dish/meat";
import type { Allergen } from "../foods/allergens";
import { openBook } from "../foods/book";
import { FOODS } from "../foods/table";
import type { Eater } from "../household/people";
import { plan } from "../plan";
import { newMemory } from "../quantities/memory";
import { SERVE } from "../schedule/task";
import { type Answer, answersTo, type Ask, type Table } from "./answer";
import { cardsOf } from "./card";
import { longestChain } from "../schedule/longest";
import { BULK_G_PER_ML, bulkOf, leaving, MEATS, meatOf, RAW_A_HEAD_G, rawFromCookedG } from "./meats";
import { narrowing } from "./narrow";
import { ROUTES } from "./routeTable";
import { startsOf } from "./starts";
import { many, seedOf } from "../__tests__/proof";

const csv = <T>(name: string): readonly T[] =>
  Papa.parse<T>(readFileSync(join(__dirname, "../checks", name), "utf8").trim(), { header: true }).data;
const ask = (form: MeatForm, more: Partial<Ask> = {}): Ask => ({
  form,
  kind: KIND_OF[form] ?? "beef",
  words: "500 g of it",
  rawG: 500,
  setting: "dry",
  availableMin: null,
  mostHandsMin: null,
  honestOnly: false,
  protein: "plate",
  bringsFat: false,
  ...more,
});
const KIND_OF: Readonly<Partial<Record<MeatForm, MeatKind>>> = {
  fillet: "white-fish",
  battered: "white-fish",
  rasher: "pork",
  sausage: "pork",
  pulled: "pork",
  cutlet: "pork",
  "cold-slices": "pork",
};
const table = (eaters: readonly Eater[] = [], more: Partial<Table> = {}): Table => ({
  supper: {
    id: "s",
    name: "S",
    serveAt: "2026-11-29T19:00:00.000Z",
    eaters: eaters.map((e) => e.id),
    guests: 4 - eaters.length,
    atHand: [],
    afterMin: {},
    pins: {},
    roomMin: 0,
    madeWith: {},
  },
  kitchen: DEMO_KITCHEN,
  eaters,
  foods: [],
  labels: [],
  ...more,
});
const who = (avoids: readonly Allergen[], more: Partial<Eater> = {}): Eater => ({
  id: "ada",
  name: "Ada",
  avoids,
  diets: [],
  dislikes: [],
  age: null,
  ...more,
});
const memory = newMemory();
const answers = (a: Ask, t: Table = table()) => answersTo(a, t, new Map(), memory).answers;
const isIn = (a: Answer) => a.out.length === 0;

describe("what lies ready, and what is put in again", () => {
  const one = (id: string, a: Ask, t: Table = table()) => answers(a, t).find((x) => x.route.id === id) as Answer;
  const lying = (food: string, state: "frozen" | "thawed" | "cooked" | "soaked"): Table => {
    const t = table();
    return { ...t, supper: { ...t.supper, atHand: [{ food, state }] } };
  };
  test("a block in the freezer leaves the thaw, one that is thawed leaves neither; grams stay as they were", () => {
    const [fresh, frozen, thawed] = [table(), lying("tofu-firm", "frozen"), lying("tofu-firm", "thawed")].map((t) =>
      one("tofu-frozen-seared", ask("strips"), t),
    ) as [Answer, Answer, Answer];
    expect(fresh.couldLie).toEqual(["frozen", "thawed"]);
    // Freezing a block takes the best part of a day, thawing in the fridge another.
    expect(frozen.leadMin).toBeLessThan(fresh.leadMin - 300);
    expect(thawed.leadMin).toBeLessThan(frozen.leadMin - 300);
    expect(thawed.leadMin).toBeLessThan(150);
    expect(frozen.mainG).toBe(fresh.mainG);
    expect(frozen.out).toEqual([]);
    const kinds = (a: Answer) => a.plan.tasks.map((t) => t.step);
    expect(kinds(thawed).some((k) => k.includes("freeze") || k.includes("thaw"))).toBe(false);
    // With dinner in three hours only the thawed one is in.
    const soon = (t: Table) =>
      one("tofu-frozen-seared", ask("strips", { availableMin: 180 }), t).out.map((o) => o.kind);
    expect(soon(lying("tofu-firm", "frozen"))).toEqual(["time"]);
    expect(soon(lying("tofu-firm", "thawed"))).toEqual([]);
  });
  test("lentils that are cooked already shorten the patty; another food that lies ready does not", () => {
    const fresh = one("lentils-bound", ask("patty"));
    expect(fresh.couldLie).toContain("cooked");
    expect(one("lentils-bound", ask("patty"), lying("green-lentils", "cooked")).leadMin).toBeLessThan(
      fresh.leadMin - 10,
    );
    expect(one("lentils-bound", ask("patty"), lying("tofu-firm", "thawed")).leadMin).toBe(fresh.leadMin);
  });
  test("more of it brings the protein of the meat, as the card says beforehand", () => {
    const as = one("tofu-seared", ask("strips"));
    const more = one("tofu-seared", ask("strips", { protein: "more" }));
    const heads = 4;
    expect(more.mainG).toBe(as.forProteinG);
    expect(more.proteinG * heads).toBeCloseTo(answersTo(ask("strips"), table()).leaving.proteinG, -1);
    // A mushroom never brings it, and says so by null; it stays as it is.
    const king = one("king-shredded", ask("strips", { protein: "more" }));
    expect(king.forProteinG).toBeNull();
    expect(king.mainG).toBe(one("king-shredded", ask("strips")).mainG);
  });
  test.each([
    ["side", "dry", "beans-1"],
    ["sauce", "sauce", "sauce-1"],
    ["sauce", "dry", "beans-1"],
  ] as const)("beans (%s) in a dish that is %s stand in %s and close the gap", (protein, setting, part) => {
    const a = one("pea-strips-seared", ask("strips", { protein, setting }));
    const left = answersTo(ask("strips", { setting }), table()).leaving;
    expect(a.plan.blocked).toBe(0);
    expect(a.extra.beansG).toBeGreaterThan(20);
    const lines = a.dish.parts.find((p) => p.id === part)?.steps.flatMap((s) => s.adds) ?? [];
    expect(lines).toContainEqual({ kind: "food", food: "white-beans-tinned", massG: Math.round(a.extra.beansG) });
    expect(a.proteinG * 4).toBeCloseTo(left.proteinG, -1);
  });
  test("where beans alone would have to do it, there are no more of them than a side can be", () => {
    const a = one("king-shredded", ask("strips", { protein: "side" }));
    expect(a.extra.beansG).toBe(600);
    expect(a.proteinG).toBeGreaterThan(one("king-shredded", ask("strips")).proteinG + 5);
  });
  test("the fat that left is put in as far as it is not there already", () => {
    const left = answersTo(ask("mince", { setting: "sauce" }), table()).leaving;
    const lean = one("soy-granules-browned", ask("mince", { setting: "sauce" }));
    const fat = one("soy-granules-browned", ask("mince", { setting: "sauce", bringsFat: true }));
    expect(left.fatG - lean.oilG).toBeGreaterThan(20);
    expect(fat.extra.fatG).toBeCloseTo(left.fatG - lean.oilG, 0);
    expect(fat.oilG).toBeCloseTo(left.fatG, -1);
    const lean2 = one("oyster-fried", ask("battered", { bringsFat: true, kind: "white-fish" }));
    expect(lean2.extra.fatG).toBe(0);
  });
  test("under a crust everything goes into one dish in the oven and comes out hot", () => {
    const a = one("soy-granules-browned", ask("mince", { setting: "crust" }));
    expect(a.dish.parts.map((p) => p.name)).toEqual(["Soy granules", "Crust", "Under the crust"]);
    const last = a.plan.dishes[0]?.parts.at(-1);
    expect(last?.served).toBe(true);
    expect(a.plan.dishes[0]?.parts.filter((p) => p.served)).toHaveLength(1);
    const baked = last?.rows.at(-1);
    expect(baked?.state === "computed" && baked.outcome.after.batch.tempC).toBeGreaterThanOrEqual(73);
  });
  test("whole packs: those with the least left over, drained where they lie in liquid", () => {
    const pack = (name: string, netG: number, drainedG: number | null = null) => ({ name, netG, drainedG });
    expect(packsFor({ packs: [] }, 300)).toBeNull();
    expect(packsFor({ packs: [pack("tin", 400, 240)] }, 480)).toMatchObject({ count: 2, leftG: 0 });
    expect(packsFor({ packs: [pack("tin", 400, 240), pack("big tin", 800, 480)] }, 480)).toMatchObject({
      count: 1,
      pack: { name: "big tin" },
    });
    expect(packsFor({ packs: [pack("big", 500), pack("small", 200)] }, 250)).toMatchObject({ count: 2, leftG: 150 });
    expect(packsFor({ packs: [pack("block", 400)] }, 401)).toMatchObject({ count: 2, leftG: 399 });
    expect(packPrice(undefined, pack("block", 400))).toBeNull();
    expect(packPrice({ price: 2, packG: 200 }, pack("block", 400))).toBe(4);
  });
});

describe("the tables", () => {
  const NAMES: Readonly<Record<string, string>> = {
    "soy strips, hydrated, seared": "soy-strips-seared",
    "soy strips, minced and browned": "soy-strips-minced",
    "soy strips, simmered in sauce": "soy-strips-simmered",
    "soy granules, browned": "soy-granules-browned",
    "soy granules, bound patty or ball": "soy-granules-bound",
    "soy mince (strips) bound": "soy-mince-bound",
    "soy chunks, squeezed, seared": "soy-chunks-seared",
    "young jackfruit, simmered, shredded": "jackfruit-simmered",
    "young jackfruit, roasted": "jackfruit-roasted",
    "banana blossom, plain": "blossom-plain",
    "banana blossom, battered": "blossom-battered",
    "banana peel, seared strips": "peel-strips",
    "tofu, pressed, pan-seared": "tofu-seared",
    "tofu, frozen-thawed, squeezed, seared": "tofu-frozen-seared",
    "tofu, frozen-thawed, crumbled": "tofu-frozen-crumbled",
    "tofu, shaved, crisped": "tofu-shaved",
    "tofu, torn, baked": "tofu-torn-baked",
    "tofu, silken, poached slab": "silken-poached",
    "tofu, layered with nori, pan-fried": "tofu-nori",
    "tofu and gluten log, steamed": "tofu-gluten-log",
    "tofu and gluten log, steamed then browned": "tofu-gluten-log-browned",
    "seitan, simmered joint, sliced": "seitan-simmered",
    "seitan, baked in foil, sliced": "seitan-baked",
    "seitan, pulled (knotted dough)": "seitan-pulled",
    "seitan, crumbed and fried": "seitan-crumbed",
    "tempeh, steamed, seared": "tempeh-seared",
    "tempeh, crumbled, browned": "tempeh-crumbled",
    "tempeh, thin slices, fried": "tempeh-rashers",
    "king oyster, shredded, roasted": "king-shredded",
    "king oyster, pressed and seared steak": "king-steak",
    "king oyster, thin, crisped": "king-rashers",
    "oyster mushroom cluster, floured, fried": "oyster-fried",
    "mushroom mince, browned": "mushroom-mince",
    "aubergine, roasted strips": "aubergine-strips",
    "aubergine, thin, crisped": "aubergine-rashers",
    "hearts of palm, flaked": "palm-flaked",
    "green lentil mash, bound": "lentils-bound",
    "lentil and walnut loaf": "lentil-walnut-loaf",
    "chickpeas, mashed, flaked": "chickpeas-flaked",
    "walnut and mushroom, ground, browned": "walnut-mushroom",
  };
  const rows = csv<Record<string, string>>("bite-routes.csv");
  test.each(rows.map((row) => [row.route as string, row] as const))(
    "%s has the bite of the corrected table",
    (name, row) => {
      const route = ROUTES.find((r) => r.id === NAMES[name]);
      expect(route?.from).toBe("table");
      expect(route?.bite).toEqual(BITE.map((a) => Number(row[a])));
    },
  );
  test("48 routes over 26 foods at the least, each food on the table, each id once", () => {
    expect(ROUTES.length).toBeGreaterThanOrEqual(48);
    expect(new Set(ROUTES.map((r) => r.food)).size).toBeGreaterThanOrEqual(26);
    expect(new Set(ROUTES.map((r) => r.id)).size).toBe(ROUTES.length);
    const known = new Set([...FOODS.map((f) => f.id), "@batter"]);
    for (const r of ROUTES)
      for (const s of [...r.steps, ...(r.second?.steps ?? [])])
        for (const [food] of s.adds) expect([r.id, food, known.has(food)]).toEqual([r.id, food, true]);
  });
  // USDA SR Legacy and Agriculture Handbook 102, from memory: the rows are named in the table beside.
  test("meats raw and cooked stand as the table has them", () => {
    const figures = Object.values(MEATS).map((m) => [...m.raw, ...m.cooked, m.yields[1]].join(" "));
    for (const r of csv<Record<string, string>>("meats.csv"))
      expect(figures).toContain(
        [
          r.raw_protein_g,
          r.raw_fat_g,
          r.raw_sodium_mg,
          r.cooked_protein_g,
          r.cooked_fat_g,
          r.cooked_sodium_mg,
          r.cooked_per_raw_mass,
        ]
          .map(Number)
          .join(" "),
      );
    expect(Object.keys(MEATS)).toHaveLength(csv("meats.csv").length);
  });
});

describe("what leaves with the meat", () => {
  test("500 g beef strips, by hand: 0.75 stay, 107.5 g protein at the most, salt of 275 mg sodium at the most", () => {
    const gone = leaving("strips", "beef", 500, "dry");
    expect(gone.cookedG).toEqual({ low: 360, likely: 375, high: 400 });
    // 29 % of 375 g would be 108.75: more than the 107.5 g that went in.
    expect(gone.proteinG).toBeCloseTo(107.5, 6);
    expect(gone.fatG).toBeCloseTo(0.085 * 375, 6);
    expect(gone.saltG).toBeCloseTo((63 * 3.75) / 1000 / 0.3934, 3);
    // What the pan got is water but for the fat that ran off: 500 − 375 − (35 − 31.9).
    expect(gone.waterG).toBeCloseTo(125 - (35 - 31.875), 6);
  });
  test("in a sauce all of its fat comes to the plate", () => {
    expect(leaving("strips", "beef", 500, "sauce").fatG).toBeCloseTo(35, 6);
    expect(leaving("strips", "beef", 500, "crust").fatG).toBeCloseTo(35, 6);
  });
  test("cooked is turned back into raw; a head is 150 g", () => {
    expect(rawFromCookedG("strips", "beef", 375)).toBeCloseTo(500, 6);
    expect(RAW_A_HEAD_G).toBe(150);
    for (const form of MEAT_FORMS) for (const kind of MEAT_KINDS) expect(MEATS[meatOf(form, kind)]).toBeDefined();
  });
});

describe.each(MEAT_FORMS)("routes for %s", (form) => {
  const asked = ask(form);
  const found = answersTo(asked, table(), new Map(), memory);
  test("each can be planned, its mixes hold, and it comes to the meat's place on the plate", () => {
    expect(found.answers.length).toBeGreaterThanOrEqual(2);
    for (const a of found.answers) {
      expect([a.route.id, a.out, a.plan.blocked]).toEqual([a.route.id, [], 0]);
      const main = a.plan.dishes[0]?.parts.find((p) => p.id === "main");
      const zones = main?.rows.flatMap((r) =>
        r.state === "computed" ? r.outcome.facts.flatMap((f) => (f.kind === "binding" ? [f.state.zone] : [])) : [],
      );
      // What counts is how it is when it is shaped or cooked; a mix may be soft before its rest is over.
      if (zones && zones.length > 0)
        expect([a.route.id, ["holds", "soft", "dry edge"].includes(zones.at(-1) as string)]).toEqual([
          a.route.id,
          true,
        ]);
      if (form === "stock-bones") continue;
      const there = bulkOf(form);
      const here = a.route.bulk === "mince" && there === "strips" ? "mince" : there;
      const wantedG = (found.leaving.cookedG.likely * BULK_G_PER_ML[here]) / BULK_G_PER_ML[there];
      expect([a.route.id, Math.abs((main?.endG ?? 0) / wantedG - 1) < 0.04]).toEqual([a.route.id, true]);
    }
  });
  test.each(SETTINGS)("none is stopped by a rule, %s", (setting) => {
    for (const a of answers(ask(form, { setting })))
      expect([a.route.id, a.cautions.filter((c) => c.severity === "stop").map((c) => c.rule)]).toEqual([
        a.route.id,
        [],
      ]);
  });
  test("ranked by bite, ties by name; every figure is the plan's own", () => {
    const distances = found.answers.map((a) => a.distance);
    expect(distances).toEqual([...distances].sort((x, y) => x - y));
    for (const a of found.answers) {
      const again = plan({ ...table(), supper: { ...table().supper, dishes: [a.dish] }, log: [] });
      expect(a.proteinG).toBe(again.perEater.proteinG);
      expect(a.saltG).toBe(again.perEater.saltG);
      expect(a.handsMin).toBe(again.tasks.reduce((m, t) => (t.kind === "hands" ? m + t.minutes : m), 0));
      expect(a.leadMin).toBe(longestChain(again.tasks, again.lags).minutes);
      expect(a.dish.parts[0]?.route).toEqual({ id: a.route.id, form, kind: asked.kind });
      expect(a.dish.replaces).toMatchObject({ words: "500 g of it", rawG: 500, form });
    }
  });
  test.each([
    ["soy", ["soy"]],
    ["gluten", ["gluten", "wheat"]],
    ["soy and gluten", ["soy", "gluten", "wheat"]],
    ["nuts", ["nuts"]],
  ] as const)("two at the least without %s", (_name, avoids) => {
    const left = answers(asked, table([who(avoids)])).filter(isIn);
    const book = openBook({ foods: [], labels: [] });
    expect(left.length).toBeGreaterThanOrEqual(2);
    // Nothing that is excluded ever appears; what only a label can tell is asked.
    for (const a of left)
      for (const food of foodsOf(a.dish))
        for (const allergen of avoids)
          expect([a.route.id, food, allergen, book.food(food)?.allergens[allergen]]).not.toEqual([
            a.route.id,
            food,
            allergen,
            "contains",
          ]);
  });
});

describe("who and when", () => {
  test("a small change makes it fit and says what moved; the food itself is not exchanged", () => {
    const battered = answers(ask("battered"), table([who(["gluten"])]));
    expect(battered.find((a) => a.route.id === "palm-battered")).toMatchObject({
      out: [],
      moved: [{ from: "wheat-flour", to: ["rice-flour"] }],
    });
    const strips = answers(ask("strips"), table([who(["gluten"])]));
    expect(strips.find((a) => a.route.id === "seitan-pulled")?.out).toMatchObject([
      { kind: "contains", allergen: "gluten", food: "gluten", eater: "ada" },
    ]);
    expect(answers(ask("battered")).every((a) => a.moved.length === 0)).toBe(true);
  });
  test("an ask keeps its rank, marked; what is out stands last with its reason", () => {
    const found = answers(ask("strips"), table([who(["gluten"])]));
    expect(found.find((a) => a.route.id === "soy-strips-seared")?.asks[0]).toMatchObject({ allergen: "gluten" });
    const firstOut = found.findIndex((a) => !isIn(a));
    expect(found.slice(firstOut).every((a) => !isIn(a))).toBe(true);
    expect(found.slice(0, firstOut).map((a) => a.distance)).toEqual(
      found
        .slice(0, firstOut)
        .map((a) => a.distance)
        .sort((x, y) => x - y),
    );
  });
  test("what nobody was asked about is listed: what it holds, and what labels decide", () => {
    const strips = answers(ask("strips")).find((a) => a.route.id === "soy-strips-seared");
    expect(strips?.contains).toEqual(["soy"]);
    expect(strips?.mayHold).toContain("gluten");
  });
  test.each<[string, object, string]>([
    ["no-added-salt", { diets: ["no-added-salt"] }, "salt"],
    ["low-salt", { diets: ["low-salt"] }, "salt"],
    ["no-added-oil", { diets: ["no-added-oil"] }, "oil"],
  ])("routes adapt to %s as they do to allergens, in every setting; what cannot says which food", (_diet, more) => {
    for (const setting of ["dry", "sauce", "crust", "glazed"] as const) {
      const { answers } = answersTo({ ...ask("mince"), setting }, table([who([], more)]));
      const fits = answers.filter((a) => a.out.every((o) => o.kind !== "diet"));
      expect([setting, fits.length >= answers.length - 2]).toEqual([setting, true]);
      for (const a of answers) for (const o of a.out) if (o.kind === "diet") expect(o.food).not.toBeNull();
    }
  });
  test("whoever avoids soy gets a crust without it: what stands around a route is exchanged too", () => {
    const { answers } = answersTo({ ...ask("strips"), setting: "crust" }, table([who(["soy"])]));
    const fits = answers.filter((a) => a.out.length === 0);
    expect(fits.length).toBeGreaterThan(3);
    for (const a of fits) expect([a.route.id, a.contains.includes("soy")]).toEqual([a.route.id, false]);
    // Whoever avoids gluten as well gets no oats for it.
    const both = answersTo({ ...ask("strips"), setting: "crust" }, table([who(["soy", "gluten"])])).answers;
    for (const a of both.filter((b) => b.out.length === 0)) expect(a.contains).not.toContain("gluten");
    expect(both.some((a) => a.out.length === 0)).toBe(true);
  });
  test("bones for a stock bring what the stock draws out, not the protein of meat", () => {
    const bones = answersTo({ ...ask("stock-bones"), rawG: 1000 }, table()).leaving;
    // 2.5 g in 100 g of home-made stock (USDA SR, from memory), two litres of a kilo of bones.
    expect(bones.proteinG).toBeGreaterThan(25);
    expect(bones.proteinG).toBeLessThan(70);
  });
  test("without a freezer a route that freezes is out, and says so", () => {
    const none = table([], { kitchen: { ...DEMO_KITCHEN, freezerL: 0 } });
    const frozen = answersTo(ask("strips"), none).answers.find((a) => a.route.id === "tofu-frozen-seared");
    expect(frozen?.out).toContainEqual({ kind: "cannot", failure: { kind: "no-freezer" } });
  });
  test("too little time, too much handwork, a disliked food, a diet, no gear, no vegetable of its own", () => {
    const reason = (id: string, a: Ask, t: Table = table()) =>
      answers(a, t)
        .find((x) => x.route.id === id)
        ?.out.map((o) => o.kind);
    const lead = answers(ask("strips")).find((a) => a.route.id === "tofu-frozen-seared")?.leadMin as number;
    expect(lead).toBeGreaterThan(2 * 1440);
    expect(reason("tofu-frozen-seared", ask("strips", { availableMin: lead - 1 }))).toEqual(["time"]);
    expect(reason("tofu-frozen-seared", ask("strips", { availableMin: lead }))).toEqual([]);
    const hands = answers(ask("strips")).find((a) => a.route.id === "seitan-pulled")?.handsMin as number;
    expect(reason("seitan-pulled", ask("strips", { mostHandsMin: hands - 1 }))).toEqual(["hands"]);
    expect(reason("seitan-pulled", ask("strips", { mostHandsMin: hands }))).toEqual([]);
    expect(reason("king-shredded", ask("strips"), table([who([], { dislikes: ["king-oyster"] })]))).toEqual([
      "disliked",
    ]);
    expect(reason("pea-strips-seared", ask("strips"), table([who([], { diets: ["no-added-salt"] })]))).toEqual([
      "diet",
    ]);
    expect(reason("king-shredded", ask("strips"), table([], { kitchen: { ...DEMO_KITCHEN, ovens: [] } }))).toEqual([
      "cannot",
    ]);
    expect(reason("soy-strips-seared", ask("strips", { honestOnly: true }))).toEqual(["not-honest"]);
    expect(reason("king-shredded", ask("strips", { honestOnly: true }))).toEqual([]);
  });
  test("fish routes are none of beef; seafood asks for spring", () => {
    expect(answers(ask("fillet", { kind: "beef" })).some((a) => a.route.id === "palm-flaked")).toBe(false);
    expect(answers(ask("fillet", { kind: "seafood" }))[0]?.route.id).toBe("king-scallops");
  });
  test("this cook's ratings move a route, and it says so", () => {
    const base = answers(ask("mince")).find((a) => a.route.id === "soy-granules-browned") as Answer;
    const said = new Map([["soy-granules-browned", [{ juice: 9 }, { juice: 9 }]]]);
    const moved = answersTo(ask("mince"), table(), said, memory).answers.find((a) => a.route.id === base.route.id);
    expect(moved?.ratedTimes).toBe(2);
    expect(moved?.bite?.juice).toBeCloseTo((base.bite?.juice ?? 0) + (2 / 5) * (9 - (base.bite?.juice ?? 0)), 9);
    expect(base.ratedTimes).toBe(0);
  });
});

describe("properties", () => {
  const form = fc.constantFrom(...MEAT_FORMS);
  const kind = fc.constantFrom(...MEAT_KINDS);
  test("more meat never means less plant; equal input gives an equal order", () => {
    fc.assert(
      fc.property(
        form,
        kind,
        fc.constantFrom(...SETTINGS),
        fc.integer({ min: 100, max: 2000 }),
        (f, k, setting, rawG) => {
          const less = answers(ask(f, { kind: k, setting, rawG }));
          const more = answers(ask(f, { kind: k, setting, rawG: rawG * 1.5 }));
          for (const a of less) {
            const b = more.find((x) => x.route.id === a.route.id);
            expect(b?.mainG ?? 0).toBeGreaterThanOrEqual(a.mainG);
          }
          expect(answers(ask(f, { kind: k, setting, rawG })).map((a) => a.route.id)).toEqual(
            less.map((a) => a.route.id),
          );
        },
      ),
      { seed: seedOf(7), numRuns: many(8, 60) },
    );
  });
});

test("what narrows a gap fits the route, and is not what it does already", () => {
  const of = (id: string) => ROUTES.find((r) => r.id === id) as (typeof ROUTES)[number];
  const less = (attribute: "spring" | "juice" | "crisp" | "hold" | "strands" | "firm" | "chew") => ({
    attribute,
    by: -2,
    counts: 4,
  });
  expect(narrowing(less("spring"), of("tofu-torn-baked"), "dry")).toBe("freeze-first");
  expect(narrowing(less("spring"), of("tofu-frozen-seared"), "dry")).toBeNull();
  expect(narrowing(less("spring"), of("fava-mince-browned"), "dry")).toBeNull();
  expect(narrowing(less("juice"), of("soy-strips-seared"), "dry")).toBe("squeeze-less");
  expect(narrowing(less("juice"), of("tempeh-seared"), "dry")).toBe("sauce");
  expect(narrowing(less("juice"), of("tempeh-seared"), "sauce")).toBeNull();
  expect(narrowing(less("crisp"), of("soy-strips-seared"), "dry")).toBeNull();
  expect(narrowing(less("crisp"), of("portobello-caps"), "dry")).toBe("sear-last");
  expect(narrowing({ ...less("crisp"), by: 2 }, of("portobello-caps"), "dry")).toBe("cover");
  expect(narrowing(less("hold"), of("kidney-patty"), "dry")).toBe("bind-more");
  expect(narrowing(less("hold"), of("jackfruit-simmered"), "dry")).toBeNull();
  expect(narrowing(less("strands"), of("king-steak"), "dry")).toBe("tear");
  expect(narrowing(less("strands"), of("king-shredded"), "dry")).toBeNull();
  expect(narrowing(less("firm"), of("tofu-seared"), "dry")).toBe("press-longer");
  expect(narrowing(less("chew"), of("tofu-seared"), "dry")).toBeNull();
});

test("lead time is the longest way to the table, with the waits between", () => {
  const task = (id: string, minutes: number) => ({
    id,
    step: id,
    dish: "d",
    part: "p",
    kind: "hands" as const,
    minutes,
    demands: {},
    ovenC: null,
  });
  const lag = (from: string, to: string, minMin: number) => ({ from, to, minMin, maxMin: null });
  const tasks = [task("a", 5), task("b", 30), task("c", 2)];
  // a 5 + 10 + c 2 + 1, or b 30 + c 2 + 1.
  expect(longestChain(tasks, [lag("a", "c", 10), lag("b", "c", 0), lag("c", SERVE, 1)]).minutes).toBe(33);
  expect(longestChain(tasks, [lag("a", "c", 40), lag("b", "c", 0), lag("c", SERVE, 1)]).minutes).toBe(48);
  expect(longestChain([], []).minutes).toBe(0);
});

test("a loaf is one piece; skewers are threaded before the heat; a glaze comes last; a sauce takes the part", () => {
  const first = (form: MeatForm, more: Partial<Ask> = {}) => answers(ask(form, more))[0] as Answer;
  const steps = (a: Answer) => a.dish.parts[0]?.steps.map((s) => s.kind) ?? [];
  for (const loaf of answers(ask("loaf"))) {
    const rows = loaf.plan.dishes[0]?.parts[0]?.rows ?? [];
    const pieces = rows.flatMap((r) =>
      r.state === "computed" && r.outcome.after.pieces ? [r.outcome.after.pieces] : [],
    );
    expect(pieces.every((p) => p.form !== "loaf" || p.count === 1)).toBe(true);
    expect(steps(loaf)).toContain("bake");
    expect(steps(loaf)).not.toContain("fry");
  }
  const skewer = steps(first("skewer"));
  expect(skewer.indexOf("shape")).toBeLessThan(skewer.findIndex((k) => ["sear", "griddle", "bake"].includes(k)));
  expect(steps(first("strips", { setting: "glazed" })).at(-1)).toBe("glaze");
  const sauced = first("strips", { setting: "sauce" }).dish.parts.at(-1);
  expect(sauced?.steps.some((s) => s.adds.some((l) => l.kind === "part" && l.part === "main"))).toBe(true);
});

test("the first six that are in are put on this kitchen's clock; it never begins later than the longest way to the table", () => {
  const asked = ask("strips", { setting: "sauce" });
  const found = [...startsOf(answers(asked), table())];
  const inOrder = answers(asked).slice(0, 6);
  expect(found.map((s) => s.id)).toEqual(inOrder.map((a) => a.route.id));
  for (const [i, s] of found.entries())
    expect(s.beforeMin ?? 0).toBeGreaterThanOrEqual(inOrder[i]?.leadMin ?? Infinity);
  // Away all day and asleep all night: nothing fits.
  const never = { ...DEMO_KITCHEN, sleep: null, away: [{ days: [1, 2, 3, 4, 5, 6, 7], from: "00:00", to: "23:59" }] };
  const there = table([], { kitchen: never });
  const [first] = [...startsOf(answers(asked, there), there)];
  expect(first?.beforeMin).toBeNull();
});

test("a card shows the plan without holding it, and names its foods", () => {
  const there = table([who(["gluten"])]);
  const { cards, foods, aim } = cardsOf(answersTo(ask("strips"), there, new Map(), memory), there);
  expect(aim?.id).toBe("red-strips");
  expect(cards[0]).not.toHaveProperty("plan");
  expect(cards[0]?.vessels.length).toBeGreaterThan(2);
  for (const v of cards[0]?.vessels ?? []) expect(v.solidsG + v.waterG + v.oilG).toBeLessThanOrEqual(v.massG + 1e-6);
  for (const c of cards) expect(foods.some((f) => f.id === c.food)).toBe(true);
});
