/**
 * Changes the core on purpose, one place at a time, and asks whether a test notices:
 *
 *   npm run mutate            60 changes from seed 1
 *   npm run mutate -- 300 7   300 changes from seed 7
 *   npm run mutate -- 20 1 src/core/process   only below this folder
 *
 * A change is one flipped sign, operator, constant, boundary or early return, drawn from all that are possible. All of them are
 * written at once into a copy of the project, each behind a switch, so that this tree is never touched and nothing is compiled
 * twice. A first run with every switch off tells which tests come by which change; then each change is switched on alone for
 * those tests, quickest first, until one fails. Not part of `check`: 300 changes take about an hour.
 */
import { spawnSync } from "node:child_process";
import {
  cpSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from "node:fs";
import { tmpdir } from "node:os";
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
const DATA = /(rows|processTable|parameters|vegetables|patterns|routeTable|meats|targets|instead)\.ts$/;
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

const parse = (path) => ts.createSourceFile(path, readFileSync(path, "utf8"), ts.ScriptTarget.Latest, true);

/** What an expression may become, as text that leaves `\0` where the code of a child goes; none for most. */
function variantsOf(node) {
  if (node.parent === undefined) return [];
  if (ts.isBinaryExpression(node)) {
    const to = SWAPS.get(node.operatorToken.kind);
    return to === undefined ? [] : [{ from: node.operatorToken.getText(), to, parts: [node.left, to, node.right] }];
  }
  if (ts.isNumericLiteral(node)) {
    if (ts.isPropertyAssignment(node.parent) && node.parent.name === node) return [];
    const to = Number(node.text) === 0 ? "1" : `${node.text} * 1.3`;
    return [{ from: node.getText(), to, parts: [to] }];
  }
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
    return [{ from: "!", to: "", parts: [node.operand] }];
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.MinusToken)
    return [{ from: "-", to: "", parts: [node.operand] }];
  if (ts.isIfStatement(node.parent) && node.parent.expression === node)
    return [{ from: `if (${node.getText()})`, to: "if (false)", parts: ["false"] }];
  if (ts.isConditionalExpression(node.parent) && node.parent.condition === node)
    return [{ from: `${node.getText()} ?`, to: "true ?", parts: ["true"] }];
  return [];
}
const ignored = (node) =>
  ts.isTypeNode(node) ||
  ts.isInterfaceDeclaration(node) ||
  ts.isTypeAliasDeclaration(node) ||
  ts.isImportDeclaration(node);

/** Every change that can be made to one file. */
function changesOf(path) {
  const file = parse(path);
  const changes = [];
  const visit = (node) => {
    if (ignored(node)) return;
    for (const { from, to } of variantsOf(node)) {
      const line = file.getLineAndCharacterOfPosition(node.getStart()).line + 1;
      changes.push({ path, start: node.getStart(), end: node.getEnd(), from, to, place: `${path}:${line}` });
    }
    ts.forEachChild(node, visit);
  };
  visit(file);
  return changes;
}

/** One file with its chosen changes behind switches. Code keeps its lines. */
function switched(path, chosen) {
  const file = parse(path);
  const text = file.text;
  const here = (node) => chosen.filter((c) => c.start === node.getStart() && c.end === node.getEnd());
  const write = (node) => {
    let out = "";
    let at = node.getStart();
    ts.forEachChild(node, (child) => {
      out += text.slice(at, child.getStart()) + (ignored(child) ? child.getText() : write(child));
      at = child.getEnd();
    });
    out += text.slice(at, node.getEnd());
    for (const variant of variantsOf(node)) {
      const change = here(node).find((c) => c.from === variant.from && c.to === variant.to);
      if (change === undefined) continue;
      const other = variant.parts.map((p) => (typeof p === "string" ? p : `(${write(p)})`)).join(" ");
      out = `(globalThis.__on(${change.id}) ? (${other}) : (${out}))`;
    }
    return out;
  };
  return text.slice(0, file.getStart()) + write(file) + text.slice(file.getEnd());
}

const draw = random(Number(seed));
const all = sources(root).flatMap(changesOf);
const chosen = [];
while (chosen.length < Math.min(Number(count), all.length)) {
  const one = all[Math.floor(draw() * all.length)];
  if (!chosen.includes(one)) chosen.push(one);
}
chosen.forEach((c, id) => Object.assign(c, { id }));

