"use client";

import { Box, chakra, Flex, Heading, Text } from "@chakra-ui/react";
import { useRef, useState } from "react";
import { Card, Do, Quiet, Remark } from "../frame/controls";

/** A file that was read and waits for the cook's word. */
export interface ReadyFile {
  readonly name: string;
  readonly says: string;
}
export interface BackupProps {
  readonly hasData: boolean;
  readonly ready: ReadyFile | null;
  readonly problem: string | null;
  readonly onExport: () => void;
  readonly onFile: (name: string, text: string) => void;
  readonly onReplace: () => void;
  readonly onCopies: () => void;
  readonly onForget: () => void;
  readonly onDemo: () => void;
  readonly onClear: () => void;
}

export function Backup(props: BackupProps) {
  const { ready, problem, hasData } = props;
  const input = useRef<HTMLInputElement>(null);
  const [reading, setReading] = useState(false);
  return (
    <Card aria-label="Backup">
      <Heading as="h2" fontSize="xl">
        Backup
      </Heading>
      <Text color="quiet" fontSize="sm" mb="3">
        Everything lies in this browser. One file takes all of it elsewhere: kitchen, people, dishes, suppers, cookings
        and the notebook.
      </Text>
      <Flex gap="2" wrap="wrap">
        <Do onClick={props.onExport}>Export everything</Do>
        <Quiet onClick={() => input.current?.click()} disabled={reading}>
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
            if (!file) return;
            setReading(true);
            void file.text().then((text) => {
              setReading(false);
              props.onFile(file.name, text);
            });
          }}
        />
      </Flex>
      {problem && (
        <Remark tone="harm" mt="3" role="alert">
          {problem}
        </Remark>
      )}
      {ready && (
        <Box mt="3" p="4" borderWidth="2px" borderColor="jade" rounded="xl" role="group" aria-label="Import">
          <Text fontWeight="600">{ready.name}</Text>
          <Text mb="3">{ready.says}</Text>
          <Flex gap="2" wrap="wrap">
            {hasData ? (
              <>
                <Do onClick={props.onCopies}>Add as copies</Do>
                <Quiet onClick={props.onReplace}>Replace what is here</Quiet>
              </>
            ) : (
              <Do onClick={props.onReplace}>Bring it in</Do>
            )}
            <Quiet onClick={props.onForget}>Leave it</Quiet>
          </Flex>
        </Box>
      )}
      <Flex gap="2" wrap="wrap" mt="4" pt="3" borderTopWidth="1px" borderColor="line">
        {!hasData && <Quiet onClick={props.onDemo}>Load the demo household</Quiet>}
        {hasData && <Quiet onClick={props.onClear}>Clear everything</Quiet>}
      </Flex>
    </Card>
  );
}
