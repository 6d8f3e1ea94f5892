"use client";

import { Box, chakra, HStack, Input } from "@chakra-ui/react";
import { type ChangeEvent, useEffect, useId, useState } from "react";
import { oneLine } from "@/core/quantities/oneLine";
import { typed, untyped } from "./typing";
import { useTyped } from "./useTyped";

interface NumberFieldProps {
  readonly label: string;
  readonly value: number | null;
  readonly low: number;
  readonly high: number;
  readonly unit?: string;
  readonly digits?: number;
  /** An empty field means null, and is allowed. */
  readonly mayBeEmpty?: boolean;
  readonly emptySays?: string;
  readonly hideLabel?: boolean;
  readonly disabled?: boolean;
  readonly width?: string;
  /** Reads what is no plain number ("2 tbsp", "350 F"): the number in this field's unit, or a sentence that asks. */
  readonly read?: (text: string) => ReadInWords | { readonly asks: string };
  /** `words` where the number was read from words. */
  readonly onCommit: (value: number | null, words?: ReadInWords) => void;
}
/** A number read from words, in the field's unit, with what it may be. */
export interface ReadInWords {
  readonly value: number;
  readonly low?: number;
  readonly high?: number;
  readonly says: string;
}

/** Something typed over a value; a value that changed elsewhere (undo, units) makes it void. */
function useDraft(over: string): [string | null, (text: string | null) => void] {
  const [draft, setDraft] = useState<{ over: string; text: string } | null>(null);
  const text = draft !== null && draft.over === over ? draft.text : null;
  return [text, (next) => setDraft(next === null ? null : { over, text: next })];
}

/** Reads "1,5" and "1.5" alike; null when it is no number. */
function readNumber(text: string): number | null {
  const cleaned = text.trim().replace(",", ".");
  if (!/^-?\d*\.?\d+$/.test(cleaned)) return null;
  return Number(cleaned);
}

/**
 * A number that is taken on Enter or on leaving. Bad input stays where it is, with a sentence that names the field
 * and the way out.
 */
export function NumberField(props: NumberFieldProps) {
  const { label, value, low, high, unit, digits = 1, mayBeEmpty = false, emptySays = "usual", onCommit } = props;
  const written = value === null ? "" : String(Number(value.toFixed(digits)));
  const [draft, setDraft] = useDraft(written);
  const [problem, setProblem] = useDraft(written);
  const [note, setNote] = useState<string | null>(null);
  const id = useId();
  // The browser asks before a page is left on which a number stands that was typed and not taken.
  const open = draft !== null && draft !== written;
  useEffect(() => {
    if (open) typed(id, () => undefined);
    else untyped(id);
    return () => untyped(id);
  }, [open, id]);

  const commit = () => {
    if (draft === null) return;
    setNote(null);
    if (draft.trim() === "" && mayBeEmpty) {
      setProblem(null);
      setDraft(null);
      if (value !== null) onCommit(null);
      return;
    }
    let number = readNumber(draft);
    let words: ReadInWords | undefined;
    if (number === null && props.read) {
      const read = props.read(draft);
      if ("asks" in read) return setProblem(read.asks);
      words = read;
      number = Number(words.value.toFixed(digits));
      setNote(words.says);
    }
    if (number === null) return setProblem(`${label}: “${draft}” is not a number. Type digits, such as 12.5.`);
    if (number < low || number > high)
      return setProblem(`${label} can be ${low} to ${high}${unit ? ` ${unit}` : ""}. It was left as it is.`);
    setProblem(null);
    setDraft(null);
    if (String(number) === written) return;
    if (words === undefined) onCommit(number);
    else onCommit(number, words);
  };

  return (
    <Box>
      {!props.hideLabel && (
        <chakra.label htmlFor={id} display="block" fontSize="sm" color="quiet" mb="1">
          {label}
        </chakra.label>
      )}
      <HStack gap="1.5">
        <Input
          id={id}
          {...(props.hideLabel ? { "aria-label": label } : {})}
          inputMode={props.read ? "text" : "decimal"}
          value={draft ?? written}
          placeholder={mayBeEmpty ? emptySays : undefined}
          disabled={props.disabled}
          aria-invalid={problem !== null}
          aria-describedby={problem ? `${id}-problem` : undefined}
          onChange={(e) => setDraft(e.target.value)}
          onBlur={commit}
          onKeyDown={(e) => {
            if (e.key === "Enter") commit();
            if (e.key === "Escape") {
              setDraft(null);
              setProblem(null);
            }
          }}
          w={props.width ?? "6.5rem"}
          h="10"
          px="2.5"
          textAlign="end"
          bg="card"
          borderColor={problem ? "chilli" : "edge"}
          _placeholder={{ color: "quiet" }}
        />
        {unit && (
          <Box as="span" fontSize="sm" color="quiet" whiteSpace="nowrap">
            {unit}
          </Box>
        )}
      </HStack>
      {note && !problem && (
        <Box role="status" fontSize="xs" color="quiet" mt="1" maxW="14rem">
          {note}
        </Box>
      )}
      {problem && (
        <Box id={`${id}-problem`} role="alert" fontSize="sm" color="chilli" mt="1" maxW="18rem">
          {problem}
        </Box>
      )}
    </Box>
  );
}

