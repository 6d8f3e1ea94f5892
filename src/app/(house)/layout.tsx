import type { ReactNode } from "react";
import { Main } from "@/ui/frame/Main";
import { HouseBar } from "../_state/HouseBar";

export default function HouseLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <HouseBar />
      <Main>{children}</Main>
    </>
  );
}
