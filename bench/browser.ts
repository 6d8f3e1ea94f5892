import { spawn } from "node:child_process";
import { gzipSync } from "node:zlib";
import { chromium as browser, type Page } from "@playwright/test";
import { chromium } from "../playwright.config";
import { measureLarge } from "./large";

/** Figures of the built application in a real browser: first-load JavaScript, fonts, and the repaint after an edit. */
const PORT = 3199;
const base = `http://127.0.0.1:${PORT}`;
const print = (figure: object) => console.log(JSON.stringify(figure));
const percentile = (sorted: readonly number[], q: number) =>
  Math.round(sorted[Math.min(sorted.length - 1, Math.ceil(q * sorted.length) - 1)] as number);

/** The first figure or question of each page, and the KiB of scripts that it may wait for (`e2e/weight.spec.ts` fails above). */
const FIRST: Readonly<Record<string, readonly [first: string, targetKib: number | undefined]>> = {
  "/": ["text=of hands-on work", 270],
  "/supper/stove": ["text=Begin cooking", 270],
  "/supper/bench": ["[aria-label^='Weigh: 160 g']", 330],
  "/supper/clock": ["text=What to do when", 330],
  "/kitchen": ["text=Burners", undefined],
  "/notebook": ["text=Notebook", undefined],
};
/** So long after the first figure everything that is fetched ahead has come. */
const SETTLED_MS = 6000;
const kib = (bytes: number) => Number((bytes / 1024).toFixed(1));

/** Scripts until the first figure stands, and beside it all that a first visit transfers, prefetch and workers included. */
async function firstLoad() {
  const chrome = await browser.launch(chromium.launchOptions);
  for (const [path, [first, targetKib]] of Object.entries(FIRST)) {
    const context = await chrome.newContext();
    const demo = await context.newPage();
    await demo.goto(`${base}/?demo=1`);
    await demo.getByText("of hands-on work").waitFor();
    await demo.waitForTimeout(1000);
    const page = await context.newPage();
    const gzipped = new Map<string, Promise<number>>();
    page.on("response", (r) => {
      const url = r.url().split("#")[0] as string;
      if (!gzipped.has(url))
        gzipped.set(
          url,
          r.body().then(
            (b) => (url.endsWith(".woff2") ? b.length : gzipSync(b).length),
            () => 0,
          ),
        );
    });
    const client = await context.newCDPSession(page);
    await client.send("Network.setCacheDisabled", { cacheDisabled: true });
    await page.goto(`${base}${path}?s=sunday-supper`);
    await page.locator(first).first().waitFor();
    const scripts = await page.evaluate(() =>
      performance
        .getEntriesByType("resource")
        .filter((e) => /\.js(\?|$)/.test(e.name) && (e as PerformanceResourceTiming).initiatorType !== "other")
        .map((e) => e.name),
    );
    let untilFirst = 0;
    for (const url of new Set(scripts)) untilFirst += (await gzipped.get(url)) ?? 0;
    await page.waitForTimeout(SETTLED_MS);
    const sizes = await Promise.all([...gzipped].map(async ([url, size]) => [url, await size] as const));
    const sum = (of: (url: string) => boolean) => kib(sizes.reduce((n, [url, size]) => (of(url) ? n + size : n), 0));
    print({
      name: `first load ${path}`,
      scriptKib: kib(untilFirst),
      targetKib,
      fontKib: sum((url) => url.endsWith(".woff2")),
      targetFontKib: 120,
      allKib: sum(() => true),
    });
    await context.close();
  }
  await chrome.close();
}

/** From the Enter in a field to the frame in which the drawing shows the new weight. */
/** Milliseconds from Enter to the new grams on the drawing, with the demo supper and with sixty steps and more. */
async function repaint() {
  const chrome = await browser.launch(chromium.launchOptions);
  const page = await chrome.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${base}/?demo=1`);
  await page.getByText("of hands-on work").waitFor();
  await edits(page, "repaint on Bench after an edit");
  const steps = await page.evaluate(fourDishes);
  await edits(page, `repaint on Bench after an edit, four dishes of ${steps} steps`);
  await chrome.close();
}

/** Puts large dishes of the shelf, to sixty steps and a few, beside the one of the supper, in the browser's own store. */
async function fourDishes(): Promise<number> {
  interface Shelved {
    id: string;
    parts: { steps: unknown[] }[];
  }
  const done = <T>(request: IDBRequest<T>) =>
    new Promise<T>((resolve, reject) => {
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error);
    });
  const db = await done(indexedDB.open("jade-pan"));
  const stores = db.transaction(["dishes", "suppers"], "readwrite");
  const steps = (d: Shelved) => d.parts.reduce((n, p) => n + p.steps.length, 0);
  const shelf: Shelved[] = await done(stores.objectStore("dishes").getAll());
  const supper = await done(stores.objectStore("suppers").get("sunday-supper"));
  const others = shelf.filter((d) => d.id !== "mustard-strips").sort((a, b) => steps(b) - steps(a));
  supper.dishes = [supper.dishes[0], ...others.slice(1, 4)];
  await done(stores.objectStore("suppers").put(supper));
  db.close();
  return supper.dishes.reduce((n: number, d: Shelved) => n + steps(d), 0);
}

async function edits(page: Page, name: string) {
  await page.goto(`${base}/supper/bench?s=sunday-supper`);
  await page.getByRole("button", { name: /^Weigh:/ }).click();
  const field = page.getByLabel("Dried soy strips, amount");
  await field.waitFor();
  const times: number[] = [];
  for (let i = 0; i < 40; i++) {
    const grams = 160 + (i % 40) + 1;
    // Edits come one at a time: ranges and clock of the last one are done before the next.
    await page.waitForTimeout(600);
    await field.fill(String(grams));
    times.push(
      await page.evaluate(async (wanted) => {
        const from = performance.now();
        document.activeElement?.dispatchEvent(new KeyboardEvent("keydown", { key: "Enter", bubbles: true }));
        for (;;) {
          await new Promise(requestAnimationFrame);
          if (document.querySelector(`button[aria-label^="Weigh: ${wanted} g"]`)) return performance.now() - from;
          if (performance.now() - from > 5000) return 5000;
        }
      }, grams),
    );
  }
  const sorted = times.slice(10).sort((a, b) => a - b);
  print({
    name,
    runs: sorted.length,
    p50Ms: percentile(sorted, 0.5),
    p95Ms: percentile(sorted, 0.95),
    p99Ms: percentile(sorted, 0.99),
    targetP95Ms: 100,
  });
}

/** Starts the built application, measures, and stops it. Without a build it says so and measures nothing. */
export async function measureInBrowser(): Promise<void> {
  const server = spawn("node", ["node_modules/next/dist/bin/next", "start", "-H", "127.0.0.1", "-p", String(PORT)], {
    stdio: "ignore",
  });
  try {
    for (let i = 0; ; i++) {
      const up = await fetch(base).then(
        (r) => r.ok,
        () => false,
      );
      if (up) break;
      if (i > 60) return print({ name: "browser", skipped: "no build: run `npm run build` first" });
      await new Promise((r) => setTimeout(r, 500));
    }
    await firstLoad();
    await repaint();
    const chrome = await browser.launch(chromium.launchOptions);
    await measureLarge(chrome, base, print);
    await chrome.close();
  } finally {
    server.kill();
  }
}
