import type { RecordingNews } from "@/protocol/instruments";

/** Where a recording hears its news from; it is told where the line stands. */
export interface FeedHears {
  readonly news: (news: RecordingNews) => void;
  /** The line is there, or there again. */
  readonly opened: () => void;
  /** The line is broken, and tried again. */
  readonly broken: () => void;
  /** How many readings came so far; undefined before the first. */
  readonly heard: () => number | undefined;
}

export interface Feed {
  readonly close: () => void;
}

export type OpenFeed = (hears: FeedHears) => Feed;

/** In ms: a line that is closed is opened again after so long. */
const openedAgainAfter = 1500;

/** News by server-sent events. @param addressOf where to go on from so many readings. */
export const serverFeed =
  (addressOf: (from: number | undefined) => string): OpenFeed =>
  (hears) => {
    let opening: ReturnType<typeof setTimeout> | undefined;
    let source: EventSource | undefined;
    const open = () => {
      const line = new EventSource(addressOf(hears.heard()));
      source = line;
      line.onmessage = ({ data }: MessageEvent<string>) =>
        hears.news(JSON.parse(data) as RecordingNews);
      line.onopen = hears.opened;
      line.onerror = () => {
        line.close();
        hears.broken();
        clearTimeout(opening);
        opening = setTimeout(open, openedAgainAfter);
      };
    };
    open();
    return {
      close: () => {
        clearTimeout(opening);
        source?.close();
      },
    };
  };
