import { type ReactNode, Suspense } from "react";
import { SupperBar } from "../_state/SupperBar";
import { SupperProvider } from "../_state/supper";

export default function SupperLayout({ children }: { children: ReactNode }) {
  return (
    <Suspense>
      <SupperProvider>
        <SupperBar />
        <main>{children}</main>
      </SupperProvider>
    </Suspense>
  );
}
