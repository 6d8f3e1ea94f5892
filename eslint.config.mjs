import boundaries from "eslint-plugin-boundaries";
import nextVitals from "eslint-config-next/core-web-vitals";
import nextTypescript from "eslint-config-next/typescript";
import prettier from "eslint-config-prettier";

const ambient = "Time, chance and the console are passed in, never reached for, inside the core.";

const config = [
  { ignores: [".next/**", "next-env.d.ts", "node_modules/**", "playwright-report/**", "test-results/**"] },
  ...nextVitals,
  ...nextTypescript,
  {
    files: ["src/**/*.{ts,tsx}"],
    plugins: { boundaries },
    settings: {
      "import/resolver": { typescript: true },
      "boundaries/elements": [
        { type: "app", pattern: "src/app" },
        { type: "core", pattern: "src/core" },
        { type: "data", pattern: "src/data" },
        { type: "workers", pattern: "src/workers" },
        // Sentences need no screen: the workers make them as well.
        { type: "words", pattern: "src/words" },
        { type: "ui", pattern: "src/ui" },
        { type: "demo", pattern: "src/demo" },
      ],
    },
    rules: {
      "boundaries/dependencies": [
        "error",
        {
          default: "disallow",
          policies: [
            { from: { element: { type: "core" } }, allow: { to: { element: { type: "core" } } } },
            { from: { element: { type: "data" } }, allow: { to: { element: { type: ["core", "data"] } } } },
            { from: { element: { type: "words" } }, allow: { to: { element: { type: ["core", "words"] } } } },
            {
              from: { element: { type: "workers" } },
              allow: { to: { element: { type: ["core", "data", "workers", "words"] } } },
            },
            { from: { element: { type: "ui" } }, allow: { to: { element: { type: ["core", "ui", "words"] } } } },
            { from: { element: { type: "demo" } }, allow: { to: { element: { type: ["core", "demo"] } } } },
            {
              from: { element: { type: "app" } },
              allow: { to: { element: { type: ["app", "core", "data", "workers", "ui", "words", "demo"] } } },
            },
          ],
        },
      ],
    },
  },
  {
    files: ["src/core/**/*.ts"],
    ignores: ["src/core/**/*.test.ts", "src/core/**/__tests__/**"],
    rules: {
      "no-console": "error",
      "no-restricted-properties": [
        "error",
        { object: "Date", property: "now", message: ambient },
        { object: "Math", property: "random", message: ambient },
      ],
      "no-restricted-syntax": [
        "error",
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: ambient },
      ],
    },
  },
  {
    files: ["src/core/**/*.ts"],
    ignores: [
      "src/core/**/*.test.ts",
      "src/core/**/__tests__/**",
      "src/core/**/__tests__/**",
      "src/core/formats/**",
      "src/core/calendar/zonedTime.ts",
      "src/core/recipe/html.ts",
    ],
    rules: {
      "no-restricted-imports": [
        "error",
        {
          patterns: [
            { regex: "^[^.]", message: "Packages come into the core through formats, calendar and recipe/html only." },
          ],
        },
      ],
    },
  },
  {
    // Tests of the core may use the demo household and any oracle.
    files: ["src/**/*.test.{ts,tsx}", "src/**/__tests__/**"],
    rules: { "boundaries/dependencies": "off" },
  },
  prettier,
];
export default config;
