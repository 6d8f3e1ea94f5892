"use client";

import dynamic from "next/dynamic";

/** The sentences of what cannot be done are fetched where something cannot. */
export const Failure = dynamic(() => import("./FailureText").then((m) => m.FailureText), { ssr: false });
