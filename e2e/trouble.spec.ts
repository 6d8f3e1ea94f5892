import { readFileSync } from "node:fs";
import { AFTERNOON, cookUntil, expect, loadDemo, reload, test } from "./fixtures";

test("a browser that refuses to write says so, keeps what was done on screen, saves it to a file, and stores it when it can", async ({
  page,
}) => {
  await loadDemo(page);
  await page.goto("/supper/bench?s=sunday-supper");
  await expect(page.getByRole("button", { name: /^Squeeze: 368 g \(/ })).toBeVisible();
  // From now on every write fails, as on a full disk.
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    Object.assign(window, { heal: () => (IDBObjectStore.prototype.put = put) });
    IDBObjectStore.prototype.put = () => {
      throw new DOMException("full", "QuotaExceededError");
    };
  });
  const guests = page.getByLabel("Guests");
  await guests.fill("2");
  await guests.press("Enter");
  const alert = page.getByRole("alert").filter({ hasText: "Not stored yet: Who eats" });
  await expect(alert).toContainText("no room left");
  await expect(page.getByTestId("storing")).toBeVisible();
  await expect(page.getByText("Each of 7 eats")).toBeVisible();
  const coming = page.waitForEvent("download");
  await alert.getByRole("button", { name: "Save a copy to a file" }).click();
  const saved = JSON.parse(readFileSync(await (await coming).path(), "utf8")) as {
    suppers: { id: string; guests: number }[];
    dishes: unknown[];
  };
  expect(saved.suppers.find((s) => s.id === "sunday-supper")?.guests).toBe(2);
  expect(saved.dishes.length).toBeGreaterThan(10);
  await page.evaluate(() => (window as unknown as { heal: () => void }).heal());
  await alert.getByRole("button", { name: "Try again" }).click();
  await expect(alert).toHaveCount(0);
  await expect(page.getByTestId("storing")).toBeHidden();
  await reload(page);
  await expect(page.getByText("Each of 7 eats")).toBeVisible();
});

test("a full disk at the Stove stops no cooking: it is said, saved to the file, and stored once and in order when there is room", async ({
  page,
}) => {
  await loadDemo(page);
  await page.goto("/supper/stove?s=sunday-supper");
  await page.getByRole("button", { name: "Begin cooking" }).click();
  await expect(page.getByTestId("does")).toBeVisible();
  await page.evaluate(() => {
    const add = IDBObjectStore.prototype.add;
    Object.assign(window, { heal: () => (IDBObjectStore.prototype.add = add) });
    IDBObjectStore.prototype.add = () => {
      throw new DOMException("full", "QuotaExceededError");
    };
  });
  const does = page.getByTestId("does");
  const seen = [await does.innerText()];
  for (let press = 0; press < 3; press++) {
    await page.keyboard.press("Space");
    await expect(does).not.toHaveText(seen.at(-1) ?? "");
    seen.push(await does.innerText());
  }
  const alert = page.getByRole("alert").filter({ hasText: "of this cooking are not stored yet" });
  await expect(alert).toContainText("Cook on");
  const coming = page.waitForEvent("download");
  await alert.getByRole("button", { name: "Save a copy to a file" }).click();
  const saved = JSON.parse(readFileSync(await (await coming).path(), "utf8")) as {
    cookings: { log: { kind: string }[] }[];
  };
  expect(saved.cookings[0]?.log.filter((n) => n.kind === "done")).toHaveLength(3);
  await page.evaluate(() => (window as unknown as { heal: () => void }).heal());
  await alert.getByRole("button", { name: "Try again" }).click();
  await expect(alert).toHaveCount(0);
  await expect(page.getByTestId("storing")).toBeHidden();
  await reload(page);
  await expect(does).toHaveText(seen.at(-1) ?? "");
  await page.keyboard.press("b");
  await expect(does).toHaveText(seen.at(-2) ?? "");
});

test("what is typed is there after a reload, without leaving the field; what another tab stored is shown and not overwritten", async ({
  page,
  context,
}) => {
  await loadDemo(page);
  await page.goto("/notebook");
  const note = page.getByLabel("Next time");
  await note.fill("more vinegar");
  await expect(page.getByTestId("storing")).toBeHidden();
  await page.clock.runFor(1000);
  const other = await context.newPage();
  await other.goto("/notebook");
  await expect(other.getByLabel("Next time")).toHaveValue("more vinegar");
  await other.getByLabel("Next time").fill("less salt");
  await other.getByLabel("Next time").blur();
  await expect(note).toHaveValue("less salt");
  await note.focus();
  await note.blur();
  await reload(page);
  await expect(page.getByLabel("Next time")).toHaveValue("less salt");
  await page.goto("/recipe");
  await page.getByLabel("The recipe").fill("Serves 4\n500 g beef mince");
  await page.clock.runFor(1000);
  await reload(page);
  await expect(page.getByLabel("The recipe")).toHaveValue("Serves 4\n500 g beef mince");
});

