"use client";

import { Box, chakra, Flex, HStack } from "@chakra-ui/react";
import { Moon, Sun } from "lucide-react";
import { useTheme } from "next-themes";
import dynamic from "next/dynamic";
import { memo, type ReactNode } from "react";
import type { UnitSystem } from "@/core/quantities/units";
import { IconDo, Link } from "./controls";
import { HOUSE_LINKS } from "./houseLinks";
import { useDrawnInSlices } from "./useDrawnInSlices";

/** Fetched after the page: nobody presses it in the first second. */
const KeyList = dynamic(() => import("./KeyList").then((m) => m.KeyList), { ssr: false });

/** The pan, and the name where there is room beside the stages of a supper. */
export const Brand = memo(function Brand({ brief = false }: { brief?: boolean }) {
  return (
    <Link
      href="/"
      display="flex"
      alignItems="center"
      gap="2.5"
      fontFamily="heading"
      fontWeight="800"
      fontSize="lg"
      minH="11"
      aria-label="Jade Pan, to the Counter"
    >
      <svg width="26" height="20" viewBox="0 0 26 20" aria-hidden>
        <path d="M2 9h15c0 6-3 9-7.5 9S2 15 2 9Z" fill="var(--jp-colors-jade)" />
        <path d="M16.5 10.5 24 7" stroke="var(--jp-colors-jade)" strokeWidth="2.6" strokeLinecap="round" />
        <path
          d="M7 5.500c0-2 1.6-2 1.6-4M12 5.500c0-2 1.6-2 1.6-4"
          stroke="currentColor"
          strokeWidth="1.5"
          strokeLinecap="round"
          fill="none"
        />
      </svg>
      <Box as="span" hideBelow={brief ? "xl" : "sm"} whiteSpace="nowrap">
        Jade Pan
      </Box>
    </Link>
  );
});

export const UnitSwitch = memo(function UnitSwitch({
  units,
  onChange,
}: {
  units: UnitSystem;
  onChange: (units: UnitSystem) => void;
}) {
  const option = (value: UnitSystem, label: string) => (
    <chakra.button
      key={value}
      type="button"
      aria-pressed={units === value}
      onClick={() => onChange(value)}
      px="3"
      h="9"
      fontSize="sm"
      fontWeight="600"
      bg={units === value ? "ink" : "card"}
      color={units === value ? "page" : "ink"}
    >
      {label}
    </chakra.button>
  );
  return (
    <HStack
      role="group"
      aria-label="Units"
      gap="0"
      borderWidth="1px"
      borderColor="edge"
      rounded="lg"
      overflow="hidden"
      flexShrink={0}
    >
      {option("metric", "g °C")}
      {option("us", "oz °F")}
    </HStack>
  );
});

const ThemeSwitch = memo(function ThemeSwitch() {
  const { resolvedTheme, setTheme } = useTheme();
  const dark = resolvedTheme === "dark";
  return (
    <IconDo label={dark ? "Light theme" : "Dark theme"} onClick={() => setTheme(dark ? "light" : "dark")}>
      {dark ? <Sun size={18} /> : <Moon size={18} />}
    </IconDo>
  );
});

export interface Stage {
  readonly href: string;
  readonly name: string;
  readonly says: string;
  readonly tone: "plain" | "open" | "stop";
  readonly here: boolean;
}

/** A ring for as long as something is drawn that the browser has not stored yet: a blink as a rule. Its place is always kept. */
const Storing = memo(function Storing({ on }: { on: boolean }) {
  return (
    <Box
      w="3"
      h="3"
      me="1"
      rounded="full"
      borderWidth="2px"
      borderColor="turmeric"
      flexShrink={0}
      visibility={on ? "visible" : "hidden"}
      title="Not stored yet"
      data-testid="storing"
    >
      <Box as="span" srOnly>
        Not stored yet
      </Box>
    </Box>
  );
});

