import { PATIENCE_MS } from "./browser";
import { Dice } from "./chance";
import { imports, restores } from "./imports";
import { kills } from "./kills";
import { recipes } from "./recipes";
import { type Row, table } from "./report";
import { requests } from "./requests";
import { stove } from "./stove";
import { tabs } from "./tabs";
import { startServer } from "./server";

/** `npm run attack`: everything from one seed, a new one each run; `--short` takes a small part of each, under a minute; `--seed 7` a certain one. */
const option = (name: string): string | undefined => process.argv[process.argv.indexOf(`--${name}`) + 1];
const short = process.argv.includes("--short");
const seed = process.argv.includes("--seed") ? Number(option("seed")) : short ? 1 : Date.now() % 1_000_000;
const dice = new Dice(seed);
const rows: Row[] = [];

const only = process.argv.includes("--only") ? option("only") : undefined;
const wanted = (name: string) => only === undefined || only === name;
/** How often each is tried. In the check nothing is timed: a machine may be busy with other things. */
const TIMES = short
  ? {
      imports: 100,
      recipes: 60,
      requests: 200,
      kills: 1,
      tabs: 4,
      writes: 2,
      followsMs: PATIENCE_MS,
      pageMs: PATIENCE_MS,
    }
  : { imports: 3000, recipes: 2000, requests: 3000, kills: 34, tabs: 20, writes: 12, followsMs: 1000, pageMs: 200 };

if (wanted("imports")) rows.push(...(await imports(dice, TIMES.imports)), restores(dice, TIMES.imports));
if (wanted("recipes")) rows.push(recipes(dice, TIMES.recipes, short ? null : 1000));
const server = await startServer();
try {
  if (wanted("requests")) rows.push(...(await requests(server, dice, TIMES)));
  if (wanted("kills")) rows.push(...(await kills(dice, TIMES.kills)));
  if (wanted("tabs")) rows.push(...(await tabs(dice, TIMES)));
  if (wanted("stove")) rows.push(...(await stove(dice, TIMES.writes)));
} finally {
  server.kill();
}
console.log(table(rows));
const held = rows.reduce((n, r) => n + r.held, 0);
const tried = rows.reduce((n, r) => n + r.tried, 0);
console.log(`${held} passed, ${tried - held} failed (seed ${seed})`);
process.exit(held === tried ? 0 : 1);
