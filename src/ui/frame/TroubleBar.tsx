"use client";

import { Box, Flex, Text } from "@chakra-ui/react";
import { useSyncExternalStore } from "react";
import { describeTrouble, describeUnstored } from "../wording/troubles";
import { Do, Quiet } from "./controls";
import { closedNow, onTrouble, troublesNow, tryAllAgain } from "./troubleQueue";

/** What is not stored, why, and the two ways out; in view until it is. */
export function TroubleBar({ onSave }: { readonly onSave: () => void }) {
  const troubles = useSyncExternalStore(onTrouble, troublesNow, troublesNow);
  const closed = useSyncExternalStore(onTrouble, closedNow, closedNow);
  const last = troubles.at(-1);
  if (last === undefined && closed === null) return null;
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
      <Text fontWeight="700">
        {last === undefined ? "Nothing can be stored here." : describeUnstored(troubles.map((t) => t.what))}
      </Text>
      <Text>{describeTrouble(last?.error ?? closed)}</Text>
      <Flex gap="2" mt="2" wrap="wrap">
        <Do onClick={() => (last === undefined ? window.location.reload() : void tryAllAgain())}>Try again</Do>
        {last !== undefined && <Quiet onClick={onSave}>Save a copy to a file</Quiet>}
      </Flex>
    </Box>
  );
}
