import { chooseFood, expect, openStage, test, vessel, toSupper } from "./fixtures";

test("from the empty state: another dish, kitchen and eaters, only through the screens", async ({ page }) => {
  await page.goto("/");
  await expect(page.getByRole("heading", { name: "What is leaving the pan?" })).toBeVisible();

  // People and kitchen of our own.
  await page.getByRole("link", { name: "Kitchen" }).click();
  await page.getByRole("button", { name: "Add somebody" }).click();
  await page.getByLabel("Name of Eater 1").fill("Wren");
  await page.getByLabel("Name of Eater 1").press("Enter");
  await page.getByRole("button", { name: "Wren: no sesame" }).click();
  await page.getByRole("button", { name: "Wren: no soy" }).click();
  await page.getByRole("button", { name: "Wren: no gluten" }).click();
  await page.getByRole("button", { name: "Remove Burner 2" }).click();
  await expect(page.getByLabel("Power")).toHaveCount(1);
  await page.getByLabel("Power").fill("2400");
  await page.getByLabel("Power").press("Enter");

  // A dish from nothing: bound pieces of another food.
  await page.getByRole("link", { name: "Counter", exact: true }).click();
  await page.getByRole("button", { name: "Start from nothing" }).click();
  await page.waitForURL("**/supper/bench?*");
  await page.getByRole("button", { name: "Bound and shaped" }).click();
  await expect.poll(() => vessel(page, "Weigh")).toMatch(/^Weigh: 30 g/);
  await page.getByRole("button", { name: /^Weigh:/ }).click();
  await chooseFood(page, 1, "masoor", /^Split red lentils, dry/);
  await page.getByLabel(/Split red lentils, dry, amount/).fill("150");
  await page.getByLabel(/Split red lentils, dry, amount/).press("Enter");
  await expect.poll(() => vessel(page, "Weigh")).toMatch(/^Weigh: 150 g/);

  // Somebody who must not eat soy: none of it is left, the flour has to be asked about for gluten, the flax for what is packed beside it.
  const check = page.getByRole("region", { name: "Who can eat it" });
  await expect(check).toContainText("Wren, no sesame: read 1 label first.");
  await expect(check).toContainText("Wren, no soy: every food is free of it");
  await expect(check).toContainText("Wren, no gluten: read 2 labels first.");

  // The lentils soak cold and long: the ledger and the clock are others than the demo's.
  await page.getByRole("button", { name: /^Soak:/ }).click();
  await page.getByLabel("Minutes", { exact: true }).fill("100");
  await page.getByLabel("Minutes", { exact: true }).press("Enter");
  await page.getByLabel("Water temperature").fill("20");
  await page.getByLabel("Water temperature").press("Enter");
  await page.getByLabel("Water, amount").fill("400");
  await page.getByLabel("Water, amount").press("Enter");
  await expect.poll(() => vessel(page, "Soak")).toMatch(/^Soak: 2\d\d g/);
  await page.getByRole("button", { name: /^Bind:/ }).click();
  await page.getByRole("button", { name: "Food", exact: true }).click();
  await page.getByRole("combobox", { name: /^Food to add/ }).fill("20 g tahini");
  await page.getByRole("option", { name: /^Tahini: / }).click();
  await expect(check).toContainText("not for Wren. Tahini contains it.");

  // A second part that needs the one burner at the same time: served hot within ten minutes.
  await page.getByRole("button", { name: "New part" }).click();
  await page.getByRole("button", { name: "Sauce", exact: true }).click();
  await expect(page.getByRole("heading", { level: 1, name: "Sauce" })).toBeVisible();
  await openStage(page, "Clock");
  await expect(page.getByText("What to do when")).toBeVisible();
  const text = await page.getByRole("main").innerText();
  expect(text).toContain("Soak · Bound and shaped");
  expect(text).toMatch(/Sun 29 Nov, (14|15|16):\d\d: /);
  expect(text).not.toContain("Burner 2");

  // A wait that cannot be kept is said to be the reason.
  await openStage(page, "Bench");
  await page.getByRole("button", { name: "Sauce" }).click();
  await page.getByRole("button", { name: /^Season:/ }).click();
  await page.getByRole("button", { name: "Move step earlier" }).click();
  await expect(page.getByRole("button", { name: "Undo: Move step" })).toBeEnabled();
  await page.keyboard.press("Control+z");
  await expect(page.getByRole("button", { name: /Undo: Add a part/ })).toBeEnabled();
});

test("hours that leave no time and a hob that is gone are said, on the Clock and on the Bench", async ({ page }) => {
  await page.goto("/?demo=1");
  await expect(page.getByText("of hands-on work")).toBeVisible();
  await page.goto("/kitchen");
  // Away until a quarter to seven on a Sunday too: no hour and a half is left for it.
  const away = page.getByRole("group", { name: "Away 1" });
  await away.getByRole("button", { name: "Sun" }).click();
  await away.getByLabel("to").fill("18:45");
  await away.getByLabel("to").press("Enter");
  await toSupper(page, "Clock");
  await expect(page.getByRole("heading", { name: "It does not fit" })).toBeVisible();
  await expect(page.getByText("Without the hours of sleep and absence it fits")).toBeVisible();
  await page.goto("/kitchen");
  for (const name of ["Front right", "Back", "Front left"])
    await page.getByRole("button", { name: `Remove ${name}`, exact: true }).click();
  await toSupper(page, "Bench");
  await page.getByRole("button", { name: /^Sear:/ }).click();
  await expect(page.getByRole("alert").filter({ hasText: "The kitchen has no burner" })).toBeVisible();
});
