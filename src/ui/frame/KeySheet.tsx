"use client";

import { Box, chakra, CloseButton, Dialog, Portal } from "@chakra-ui/react";
import { Key } from "./controls";
import { useKeysOn } from "./singleKeys";

type Line = readonly [keys: readonly string[], does: string];
const EVERYWHERE: readonly Line[] = [
  [["Tab", "Shift Tab"], "to the next or the last thing that can be pressed"],
  [["Enter"], "take what is typed into a field"],
  [["Esc"], "put back what the field held"],
  [["?"], "this list"],
];
const HERE: readonly { readonly at: string; readonly name: string; readonly lines: readonly Line[] }[] = [
  {
    at: "/supper/bench",
    name: "On the Bench",
    lines: [
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
      [["1", "9"], "stop the first timer to the ninth"],
    ],
  },
];

function Lines({ name, lines }: { name: string; lines: readonly Line[] }) {
  return (
    <Box mt="4">
      <Box fontWeight="700" mb="1">
        {name}
      </Box>
      <chakra.dl display="grid" gridTemplateColumns="8.5rem minmax(0, 1fr)" rowGap="2">
        {lines.map(([keys, does]) => [
          <chakra.dt key={`${does} keys`}>
            {keys.map((k, i) => (
              <Box as="span" key={k}>
                {i > 0 && <Box as="span" color="quiet">{` … `}</Box>}
                <Key>{k}</Key>
              </Box>
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
    <Dialog.Root open onOpenChange={(e) => !e.open && onClose()} placement="center" size="sm">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="card" color="ink" rounded="2xl">
            <Dialog.Header pb="0">
              <Dialog.Title fontFamily="heading">Keys</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body pt="0">
              {HERE.filter((h) => h.at === path).map((h) => (
                <Lines key={h.at} name={h.name} lines={h.lines} />
              ))}
              <Lines name="Everywhere" lines={EVERYWHERE} />
              <chakra.label display="flex" gap="2" mt="5" alignItems="center" minH="11" cursor="pointer">
                <chakra.input
                  type="checkbox"
                  checked={on}
                  onChange={(e) => setOn(e.target.checked)}
                  accentColor="var(--jp-colors-jade)"
                  w="4.5"
                  h="4.5"
                />
                Single keys answer (those without Ctrl)
              </chakra.label>
            </Dialog.Body>
            <Dialog.CloseTrigger asChild>
              <CloseButton size="sm" color="quiet" />
            </Dialog.CloseTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
