import type { Metadata } from "next";
import type { ReactNode } from "react";
import { PageHands } from "@/interface/keys/PageHands";
import { EastAsianLetters } from "@/interface/shell/EastAsianLetters";
import { applicationWords } from "@/wording/application";
import "./globals.css";

export const generateMetadata = (): Metadata => ({
  title: applicationWords.name,
  description: applicationWords.description,
});

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <head>
        {/* Made of the shipped fonts when they are put in place. */}
        {/* eslint-disable-next-line @next/next/no-css-tags */}
        <link rel="stylesheet" href="/fonts/fonts.css" precedence="default" />
      </head>
      <body>
        {children}
        <PageHands />
        <EastAsianLetters />
      </body>
    </html>
  );
}
