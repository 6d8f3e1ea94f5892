"use client";

import dynamic from "next/dynamic";
import { useSyncExternalStore } from "react";
import { onTrouble, troublesNow } from "@/ui/frame/troubleQueue";

/** Nearly never needed: fetched with the first write that fails. */
const TroubleBar = dynamic(() => import("@/ui/frame/TroubleBar").then((m) => m.TroubleBar), { ssr: false });

export function Troubles() {
  const troubles = useSyncExternalStore(onTrouble, troublesNow, troublesNow);
  if (troubles.length === 0) return null;
  return <TroubleBar onSave={() => void import("./rescue").then((m) => m.saveEverything())} />;
}
