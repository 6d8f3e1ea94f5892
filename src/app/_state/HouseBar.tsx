"use client";

import { Box } from "@chakra-ui/react";
import { usePathname } from "next/navigation";
import { Bar, HouseNav } from "@/ui/frame/headers";
import { useUnwritten } from "./pending";
import { saveKitchen, useHouse } from "./store";

export function HouseBar() {
  const house = useHouse();
  const path = usePathname();
  const storing = useUnwritten();
  const units = house.state === "ready" ? house.kitchen.units : "metric";
  return (
    <Bar
      units={units}
      path={path}
      storing={storing}
      onUnits={(u) =>
        house.state === "ready" && void saveKitchen(house.kitchen, { ...house.kitchen, units: u }, "Units")
      }
    >
      <HouseNav here={path} />
      {house.state === "ready" && !house.empty && (
        <Box color="quiet" fontSize="sm" hideBelow="lg" ms="auto">
          {house.kitchen.name}
          {house.kitchen.place && ` · ${house.kitchen.place}`}
        </Box>
      )}
    </Bar>
  );
}
