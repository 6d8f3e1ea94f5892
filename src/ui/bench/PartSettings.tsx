"use client";

import { Flex } from "@chakra-ui/react";
import { memo } from "react";
import { SALT_TARGETS, type SaltTarget } from "@/core/models/salt";
import { Choice, NumberField } from "../frame/fields";
import type { BenchActions } from "./benchProps";

const SALT_KINDS: readonly { readonly value: string; readonly label: string }[] = [
  { value: "", label: "nothing" },
  ...Object.keys(SALT_TARGETS).map((kind) => ({ value: kind, label: kind })),
];

interface SettingsProps {
  readonly waitsForTableMin: number;
  readonly saltTarget: SaltTarget | null;
  readonly frozen: boolean;
  readonly onChange: BenchActions["changePart"];
}

/** How long the finished part may stand, and what its salt is held against. */
export const PartSettings = memo(function PartSettings({
  waitsForTableMin,
  saltTarget,
  frozen,
  onChange,
}: SettingsProps) {
  return (
    <Flex gap="3" wrap="wrap">
      <NumberField
        label="May stand before the table"
        value={waitsForTableMin}
        low={0}
        high={1440}
        unit="min"
        digits={0}
        disabled={frozen}
        onCommit={(n) => n !== null && onChange({ waitsForTableMin: n })}
      />
      <Choice
        label="Salt as in"
        width="8rem"
        value={saltTarget ?? ""}
        disabled={frozen}
        options={SALT_KINDS}
        onChoose={(v) => onChange({ saltTarget: v === "" ? null : (v as SaltTarget) })}
      />
    </Flex>
  );
});
