import { readFile } from "node:fs/promises";
import { alerts, expect, loadDemo, reload, test, toSupper } from "./fixtures";

test("a coeliac's labels are read one by one, remembered, and can be forgotten", async ({ page }) => {
  await loadDemo(page);
  await page.getByRole("link", { name: "Sunday supper" }).click();
  const check = page.getByRole("region", { name: "Who can eat it" });
  await expect(check).toContainText(
    "Ilse, no gluten: not for Ilse, unless the label says free of it: Oat cream, Oat drink.",
  );
  for (const food of ["Oat cream", "Oat drink", "Mustard, grainy", "Tamari", "Vegetable stock powder", "Plant butter"])
    await page.getByRole("button", { name: `${food}: label says free of gluten` }).click();
  await expect(check).toContainText("read 1 label first");
  await page.getByRole("button", { name: "Dried soy strips: label says contains gluten" }).click();
  await expect(check).toContainText("not for Ilse. Dried soy strips contains it.");
  await page.goto("/kitchen");
  await page.getByRole("button", { name: "Forget the label of Dried soy strips" }).click();
  await toSupper(page, "Bench");
  await expect(page.getByRole("region", { name: "Who can eat it" })).toContainText("read 1 label first");
});

test("a supper from a dish in three actions, removed and brought back", async ({ page }) => {
  await loadDemo(page);
  await page.getByRole("button", { name: "Plan a supper with Caraway patties with brown-glazed carrots" }).click();
  await page.getByLabel("On the table at").fill("18:30");
  await page.getByRole("button", { name: "Set the time" }).click();
  await page.waitForURL("**/supper/bench?*");
  await page.goto("/");
  const line = page.getByRole("link", { name: "Caraway patties with brown-glazed carrots, Sun" });
  await expect(line).toBeVisible();
  await page.getByRole("button", { name: "Remove Caraway patties with brown-glazed carrots, Sun" }).click();
  await expect(line).toBeHidden();
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(line).toBeVisible();
});

test("bad, cut, foreign and newer files change nothing and say why; copies and replacing can be undone", async ({
  page,
}) => {
  await loadDemo(page);
  await page.goto("/kitchen");
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Export everything" }).click(),
  ]);
  const text = await readFile(await file.path(), "utf8");
  const give = (content: string) =>
    page
      .getByLabel("Household file")
      .setInputFiles({ name: "f.json", mimeType: "application/json", buffer: Buffer.from(content) });
  for (const [content, says] of [
    ["hello", "not JSON"],
    [text.slice(0, 5000), "stops in the middle"],
    ['{"recipe":1}', "not a Jade Pan household"],
    [text.replace(/"version": \d+/, '"version": 99'), "newer Jade Pan (version 99)"],
    [text.replace('"altitudeM": 40', '"altitudeM": "high"'), "kitchen/altitudeM: must be a number"],
  ] as const) {
    await give(content);
    await expect(alerts(page)).toContainText(says);
    await expect(alerts(page)).toContainText("Nothing was changed");
  }
  await give(text);
  await page.getByRole("button", { name: "Add as copies" }).click();
  await expect(page.getByRole("group", { name: "Ilse" })).toHaveCount(2);
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(page.getByRole("group", { name: "Ilse" })).toHaveCount(1);
  await page.getByRole("button", { name: "Clear everything" }).click();
  await expect(page.getByRole("group", { name: "Clear everything" })).toContainText("13 dishes, 5 people");
  await page.getByRole("button", { name: "Clear everything now" }).click();
  await expect(page.getByRole("group", { name: "Ilse" })).toHaveCount(0);
  await page.getByRole("button", { name: "Load the demo household", exact: true }).click();
  await expect(page.getByRole("group", { name: "Ilse" })).toBeVisible();
  await give(text);
  await page.getByRole("button", { name: "Replace what is here" }).click();
  await expect(page.getByRole("group", { name: "Ilse" })).toHaveCount(1);
});

