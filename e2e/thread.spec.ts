import { execFileSync } from "node:child_process";
import { mkdtemp, readFile, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium as browserType, type Page } from "@playwright/test";
import { chromium } from "../playwright.config";
import {
  alerts,
  cookUntil,
  expect,
  LAST_STEP,
  loadDemo,
  openStage,
  reload,
  step,
  test,
  toTheTable,
  vessel,
  watch,
} from "./fixtures";

/** From any page of the house. */
const exported = async (page: Page): Promise<string> => {
  await page.getByRole("link", { name: "Kitchen" }).click();
  const [file] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Export everything" }).click(),
  ]);
  return readFile(await file.path(), "utf8");
};
const withoutTime = (text: string) => text.replace(/"exportedAt": "[^"]*"/, "");

test("on the Bench the demo supper is edited, undone, told in other units and for more eaters", async ({ page }) => {
  await loadDemo(page);
  await page.getByRole("link", { name: "Sunday supper" }).click();

  // An edit moves what depends on it; undo and redo.
  await page.getByRole("button", { name: /^Soak:/ }).click();
  await expect.poll(() => vessel(page, "Soak")).toMatch(/^Soak: 466 g/);
  const minutes = page.getByLabel("Minutes", { exact: true });
  await minutes.fill("4");
  await minutes.press("Enter");
  await expect.poll(() => vessel(page, "Soak")).not.toMatch(/^Soak: 466 g/);
  await page.getByRole("button", { name: "Undo: Soak: minutes" }).click();
  await expect.poll(() => vessel(page, "Soak")).toMatch(/^Soak: 466 g/);
  await page.getByRole("button", { name: "Redo: Soak: minutes" }).click();
  await expect(minutes).toHaveValue("4");
  await page.keyboard.press("Escape");
  await page.getByRole("button", { name: "Undo: Soak: minutes" }).click();
  await expect(minutes).toHaveValue("10");

  // Bad input stays, with a sentence that names the field.
  await minutes.fill("-3");
  await minutes.press("Enter");
  await expect(page.getByRole("alert").filter({ hasText: "Minutes can be 0 to 2880" })).toBeVisible();
  await minutes.press("Escape");

  // Units change everything at once, and back.
  await page.getByRole("button", { name: "oz °F" }).click();
  await expect.poll(() => vessel(page, "Soak")).toMatch(/^Soak: 1\.03 lb/);
  await page.getByRole("button", { name: "g °C" }).click();
  await expect.poll(() => vessel(page, "Soak")).toMatch(/^Soak: 466 g/);

  // Five eaters become ten: grams double.
  await page.getByLabel("Guests").fill("5");
  await page.getByLabel("Guests").press("Enter");
  await expect.poll(() => vessel(page, "Weigh")).toMatch(/^Weigh: 320 g/);
  await page.getByRole("button", { name: "Undo: Who eats" }).click();
  await expect.poll(() => vessel(page, "Weigh")).toMatch(/^Weigh: 160 g/);
});

