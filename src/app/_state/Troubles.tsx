"use client";

import dynamic from "next/dynamic";
import { useEffect, useSyncExternalStore } from "react";
import { db } from "@/data/db";
import { useUnwritten } from "./pending";
import { closedNow, onTrouble, tellClosed, troublesNow } from "@/ui/frame/troubleQueue";

/** Nearly never needed: fetched with the first write that fails. */
const TroubleBar = dynamic(() => import("@/ui/frame/TroubleBar").then((m) => m.TroubleBar), { ssr: false });

/** What is not stored, on every page; and whether there is a store at all. */
export function Troubles() {
  const troubles = useSyncExternalStore(onTrouble, troublesNow, troublesNow);
  const closed = useSyncExternalStore(onTrouble, closedNow, closedNow);
  useEffect(() => {
    db.open().catch(tellClosed);
    // A newer Jade Pan in another tab wants to change the store: this one lets go of it, and says so.
    const letGo = () => {
      db.close();
      tellClosed(new DOMException("A newer version is open.", "VersionError"));
    };
    db.on("versionchange", letGo);
    return () => db.on("versionchange").unsubscribe(letGo);
  }, []);
  const unstored = troubles.length > 0;
  const storing = useUnwritten();
  useEffect(() => {
    if (!unstored && !storing) return;
    // The browser asks before a page is closed on which something is not stored.
    const ask = (e: BeforeUnloadEvent) => e.preventDefault();
    window.addEventListener("beforeunload", ask);
    return () => window.removeEventListener("beforeunload", ask);
  }, [unstored, storing]);
  if (!unstored && closed === null) return null;
  return <TroubleBar onSave={() => void import("./rescue").then((m) => m.saveEverything())} />;
}
