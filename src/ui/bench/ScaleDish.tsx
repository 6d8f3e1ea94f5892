"use client";

import { chakra } from "@chakra-ui/react";
import dynamic from "next/dynamic";
import { useState } from "react";
import type { ScaleProps } from "./ScaleWays";

const ScaleWays = dynamic(() => import("./ScaleWays").then((m) => m.ScaleWays), { ssr: false });

/** Folded away until it is wanted: its lists cost as much as the rest of the column. */
export function ScaleDish(props: ScaleProps) {
  const [open, setOpen] = useState(false);
  return (
    <chakra.details mt="2" fontSize="sm" onToggle={(e) => setOpen(e.currentTarget.open)}>
      <chakra.summary cursor="pointer" py="2" color="quiet" display="list-item">
        Scale by what is in hand
      </chakra.summary>
      {open && <ScaleWays {...props} />}
    </chakra.details>
  );
}
