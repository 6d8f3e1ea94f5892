import type { Metadata } from "next";
import { StovePage } from "../../_state/StovePage";

export const metadata: Metadata = { title: "Stove" };
export default function Page() {
  return <StovePage />;
}
