import { useMemo } from "react";

/**
 * The earlier object as long as the new one says the same: what depends on it is not worked out or drawn again. For plain
 * data only; its text stands for it.
 */
export function useSame<T>(value: T): T {
  const text = useMemo(() => JSON.stringify(value), [value]);
  // eslint-disable-next-line react-hooks/exhaustive-deps -- the text stands for the value
  return useMemo(() => value, [text]);
}
