"use client";

import "./globals.css";
import { LastResort } from "@/interface/shell/LastResort";

/** What is shown where even the frame of all pages falls over. */
export default function FrameError({ error }: { error: Error }) {
  const lang = typeof document === "undefined" ? "en" : document.documentElement.lang;
  return (
    <html lang={lang}>
      <body>
        <LastResort error={error} />
      </body>
    </html>
  );
}