test("the browser is asked to keep the store when the first thing of one's own is stored, and the Counter reminds once of a backup", async ({
  page,
}) => {
  await page.addInitScript(() => {
    navigator.storage.persist = () => {
      sessionStorage.setItem("asked", String(Number(sessionStorage.getItem("asked") ?? 0) + 1));
      return Promise.resolve(true);
    };
  });
  const asked = () => page.evaluate(() => sessionStorage.getItem("asked"));
  await loadDemo(page);
  expect(await asked()).toBeNull();
  await page.goto("/kitchen");
  const height = page.getByLabel("Height above the sea");
  for (let n = 1; n <= 10; n++) {
    await height.fill(String(100 + n));
    await height.press("Enter");
  }
  await expect(page.getByTestId("storing")).toBeHidden();
  await expect.poll(asked).toBe("1");
  await page.getByRole("navigation", { name: "House" }).getByRole("link", { name: "Counter" }).click();
  const reminder = page.getByText("changes lie in this browser alone");
  await expect(reminder).toBeVisible();
  await page.getByRole("button", { name: "Not now" }).click();
  await expect(reminder).toHaveCount(0);
  await reload(page);
  await expect(page.getByText("of hands-on work")).toBeVisible();
  await expect(reminder).toHaveCount(0);
});

test("site data that are cleared elsewhere are told as what they are", async ({ page, context }) => {
  await loadDemo(page);
  const other = await context.newPage();
  await other.goto("/icon.svg");
  await other.evaluate(() => new Promise((done) => (indexedDB.deleteDatabase("jade-pan").onsuccess = done)));
  await expect(page.getByRole("alert").filter({ hasText: "cleared in another tab" })).toBeVisible();
});

test("where nothing can be stored at all, the page says what to do", async ({ page }) => {
  await page.addInitScript(() => {
    IDBFactory.prototype.open = () => {
      throw new DOMException("blocked", "SecurityError");
    };
  });
  await page.goto("/kitchen");
  const alert = page.getByRole("alert").filter({ hasText: "private window" });
  await expect(alert).toBeVisible();
});

test.describe("after cooking", () => {
  test.use({ storageState: ({ cooked }, give) => give(cooked) });
  test("a clock that is set back takes nothing from a timer, a lid that was closed rings once when it opens", async ({
    page,
  }) => {
    await page.addInitScript(() => {
      const Before = window.AudioContext;
      window.AudioContext = class extends Before {
        constructor() {
          super();
          sessionStorage.setItem("tones", String(Number(sessionStorage.getItem("tones") ?? 0) + 1));
        }
      };
    });
    const tones = () => page.evaluate(() => sessionStorage.getItem("tones"));
    const left = async () => {
      // Until the leap is noted, a timer may show an hour more for a moment: "1:10:00".
      const told = /[\d:]+/.exec(await page.getByRole("timer").first().innerText())?.[0] ?? "";
      return told.split(":").reduce((seconds, part) => seconds * 60 + Number(part), 0);
    };
    await page.goto("/supper/stove?s=sunday-supper");
    await cookUntil(page, /^Soak the strips$/);
    await page.keyboard.press("t");
    await expect(page.getByRole("timer")).toBeVisible();
    expect(await left()).toBeGreaterThan(570);
    await page.clock.setSystemTime(AFTERNOON.getTime() - 3_600_000);
    await expect(page.getByRole("status").filter({ hasText: "went back by 1 h" })).toBeVisible();
    await expect.poll(left).toBeLessThanOrEqual(600);
    expect(await left()).toBeGreaterThan(500);
    await reload(page);
    await expect(page.getByRole("timer")).toBeVisible();
    expect(await left()).toBeLessThanOrEqual(600);
    await page.clock.fastForward("45:00");
    await expect(page.getByRole("timer").filter({ hasText: "−" })).toBeVisible();
    await expect.poll(tones).toBe("1");
    await reload(page);
    await expect(page.getByRole("timer").filter({ hasText: "−" })).toBeVisible();
    expect(await tones()).toBe("1");
  });
});
