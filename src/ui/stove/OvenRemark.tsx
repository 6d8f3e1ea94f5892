"use client";

import { Text } from "@chakra-ui/react";
import { Quiet, Remark } from "../frame/controls";

/** The oven of a step to come: to be switched on by now, or said to be on. */
export interface OvenRemarkProps {
  readonly says: string;
  readonly isOn: boolean;
  readonly onTurn: (on: boolean) => void;
}

/** What is worked out from now counts on the oven once it is said to be on. */
export function OvenRemark({ says, isOn, onTurn }: OvenRemarkProps) {
  return (
    <Remark
      tone={isOn ? "good" : "watch"}
      mt="3"
      role="status"
      fontSize="md"
      fontWeight="600"
      display="flex"
      alignItems="center"
      gap="3"
    >
      <Text flex="1">{says}</Text>
      <Quiet minH="11" px="4" flexShrink={0} onClick={() => onTurn(!isOn)}>
        {isOn ? "Not yet on" : "It is on"}
      </Quiet>
    </Remark>
  );
}
