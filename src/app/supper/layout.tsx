import { type ReactNode, Suspense } from "react";
import { Main } from "@/ui/frame/Main";
import { BatchesAmiss } from "../_state/Batches";
import { SupperBar } from "../_state/SupperBar";
import { SupperProvider } from "../_state/supper";

export default function SupperLayout({ children }: { children: ReactNode }) {
  return (
    <Suspense>
      <SupperProvider>
        <SupperBar />
        <Main>
          <BatchesAmiss />
          {children}
        </Main>
      </SupperProvider>
    </Suspense>
  );
}
