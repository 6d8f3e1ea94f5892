import { Suspense } from "react";
import { CounterPage } from "../_state/CounterPage";

export default function Page() {
  return (
    <Suspense>
      <CounterPage />
    </Suspense>
  );
}
