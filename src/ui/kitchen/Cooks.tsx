"use client";

import { Flex } from "@chakra-ui/react";
import { Plus } from "lucide-react";
import type { Cook, Kitchen } from "@/core/household/kitchen";
import { Quiet } from "../frame/controls";
import { TextField } from "../frame/fields";
import { Days } from "./Days";
import { GearList, type SetKitchen } from "./Gear";

const EVERY_DAY = [1, 2, 3, 4, 5, 6, 7];

/** Who cooks, and when, where somebody is not there all the time. */
export function Cooks({
  kitchen,
  newId,
  set,
}: {
  readonly kitchen: Kitchen;
  readonly newId: (prefix: string) => string;
  readonly set: SetKitchen;
}) {
  return (
    <GearList<Cook>
      title="Who cooks"
      one="cook"
      keepsOne
      items={kitchen.cooks}
      fresh={() => ({ id: newId("cook"), name: `Cook ${kitchen.cooks.length + 1}`, hours: null })}
      onItems={(cooks, label) => set({ cooks }, label)}
      fields={(cook, save) => {
        const { hours } = cook;
        if (hours === null)
          return (
            <Quiet
              onClick={() => save({ ...cook, hours: { days: EVERY_DAY, from: "18:00", to: "22:00" } })}
              aria-label={`${cook.name} is there only at some hours`}
            >
              <Plus size={16} /> Only at some hours
            </Quiet>
          );
        const time = (label: string, value: string, onTime: (v: string) => void) => (
          <TextField label={label} type="time" width="8rem" value={value} onCommit={onTime} />
        );
        return (
          <>
            {time("There from", hours.from, (from) => save({ ...cook, hours: { ...hours, from } }))}
            {time("to", hours.to, (to) => save({ ...cook, hours: { ...hours, to } }))}
            <Quiet onClick={() => save({ ...cook, hours: null })}>At all hours</Quiet>
            <Flex flexBasis="100%" order={1}>
              <Days days={hours.days} onDays={(days) => save({ ...cook, hours: { ...hours, days } })} />
            </Flex>
          </>
        );
      }}
    />
  );
}
