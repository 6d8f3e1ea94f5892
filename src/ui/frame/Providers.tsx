"use client";

import { ChakraProvider } from "@chakra-ui/react";
import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import { useServerInsertedHTML } from "next/navigation";
import { ThemeProvider } from "next-themes";
import { type ReactNode, useState } from "react";
import { system } from "./theme";

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
 * The rules for the whole page (colours of the theme, reset) come with the page: where they stand, the browser need not
 * write, hash and parse them once more.
 */
const standing = typeof document !== "undefined" && document.querySelector("style[data-emotion^=css-global]") !== null;
const drawn = standing ? { ...system, _global: [] } : system;

export function Providers({ children }: { children: ReactNode }) {
  return (
    <EmotionRegistry>
      <ChakraProvider value={drawn}>
        <ThemeProvider attribute="class" disableTransitionOnChange>
          {children}
        </ThemeProvider>
      </ChakraProvider>
    </EmotionRegistry>
  );
}
