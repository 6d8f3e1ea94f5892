import { Box } from "@chakra-ui/react";
import type { Caution } from "@/core/safety/rule";
import { DEFER, describeStops, type Telling } from "@/words/cautions";

/** Under the thread of a supper, on each of its pages: what harms as it is planned, in the words that stand beside its step. */
export function Stops({ stops, telling }: { readonly stops: readonly Caution[]; readonly telling: Telling }) {
  return (
    <Box role="alert" bg="chilliTint" color="ink" px={{ base: "4", md: "6" }} py="2" fontSize="sm">
      {describeStops(stops, telling).map((says) => (
        <Box key={says} fontWeight="600">
          {says}
        </Box>
      ))}
      <Box as="span" color="quiet">
        {DEFER}
      </Box>
    </Box>
  );
}
