import "fake-indexeddb/auto";
import { frozenInput } from "@/core/cooking";
import { readHousehold, writeHousehold } from "@/core/formats/household";
import type { Entry } from "@/core/notebook/entry";
import { type LogEntry, progressOf } from "@/core/process/log";
import { DEMO_DISHES, DEMO_EATERS, DEMO_KITCHEN, demoSupper } from "@/demo/household";
import { Changes } from "./changes";
import type { Press } from "./press";
import { JadePanDb } from "./db";
import { cookingOf, readAll } from "./household";
import { entriesWithHeld, NoteQueue, withHeld } from "./noteQueue";
import { withPresses } from "./rescued";

const supper = demoSupper("2026-11-29T19:00:00.000Z");
const input = frozenInput({ supper, kitchen: DEMO_KITCHEN, eaters: DEMO_EATERS, foods: [], labels: [], log: [] });
const row = { id: "c1", supper: supper.id, startedAt: "2026-11-29T17:00:00.000Z", input };
let made = 0;
const note = (entry: LogEntry) => ({ id: `n${made++}`, entry });
const begin = (id = "c1"): Press => ({
  kind: "begin",
  cooking: { ...row, id },
  notes: [note({ kind: "begun", at: 1, step: "d.a" })],
});
const notes = (...entries: LogEntry[]): Press => ({ kind: "notes", cooking: "c1", notes: entries.map(note) });
/** *Next* at one step: it is done, the one after it begins. */
const next = (step: string, then: string, at = 2): Press =>
  notes({ kind: "done", at, step }, { kind: "begun", at, step: then });
const entry = { id: "e1", cooking: "c1", supper: supper.id, finishedAt: "2026-11-29T19:00:00.000Z", rows: [] };
const finish = (): Press => ({
  kind: "finish",
  cooking: "c1",
  notes: [note({ kind: "finished", at: 9 })],
  entry: entry as unknown as Entry,
});

let count = 0;
/** A browser: its store, and tabs with a queue each; `full` refuses every write. */
function browser() {
  const name = `notes-${count++}`;
  const disk = { full: false };
  const tab = () => {
    const db = new JadePanDb(name);
    const changes = new Changes(db);
    const write = (press: Press) =>
      disk.full ? Promise.reject(new DOMException("full", "QuotaExceededError")) : changes.press(press);
    return { db, changes, queue: new NoteQueue(write) };
  };
  return { disk, tab };
}
const kinds = (log: readonly LogEntry[]) => log.map((e) => ("step" in e ? `${e.kind} ${e.step}` : e.kind));

