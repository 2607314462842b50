"use client";

import { useEffect, useState } from "react";
import { type Overview, overviewMessage, withNews } from "@/protocol/overview";

/** How the stream of an overview goes. */
export type Going = "on" | "away" | "ended";

const retryAfter = 2000;

/** An overview as it is now, kept up by its stream. @param first as the page brought it. */
export function useOverview(experimentId: string, first: Overview) {
  const [overview, setOverview] = useState(first);
  const [going, setGoing] = useState<Going>("on");
  useEffect(() => {
    let source: EventSource | undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    let fresh = true;
    const hear = ({ data }: MessageEvent<string>) => {
      const news: unknown = JSON.parse(data);
      if (!overviewMessage.isValidSync(news)) return;
      if (news.ended) {
        setGoing("ended");
        source?.close();
        return;
      }
      const whole = fresh;
      fresh = false;
      setOverview((before) => withNews(whole ? { ...before, rows: [] } : before, news));
    };
    const open = () => {
      fresh = true;
      source = new EventSource(`/api/overview/${experimentId}`);
      source.onopen = () => setGoing("on");
      source.onmessage = hear;
      source.onerror = () => {
        source?.close();
        setGoing((now) => (now === "ended" ? now : "away"));
        timer = setTimeout(open, retryAfter);
      };
    };
    open();
    return () => {
      clearTimeout(timer);
      source?.close();
    };
  }, [experimentId]);
  return { overview, going };
}
