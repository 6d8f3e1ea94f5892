import type { Metadata } from "next";
import { KitchenPage } from "../../_state/KitchenPage";

export const metadata: Metadata = { title: "Kitchen" };
export default function Page() {
  return <KitchenPage />;
}
