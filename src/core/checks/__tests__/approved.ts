import { readFileSync, writeFileSync } from "node:fs";

/**
 * What stands in a committed file, or, with APPROVE=1, what is to stand there from now on (`npm run approve`): a change is then
 * seen in the diff by whoever reviews it, and never happens by itself.
 */
export function approved(path: string, now: string): string {
  if (process.env.APPROVE === "1") writeFileSync(path, now);
  return readFileSync(path, "utf8");
}
