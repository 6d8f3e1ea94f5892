"use client";

import { Flex, Text } from "@chakra-ui/react";
import { useState } from "react";
import { Do, Quiet } from "./controls";

/** A new version is there; it comes when the cook says so. */
export function NewVersion({ onReload }: { readonly onReload: () => void }) {
  const [later, setLater] = useState(false);
  if (later) return null;
  return (
    <Flex
      role="status"
      position="sticky"
      bottom="0"
      zIndex="banner"
      bg="jadeTint"
      color="ink"
      borderTopWidth="3px"
      borderColor="jade"
      p="3"
      gap="3"
      align="center"
      wrap="wrap"
    >
      <Text flex="1" minW="14rem">
        A new version of Jade Pan is ready. Reload when this step is done: everything you entered is kept.
      </Text>
      <Do onClick={onReload}>Reload now</Do>
      <Quiet onClick={() => setLater(true)}>Later</Quiet>
    </Flex>
  );
}
