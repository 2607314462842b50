export const languageWords = {
  label: "Language",
  // Where a language was chosen whose words are not on this device; it is named in itself.
  away: "{language} is not on this device yet, and the server does not answer.",
} as const;
