"use client";

import { Box, Flex, Heading, HStack, Text } from "@chakra-ui/react";
import { Trash2 } from "lucide-react";
import { drawnInView } from "../frame/drawnInView";
import { Card, IconDo, Link, Remark } from "../frame/controls";
import type { NextThing, SupperLine, WorkList } from "./counterProps";

/** Of the size of what will stand here. */
export const COMING: NextThing = { when: "…", title: "…", says: "Working it out.", href: "/", does: "…", late: false };
export const linesToCome = (count: number): WorkList => ({
  title: "…",
  href: "/",
  lines: Array.from({ length: count }, (_, i) => ({ time: "", title: "…", says: `${i}` })),
});

export function NextCard({ next }: { next: NextThing }) {
  return (
    <Box
      as="section"
      aria-label="Next"
      bg={next.late ? "turmericTint" : "jade"}
      color={next.late ? "ink" : "onJade"}
      borderWidth={next.late ? "2px" : "0"}
      borderColor="turmeric"
      rounded="2xl"
      p={{ base: "5", md: "7" }}
      minH={{ base: "14rem", md: "8.75rem" }}
    >
      <Flex gap="5" align="center" wrap={{ base: "wrap", md: "nowrap" }}>
        <Box flex="1" minW={{ base: "100%", md: "0" }}>
          <Text fontSize="lg">{next.when}</Text>
          <Heading as="h2" fontSize={{ base: "2xl", md: "4xl" }} lineHeight="1.15" my="1">
            {next.title}
          </Heading>
          <Text fontSize="lg" maxW="42ch">
            {next.says}
          </Text>
        </Box>
        <Link
          href={next.href}
          display="inline-flex"
          alignItems="center"
          justifyContent="center"
          minH="12"
          px="6"
          rounded="xl"
          bg={next.late ? "jade" : "card"}
          color={next.late ? "onJade" : "ink"}
          fontWeight="700"
          whiteSpace="nowrap"
        >
          {next.does}
        </Link>
      </Flex>
    </Box>
  );
}

export function Work({ work }: { work: WorkList }) {
  return (
    <Card style={drawnInView(`${4 + work.lines.length * 2.25}rem`)}>
      <Flex justify="space-between" align="baseline" gap="3" mb="2">
        <Heading as="h2" fontSize="lg">
          {work.title}
        </Heading>
        <Link
          href={work.href}
          display="inline-flex"
          alignItems="center"
          minH={{ base: "11", md: "0" }}
          color="jade"
          fontWeight="600"
          textDecoration="underline"
        >
          the clock
        </Link>
      </Flex>
      <Box as="ol" listStyleType="none" columnCount={{ base: 1, md: 2 }} columnGap="8">
        {work.lines.map((l) => (
          <HStack
            as="li"
            key={l.time + l.title + l.says}
            gap="3"
            py="1.5"
            borderBottomWidth="1px"
            borderColor="line"
            align="baseline"
            breakInside="avoid"
          >
            <Text fontWeight="700" minW="3.2rem" whiteSpace="nowrap" flexShrink={0}>
              {l.time}
            </Text>
            <Text flex="1">{l.title}</Text>
            <Text color="quiet" fontSize="sm" whiteSpace="nowrap">
              {l.says}
            </Text>
          </HStack>
        ))}
      </Box>
    </Card>
  );
}

export function SupperCard({ supper, onRemove }: { supper: SupperLine; onRemove: () => void }) {
  return (
    <Card py="4">
      <Flex gap="5" align="flex-start" wrap={{ base: "wrap", md: "nowrap" }}>
        <Box w={{ base: "100%", md: "9rem" }} flexShrink={0}>
          <Text fontFamily="heading" fontWeight="700" fontSize="xl" lineHeight="1.2">
            {supper.day}
          </Text>
          <Text color="quiet">{supper.at}</Text>
        </Box>
        <Box flex="1" minW="0">
          <Link href={supper.href} _hover={{ textDecoration: "underline" }}>
            <Heading as="h2" fontSize="xl">
              {supper.name}
            </Heading>
          </Link>
          <Text color="quiet" mb="2">
            {supper.dishes}
          </Text>
          <Flex
            gap="2"
            wrap="wrap"
            minH={{ base: `${supper.remarksAwaited * 2.5}rem`, md: "2.125rem" }}
            alignContent="flex-start"
          >
            {supper.remarks?.map((r) => (
              <Remark key={r.says} tone={r.tone} py="1">
                {r.says}
              </Remark>
            ))}
          </Flex>
        </Box>
        <Box textAlign={{ base: "start", md: "end" }}>
          <Text color="quiet" fontSize="sm">
            {supper.startSays}
          </Text>
          <Text fontFamily="heading" fontWeight="700" fontSize="xl">
            {supper.start}
          </Text>
        </Box>
        <IconDo label={`Remove ${supper.name}`} onClick={onRemove}>
          <Trash2 size={16} />
        </IconDo>
      </Flex>
    </Card>
  );
}
