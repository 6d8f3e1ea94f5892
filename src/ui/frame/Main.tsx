"use client";

import { chakra } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** The page below the bar; room at its end so that a notice never lies over the last button. */
export function Main({ children }: { children: ReactNode }) {
  return <chakra.main pb="20">{children}</chakra.main>;
}
