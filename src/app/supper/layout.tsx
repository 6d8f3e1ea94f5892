import { type ReactNode, Suspense } from "react";
import { Main } from "@/ui/frame/Main";
import { SupperBar } from "../_state/SupperBar";
import { SupperProvider } from "../_state/supper";

export default function SupperLayout({ children }: { children: ReactNode }) {
  return (
    <Suspense>
      <SupperProvider>
        <SupperBar />
        <Main>{children}</Main>
      </SupperProvider>
    </Suspense>
  );
}
