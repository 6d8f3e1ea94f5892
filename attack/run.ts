import { Dice } from "./chance";
import { type Row, table } from "./report";
import { requests } from "./requests";
import { startServer } from "./server";

/** `npm run attack`: everything from one seed; `--short` takes a small part of each, under a minute; `--seed 7` another one. */
const option = (name: string): string | undefined => process.argv[process.argv.indexOf(`--${name}`) + 1];
const short = process.argv.includes("--short");
const seed = process.argv.includes("--seed") ? Number(option("seed")) : 1;
const dice = new Dice(seed);
const rows: Row[] = [];

const server = await startServer();
try {
  rows.push(...(await requests(server, dice, short ? 200 : 3000)));
} finally {
  server.kill();
}
console.log(table(rows));
const held = rows.reduce((n, r) => n + r.held, 0);
const tried = rows.reduce((n, r) => n + r.tried, 0);
console.log(`${held} passed, ${tried - held} failed (seed ${seed})`);
process.exit(held === tried ? 0 : 1);
