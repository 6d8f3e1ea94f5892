import { type BrowserContext, test as base, expect, type Page } from "@playwright/test";

/** Sunday afternoon in the week of the demo supper, four hours before it. */
export const AFTERNOON = new Date("2026-11-29T15:00:00Z");

/** Watches a page: no request leaves the origin, nothing is logged as an error. */
export function watch(page: Page): string[] {
  const faults: string[] = [];
  const origin = new URL(test.info().project.use.baseURL ?? "http://127.0.0.1:3100").origin;
  page.on("request", (r) => {
    const url = new URL(r.url());
    if (url.protocol.startsWith("http") && url.origin !== origin) faults.push(`request to ${r.url()}`);
  });
  page.on("console", (m) => {
    if (m.type() === "error") faults.push(`console: ${m.text()} (${m.location().url})`);
  });
  page.on("pageerror", (e) => faults.push(`error: ${e.message}`));
  return faults;
}

type Store = Awaited<ReturnType<BrowserContext["storageState"]>>;

export const test = base.extend<{ faults: string[] }, { cooked: Store }>({
  /** What a browser holds after the demo supper was cooked once and is being cooked again; made once, by cooking. */
  cooked: [
    async ({ browser }, use, info) => {
      const { baseURL, timezoneId } = info.project.use;
      const context = await browser.newContext({ baseURL, timezoneId });
      const page = await context.newPage();
      await page.clock.install({ time: AFTERNOON });
      await loadDemo(page);
      await page.goto("/supper/stove?s=sunday-supper");
      await page.getByRole("button", { name: "Begin cooking" }).click();
      await cookUntil(page, LAST_STEP);
      await toTheTable(page);
      await expect(page.getByText("How was the bite?")).toBeVisible();
      await page.goto("/supper/stove?s=sunday-supper");
      await page.getByRole("button", { name: "Begin cooking" }).click();
      await expect(page.getByTestId("does")).toBeVisible();
      const store = await context.storageState({ indexedDB: true });
      await context.close();
      await use(store);
    },
    { scope: "worker" },
  ],
  faults: [
    async ({ page }, use) => {
      const faults = watch(page);
      await page.clock.install({ time: AFTERNOON });
      await use(faults);
      expect(faults).toEqual([]);
    },
    { auto: true },
  ],
});
export { expect };

/** Loads the page again once the browser would no longer ask whether it may: everything that was pressed is stored. */
export async function reload(page: Page): Promise<void> {
  const mayLeave = () => window.dispatchEvent(new Event("beforeunload", { cancelable: true }));
  await expect.poll(() => page.evaluate(mayLeave)).toBe(true);
  await page.reload();
}

export async function loadDemo(page: Page): Promise<void> {
  await page.goto("/?demo=1");
  await expect(page.getByText("of hands-on work")).toBeVisible();
}
export async function openStage(page: Page, stage: "Bench" | "Clock" | "Stove"): Promise<void> {
  await page.getByRole("navigation", { name: "Supper" }).getByRole("link", { name: stage }).click();
  await page.waitForURL(`**/supper/${stage.toLowerCase()}?*`);
}
/** From a page of the house to a stage of the demo supper, by its links: a page that is left at once saves nothing. */
export async function toSupper(page: Page, stage: "Bench" | "Clock" | "Stove"): Promise<void> {
  await page.getByRole("navigation", { name: "House" }).getByRole("link", { name: "Counter" }).click();
  await page.getByRole("link", { name: "Sunday supper" }).click();
  await page.waitForURL("**/supper/bench?*");
  if (stage !== "Bench") await openStage(page, stage);
}
/** The account of a step as the drawing tells it to those who don't see it. */
export async function vessel(page: Page, name: string): Promise<string> {
  return (
    (await page
      .getByRole("button", { name: new RegExp(`^${name}: `) })
      .first()
      .getAttribute("aria-label")) ?? ""
  );
}
export const step = (page: Page) => page.getByRole("heading", { level: 1 });
/** Ends the cooking; timers that have time left are asked about once. */
export async function toTheTable(page: Page): Promise<void> {
  await page.getByRole("button", { name: /on the table/ }).click();
  const goOn = page.getByRole("button", { name: "Go on: on the table" });
  await expect(goOn.or(page.getByText("How was the bite?"))).toBeVisible();
  if (await goOn.isVisible()) await goOn.click();
}
/** The last step of the demo supper. */
export const LAST_STEP = /^Season the mushroom cream$/;
/** On to the next step; a timer with time left is asked about once. */
export async function pressNext(page: Page, now: string): Promise<void> {
  await page.getByRole("button", { name: /next:/ }).click();
  const goOn = page.getByRole("button", { name: /^Go on, next:/ });
  let looks = 0;
  await expect(async () => {
    if ((await step(page).innerText()) === now && (await goOn.isVisible())) await goOn.click();
    // Asked at the very moment that the time ran out: there is nothing to ask any more, and the press counts anew.
    else if (++looks > 3) await page.getByRole("button", { name: /next:/ }).click();
    await expect(step(page)).not.toHaveText(now, { timeout: 500 });
  }).toPass();
}
/** Presses on until the heading says what is wanted. */
export async function cookUntil(page: Page, heading: RegExp): Promise<void> {
  for (let i = 0; i < 30; i++) {
    const now = await step(page).innerText();
    if (heading.test(now)) return;
    await pressNext(page, now);
  }
  throw new Error(`never came to ${heading}`);
}

/** What the page alerts to; the framework's own announcer is none of it. */
export const alerts = (page: Page) => page.locator("[role=alert]:not(#__next-route-announcer__)");

/** Changes a food of the step in hand by looking it up. */
export async function chooseFood(page: Page, line: number, query: string, option: RegExp): Promise<void> {
  await page.getByRole("button", { name: new RegExp(`^Food ${line}:`) }).click();
  await page.getByRole("combobox", { name: `Food ${line}` }).fill(query);
  await page.getByRole("option", { name: option }).click();
}
