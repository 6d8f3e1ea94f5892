import { readFile } from "node:fs/promises";
import { expect, loadDemo, openStage, pressNext, reload, step, test } from "./fixtures";

const CLOCK = "/supper/clock?s=sunday-supper";

test("a step is dragged, keeps its place over a reload, is refused where food would not bear it, and is let go", async ({
  page,
}) => {
  await loadDemo(page);
  await page.goto(CLOCK);
  const sear = page.getByRole("button", { name: /^Sear · Strips, 18:\d\d/ }).first();
  await expect(sear).toBeVisible();
  const before = await page.getByRole("heading", { level: 1 }).textContent();
  const box = (await sear.boundingBox()) as { x: number; y: number; width: number };
  await page.mouse.move(box.x + 20, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(box.x - 20, box.y + 10, { steps: 4 });
  await page.mouse.move(box.x - 70, box.y + 10, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByLabel("held here", { exact: true })).toHaveCount(1);
  await expect(page.getByRole("heading", { level: 1 })).not.toHaveText(before as string);
  await reload(page);
  await expect(page.getByLabel("held here", { exact: true })).toHaveCount(1);

  // By keys, in the list: later than the table allows is told and changes nothing.
  const line = page.getByRole("button", { name: /Sear · Strips/, expanded: false });
  await line.focus();
  await page.keyboard.press("Enter");
  const told = page.getByText(/It stays where it was/);
  const move = page.getByRole("group", { name: "Move Sear · Strips" });
  for (let i = 0; i < 8 && (await told.count()) === 0; i++) {
    const now = await line.or(page.getByRole("button", { name: /Sear · Strips/, expanded: true })).textContent();
    await move.getByRole("button", { name: "5 min later" }).press("Enter");
    await expect
      .poll(async () => {
        const then = await page.getByRole("button", { name: /Sear · Strips/, expanded: true }).textContent();
        return (await told.count()) > 0 || then !== now;
      })
      .toBe(true);
  }
  await expect(told).toBeVisible();
  await move.getByRole("button", { name: "Let it move" }).click();
  await expect(page.getByLabel("held here", { exact: true })).toHaveCount(0);
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(before as string);
});

test("a beginning that is past says when dinner can be, and one press makes it so", async ({ page }) => {
  await page.clock.install({ time: new Date("2026-11-29T18:20:00Z") });
  await loadDemo(page);
  await page.goto(CLOCK);
  await expect(page.getByText(/It should have begun at 17:5\d/)).toBeVisible();
  const way = page.getByRole("listitem").filter({ hasText: "As it is, but later" });
  const [, at] = /On the table at (19:[2-5]\d)/.exec((await way.textContent()) as string) as unknown as [
    string,
    string,
  ];
  await way.getByRole("button").click();
  await expect(page.getByLabel("Time on the table")).toHaveValue(at);
  await expect(page.getByText(/It should have begun/)).toHaveCount(0);
  // One press brings all of it back.
  await page.getByText("Done. As it is, but later.").waitFor();
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(page.getByLabel("Time on the table")).toHaveValue("19:00");
  await expect(page.getByText(/It should have begun/)).toBeVisible();
});

test("two suppers of one evening: the one that is eaten first has the kitchen, and the plan goes out as a table", async ({
  page,
}) => {
  await page.clock.install({ time: new Date("2026-11-28T10:00:00Z") });
  await loadDemo(page);
  await page.getByRole("button", { name: "Plan a supper with Caraway patties with brown-glazed carrots" }).click();
  await page.getByLabel("On the table at").fill("18:00");
  await page.getByRole("button", { name: "Set the time" }).click();
  await page.waitForURL("**/supper/bench?*");
  await page.goto(CLOCK);
  await expect(page.getByText(/Planned around “Caraway patties.*”, which has the kitchen first/)).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "As a table for a spreadsheet" }).click(),
  ]);
  expect(file.suggestedFilename()).toBe("sunday-supper.csv");
  const text = await readFile(await file.path(), "utf8");
  expect(text).toMatch(
    /^day,begins,ends on,ends,step,part,dish,minutes,hands min,what to do\r\n2026-11-2\d,\d\d:\d\d,/,
  );
});

