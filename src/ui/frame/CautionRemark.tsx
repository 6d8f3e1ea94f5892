import { Box } from "@chakra-ui/react";
import { type Caution, DEFER } from "@/core/safety/rule";
import { Remark } from "./controls";

/** A caution with its authority; colour is backed by the word. */
export function CautionRemark({ caution }: { caution: Caution }) {
  const stop = caution.severity === "stop";
  return (
    <Remark tone={stop ? "harm" : "watch"}>
      <strong>{stop ? "Stop. " : "Mind. "}</strong>
      {caution.says}{" "}
      <Box as="span" color="quiet">
        Authority: {caution.authority}. {DEFER}
      </Box>
    </Remark>
  );
}
