import type { BrowserContext, Page } from "@playwright/test";
import { inBrowser, loadDemo, PATIENCE_MS, stored } from "./browser";
import type { Dice } from "./chance";
import { type Row, Tally } from "./report";

const STOVE = "/supper/stove?s=sunday-supper";
const does = (page: Page) => page.getByTestId("does");
async function begun(context: BrowserContext): Promise<Page> {
  const page = await context.newPage();
  await loadDemo(page);
  await page.goto(STOVE);
  await page.getByRole("button", { name: "Begin cooking" }).click();
  await does(page).waitFor();
  return page;
}
/** Kinds of notes that the store has, in their order. */
const notes = (page: Page): Promise<string[]> =>
  page.evaluate(
    () =>
      new Promise<string[]>((done) => {
        const open = indexedDB.open("jade-pan");
        open.onsuccess = () => {
          const all = open.result.transaction("log").objectStore("log").getAll();
          all.onsuccess = () => {
            open.result.close();
            done(
              (all.result as { entry: { kind: string; step?: string } }[]).map(
                (r) => `${r.entry.kind} ${r.entry.step}`,
              ),
            );
          };
        };
      }),
  );
const changed = (page: Page, from: string) =>
  page.waitForFunction((text) => document.querySelector("[data-testid=does]")?.textContent !== text, from, {
    polling: 50,
  });

/** Writes fail for some presses at the Stove: the step goes on, and once there is room each note is there once, in order. */
async function fullDisk(context: BrowserContext, dice: Dice, rounds: number): Promise<Row> {
  const tally = new Tally("a full disk at the Stove");
  const page = await begun(context);
  for (let n = 0; n < rounds; n++) {
    const before = (await notes(page)).filter((k) => k.startsWith("done")).length;
    await page.evaluate(() => {
      const { add } = IDBObjectStore.prototype;
      Object.assign(window, { heal: () => (IDBObjectStore.prototype.add = add) });
      IDBObjectStore.prototype.add = () => {
        throw new DOMException("full", "QuotaExceededError");
      };
    });
    const presses = 1 + dice.below(2);
    for (let press = 0; press < presses; press++) {
      const text = (await does(page).textContent()) ?? "";
      await page.keyboard.press("Space");
      await changed(page, text);
    }
    const alert = page.getByRole("alert").filter({ hasText: "not stored yet" });
    await alert.waitFor();
    await page.evaluate(() => (window as unknown as { heal: () => void }).heal());
    await alert.getByRole("button", { name: "Try again" }).click();
    await alert.waitFor({ state: "detached" });
    await stored(page);
    const done = (await notes(page)).filter((k) => k.startsWith("done"));
    const once = new Set(done).size === done.length;
    tally.note(once && done.length === before + presses ? null : `${presses} presses: ${done.join(", ")}`);
  }
  await page.close();
  return tally.row("cooked on, each note stored once and in order");
}
/** Two tabs press *next* in the same moment: one step is done, none is skipped. */
async function nextAtOnce(context: BrowserContext, rounds: number): Promise<Row> {
  const tally = new Tally("next in two tabs at once");
  const one = await begun(context);
  const other = await context.newPage();
  await other.goto(STOVE);
  await does(other).waitFor();
  for (let n = 0; n < rounds; n++) {
    const text = (await does(one).textContent()) ?? "";
    await Promise.all([one.keyboard.press("Space"), other.keyboard.press("Space")]);
    await Promise.all([changed(one, text), changed(other, text)]);
    await Promise.all([stored(one), stored(other)]);
    const done = (await notes(one)).filter((k) => k.startsWith("done"));
    tally.note(done.length === n + 1 && new Set(done).size === n + 1 ? null : `round ${n}: ${done.join(", ")}`);
  }
  await one.close();
  await other.close();
  return tally.row("one note each time");
}
/** Both tabs hold one note of the notebook; one writes it, the other only comes and goes: never the older text again. */
async function staleText(context: BrowserContext, dice: Dice, rounds: number): Promise<Row> {
  const tally = new Tally("an old text in another tab");
  const [one, other] = [await context.newPage(), await context.newPage()];
  await loadDemo(one);
  await Promise.all([one.goto("/notebook"), other.goto("/notebook")]);
  const note = (page: Page) => page.getByLabel("Next time", { exact: true });
  for (let n = 0; n < rounds; n++) {
    const text = `note ${dice.below(1e6)}`;
    await note(other).focus();
    await note(one).fill(text);
    await note(one).blur();
    await stored(one);
    await note(other).blur();
    await other.reload();
    await note(other).waitFor();
    const seen = [await note(one).inputValue(), await note(other).inputValue()];
    tally.note(seen.every((s) => s === text) ? null : `${text}: ${seen.join(" / ")}`);
  }
  await one.close();
  await other.close();
  return tally.row("the newest stands in both");
}
/** What is kept for days without a network is cleared under a page: it fills itself again. */
async function emptied(context: BrowserContext): Promise<Row> {
  const tally = new Tally("what is kept offline, cleared");
  const page = await context.newPage();
  await loadDemo(page);
  const kept = () =>
    page.evaluate(async () => {
      const names = await caches.keys();
      const counts = await Promise.all(names.map(async (n) => (await (await caches.open(n)).keys()).length));
      return navigator.serviceWorker.controller === null ? 0 : counts.reduce((a, b) => a + b, 0);
    });
  const until = async (least: number) => {
    for (let look = 0; look < PATIENCE_MS / 250 && (await kept()) < least; look++)
      await new Promise((done) => setTimeout(done, 250));
    return (await kept()) >= least;
  };
  await until(60);
  const all = await kept();
  await page.evaluate(async () => void (await Promise.all((await caches.keys()).map((n) => caches.delete(n)))));
  await page.goto("/kitchen");
  tally.note((await until(all)) ? null : `${await kept()} of ${all}`);
  await context.setOffline(true);
  await page.goto("/notebook/");
  const shown = page.getByRole("heading", { level: 1 }).first();
  tally.note(
    await shown.waitFor().then(
      () => null,
      () => "no page without a network",
    ),
  );
  await page.close();
  return tally.row("filled again, an address with a slash at its end works");
}

/** What is done to somebody who cooks, and to what they type. */
export async function stove(dice: Dice, rounds: number): Promise<Row[]> {
  return inBrowser(async (fresh) => [
    await fullDisk(await fresh(), dice, rounds),
    await nextAtOnce(await fresh(), Math.min(rounds, 6)),
    await staleText(await fresh(), dice, rounds),
    await emptied(await fresh()),
  ]);
}
