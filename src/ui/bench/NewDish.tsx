"use client";

import { Flex, Heading, Text } from "@chakra-ui/react";
import { PATTERN_IDS, PATTERN_NAMES, type PatternId } from "@/core/dish/patternNames";
import { Card, Quiet } from "../frame/controls";

export function NewDish({ onAdd }: { onAdd: (pattern: PatternId) => void }) {
  return (
    <Card>
      <Heading as="h1" fontSize="2xl">
        What is it made of?
      </Heading>
      <Text color="quiet" mt="1" mb="4" maxW="60ch">
        A dish is made of parts that cook on their own until they meet. Begin with the one in which the meat was. Every
        amount and every step can be changed afterwards.
      </Text>
      <Flex gap="2" wrap="wrap">
        {PATTERN_IDS.map((id) => (
          <Quiet key={id} onClick={() => onAdd(id)}>
            {PATTERN_NAMES[id]}
          </Quiet>
        ))}
      </Flex>
    </Card>
  );
}
