import { alerts, chooseFood, expect, loadDemo, openStage, test, vessel, toSupper } from "./fixtures";

const DISHES = [
  "Aubergine boats with black lentils",
  "Frozen–thawed smoked tofu, torn, in a cold horseradish filling",
] as const;

test("a block frozen and thawed: the clock reaches days back, and too short a thaw is said", async ({ page }) => {
  await loadDemo(page);
  await page.getByRole("button", { name: `Plan a supper with ${DISHES[1]}` }).click();
  await page.getByLabel("Day", { exact: true }).fill("2026-12-06");
  await page.getByRole("button", { name: "Set the time" }).click();
  await page.waitForURL("**/supper/bench?*");
  await page.getByRole("button", { name: /^Thaw:/ }).click();
  await expect(page.getByText(/Surely thawed by then: it takes/)).toBeVisible();
  const hours = page.getByLabel("For", { exact: true });
  await hours.fill("6");
  await hours.press("Enter");
  await expect(page.getByText(/Still frozen inside: it takes .* Faster and safe: cold water/)).toBeVisible();
  await page.getByRole("button", { name: /^Press:/ }).click();
  await expect(alerts(page).filter({ hasText: "still frozen in the middle" })).toBeVisible();
  // The way out is a button on the thaw, and comes back like any other edit.
  await page.getByRole("button", { name: /^Thaw:/ }).click();
  await page.getByRole("button", { name: /^Give it \d+ h/ }).click();
  await expect.poll(() => vessel(page, "Press")).toMatch(/^Press: \d+ g/);
  await page.keyboard.press("Control+z");
  await expect(page.getByText(/Still frozen inside: it takes/)).toBeVisible();
  await page.keyboard.press("Control+z");
  await expect.poll(() => vessel(page, "Press")).toMatch(/^Press: \d+ g/);
  await openStage(page, "Clock");
  await expect(page.getByText("Freeze · Torn tofu", { exact: true })).toBeVisible();
  await expect(page.getByText(/^Thu 3 Dec|^Fri 4 Dec/).first()).toBeVisible();
});

test("amounts in a cook's words, a tin that has to be asked, a food of the cook's own", async ({ page }) => {
  await loadDemo(page);
  await page.goto("/supper/bench?s=sunday-supper");
  await page.getByRole("button", { name: /^Marinate:/ }).click();
  const mustard = page.getByLabel("Mustard, grainy, amount");
  await mustard.fill("3 tbsp");
  await mustard.press("Enter");
  await expect(page.getByRole("status").filter({ hasText: "3 tbsp = 46 g" })).toBeVisible();
  await chooseFood(page, 1, "garbanzo", /^Chickpeas, tinned/);
  const peas = page.getByLabel("Chickpeas, tinned, drained, amount");
  await peas.fill("a tin");
  await peas.press("Enter");
  await expect(alerts(page).filter({ hasText: "which one? “a 400 g tin” gives 240 g" })).toBeVisible();
  await peas.fill("a 400 g tin");
  await peas.press("Enter");
  await expect(page.getByRole("status").filter({ hasText: "= 240 g" })).toBeVisible();
  // Only a name: the step computes roughly and says so.
  await page.getByRole("button", { name: /^Food 1:/ }).click();
  await page.getByRole("combobox", { name: "Food 1" }).fill("Quince paste");
  await page.getByRole("option", { name: /Add “Quince paste” as my own food/ }).click();
  await expect(page.getByText(/How much water quince paste holds is not known/).first()).toBeVisible();
  await expect(page.getByRole("button", { name: /^Mash/ }).first()).toContainText("g");
  // Its water is learnt under Kitchen, and the plan goes on.
  await page.goto("/kitchen");
  await page.getByRole("button", { name: /^Look up a food:/ }).click();
  await page.getByRole("combobox", { name: "Look up a food" }).fill("quince");
  await page.getByRole("option", { name: /^Quince paste/ }).click();
  await page.getByLabel("water", { exact: true }).fill("40");
  await page.getByLabel("water", { exact: true }).press("Enter");
  await toSupper(page, "Bench");
  await expect.poll(() => vessel(page, "Marinate")).toMatch(/^Marinate: \d+ g/);
});

test("steps are dragged, moved by keys and undone; every kind can be added", async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 1500 });
  await loadDemo(page);
  await page.goto("/supper/bench?s=sunday-supper");
  const order = () =>
    page
      .getByRole("button", { name: /^Move .*, step/ })
      .evaluateAll((all) => all.map((e) => (e.getAttribute("aria-label") ?? "").split(" ")[1]?.replace(",", "")));
  await expect.poll(order).toEqual(["Weigh", "Soak", "Drain", "Squeeze", "Marinate", "Sear"]);
  const from = await page.getByRole("button", { name: /^Move Squeeze/ }).boundingBox();
  const to = await page.getByRole("button", { name: /^Move Soak/ }).boundingBox();
  if (!from || !to) throw new Error("no grips");
  await page.mouse.move(from.x + 8, from.y + 8);
  await page.mouse.down();
  await page.mouse.move(from.x + 8, from.y - 12, { steps: 4 });
  await page.mouse.move(to.x + 8, to.y + 4, { steps: 8 });
  await page.mouse.up();
  await expect.poll(order).toEqual(["Weigh", "Squeeze", "Soak", "Drain", "Marinate", "Sear"]);
  await page.getByRole("button", { name: /^Move Squeeze/ }).focus();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowDown");
  await expect.poll(order).toEqual(["Weigh", "Soak", "Drain", "Squeeze", "Marinate", "Sear"]);
  await page.getByRole("button", { name: /^Undo:/ }).click();
  await expect.poll(order).toEqual(["Weigh", "Soak", "Squeeze", "Drain", "Marinate", "Sear"]);
  await page.getByRole("button", { name: /^Redo:/ }).click();
  const kinds = await page.getByLabel("Kind of step").locator("option").allInnerTexts();
  expect(kinds.length).toBe(53);
  await page.getByLabel("Kind of step").selectOption("Keep warm");
  await expect(page.getByRole("heading", { name: /Keep warm/ })).toBeVisible();
});

test("scaled by what is in hand, it says what does not grow with it", async ({ page }) => {
  await loadDemo(page);
  await page.goto("/supper/bench?s=sunday-supper");
  await page.getByText("Scale by what is in hand").click();
  await page.getByLabel("I have of this").selectOption({ label: "Dried soy strips" });
  const grams = page.getByLabel("Dried soy strips, grams in hand");
  await grams.fill("340");
  await grams.press("Enter");
  await expect.poll(() => vessel(page, "Weigh")).toMatch(/^Weigh: 340 g/);
  await expect(page.getByText(/everything × 2\.13\. .*batches/)).toBeVisible();
});

test("dishes are duplicated, renamed, removed and brought back", async ({ page }) => {
  await loadDemo(page);
  await page.getByRole("button", { name: `Duplicate ${DISHES[0]}` }).click();
  await expect(page.getByText(`${DISHES[0]}, again`, { exact: true })).toBeVisible();
  await page.getByRole("button", { name: `Rename ${DISHES[0]}, again` }).click();
  await page.getByLabel(`New name of ${DISHES[0]}, again`).fill("Boats for Tuesday");
  await page.getByLabel(`New name of ${DISHES[0]}, again`).press("Enter");
  await expect(page.getByText("Boats for Tuesday", { exact: true })).toBeVisible();
  await page.getByRole("button", { name: "Remove Boats for Tuesday" }).click();
  await expect(page.getByText("Boats for Tuesday", { exact: true })).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(page.getByText("Boats for Tuesday", { exact: true })).toBeVisible();
});
