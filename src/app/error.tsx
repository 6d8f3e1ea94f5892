"use client";

import { Box, Flex, Heading, Text } from "@chakra-ui/react";
import { Do, Quiet } from "@/ui/frame/controls";
import { describeTrouble } from "@/ui/wording/troubles";

/** Where a page cannot be shown, mostly because there is no store: what is wrong, and what to do. */
export default function ErrorPage({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <Box as="main" p="6" maxW="44rem" mx="auto">
      <Heading as="h1" fontSize="3xl">
        This page cannot be shown
      </Heading>
      <Text mt="3">{describeTrouble(error)}</Text>
      <Text mt="2" color="quiet">
        What was stored before is not touched.
      </Text>
      <Flex gap="2" mt="4" wrap="wrap">
        <Do onClick={reset}>Try again</Do>
        <Quiet onClick={() => window.location.reload()}>Reload the page</Quiet>
      </Flex>
    </Box>
  );
}
