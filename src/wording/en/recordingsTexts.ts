export const recordingsTexts = {
  loggerFromName: "logger, from {name}",
  columnColumn: "column {column}",
} as const;
