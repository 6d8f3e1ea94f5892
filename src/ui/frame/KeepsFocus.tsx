"use client";

import { Stack, type StackProps } from "@chakra-ui/react";
import { useEffect, useLayoutEffect, useRef } from "react";

/**
 * Takes the focus when what had it in here is gone (a step that was removed, with its button), so that it never falls to the page,
 * where the next key would do nothing or something else.
 */
export function KeepsFocus({ label, ...rest }: StackProps & { readonly label: string }) {
  const box = useRef<HTMLDivElement>(null);
  const had = useRef(false);
  useEffect(() => {
    const came = ({ target }: FocusEvent) => {
      had.current = box.current?.contains(target as Node) === true;
    };
    // Whoever presses beside everything wants no focus; what is taken out of the page says so only afterwards.
    const went = ({ target, relatedTarget }: FocusEvent) =>
      queueMicrotask(() => {
        if (relatedTarget === null && (target as Node).isConnected) had.current = false;
      });
    document.addEventListener("focusin", came);
    document.addEventListener("focusout", went);
    return () => {
      document.removeEventListener("focusin", came);
      document.removeEventListener("focusout", went);
    };
  }, []);
  useLayoutEffect(() => {
    if (had.current && document.activeElement === document.body) box.current?.focus({ preventScroll: true });
  });
  return <Stack ref={box} tabIndex={-1} role="group" aria-label={label} css={{ outline: "none" }} {...rest} />;
}
