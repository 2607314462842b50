export const licences = {
  label: "Licences of what this is made with",
} as const;
