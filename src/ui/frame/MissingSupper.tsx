import { Box, Heading, Text } from "@chakra-ui/react";
import { Link } from "./controls";

export function MissingSupper() {
  return (
    <Box maxW="40rem" mx="auto" p="10">
      <Heading as="h1" fontSize="3xl">
        This supper is not in this browser
      </Heading>
      <Text color="quiet" my="3">
        It may have been removed, or the address comes from another browser. Suppers travel in the file that Kitchen
        exports.
      </Text>
      <Link href="/" color="jade" fontWeight="600" textDecoration="underline">
        To the Counter
      </Link>
    </Box>
  );
}
