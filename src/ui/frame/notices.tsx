"use client";

import dynamic from "next/dynamic";
import { useSyncExternalStore } from "react";
import { onNotice, saidAnything } from "./noticeQueue";

/** Most page views never show a notice: the toasts are loaded with the first one. */
const NoticeToasts = dynamic(() => import("./NoticeToasts").then((m) => m.NoticeToasts), { ssr: false });

export function Notices() {
  return useSyncExternalStore(onNotice, saidAnything, () => false) ? <NoticeToasts /> : null;
}
