import { clausesOf } from "./clauses";
import { actionOf, actionOfForm } from "./verbs";

const written = (sentence: string): string =>
  clausesOf(sentence, 0)
    .map((c) => {
      const said = (role: string) =>
        c.words
          .filter(
            (w) =>
              w.role === role &&
              /^[a-z]{3,}/.test(w.word) &&
              !/^(?:the|and|for|minutes?|then|with|into|over|from)$/.test(w.word),
          )
          .map((w) => w.word)
          .join(" ");
      const time = c.minutes === null ? "" : ` ${c.minutes.low}${c.minutes.eachSide ? "x2" : ""}`;
      const heat = c.heats.map((h) => ` ${h.of} ${h.tempC}`).join("");
      const rest = (["with", "into", "over", "from"] as const).flatMap((r) =>
        said(r) === "" ? [] : [`${r} ${said(r)}`],
      );
      return `${c.action}(${[said("object"), ...rest].join(" | ")})${time}${heat}`;
    })
    .join("; ");

// How a cook takes these sentences apart: common practice of the language.
test.each([
  ["Soften the onion in the oil for 8 minutes.", "sweat(onion | into oil) 8"],
  ["Stir in the garlic and both paprikas for 1 minute.", "add(garlic both paprikas) 1"],
  ["Add the stock, cover and simmer for an hour and a quarter.", "add(stock cover); simmer() 75"],
  ["Fry for 4 minutes on each side until golden, turning once.", "fry( | over each side) 4x2"],
  ["Heat the oven to 190C (170C fan).", "heat(oven) oven 190"],
  ["Heat the oil to 180°C and deep-fry for 5 minutes.", "heat(oil) oil 180; deep-fry() 5"],
  ["Bake until a probe in the middle reads 75 °C, about 40 minutes.", "bake(about) 40 core 75"],
  ["Drain well and mash.", "drain(well); mash()"],
  ["Cook gently until soft and brown.", "cook(gently)"],
  ["Pour over the sauce and leave for ½ hour.", "pour(sauce); leave() 30"],
  ["Dip in the flour, then the egg, then the crumbs.", "coat( | into flour); coat(egg); coat(crumbs)"],
  ["coconut milk and stock in, simmer 12 min", "add(coconut milk); add(stock); simmer(min) 12"],
  ["pork back in with the sauce", "add(pork back | with sauce)"],
  ["spring onions on top", "top(spring onions | over top)"],
  ["then in goes the pork and brown it for five minutes", "add(pork); fry() 5"],
  ["Mushrooms browned hard in oil, 8 min.", "fry(mushrooms hard | into oil min) 8"],
  ["Big mushrooms, quartered, browned hard in 2 tbsp oil.", "cut(big mushrooms); fry(hard | into tbsp oil)"],
  ["It all goes into the lentils and simmers for half an hour.", "add(all goes | into lentils); simmer() 30"],
  ["150 g brown rice: boil 25 min, drain.", "boil(brown rice min) 25; drain()"],
  ["In saucepan melt butter, stir in flour.", "melt(butter | into saucepan); add(flour)"],
  ["Butter, leeks 8 min, garlic 1 min.", "add(butter leeks min) 8; add(garlic min) 1"],
  ["Mince and onion in a pan 10 min.", "add(mince onion | into pan min) 10"],
  ["Marinade: 3 tbsp soy sauce, 1 tbsp sugar.", "marinate( | with tbsp soy sauce tbsp sugar)"],
  ["We do 200 g rice with it.", "serve(rice)"],
  ["Cover, oven 180, 40 min.", "cover(oven min) 40 oven 180"],
  ["Drain well, steam dry, mash.", "drain(well steam dry); mash()"],
])("%s", (sentence, clauses) => {
  expect(written(sentence)).toBe(clauses);
});
test("a verb that names a thing is one only where something is done; forms lead to their verb", () => {
  expect(written("Serve with the mash, roast carrots and a slice of bread.")).toBe(
    "serve( | with mash roast carrots slice bread)",
  );
  expect(actionOf("simmer")).toBe("simmer");
  expect(actionOf("flamboozle")).toBeNull();
  expect([actionOfForm("simmered"), actionOfForm("frying"), actionOfForm("fried"), actionOfForm("onions")]).toEqual([
    "simmer",
    "fry",
    "fry",
    null,
  ]);
});
test("work grows with the words: a thousand of them are taken apart", () => {
  const long = Array.from({ length: 250 }, () => "fry the onion,").join(" ");
  expect(clausesOf(long, 0)).toHaveLength(250);
});
