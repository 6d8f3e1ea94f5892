import { readFileSync } from "node:fs";
import { join } from "node:path";
import { HOUSE_LINKS } from "@/ui/frame/houseLinks";
import { pagesIn } from "./pages";
import { STAGES } from "./_state/stages";

const source = (file: string) => readFileSync(join(process.cwd(), "src", file), "utf8");
/** Pages that no bar leads to, and the file with the link that does. Whoever adds a page adds its link to a bar, or a line here. */
const LED_TO: Readonly<Record<string, string>> = {
  "/swap": "ui/counter/Counter.tsx",
  "/recipe": "ui/counter/Counter.tsx",
};

test("every page is led to", () => {
  const inBars = [...HOUSE_LINKS.map(([href]) => href), ...STAGES.map((stage) => `/supper/${stage}`)];
  expect([...inBars, ...Object.keys(LED_TO)].sort()).toEqual(pagesIn(join(process.cwd(), "src/app")));
  for (const [page, file] of Object.entries(LED_TO)) expect(source(file)).toContain(`"${page}`);
});
test("every page is kept offline: the service worker takes the pages from their files", () => {
  expect(source("app/sw.js/route.ts")).toContain('pagesIn(join(root, "src/app"))');
});
