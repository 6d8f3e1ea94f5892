import "@testing-library/jest-dom";
import { configure } from "@testing-library/react";
import { deserialize, serialize } from "node:v8";

// What is fetched when first asked for has to be compiled first: on a busy machine that takes longer than the second that is usual.
configure({ asyncUtilTimeout: 20_000 });

globalThis.structuredClone ??= (value) => deserialize(serialize(value));

/** jsdom lays nothing out: report a plausible size once, so that charts draw. */
class SizedResizeObserver {
  constructor(private readonly report: ResizeObserverCallback) {}
  observe(target: Element) {
    const contentRect = { width: 800, height: 400, top: 0, left: 0, right: 800, bottom: 400, x: 0, y: 0 };
    this.report([{ target, contentRect } as unknown as ResizeObserverEntry], this as unknown as ResizeObserver);
  }
  unobserve() {}
  disconnect() {}
}
globalThis.ResizeObserver = SizedResizeObserver as unknown as typeof ResizeObserver;
window.matchMedia ??= ((query: string) => ({
  matches: false,
  media: query,
  addEventListener() {},
  removeEventListener() {},
  addListener() {},
  removeListener() {},
})) as unknown as typeof window.matchMedia;
window.scrollTo = () => {};

/**
 * jsdom walks the whole page for each label and each field when one of them is asked for the other: on a page of two hundred fields
 * that is nearly all that a test does. Asked by id it is the same answer (HTML, 4.10.4: `for`, else the first field inside).
 */
const FIELDS = "button, input:not([type=hidden]), meter, output, progress, select, textarea";
Object.defineProperty(HTMLLabelElement.prototype, "control", {
  get(this: HTMLLabelElement) {
    const named = this.htmlFor === "" ? null : this.ownerDocument.getElementById(this.htmlFor);
    return this.hasAttribute("for") ? (named?.matches(FIELDS) ? named : null) : this.querySelector(FIELDS);
  },
});
for (const field of [HTMLInputElement, HTMLSelectElement, HTMLTextAreaElement, HTMLButtonElement])
  Object.defineProperty(field.prototype, "labels", {
    get(this: HTMLElement) {
      const named = this.id === "" ? [] : this.ownerDocument.querySelectorAll(`label[for="${CSS.escape(this.id)}"]`);
      const around = this.closest("label");
      return [...named, ...(around !== null && !around.hasAttribute("for") ? [around] : [])];
    },
  });
