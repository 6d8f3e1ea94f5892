import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import ts from "typescript";
import { buildTheme } from "./theme";

/** What a property may be given by name, and the kind of name that is. */
const KINDS: readonly (readonly [RegExp, string])[] = [
  [/^(color|bg|fill|stroke|border(Top|Bottom|Left|Right|Start|End|X|Y)?Color|outlineColor|accentColor)$/, "colors"],
  [
    /^(p|m)[xytblrse]?$|^(gap|rowGap|columnGap|top|left|right|bottom|inset|scrollMargin\w*|padding\w*|margin\w*)$/,
    "spacing",
  ],
  [/^(w|h|minW|maxW|minH|maxH|boxSize|flexBasis)$/, "sizes"],
  [/^fontSize$/, "fontSizes"],
  [/^(rounded\w*|borderRadius)$/, "radii"],
  [/^zIndex$/, "zIndex"],
  [/^boxShadow$/, "shadows"],
];
/** Values of CSS itself. */
const CSS =
  /[(%\s#]|^(auto|none|inherit|0|currentColor|transparent|(min|max|fit)-content)$|^-?[\d.]+(px|rem|em|ch|vh|vw|dvh)$/;

const sources = (dir: string): string[] =>
  readdirSync(dir, { withFileTypes: true }).flatMap((entry) => {
    const path = join(dir, entry.name);
    if (entry.isDirectory()) return sources(path);
    return path.endsWith(".tsx") && !path.endsWith(".test.tsx") ? [path] : [];
  });

/** Names that screens give to the parts of the library, by kind: in an attribute, by width of the screen, by state. */
function namesIn(path: string): (readonly [kind: string, name: string])[] {
  const found: (readonly [string, string])[] = [];
  const kindOf = (name: string) => KINDS.find(([pattern]) => pattern.test(name))?.[1] ?? null;
  const strings = (node: ts.Node, kind: string): void => {
    if (ts.isStringLiteral(node)) found.push([kind, node.text]);
    // What is compared is no name, and a function writes what it likes.
    else if (!ts.isBinaryExpression(node) && !ts.isCallExpression(node) && !ts.isElementAccessExpression(node))
      ts.forEachChild(node, (child) => strings(child, kind));
  };
  const visit = (node: ts.Node): void => {
    const isStyled = ts.isJsxAttribute(node) && isOfTheLibrary(node);
    const kind = isStyled ? kindOf(node.name.getText()) : null;
    if (ts.isJsxAttribute(node) && kind !== null && node.initializer !== undefined) strings(node.initializer, kind);
    else ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile(path, readFileSync(path, "utf8"), ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX));
  return found;
}
/** A drawing's own elements (`<rect width="7">`) know no names. */
const isOfTheLibrary = (attribute: ts.JsxAttribute): boolean =>
  /^[A-Z]|^chakra\./.test(attribute.parent.parent.tagName.getText());

/** States and widths that screens and the library's own parts are drawn in. */
function statesIn(source: string): string[] {
  return [
    ...source.matchAll(/\b(_[a-z][A-Za-z]+)(?==\{\{|: \{)|\b((?:sm|md|lg|xl|2xl)(?:Down|Only|To[A-Z]\w+)?): /g),
  ].map(([, state, width]) => (state ?? width) as string);
}
test("every state and width of the screen that something is drawn in is one that the theme has, and none is there for nothing", () => {
  const { conditions, _config } = buildTheme(true);
  const { recipes, slotRecipes } = _config.theme ?? {};
  const keys = (of: unknown): string[] =>
    typeof of !== "object" || of === null ? [] : Object.entries(of).flatMap(([key, value]) => [key, ...keys(value)]);
  const isState = (key: string) => key.startsWith("_");
  const ours = sources(join(__dirname, "../..")).flatMap((path) => statesIn(readFileSync(path, "utf8")));
  const theirs = keys([recipes, slotRecipes]).filter(isState);
  expect(ours.length).toBeGreaterThan(100);
  const used = new Set([...ours, ...theirs]);
  const known = conditions.keys();
  expect([...used].filter((key) => !known.includes(key))).toEqual([]);
  expect(known.filter((key) => isState(key) && !used.has(key) && key !== "_dark")).toEqual([]);
});
test("what stands by its name is drawn the same where the rules of the page stand already", () => {
  const [whole, quiet] = [buildTheme(true), buildTheme(false)];
  // The library's stand-in for a colour is none that anything here is drawn in.
  const isDrawn = (name: string) => name !== "colorPalette";
  const kinds = [...whole.tokens.categoryMap.values()].map((names) => [...names.keys()].filter(isDrawn));
  const some = [...kinds.flatMap((names) => names.slice(0, 1)), "-2.5", "breakpoint-md", "40rem", "none"];
  const each =
    "p mx gap top w minH flexBasis color bg fill borderColor borderTopColor outlineColor fontSize fontFamily fontWeight rounded zIndex boxShadow cursor transitionDuration hideBelow".split(
      " ",
    );
  const pairs = [
    ...[...whole.utility.keys()].filter(isDrawn).flatMap((property) => some.map((name) => [property, name] as const)),
    ...each.flatMap((property) => kinds.flat().map((name) => [property, name] as const)),
  ];
  expect(pairs.length).toBeGreaterThan(5000);
  for (const [property, name] of pairs) {
    const drawn = { [property]: { base: name, md: name, _hover: name } } as Record<string, object>;
    expect([property, name, quiet.css(drawn)]).toEqual([property, name, whole.css(drawn)]);
  }
  for (const name of ["button", "input"])
    for (const size of ["xs", "sm", "md", "lg"])
      expect(quiet.getRecipeFn(name)({ size })).toEqual(whole.getRecipeFn(name)({ size }));
  for (const variant of ["line", "outline"])
    for (const size of ["sm", "md", "lg"])
      expect(quiet.getSlotRecipeFn("table")({ size, variant })).toEqual(
        whole.getSlotRecipeFn("table")({ size, variant }),
      );
  for (const style of ["xs", "sm", "md", "lg"])
    expect(quiet.css({ textStyle: style })).toEqual(whole.css({ textStyle: style }));
});

test("every name that a screen gives to a space, a colour, a size of letters is one that the theme has", () => {
  const { tokens } = buildTheme(true);
  const names = sources(join(__dirname, "../..")).flatMap((path) =>
    namesIn(path).map((found) => [path, ...found] as const),
  );
  expect(names.length).toBeGreaterThan(900);
  const isNumber = (kind: string, name: string) => kind === "zIndex" && /^\d+$/.test(name);
  const unknown = names.filter(
    ([, kind, name]) =>
      !CSS.test(name) && !isNumber(kind, name) && !tokens.categoryMap.get(kind as "colors")?.has(name),
  );
  expect(unknown).toEqual([]);
});
