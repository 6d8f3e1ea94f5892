"use client";

import { describeTrouble } from "@/words/troubles";

const button = { minHeight: "2.75rem", padding: "0 1.25rem", marginInlineEnd: "0.5rem", fontWeight: 600 } as const;

/**
 * Where a page cannot be shown: what is wrong, and what to do. Fetched with every page, so it is made of plain elements.
 */
export default function ErrorPage({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <main style={{ padding: "1.5rem", maxWidth: "44rem", margin: "0 auto" }}>
      <h1 style={{ fontSize: "1.9rem", fontWeight: 700 }}>This page cannot be shown</h1>
      <p style={{ margin: "0.75rem 0" }}>{describeTrouble(error)} What was stored before is not touched.</p>
      <button type="button" style={button} onClick={reset}>
        Try again
      </button>
      <button type="button" style={button} onClick={() => window.location.reload()}>
        Reload the page
      </button>
    </main>
  );
}