interface BarProps {
  readonly children: ReactNode;
  readonly units: UnitSystem;
  readonly onUnits: (units: UnitSystem) => void;
  readonly path: string;
  /** Something that is drawn is not in the store yet. */
  readonly storing: boolean;
}
/** The bar across the top: the brand, what this page belongs to, units, keys and theme. */
export function Bar({ children, units, onUnits, path, storing }: BarProps) {
  // Which theme it is only the browser knows.
  const here = useDrawnInSlices(true);
  return (
    <chakra.header bg="card" borderBottomWidth="1px" borderColor="line" className="no-print">
      <Flex
        align="center"
        gap={{ base: "2", md: "3", xl: "6" }}
        px={{ base: "3", md: "5" }}
        minH="14"
        pt={{ base: "1.5", md: "0" }}
        wrap={{ base: "wrap", md: "nowrap" }}
      >
        <Brand brief={path.startsWith("/supper")} />
        {children}
        <HStack gap="1" ms="auto">
          <Storing on={storing} />
          <UnitSwitch units={units} onChange={onUnits} />
          <Box minW="9" css={{ "@media (hover: none)": { display: "none" } }}>
            <KeyList path={path} />
          </Box>
          {here ? <ThemeSwitch /> : <Box w="9" />}
        </HStack>
      </Flex>
    </chakra.header>
  );
}

export function HouseNav({ here }: { here: string }) {
  return (
    <chakra.nav aria-label="House" order={{ base: 3, md: 0 }} w={{ base: "100%", md: "auto" }}>
      <HStack gap="1">
        {HOUSE_LINKS.map(([href, name]) => (
          <Link
            key={href}
            href={href}
            aria-current={here === href ? "page" : undefined}
            display="flex"
            alignItems="center"
            minH="11"
            px="4"
            rounded="xl"
            fontWeight="600"
            color={here === href ? "jade" : "ink"}
            bg={here === href ? "jadeTint" : "transparent"}
            _hover={{ bg: here === href ? "jadeTint" : "sunk" }}
          >
            {name}
          </Link>
        ))}
      </HStack>
    </chakra.nav>
  );
}

/** The way through a supper: not a wizard, every stage opens at any time. */
export const Thread = memo(function Thread({
  name,
  when,
  stages,
}: {
  name: string;
  when: string;
  stages: readonly Stage[];
}) {
  return (
    <Flex
      align="center"
      gap={{ base: "3", xl: "6" }}
      order={{ base: 3, md: 0 }}
      w={{ base: "100%", md: "auto" }}
      minW="0"
      wrap={{ base: "wrap", md: "nowrap" }}
    >
      <Box minW="0" hideBelow="lg">
        <Box fontFamily="heading" fontWeight="700" lineHeight="1.15" truncate maxW="16rem">
          {name}
        </Box>
        <Box fontSize="sm" color="quiet" truncate>
          {when}
        </Box>
      </Box>
      <chakra.nav aria-label="Supper" w={{ base: "100%", md: "auto" }}>
        <HStack gap={{ base: "0", xl: "2" }}>
          {stages.map((stage) => (
            <Link
              key={stage.name}
              href={stage.href}
              aria-current={stage.here ? "page" : undefined}
              flex={{ base: "1 1 auto", md: "none" }}
              px={{ base: "1.5", md: "2", xl: "3" }}
              py="1.5"
              minH="14"
              display="flex"
              flexDirection="column"
              justifyContent="center"
              borderBottomWidth="4px"
              borderColor={stage.here ? "jade" : "transparent"}
              _hover={{ bg: "sunk" }}
            >
              <Box as="span" fontWeight="600" color={stage.here ? "jade" : "ink"} lineHeight="1.2">
                {stage.name}
                {stage.tone !== "plain" && (
                  <Box as="span" color={stage.tone === "stop" ? "chilli" : "turmeric"} hideFrom="md" aria-hidden>
                    {" "}
                    •
                  </Box>
                )}
              </Box>
              <Box
                as="span"
                fontSize="xs"
                // Five stages share a phone's width: there only the one in hand says more than its name.
                srOnly={{ base: !stage.here, md: false }}
                color={stage.tone === "stop" ? "chilli" : stage.tone === "open" ? "turmeric" : "quiet"}
                lineHeight="1.3"
              >
                {stage.says}
              </Box>
            </Link>
          ))}
        </HStack>
      </chakra.nav>
    </Flex>
  );
});
