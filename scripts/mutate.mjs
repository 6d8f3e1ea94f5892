/**
 * Changes the core on purpose, one place at a time, and asks whether a test notices:
 *
 *   npm run mutate            60 changes from seed 1
 *   npm run mutate -- 300 7   300 changes from seed 7
 *   npm run mutate -- 20 1 src/core/process   only below this folder
 *
 * A change is one flipped sign, operator, constant, boundary or early return, drawn from all that are possible, each file in
 * proportion to its code. For each one the tests that import the changed file are run until the first fails. Files are put
 * back whatever happens. Not part of `check`: 300 changes take an hour or two on two cores.
 */
import { spawnSync } from "node:child_process";
import { readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import ts from "typescript";

const [count = "60", seed = "1", root = "src/core"] = process.argv.slice(2);

/** Small seeded generator (mulberry32). */
function random(start) {
  let state = start >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** Sources whose behaviour tests should hold; tables of figures are data, not behaviour. */
const DATA = /(rows|processTable|parameters)\.ts$/;
function sources(folder) {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return /__/.test(name) ? [] : sources(path);
    return /\.ts$/.test(name) && !/\.test\.ts$/.test(name) && !DATA.test(name) ? [path] : [];
  });
}

const SWAPS = new Map([
  [ts.SyntaxKind.PlusToken, "-"],
  [ts.SyntaxKind.MinusToken, "+"],
  [ts.SyntaxKind.AsteriskToken, "/"],
  [ts.SyntaxKind.SlashToken, "*"],
  [ts.SyntaxKind.LessThanToken, "<="],
  [ts.SyntaxKind.LessThanEqualsToken, "<"],
  [ts.SyntaxKind.GreaterThanToken, ">="],
  [ts.SyntaxKind.GreaterThanEqualsToken, ">"],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, "!=="],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, "==="],
  [ts.SyntaxKind.AmpersandAmpersandToken, "||"],
  [ts.SyntaxKind.BarBarToken, "&&"],
]);
/** Every change that can be made to one file: where, what stands there, what is put there. */
function changesOf(path) {
  const text = readFileSync(path, "utf8");
  const file = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
  const changes = [];
  const put = (node, to) =>
    changes.push({ path, start: node.getStart(), end: node.getEnd(), from: node.getText(), to });
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isInterfaceDeclaration(node) || ts.isTypeAliasDeclaration(node)) return;
    if (ts.isImportDeclaration(node)) return;
    if (ts.isBinaryExpression(node)) {
      const to = SWAPS.get(node.operatorToken.kind);
      if (to !== undefined) put(node.operatorToken, to);
    }
    if (ts.isNumericLiteral(node)) put(node, Number(node.text) === 0 ? "1" : `(${node.text} * 1.3)`);
    if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
      put(node, `(${node.operand.getText()})`);
    if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.MinusToken)
      put(node, node.operand.getText());
    if (ts.isIfStatement(node)) put(node.expression, "false");
    if (ts.isConditionalExpression(node)) put(node.condition, "true");
    ts.forEachChild(node, visit);
  };
  visit(file);
  return changes;
}

const draw = random(Number(seed));
const all = sources(root).flatMap(changesOf);
const chosen = [];
while (chosen.length < Math.min(Number(count), all.length)) {
  const one = all[Math.floor(draw() * all.length)];
  if (!chosen.includes(one)) chosen.push(one);
}

const where = ({ path, start }) => `${path}:${readFileSync(path, "utf8").slice(0, start).split("\n").length}`;
const survived = [];
let noticed = 0;
for (const [i, change] of chosen.entries()) {
  const text = readFileSync(change.path, "utf8");
  const place = where(change);
  let run;
  try {
    writeFileSync(change.path, text.slice(0, change.start) + change.to + text.slice(change.end));
    run = spawnSync(
      "npx",
      ["jest", "--ci", "--bail", "--silent", "--selectProjects", "core", "--findRelatedTests", change.path],
      { encoding: "utf8", timeout: 240_000 },
    );
  } finally {
    writeFileSync(change.path, text);
  }
  // A run that never ends has noticed too.
  const seen = run.status !== 0;
  if (seen) noticed++;
  else survived.push(`${place}  ${change.from}  →  ${change.to}`);
  console.log(
    `${i + 1}/${chosen.length} ${seen ? "noticed " : "SURVIVED"} ${place}  ${change.from.slice(0, 40)} → ${change.to.slice(0, 40)}`,
  );
}
console.log(`\n${noticed} of ${chosen.length} noticed (${((100 * noticed) / chosen.length).toFixed(0)} %)`);
for (const line of survived) console.log(`  ${line}`);
