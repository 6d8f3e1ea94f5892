"use client";

import { ChakraProvider } from "@chakra-ui/react";
import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import { useServerInsertedHTML } from "next/navigation";
import { ThemeProvider } from "next-themes";
import { type ReactNode, use, useState } from "react";

/**
 * Emotion flushes its styles where Next streams them: without this registry the first paint of a static page and
 * the browser's disagree, and React reports a hydration error.
 */
function EmotionRegistry({ children }: { children: ReactNode }) {
  const [registry] = useState(() => {
    const cache = createCache({ key: "css" });
    cache.compat = true;
    const insert = cache.insert;
    let fresh: { name: string; global: boolean }[] = [];
    cache.insert = (...args) => {
      const [selector, serialized] = args;
      if (cache.inserted[serialized.name] === undefined) fresh.push({ name: serialized.name, global: !selector });
      return insert(...args);
    };
    const flush = () => {
      const names = fresh;
      fresh = [];
      return names;
    };
    return { cache, flush };
  });

  useServerInsertedHTML(() => {
    const { cache, flush } = registry;
    const names = flush();
    if (names.length === 0) return null;
    let styles = "";
    const scoped: string[] = [];
    const globals: { name: string; css: string }[] = [];
    for (const { name, global } of names) {
      const css = cache.inserted[name];
      if (typeof css !== "string") continue;
      if (global) globals.push({ name, css });
      else {
        styles += css;
        scoped.push(name);
      }
    }
    return (
      <>
        {globals.map(({ name, css }) => (
          <style key={name} data-emotion={`${cache.key}-global ${name}`} dangerouslySetInnerHTML={{ __html: css }} />
        ))}
        {styles && (
          <style data-emotion={`${cache.key} ${scoped.join(" ")}`} dangerouslySetInnerHTML={{ __html: styles }} />
        )}
      </>
    );
  });
  return <CacheProvider value={registry.cache}>{children}</CacheProvider>;
}

/**
 * The rules for the whole page (reset, colours of the theme) come with it: where they stand, the browser need not write, hash
 * and parse them once more.
 */
const standing = typeof document !== "undefined" && document.querySelector("style[data-emotion^=css-global]") !== null;
/** Worked out in a beat of its own, and not in the midst of drawing the page: touches are answered in between. */
const theme = import("./theme").then(async ({ buildTheme }) => {
  if (standing) await new Promise((beat) => setTimeout(beat));
  return buildTheme(!standing);
});

export function Providers({ children }: { children: ReactNode }) {
  return (
    <EmotionRegistry>
      <ChakraProvider value={use(theme)}>
        <ThemeProvider attribute="class" disableTransitionOnChange>
          {children}
        </ThemeProvider>
      </ChakraProvider>
    </EmotionRegistry>
  );
}
