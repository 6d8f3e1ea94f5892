import type { Page } from "@playwright/test";
import { firstPage, loadDemo, stored, type, Victim } from "./browser";
import type { Dice } from "./chance";
import { type Row, Tally } from "./report";

/** Where something is entered, what it reads afterwards, and how the next thing is entered. */
interface Place {
  readonly name: string;
  readonly path: string;
  readonly prepare?: (page: Page) => Promise<void>;
  /** Enters the n-th value and gives back what has to be there after a kill. */
  readonly enter: (page: Page, n: number) => Promise<string>;
  readonly read: (page: Page) => Promise<string>;
}
const fieldAt = (name: string, path: string, label: string, valueOf: (n: number) => string): Place => ({
  name,
  path,
  async enter(page, n) {
    await type(page, label, valueOf(n));
    await stored(page);
    return valueOf(n);
  },
  read: (page) => page.getByLabel(label, { exact: true }).inputValue(),
});
const heading = (page: Page) => page.getByRole("heading", { level: 1 });
const PLACES: readonly Place[] = [
  fieldAt("Bench", "/supper/bench?s=sunday-supper", "Guests", (n) => String(1 + (n % 40))),
  fieldAt("Kitchen", "/kitchen", "Name of the household", (n) => `House ${n}`),
  {
    name: "Stove",
    path: "/supper/stove?s=sunday-supper",
    async prepare(page) {
      await page.getByRole("button", { name: "Begin cooking" }).click();
      await page.getByTestId("does").waitFor();
    },
    // To the next step and, past the half, back again: what is shown is what was noted.
    async enter(page, n) {
      const now = await heading(page).innerText();
      await page.keyboard.press(n % 20 < 12 ? "Space" : "b");
      // What would be cut short is asked about once.
      const goOn = page.getByRole("button", { name: /^Go on, next:/ });
      for (let i = 0; i < 200 && (await heading(page).innerText()) === now; i++)
        if (await goOn.isVisible()) await goOn.click();
        else await page.waitForTimeout(50);
      return heading(page).innerText();
    },
    read: (page) => heading(page).innerText(),
  },
];
/** The browser is killed so long after the mark is gone at the most, ms. */
const LATEST_MS = 250;

/** Killed at a random moment after what was entered is shown as stored: it is there when the browser comes back. */
export async function kills(dice: Dice, count: number): Promise<Row[]> {
  const rows: Row[] = [];
  for (const place of PLACES) {
    const tally = new Tally(`killed on the ${place.name}`);
    const victim = await Victim.create();
    let expected: string | null = null;
    for (let n = 0; n <= count; n++) {
      const context = await victim.start();
      const page = await firstPage(context);
      if (n === 0) await loadDemo(page);
      await page.goto(place.path);
      if (n === 0) await place.prepare?.(page);
      if (expected !== null) {
        const [want, read] = [expected, () => place.read(page)];
        const came = await until(async () => (await read()) === want);
        tally.note(came ? null : `“${want}” was entered, “${await read()}” came back`);
      }
      if (n === count) await context.close();
      else {
        expected = await place.enter(page, n);
        await page.waitForTimeout(dice.next() * LATEST_MS);
        await victim.kill(context);
      }
    }
    await victim.remove();
    rows.push(tally.row("nothing lost"));
  }
  return rows;
}
/** Asks again for a few seconds. */
async function until(holds: () => Promise<boolean>): Promise<boolean> {
  for (let i = 0; i < 100; i++) {
    if (await holds().catch(() => false)) return true;
    await new Promise((done) => setTimeout(done, 100));
  }
  return false;
}
