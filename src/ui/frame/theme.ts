import { createSystem, defineConfig, defineRecipe, type SystemConfig, type SystemContext } from "@chakra-ui/react";
import { defaultBaseConfig } from "@chakra-ui/react/preset-base";
import { breakpoints, buttonRecipe, inputRecipe, tableSlotRecipe } from "@chakra-ui/react/theme";

/** Ceramic by day, iron by night. Every pair used for text is at least 4.5 : 1 (axe checks it in both themes). */
const colours = {
  page: { light: "#e9efe8", dark: "#191c1b" },
  card: { light: "#fbfcfa", dark: "#222625" },
  sunk: { light: "#dfe7df", dark: "#141716" },
  line: { light: "#c5d1c6", dark: "#3a423f" },
  /** Edges of controls, 3 : 1 against the card. */
  edge: { light: "#7f8f84", dark: "#74827b" },
  ink: { light: "#1d2522", dark: "#e7efe9" },
  quiet: { light: "#4b5a54", dark: "#a9b8b0" },
  jade: { light: "#176b50", dark: "#5cc7a0" },
  jadeTint: { light: "#d5e8de", dark: "#1d3d32" },
  onJade: { light: "#ffffff", dark: "#10211a" },
  turmeric: { light: "#855300", dark: "#e3b04b" },
  turmericTint: { light: "#f7e7c3", dark: "#40341a" },
  chilli: { light: "#a12f19", dark: "#ef9a84" },
  chilliTint: { light: "#f6dcd4", dark: "#46251d" },
  solids: { light: "#7b5a45", dark: "#a27a60" },
  water: { light: "#6fa9c4", dark: "#4f8fae" },
  oil: { light: "#d9a62e", dark: "#d9a62e" },
};

/** Lines of a heading keep their distance at every size: the library's own sizes fix it in rem, and a larger font runs into itself. */
const heading = defineRecipe({ className: "chakra-heading", base: { fontSize: "xl", lineHeight: 1.15 } });

/** States that parts are drawn in here: the library goes through all that it knows with each property of each part. */
const STATES = [
  "dark",
  "disabled",
  "expanded",
  "focusVisible",
  "highlighted",
  "hover",
  "icon",
  "invalid",
  "placeholder",
  "print",
  "selected",
] as const;
const base = {
  ...defaultBaseConfig,
  conditions: Object.fromEntries(STATES.map((state) => [state, defaultBaseConfig.conditions?.[state] ?? ""])),
};

const rem = (n: number) => ({ value: `${n}rem` });
const scale = (of: Readonly<Record<string, number>>) =>
  Object.fromEntries(Object.entries(of).map(([name, n]) => [name, rem(n)]));
/** Spaces and sizes that have a name, in quarters of a rem; what is wider is written in rem. */
const quarters = [0.5, 1, 1.5, 2, 2.5, 3, 3.5, 4, 4.5, 5, 6, 7, 8, 9, 10, 11, 12, 14, 16, 20, 24];
const spaces = scale(Object.fromEntries(quarters.map((n) => [n, n / 4])));
const text = (fontSize: string, lineHeight: string) => ({ value: { fontSize, lineHeight } });

/**
 * Under the library's names what is drawn here and no more: each name is worked out anew at every start of a page, and the whole of
 * the library's own weighs as much as one.
 */
const used = defineConfig({
  preflight: true,
  theme: {
    breakpoints: { md: breakpoints.md, lg: breakpoints.lg, xl: breakpoints.xl },
    textStyles: {
      xs: text("xs", "1rem"),
      sm: text("sm", "1.25rem"),
      md: text("md", "1.5rem"),
      lg: text("lg", "1.75rem"),
    },
    tokens: {
      colors: {
        black: { value: "#09090B" },
        transparent: { value: "transparent" },
        current: { value: "currentColor" },
      },
      spacing: spaces,
      sizes: { ...spaces, full: { value: "100%" } },
      fontSizes: scale({
        xs: 0.75,
        sm: 0.875,
        md: 1,
        lg: 1.125,
        xl: 1.25,
        "2xl": 1.5,
        "3xl": 1.875,
        "4xl": 2.25,
        "5xl": 3,
      }),
      fontWeights: { medium: { value: "500" } },
      radii: {
        ...scale({ l2: 0.25, sm: 0.25, md: 0.375, lg: 0.5, xl: 0.75, "2xl": 1 }),
        full: { value: "9999px" },
      },
      shadows: { lg: { value: "0 8px 16px rgb(0 0 0 / 0.16)" } },
      zIndex: {
        docked: { value: 10 },
        banner: { value: 1200 },
        overlay: { value: 1300 },
        modal: { value: 1400 },
        popover: { value: 1500 },
      },
      cursor: { button: { value: "pointer" } },
      durations: { moderate: { value: "200ms" } },
    },
    recipes: { button: buttonRecipe, heading, input: inputRecipe },
    slotRecipes: { table: tableSlotRecipe },
  },
});

