"use client";

import { Box, Button, type ButtonProps, chakra, type HTMLChakraProps } from "@chakra-ui/react";
import NextLink from "next/link";
import type { ComponentProps, ReactNode } from "react";

/** Buttons of the house: one jade for *do this*, quiet ones for the rest. At least 44 px high. */
export function Do(props: ButtonProps) {
  return (
    <Button
      h="auto"
      minH="11"
      px="5"
      rounded="xl"
      bg="jade"
      color="onJade"
      fontWeight="600"
      _hover={{ filter: "brightness(1.08)" }}
      {...props}
    />
  );
}
export function Quiet(props: ButtonProps) {
  return (
    <Button
      h="auto"
      minH="11"
      px="4"
      rounded="xl"
      bg="card"
      color="ink"
      borderWidth="1.5px"
      borderColor="line"
      fontWeight="600"
      _hover={{ bg: "sunk" }}
      {...props}
    />
  );
}
/** The way on to another page, as a button of the house. */
export function DoLink(props: ComponentProps<typeof Link>) {
  return (
    <Link
      display="inline-flex"
      alignItems="center"
      gap="2"
      minH="11"
      px="5"
      rounded="xl"
      bg="jade"
      color="onJade"
      fontWeight="600"
      {...props}
    />
  );
}
/** Something that is on or off; what is to be kept away from is on in chilli. */
export function Pill({ on, harm = false, ...props }: HTMLChakraProps<"button"> & { on: boolean; harm?: boolean }) {
  return (
    <chakra.button
      type="button"
      aria-pressed={on}
      px="3"
      minH={{ base: "11", md: "9" }}
      fontSize="sm"
      textAlign="start"
      rounded="full"
      borderWidth="1.5px"
      borderColor={on ? (harm ? "chilli" : "jade") : "line"}
      bg={on ? (harm ? "chilliTint" : "jadeTint") : "card"}
      fontWeight={on ? "700" : "500"}
      {...props}
    />
  );
}
/** A small square button with an icon; always with a label for those who don't see it. */
export function IconDo({ label, children, ...props }: ButtonProps & { label: string; children: ReactNode }) {
  return (
    <Button
      aria-label={label}
      title={label}
      variant="plain"
      color="quiet"
      minW="9"
      h="9"
      px="0"
      rounded="lg"
      _hover={{ bg: "sunk", color: "ink" }}
      _disabled={{ opacity: 0.35 }}
      {...props}
    >
      {children}
    </Button>
  );
}

type TickProps = Omit<HTMLChakraProps<"label">, "onChange"> & {
  readonly on: boolean;
  readonly onTick: (on: boolean) => void;
};
/** A box to tick; its words can be pressed as well. */
export function Tick({ on, onTick, children, ...props }: TickProps) {
  return (
    <chakra.label display="inline-flex" alignItems="center" gap="2" minH="10" cursor="pointer" {...props}>
      <chakra.input
        type="checkbox"
        checked={on}
        onChange={(e) => onTick(e.target.checked)}
        w="4.5"
        h="4.5"
        flexShrink={0}
        accentColor="var(--jp-colors-jade)"
      />
      {children}
    </chakra.label>
  );
}

export function Card(props: HTMLChakraProps<"section">) {
  return (
    <chakra.section
      bg="card"
      borderWidth="1px"
      borderColor="line"
      rounded="2xl"
      p={{ base: "4", md: "5" }}
      {...props}
    />
  );
}

type Tone = "plain" | "good" | "watch" | "harm";
const TONES: Readonly<Record<Tone, { bg: string; edge: string }>> = {
  plain: { bg: "sunk", edge: "line" },
  good: { bg: "jadeTint", edge: "jade" },
  watch: { bg: "turmericTint", edge: "turmeric" },
  harm: { bg: "chilliTint", edge: "chilli" },
};
/** A short remark; colour is backed by the words and a coloured edge. */
export function Remark({ tone, children, ...props }: HTMLChakraProps<"div"> & { tone: Tone }) {
  const { bg, edge } = TONES[tone];
  return (
    <Box
      bg={bg}
      color="ink"
      borderStartWidth="4px"
      borderColor={edge}
      rounded="md"
      px="3"
      py="2"
      fontSize="sm"
      {...props}
    >
      {children}
    </Box>
  );
}

/** The key that does the same. A phone has none, and needs the room. */
export function Key({ children }: { children: ReactNode }) {
  return (
    <chakra.kbd
      display={{ base: "none", md: "inline" }}
      fontFamily="body"
      fontSize="xs"
      fontWeight="500"
      borderWidth="1px"
      borderColor="currentColor"
      rounded="md"
      px="1.5"
      ms="2"
      opacity={0.9}
      aria-hidden
    >
      {children}
    </chakra.kbd>
  );
}

/** Fetches ahead only what the cook points at: the first figure of a page does not wait for other pages (see `Ahead`). */
export const Link = chakra(NextLink, {}, { defaultProps: { prefetch: false } });
