"use client";

import dynamic from "next/dynamic";
import { useEffect, useSyncExternalStore } from "react";
import { db } from "@/data/db";
import { useUnwritten } from "./pending";
import { heldNotes, useHeldNotes } from "./store";
import { anyTyped, onTyped, storeTyped } from "@/ui/frame/typing";
import { closedNow, onTrouble, tellClosed, troublesNow } from "@/ui/frame/troubleQueue";

/** Nearly never needed: fetched with the first write that fails. */
const TroubleBar = dynamic(() => import("@/ui/frame/TroubleBar").then((m) => m.TroubleBar), { ssr: false });
/** So often notes that were refused are tried again by themselves, ms. */
const AGAIN_MS = 10_000;

/** What is not stored, on every page; and whether there is a store at all. */
export function Troubles() {
  const troubles = useSyncExternalStore(onTrouble, troublesNow, troublesNow);
  const closed = useSyncExternalStore(onTrouble, closedNow, closedNow);
  const { unstored: notes, refused } = useHeldNotes();
  useEffect(() => {
    db.open().catch(tellClosed);
    // A newer Jade Pan in another tab wants to change the store, or somebody clears it: this one lets go of it, and says which.
    const letGo = ({ newVersion }: { readonly newVersion: number | null }) => {
      db.close();
      tellClosed(new DOMException("The store is gone.", newVersion === null ? "ClearedError" : "VersionError"));
    };
    db.on("versionchange", letGo);
    return () => db.on("versionchange").unsubscribe(letGo);
  }, []);
  const held = notes.length > 0;
  const stuck = held && refused !== null;
  useEffect(() => {
    if (!stuck) return;
    const again = () => void heldNotes.flush();
    const timer = setInterval(again, AGAIN_MS);
    document.addEventListener("visibilitychange", again);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", again);
    };
  }, [stuck]);
  const unstored = troubles.length > 0;
  const storing = useUnwritten();
  const typing = useSyncExternalStore(onTyped, anyTyped, () => false);
  useEffect(() => {
    const store = () => document.visibilityState === "hidden" && storeTyped();
    document.addEventListener("visibilitychange", store);
    window.addEventListener("pagehide", storeTyped);
    return () => {
      document.removeEventListener("visibilitychange", store);
      window.removeEventListener("pagehide", storeTyped);
    };
  }, []);
  const asks = unstored || storing || held || typing;
  useEffect(() => {
    if (!asks) return;
    // The browser asks before a page is closed on which something is not stored.
    const ask = (e: BeforeUnloadEvent) => e.preventDefault();
    window.addEventListener("beforeunload", ask);
    return () => window.removeEventListener("beforeunload", ask);
  }, [asks]);
  if (!unstored && !stuck && closed === null) return null;
  return (
    <TroubleBar
      notes={
        stuck
          ? {
              count: notes.reduce((n, p) => n + p.notes.length, 0),
              error: refused,
              onAgain: () => void heldNotes.flush(),
            }
          : null
      }
      onSave={() => void import("./rescue").then((m) => m.saveEverything())}
    />
  );
}
