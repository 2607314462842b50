"use client";

import { useEffect, useState } from "react";
import { laterWords } from "@/wording/later";

/** In ms: what comes sooner needs no word. */
const noticed = 400;

/** What stands where a stage will be, while its script is on its way. */
export function Coming() {
  const [long, setLong] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLong(true), noticed);
    return () => clearTimeout(timer);
  }, []);
  return (
    <div className="bg-page flex-1 px-6 py-4">
      <p role="status" className="text-soft">
        {long && laterWords.coming}
      </p>
    </div>
  );
}