test("clearing the counter leaves shelf, people, kitchen and notebook; a file never weakens a label read here", async ({
  page,
}) => {
  await loadDemo(page);
  await page.getByRole("button", { name: "Clear the counter" }).click();
  await expect(page.getByText("No supper is coming up")).toBeVisible();
  await expect(
    page.getByRole("button", { name: "Plan a supper with Caraway patties with brown-glazed carrots" }),
  ).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(page.getByRole("link", { name: "Sunday supper" })).toBeVisible();

  await toSupper(page, "Bench");
  await page.getByRole("button", { name: "Tamari: label says contains gluten" }).click();
  await expect(page.getByRole("region", { name: "Who can eat it" })).toContainText(
    "not for Ilse. Tamari, Oat cream, Oat drink contain it.",
  );
  await page.goto("/kitchen");
  await expect(page.getByRole("group", { name: "Ilse" })).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Export everything" }).click(),
  ]);
  const weaker = (await readFile(await file.path(), "utf8")).replace('"state": "contains"', '"state": "free"');
  await page
    .getByLabel("Household file")
    .setInputFiles({ name: "f.json", mimeType: "application/json", buffer: Buffer.from(weaker) });
  await page.getByRole("button", { name: "Add as copies" }).click();
  const asked = page.getByRole("group", { name: "Import" });
  await expect(asked).toContainText("Tamari, gluten. Here: contains it. In the file: free of it.");
  await page.getByRole("button", { name: "Add as copies" }).click();
  await expect(page.getByRole("group", { name: "Ilse" })).toHaveCount(2);
  await expect(page.getByText("Tamari: contains gluten")).toBeVisible();
});

test("what was cleared comes back from the list of recent changes, also after a reload", async ({ page }) => {
  await loadDemo(page);
  await page.goto("/kitchen");
  await page.getByRole("button", { name: "Forget the people" }).click();
  await page.getByRole("button", { name: "Forget the people now" }).click();
  // Told once it is stored: what is drawn at once may still be on its way.
  await expect(page.getByText("Nobody is in the household.")).toBeVisible();
  await reload(page);
  await page.getByRole("button", { name: "Bring back what was there before: Forget the people" }).click();
  await expect(page.getByRole("group", { name: "Ilse" })).toBeVisible();
  await expect(page.getByRole("region", { name: "Recent changes" })).toContainText("taken back");
});

test("at the Stove: another step first, another amount, put aside and picked up", async ({ page }) => {
  await loadDemo(page);
  await page.goto("/supper/stove?s=sunday-supper");
  await page.getByRole("button", { name: "Begin cooking" }).click();
  const title = page.getByRole("heading", { level: 1 });
  await expect(title).toBeVisible();
  await page.getByRole("button", { name: "Do this now: Cut · Mushroom cream" }).click();
  await expect(page.getByText(/^Mushroom cream · step/)).toBeVisible();
  await page.getByRole("button", { name: "Do this now: Weigh · Strips" }).click();
  await expect(page.getByText(/^Strips · step/)).toBeVisible();
  await page.getByRole("button", { name: "Put in another amount" }).click();
  await page.getByLabel("Dried soy strips").fill("200");
  await page.getByLabel("Dried soy strips").press("Enter");
  await expect(page.getByLabel("What changes from here")).toContainText("200 g of dried soy strips instead of 160 g.");
  await page.getByRole("button", { name: "Put it aside" }).click();
  await page.waitForURL("**/");
  await expect(page.getByText("put aside", { exact: false }).first()).toBeVisible();
  await page.goto("/notebook");
  await page.getByRole("link", { name: /Sunday supper put aside/ }).click();
  await expect(page.getByText(/^Strips · step/)).toBeVisible();
});

test("the browser keeps a copy by itself, which brings back what was cleared", async ({ page }) => {
  await loadDemo(page);
  await page.clock.fastForward(20_000);
  await page.getByRole("link", { name: "Kitchen" }).click();
  const copies = page.getByRole("group", { name: "Copies in this browser" });
  await expect(copies.getByRole("button", { name: /^Sun 29 Nov, 15:/ })).toHaveCount(1);
  await page.getByRole("button", { name: "Clear everything" }).click();
  await page.getByRole("button", { name: "Clear everything now" }).click();
  await expect(page.getByText("Everything is cleared.")).toBeVisible();
  await copies.getByRole("button", { name: /^Sun 29 Nov/ }).click();
  await expect(page.getByRole("group", { name: "Import" })).toContainText("Copy of Sun 29 Nov");
  await page.getByRole("button", { name: "Bring it in" }).click();
  await expect(page.getByText("The file has taken the place")).toBeVisible();
  await page.getByRole("link", { name: "Counter", exact: true }).click();
  await expect(page.getByRole("link", { name: "Sunday supper" })).toBeVisible();
  await page.getByRole("link", { name: "Kitchen" }).click();
  await copies.getByRole("button", { name: "Remove the copies" }).click();
  await expect(copies).toHaveCount(0);
});
