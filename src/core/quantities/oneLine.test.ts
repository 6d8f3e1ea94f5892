import { isOneLine, oneLine } from "./oneLine";

test("a name is one line: breaks, tabs, controls and signs that turn the direction become a space", () => {
  expect(oneLine(" Bean\n\tstew\u2028 of\u202e Sunday\u0000 ")).toBe("Bean stew of Sunday");
  for (const bad of ["a\nb", "a\u0007", "a\u2029b", "\u2066a", "a\u202a"]) expect(isOneLine(bad)).toBe(false);
});
test("letters of every script stay, those that are written from right to left too", () => {
  for (const name of ["Kjøttkake uten kjøtt", "مرق العدس", "תבשיל עדשים", "豆腐の煮込み", "🫘 stew"]) {
    expect(oneLine(name)).toBe(name);
    expect(isOneLine(name)).toBe(true);
  }
});
