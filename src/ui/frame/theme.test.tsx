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
