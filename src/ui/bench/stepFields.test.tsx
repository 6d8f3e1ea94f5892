import { descriptorOf, LIMITS_BY_KIND, newStep, type Step, STEP_KINDS } from "@/core/process/registry";
import type { Field as Setting } from "@/core/process/descriptor";
import { DEMO_KITCHEN } from "@/demo/household";
import { fieldsOf } from "./stepFields";

/** The step as it comes, and with each of its switches and choices the other way: some fields stand only then. */
function states(kind: (typeof STEP_KINDS)[number]): Step[] {
  const usual = newStep(kind, "s") as Step;
  const settings: Readonly<Record<string, Setting>> = descriptorOf(kind).fields;
  const others = Object.entries(settings).flatMap(([key, of]): Readonly<Record<string, string | boolean>>[] => {
    if (of.is === "flag") return [{ [key]: !(usual as unknown as Record<string, boolean>)[key] }];
    return of.is === "choice" ? of.of.map((value) => ({ [key]: value })) : [];
  });
  return [usual, ...others.map((other) => ({ ...usual, ...other }) as Step)];
}

describe.each(STEP_KINDS)("the form of %s", (kind) => {
  const settings: Readonly<Record<string, Setting>> = descriptorOf(kind).fields;
  const fields = states(kind).flatMap((step) => fieldsOf(step, DEMO_KITCHEN, null, LIMITS_BY_KIND[kind]));
  test("takes no number that a file would be refused for, and offers every word that may stand there", () => {
    for (const field of fields) {
      const setting = settings[field.key];
      if (setting === undefined) {
        // What every step has.
        expect(["handsMin", "mayWaitMin", "washed", "ready", "note"]).toContain(field.key);
        continue;
      }
      if (field.as === "number") {
        if (setting.is !== "number") throw new Error(`${field.key} is no number`);
        const share = field.unit === "percent" ? 100 : 1;
        expect([field.low, field.high]).toEqual([setting.low * share, setting.high * share]);
        expect({ key: field.key, mayBeEmpty: field.mayBeEmpty === true }).toEqual({
          key: field.key,
          mayBeEmpty: setting.orNull,
        });
      } else if (field.as === "choice" && setting.is === "choice")
        expect(field.options.map((o) => o.value).sort()).toEqual([...setting.of].sort());
      else if (field.as === "words" && setting.is === "text") expect(field.most).toBe(setting.most);
      else expect(setting.is).toBe(field.as === "choice" ? "gear" : "flag");
    }
  });
  test("asks for every setting", () => {
    expect(Object.keys(settings).filter((key) => !fields.some((f) => f.key === key))).toEqual([]);
  });
});
