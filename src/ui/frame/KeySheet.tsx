"use client";

import { Box, chakra, Dialog, Flex, Heading, Portal } from "@chakra-ui/react";
import { X } from "lucide-react";
import { IconDo, Key, Tick } from "./controls";
import { useKeysOn } from "./singleKeys";

type Line = readonly [keys: readonly string[], does: string];
const EVERYWHERE: readonly Line[] = [
  [["Tab", "Shift Tab"], "to the next thing, or back to the one before"],
  [["Enter"], "take what is typed into a field"],
  [["Esc"], "put back what the field held"],
  [["?"], "this list"],
];
const HERE: readonly { readonly at: string; readonly name: string; readonly lines: readonly Line[] }[] = [
  {
    at: "/supper/bench",
    name: "On the Bench",
    lines: [
      [["/"], "add a step"],
      [["↑", "↓"], "on a step's grip: move the step"],
      [["Ctrl Z"], "undo, outside of fields"],
      [["Ctrl Shift Z"], "redo"],
    ],
  },
  {
    at: "/supper/stove",
    name: "On the Stove",
    lines: [
      [["Space"], "done, on to the next step"],
      [["B"], "one step back"],
      [["W"], "take the weight from the scale"],
      [["T"], "start the step's timer"],
      [["1 – 9"], "stop the first timer, to the ninth"],
    ],
  },
];

function Lines({ name, lines }: { name: string; lines: readonly Line[] }) {
  return (
    <Box mt="4">
      <Box fontWeight="700" mb="1">
        {name}
      </Box>
      <chakra.dl display="grid" gridTemplateColumns="8rem minmax(0, 1fr)" columnGap="3" rowGap="2">
        {lines.map(([keys, does]) => [
          <chakra.dt key={`${does} keys`} ms="-2" whiteSpace="nowrap">
            {keys.map((k) => (
              <Key key={k}>{k}</Key>
            ))}
          </chakra.dt>,
          <chakra.dd key={does}>{does}</chakra.dd>,
        ])}
      </chakra.dl>
    </Box>
  );
}

/** Every key of this page, and the switch that silences the single ones. */
export default function KeySheet({ path, onClose }: { path: string; onClose: () => void }) {
  const [on, setOn] = useKeysOn();
  return (
    <Dialog.Root open onOpenChange={(e) => !e.open && onClose()}>
      <Portal>
        <Dialog.Backdrop position="fixed" inset="0" bg="black" opacity={0.45} zIndex="overlay" />
        <Dialog.Positioner
          position="fixed"
          inset="0"
          p="4"
          zIndex="modal"
          display="flex"
          alignItems="center"
          justifyContent="center"
        >
          <Dialog.Content
            bg="card"
            color="ink"
            borderWidth="1px"
            borderColor="line"
            rounded="2xl"
            p="5"
            w="full"
            maxW="27rem"
            maxH="100%"
            overflowY="auto"
          >
            <Flex justify="space-between" align="center">
              <Dialog.Title asChild>
                <Heading as="h2" fontSize="xl">
                  Keys
                </Heading>
              </Dialog.Title>
              <Dialog.CloseTrigger asChild>
                <IconDo label="Close">
                  <X size={18} />
                </IconDo>
              </Dialog.CloseTrigger>
            </Flex>
            {HERE.filter((h) => h.at === path).map((h) => (
              <Lines key={h.at} name={h.name} lines={h.lines} />
            ))}
            <Lines name="Everywhere" lines={EVERYWHERE} />
            <Tick mt="4" on={on} onTick={setOn}>
              Keys without Ctrl do something
            </Tick>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