test("the demo supper, from the Counter to a finished entry", async ({ page }) => {
  await loadDemo(page);
  await expect(page.getByRole("heading", { name: "Weigh out for the strips" })).toBeVisible();
  await page.getByRole("link", { name: "Sunday supper" }).click();

  // Bench: what the strips weigh after their soak.
  await expect.poll(() => vessel(page, "Soak")).toMatch(/^Soak: 466 g/);

  // Clock: in order, and to a calendar.
  await openStage(page, "Clock");
  await expect(page.getByText(/on the table Sun 29 Nov, 19:00/)).toBeVisible();
  const order = page.getByRole("listitem").filter({ hasText: "Weigh · Strips" });
  await expect(order).toBeVisible();
  const [ics] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "To my calendar" }).click(),
  ]);
  const calendar = await readFile(await ics.path(), "utf8");
  expect(calendar).toContain("DTSTART:20261129T190000Z");
  expect(calendar.match(/BEGIN:VEVENT/g)).toHaveLength(16);

  // Stove: begin, soak, leave, come back.
  await page.getByRole("link", { name: "Begin at the stove" }).click();
  await page.getByRole("button", { name: "Begin cooking" }).click();
  await expect(step(page)).toHaveText("Weigh out for the strips");
  await page.keyboard.press("Space");
  await expect(step(page)).toHaveText("Soak the strips");
  await page.keyboard.press("Space");
  const timer = page.getByRole("timer", { name: /Soak · Strips/ });
  await expect(timer).toContainText(/10:00|9:\d\d/);
  await page.clock.fastForward("03:20");
  await expect(timer).toContainText(/6:[0-4]\d|5:\d\d/);
  const here = await step(page).innerText();

  await reload(page);
  await expect(step(page)).toHaveText(here);
  await expect(page.getByRole("timer", { name: /Soak · Strips/ })).toContainText(/6:[0-4]\d|5:\d\d/);

  // The page dies; the wall clock does not.
  const second = await page.context().newPage();
  const faults = watch(second);
  await second.clock.install({ time: new Date("2026-11-29T15:09:00Z") });
  const address = page.url();
  await page.close();
  await second.goto(address);
  await expect(step(second)).toHaveText(here);
  await expect(second.getByRole("timer", { name: /Soak · Strips/ })).toContainText(/\d:\d\d/);

  // Weigh-in after the squeeze: salt and water against hand arithmetic.
  await cookUntil(second, /Squeeze the strips/);
  // It was drained with time left, which was asked: the timer stays until somebody stops it, and can be brought back.
  await expect(second.getByRole("timer", { name: /Soak · Strips/ })).toHaveCount(1);
  await second.getByRole("button", { name: "Stop timer: Soak · Strips" }).click();
  await second.getByRole("button", { name: "Bring it back" }).click();
  await expect(second.getByRole("timer", { name: /Soak · Strips/ })).toHaveCount(1);
  await second.getByRole("button", { name: "Stop timer: Soak · Strips" }).click();
  await expect(second.getByRole("timer", { name: /Soak · Strips/ })).toHaveCount(0);
  await second.getByLabel("Weight typed, g").fill("90");
  await second.getByRole("button", { name: "Use this weight" }).click();
  await expect(alerts(second)).toContainText("less than the dry food");
  await second.getByLabel("Weight typed, g").fill("418");
  await second.getByRole("button", { name: "Use this weight" }).click();
  const changed = second.getByLabel("What changes from here");
  await expect(changed).toContainText("50 g wetter than predicted");
  await expect(changed).toContainText("batches 2 → 3");
  await expect(changed).toContainText(/mustard 30 g → 13 g/);
  // By hand: 160 g at M 0.08 hold 148.148 g solids, 97 % of them (143.70 g) after leaching; what is not solids is
  // liquor: 418 − 143.70. The pieces drink up to 0.87 · 2.40 = 2.088 g/g: (2.088 − 1.909) · 143.70 · (1 − e^−15) = 25.8
  // of the 60.6 g of water in the marinade, so 0.43 of 30 g mustard = 13 g. Salt: x = (0.01 · M − S)/0.99.
  const salt = /salt 1\.1 g → ([\d.]+) g/.exec((await changed.innerText()).replace(/\n/g, " "));
  const marinade = 0.4336 * 82.0;
  const inMarinade = 0.4336 * (30 * 0.01 * (1.15 / 0.3934) + (18 * 5.586) / 100 / 0.3934);
  expect(Math.abs(Number(salt?.[1]) - (0.01 * (418 + marinade) - inMarinade) / 0.99)).toBeLessThan(0.1);
  await reload(second);
  await expect(second.getByLabel("What changes from here")).toContainText("50 g wetter");

  // The simulated scale gives the same reading by one key.
  await second.getByLabel("Put on the simulated scale").fill("400");
  await expect(second.getByTestId("scale-display")).toHaveText("400 g");
  await second.keyboard.press("w");
  await expect(second.getByLabel("What changes from here")).toContainText("18 g drier than predicted");
  await second.getByRole("button", { name: /drips only when squeezed again/ }).click();
  await expect(second.getByRole("button", { name: /✓ drips only/ })).toHaveAttribute("aria-pressed", "true");

  // To the end; the entry.
  await cookUntil(second, LAST_STEP);
  await toTheTable(second);
  await second.waitForURL("**/notebook?e=*");
  await expect(second.getByRole("heading", { name: "Sunday supper" })).toBeVisible();
  await expect(second.getByRole("row", { name: /Squeeze · Strips/ })).toContainText("400 g");
  await second.getByRole("radio", { name: "8 of 10" }).click();
  await expect(second.getByRole("radio", { name: "8 of 10" })).toHaveAttribute("aria-checked", "true");
  await second.getByLabel("Next time").fill("Squeeze longer.");
  await second.getByLabel("Next time").blur();
  await expect(second.locator(".recharts-bar-rectangle").first()).toBeVisible();
  expect(faults).toEqual([]);
});

