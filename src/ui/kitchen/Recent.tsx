"use client";

import { Box, Heading, HStack, Text } from "@chakra-ui/react";
import { useState } from "react";
import { Card, Quiet } from "../frame/controls";

export interface RecentProps {
  readonly changes: readonly {
    readonly seq: number;
    readonly label: string;
    readonly when: string;
    readonly takenBack: boolean;
  }[];
  readonly onBringBack: (seq: number) => void;
}
const FEW = 6;

/** What was done of late in this browser, also before a reload, each to be taken back by itself. */
export function Recent({ changes, onBringBack }: RecentProps) {
  const [all, setAll] = useState(false);
  if (changes.length === 0) return null;
  return (
    <Card aria-label="Recent changes">
      <Heading as="h2" fontSize="xl">
        Recent changes
      </Heading>
      <Text color="quiet" fontSize="sm" mb="2">
        The last forty of this browser, newest first. Taking one back leaves what was changed again since.
      </Text>
      {changes.slice(0, all ? undefined : FEW).map(({ seq, label, when, takenBack }) => (
        <HStack key={seq} gap="3" borderTopWidth="1px" borderColor="line" py="1.5">
          <Box flex="1" minW="0">
            <Text fontWeight="600" overflowWrap="anywhere">
              {label}
            </Text>
            <Text fontSize="sm" color="quiet">
              {when}
            </Text>
          </Box>
          {takenBack ? (
            <Text fontSize="sm" color="quiet" px="2">
              taken back
            </Text>
          ) : (
            <Quiet
              fontSize="sm"
              aria-label={`Bring back what was there before: ${label}`}
              onClick={() => onBringBack(seq)}
            >
              Bring back
            </Quiet>
          )}
        </HStack>
      ))}
      {changes.length > FEW && (
        <Quiet mt="2" fontSize="sm" onClick={() => setAll(!all)}>
          {all ? "Show fewer" : `Show all ${changes.length}`}
        </Quiet>
      )}
    </Card>
  );
}
