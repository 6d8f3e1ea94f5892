import { Parser } from "htmlparser2";

const SILENT = new Set(["script", "style", "del", "s", "strike", "noscript", "template", "svg", "head", "title"]);
const BLOCKS = new Set([
  "br",
  "p",
  "li",
  "ul",
  "ol",
  "div",
  "tr",
  "h1",
  "h2",
  "h3",
  "h4",
  "h5",
  "h6",
  "section",
  "article",
]);

/** What can be read of a page: its text, and the data about a recipe that it may carry. Nothing of it is ever run. */
export interface PageRead {
  readonly text: string;
  /** Contents of its `application/ld+json` blocks. */
  readonly data: readonly string[];
}

/** Reads HTML, or plain text with odd tags and entities in it. Scripts, styles and what is struck out are left out. */
export function readHtml(html: string): PageRead {
  let text = "";
  let silent = 0;
  const data: string[] = [];
  let block: string | null = null;
  const parser = new Parser({
    onopentag: (name, { type }) => {
      if (name === "script" && type?.toLowerCase() === "application/ld+json") block = "";
      if (SILENT.has(name)) silent++;
      if (BLOCKS.has(name)) text += "\n";
    },
    ontext: (more) => {
      if (block !== null) block += more;
      else if (silent === 0) text += more;
    },
    onclosetag: (name) => {
      if (name === "script" && block !== null) {
        data.push(block);
        block = null;
      }
      if (SILENT.has(name)) silent--;
      if (BLOCKS.has(name) && name !== "br") text += "\n";
    },
  });
  parser.write(html);
  parser.end();
  return { text, data };
}
