"use client";

import { Box, Flex, Text } from "@chakra-ui/react";
import { useSyncExternalStore } from "react";
import { describeTrouble, describeUnstored } from "../wording/troubles";
import { Do, Quiet } from "./controls";
import { onTrouble, troublesNow, tryAllAgain } from "./troubleQueue";

/** What is not stored, why, and the two ways out; in view until it is. */
export function TroubleBar({ onSave }: { readonly onSave: () => void }) {
  const troubles = useSyncExternalStore(onTrouble, troublesNow, troublesNow);
  const last = troubles.at(-1);
  if (last === undefined) return null;
  return (
    <Box
      role="alert"
      position="sticky"
      bottom="0"
      zIndex="banner"
      bg="chilliTint"
      color="ink"
      borderTopWidth="3px"
      borderColor="chilli"
      p="4"
    >
      <Text fontWeight="700">{describeUnstored(troubles.map((t) => t.what))}</Text>
      <Text>{describeTrouble(last.error)}</Text>
      <Flex gap="2" mt="2" wrap="wrap">
        <Do onClick={() => void tryAllAgain()}>Try again</Do>
        <Quiet onClick={onSave}>Save a copy to a file</Quiet>
      </Flex>
    </Box>
  );
}
