"use client";

import { Box, chakra } from "@chakra-ui/react";
import { TypedHere } from "./fields";
import { useTyped } from "./useTyped";

interface LongTextProps {
  readonly id: string;
  readonly value: string;
  readonly placeholder: string;
  readonly most: number;
  readonly rows?: number;
  readonly onStore: (text: string) => void;
}
/** Several lines of free text, stored as one types. */
export function LongText({ id, value, placeholder, most, rows = 3, onStore }: LongTextProps) {
  const clean = (text: string) =>
    text.length > most
      ? { problem: `This has ${text.length} characters; at most ${most} are kept. Shorten it.` }
      : { text };
  const { text, problem, mine, onType, onLeave, onTakeMine } = useTyped({ value, clean, onStore });
  return (
    <>
      <chakra.textarea
        id={id}
        value={text}
        placeholder={placeholder}
        aria-invalid={problem !== null}
        onChange={(e) => onType(e.target.value)}
        onBlur={onLeave}
        rows={rows}
        w="100%"
        p="3"
        bg="card"
        borderWidth="1px"
        borderColor={problem ? "chilli" : "edge"}
        rounded="lg"
        _placeholder={{ color: "quiet" }}
      />
      {problem && (
        <Box role="alert" fontSize="sm" color="chilli" mt="1">
          {problem}
        </Box>
      )}
      <TypedHere text={mine} onTake={onTakeMine} />
    </>
  );
}
