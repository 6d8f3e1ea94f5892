"use client";

import { Box, chakra, Flex, Heading, Stack, Text } from "@chakra-ui/react";
import { useRef, useState } from "react";
import type { HowToBringIn, Overruled } from "@/core/formats/bringIn";
import { type Clearable, EVERYTHING } from "@/core/formats/clearable";
import { Card, Do, Quiet, Remark } from "../frame/controls";
import { Choice } from "../frame/fields";
import { counted } from "@/words/count";
import { CLEARING } from "@/words/clearing";
import type { ClashWords } from "@/words/files";

/** A file that was read and waits for the cook's word. */
export interface ReadyFile {
  readonly name: string;
  readonly says: string;
  readonly asked: { readonly how: HowToBringIn; readonly clashes: readonly ClashWords[] } | null;
}
export interface BackupProps {
  readonly hasData: boolean;
  readonly ready: ReadyFile | null;
  readonly problem: string | null;
  /** How much each kind holds. */
  readonly holds: Readonly<Record<Clearable, number>>;
  /** The last change of this page, which can be taken back. */
  readonly undoable: string | null;
  /** Rows of an older version that could not be read and were kept aside. */
  readonly aside: number;
  /** When everything was last saved to a file, and whether the browser has promised to keep its store. */
  readonly keptSays: string;
  /** What is being read or written just now, and how far it is. */
  readonly busy: string | null;
  /** Copies that the browser made by itself, the newest first. */
  readonly copies: readonly { readonly id: number; readonly when: string }[];
  readonly onCopy: (id: number, when: string) => void;
  readonly onRemoveCopies: () => void;
  readonly onSaveAside: () => void;
  readonly onExport: () => void;
  readonly onFile: (file: File) => void;
  readonly onBringIn: (how: HowToBringIn) => void;
  readonly onDecided: (how: HowToBringIn, overruled: Overruled) => void;
  readonly onForget: () => void;
  readonly onDemo: () => void;
  readonly onClear: (kinds: readonly Clearable[]) => void;
  readonly onUndo: () => void;
}

export function Backup(props: BackupProps) {
  const { ready, problem, hasData } = props;
  const input = useRef<HTMLInputElement>(null);
  return (
    <Card aria-label="Backup">
      <Heading as="h2" fontSize="xl">
        Backup
      </Heading>
      <Text color="quiet" fontSize="sm" mb="3">
        Everything lies in this browser. One file takes all of it elsewhere: kitchen, people, dishes, suppers, cookings
        and the notebook.
      </Text>
      <Text fontSize="sm" mb="3">
        {props.keptSays}
      </Text>
      <Flex gap="2" wrap="wrap">
        <Do onClick={props.onExport}>Export everything</Do>
        <Quiet onClick={() => input.current?.click()} disabled={props.busy !== null}>
          Import a file
        </Quiet>
        <chakra.input
          ref={input}
          type="file"
          accept="application/json,.json"
          aria-label="Household file"
          position="absolute"
          w="1px"
          h="1px"
          opacity="0"
          tabIndex={-1}
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = "";
            if (file) props.onFile(file);
          }}
        />
      </Flex>
      {props.busy && (
        <Text mt="3" role="status" fontWeight="600">
          {props.busy}
        </Text>
      )}
      {props.aside > 0 && (
        <Remark tone="watch" mt="3" role="alert">
          {counted(props.aside, "row")} of an older version could not be read. Nothing of it is lost: it is kept aside,
          as it was found.{" "}
          <chakra.button
            type="button"
            textDecoration="underline"
            fontWeight="600"
            minH="11"
            onClick={props.onSaveAside}
          >
            Save it to a file
          </chakra.button>
        </Remark>
      )}
      {problem && (
        <Remark tone="harm" mt="3" role="alert">
          {problem}
        </Remark>
      )}
      {ready && (
        <Box mt="3" p="4" borderWidth="2px" borderColor="jade" rounded="xl" role="group" aria-label="Import">
          <Text fontWeight="600">{ready.name}</Text>
          <Text mb="3">{ready.says}</Text>
          {ready.asked === null ? (
            <Flex gap="2" wrap="wrap">
              {hasData ? (
                <>
                  <Do onClick={() => props.onBringIn("copies")}>Add as copies</Do>
                  <Quiet onClick={() => props.onBringIn("replace")}>Replace what is here</Quiet>
                </>
              ) : (
                <Do onClick={() => props.onBringIn("replace")}>Bring it in</Do>
              )}
              <Quiet onClick={props.onForget}>Leave it</Quiet>
            </Flex>
          ) : (
            <Decide asked={ready.asked} onDecided={props.onDecided} onForget={props.onForget} />
          )}
        </Box>
      )}
      <Copies {...props} />
      <Clearing {...props} />
    </Card>
  );
}

