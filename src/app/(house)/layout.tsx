import type { ReactNode } from "react";
import { HouseBar } from "../_state/HouseBar";

export default function HouseLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <HouseBar />
      <main>{children}</main>
    </>
  );
}
