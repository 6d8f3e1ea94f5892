import { defineConfig } from "@playwright/test";
import base from "./playwright.config";

/** Writes the pictures in docs/screenshots from the demo household; not part of the checks. */
export default defineConfig({ ...base, testIgnore: [], testMatch: "**/screenshots.spec.ts", workers: 1 });
