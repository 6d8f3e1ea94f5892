"use client";

import { Keyboard } from "lucide-react";
import { lazy, Suspense, useState } from "react";
import { IconDo } from "./controls";
import { useSingleKeys } from "./singleKeys";

const KeySheet = lazy(() => import("./KeySheet"));

/** Opens the list of keys, by its button or by "?"; the sheet is fetched when it is first asked for. */
export function KeyList({ path }: { path: string }) {
  const [open, setOpen] = useState(false);
  const show = { run: () => setOpen(true) };
  // Where "?" is typed with Shift and where it is not.
  useSingleKeys({ "Shift+?": show, "?": show });
  return (
    <>
      <IconDo label="Keys" onClick={() => setOpen(true)}>
        <Keyboard size={18} />
      </IconDo>
      {open && (
        <Suspense>
          <KeySheet path={path} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
