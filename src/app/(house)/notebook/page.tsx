import type { Metadata } from "next";
import { Suspense } from "react";
import { NotebookPage } from "../../_state/NotebookPage";

export const metadata: Metadata = { title: "Notebook" };
export default function Page() {
  return (
    <Suspense>
      <NotebookPage />
    </Suspense>
  );
}
