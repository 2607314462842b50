"use client";

import "./globals.css";
import { languageOf } from "@/wording/language/languages";
import { spoken } from "@/wording/language/spoken";
import { AwayPage } from "@/interface/shell/AwayPage";

/** What is shown where even the frame of all pages falls over. */
export default function FrameError() {
  return (
    <html lang={languageOf(spoken())}>
      <body>
        <AwayPage />
      </body>
    </html>
  );
}
