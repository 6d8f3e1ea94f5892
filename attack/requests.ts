import type { ChildProcess } from "node:child_process";
import { connect } from "node:net";
import { readFileSync } from "node:fs";
import { plan } from "@/core/plan";
import { capacitiesOf } from "@/core/schedule/capacities";
import { heavy } from "@/core/schedule/__tests__/heavy";
import { DEMO_DISHES, DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { bent, type Dice } from "./chance";
import { type Row, Tally } from "./report";
import { BASE, peakMb, PORT } from "./server";

const JSON_TYPE = { "content-type": "application/json" };
const post = (door: string, body: BodyInit, headers: Record<string, string> = JSON_TYPE) =>
  fetch(`${BASE}/api/v1/${door}`, { method: "POST", body, headers, duplex: "half" } as RequestInit);

const example = (name: string): Record<string, unknown> =>
  JSON.parse(
    new RegExp(`\`\`\`json ${name}\\n([\\s\\S]*?)\`\`\``).exec(readFileSync("docs/api.md", "utf8"))?.[1] ?? "{}",
  );

/** A good request for each door. */
function goodOnes(): readonly (readonly [door: string, body: unknown])[] {
  const supper = demoSupper("2026-11-29T19:00:00.000Z");
  const input = { supper, foods: [], labels: [], kitchen: DEMO_KITCHEN, eaters: [...DEMO_EATERS], log: [] };
  const { tasks, lags, apart } = plan(input);
  const capacities = capacitiesOf(DEMO_KITCHEN);
  const swap = example("swap");
  return [
    ["schedule", { tasks, lags, apart, capacities, blocked: [[-900, -500]], horizonMin: 2880, nodes: 2000 }],
    ["swap", swap],
    ["convert", { ...example("convert"), table: swap.table }],
    ...DEMO_DISHES.map((dish) => ["plan", { ...input, supper: { ...supper, dishes: [dish] } }] as const),
  ];
}

/** What an answer may be: figures, or a problem document that says what to do. */
async function faultOf(response: Response): Promise<string | null> {
  const text = await response.text();
  if (response.status === 200) return text.startsWith("{") || text.startsWith("[") ? null : "an answer that is no JSON";
  const problem = JSON.parse(text) as { type?: string; detail?: string; field?: string; status?: number };
  if (response.status >= 500 && response.status !== 503) return `${response.status}: ${problem.type}`;
  if (!problem.type?.startsWith("/problems/") || !problem.detail) return `no problem document: ${text.slice(0, 80)}`;
  return problem.type === "/problems/wrong-field" && !problem.field ? "a wrong field without its name" : null;
}

/** Bent requests, a few at a time. */
async function bentOnes(dice: Dice, count: number): Promise<Row> {
  const tally = new Tally("bent requests");
  const good = goodOnes();
  let slowestMs = 0;
  for (let at = 0; at < count; at += 8)
    await Promise.all(
      Array.from({ length: Math.min(8, count - at) }, async () => {
        const [door, body] = dice.one(good);
        const text = JSON.stringify(bent(body, dice));
        const from = performance.now();
        const response = await post(door, text);
        tally.note(await faultOf(response));
        slowestMs = Math.max(slowestMs, performance.now() - from);
      }),
    );
  return tally.row(`slowest ${Math.round(slowestMs)} ms, eight at a time`);
}

const EMPTY = { tasks: [], lags: [], apart: [], capacities: {}, blocked: [], horizonMin: 10, nodes: 1 };
const times = (n: number, text: string) => Array.from({ length: n }, () => text).join(",");
const keys = (n: number) => Object.fromEntries(Array.from({ length: n }, (_, i) => [`k${i}`, 1]));
/** Small texts that cost much, each with the status that refuses it. */
const AIMED: readonly (readonly [says: string, door: string, body: () => string, status: number])[] = [
  ["1.6 million empty tasks", "schedule", () => `{"tasks":[${times(1_600_000, "{}")}]}`, 413],
  ["deep nesting", "plan", () => "[".repeat(2_400_000), 400],
  ["200,000 capacities", "schedule", () => JSON.stringify({ ...EMPTY, capacities: keys(200_000) }), 422],
  ["a hundred thousand foods", "plan", () => `{"foods":[${times(100_000, '{"id":"a"}')}]}`, 422],
  ["a number of a million digits", "schedule", () => `{"horizonMin":${"9".repeat(1_000_000)}}`, 422],
  ["a name of four million letters", "plan", () => `{"supper":{"name":"${"x".repeat(4_000_000)}"}}`, 422],
];
async function aimedOnes(server: ChildProcess): Promise<Row> {
  const tally = new Tally("aimed requests");
  let slowestMs = 0;
  for (const [says, door, body, status] of AIMED) {
    const text = body();
    const from = performance.now();
    const response = await post(door, text);
    await response.text();
    slowestMs = Math.max(slowestMs, performance.now() - from);
    tally.note(response.status === status ? null : `${says}: ${response.status} instead of ${status}`);
  }
  tally.note(await faultOfUpload());
  return tally.row(`slowest ${Math.round(slowestMs)} ms; the server never held more than ${peakMb(server)} MB`);
}
/** 400 MB that nobody asked for: the reading stops at the limit. */
async function faultOfUpload(): Promise<string | null> {
  const chunk = new Uint8Array(1_000_000).fill(32);
  let sent = 0;
  const body = new ReadableStream<Uint8Array>({
    pull: (to) => (++sent > 400 ? to.close() : to.enqueue(chunk)),
  });
  const status = await post("plan", body).then(
    (r) => r.status,
    () => "cut off",
  );
  return (status === 413 || status === "cut off") && sent < 50 ? null : `an endless body: ${status} after ${sent} MB`;
}

/** Pages and small requests answer within `pageMs` while a hundred heavy requests come; those beyond the queue are told to come back. */
async function crowd(pageMs: number): Promise<Row> {
  const tally = new Tally("pages and small requests beside 100 heavy ones");
  const all = new AbortController();
  const send = () =>
    fetch(`${BASE}/api/v1/schedule`, {
      method: "POST",
      body: JSON.stringify(heavy),
      headers: JSON_TYPE,
      signal: all.signal,
    }).then(
      (r) => r.status,
      () => "cut",
    );
  const waiting = Array.from({ length: 100 }, send);
  await new Promise((done) => setTimeout(done, 300));
  let slowestMs = 0;
  for (const path of ["/", "/kitchen", "/supper/bench", "/supper/clock", "/notebook", "/"]) {
    const from = performance.now();
    await (await fetch(BASE + path)).text();
    const took = performance.now() - from;
    slowestMs = Math.max(slowestMs, took);
    tally.note(took <= pageMs ? null : `${path} took ${Math.round(took)} ms`);
  }
  const small = performance.now();
  const light = await post("schedule", JSON.stringify(EMPTY));
  const smallMs = performance.now() - small;
  tally.note(
    light.status === 200 && smallMs <= 5 * pageMs
      ? null
      : `a small one: ${light.status} after ${Math.round(smallMs)} ms`,
  );
  const full = await post("schedule", JSON.stringify(heavy));
  tally.note(full.status === 503 && full.headers.get("retry-after") ? null : `a full queue answers ${full.status}`);
  all.abort();
  await Promise.all(waiting);
  // Those who went took their work with them: the next one is answered at once.
  const from = performance.now();
  const next = await post("schedule", JSON.stringify(EMPTY));
  const took = performance.now() - from;
  tally.note(
    next.status === 200 && took < 15 * pageMs ? null : `after they went: ${next.status} after ${Math.round(took)} ms`,
  );
  return tally.row(
    `slowest page ${Math.round(slowestMs)} ms, a small request ${Math.round(smallMs)} ms; after all went the next answer took ${Math.round(took)} ms`,
  );
}

/** What a door refuses before it reads. */
async function atTheDoor(): Promise<Row> {
  const tally = new Tally("wrong doors, media, origins");
  const expects = async (says: string, response: Promise<Response>, status: number) => {
    const got = await response;
    tally.note(got.status === status ? null : `${says}: ${got.status}`);
  };
  for (const method of ["GET", "PUT", "PATCH", "DELETE"])
    await expects(method, fetch(`${BASE}/api/v1/plan`, { method }), 405);
  await expects("text", post("plan", "{}", { "content-type": "text/plain" }), 415);
  await expects("no media type", post("plan", new Uint8Array(2), {}), 415);
  await expects("a foreign page", post("plan", "{}", { ...JSON_TYPE, origin: "http://elsewhere.example" }), 403);
  await expects("no such door", post("nothing", "{}"), 404);
  tally.note(
    await rawFault(
      "POST /api/v1/plan HTTP/1.1\r\nHost: x\r\nContent-Length: 99999999999\r\nContent-Type: application/json\r\n\r\n{",
    ),
  );
  tally.note(await rawFault(`GET /${"a".repeat(100_000)} HTTP/1.1\r\nHost: x\r\n\r\n`));
  return tally.row("405, 415, 403, 404, 413, 431 as they should be");
}
/** What the server says to bytes that no program would send: a refusal, and no crash. */
const rawFault = (bytes: string): Promise<string | null> =>
  new Promise((done) => {
    const socket = connect(PORT, "127.0.0.1", () => socket.write(bytes));
    socket.setTimeout(5000, () => socket.destroy());
    socket.on("data", (data) => {
      const status = Number(/^HTTP\/1.1 (\d+)/.exec(data.toString())?.[1]);
      done(status >= 400 && status < 500 ? null : `raw bytes: ${status}`);
      socket.destroy();
    });
    socket.on("error", () => done(null));
    socket.on("close", () => done(null));
  });

/** Everything that reaches the server. */
export async function requests(
  server: ChildProcess,
  dice: Dice,
  times: { readonly requests: number; readonly pageMs: number },
): Promise<Row[]> {
  return [await atTheDoor(), await aimedOnes(server), await bentOnes(dice, times.requests), await crowd(times.pageMs)];
}
