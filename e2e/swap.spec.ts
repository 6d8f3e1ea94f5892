import { expect, loadDemo, test } from "./fixtures";

/** Figures of a card and of the Bench, read as text. */
const grams = (text: string, of: RegExp): number => Number(of.exec(text)?.[1] ?? NaN);

test("from the empty state to a Bench that computes, in three actions, with the figures of the card", async ({
  page,
}) => {
  await page.goto("/");
  await page.getByRole("button", { name: "strips", exact: true }).click();
  const card = page.getByRole("region", { name: "Soy strips, squeezed and seared" });
  await expect(card).toContainText("Ask who must not eat what");
  await page.getByRole("button", { name: "nobody" }).click();
  await expect(card).not.toContainText("Ask who must not eat what");
  await expect(card).toContainText(/begin by \d\d:\d\d/);
  const said = await card.innerText();
  await card.getByRole("button", { name: /Take this route/ }).click();
  await page.waitForURL("**/supper/bench?*");
  await expect(page.getByText("Each of 4 eats")).toBeVisible();
  const bench = await page.getByText(/ salt · /).innerText();
  expect(grams(bench, /([\d.]+) g protein/)).toBe(grams(said, /([\d.]+) g protein/));
  expect(grams(bench, /([\d.]+) g salt/)).toBe(grams(said, /([\d.]+) g salt/));
  await expect(page.getByText("instead of 600 g beef strips")).toBeVisible();
  const clock = page.getByRole("navigation", { name: "Supper" }).getByRole("link", { name: "Clock" });
  await expect(clock).toContainText(`begin ${/begin by (\d\d:\d\d)/.exec(said)?.[1]}`);
});

test("somebody must not eat gluten: what is certain is out, a batter is changed, and they sit at the table", async ({
  page,
}) => {
  await page.goto("/");
  await page.getByRole("button", { name: "battered fillet" }).click();
  await page.getByRole("button", { name: "no gluten" }).click();
  const palm = page.getByRole("region", { name: "Hearts of palm in batter" });
  await expect(palm).toContainText("Adapted: rice flour for wheat flour");
  await palm.getByRole("button", { name: /Take this route/ }).click();
  await page.waitForURL("**/supper/bench?*");
  await expect(page.getByRole("region", { name: "Who can eat it" })).toContainText("no gluten");
  await page.goto("/swap");
  await page.getByRole("button", { name: "roast", exact: true }).click();
  await expect(page.getByText(/gluten contains gluten/).first()).toBeVisible();
});

test("in a supper a route adds a dish, by its own time and people; undone it is gone", async ({ page }) => {
  await loadDemo(page);
  await page.goto("/supper/swap?s=sunday-supper");
  await page.getByRole("button", { name: "One more dish" }).click();
  await page.getByRole("button", { name: "mince", exact: true }).click();
  // Four hours before dinner nothing can be frozen and thawed.
  await expect(page.getByText(/out: takes 2 days/)).toBeVisible();
  await page.getByRole("button", { name: "Take this route: Soy granules, browned" }).click();
  await page.waitForURL("**/supper/bench?*");
  await expect(page.getByRole("button", { name: "Soy granules, browned" })).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(page.getByRole("button", { name: "Soy granules, browned" })).toBeHidden();
});

test("in a supper the desk opens on the meat of its dish; a route takes the place of its part, and the rest stays", async ({
  page,
}) => {
  await loadDemo(page);
  await page.goto("/supper/swap?s=sunday-supper");
  await expect(page.getByRole("button", { name: "strips", exact: true })).toHaveAttribute("aria-pressed", "true");
  await expect(page.getByText("takes the place of “Strips”")).toBeVisible();
  await page
    .getByRole("button", { name: /^Take this route: King oyster/ })
    .first()
    .click();
  await page.waitForURL("**/supper/bench?*");
  await expect(page.getByRole("button", { name: /^King oyster/ })).toBeVisible();
  await expect(page.getByRole("button", { name: /^Mushroom cream/ })).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(page.getByRole("button", { name: /^Strips/ })).toBeVisible();
});
