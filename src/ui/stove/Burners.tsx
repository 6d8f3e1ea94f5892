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

/** A burner that fails while somebody cooks: what is left is worked out again without it, until it works again. */
export function Burners({ burners }: BurnersProps) {
  const out = burners.filter((b) => !b.works);
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
        <Turns burners={burners} />
      </chakra.details>
    </Box>
  );
}

/** In place of a step that cannot be worked out any more, as when no burner is left for it: never a blank page. */
export function Stuck({
  title,
  burners,
  onBack,
}: BurnersProps & { readonly title: string; readonly onBack: (() => void) | null }) {
  const out = burners.filter((b) => !b.works);
  return (
    <Card p="4" m={{ base: "3", md: "5" }}>
      <Remark tone="harm" role="alert">
        {out.length > 0
          ? `No burner is left that can do “${title}”. Say when one works again, and it goes on.`
          : `“${title}” cannot be worked out as things stand; the Bench says why.`}
      </Remark>
      <Turns burners={out} />
      {onBack !== null && (
        <Quiet mt="2" onClick={onBack}>
          Back to the step before
        </Quiet>
      )}
    </Card>
  );
}

function Turns({ burners }: BurnersProps) {
  return (
    <HStack gap="2" mt="2" wrap="wrap">
      {burners.map((b) => (
        <Quiet key={b.name} fontSize="sm" onClick={() => b.onTurn(!b.works)}>
          {b.name} {b.works ? "fails" : "works again"}
        </Quiet>
      ))}
    </HStack>
  );
}
