import type { Metadata } from "next";
import { Suspense } from "react";
import { RecipePage } from "../../_state/RecipePage";

export const metadata: Metadata = { title: "Turn a recipe over" };
export default function Page() {
  return (
    <Suspense>
      <RecipePage />
    </Suspense>
  );
}
