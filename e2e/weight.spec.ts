import { gzipSync } from "node:zlib";
// Without the fixtures' stopped clock: it hides what the browser has timed.
import { expect, type Page, test } from "@playwright/test";
import { loadDemo } from "./fixtures";

/**
 * What a page fetches until it shows its first figure or question: every script, workers aside, gzipped. KiB. The check
 * fails above; what is loaded later, on demand or ahead, is measured beside it by `npm run bench`.
 */
const BUDGET_KIB: Readonly<Record<string, number>> = {
  "/": 270,
  "/supper/stove?s=sunday-supper": 270,
  "/supper/bench?s=sunday-supper": 330,
  "/supper/clock?s=sunday-supper": 330,
  "/supper/swap?s=sunday-supper": 330,
  "/recipe": 330,
};
/** The first figure or question of each page. */
const FIRST: Readonly<Record<string, string>> = {
  "/": "text=of hands-on work",
  "/supper/stove?s=sunday-supper": "text=Begin cooking",
  "/supper/bench?s=sunday-supper": "[aria-label^='Weigh: 160 g']",
  "/supper/clock?s=sunday-supper": "text=What to do when",
  "/supper/swap?s=sunday-supper": "text=cold slices",
  "/recipe": "text=Read it",
};

const sizes = new Map<string, number>();
/** KiB of scripts that the page itself has fetched so far, gzipped. */
async function scriptsKib(page: Page): Promise<number> {
  const names = await page.evaluate(() => {
    const shownAt = performance.getEntriesByName("first shown")[0]?.startTime ?? Infinity;
    return performance
      .getEntriesByType("resource")
      .filter((e) => /\.js(\?|$)/.test(e.name) && (e as PerformanceResourceTiming).initiatorType !== "other")
      .filter((e) => e.startTime <= shownAt)
      .map((e) => e.name);
  });
  let bytes = 0;
  for (const name of new Set(names)) {
    if (!sizes.has(name)) sizes.set(name, gzipSync(await (await page.request.get(name)).body()).length);
    bytes += sizes.get(name) ?? 0;
    if (process.env.WEIGHT) console.log(name.split("/").at(-1), sizes.get(name));
  }
  return bytes / 1024;
}

/** Notes in the page itself when its first figure stands there: what is asked for after that moment is no part of the first load, however late the test looks. */
async function noteWhenShown(page: Page, selector: string): Promise<void> {
  await page.addInitScript((first) => {
    const isShown = () =>
      first.startsWith("text=")
        ? (document.body?.innerText ?? "").includes(first.slice("text=".length))
        : document.querySelector(first) !== null;
    const watch = new MutationObserver(() => {
      if (!isShown()) return;
      performance.mark("first shown");
      watch.disconnect();
    });
    watch.observe(document, { childList: true, subtree: true, characterData: true, attributes: true });
  }, selector);
}

for (const [path, most] of Object.entries(BUDGET_KIB))
  test(`${path.split("?")[0]} with the demo household fetches at most ${most} KiB of scripts`, async ({ page }) => {
    await loadDemo(page);
    const fresh = await page.context().newPage();
    await noteWhenShown(fresh, FIRST[path] as string);
    await fresh.goto(path);
    await fresh
      .locator(FIRST[path] as string)
      .first()
      .waitFor();
    const kib = await scriptsKib(fresh);
    test.info().annotations.push({ type: "KiB", description: kib.toFixed(1) });
    console.log(`${path}: ${kib.toFixed(1)} KiB`);
    expect(kib).toBeGreaterThan(100);
    expect(kib).toBeLessThanOrEqual(most);
  });

test("the Counter of an empty browser fetches at most 270 KiB", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("button", { name: /demo household/i }).waitFor();
  const kib = await scriptsKib(page);
  console.log(`/ empty: ${kib.toFixed(1)} KiB`);
  expect(kib).toBeLessThanOrEqual(270);
});
