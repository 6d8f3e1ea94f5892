import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";
import { cookUntil, expect, loadDemo, test } from "./fixtures";

const VIEWS: readonly (readonly [string, string, (page: Page) => Promise<unknown>])[] = [
  ["Counter", "/", (p) => expect(p.getByText("of hands-on work")).toBeVisible()],
  ["Kitchen", "/kitchen", (p) => expect(p.getByRole("heading", { name: "Burners" })).toBeVisible()],
  [
    "Bench",
    "/supper/bench?s=sunday-supper",
    (p) => expect(p.getByRole("button", { name: /^Squeeze: 368 g \(/ })).toBeVisible(),
  ],
  ["Clock", "/supper/clock?s=sunday-supper", (p) => expect(p.getByText("In this order")).toBeVisible()],
  ["Stove", "/supper/stove?s=sunday-supper", (p) => expect(p.getByTestId("does")).toBeVisible()],
  ["Notebook", "/notebook", (p) => expect(p.getByText("How was the bite?")).toBeVisible()],
];

/** The demo with a cooking under way on the Stove and one entry in the Notebook. */
async function prepared(page: Page): Promise<void> {
  await loadDemo(page);
  await page.goto("/supper/stove?s=sunday-supper");
  await page.getByRole("button", { name: "Begin cooking" }).click();
  await cookUntil(page, /^Mash it$/);
  await page.getByRole("button", { name: /on the table/ }).click();
  await expect(page.getByText("How was the bite?")).toBeVisible();
  await page.goto("/supper/stove?s=sunday-supper");
  await page.getByRole("button", { name: "Begin cooking" }).click();
  await expect(page.getByTestId("does")).toBeVisible();
}

for (const theme of ["light", "dark"] as const)
  test(`axe finds nothing on any view, ${theme}`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: theme, reducedMotion: "reduce" });
    await page.goto("/");
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    const found: unknown[] = [];
    const look = async (name: string) => {
      const { violations } = await new AxeBuilder({ page })
        .withTags(["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"])
        .analyze();
      found.push(...violations.map((v) => `${name}: ${v.id}: ${v.nodes[0]?.target} ${v.nodes[0]?.failureSummary}`));
    };
    await look("Empty counter");
    await page.goto("/notebook");
    await expect(page.getByRole("heading", { name: "Nothing cooked yet" })).toBeVisible();
    await look("Empty notebook");
    await prepared(page);
    for (const [name, path, ready] of VIEWS) {
      await page.goto(path);
      await ready(page);
      await look(name);
    }
    expect(found).toEqual([]);
  });

test("nothing runs off the side at 390, 1024 and 1280", async ({ page }) => {
  await prepared(page);
  for (const width of [390, 1024, 1280]) {
    await page.setViewportSize({ width, height: 844 });
    for (const [name, path, ready] of VIEWS) {
      await page.goto(path);
      await ready(page);
      const over = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect({ name, width, over: Math.max(0, over) }).toEqual({ name, width, over: 0 });
    }
  }
});

test("pages are static, carry the headers, and know their fonts", async ({ page, request }) => {
  const response = await request.get("/");
  expect(response.headers()["content-security-policy"]).toContain("default-src 'self'");
  expect(response.headers()["x-content-type-options"]).toBe("nosniff");
  const fonts: number[] = [];
  page.on("response", async (r) => {
    if (r.url().endsWith(".woff2")) fonts.push((await r.body()).length);
  });
  await page.goto("/");
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await page.evaluate(() => document.fonts.ready);
  expect(fonts.reduce((a, b) => a + b, 0)).toBeLessThan(120 * 1024);
  expect(await page.evaluate(() => document.fonts.check("16px 'Figtree Variable'"))).toBe(true);
  const api = await request.get("/api/v1/openapi.json");
  expect((await api.json()).openapi).toBe("3.1.0");
  const refused = await request.post("/api/v1/plan", { data: { supper: 1 } });
  expect(refused.status()).toBe(422);
  expect((await refused.json()).field).toBe("supper");
});