const copy = mkdtempSync(join(tmpdir(), "mutate-"));
process.on("exit", () => rmSync(copy, { recursive: true, force: true }));
process.on("SIGINT", () => process.exit(130));
for (const name of readdirSync(".")) {
  if (/^(\.git|\.next|node_modules|test-results|playwright-report)$/.test(name)) continue;
  cpSync(name, join(copy, name), { recursive: true });
}
symlinkSync(join(process.cwd(), "node_modules"), join(copy, "node_modules"));
for (const path of new Set(chosen.map((c) => c.path)))
  writeFileSync(
    join(copy, path),
    switched(
      path,
      chosen.filter((c) => c.path === path),
    ),
  );
mkdirSync(join(copy, "reached"));
writeFileSync(
  join(copy, "switch.cjs"),
  `const on = process.env.CHANGE === undefined ? -1 : Number(process.env.CHANGE);
const reached = new Set();
globalThis.__on = on < 0 ? (id) => (reached.add(id), false) : (id) => id === on;
if (on < 0)
  afterAll(() => {
    const path = expect.getState().testPath;
    require("node:fs").writeFileSync("reached/" + path.replace(/\\W/g, "_") + ".json", JSON.stringify({ path, ids: [...reached] }));
  });
`,
);
writeFileSync(
  join(copy, "jest.config.mjs"),
  readFileSync("jest.config.mjs", "utf8").replace(
    `displayName: "core",`,
    `displayName: "core", setupFilesAfterEnv: ["<rootDir>/switch.cjs"],`,
  ),
);
/** Runs these tests (all without) in the copy; with a change switched on it stops at the first failure. */
function jest(tests, change) {
  const env = { ...process.env };
  if (change !== undefined) env.CHANGE = String(change);
  const flags = ["--ci", "--silent", "--selectProjects", "core", ...(change === undefined ? [] : ["--bail"])];
  // The threads of the API are bundled by themselves and know of no switch: their tests are left out.
  if (tests.length > 0) flags.push("--runTestsByPath", ...tests);
  else flags.push("--testPathIgnorePatterns", "src/app/api");
  return spawnSync("npx", ["jest", ...flags], {
    cwd: copy,
    env,
    encoding: "utf8",
    timeout: change === undefined ? 900_000 : 240_000,
  });
}

const started = Date.now();
const first = jest([]);
if (first.status !== 0) throw new Error(`The tests fail with every switch off:\n${first.stderr.slice(-3000)}`);
const tests = readdirSync(join(copy, "reached")).map((n) => JSON.parse(readFileSync(join(copy, "reached", n), "utf8")));
const size = (path) => tests.find((t) => t.path === path).ids.length;
console.log(
  `${all.length} changes possible, ${chosen.length} drawn; which tests reach them took ${Math.round((Date.now() - started) / 1000)} s`,
);

const APPROVED = /checks\/(figures|words|drawn\w+)\.test|formats\/published\.test/;
const survived = [];
let noticed = 0;
for (const change of chosen) {
  // A test of the same folder first, then what reaches little: it is small and near.
  const folder = join(copy, change.path, "..");
  const reaching = tests
    .filter((t) => t.ids.includes(change.id))
    .map((t) => t.path)
    .sort((a, b) => Number(b.startsWith(folder)) - Number(a.startsWith(folder)) || size(a) - size(b));
  // Then what holds every planned figure still: it takes seconds, and comes by nearly everything.
  const still = reaching.filter((path) => APPROVED.test(path));
  const others = reaching.filter((path) => !APPROVED.test(path));
  const rounds = [others.slice(0, 2), still, others.slice(2, 12), others.slice(12)].filter((r) => r.length > 0);
  // A run that never ends has noticed too.
  const seen = rounds.some((round) => jest(round, change.id).status !== 0);
  if (seen) noticed++;
  const line = `${change.place}  ${change.from.slice(0, 60)}  →  ${change.to}${reaching.length === 0 ? "  (no test comes by)" : ""}`;
  if (!seen) survived.push(line);
  console.log(`${change.id + 1}/${chosen.length} ${seen ? "noticed " : "SURVIVED"} ${line}`);
}
console.log(`\n${noticed} of ${chosen.length} noticed (${((100 * noticed) / chosen.length).toFixed(0)} %)`);
for (const line of survived) console.log(`  ${line}`);
