import { readdirSync } from "node:fs";
import { dirname, join, relative, sep } from "node:path";

/**
 * The address of every page below a folder of routes, by their files: "/supper/bench" for `supper/bench/page.tsx`. Folders in
 * brackets, such as `(house)`, are no part of an address. Read when the app is built: what is kept offline needs no list of its own.
 */
export const pagesIn = (app: string): string[] =>
  readdirSync(app, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile() && entry.name === "page.tsx")
    .map((entry) => relative(app, dirname(join(entry.parentPath, entry.name))))
    .map(
      (folder) =>
        `/${folder
          .split(sep)
          .filter((name) => !/^\(.*\)$/.test(name))
          .join("/")}`,
    )
    .sort();
