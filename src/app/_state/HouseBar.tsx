"use client";

import { Box } from "@chakra-ui/react";
import { usePathname } from "next/navigation";
import { useDeferredValue, useMemo } from "react";
import { Bar, HouseNav } from "@/ui/frame/headers";
import { type HouseState, saveKitchen, useHouse, useStoring } from "./store";

/** Drawn in slices as the household comes, while the page below it is drawn too. */
export function HouseBar() {
  const house = useDeferredValue(useHouse());
  const path = usePathname();
  const storing = useStoring();
  return useMemo(() => <BarOf house={house} path={path} storing={storing} />, [house, path, storing]);
}

function BarOf({ house, path, storing }: { house: HouseState; path: string; storing: boolean }) {
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
