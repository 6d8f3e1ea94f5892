import type { Metadata } from "next";
import { SupperSwap } from "../../_state/SwapPages";

export const metadata: Metadata = { title: "Swap" };
export default function Page() {
  return <SupperSwap />;
}