test("on a full disk the cooking goes on, is drawn, is saved to the rescue file, and is written once, in its order", async () => {
  const { disk, tab } = browser();
  const { db, queue } = tab();
  disk.full = true;
  const all = [begin(), next("d.a", "d.b"), notes({ kind: "timer", at: 3, step: "d.b", minutes: 10 }), finish()];
  for (const press of all) await queue.add(press);
  expect(queue.current().unstored).toHaveLength(4);
  expect(queue.current().refused).toMatchObject({ name: "QuotaExceededError" });
  // What is drawn: begun, at the second step, its timer running, over.
  const drawn = withHeld(await cookingOf(db, supper.id), supper.id, queue.current().presses);
  const wanted = ["begun d.a", "done d.a", "begun d.b", "timer d.b", "finished"];
  expect(kinds(drawn?.log ?? [])).toEqual(wanted);
  expect(progressOf(drawn?.log ?? []).timers.has("d.b")).toBe(true);
  expect(entriesWithHeld([], queue.current().presses).map((e) => e.id)).toEqual(["e1"]);
  // The rescue file holds it.
  const rescued = withPresses({ ...(await readAll(db)), dishes: [...DEMO_DISHES] as never }, queue.current().unstored);
  expect(rescued.cookings.map((c) => kinds(c.log as LogEntry[]))).toEqual([wanted]);
  const file = readHousehold(writeHousehold({ ...rescued, entries: [] }, "now"));
  expect(file.ok && file.value.cookings[0]?.log).toHaveLength(5);
  // Room again: tried from everywhere at once, and still each note is written once.
  disk.full = false;
  await Promise.all([queue.flush(), queue.flush(), queue.add(notes({ kind: "aside", at: 10 }))]);
  const stored = await cookingOf(db, supper.id);
  expect(kinds(stored?.log ?? [])).toEqual([...wanted, "aside"]);
  expect(await db.entries.count()).toBe(1);
  expect(queue.current()).toMatchObject({ unstored: [], refused: null });
  // Read back, nothing is held any more, and nothing is drawn twice.
  expect(kinds(withHeld(stored, supper.id, queue.current().presses)?.log ?? [])).toEqual([...wanted, "aside"]);
  queue.seen("c1", stored?.ids ?? []);
  expect(queue.current().presses).toEqual([]);
});
test("a refusal in the middle holds what comes later, and a write that was told as failed is not written twice", async () => {
  const { tab } = browser();
  const { db, changes } = tab();
  let lies = true;
  const queue = new NoteQueue(async (press) => {
    const ids = await changes.press(press);
    if (press.kind === "notes" && lies) throw new Error("written, and told as failed");
    return ids;
  });
  await queue.add(begin());
  await queue.add(next("d.a", "d.b"));
  await queue.add(next("d.b", "d.c", 3));
  expect(queue.current().unstored).toHaveLength(2);
  lies = false;
  await queue.flush();
  expect(kinds((await cookingOf(db, supper.id))?.log ?? [])).toEqual([
    "begun d.a",
    "done d.a",
    "begun d.b",
    "done d.b",
    "begun d.c",
  ]);
});
test("two tabs press next at once: one note, and no step is skipped", async () => {
  const { tab } = browser();
  const [one, two] = [tab(), tab()];
  await one.queue.add(begin());
  await Promise.all([one.queue.add(next("d.a", "d.b")), two.queue.add(next("d.a", "d.b"))]);
  const { log = [] } = (await cookingOf(one.db, supper.id)) ?? {};
  expect(kinds(log)).toEqual(["begun d.a", "done d.a", "begun d.b"]);
  expect([...progressOf(log).doneAt.keys()]).toEqual(["d.a"]);
});
test("what another tab did while the disk was full is not done again; a weight that was typed meanwhile is kept", async () => {
  const { disk, tab } = browser();
  const [one, two] = [tab(), tab()];
  await one.queue.add(begin());
  disk.full = true;
  await one.queue.add(next("d.a", "d.b"));
  await one.queue.add(notes({ kind: "weighed", at: 3, step: "d.b", readingG: 400, by: "typed" }));
  disk.full = false;
  await two.queue.add(next("d.a", "d.b"));
  await two.queue.add(next("d.b", "d.c"));
  await one.queue.flush();
  const { log = [], ids = [] } = (await cookingOf(two.db, supper.id)) ?? {};
  expect(kinds(log)).toEqual(["begun d.a", "done d.a", "begun d.b", "done d.b", "begun d.c", "weighed d.b"]);
  expect(ids).toHaveLength(log.length);
  // A step that was opened again can be done again.
  await two.queue.add(notes({ kind: "reopened", at: 5, step: "d.a" }));
  await one.queue.add(next("d.a", "d.b", 6));
  expect(progressOf((await cookingOf(one.db, supper.id))?.log ?? []).doneAt.get("d.a")).toBe(6);
});
test("begun in two tabs at once it is one cooking; notes of the other are not left lying about", async () => {
  const { tab } = browser();
  const [one, two] = [tab(), tab()];
  await Promise.all([one.queue.add(begin()), two.queue.add(begin("c2"))]);
  expect(await one.db.cookings.count()).toBe(1);
  const kept = (await one.db.cookings.toArray())[0]?.id;
  const lost = kept === "c1" ? "c2" : "c1";
  await two.queue.add({ kind: "notes", cooking: lost, notes: [note({ kind: "aside", at: 3 })] });
  expect((await one.db.log.toArray()).map((r) => r.cooking)).toEqual([kept]);
  expect([one, two].flatMap((t) => t.queue.current().unstored)).toEqual([]);
});
