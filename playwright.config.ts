import { existsSync } from "node:fs";
import { defineConfig, devices } from "@playwright/test";

// The same engine without a window: it draws in two thirds of the time. A machine that has only the whole browser does with that.
const SHELL = "/usr/bin/chromium-headless-shell";

const port = Number(process.env.E2E_PORT ?? 3100);

export const chromium = {
  ...devices["Desktop Chrome"],
  viewport: { width: 1280, height: 800 },
  launchOptions: {
    executablePath: existsSync(SHELL) ? SHELL : "/usr/bin/chromium",
    args: ["--no-sandbox", "--disable-dev-shm-usage", "--disable-gpu", "--disable-background-networking"],
  },
};

export default defineConfig({
  testDir: "e2e",
  testIgnore: "**/screenshots.spec.ts",
  // Generous: a machine that others use as well is at times five times slower than a quiet one.
  timeout: 300_000,
  expect: { timeout: 45_000 },
  workers: 2,
  fullyParallel: true,
  retries: 0,
  reporter: [["line"]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    trace: process.env.TRACE ? "retain-on-failure" : "off",
    timezoneId: "Europe/Dublin",
    // What is kept would stand between a test and the build; `offline.spec` lets it.
    serviceWorkers: "block",
  },
  projects: [{ name: "chromium", use: chromium }],
  webServer: {
    command: `node node_modules/next/dist/bin/next start -H 127.0.0.1 -p ${port}`,
    url: `http://127.0.0.1:${port}/`,
    reuseExistingServer: false,
    timeout: 60_000,
  },
});