/** What the file and the household say differently, one row each; the safer word stands until the cook says otherwise. */
function Decide({
  asked,
  onDecided,
  onForget,
}: {
  readonly asked: NonNullable<ReadyFile["asked"]>;
  readonly onDecided: BackupProps["onDecided"];
  readonly onForget: () => void;
}) {
  const [overruled, setOverruled] = useState<Overruled>(new Set());
  const decide = (id: string, other: boolean) => {
    const next = new Set(overruled);
    if (other) next.add(id);
    else next.delete(id);
    setOverruled(next);
  };
  return (
    <Stack gap="3">
      {asked.clashes.map((c) => (
        <Box key={c.id}>
          <Text mb="1">{c.asks}</Text>
          <Choice
            label={c.asks}
            hideLabel
            width="22rem"
            value={overruled.has(c.id) ? "other" : "stands"}
            options={[
              { value: "stands", label: c.stands },
              { value: "other", label: c.other },
            ]}
            onChoose={(value) => decide(c.id, value === "other")}
          />
        </Box>
      ))}
      <Flex gap="2" wrap="wrap">
        <Do onClick={() => onDecided(asked.how, overruled)}>
          {asked.how === "copies" ? "Add as copies" : "Replace what is here"}
        </Do>
        <Quiet onClick={onForget}>Leave it</Quiet>
      </Flex>
    </Stack>
  );
}

/** States that the browser kept by itself; one is looked at before it takes the place of anything. */
function Copies({ copies, onCopy, onRemoveCopies }: BackupProps) {
  if (copies.length === 0) return null;
  return (
    <Box mt="4" pt="3" borderTopWidth="1px" borderColor="line" role="group" aria-label="Copies in this browser">
      <Text fontSize="sm" color="quiet" mb="2">
        Copies that this browser keeps by itself, once an hour at the most, the last five. They are gone with its store.
      </Text>
      <Flex gap="2" wrap="wrap">
        {copies.map(({ id, when }) => (
          <Quiet key={id} fontSize="sm" onClick={() => onCopy(id, when)}>
            {when}
          </Quiet>
        ))}
        <Quiet fontSize="sm" borderColor="chilli" onClick={onRemoveCopies}>
          Remove the copies
        </Quiet>
      </Flex>
    </Box>
  );
}

/** Each kind is cleared by itself, after an export was offered; the way back stays as long as nothing else was changed. */
function Clearing(props: BackupProps) {
  const [asks, setAsks] = useState<readonly Clearable[] | null>(null);
  if (!props.hasData && props.undoable === null)
    return (
      <Flex mt="4" pt="3" borderTopWidth="1px" borderColor="line">
        <Quiet onClick={props.onDemo}>Load the demo household</Quiet>
      </Flex>
    );
  const does = asks?.length === 1 ? CLEARING[asks[0] as Clearable].does : "Clear everything";
  return (
    <Box mt="4" pt="3" borderTopWidth="1px" borderColor="line" role="group" aria-label="Clear">
      <Flex gap="2" wrap="wrap">
        {EVERYTHING.filter((kind) => props.hasData && props.holds[kind] > 0).map((kind) => (
          <Quiet key={kind} onClick={() => setAsks([kind])}>
            {CLEARING[kind].does}
          </Quiet>
        ))}
        {props.hasData && <Quiet onClick={() => setAsks(EVERYTHING)}>Clear everything</Quiet>}
        {!props.hasData && <Quiet onClick={props.onDemo}>Load the demo household</Quiet>}
        {props.undoable !== null && <Quiet onClick={props.onUndo}>Undo: {props.undoable}</Quiet>}
      </Flex>
      {asks !== null && (
        <Box mt="3" p="4" borderWidth="2px" borderColor="turmeric" rounded="xl" role="group" aria-label={does}>
          <Text mb="3">
            This takes away {asks.map((kind) => CLEARING[kind].holds(props.holds[kind])).join(", ")}. An export keeps
            them in a file.
          </Text>
          <Flex gap="2" wrap="wrap">
            <Quiet onClick={props.onExport}>Export first</Quiet>
            <Quiet
              borderColor="chilli"
              onClick={() => {
                setAsks(null);
                props.onClear(asks);
              }}
            >
              {does} now
            </Quiet>
            <Quiet onClick={() => setAsks(null)}>Leave it</Quiet>
          </Flex>
        </Box>
      )}
    </Box>
  );
}
