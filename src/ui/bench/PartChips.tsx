"use client";

import { chakra, Flex } from "@chakra-ui/react";
import type { BenchProps } from "./benchProps";

/** Parts of the dish in hand and the other dishes, one press away, above the part on a phone. */
export function PartChips({ plan, dish, part, actions }: Pick<BenchProps, "plan" | "dish" | "part" | "actions">) {
  return (
    <Flex as="nav" aria-label="Parts" gap="2" wrap="wrap">
      {plan.dishes.flatMap((d) =>
        d.id === dish.id
          ? d.parts.map((p) => (
              <Chip key={p.id} on={p.id === part?.id} says={p.name} onPress={() => actions.selectPart(p.id)} />
            ))
          : [<Chip key={d.id} on={false} says={d.name} onPress={() => actions.selectDish(d.id)} />],
      )}
    </Flex>
  );
}

function Chip({ on, says, onPress }: { on: boolean; says: string; onPress: () => void }) {
  return (
    <chakra.button
      type="button"
      aria-pressed={on}
      onClick={onPress}
      minH="11"
      px="4"
      rounded="full"
      borderWidth="1.5px"
      borderColor={on ? "jade" : "line"}
      bg={on ? "jadeTint" : "card"}
      fontWeight={on ? "700" : "500"}
      textAlign="start"
    >
      {says}
    </chakra.button>
  );
}
