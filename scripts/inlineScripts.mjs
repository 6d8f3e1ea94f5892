// Notes which inline scripts each built page carries, by their hashes: `src/proxy.ts` allows those and no others.
import { createHash } from "node:crypto";
import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import { join, relative } from "node:path";
import { parseDocument } from "htmlparser2";

const root = ".next/server/app";
const scriptsIn = (node) => [
  ...(node.name === "script" && node.attribs.src === undefined ? [node.children.map((c) => c.data).join("")] : []),
  ...(node.children ?? []).flatMap(scriptsIn),
];
const hashOf = (script) => `sha256-${createHash("sha256").update(script).digest("base64")}`;

const pages = readdirSync(root, { recursive: true, withFileTypes: true })
  .filter((entry) => entry.isFile() && entry.name.endsWith(".html"))
  .map((entry) => join(entry.parentPath, entry.name));
const hashes = Object.fromEntries(
  pages.map((page) => {
    const path = `/${relative(root, page).replace(/\.html$/, "")}`;
    return [
      path === "/index" ? "/" : path,
      [...new Set(scriptsIn(parseDocument(readFileSync(page, "utf8"))).map(hashOf))],
    ];
  }),
);
writeFileSync(".next/inline-scripts.json", JSON.stringify(hashes));
