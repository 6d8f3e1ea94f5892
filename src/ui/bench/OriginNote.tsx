"use client";

import { chakra, Text } from "@chakra-ui/react";
import type { Origin } from "@/core/dish/dish";
import { Card } from "../frame/controls";

/** Where the dish came from, and what was changed from there. */
export function OriginNote({ origin }: { readonly origin: Origin }) {
  return (
    <Card p="4" fontSize="sm" aria-label="Where it is from">
      <Text overflowWrap="anywhere">
        <Text as="span" color="quiet">
          From{" "}
        </Text>
        {origin.from}
      </Text>
      {origin.changed.length > 0 && (
        <chakra.details mt="1">
          <chakra.summary cursor="pointer" color="quiet" py={{ base: "3", md: "2" }}>
            What was changed ({origin.changed.length})
          </chakra.summary>
          <chakra.ul ps="5">
            {origin.changed.map((change, i) => (
              <chakra.li key={i} overflowWrap="anywhere">
                {change}
              </chakra.li>
            ))}
          </chakra.ul>
        </chakra.details>
      )}
    </Card>
  );
}