interface ChoiceProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly hideLabel?: boolean;
  readonly disabled?: boolean;
  readonly width?: string;
  readonly onChoose: (value: string) => void;
}
export function Choice({ label, value, options, hideLabel = false, disabled, width = "100%", onChoose }: ChoiceProps) {
  const id = useId();
  return (
    <Box w={width}>
      {!hideLabel && (
        <chakra.label htmlFor={id} display="block" fontSize="sm" color="quiet" mb="1">
          {label}
        </chakra.label>
      )}
      <chakra.select
        id={id}
        aria-label={hideLabel ? label : undefined}
        value={value}
        disabled={disabled}
        onChange={(e) => onChoose(e.target.value)}
        w="100%"
        h="10"
        px="2"
        bg="card"
        color="ink"
        borderWidth="1px"
        borderColor="edge"
        rounded="md"
      >
        {options.map((o) => (
          <option key={o.value} value={o.value}>
            {o.label}
          </option>
        ))}
      </chakra.select>
    </Box>
  );
}

/** As many characters as a name may have in a file (formats/basics). */
const LONGEST_NAME = 200;
interface TextFieldProps {
  readonly label: string;
  readonly value: string;
  readonly hideLabel?: boolean;
  readonly mayBeEmpty?: boolean;
  /** A name is stored as one types; a time of day on Enter or on leaving, since half of one is none. */
  readonly type?: "text" | "time";
  /** A name too long for its field goes on in a second line instead of being cut. */
  readonly wraps?: boolean;
  readonly width?: string;
  readonly onCommit: (value: string) => void;
  /** Enter was pressed, or the field was left; what could be stored of it is. */
  readonly onDone?: () => void;
}
export function TextField({
  label,
  value,
  hideLabel,
  mayBeEmpty = false,
  type = "text",
  wraps = false,
  width = "100%",
  onCommit,
  onDone,
}: TextFieldProps) {
  const id = useId();
  const clean = (text: string) => {
    // A pasted break or tab becomes a space.
    const name = oneLine(text);
    if (name === "" && !mayBeEmpty) return { problem: `${label} must not be empty.` };
    if (name.length > LONGEST_NAME)
      return { problem: `${label} has ${name.length} characters; at most ${LONGEST_NAME} are kept. Shorten it.` };
    return { text: name };
  };
  const { text, problem, mine, onType, onLeave, onTakeMine } = useTyped({
    value,
    clean,
    whole: type !== "text",
    onStore: onCommit,
  });
  const leave = () => {
    onLeave();
    onDone?.();
  };
  const field = {
    id,
    "aria-label": hideLabel ? label : undefined,
    "aria-invalid": problem !== null,
    value: text,
    onChange: (e: ChangeEvent<HTMLInputElement | HTMLTextAreaElement>) => onType(e.target.value),
    onBlur: leave,
    px: "2.5",
    bg: "card",
    borderColor: problem ? "chilli" : "edge",
  };
  return (
    <Box w={width}>
      {!hideLabel && (
        <chakra.label htmlFor={id} display="block" fontSize="sm" color="quiet" mb="1">
          {label}
        </chakra.label>
      )}
      {wraps ? (
        <chakra.textarea
          {...field}
          rows={1}
          w="100%"
          display="block"
          borderWidth="1px"
          rounded="md"
          fontSize="sm"
          minH="10"
          py="2"
          lineHeight="1.4"
          resize="none"
          css={{ fieldSizing: "content" }}
          onKeyDown={(e) => {
            if (e.key !== "Enter") return;
            e.preventDefault();
            leave();
          }}
        />
      ) : (
        <Input {...field} type={type} h="10" onKeyDown={(e) => e.key === "Enter" && leave()} />
      )}
      {problem && (
        <Box role="alert" fontSize="sm" color="chilli" mt="1">
          {problem}
        </Box>
      )}
      <TypedHere text={mine} onTake={onTakeMine} />
    </Box>
  );
}

/** Another tab stored something else meanwhile, which is shown: what was typed here is not thrown away. */
export function TypedHere({ text, onTake }: { readonly text: string | null; readonly onTake: () => void }) {
  if (text === null) return null;
  return (
    <Box role="status" fontSize="sm" color="quiet" mt="1">
      It was changed in another tab. Typed here: “{text.length > 60 ? `${text.slice(0, 60)}…` : text}”.{" "}
      <chakra.button type="button" minH="11" textDecoration="underline" color="ink" onClick={onTake}>
        Put mine back
      </chakra.button>
    </Box>
  );
}
