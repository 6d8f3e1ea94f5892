"use client";

import { Box, Flex, Text } from "@chakra-ui/react";
import { useSyncExternalStore } from "react";
import { describeNotesHeld, describeTrouble, describeUnstored } from "@/words/troubles";
import { Do, Quiet } from "./controls";
import { closedNow, onTrouble, troublesNow, tryAllAgain } from "./troubleQueue";

interface TroubleBarProps {
  /** Notes of the Stove that were refused, and why; the cooking goes on. */
  readonly notes: { readonly count: number; readonly error: unknown; readonly onAgain: () => void } | null;
  readonly onSave: () => void;
}

/** What is not stored, why, and the two ways out; in view until it is. */
export function TroubleBar({ notes, onSave }: TroubleBarProps) {
  const troubles = useSyncExternalStore(onTrouble, troublesNow, troublesNow);
  const closed = useSyncExternalStore(onTrouble, closedNow, closedNow);
  const last = troubles.at(-1);
  const unstored = last !== undefined || notes !== null;
  if (!unstored && closed === null) return null;
  const again = () => {
    if (!unstored) return window.location.reload();
    if (last !== undefined) void tryAllAgain();
    notes?.onAgain();
  };
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
      p={{ base: "3", md: "4" }}
      fontSize={{ base: "sm", md: "md" }}
    >
      {!unstored && <Text fontWeight="700">Nothing can be stored here.</Text>}
      {last !== undefined && <Text fontWeight="700">{describeUnstored(troubles.map((t) => t.what))}</Text>}
      {notes !== null && <Text fontWeight="700">{describeNotesHeld(notes.count)}</Text>}
      <Text>{describeTrouble(last?.error ?? notes?.error ?? closed)}</Text>
      <Flex gap="2" mt="2" wrap="wrap">
        <Do onClick={again}>Try again</Do>
        {unstored && <Quiet onClick={onSave}>Save a copy to a file</Quiet>}
      </Flex>
    </Box>
  );
}