const config = defineConfig({
  globalCss: {
    "html, body": { bg: "page", color: "ink", fontFamily: "body", fontSize: "16px", lineHeight: 1.45 },
    "*": { "--global-color-border": "colors.line" },
    "*::placeholder": { color: "quiet" },
    "*::selection": { bg: "jadeTint" },
    body: { fontVariantNumeric: "tabular-nums", minHeight: "100vh" },
    "h1, h2, h3": { fontFamily: "heading", fontWeight: 700, letterSpacing: "-0.01em", lineHeight: 1.15 },
    ":focus-visible": { outline: "3px solid var(--jp-colors-jade)", outlineOffset: "2px" },
    // The fields of a date or a time, and the button that opens its picker, take the focus inside it; the recipe of an input says none.
    "input[type=date]:focus-within, input[type=time]:focus-within": {
      outline: "3px solid var(--jp-colors-jade) !important",
      outlineOffset: "2px",
    },
  },
  theme: {
    tokens: {
      fonts: {
        heading: { value: "'Bricolage Grotesque Variable', system-ui, sans-serif" },
        body: { value: "'Figtree Variable', system-ui, sans-serif" },
      },
    },
  },
  cssVarsPrefix: "jp",
});
const inBothThemes = Object.fromEntries(
  Object.entries(colours).map(([name, { light, dark }]) => [name, { value: { base: light, _dark: dark } }]),
);
/** What the names of a kind stand for where the rules of the page have them as variables. */
function asVariables(kind: string, names: object): Record<string, string> {
  const dashed = (name: string) => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`).replace(".", "\\.");
  const variable = (name: string) => `var(--jp-${dashed(`${kind}-${name}`)})`;
  return Object.fromEntries(
    Object.keys(names).flatMap((name) => [
      [name, variable(name)],
      ...(kind === "spacing" ? [[`-${name}`, `calc(${variable(name)} * -1)`]] : []),
    ]),
  ) as Record<string, string>;
}
/** The library's properties with what their names stand for, so that it need not work that out from the names. */
function namedUtilities(): SystemConfig["utilities"] {
  const { breakpoints, tokens } = {
    breakpoints: {},
    ...used.theme,
    tokens: { ...used.theme?.tokens, ...config.theme?.tokens },
  };
  const widths = Object.fromEntries(Object.keys(breakpoints).map((width) => [`breakpoint-${width}`, width]));
  const kinds = {
    ...tokens,
    breakpoints,
    sizes: { ...tokens.sizes, ...widths },
    colors: { ...tokens.colors, ...colours },
  };
  const named = Object.fromEntries(Object.entries(kinds).map(([kind, names]) => [kind, asVariables(kind, names)]));
  return Object.fromEntries(
    Object.entries(base.utilities ?? {}).map(([property, { values, ...utility }]) => [
      property,
      {
        ...utility,
        values:
          typeof values === "string"
            ? named[values]
            : typeof values === "function"
              ? values((kind) => named[kind])
              : values,
      },
    ]),
  );
}

/**
 * @param pageRules false where the rules of the whole page (reset, colours as variables) stand already: the parts are drawn
 *   the same without them
 */
export function buildTheme(pageRules: boolean): SystemContext {
  if (pageRules) return createSystem(base, used, config, { theme: { semanticTokens: { colors: inBothThemes } } });
  // Some of the library's own parts ask for a size as "sizes.8": these it has to know.
  const theme = { ...used.theme, tokens: { sizes: used.theme?.tokens?.sizes ?? {} } };
  const system = createSystem({ ...base, utilities: namedUtilities() }, { theme, cssVarsPrefix: "jp" });
  return { ...system, _global: [] };
}
