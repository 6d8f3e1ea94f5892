import { mkdtemp, writeFile } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { Browser, Page } from "@playwright/test";
import { demoHousehold } from "@/app/_state/demo";
import { type Household, writeHousehold } from "@/core/formats/household";

/** Households far larger than any kitchen's: files of them, and the Counter on top of them. */
const NOW = Date.now();
const median = (times: readonly number[]) =>
  Math.round(times.slice().sort((a, b) => a - b)[times.length >> 1] as number);

/** The demo household, with so many copies of its dish, its supper (in weeks gone by) and its entries. */
function household(of: { readonly suppers: number; readonly dishes: number; readonly entries: number }): string {
  const demo = demoHousehold(NOW, "Europe/Dublin");
  const many = <T extends { readonly id: string }>(
    rows: readonly T[],
    n: number,
    more: (i: number) => object = () => ({}),
  ) =>
    Array.from({ length: n }, (_, i) => ({
      ...(rows[i % rows.length] as T),
      id: `${rows[i % rows.length]?.id}-${i}`,
      ...more(i),
    }));
  const weeksAgo = (i: number) => new Date(NOW - (i + 1) * 7 * 86_400_000).toISOString();
  return writeHousehold(
    {
      ...demo,
      suppers: [...demo.suppers, ...many(demo.suppers, of.suppers, (i) => ({ serveAt: weeksAgo(i) }))],
      dishes: [...demo.dishes, ...many(demo.dishes, of.dishes)],
      entries: many(demo.entries, of.entries, (i) => ({ finishedAt: weeksAgo(i) })),
    } as unknown as Household,
    new Date(NOW).toISOString(),
  );
}

/** How long something takes, and the longest time in which the page answered nothing, ms. */
async function during(
  page: Page,
  work: () => Promise<unknown>,
): Promise<{ readonly ms: number; readonly silentMs: number }> {
  await page.evaluate(() => {
    const pulse = { last: performance.now(), longest: 0, timer: 0 };
    pulse.timer = window.setInterval(() => {
      const now = performance.now();
      pulse.longest = Math.max(pulse.longest, now - pulse.last - 20);
      pulse.last = now;
    }, 20);
    Object.assign(window, { pulse });
  });
  const from = performance.now();
  await work();
  const ms = Math.round(performance.now() - from);
  return {
    ms,
    silentMs: Math.round(
      await page.evaluate(() => (window as unknown as { pulse: { longest: number } }).pulse.longest),
    ),
  };
}
async function bringIn(page: Page, text: string): Promise<void> {
  // From the disk: a file that is handed over as bytes would be measured along.
  const file = join(await mkdtemp(join(tmpdir(), "jade-pan-")), "household.json");
  await writeFile(file, text);
  await page.getByLabel("Household file").setInputFiles(file);
  await page.getByRole("button", { name: /Bring it in|Replace what is here/ }).click();
  await page.getByText("The file has taken the place").waitFor();
}
/** In a page of its own: what the import left to clear up is not the Counter's. */
async function untilCounter(imported: Page): Promise<number> {
  const page = await imported.context().newPage();
  await imported.close();
  const times: number[] = [];
  for (let i = 0; i < 7; i++) {
    const from = performance.now();
    await page.goto("/");
    await page.getByText("of hands-on work").waitFor();
    times.push(performance.now() - from);
    await page.waitForTimeout(1000);
  }
  return median(times);
}

export async function measureLarge(chrome: Browser, base: string, print: (figure: object) => void): Promise<void> {
  const page = async () => {
    const at = await (await chrome.newContext({ baseURL: base })).newPage();
    await at.goto("/kitchen");
    await at.getByRole("button", { name: "Import a file" }).waitFor();
    return at;
  };
  const large = await page();
  const text = household({ suppers: 10, dishes: 10, entries: 10_000 });
  const mb = Math.round(text.length / 1e6);
  print({
    name: `import of 10,000 entries, ${mb} MB`,
    ...(await during(large, () => bringIn(large, text))),
    targetMs: 5000,
  });
  const exported = () =>
    Promise.all([large.waitForEvent("download"), large.getByRole("button", { name: "Export everything" }).click()]);
  print({ name: "export of 10,000 entries", ...(await during(large, exported)), targetMs: 5000 });
  await large.context().close();

  const [few, many] = [await page(), await page()];
  await bringIn(few, household({ suppers: 0, dishes: 0, entries: 6 }));
  await bringIn(many, household({ suppers: 500, dishes: 300, entries: 5000 }));
  const fewMs = await untilCounter(few);
  const manyMs = await untilCounter(many);
  print({
    name: "Counter with 500 suppers, 300 dishes, 5,000 entries",
    manyMs,
    fewMs,
    share: Number((manyMs / fewMs).toFixed(2)),
    targetShare: 1.2,
  });
}
