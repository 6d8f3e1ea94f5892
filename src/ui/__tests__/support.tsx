import { ChakraProvider } from "@chakra-ui/react";
import { render } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import type { ReactElement } from "react";
import { system } from "../frame/theme";

/** Renders a part in the house's theme. */
export function show(element: ReactElement) {
  const user = userEvent.setup();
  const view = render(<ChakraProvider value={system}>{element}</ChakraProvider>);
  return { user, again: (next: ReactElement) => view.rerender(<ChakraProvider value={system}>{next}</ChakraProvider>) };
}
