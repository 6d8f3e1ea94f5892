"use client";

import { Flex, Text } from "@chakra-ui/react";
import { useState } from "react";
import { Do, Quiet } from "./controls";

/** What there is to say of versions: one waits to be taken, or was taken in another tab under this page. */
export interface VersionNews {
  readonly is: "waiting" | "taken";
  readonly onReload: () => void;
}
const SAYS: Readonly<Record<VersionNews["is"], string>> = {
  waiting: "A new version of Jade Pan is ready. Reload when this step is done: everything you entered is kept.",
  taken:
    "A new version of Jade Pan was taken in another tab. This page goes on as it is; reload it when this step is done.",
};

/** A new version is there; it comes to this page when the cook says so. */
export function NewVersion({ news: { is, onReload } }: { readonly news: VersionNews }) {
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
        {SAYS[is]}
      </Text>
      <Do onClick={onReload}>Reload now</Do>
      <Quiet onClick={() => setLater(true)}>Later</Quiet>
    </Flex>
  );
}
