"use client";

import { Box, Button, createToaster, HStack, Portal, Toaster } from "@chakra-ui/react";

const toaster = createToaster({ placement: "bottom-start", pauseOnPageIdle: true, max: 3 });

export interface Notice {
  readonly says: string;
  readonly tone?: "done" | "trouble";
  readonly action?: { readonly label: string; readonly run: () => void };
}

/** Says what happened, with the way back where there is one. */
export function notify({ says, tone = "done", action }: Notice): void {
  toaster.create({
    title: says,
    type: tone === "trouble" ? "error" : "info",
    duration: tone === "trouble" ? 12_000 : 7_000,
    ...(action ? { action: { label: action.label, onClick: action.run } } : {}),
  });
}

export function Notices() {
  return (
    <Portal>
      <Toaster toaster={toaster} insetInline="4">
        {(toast) => (
          <HStack
            role="status"
            bg={toast.type === "error" ? "chilliTint" : "ink"}
            color={toast.type === "error" ? "ink" : "page"}
            borderWidth="1px"
            borderColor={toast.type === "error" ? "chilli" : "ink"}
            rounded="xl"
            ps="5"
            pe="2"
            py="2"
            minH="12"
            gap="4"
            maxW="min(34rem, 92vw)"
          >
            <Box flex="1">{toast.title}</Box>
            {toast.action && (
              <Button
                size="sm"
                variant="plain"
                color="inherit"
                textDecoration="underline"
                onClick={toast.action.onClick}
              >
                {toast.action.label}
              </Button>
            )}
          </HStack>
        )}
      </Toaster>
    </Portal>
  );
}
