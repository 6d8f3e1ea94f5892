import { ChakraProvider } from "@chakra-ui/react";
import { render } from "@testing-library/react";
import userEvent, { PointerEventsCheckLevel } from "@testing-library/user-event";
import type { ReactElement } from "react";
import type { RowRanges } from "@/core/sampling";
import { buildTheme } from "../frame/theme";

const system = buildTheme(true);
const NONE = { low: 0, high: 0 };
/** Ranges of a row, nothing where the test says nothing. */
export const rowRanges = (more: Partial<RowRanges>): RowRanges => ({
  doneShare: 1,
  massG: NONE,
  solidsG: NONE,
  waterG: NONE,
  oilG: NONE,
  saltShare: NONE,
  inputsG: NONE,
  outputsG: NONE,
  minutes: NONE,
  hands: NONE,
  watch: NONE,
  wait: NONE,
  ...more,
});

/** Renders a part in the house's theme. */
export function show(element: ReactElement) {
  // Whether something lies above a button is looked at in a browser; here nothing is laid out.
  const user = userEvent.setup({ pointerEventsCheck: PointerEventsCheckLevel.Never });
  const view = render(<ChakraProvider value={system}>{element}</ChakraProvider>);
  return { user, again: (next: ReactElement) => view.rerender(<ChakraProvider value={system}>{next}</ChakraProvider>) };
}
