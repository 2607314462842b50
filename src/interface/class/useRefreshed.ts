"use client";

import { useRouter } from "next/navigation";
import { useEffect } from "react";

const every = 10_000;

/** Asks the server anew now and then while the page is looked at: others change what it shows. */
export function useRefreshed(): void {
  const router = useRouter();
  useEffect(() => {
    const look = () => {
      if (document.visibilityState === "visible") router.refresh();
    };
    const timer = setInterval(look, every);
    document.addEventListener("visibilitychange", look);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", look);
    };
  }, [router]);
}
