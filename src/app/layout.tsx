import "@fontsource-variable/bricolage-grotesque/wght.css";
import "@fontsource-variable/figtree/wght.css";
import type { Metadata, Viewport } from "next";
import type { ReactNode } from "react";
import "@/ui/frame/global.css";
import { Providers } from "@/ui/frame/Providers";
import { Notices } from "@/ui/frame/notices";
import { Copies } from "./_state/Copies";
import { Offline } from "./_state/Offline";
import { Troubles } from "./_state/Troubles";
import { WithStore } from "./_state/WithStore";

export const metadata: Metadata = {
  title: { default: "Jade Pan", template: "%s · Jade Pan" },
  description: "Plans, times and records a supper in which plant protein takes the place of meat.",
};
export const viewport: Viewport = { width: "device-width", initialScale: 1, themeColor: "#176b50" };

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en" suppressHydrationWarning>
      <body>
        <Providers>
          <WithStore>
            {children}
            <Notices />
            <Troubles />
            <Offline />
            <Copies />
          </WithStore>
        </Providers>
      </body>
    </html>
  );
}
