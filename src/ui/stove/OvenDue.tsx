"use client";

import { Quiet, Remark } from "../frame/controls";

/** The oven of a step to come: to be switched on by now, or said to be on. */
export interface OvenDue {
  readonly says: string;
  readonly isOn: boolean;
  readonly onTurn: (on: boolean) => void;
}

/** What is worked out from now counts on the oven once it is said to be on. */
export function OvenRemark({ says, isOn, onTurn }: OvenDue) {
  return (
    <Remark tone={isOn ? "good" : "watch"} mt="3" role="status" fontSize="md" fontWeight="600">
      {says}{" "}
      <Quiet minH="11" px="4" ms="2" onClick={() => onTurn(!isOn)}>
        {isOn ? "Not yet on" : "It is on"}
      </Quiet>
    </Remark>
  );
}