test("room is left with one press; a burner that fails is known after a reload, and works again", async ({ page }) => {
  await page.clock.install({ time: new Date("2026-11-29T17:30:00Z") });
  await loadDemo(page);
  await page.goto(CLOCK);
  const chance = page.getByLabel("How likely in time");
  await chance.getByRole("button", { name: /^Leave \d+ min room$/ }).click();
  await expect(chance).toContainText(/In time in about (8[5-9]|9\d) of 100 evenings/);
  await expect(page.getByRole("heading", { level: 1 })).toContainText(/17:4\d/);

  await page.getByRole("link", { name: "Begin at the stove" }).click();
  await page.getByRole("button", { name: /^Begin/ }).click();
  await page.getByText("A burner fails").click();
  await page.getByRole("button", { name: "Front left fails" }).click();
  await expect(page.getByText("Worked out without Front left.")).toBeVisible();
  await expect(page.getByText(/^Worked out from now/)).toBeVisible();
  await reload(page);
  await expect(page.getByText("Worked out without Front left.")).toBeVisible();
  await page.getByText("A burner fails").click();
  await page.getByRole("button", { name: "Front left works again" }).click();
  await expect(page.getByText(/^Worked out without/)).toHaveCount(0);
});

test("one batch for two suppers: soaked and marinated once, both changed by one press and one undo, told when the other is gone", async ({
  page,
}) => {
  await loadDemo(page);
  await page.goto("/");
  await page.getByRole("button", { name: /^Plan a supper with Mustard strips in mushroom cream/ }).click();
  await page.getByLabel("Day", { exact: true }).fill("2026-11-30");
  await page.getByRole("button", { name: "Set the time" }).click();
  await page.waitForURL("**/supper/bench?*");
  const monday = page.url();
  await page.getByRole("link", { name: /^Clock/ }).click();
  await page.getByRole("button", { name: /^Do this: Soaked strips|^Do this: Strips/ }).click();
  await expect(page.getByText(/Sunday supper makes this supper's share, which lies in the fridge/)).toBeVisible();
  // At the other supper the share is set aside.
  await page.goto("/supper/bench?s=sunday-supper");
  await expect(page.getByText(/Set aside/).first()).toBeVisible();
  // Without it the one that counted on it says so on each of its pages.
  await page.goto("/");
  await page.getByRole("button", { name: "Remove Sunday supper" }).click();
  await expect(page.getByText("The supper is off the counter.")).toBeVisible();
  await page.goto(monday);
  const told = page.getByRole("alert").filter({ hasText: "another supper was to make this supper's share" });
  await expect(told).toBeVisible();
  await told.getByRole("button", { name: /^Make it here/ }).click();
  await expect(told).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).last().click();
  await expect(told).toBeVisible();
});

test("the oven is said to be on at the stove, is known after a reload, and is not on after all", async ({ page }) => {
  await loadDemo(page);
  await page.goto("/");
  await page.getByRole("button", { name: /^Plan a supper with Crumbed tofu slices/ }).click();
  await page.getByRole("button", { name: "Set the time" }).click();
  await page.waitForURL("**/supper/bench?*");
  // It is to be on an hour and eight minutes before dinner: before the third step, whose time is eight minutes later.
  const toGo = Date.UTC(2026, 10, 29, 17, 31) - (await page.evaluate(() => Date.now()));
  await page.clock.fastForward(toGo);
  await openStage(page, "Stove");
  await page.getByRole("button", { name: "Begin cooking" }).click();
  for (let i = 0; i < 2; i++) await pressNext(page, await step(page).innerText());
  await page.clock.fastForward("22:00");
  const oven = page.getByRole("status").filter({ hasText: "Oven on" });
  await expect(oven).toContainText("follows at");
  await oven.getByRole("button", { name: "It is on" }).click();
  await expect(oven).toContainText("hot at about");
  await reload(page);
  await expect(oven).toContainText("hot at about");
  await oven.getByRole("button", { name: "Not yet on" }).click();
  await expect(oven).toContainText("follows at");
});
