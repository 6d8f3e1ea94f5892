"use client";

import { useDeferredValue } from "react";

/**
 * True once something may be drawn, one beat after it could be: the first drawing of a page is then done in slices, between
 * which the browser answers touches. Later changes are drawn at once.
 */
export const useDrawnInSlices = (ready: boolean): boolean => useDeferredValue(ready, false) && ready;
