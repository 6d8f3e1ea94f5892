import { expect, LAST_STEP, loadDemo, pressNext, step, test, toTheTable } from "./fixtures";

/** Pictures of each main view from the demo household: `npm run screenshots` after a build. */
const shot = (name: string) => ({ path: `docs/screenshots/${name}.png` });

test("pictures", async ({ page }) => {
  test.setTimeout(180_000);
  await page.goto("/");
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await page.screenshot(shot("counter-empty"));
  await page.getByRole("button", { name: "strips", exact: true }).click();
  await page.getByRole("button", { name: "nobody" }).click();
  await expect(page.getByText(/begin by/).first()).toBeVisible();
  await page.screenshot(shot("swap"));
  await page.emulateMedia({ colorScheme: "dark" });
  await page.getByRole("button", { name: "battered fillet" }).click();
  await page.getByRole("button", { name: "no gluten" }).click();
  await expect(page.getByText("Adapted: rice flour for wheat flour").first()).toBeVisible();
  await expect(page.getByText(/begin by/).first()).toBeVisible();
  await page.screenshot(shot("swap-iron"));
  await page.emulateMedia({ colorScheme: "light" });

  await page.goto("/recipe");
  await page
    .getByLabel("The recipe")
    .fill(
      [
        "Beef and barley pot",
        "Serves 4",
        "600 g stewing beef, cubed",
        "2 tbsp dripping or lard",
        "2 onions, chopped",
        "3 carrots, sliced",
        "120 g pearl barley",
        "750 ml beef stock",
        "1 tbsp Worcestershire sauce",
        "1 knob of butter",
        "8 oz (500 g) mushrooms",
        "Brown the beef in the dripping for 10 minutes. Fry the onions and carrots for 8 minutes.",
        "Add the barley and stock, cover and simmer for 1 hour 30 minutes. Stir in the butter.",
      ].join("\n"),
    );
  await page.getByRole("button", { name: "Read it" }).click();
  await page.getByRole("button", { name: "nobody" }).click();
  await expect(page.getByRole("radiogroup").getByText(/firm/).first()).toBeVisible();
  await page.screenshot(shot("recipe"));

  await loadDemo(page);
  await expect(page.getByText("Undo")).toBeHidden({ timeout: 15_000 });
  await page.screenshot(shot("counter"));
  await page.setViewportSize({ width: 390, height: 844 });
  await page.screenshot(shot("counter-phone"));
  await page.setViewportSize({ width: 1280, height: 800 });

  await page.goto("/kitchen");
  await expect(page.getByRole("heading", { name: "Burners" })).toBeVisible();
  await page.screenshot(shot("kitchen"));

  await page.goto("/supper/bench?s=sunday-supper");
  await page.getByRole("button", { name: /^Marinate:/ }).click();
  await expect(page.getByRole("button", { name: /^Squeeze: 368 g \(/ })).toBeVisible();
  await page.screenshot(shot("bench"));
  await page.emulateMedia({ colorScheme: "dark" });
  await page.screenshot(shot("bench-iron"));
  await page.emulateMedia({ colorScheme: "light" });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole("button", { name: /^Marinate:/ }).click();
  await expect(page.getByRole("region", { name: "The step in hand" })).toBeVisible();
  await page.screenshot(shot("bench-phone"));
  await page.setViewportSize({ width: 1280, height: 800 });

  await page.goto("/");
  await page.getByRole("button", { name: /^Plan a supper with Frozen/ }).click();
  await page.getByLabel("Day", { exact: true }).fill("2026-12-06");
  await page.getByRole("button", { name: "Set the time" }).click();
  await page.waitForURL("**/supper/bench?*");
  await page.getByRole("button", { name: /^Press: \d+ g \(/ }).click();
  await page.setViewportSize({ width: 1280, height: 1000 });
  await page.screenshot(shot("bench-frozen"));
  await page.setViewportSize({ width: 1280, height: 800 });

  await page.goto("/supper/clock?s=sunday-supper");
  await expect(page.getByText("What to do when")).toBeVisible();
  await expect(page.getByText(/In time in/)).toBeVisible();
  await page.screenshot(shot("clock"));

  // The page's own clock goes along: a device that is set is another story.
  const at = async (hour: number, minute: number) => {
    const now = await page.evaluate(() => Date.now());
    await page.clock.fastForward(Math.max(0, Date.UTC(2026, 10, 29, hour, minute) - now));
  };
  await at(17, 50);
  await page.goto("/supper/stove?s=sunday-supper");
  await page.getByRole("button", { name: "Begin cooking" }).click();
  // Whatever the plan puts first, up to the squeeze.
  for (const [hour, minute] of [
    [17, 52],
    [17, 54],
    [18, 5],
    [18, 6],
    [18, 8],
  ] as const) {
    const now = await step(page).innerText();
    if (/Squeeze the strips/.test(now)) break;
    await at(hour, minute);
    await pressNext(page, now);
  }
  await expect(step(page)).toContainText("Squeeze the strips");
  await expect(page.getByTestId("does")).toContainText("(335");
  await page.screenshot(shot("stove"));
  await page.getByLabel("Weight typed, g").fill("418");
  await page.getByRole("button", { name: "Use this weight" }).click();
  await expect(page.getByLabel("What changes from here")).toContainText("batches");
  await page.setViewportSize({ width: 1280, height: 1000 });
  await page.screenshot(shot("stove-weighed"));
  await page.setViewportSize({ width: 390, height: 844 });
  await page.screenshot(shot("stove-phone"));
  await page.setViewportSize({ width: 1280, height: 800 });

  // What this cook took: close to the plan, but for a third batch.
  for (const minute of [10, 13, 15, 24, 30, 34, 47, 50, 52, 57, 59]) {
    await at(18, minute);
    if (LAST_STEP.test(await step(page).innerText())) break;
    const now = await step(page).innerText();
    await pressNext(page, now);
  }
  await toTheTable(page);
  await page.getByRole("radio", { name: "8 of 10" }).click();
  await page.getByLabel("Next time").fill("Squeeze in a cloth: the third batch cost three minutes.");
  await page.getByLabel("Next time").blur();
  await expect(page.locator(".recharts-bar-rectangle").first()).toBeVisible();
  await page.screenshot(shot("notebook"));
});

test("a picture of a supper that should have begun", async ({ page }) => {
  await loadDemo(page);
  const now = await page.evaluate(() => Date.now());
  await page.clock.fastForward(Date.UTC(2026, 10, 29, 17, 57) - now);
  await page.emulateMedia({ colorScheme: "dark" });
  await page.goto("/supper/clock?s=sunday-supper");
  await expect(page.getByText(/What is in the way/)).toBeVisible();
  await page.screenshot(shot("clock-late"));
});
