import { readdirSync, readFileSync, statSync } from "node:fs";
import { join, relative } from "node:path";
import ts from "typescript";

const CORE = join(__dirname, "..");
const sources = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return name.startsWith("__") ? [] : sources(path);
    return name.endsWith(".ts") && !name.endsWith(".test.ts") ? [path] : [];
  });
const FILES = sources(CORE);

test("exports of the core say what they are", () => {
  const silent = FILES.flatMap((path) => {
    const file = ts.createSourceFile(path, readFileSync(path, "utf8"), ts.ScriptTarget.Latest, true);
    return file.statements.flatMap((s) => {
      const exported =
        ts.canHaveModifiers(s) && ts.getModifiers(s)?.some((m) => m.kind === ts.SyntaxKind.ExportKeyword);
      if (!exported || ts.getJSDocCommentsAndTags(s).length > 0) return [];
      return [`${relative(CORE, path)}: ${s.getText().split("\n")[0]}`];
    });
  });
  expect(silent).toEqual([]);
});

/** Lines of a comment such as ` *     writeMass(312) // => "312 g"`, with the file whose exports they use. */
const EXAMPLES = FILES.flatMap((path) =>
  [...readFileSync(path, "utf8").matchAll(/^ \* {4,}(\S.*?) \/\/ => (.*)$/gm)].map(
    (m) => [relative(CORE, path), m[1] as string, m[2] as string] as const,
  ),
);
test("there are examples", () => expect(EXAMPLES.length).toBeGreaterThan(8));
test.each(EXAMPLES)("%s: %s", async (path, expression, value) => {
  const exported = (await import(join(CORE, path))) as Record<string, unknown>;
  const run = (text: string): unknown =>
    new Function(...Object.keys(exported), `return (${text});`)(...Object.values(exported));
  expect(run(expression)).toEqual(run(value));
});
