import nextJest from "next/jest.js";

const createJestConfig = nextJest({ dir: "./" });
const moduleNameMapper = { "^@/(.*)$": "<rootDir>/src/$1" };

const core = await createJestConfig({
  displayName: "core",
  testEnvironment: "node",
  testMatch: ["<rootDir>/src/**/*.test.ts"],
  moduleNameMapper,
})();
const ui = await createJestConfig({
  displayName: "ui",
  testEnvironment: "jsdom",
  testMatch: ["<rootDir>/src/**/*.test.tsx"],
  setupFilesAfterEnv: ["<rootDir>/jest.setup.ts"],
  moduleNameMapper,
})();

// next/jest leaves node_modules as they are; these ship ES modules only.
const esm = ["/node_modules/(?!(temporal-polyfill|temporal-utils|temporal-spec)/)"];
const config = {
  // A slow machine under load is no failure.
  testTimeout: process.env.PROOF === "1" ? 1_200_000 : 60_000,
  // Both cores of a small machine: one waits while the other transforms.
  maxWorkers: "100%",
  projects: [core, ui].map((project) => ({ ...project, transformIgnorePatterns: esm })),
};
export default config;
