export const untitled = {
  /** What an investigation without a title is called. */ name: "Untitled investigation",
  /** What a figure without a title is called, in the name of its file and over its readings. */ figure:
    "figure",
  copyOf: "{title} (copy)",
} as const;
