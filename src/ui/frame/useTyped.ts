"use client";

import { useEffect, useId, useRef, useState } from "react";
import { beginStay, endStay, typed, untyped } from "./typing";

/** So long after the last key a text is stored, ms. */
export const STORED_AFTER_MS = 500;

interface Draft {
  readonly text: string;
  /** The stored text on top of which it is typed. */
  readonly from: string;
  /** What was stored of it and has not come back yet. */
  readonly sent: string | null;
}
interface TypedProps {
  readonly value: string;
  /** The text as it is stored, or why it cannot be. */
  readonly clean: (text: string) => { readonly text: string } | { readonly problem: string };
  /** Stored only on Enter or on leaving: for what has no meaning while half of it is typed. */
  readonly whole?: boolean;
  readonly onStore: (text: string) => void;
}
/** A field of free text: what stands in it, and what it does. */
export interface Typed {
  readonly text: string;
  readonly problem: string | null;
  /** What was typed here and not stored when somebody else stored another text, which is shown. */
  readonly mine: string | null;
  readonly onType: (text: string) => void;
  readonly onLeave: () => void;
  readonly onTakeMine: () => void;
}

/**
 * Text that is stored as one types: half a second after the last key, on leaving, and when the page is hidden or goes. What
 * another tab stored is shown and never overwritten by an older text.
 */
export function useTyped({ value, clean, whole = false, onStore }: TypedProps): Typed {
  const id = useId();
  const [draft, setDraft] = useState<Draft | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  // What was stored has come back: what is typed stands on top of it now.
  if (draft !== null && draft.sent === value) setDraft({ ...draft, from: value, sent: null });
  const own = draft !== null && (value === draft.from || value === draft.sent);
  const text = own ? draft.text : value;
  const mine = draft !== null && !own && draft.text !== value && draft.text !== draft.sent ? draft.text : null;

  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  // A key and the storing of it may come before the next drawing: they go by what was typed and given last.
  const newest = useRef({ draft: own ? draft : null, value, clean, onStore });
  useEffect(() => {
    newest.current = { draft: own ? draft : null, value, clean, onStore };
    if (!own) untyped(id);
  });
  const put = (next: Draft) => {
    newest.current = { ...newest.current, draft: next };
    setDraft(next);
  };
  const store = (leaving: boolean) => {
    clearTimeout(timer.current);
    const { draft: now, clean, onStore } = newest.current;
    if (now === null) return;
    const cleaned = clean(now.text);
    if ("problem" in cleaned) {
      if (leaving) setProblem(cleaned.problem);
      return;
    }
    setProblem(null);
    const isNew = cleaned.text !== (now.sent ?? now.from);
    put({ ...now, text: leaving ? cleaned.text : now.text, sent: isNew ? cleaned.text : now.sent });
    untyped(id);
    if (isNew) onStore(cleaned.text);
  };
  const storeNow = useRef(store);
  useEffect(() => {
    storeNow.current = store;
  });
  // A field that goes takes nothing with it.
  useEffect(
    () => () => {
      if (!whole) storeNow.current(false);
      clearTimeout(timer.current);
      untyped(id);
      endStay(id);
    },
    [id, whole],
  );
  const onType = (next: string) => {
    const { draft: at, value: shown } = newest.current;
    put(at === null ? { text: next, from: shown, sent: null } : { ...at, text: next });
    setProblem(null);
    beginStay(id);
    typed(id, () => {
      if (!whole) storeNow.current(false);
    });
    clearTimeout(timer.current);
    if (!whole) timer.current = setTimeout(() => storeNow.current(false), STORED_AFTER_MS);
  };
  const onLeave = () => {
    store(true);
    endStay(id);
  };
  return {
    text,
    problem: own ? problem : null,
    mine,
    onType,
    onLeave,
    onTakeMine: () => mine !== null && onType(mine),
  };
}
