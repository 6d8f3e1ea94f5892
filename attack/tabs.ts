import type { BrowserContext, Page } from "@playwright/test";
import { inBrowser, loadDemo, stored, type } from "./browser";
import type { Dice } from "./chance";
import { type Row, Tally } from "./report";

const BENCH = "/supper/bench?s=sunday-supper";
const shows = (page: Page, label: string, value: string, withinMs: number): Promise<boolean> =>
  page
    .waitForFunction(
      ([l, v]) =>
        [...document.querySelectorAll<HTMLInputElement | HTMLTextAreaElement>("input, textarea")].some(
          (i) => (i.labels?.[0]?.textContent === l || i.ariaLabel === l) && i.value === v,
        ),
      [label, value] as const,
      // A page in the background draws no frames: asked by time.
      { timeout: withinMs, polling: 50 },
    )
    .then(
      () => true,
      () => false,
    );

/** Two tabs edit different fields of one supper at the same moment: both edits stay, each tab follows the other. */
async function twoTabs(context: BrowserContext, dice: Dice, count: number, withinMs: number): Promise<Row> {
  const tally = new Tally("two tabs, one supper");
  const [one, other] = [await context.newPage(), await context.newPage()];
  await loadDemo(one);
  await Promise.all([one.goto(BENCH), other.goto(BENCH)]);
  for (let n = 0; n < count; n++) {
    const [guests, name] = [String(1 + (n % 30)), `Dish ${dice.below(1e6)}`];
    await one.getByLabel("Guests", { exact: true }).fill(guests);
    await other.getByLabel("Dish", { exact: true }).fill(name);
    await Promise.all([
      one.getByLabel("Guests", { exact: true }).press("Enter"),
      other.getByLabel("Dish", { exact: true }).press("Enter"),
    ]);
    const seen = await Promise.all([
      shows(one, "Dish", name, withinMs),
      shows(other, "Guests", guests, withinMs),
      shows(one, "Guests", guests, withinMs),
      shows(other, "Dish", name, withinMs),
    ]);
    tally.note(seen.every(Boolean) ? null : `round ${n}: ${seen.join()} of other, one, own, own`);
  }
  await one.close();
  await other.close();
  return tally.row(`both stay and are seen by the other within ${withinMs / 1000} s`);
}

/** The store refuses, each time for another reason: it is told, nothing shows as stored, and once it takes it again all is there. */
async function refusals(context: BrowserContext, count: number): Promise<Row> {
  const tally = new Tally("writes that fail");
  const page = await context.newPage();
  await loadDemo(page);
  await page.goto(BENCH);
  const reasons = ["QuotaExceededError", "UnknownError", "InvalidStateError", "AbortError"];
  for (let n = 0; n < count; n++) {
    const value = String(2 + (n % 30));
    await page.evaluate(
      (reason) => {
        const { put } = IDBObjectStore.prototype;
        Object.assign(window, { heal: () => (IDBObjectStore.prototype.put = put) });
        IDBObjectStore.prototype.put = () => {
          throw new DOMException("refused", reason);
        };
      },
      reasons[n % reasons.length],
    );
    await type(page, "Guests", value);
    const alert = page.getByRole("alert").filter({ hasText: "Not stored yet" });
    await alert.waitFor();
    const marked = await page.getByTestId("storing").isVisible();
    await page.evaluate(() => (window as unknown as { heal: () => void }).heal());
    await alert.getByRole("button", { name: "Try again" }).click();
    await alert.waitFor({ state: "detached" });
    await stored(page);
    await page.reload();
    const kept = await page
      .waitForFunction(
        (v) =>
          [...document.querySelectorAll("input")].some((i) => i.labels?.[0]?.textContent === "Guests" && i.value === v),
        value,
      )
      .then(() => true);
    tally.note(marked && kept ? null : `${reasons[n % reasons.length]}: marked ${marked}, kept ${kept}`);
  }
  await page.close();
  return tally.row("told, marked, kept on screen, stored in the end");
}

/** `followsMs`: within this a tab shows what another one changed. */
export async function tabs(
  dice: Dice,
  rounds: { readonly tabs: number; readonly writes: number; readonly followsMs: number },
): Promise<Row[]> {
  return inBrowser(async (fresh) => [
    await twoTabs(await fresh(), dice, rounds.tabs, rounds.followsMs),
    await refusals(await fresh(), rounds.writes),
  ]);
}
