import type { Metadata } from "next";
import { RecipePage } from "../../_state/RecipePage";

export const metadata: Metadata = { title: "Turn a recipe over" };
export default function Page() {
  return <RecipePage />;
}
