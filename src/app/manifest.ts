import type { MetadataRoute } from "next";

/** What a phone needs to keep Jade Pan among its apps. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: "Jade Pan",
    short_name: "Jade Pan",
    description: "Plans, times and records a supper in which plant protein takes the place of meat.",
    start_url: "/",
    display: "standalone",
    background_color: "#e9eee8",
    theme_color: "#176b50",
    icons: [
      { src: "/icon.svg", sizes: "any", type: "image/svg+xml" },
      { src: "/icons/192.png", sizes: "192x192", type: "image/png" },
      { src: "/icons/512.png", sizes: "512x512", type: "image/png" },
      { src: "/icons/maskable.png", sizes: "512x512", type: "image/png", purpose: "maskable" },
    ],
  };
}
