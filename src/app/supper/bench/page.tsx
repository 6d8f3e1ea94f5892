import type { Metadata } from "next";
import { BenchPage } from "../../_state/BenchPage";

export const metadata: Metadata = { title: "Bench" };
export default function Page() {
  return <BenchPage />;
}
