"use client";

import { memo } from "react";
import { Box, Heading, HStack, Text } from "@chakra-ui/react";
import { writeMass, writePercent } from "@/core/quantities/write";
import type { SaltStanding } from "@/core/season/standing";

const STANDINGS: Readonly<Record<SaltStanding["standing"], string>> = {
  low: "milder than usual",
  right: "as usual for this",
  high: "saltier than usual",
  unmeasured: "no usual value",
};

/** Salt of the finished part on a rule from none to 2.5 %, with the usual range marked. */
export const SaltGauge = memo(function SaltGauge({ salt, name }: { salt: SaltStanding; name: string }) {
  const most = Math.max(0.025, salt.share * 1.15);
  const x = (share: number) => `${(100 * share) / most}%`;
  const says = `${writePercent(salt.share)} salt, ${writeMass(salt.perEaterG)} for each eater: ${STANDINGS[salt.standing]}`;
  return (
    <Box>
      <HStack justify="space-between" align="baseline">
        <Heading as="h2" fontSize="md">
          Salt in the {name.charAt(0).toLowerCase() + name.slice(1)}
        </Heading>
        <Text fontFamily="heading" fontWeight="700" fontSize="xl" whiteSpace="nowrap">
          {writePercent(salt.share)}
        </Text>
      </HStack>
      <Box position="relative" h="9" mt="2" role="img" aria-label={says}>
        <Box
          position="absolute"
          insetX="0"
          top="4"
          h="2"
          rounded="full"
          bg="sunk"
          borderWidth="1px"
          borderColor="line"
        />
        {salt.target && (
          <Box
            position="absolute"
            top="3"
            h="4"
            rounded="md"
            bg="jadeTint"
            borderWidth="1.5px"
            borderColor="jade"
            left={x(salt.target.low)}
            w={x(salt.target.high - salt.target.low)}
          />
        )}
        <Box position="absolute" top="1" h="8" w="1" ms="-2px" bg="ink" rounded="full" left={x(salt.share)} />
      </Box>
      <Text fontSize="sm" color="quiet" mt="1">
        {writeMass(salt.perEaterG)} for each eater · {STANDINGS[salt.standing]}
        {salt.target && ` (${writePercent(salt.target.low, 1)} to ${writePercent(salt.target.high, 1)})`}
      </Text>
      {salt.unsaltedG > 0.5 && (
        <Text fontSize="sm" mt="1">
          About {writeMass(salt.unsaltedG)} more without salt would bring it down.
        </Text>
      )}
      {salt.missingSaltG > 0.05 && (
        <Text fontSize="sm" mt="1">
          {writeMass(salt.missingSaltG)} of salt would bring it up.
        </Text>
      )}
    </Box>
  );
});
