"use client";

import { Box, Button, createToaster, HStack, Portal, Toaster } from "@chakra-ui/react";
import { useEffect } from "react";
import { onNotice, takeNotices } from "./noticeQueue";

const toaster = createToaster({ placement: "bottom-start", pauseOnPageIdle: true, max: 3 });

function showWaiting(): void {
  for (const { says, tone = "done", action } of takeNotices())
    toaster.create({
      title: says,
      type: tone === "trouble" ? "error" : "info",
      duration: tone === "trouble" ? 12_000 : 7_000,
      ...(action ? { action: { label: action.label, onClick: action.run } } : {}),
    });
}

export function NoticeToasts() {
  useEffect(() => {
    // The toaster listens only once its own effects have run.
    const first = setTimeout(showWaiting, 30);
    const stop = onNotice(showWaiting);
    return () => {
      clearTimeout(first);
      stop();
    };
  }, []);
  return (
    <Portal>
      {/* Where the Stove's buttons stick to the foot of the screen a notice stands above them. */}
      <Toaster
        toaster={toaster}
        insetInlineStart="4"
        css={{ pointerEvents: "none !important", lgDown: { bottom: "8.5rem !important" } }}
      >
        {(toast) => (
          <HStack
            role="status"
            pointerEvents="auto"
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
