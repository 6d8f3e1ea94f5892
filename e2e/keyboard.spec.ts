import { expect, test } from "./fixtures";

test("the thread by keyboard alone", async ({ page }) => {
  const tabTo = async (name: RegExp) => {
    for (let i = 0; i < 120; i++) {
      await page.keyboard.press("Tab");
      const focused = await page.evaluate(() => {
        const e = document.activeElement;
        return e?.getAttribute("aria-label") ?? e?.textContent ?? "";
      });
      if (name.test(focused)) return;
    }
    throw new Error(`no way by Tab to ${name}`);
  };
  await page.goto("/");
  await expect(page.getByRole("button", { name: /Look round in the demo/ })).toBeVisible();
  await tabTo(/Look round in the demo/);
  await page.keyboard.press("Enter");
  await expect(page.getByText("of hands-on work")).toBeVisible();
  await tabTo(/^Sunday supper$/);
  await page.keyboard.press("Enter");
  await page.waitForURL("**/supper/bench?*");
  await expect(page.getByRole("button", { name: /^Soak:/ })).toBeVisible();
  await tabTo(/^Soak:/);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: /2\. Soak/ })).toBeVisible();
  await page.keyboard.press("Home");
  await page.goto("/supper/stove?s=sunday-supper");
  await expect(page.getByRole("button", { name: "Begin cooking" })).toBeVisible();
  await tabTo(/^Begin cooking$/);
  await page.keyboard.press("Enter");
  const heading = page.getByRole("heading", { level: 1 });
  await expect(heading).toHaveText("Weigh out for the strips");
  await page.keyboard.press("Space");
  await expect(heading).toHaveText("Soak the strips");
  await page.keyboard.press("b");
  await expect(heading).toHaveText("Weigh out for the strips");
  // A focused button answers the space bar once, not twice.
  await tabTo(/Done, next/);
  await page.keyboard.press("Space");
  await expect(heading).toHaveText("Soak the strips");
  await page.keyboard.press("t");
  await expect(page.getByRole("timer")).toBeVisible();
  await page.keyboard.press("1");
  await expect(page.getByRole("timer")).toHaveCount(0);
  // Switched off, single keys do nothing.
  await page.getByRole("checkbox", { name: /single keys/ }).uncheck();
  await page.locator("body").click({ position: { x: 5, y: 400 } });
  await page.keyboard.press("b");
  await expect(heading).toHaveText("Soak the strips");
  // "?" lists the keys of this page, itself a single key; the list closes with Escape and gives the focus back.
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog", { name: "Keys" })).toHaveCount(0);
  await page.getByRole("checkbox", { name: /single keys/ }).check();
  await page.locator("body").click({ position: { x: 5, y: 400 } });
  await page.keyboard.press("?");
  const keys = page.getByRole("dialog", { name: "Keys" });
  await expect(keys).toContainText("done, on to the next step");
  await page.keyboard.press("b");
  await page.keyboard.press("Escape");
  await expect(keys).toHaveCount(0);
  await expect(heading).toHaveText("Soak the strips");
});
