import AxeBuilder from "@axe-core/playwright";
import type { Page } from "@playwright/test";
import { expect, loadDemo, test } from "./fixtures";
import { faultsOn, unseenFocus } from "./look";

const VIEWS: readonly (readonly [string, string, (page: Page) => Promise<unknown>])[] = [
  ["Counter", "/", (p) => expect(p.getByText("of hands-on work")).toBeVisible()],
  ["Kitchen", "/kitchen", (p) => expect(p.getByRole("heading", { name: "Burners" })).toBeVisible()],
  [
    "Bench",
    "/supper/bench?s=sunday-supper",
    (p) => expect(p.getByRole("button", { name: /^Squeeze: 368 g \(/ })).toBeVisible(),
  ],
  [
    "Swap",
    "/supper/swap?s=sunday-supper",
    async (p) => {
      await p.getByRole("button", { name: "strips", exact: true }).click();
      await expect(p.getByRole("button", { name: /Take this route/ }).first()).toBeVisible();
    },
  ],
  ["Clock", "/supper/clock?s=sunday-supper", (p) => expect(p.getByText("What to do when")).toBeVisible()],
  ["Stove", "/supper/stove?s=sunday-supper", (p) => expect(p.getByTestId("does")).toBeVisible()],
  ["Notebook", "/notebook", (p) => expect(p.getByText("How was the bite?")).toBeVisible()],
];

/** With every kind of question in it. */
const LOOKED_AT = `A pot with a name that goes on for quite a while, as names of recipes do
500 g stewing beef, cubed
2 tbsp dripping or lard
2 eggs
8 oz (500 g) mushrooms
1 tsp garam masala
1 leak
300 ml beef stock
4 brioche buns
Simmer for 40 minutes at 200 degrees.`;
const EMPTY: typeof VIEWS = [
  ["Empty counter", "/", (p) => expect(p.getByRole("heading", { level: 1 })).toBeVisible()],
  [
    "Front door with routes",
    "/",
    async (p) => {
      await p.getByRole("button", { name: "fillet", exact: true }).click();
      await expect(p.getByRole("button", { name: /Take this route/ }).first()).toBeVisible();
    },
  ],
  [
    "A recipe turned over",
    "/recipe",
    async (p) => {
      if ((await p.getByRole("radiogroup").count()) === 0) {
        await p.getByLabel("The recipe").fill(LOOKED_AT);
        await p.getByRole("button", { name: "Read it" }).click();
      }
      await expect(p.getByRole("radiogroup").first()).toBeVisible();
    },
  ],
  ["Empty notebook", "/notebook", (p) => expect(p.getByRole("heading", { name: "Nothing cooked yet" })).toBeVisible()],
];

/** Axe in both themes; nothing annoys the eye at a phone's, a tablet's and a desk's width; the focus is seen. */
async function look(page: Page, [name, path, ready]: (typeof VIEWS)[number]): Promise<void> {
  await page.emulateMedia({ colorScheme: "light", reducedMotion: "reduce" });
  await page.goto(path);
  await ready(page);
  for (const theme of ["light", "dark"] as const) {
    await page.emulateMedia({ colorScheme: theme, reducedMotion: "reduce" });
    await expect(page.locator("html")).toHaveClass(new RegExp(`\\b${theme}\\b`));
    const { violations } = await new AxeBuilder({ page })
      .withTags(["wcag2a", "wcag2aa", "wcag21aa", "wcag22aa"])
      .analyze();
    expect(violations.map((v) => `${theme}: ${v.id}: ${v.nodes[0]?.target} ${v.nodes[0]?.failureSummary}`)).toEqual([]);
  }
  for (const width of [390, 1024, 1280]) {
    await page.setViewportSize({ width, height: 844 });
    await ready(page);
    await expect(async () =>
      expect({ name, width, faults: await faultsOn(page) }).toEqual({ name, width, faults: [] }),
    ).toPass({ timeout: 10_000 });
  }
  expect(await unseenFocus(page, TABS)).toEqual([]);
}
/** How far the focus is followed into a page. */
const TABS = 25;

/** What a finger has to reach, on a phone. */
async function lookOnPhone(page: Page, [name, path, ready]: (typeof VIEWS)[number]): Promise<void> {
  await page.goto(path);
  await ready(page);
  expect({ name, faults: await faultsOn(page, { touch: true }) }).toEqual({ name, faults: [] });
}
const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true } as const;

/** A household in which everything has a long name, and a supper that began three days ago. */
const LONG = "Grandmother-in-law's slow-braised Sunday something with dumplings";
/** Written from right to left. */
const LEFTWARD = "مرق العدس الأحمر مع الخبز والبصل المقلي والطحينة والليمون";
async function namedAtLength(page: Page): Promise<void> {
  await loadDemo(page);
  await page.getByRole("button", { name: /^Plan a supper with Frozen–thawed smoked tofu/ }).click();
  await page.getByLabel("Day", { exact: true }).fill("2026-12-06");
  await page.getByRole("button", { name: "Set the time" }).click();
  await page.waitForURL("**/supper/bench?*");
  await page.getByLabel("Dish", { exact: true }).fill(LONG);
  await page.getByLabel("Dish", { exact: true }).press("Enter");
  await page.getByLabel("Name of the part").fill(LEFTWARD);
  await page.getByLabel("Name of the part").press("Enter");
  await expect(page.getByRole("heading", { level: 1, name: LEFTWARD })).toBeVisible();
  // What is drawn at once may still be on its way, and the address is about to change.
  await expect(page.getByTestId("storing")).toBeHidden();
}
test("long names and a supper over several days break no page", async ({ page }) => {
  await namedAtLength(page);
  const bench = page.url();
  for (const view of ["bench", "clock", "stove"] as const) {
    await page.goto(bench.replace("bench", view));
    for (const width of [1280, 1024, 390]) {
      await page.setViewportSize({ width, height: 844 });
      // At the Stove the part is named, on the Bench and the Clock the dish.
      const named = page.getByText(LONG).or(page.getByText(LEFTWARD));
      await expect(named.filter({ visible: true }).first()).toBeVisible();
      // On a loaded machine a width takes its time to be drawn.
      await expect(async () =>
        expect({ view, width, faults: await faultsOn(page) }).toEqual({ view, width, faults: [] }),
      ).toPass({ timeout: 10_000 });
    }
  }
});

for (const view of EMPTY) test(`looks right: ${view[0]}`, ({ page }) => look(page, view));

test.describe("after cooking", () => {
  test.use({ storageState: ({ cooked }, give) => give(cooked) });
  for (const view of VIEWS) test(`looks right: ${view[0]}`, ({ page }) => look(page, view));
  test.describe("on a phone", () => {
    test.use(PHONE);
    for (const view of VIEWS) test(`within a thumb's reach: ${view[0]}`, ({ page }) => lookOnPhone(page, view));
  });
});
test.describe("on a phone", () => {
  test.use(PHONE);
  for (const view of EMPTY) test(`within a thumb's reach: ${view[0]}`, ({ page }) => lookOnPhone(page, view));
});

test("pages are static, carry the headers, and know their fonts", async ({ page, request }) => {
  const response = await request.get("/");
  for (const path of ["/", "/kitchen", "/supper/stove?s=x", "/nowhere"]) {
    const policy = (await request.get(path)).headers()["content-security-policy"] ?? "";
    expect(policy).toContain("default-src 'self'");
    // Inline scripts of the build by their hashes, no others.
    expect(/script-src ([^;]*)/.exec(policy)?.[1]).toMatch(/^'self'( 'sha256-[\w+/=]{44}')+$/);
  }
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
