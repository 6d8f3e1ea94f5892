import { type RefObject, useLayoutEffect, useRef, useState } from "react";

/**
 * Width of an element as it is laid out, for drawings that measure before they place words. Known before the first paint,
 * so that nothing below the drawing jumps.
 */
export function useWidth(): readonly [RefObject<HTMLDivElement | null>, number] {
  const ref = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    setWidth(element.clientWidth);
    const observer = new ResizeObserver(([entry]) => entry && setWidth(entry.contentRect.width));
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, width];
}
