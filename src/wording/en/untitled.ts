export const untitled = {
  /** What an investigation without a title is called. */ name: "Untitled investigation",
  copyOf: "{title} (copy)",
} as const;
