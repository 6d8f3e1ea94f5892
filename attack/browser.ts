import { execFileSync } from "node:child_process";
import { mkdtemp, rm } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { type BrowserContext, chromium as browserType, type Page } from "@playwright/test";
import { chromium } from "../playwright.config";
import { BASE } from "./server";

export const PATIENCE_MS = 30_000;
const options = { ...chromium.launchOptions, baseURL: BASE, viewport: chromium.viewport, timezoneId: "Europe/Dublin" };

/** A browser with a profile on the disk, which can be killed and started again. */
export class Victim {
  private constructor(private readonly profile: string) {}
  static async create(): Promise<Victim> {
    return new Victim(await mkdtemp(join(tmpdir(), "jade-pan-attack-")));
  }
  async start(): Promise<BrowserContext> {
    await rm(join(this.profile, "SingletonLock"), { force: true });
    const context = await browserType.launchPersistentContext(this.profile, options);
    context.setDefaultTimeout(PATIENCE_MS);
    return context;
  }
  /** Pulls the plug. */
  async kill(context: BrowserContext): Promise<void> {
    const gone = new Promise((done) => context.once("close", done));
    execFileSync("pkill", ["-9", "-f", this.profile]);
    await gone;
  }
  remove(): Promise<void> {
    return rm(this.profile, { recursive: true, force: true });
  }
}

export const firstPage = async (context: BrowserContext): Promise<Page> =>
  context.pages()[0] ?? (await context.newPage());
export async function loadDemo(page: Page): Promise<void> {
  await page.goto("/?demo=1");
  await page.getByText("of hands-on work").waitFor();
  await stored(page);
}
/** Waits until nothing is marked as not yet stored. */
export const stored = (page: Page): Promise<void> => page.getByTestId("storing").waitFor({ state: "hidden" });
/** Types into a field and leaves it. */
export async function type(page: Page, label: string, value: string): Promise<void> {
  const field = page.getByLabel(label, { exact: true });
  await field.fill(value);
  await field.press("Enter");
}
/** Work in a browser of its own, with as many fresh contexts as it asks for. */
export async function inBrowser<T>(work: (fresh: () => Promise<BrowserContext>) => Promise<T>): Promise<T> {
  const browser = await browserType.launch(chromium.launchOptions);
  const fresh = async () => {
    const context = await browser.newContext({
      baseURL: BASE,
      viewport: chromium.viewport,
      timezoneId: "Europe/Dublin",
    });
    context.setDefaultTimeout(PATIENCE_MS);
    return context;
  };
  try {
    return await work(fresh);
  } finally {
    await browser.close();
  }
}
