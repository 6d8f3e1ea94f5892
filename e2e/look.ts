import type { Page } from "@playwright/test";

/**
 * What an eye finds annoying on a page: lines of text on each other, text that is cut, a page that goes off its side, a label
 * across the serving line, and, where fingers press, what is too small for one.
 */
export const faultsOn = (page: Page, { touch = false } = {}): Promise<string[]> => page.evaluate(inspect, touch);

/** Runs in the page: everything it needs stands inside. */
function inspect(touch: boolean): string[] {
  /** Smallest side of what a finger presses, px (WCAG 2.2 asks for 24, the platforms for 44). */
  const FINGER = 43.5;
  /** Letters fill about so much of their size round the middle of the line. */
  const INK = 0.74;
  const found = new Set<string>();
  const shown = (el: Element) => {
    const style = getComputedStyle(el);
    return (
      el.checkVisibility({ opacityProperty: true, visibilityProperty: true }) &&
      Number(style.opacity) > 0.1 &&
      style.clipPath !== "inset(50%)" &&
      style.clip !== "rect(0px, 0px, 0px, 0px)"
    );
  };
  /** Scrolled out of a box of its own. */
  const outside = (el: Element, box: DOMRect) => {
    for (let p: Element | null = el; p !== null && p !== document.body; p = p.parentElement) {
      const { overflowX, overflowY } = getComputedStyle(p);
      if (overflowX === "visible" && overflowY === "visible") continue;
      const c = p.getBoundingClientRect();
      if (box.right <= c.left || box.left >= c.right || box.bottom <= c.top || box.top >= c.bottom) return true;
    }
    return false;
  };
  const layerOf = (el: Element) => {
    let p: Element | null = el;
    while (p !== null && !["fixed", "sticky"].includes(getComputedStyle(p).position)) p = p.parentElement;
    return p;
  };
  const texts: { el: Element; text: string; layer: Element | null; l: number; r: number; t: number; b: number }[] = [];
  const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node !== null; node = walker.nextNode()) {
    const el = node.parentElement;
    const text = (node.nodeValue ?? "").trim();
    if (text === "" || el === null || /^(script|style|noscript|option|title|desc)$/i.test(el.tagName)) continue;
    if (!shown(el)) continue;
    const range = document.createRange();
    range.selectNodeContents(node);
    const ink = parseFloat(getComputedStyle(el).fontSize) * INK;
    // A line that ends in dots is seen up to them.
    const dots = getComputedStyle(el).textOverflow === "ellipsis" ? el.getBoundingClientRect().right : Infinity;
    for (const box of range.getClientRects()) {
      if (box.width < 3 || box.height < 3 || outside(el, box)) continue;
      const middle = (box.top + box.bottom) / 2;
      const [l, r, t, b] = [box.left + 1, Math.min(box.right, dots) - 1, middle - ink / 2, middle + ink / 2];
      texts.push({ el, text: text.slice(0, 40), layer: layerOf(el), l, r, t, b });
    }
  }
  texts.forEach((a, i) => {
    for (const c of texts.slice(i + 1)) {
      // Of a line that ends in dots the browser gives both: what is seen and all of it.
      if (a.layer !== c.layer || (a.el === c.el && getComputedStyle(a.el).textOverflow === "ellipsis")) continue;
      const [w, h] = [Math.min(a.r, c.r) - Math.max(a.l, c.l), Math.min(a.b, c.b) - Math.max(a.t, c.t)];
      if (w > 2 && h > 2) found.add(`text on text: “${a.text}” and “${c.text}”`);
    }
  });
  for (const line of document.querySelectorAll("[data-testid=serving-line]")) {
    const { left, top, bottom } = line.getBoundingClientRect();
    for (const { el, text, l, r, t, b } of texts)
      if (line.closest("svg")?.contains(el) && l < left - 2 && r > left + 2 && b > top && t < bottom)
        found.add(`across the serving line: “${text}”`);
  }
  for (const el of document.querySelectorAll<HTMLElement>("body *")) {
    if (!shown(el)) continue;
    const named = el instanceof HTMLInputElement ? (el.labels?.[0]?.textContent ?? el.type) : el.textContent;
    const says = (el.getAttribute("aria-label") ?? named ?? "").trim().slice(0, 50);
    if (el instanceof HTMLInputElement && /^(text|search)?$/.test(el.type)) {
      const pen = document.createElement("canvas").getContext("2d");
      const style = getComputedStyle(el);
      const words = el.value || el.placeholder;
      if (pen !== null) pen.font = `${style.fontWeight} ${style.fontSize} ${style.fontFamily}`;
      const room = el.clientWidth - parseFloat(style.paddingLeft) - parseFloat(style.paddingRight);
      if (pen !== null && pen.measureText(words).width > room + 1.5) found.add(`cut in its field: “${words}”`);
    } else if (
      /hidden|clip/.test(getComputedStyle(el).overflowX) &&
      getComputedStyle(el).textOverflow !== "ellipsis" &&
      el.childElementCount === 0 &&
      says !== "" &&
      el.clientWidth > 4 &&
      el.scrollWidth > el.clientWidth + 1
    )
      found.add(`cut: “${says}”`);
    if (
      !touch ||
      !el.matches("a[href],button,input:not([type=hidden]),select,textarea,[role=button],[role=radio],[role=tab]")
    )
      continue;
    const box = el.getBoundingClientRect();
    const label = el.closest("label")?.getBoundingClientRect();
    const [w, h] = [Math.max(box.width, label?.width ?? 0), Math.max(box.height, label?.height ?? 0)];
    const inText = el.tagName === "A" && getComputedStyle(el).display === "inline";
    if (box.width > 1 && !inText && (w < FINGER || h < FINGER))
      found.add(`small for a finger, ${Math.round(w)} by ${Math.round(h)} px: “${says}”`);
  }
  const { scrollWidth, clientWidth } = document.documentElement;
  if (scrollWidth > clientWidth) found.add(`goes ${scrollWidth - clientWidth} px off the side`);
  return [...found];
}

