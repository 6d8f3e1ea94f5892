import type { Metadata } from "next";
import { NewSwap } from "../../_state/SwapPages";

export const metadata: Metadata = { title: "What is leaving the pan?" };
export default function Page() {
  return <NewSwap title="What is leaving the pan?" others={[]} />;
}
