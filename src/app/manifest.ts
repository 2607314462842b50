import type { MetadataRoute } from "next";
import { applicationWords } from "@/wording/application";

/** What a system needs to know to hold this as an application of its own. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    id: "/shelf",
    name: applicationWords.name,
    short_name: applicationWords.name,
    description: applicationWords.description,
    start_url: "/shelf",
    scope: "/",
    display: "standalone",
    background_color: "#e7ebea",
    theme_color: "#f1e4bc",
    icons: [
      { src: "/icons/sign-192.png", sizes: "192x192", type: "image/png" },
      { src: "/icons/sign-512.png", sizes: "512x512", type: "image/png" },
      {
        src: "/icons/sign-whole-512.png",
        sizes: "512x512",
        type: "image/png",
        purpose: "maskable",
      },
    ],
  };
}
