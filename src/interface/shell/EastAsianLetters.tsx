"use client";

import { useEffect } from "react";

const sheet = "/fonts/east-asian.css";

/** Tells the page where letters of East Asia are, when a moment is free: that alone is a long list. */
export function EastAsianLetters() {
  useEffect(() => {
    const add = () => {
      if (document.querySelector(`link[href="${sheet}"]`)) return;
      const link = Object.assign(document.createElement("link"), {
        rel: "stylesheet",
        href: sheet,
      });
      document.head.append(link);
    };
    const timer = setTimeout(add, 500);
    return () => clearTimeout(timer);
  }, []);
  return null;
}
