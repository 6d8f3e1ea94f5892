// Without the fixtures: a page without a network may say so in its console.
import { expect, type Page, test } from "@playwright/test";
import { loadDemo, openStage, watch } from "./fixtures";

/** Waits until everything is kept that the service worker keeps. */
const allKept = (page: Page) =>
  expect
    .poll(
      () =>
        page.evaluate(async () => {
          if (navigator.serviceWorker.controller?.state !== "activated") return 0;
          const names = await caches.keys();
          const kept = await Promise.all(names.map(async (name) => (await (await caches.open(name)).keys()).length));
          return kept.reduce((a, b) => a + b, 0);
        }),
      { timeout: 60_000 },
    )
    .toBeGreaterThan(60);

test.describe("without a network", () => {
  test.use({ serviceWorkers: "allow" });
  test("after one visit a supper is planned, cooked and kept, pages reload, and everything is exported", async ({
    page,
    context,
  }) => {
    await loadDemo(page);
    await allKept(page);
    await context.setOffline(true);
    // A reload, with workers that are fetched anew from what is kept.
    await page.reload();
    await expect(page.getByText("of hands-on work")).toBeVisible();
    await page.getByRole("link", { name: "Sunday supper" }).click();
    await page.waitForURL("**/supper/bench?*");
    await expect(page.getByRole("button", { name: /^Squeeze: 368 g/ })).toBeVisible();
    await page.getByRole("button", { name: /^Soak:/ }).click();
    await page.getByLabel("Water, amount").fill("800");
    await page.getByLabel("Water, amount").press("Enter");
    await expect(page.getByRole("button", { name: /^Undo: Water: amount/ })).toBeEnabled();
    await openStage(page, "Clock");
    await expect(page.getByText("What to do when")).toBeVisible();
    await openStage(page, "Stove");
    await page.getByRole("button", { name: "Begin cooking" }).click();
    await expect(page.getByTestId("does")).toBeVisible();
    await page.keyboard.press("Space");
    await page.reload();
    await expect(page.getByTestId("does")).toBeVisible();
    for (const path of ["/notebook", "/recipe", "/swap", "/kitchen"]) {
      await page.goto(path);
      await expect(page.getByRole("heading", { level: 1 }).first()).toBeVisible();
    }
    const download = page.waitForEvent("download");
    await page.getByRole("button", { name: "Export everything" }).click();
    expect((await download).suggestedFilename()).toBe("jade-pan-household.json");
  });
  test("online and with the service worker in control, workers still start from the second page on", async ({
    page,
  }) => {
    const faults = watch(page);
    await loadDemo(page);
    await allKept(page);
    await page.goto("/supper/bench?s=sunday-supper");
    await expect(page.getByRole("button", { name: /^Squeeze: 368 g/ })).toBeVisible();
    await page.reload();
    await expect(page.getByRole("button", { name: /^Squeeze: 368 g \(/ })).toBeVisible();
    expect(faults).toEqual([]);
    // Another version is there: it waits, and comes when the cook says so. The page has asked for its own one by then.
    await expect.poll(() => page.evaluate(() => performance.getEntriesByName("offline").length)).toBe(1);
    await page.evaluate(() => navigator.serviceWorker.register("/sw.js?newer"));
    await expect(page.getByText("A new version of Jade Pan is ready.")).toBeVisible();
    // While the page goes there is nobody to ask.
    const inControl = () => page.evaluate(() => navigator.serviceWorker.controller?.scriptURL ?? "").catch(() => "");
    expect(await inControl()).not.toContain("newer");
    await page.getByRole("button", { name: "Reload now" }).click();
    await expect.poll(inControl).toContain("newer");
    await expect(page.getByRole("button", { name: /^Squeeze: 368 g \(/ })).toBeVisible();
  });
});
test.describe("what is kept", () => {
  test.use({ serviceWorkers: "allow" });
  const kept = (page: Page) =>
    page.evaluate(async () => {
      const names = (await caches.keys()).filter((n) => n.includes("precache"));
      return (await Promise.all(names.map(async (n) => (await (await caches.open(n)).keys()).length))).reduce(
        (a, b) => a + b,
        0,
      );
    });
  test("fills itself again when it is found empty, and an address with a slash at its end works without a network", async ({
    page,
    context,
  }) => {
    await loadDemo(page);
    await allKept(page);
    const all = await kept(page);
    await page.evaluate(async () => {
      for (const name of await caches.keys()) await caches.delete(name);
    });
    expect(await kept(page)).toBe(0);
    await page.goto("/notebook");
    await expect.poll(() => kept(page), { timeout: 60_000 }).toBe(all);
    await context.setOffline(true);
    await page.goto("/kitchen/");
    await expect(page.getByRole("heading", { level: 1 }).first()).toBeVisible();
    expect(new URL(page.url()).pathname).toBe("/kitchen");
    await page.goto("/supper/bench/?s=sunday-supper");
    await expect(page.getByRole("button", { name: /^Squeeze: 368 g/ })).toBeVisible();
  });
  test("a new version that is taken in another tab is told, and this one cooks on", async ({ page, context }) => {
    await loadDemo(page);
    await allKept(page);
    await page.goto("/supper/stove?s=sunday-supper");
    await page.getByRole("button", { name: "Begin cooking" }).click();
    await expect(page.getByTestId("does")).toBeVisible();
    const other = await context.newPage();
    await other.goto("/");
    await expect.poll(() => other.evaluate(() => performance.getEntriesByName("offline").length)).toBe(1);
    await other.evaluate(() => navigator.serviceWorker.register("/sw.js?newer"));
    await other.getByRole("button", { name: "Reload now" }).click();
    await expect(page.getByText("was taken in another tab")).toBeVisible();
    const first = await page.getByTestId("does").innerText();
    await page.keyboard.press("Space");
    await expect(page.getByTestId("does")).not.toHaveText(first);
  });
});
test("it can be kept as an app: a manifest with icons that are there", async ({ request }) => {
  const manifest = await (await request.get("/manifest.webmanifest")).json();
  expect(manifest).toMatchObject({ name: "Jade Pan", display: "standalone", start_url: "/" });
  for (const { src } of manifest.icons as { src: string }[]) expect((await request.get(src)).status()).toBe(200);
  expect(manifest.icons.some((i: { purpose?: string }) => i.purpose === "maskable")).toBe(true);
  const worker = await request.get("/sw.js");
  expect(worker.headers()["content-type"]).toContain("text/javascript");
  expect(await worker.text()).toContain("/supper/stove");
});
