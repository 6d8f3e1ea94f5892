"use client";

import { Box, Flex, Heading, Text } from "@chakra-ui/react";
import { Plus, Trash2 } from "lucide-react";
import type { Kitchen } from "@/core/household/kitchen";
import { Card, IconDo, Quiet } from "../frame/controls";
import { TextField } from "../frame/fields";
import { Days } from "./Days";
import type { SetKitchen } from "./Gear";

/** Hours in which no hands are there. */
export function Hours({ kitchen, set }: { kitchen: Kitchen; set: SetKitchen }) {
  const time = (label: string, value: string, onTime: (v: string) => void) => (
    <TextField label={label} type="time" width="8rem" value={value} onCommit={onTime} />
  );
  const away = (i: number, change: Partial<Kitchen["away"][number]>) =>
    set({ away: kitchen.away.map((a, j) => (i === j ? { ...a, ...change } : a)) }, "Hours away");
  return (
    <Card>
      <Heading as="h2" fontSize="xl">
        Asleep and away
      </Heading>
      <Text color="quiet" fontSize="sm" mb="3">
        The clock puts no hands-on work into these hours; soaks and rests may pass through them.
      </Text>
      {kitchen.sleep ? (
        <Flex gap="3" align="flex-end" wrap="wrap" role="group" aria-label="Asleep">
          {time("Asleep from", kitchen.sleep.from, (from) =>
            set({ sleep: { ...(kitchen.sleep as { from: string; to: string }), from } }, "Sleep"),
          )}
          {time("to", kitchen.sleep.to, (to) =>
            set({ sleep: { ...(kitchen.sleep as { from: string; to: string }), to } }, "Sleep"),
          )}
          <Quiet onClick={() => set({ sleep: null }, "No sleep hours")}>No fixed hours</Quiet>
        </Flex>
      ) : (
        <Quiet onClick={() => set({ sleep: { from: "23:00", to: "07:00" } }, "Sleep hours")}>
          <Plus size={16} /> Hours of sleep
        </Quiet>
      )}
      {kitchen.away.map((a, i) => (
        <Box key={i} mt="3" pt="3" borderTopWidth="1px" borderColor="line" role="group" aria-label={`Away ${i + 1}`}>
          <Days days={a.days} onDays={(days) => away(i, { days })} />
          <Flex gap="3" align="flex-end" wrap="wrap">
            {time("Away from", a.from, (from) => away(i, { from }))}
            {time("to", a.to, (to) => away(i, { to }))}
            <IconDo
              label="Remove these hours"
              onClick={() => set({ away: kitchen.away.filter((_, j) => j !== i) }, "Remove hours")}
            >
              <Trash2 size={16} />
            </IconDo>
          </Flex>
        </Box>
      ))}
      <Quiet
        mt="3"
        onClick={() =>
          set({ away: [...kitchen.away, { days: [1, 2, 3, 4, 5], from: "08:00", to: "17:30" }] }, "Hours away")
        }
      >
        <Plus size={16} /> Hours away
      </Quiet>
    </Card>
  );
}
