import type { Metadata } from "next";
import type { ReactNode } from "react";
import { Speaking } from "@/interface/language/Speaking";
import { SpokenPage } from "@/interface/language/SpokenPage";
import { spoken } from "@/wording/language/spoken";
import { PageHands } from "@/interface/keys/PageHands";
import { EastAsianLetters } from "@/interface/shell/EastAsianLetters";
import { applicationWords } from "@/wording/application";
import "./globals.css";

export const generateMetadata = (): Metadata => ({
  title: applicationWords.name,
  description: applicationWords.description,
});

export default function RootLayout({ children }: { children: ReactNode }) {
  const language = spoken();
  return (
    <html lang={language === "pseudo" ? "en" : language}>
      <head>
        {/* Made of the shipped fonts when they are put in place. */}
        {/* eslint-disable-next-line @next/next/no-css-tags */}
        <link rel="stylesheet" href="/fonts/fonts.css" precedence="default" />
      </head>
      <body>
        <Speaking language={language}>
          <SpokenPage>{children}</SpokenPage>
          <PageHands />
        </Speaking>
        <EastAsianLetters />
      </body>
    </html>
  );
}
