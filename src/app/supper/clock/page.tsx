import type { Metadata } from "next";
import { ClockPage } from "../../_state/ClockPage";

export const metadata: Metadata = { title: "Clock" };
export default function Page() {
  return <ClockPage />;
}
