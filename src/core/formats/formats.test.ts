import { spawnSync } from "node:child_process";
import Ajv from "ajv";
import * as v from "valibot";
import addFormats from "ajv-formats";
import ICAL from "ical.js";
import { toJsonSchema } from "@valibot/to-json-schema";
import { DEMO_DISHES, DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { allergenTable } from "../foods/allergens";
import { ownFood } from "../foods/own";
import type { PlanInput } from "../plan";
import { type Household, HouseholdFileSchema, readHousehold, writeCheckedHousehold, writeHousehold } from "./household";
import { StepSchema } from "./stepSchema";
import { FILE_VERSION, LISTS } from "./version";
import { writeCalendar } from "./icalendar";
import { writePlanTable } from "./planTable";
import { localTime, nextWeekday } from "../calendar/localTime";
import { blockedBefore, instantOf } from "../calendar/zonedTime";

const supper = demoSupper("2026-11-29T19:00:00.000Z");
const input = { supper, foods: [], labels: [], kitchen: DEMO_KITCHEN, eaters: [...DEMO_EATERS], log: [] } as PlanInput;
const household = JSON.parse(
  JSON.stringify({
    kitchen: DEMO_KITCHEN,
    eaters: DEMO_EATERS,
    foods: [],
    labels: [{ id: "oat-cream.gluten", food: "oat-cream", allergen: "gluten", state: "free" }],
    dishes: DEMO_DISHES,
    suppers: [supper],
    cookings: [
      {
        id: "c1",
        supper: supper.id,
        startedAt: "2026-11-29T17:40:00.000Z",
        input,
        log: [{ kind: "begun", at: 5, step: "a.b" }],
      },
    ],
    entries: [],
    recipes: [],
    prices: [],
  }),
) as Household;

describe("the household file", () => {
  const text = writeHousehold(household, "2026-11-25T10:00:00.000Z");
  test("export → import → export is the same but for the time of export", () => {
    const read = readHousehold(text);
    if (!read.ok) throw new Error(JSON.stringify(read.failure));
    expect(writeHousehold(read.value, "2026-11-25T10:00:00.000Z")).toBe(text);
    const later = writeHousehold(read.value, "2027-01-01T00:00:00.000Z").split("\n");
    expect(later.filter((line, i) => line !== text.split("\n")[i])).toEqual([
      '  "exportedAt": "2027-01-01T00:00:00.000Z",',
    ]);
  });
  test("the order of the rows in the browser does not matter", () => {
    const shuffled = { ...household, dishes: household.dishes.slice().reverse() };
    expect(writeHousehold(shuffled, "2026-11-25T10:00:00.000Z")).toBe(text);
  });
  test("the published JSON Schema accepts it, and refuses a broken one (Ajv)", () => {
    const schema = toJsonSchema(HouseholdFileSchema, { errorMode: "ignore" });
    const validate = addFormats(new Ajv({ strict: false })).compile(schema);
    expect(validate(JSON.parse(text))).toBe(true);
    expect(validate({ ...JSON.parse(text), eaters: 5 })).toBe(false);
  });
  test.each([
    ["{ not json", { kind: "not-json", cutOff: true }],
    [text.slice(0, text.length / 2), { kind: "not-json", cutOff: true }],
    ['{"name":"Something else"}', { kind: "foreign" }],
    ["[1,2]", { kind: "foreign" }],
    ["null", { kind: "foreign" }],
    ['"jade-pan"', { kind: "foreign" }],
    ["17", { kind: "foreign" }],
    [
      text.replace(`"version": ${FILE_VERSION}`, `"version": ${FILE_VERSION + 1}`),
      { kind: "newer", version: FILE_VERSION + 1 },
    ],
    [
      text.replace('"cooks": [', '"cooks": "one", "helpers": ['),
      { kind: "wrong-field", field: expect.stringContaining("kitchen/cooks") },
    ],
    [
      text.replace('"minutes": 10,', '"minutes": "ten",'),
      { kind: "wrong-field", field: expect.stringContaining("minutes") },
    ],
  ])("a bad file is refused by name (%#)", (bad, failure) => {
    expect(readHousehold(bad)).toMatchObject({ ok: false, failure });
  });
  test.each([
    ["dishes", "mustard-strips", "stands there twice"],
    ["eaters", "ilse", "stands there twice"],
  ] as const)("two %s under one id are refused by name", (list, id, says) => {
    const rows = household[list] as readonly { id: string }[];
    const twice = { ...household, [list]: [...rows, rows.find((r) => r.id === id)] };
    const read = readHousehold(writeHousehold(twice as Household, "now"));
    expect(read).toMatchObject({ ok: false, failure: { kind: "wrong-field", problem: expect.stringContaining(says) } });
    expect(JSON.stringify(read)).toContain(`${list}/`);
  });
  test("an own food under a built-in id would stand in its place: refused", () => {
    const tofu = { ...ownFood("tofu-firm", "My tofu"), allergens: allergenTable([]) };
    const read = readHousehold(writeHousehold({ ...household, foods: [tofu as never] }, "now"));
    expect(read).toMatchObject({ ok: false, failure: { field: "foods/0/id" } });
  });
});

describe("iCalendar", () => {
  const written = (stampedAt: string) => writeCalendar("Sunday supper", ITEMS, Date.parse(stampedAt));
  const ITEMS = [
    {
      uid: "a@jade-pan",
      startsAt: Date.parse("2026-11-29T17:40:00Z"),
      minutes: 3,
      title: 'Squeeze, hard; "really"',
      says: "Éclairs, naïve – an unusually long line with accents: ".repeat(4),
    },
    { uid: "b@jade-pan", startsAt: Date.parse("2026-11-29T18:00:00Z"), minutes: 12, title: "Sear", says: "" },
  ];
  const text = written("2026-11-25T10:00:00Z");
  test("CRLF, lines of at most 75 octets, UID and DTSTAMP (RFC 5545)", () => {
    expect(text.replace(/\r\n/g, "")).not.toMatch(/[\r\n]/);
    for (const line of text.split("\r\n")) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    expect(text.match(/^UID:/gm)).toHaveLength(2);
    expect(text.match(/^DTSTAMP:20261125T100000Z/gm)).toHaveLength(2);
  });
  test("another library reads the same instants and words (ical.js)", () => {
    const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents("vevent").map((c) => new ICAL.Event(c));
    expect(events[0]?.startDate.toJSDate().toISOString()).toBe("2026-11-29T17:40:00.000Z");
    expect(events[0]?.endDate.toJSDate().toISOString()).toBe("2026-11-29T17:43:00.000Z");
    expect(events[0]?.summary).toBe('Squeeze, hard; "really"');
  });
  test("a UID is escaped like any text (RFC 5545, 3.3.11), and read back as it was", () => {
    const uid = "supper,1;a\\b@jade-pan";
    const one = writeCalendar("S", [{ ...(ITEMS[1] as (typeof ITEMS)[number]), uid }], 0);
    expect(one.replace(/\r\n /g, "")).toContain("UID:supper\\,1\\;a\\\\b@jade-pan");
    expect(new ICAL.Component(ICAL.parse(one)).getFirstSubcomponent("vevent")?.getFirstPropertyValue("uid")).toBe(uid);
  });
  test("a third one reads them too: instants, words, numbers and the reminder (python3-icalendar of Debian)", () => {
    // With the words folded in the middle of an accent, a comma, quotes and a semicolon.
    const program = `
import sys, json, icalendar
of = icalendar.Calendar.from_ical(sys.stdin.buffer.read())
print(json.dumps([[str(e["UID"]), e["DTSTART"].dt.isoformat(), e["DTEND"].dt.isoformat(), str(e["SUMMARY"]), str(e.get("DESCRIPTION", "")),
  int(e["SEQUENCE"]), [a["TRIGGER"].dt.total_seconds() for a in e.walk("VALARM")]] for e in of.walk("VEVENT")]))`;
    const { stdout, stderr } = spawnSync("/usr/bin/python3", ["-c", program], { input: text, encoding: "utf8" });
    expect(stderr).toBe("");
    const sequence = 1059 * 86_400 + 36_000;
    expect(JSON.parse(stdout)).toEqual([
      [
        "a@jade-pan",
        "2026-11-29T17:40:00+00:00",
        "2026-11-29T17:43:00+00:00",
        ITEMS[0]?.title,
        ITEMS[0]?.says,
        sequence,
        [-300],
      ],
      ["b@jade-pan", "2026-11-29T18:00:00+00:00", "2026-11-29T18:12:00+00:00", "Sear", "", sequence, [-300]],
    ]);
  });
  test("a later export has the same UIDs and higher sequence numbers; each event reminds five minutes before (ical.js)", () => {
    const read = (from: string) =>
      new ICAL.Component(ICAL.parse(from)).getAllSubcomponents("vevent").map((c) => ({
        uid: c.getFirstPropertyValue("uid"),
        sequence: Number(c.getFirstPropertyValue("sequence")),
        reminds: c.getAllSubcomponents("valarm").map((a) => String(a.getFirstPropertyValue("trigger"))),
      }));
    const [first, later] = [read(text), read(written("2026-11-25T10:00:01Z"))];
    expect(later.map((e) => e.uid)).toEqual(first.map((e) => e.uid));
    // 366 + 365 + 328 days and ten hours.
    expect(first.map((e) => e.sequence)).toEqual([1059 * 86_400 + 36_000, 1059 * 86_400 + 36_000]);
    expect(later.map((e) => e.sequence)).toEqual(first.map((e) => e.sequence + 1));
    expect(first.map((e) => e.reminds)).toEqual([["-PT5M"], ["-PT5M"]]);
  });
});

describe("the plan as a table", () => {
  const line = {
    begins: { date: "2026-11-28", time: "23:50" },
    ends: { date: "2026-11-29", time: "00:10" },
    title: "Soak",
    part: 'Nuts, "raw"',
    dish: "=1+1",
    minutes: 20,
    handsMin: 2,
    what: "Pour on water.\nWait.",
  };
  const text = writePlanTable([line]);
  test("fields with commas, quotes and line breaks are quoted, quotes doubled, lines end in CRLF (RFC 4180, 2.1 to 2.7)", () => {
    expect(text).toBe(
      "day,begins,ends on,ends,step,part,dish,minutes,hands min,what to do\r\n" +
        `2026-11-28,23:50,2026-11-29,00:10,Soak,"Nuts, ""raw""","'=1+1",20,2,"Pour on water.\nWait."`,
    );
  });
  test("another library reads the same fields (csv of Python)", () => {
    const program = "import sys, csv, json; print(json.dumps(list(csv.reader(open(0, newline='', encoding='utf-8')))))";
    const { stdout } = spawnSync("/usr/bin/python3", ["-c", program], { input: text, encoding: "utf8" });
    expect(JSON.parse(stdout)[1]).toEqual([
      ...[
        "2026-11-28",
        "23:50",
        "2026-11-29",
        "00:10",
        "Soak",
        'Nuts, "raw"',
        "'=1+1",
        "20",
        "2",
        "Pour on water.\nWait.",
      ],
    ]);
  });
});

describe("wall-clock time", () => {
  test("instants follow the zone and its clock changes", () => {
    expect(instantOf("2026-11-29", "19:00", "Europe/Dublin")).toBe("2026-11-29T19:00:00.000Z");
    expect(instantOf("2026-07-05", "19:00", "Europe/Dublin")).toBe("2026-07-05T18:00:00.000Z");
    // EU rule: on 28 March 2027 the hour 01:00–02:00 does not exist in Dublin.
    expect(localTime(Date.parse(instantOf("2027-03-28", "01:30", "Europe/Dublin")), "Europe/Dublin").time).toBe(
      "02:30",
    );
  });
  test("an hour that comes twice is told apart, in Dublin and, half of one, on Lord Howe Island", () => {
    // EU rule: on 25 October 2026 clocks go back from 02:00 to 01:00 at 01:00 UTC. From memory: Lord Howe goes back by 30 min.
    const dublin = (iso: string) => localTime(Date.parse(iso), "Europe/Dublin");
    expect(dublin("2026-10-25T00:30:00Z")).toMatchObject({ time: "01:30", doubled: "first" });
    expect(dublin("2026-10-25T01:30:00Z")).toMatchObject({ time: "01:30", doubled: "second" });
    expect(dublin("2026-10-25T02:30:00Z")).not.toHaveProperty("doubled");
    expect(dublin("2026-10-24T00:30:00Z")).not.toHaveProperty("doubled");
    const island = (iso: string) => localTime(Date.parse(iso), "Australia/Lord_Howe").doubled;
    expect([island("2026-04-04T14:45:00Z"), island("2026-04-04T15:15:00Z")]).toEqual(["first", "second"]);
  });
  test("the next Sunday; today counts until its hour", () => {
    const at = (iso: string) => nextWeekday(Date.parse(iso), 7, "19:00", "Europe/Dublin");
    expect(at("2026-11-25T10:00:00Z")).toBe("2026-11-29");
    expect(at("2026-11-29T18:00:00Z")).toBe("2026-11-29");
    expect(at("2026-11-29T19:30:00Z")).toBe("2026-12-06");
  });
  test("sleep and away before serving, merged; the night of a clock change is an hour shorter", () => {
    const blocked = blockedBefore(DEMO_KITCHEN, "2026-11-29T19:00:00.000Z", 2880);
    expect(blocked).toContainEqual([-1230, -720]);
    const spring = blockedBefore(
      { ...DEMO_KITCHEN, away: [] },
      instantOf("2027-03-28", "19:00", "Europe/Dublin"),
      1440,
    );
    expect(spring).toEqual([[-1170, -720]]);
  });
});

test("a long file tells how far its reading is, and is read back row by row when it is written", () => {
  const prices = Array.from({ length: 450 }, (_, i) => ({ id: `food-${i}`, price: 1, packG: 100 }));
  const long = { ...household, prices };
  const told: [number, number][] = [];
  const { text, aside } = writeCheckedHousehold(long, "now", (done, all) => told.push([done, all]));
  expect(aside).toEqual([]);
  const all = told[0]?.[1] ?? 0;
  expect(all).toBeGreaterThan(450);
  expect(told).toEqual([
    [200, all],
    [400, all],
  ]);
  expect(readHousehold(text)).toMatchObject({ ok: true });
});
test("a share of a part or of a liquor is 0 to 1", () => {
  const step = (line: object) => ({
    id: "s",
    kind: "season",
    adds: [line],
    handsMin: null,
    mayWaitMin: null,
    saltTo: null,
  });
  const fits = (line: object) => v.safeParse(StepSchema, step(line)).success;
  for (const [kind, more] of [
    ["part", { part: "p" }],
    ["liquor", { step: "d" }],
  ] as const)
    expect([-0.01, 0, 1, 1.01].map((share) => fits({ kind, ...more, share }))).toEqual([false, true, true, false]);
});

describe("an export reads itself back before it is handed out", () => {
  const household = (more: object) =>
    ({ kitchen: null, ...Object.fromEntries(LISTS.map((list) => [list, []])), ...more }) as unknown as Household;
  const eater = (id: string, name: string) => ({ id, name, avoids: [], diets: [], dislikes: [], age: null });
  test("what can be read is given whole, nothing is set aside", () => {
    const { text, aside } = writeCheckedHousehold(
      household({ eaters: [eater("a", "Ada")] }),
      "2026-11-27T10:00:00.000Z",
    );
    expect(aside).toEqual([]);
    const back = readHousehold(text);
    expect(back.ok && back.value.eaters).toHaveLength(1);
  });
  test("rows that cannot be read are named and set aside; every other one is there", () => {
    const broken = { ...eater("c", "Cem"), age: "ancient" };
    const { text, aside } = writeCheckedHousehold(
      household({
        eaters: [eater("d", "Dot"), broken, eater("a", "Ada"), eater("b", "x".repeat(300))],
        prices: [{ id: "tofu-firm", price: -1, packG: 400 }],
      }),
      "2026-11-27T10:00:00.000Z",
    );
    expect(aside.map((a) => [a.list, (a.row as { id: string }).id]).sort()).toEqual([
      ["eaters", "b"],
      ["eaters", "c"],
      ["prices", "tofu-firm"],
    ]);
    expect(aside[0]?.why).toMatch(/^(eaters|prices)\/\d+\//);
    const back = readHousehold(text);
    expect(back.ok && back.value.eaters.map((e) => e.name)).toEqual(["Ada", "Dot"]);
  });
  test("what no row is to blame for is handed out as it is: better a file than none", () => {
    const { text, aside } = writeCheckedHousehold(household({ kitchen: { name: 5 } }), "2026-11-27T10:00:00.000Z");
    expect(aside).toEqual([]);
    expect(JSON.parse(text).kitchen).toEqual({ name: 5 });
  });
});

test("a setting that came later may be left out, and means what was so before", () => {
  const sear = { id: "s", kind: "sear", adds: [], handsMin: null, mayWaitMin: null, pan: null, browningMin: 2 };
  expect(v.parse(StepSchema, sear)).toMatchObject({ twoPans: false });
  const hold = { id: "h", kind: "hold", adds: [], handsMin: null, mayWaitMin: null, minutes: 20, holdC: 90 };
  expect(v.parse(StepSchema, hold)).toMatchObject({ where: "oven" });
  expect(v.safeParse(StepSchema, { ...hold, where: "sun" }).success).toBe(false);
  expect(v.safeParse(StepSchema, { ...sear, browningMin: undefined }).success).toBe(false);
});
