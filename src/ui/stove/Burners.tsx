"use client";

import { Box, chakra, HStack } from "@chakra-ui/react";
import { Card, Quiet, Remark } from "../frame/controls";

export interface BurnersProps {
  readonly burners: readonly {
    readonly name: string;
    readonly works: boolean;
    readonly onTurn: (works: boolean) => void;
  }[];
}

/**
 * A burner that fails while somebody cooks: what is left is worked out again without it, until it works again.
 *
 * @param stuck the step that no burner is left for; it is all there is to see then
 */
export function Burners({ burners, stuck = null }: BurnersProps & { readonly stuck?: string | null }) {
  const out = burners.filter((b) => !b.works);
  const list = (
    <HStack gap="2" mt="2" wrap="wrap">
      {burners.map((b) => (
        <Quiet key={b.name} fontSize="sm" onClick={() => b.onTurn(!b.works)}>
          {b.name} {b.works ? "fails" : "works again"}
        </Quiet>
      ))}
    </HStack>
  );
  if (stuck !== null)
    return (
      <Card p="4" m={{ base: "3", md: "5" }}>
        <Remark tone="harm" role="alert">
          No burner is left that can do “{stuck}”. Say when one works again, and it goes on.
        </Remark>
        {list}
      </Card>
    );
  if (burners.length === 0) return null;
  return (
    <Box mt="3">
      {out.length > 0 && (
        <Remark tone="watch" role="status">
          Worked out without {out.map((b) => b.name).join(", ")}.
        </Remark>
      )}
      <chakra.details>
        <chakra.summary minH="11" alignContent="center" cursor="pointer" color="quiet" fontSize="sm">
          A burner fails
        </chakra.summary>
        {list}
      </chakra.details>
    </Box>
  );
}
