import { Box } from "@chakra-ui/react";
import type { Caution } from "@/core/safety/rule";
import { DEFER, describeCaution, type Telling } from "@/words/cautions";
import { Remark } from "./controls";

/** A caution with its authority; colour is backed by the word. */
export function CautionRemark({ caution, telling }: { caution: Caution; telling: Telling }) {
  const stop = caution.severity === "stop";
  return (
    <Remark tone={stop ? "harm" : "watch"}>
      <strong>{stop ? "Stop. " : "Mind. "}</strong>
      {describeCaution(caution, telling)}{" "}
      <Box as="span" color="quiet">
        Authority: {caution.authority}. {DEFER}
      </Box>
    </Remark>
  );
}
