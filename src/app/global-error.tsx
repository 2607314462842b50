"use client";

import "./globals.css";
import { AwayPage } from "@/interface/shell/AwayPage";

/** What is shown where even the frame of all pages falls over. */
export default function FrameError() {
  return (
    <html lang="en">
      <body>
        <AwayPage />
      </body>
    </html>
  );
}
