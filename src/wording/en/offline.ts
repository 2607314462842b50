export const offline = {
  /** What is said of what this device holds while the server is away, and of a newer version. */
  offlineWords: {
    title: "On this device",
    text: "The server does not answer. The investigations below can be worked on and taken out as files; what you do is kept here and goes to the server as soon as it answers.",
    nobody: "Nobody is signed in on this device. Sign in once the server answers.",
    none: "None of your investigations has been opened on this device yet. They are back as soon as the server answers.",
    waiting:
      "{count, plural, one {1 change waits for the server} other {{count} changes wait for the server}}",
    look: "Look for the server",
    still: "The server still does not answer.",
    kept: "on this device",
    keptLong: "It opens on this device while the server is away, too.",
    newer: "A newer version of Fathom Rule is ready. Nothing of yours waits to be kept.",
    take: "Go on with it",
  },
} as const;
