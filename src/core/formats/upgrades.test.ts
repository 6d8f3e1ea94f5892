import { readFileSync } from "node:fs";
import { join } from "node:path";
import { readHousehold, writeHousehold } from "./household";
import { FILE_VERSION, upgradeFile, upgradeRow, UnreadableRow } from "./upgrades";

/** Files as versions 1 to 3 wrote them, kept as they were. */
const stored = (version: number) => readFileSync(join(__dirname, `__fixtures__/household-${version}.json`), "utf8");

describe.each([1, 2, 3])("a file of version %i", (version) => {
  const read = readHousehold(stored(version));
  if (!read.ok) throw new Error(JSON.stringify(read.failure));
  const file = read.value;
  test("is read whole and written as the newest", () => {
    expect(file.version).toBe(FILE_VERSION);
    expect(file.dishes).toHaveLength(2);
    expect(file.kitchen).toMatchObject({ tins: expect.any(Array), spoons: "metric" });
    expect(file.kitchen?.machines.every((m) => m.kind !== undefined)).toBe(true);
    expect(file.cookings[0]?.input.labels).toEqual([]);
    expect(file.cookings[0]?.log).toHaveLength(2);
    expect(file.entries[0]?.cooking).toBeNull();
    for (const dish of file.dishes)
      for (const step of dish.parts.flatMap((p) => p.steps)) {
        if (step.kind === "cut") expect(step.how).toBe("cut");
        if (step.kind === "soak") expect(step.chilled).toBe(false);
        if (step.kind === "boil") {
          expect(step).not.toHaveProperty("coreC");
          expect(step.minutes).toBeNull();
        }
        if (step.kind === "fry") expect(step).toMatchObject({ lid: false, coreC: 74 });
      }
    const again = readHousehold(writeHousehold(file, "now"));
    expect(again.ok && again.value.entries).toEqual(file.entries);
  });
  test("reading twice changes nothing", () => {
    const once = upgradeFile(JSON.parse(stored(version)), version);
    expect(upgradeFile(once, version)).toEqual(once);
  });
  test.each([
    ["dishes", { parts: 5 }],
    ["suppers", { dishes: [{ parts: null }] }],
    ["cookings", { input: null }],
  ] as const)("a row of %s that has not its shape is refused by name", (list, more) => {
    const broken = JSON.parse(stored(version)) as Record<string, object[]>;
    broken[list] = [{ ...broken[list]?.[0], ...more }];
    expect(readHousehold(JSON.stringify(broken))).toMatchObject({
      ok: false,
      failure: { kind: "wrong-field", field: expect.stringContaining(list) },
    });
  });
});

test("a row that is no row at all is unreadable, whatever the version", () => {
  for (const row of [null, 5, "x", [1]]) expect(() => upgradeRow("eaters", row, 2)).toThrow(UnreadableRow);
});