/**
 * Goes through the page by the Tab key and tells where the focus cannot be seen: without a mark of its own, or under something
 * else, such as a bar that stays.
 */
export async function unseenFocus(page: Page, presses: number): Promise<string[]> {
  const found = new Set<string>();
  await page.evaluate(() => window.scrollTo(0, 0));
  for (let i = 0; i < presses; i++) {
    await page.keyboard.press("Tab");
    const fault = await page.evaluate(() => {
      const el = document.activeElement;
      if (!(el instanceof Element) || el === document.body || el.closest("[aria-hidden=true]")) return null;
      const name = (el.getAttribute("aria-label") ?? el.textContent ?? el.tagName).trim().slice(0, 40);
      const box = el.getBoundingClientRect();
      if (box.width < 2 || box.height < 2) return null;
      const marked = [el, el.parentElement, el.closest("label")].some((e) => {
        if (!(e instanceof Element)) return false;
        const { outlineStyle, outlineWidth, boxShadow } = getComputedStyle(e);
        return (outlineStyle !== "none" && parseFloat(outlineWidth) > 0) || boxShadow !== "none";
      });
      if (!marked) return `no mark of the focus: “${name}”`;
      const [x, y] = [box.left + box.width / 2, box.top + Math.min(box.height / 2, 20)];
      if (x < 0 || y < 0 || x > innerWidth || y > innerHeight) return `focus out of view: “${name}”`;
      const over = document.elementFromPoint(x, y);
      const same = over === null || el.contains(over) || over.contains(el) || over.closest("label")?.contains(el);
      return same ? null : `focus under something else: “${name}”`;
    });
    if (fault !== null) found.add(fault);
  }
  return [...found];
}