test.describe("after cooking", () => {
  test.use({ storageState: ({ cooked }, give) => give(cooked) });
  test("export, import in a fresh browser, export: the same file but for its time", async ({ page, browser }) => {
    await page.goto("/notebook");
    await page.getByLabel("Next time").fill("Squeeze longer.");
    await page.getByLabel("Next time").blur();
    const first = await exported(page);
    const fresh = await browser.newContext({ storageState: { cookies: [], origins: [] } });
    const other = await fresh.newPage();
    await other.goto("/kitchen");
    await other
      .getByLabel("Household file")
      .setInputFiles({ name: "household.json", mimeType: "application/json", buffer: Buffer.from(first) });
    await expect(other.getByRole("group", { name: "Import" })).toContainText(
      "5 people, 13 dishes, 1 supper, 2 cookings, 7 entries",
    );
    await other.getByRole("button", { name: "Bring it in" }).click();
    await expect(other.getByText("The file has taken the place")).toBeVisible();
    expect(withoutTime(await exported(other))).toBe(withoutTime(first));
    await other.goto("/notebook");
    await expect(other.getByLabel("Next time")).toHaveValue("Squeeze longer.");
    await fresh.close();
  });
});

test("a killed browser comes back at the same step with the same timer", async ({ baseURL }) => {
  const profile = await mkdtemp(join(tmpdir(), "jade-pan-"));
  const launch = () => browserType.launchPersistentContext(profile, { ...chromium.launchOptions, baseURL });
  const before = await launch();
  const [page] = before.pages() as [Page];
  await page.goto("/?demo=1");
  await expect(page.getByText("of hands-on work")).toBeVisible();
  await page.goto("/supper/stove?s=sunday-supper");
  await page.getByRole("button", { name: "Begin cooking" }).click();
  await expect(step(page)).toHaveText("Weigh out for the strips");
  await page.keyboard.press("Space");
  await expect(step(page)).toHaveText("Soak the strips");
  const pressed = Date.now();
  await page.keyboard.press("Space");
  await expect(page.getByRole("timer")).toBeVisible();
  const seen = Date.now();
  await expect(step(page)).toHaveText("Cut the button mushrooms and shallot");
  // What is drawn and not stored yet is marked; once the mark is gone nothing is lost.
  await expect(page.getByTestId("storing")).toBeHidden();
  execFileSync("pkill", ["-9", "-f", profile]);
  await expect.poll(() => page.isClosed()).toBe(true);

  await rm(join(profile, "SingletonLock"), { force: true });
  const after = await launch();
  const [next] = after.pages() as [Page];
  await next.goto("/supper/stove?s=sunday-supper");
  await expect(step(next)).toHaveText("Cut the button mushrooms and shallot");
  // It has run on while nothing was open: never less than since it was seen, never more than since it was pressed.
  const asked = Date.now();
  const left = await next.getByRole("timer", { name: /Soak · Strips/ }).innerText();
  const [, minutes, seconds] = /(\d+):(\d\d)/.exec(left) ?? [];
  const leftMs = (Number(minutes) * 60 + Number(seconds)) * 1000;
  expect(leftMs).toBeLessThanOrEqual(600_000 - (asked - seen) + 1500);
  expect(leftMs).toBeGreaterThanOrEqual(600_000 - (Date.now() - pressed) - 1500);
  await after.close();
  await rm(profile, { recursive: true, force: true });
});
