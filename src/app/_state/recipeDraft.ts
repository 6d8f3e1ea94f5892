"use client";

import { useEffect, useState } from "react";
import { typed, untyped } from "@/ui/frame/typing";

/** Of this browser alone: the recipe that is being pasted or typed, until it is on the Bench. */
const KEY = "jade-pan.recipe-draft";
const FIELD = "the recipe";
const STORED_AFTER_MS = 500;

function draftNow(): string {
  try {
    return localStorage.getItem(KEY) ?? "";
  } catch {
    return "";
  }
}
/** @returns whether it was kept */
function keepDraft(text: string): boolean {
  try {
    if (text === "") localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, text);
    return true;
  } catch {
    return false;
  }
}
/** It is on the Bench, or thrown away. */
export function dropDraft(): void {
  keepDraft("");
  untyped(FIELD);
}

/**
 * The text of a recipe, kept half a second after the last key and when the page is hidden: a page that is closed or reloaded
 * before it is read brings it back. Until it is kept the browser asks before it leaves.
 */
export function useRecipeDraft(): [string, (text: string) => void, (text: string) => void] {
  const [text, setText] = useState("");
  const [changed, setChanged] = useState(false);
  // Only the browser knows it: a page as it was built has none.
  useEffect(() => {
    const timer = setTimeout(() => setText((now) => (now === "" ? draftNow() : now)));
    return () => clearTimeout(timer);
  }, []);
  useEffect(() => {
    if (!changed) return;
    const keep = () => {
      if (!keepDraft(text)) return;
      untyped(FIELD);
      setChanged(false);
    };
    typed(FIELD, keep);
    const timer = setTimeout(keep, STORED_AFTER_MS);
    return () => clearTimeout(timer);
  }, [text, changed]);
  const type = (next: string) => {
    setText(next);
    setChanged(true);
  };
  return [text, type, setText];
}
