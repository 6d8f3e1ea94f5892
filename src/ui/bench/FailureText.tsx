"use client";

import type { StepFailure } from "@/core/process/ledger";
import { describeFailure } from "@/words/failures";
import type { TextContext } from "@/words/words";

export interface FailureTextProps {
  readonly failure: StepFailure;
  readonly textContext: TextContext;
}
/** Why a step cannot be done, and the way out. */
export function FailureText({ failure, textContext }: FailureTextProps) {
  return <>{describeFailure(failure, textContext)}</>;
}
