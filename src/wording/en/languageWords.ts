export const languageWords = {
  label: "Language",
} as const;
