"use client";

import { Flex } from "@chakra-ui/react";
import { memo } from "react";
import type { Fix } from "@/core/mend/fixes";
import { Quiet } from "../frame/controls";
import { sayFix } from "@/words/fixes";
import type { TextContext } from "@/words/words";

/** The ways out that one press takes, under what tells them. */
export const FixButtons = memo(function FixButtons({
  fixes,
  textContext,
  onTake,
}: {
  fixes: readonly Fix[];
  textContext: TextContext;
  onTake: (fix: Fix) => void;
}) {
  if (fixes.length === 0) return null;
  return (
    <Flex role="group" aria-label="Put it right" gap="1.5" wrap="wrap" mt="3">
      {fixes
        .map((fix) => [sayFix(fix, textContext), fix] as const)
        .map(([says, fix]) => (
          <Quiet key={says} px="3" fontSize="sm" onClick={() => onTake(fix)}>
            {says}
          </Quiet>
        ))}
    </Flex>
  );
});
