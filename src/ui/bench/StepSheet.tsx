"use client";

import { Box, Flex } from "@chakra-ui/react";
import { type ReactNode, useEffect, useRef } from "react";
import { Quiet } from "../frame/controls";

/** The step in hand on a phone: it stands over the lower part of the page, which stays in reach above it. */
export function StepSheet({
  label,
  onClose,
  children,
}: {
  readonly label: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
}) {
  const sheet = useRef<HTMLDivElement>(null);
  useEffect(() => sheet.current?.focus(), [label]);
  return (
    <>
      {/* What lies under the sheet can be scrolled above it. */}
      <Box h="62vh" aria-hidden />
      <Box
        ref={sheet}
        tabIndex={-1}
        role="region"
        aria-label={label}
        position="fixed"
        bottom="0"
        insetX="0"
        zIndex="docked"
        maxH="62vh"
        overflowY="auto"
        bg="card"
        borderTopWidth="3px"
        borderColor="jade"
        roundedTop="2xl"
        boxShadow="0 -6px 24px rgb(0 0 0 / 0.18)"
        px="4"
        pb="5"
        onKeyDown={(e) => e.key === "Escape" && onClose()}
        css={{ outline: "none" }}
      >
        <Flex justify="flex-end" position="sticky" top="0" bg="card" pt="2" zIndex="1">
          <Quiet minH="11" px="4" fontSize="sm" onClick={onClose}>
            Close
          </Quiet>
        </Flex>
        {children}
      </Box>
    </>
  );
}
