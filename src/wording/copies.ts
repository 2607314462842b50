const times = (count: number) =>
  count === 0 ? "never opened" : count === 1 ? "opened once" : `opened ${count} times`;

/** What is said of reading copies. */
export const copyWords = {
  title: (title: string) => `Reading copies of “${title}”`,
  text: "Whoever has the link sees the pages and figures and can take the data out, without signing in. Nobody changes anything by it.",
  open: "Reading copies",
  make: "Make a link",
  shows: "It shows",
  live: "the investigation as it goes on",
  fixed: "the investigation as it is now",
  runsOut: "It runs out",
  days: { 1: "after a day", 7: "after seven days", 30: "after thirty days", 0: "never" },
  made: "This link is shown this once.",
  link: "Link",
  copy: "Copy the link",
  copied: "Copied.",
  list: "Links that were made",
  none: "No link was made yet.",
  entryLive: "as it goes on",
  entryFixed: "as it was",
  madeAt: "made",
  until: "until",
  times,
  over: { revoked: "revoked", "run-out": "has run out" },
  revoke: "Revoke",
  revokeOf: (index: number) => `Revoke link ${index}`,
  back: "To the shelf",
  reading: {
    copy: "Reading copy",
    live: "as it goes on",
    at: "as it was",
    gone: "This link leads nowhere",
    goneText: "It was revoked, has run out, or was never made. Ask whoever gave it to you.",
    away: "The place where this is kept can’t be reached. Trying again.",
    opening: "Opening…",
  },
} as const;
