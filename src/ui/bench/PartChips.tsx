"use client";

import { Flex } from "@chakra-ui/react";
import { Pill } from "../frame/controls";
import type { BenchProps } from "./benchProps";

/** Parts of the dish in hand and the other dishes, one press away, above the part on a phone. */
export function PartChips({ plan, dish, part, actions }: Pick<BenchProps, "plan" | "dish" | "part" | "actions">) {
  return (
    <Flex as="nav" aria-label="Parts" gap="2" wrap="wrap">
      {plan.dishes.flatMap((d) =>
        d.id === dish.id
          ? d.parts.map((p) => (
              <Pill key={p.id} on={p.id === part?.id} fontSize="md" onClick={() => actions.selectPart(p.id)}>
                {p.name}
              </Pill>
            ))
          : [
              <Pill key={d.id} on={false} fontSize="md" onClick={() => actions.selectDish(d.id)}>
                {d.name}
              </Pill>,
            ],
      )}
    </Flex>
  );
}
