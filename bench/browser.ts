import { spawn } from "node:child_process";
import { gzipSync } from "node:zlib";
import { chromium as browser, type Page } from "@playwright/test";
import { chromium } from "../playwright.config";

/** Figures of the built application in a real browser: first-load JavaScript, fonts, and the repaint after an edit. */
const PORT = 3199;
const base = `http://127.0.0.1:${PORT}`;
const print = (figure: object) => console.log(JSON.stringify(figure));
const percentile = (sorted: readonly number[], q: number) =>
  Math.round(sorted[Math.min(sorted.length - 1, Math.ceil(q * sorted.length) - 1)] as number);

async function firstLoad() {
  const targets: Record<string, number> = {
    "/": 300,
    "/supper/stove": 300,
    "/supper/bench": 420,
    "/supper/clock": 420,
    "/kitchen": 420,
    "/notebook": 420,
  };
  const chrome = await browser.launch(chromium.launchOptions);
  const filled = await chrome.newContext();
  const demo = await filled.newPage();
  await demo.goto(`${base}/?demo=1`);
  await demo.getByText("of hands-on work").waitFor();
  for (const [path, targetKb] of Object.entries(targets)) {
    const page = await filled.newPage();
    // Routes that Next fetches ahead for links are not this page's first load: only what its document names counts.
    const html = await (await fetch(`${base}${path}`)).text();
    // The framework's polyfills are marked noModule: no browser that runs the rest loads them.
    const tags = [...html.matchAll(/<script[^>]*src="(\/_next\/static\/[^"]+\.js)"[^>]*>/g)].filter(
      (m) => !/nomodule/i.test(m[0]),
    );
    const scripts = [...new Set(tags.map((m) => m[1] as string))];
    let bytes = 0;
    for (const src of scripts) bytes += gzipSync(Buffer.from(await (await fetch(base + src)).arrayBuffer())).length;
    const fonts: Promise<number>[] = [];
    page.on("response", (r) => {
      if (r.url().endsWith(".woff2")) fonts.push(r.body().then((b) => b.length));
    });
    await page.goto(`${base}${path}?s=sunday-supper`);
    await page.getByRole("heading").first().waitFor();
    const fontBytes = (await Promise.all(fonts)).reduce((a, b) => a + b, 0);
    print({
      name: `first load ${path}`,
      scriptKbGzip: Math.round(bytes / 1024),
      targetKb,
      fontKb: Math.round(fontBytes / 1024),
      targetFontKb: 120,
    });
    await page.close();
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
  } finally {
    server.kill();
  }
}
