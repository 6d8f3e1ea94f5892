import { readFileSync } from "node:fs";
import { expect, test } from "./fixtures";

const RECIPE = `Beef and barley pot
Serves 4
600 g stewing beef, cubed
2 tbsp dripping or lard
2 onions, chopped
3 carrots, sliced
120 g pearl barley
750 ml beef stock
1 tsp asafoetida
1 tsp dust of stars
8 oz (500 g) mushrooms
salt and pepper
Brown the beef in the dripping for 10 minutes. Fry the onions and carrots for 8 minutes.
Add the barley and stock, cover and simmer for 1 hour 30 minutes. Season.`;

test("from the empty state a pasted recipe stands on a Bench that computes; pasted again it is recognised", async ({
  page,
}) => {
  await page.goto("/");
  await page.getByRole("button", { name: "Turn a recipe over" }).click();
  await page.getByLabel("The recipe").fill(RECIPE);
  await page.getByRole("button", { name: "Read it" }).click();
  const beef = page.getByRole("radiogroup", { name: "Routes for 600 g stewing beef, cubed" });
  await expect(beef.getByRole("radio").first()).toBeChecked();
  await page.getByRole("button", { name: "nobody" }).click();
  await page.getByLabel("Amount of 8 oz (500 g) mushrooms").fill("250");
  await page.getByLabel("Amount of 8 oz (500 g) mushrooms").press("Enter");
  await expect(page.getByText("250 g button mushrooms")).toBeVisible();
  await page.getByRole("button", { name: "Choose what 1 tsp asafoetida is" }).click();
  await page.getByRole("combobox", { name: "What 1 tsp asafoetida is" }).fill("curry");
  // The list hangs on its field: where an answer that comes in moves the page, it moves too, and a press may miss it.
  const curry = page.getByRole("option", { name: /^Curry powder/ });
  await expect(async () => {
    if (await curry.isVisible()) await curry.click();
    await expect(page.getByText("2.1 g curry powder")).toBeVisible({ timeout: 5000 });
  }).toPass();
  await beef.getByRole("radio", { name: "Soy strips, simmered" }).click();
  await expect(beef.getByRole("radio", { name: "Soy strips, simmered" })).toBeChecked();
  const said = await beef.getByRole("radio", { name: "Soy strips, simmered" }).innerText();
  // Pressed twice is done once.
  await page.getByRole("button", { name: "Put it on the Bench" }).dblclick();
  await page.waitForURL("**/supper/bench?*");
  await expect(page.getByText("instead of 600 g stewing beef, cubed")).toBeVisible();
  const grams = /([\d.]+) g dried soy strips/.exec(said)?.[1];
  await expect(page.getByRole("button", { name: new RegExp(`^Weigh: ${grams} g`) }).first()).toBeVisible();
  // What nobody knows is a food of the cook's own: it asks, and stops nothing else.
  await expect(page.getByText("Still to be looked at").first()).toBeVisible();
  // The recipe stands where it was: line by line, before and after.
  await page.getByRole("link", { name: "The recipe it was, line by line" }).click();
  await expect(page.getByText("750 g vegetable stock")).toBeVisible();
  await page.goBack();
  await expect(page.getByText("instead of 600 g stewing beef, cubed")).toBeVisible();
  // It goes out as a recipe, and comes in again.
  const coming = page.waitForEvent("download");
  await page.getByLabel("Save the dish as").selectOption("json-ld");
  const out = readFileSync(await (await coming).path(), "utf8");
  expect(JSON.parse(out)).toMatchObject({ "@type": "Recipe", recipeYield: "4 servings" });
  await page.goto("/recipe");
  await page.getByLabel("The recipe").fill(out);
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(page.getByText(`${grams} g dried soy strips`).first()).toBeVisible();
  await page.getByRole("button", { name: "Another recipe" }).click();
  await page.getByLabel("The recipe").fill(`  ${RECIPE}\n`);
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(page.getByText("You have turned this recipe over before: Beef and barley pot.")).toBeVisible();
  await page.goto("/");
  await expect(page.getByRole("link", { name: /^Beef and barley pot, / })).toHaveCount(1);
});

test("markup in a paste never runs; what is no recipe says what is missing", async ({ page }) => {
  await page.goto("/recipe");
  const field = page.getByLabel("The recipe");
  await field.fill("Dear diary, it rained.");
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(page.getByRole("alert").filter({ hasText: "no ingredient was found" })).toBeVisible();
  await expect(field).toHaveValue("Dear diary, it rained.");
  await field.fill(
    "Stew<img src=x onerror=\"document.title='run'\">\n500 g beef mince<script>document.title='run'</script>\nSimmer 20 minutes.",
  );
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(page.getByRole("radiogroup", { name: "Routes for 500 g beef mince" })).toBeVisible();
  expect(await page.title()).not.toContain("run");
});
