"use client";

import { Flex } from "@chakra-ui/react";
import type { PlannedPart } from "@/core/plan";
import { SALT_TARGETS, type SaltTarget } from "@/core/models/salt";
import { Choice, NumberField } from "../frame/fields";
import type { BenchProps } from "./benchProps";

const SALT_KINDS: readonly { readonly value: string; readonly label: string }[] = [
  { value: "", label: "nothing" },
  ...Object.keys(SALT_TARGETS).map((kind) => ({ value: kind, label: kind })),
];

/** How long the finished part may stand, and what its salt is held against. */
export function PartSettings({ dish, part, frozen, onPart }: BenchProps & { part: PlannedPart }) {
  const own = dish.parts.find((p) => p.id === part.id);
  if (!own) return null;
  return (
    <Flex gap="3" wrap="wrap" mt="3">
      <NumberField
        label="May stand before the table"
        value={own.waitsForTableMin}
        low={0}
        high={1440}
        unit="min"
        digits={0}
        disabled={frozen}
        onCommit={(n) => n !== null && onPart({ ...own, waitsForTableMin: n })}
      />
      <Choice
        label="Salt as in"
        width="8rem"
        value={own.saltTarget ?? ""}
        disabled={frozen}
        options={SALT_KINDS}
        onChoose={(v) => onPart({ ...own, saltTarget: v === "" ? null : (v as SaltTarget) })}
      />
    </Flex>
  );
}
