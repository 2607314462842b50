/** What is said of a text that was typed as a number and is none; it stands under the reading. */
export const numberFaults = {
  "not-a-number": "“{text}” is not a number. The row stays out of the figure until it is one.",
  "unit-beside-number":
    "“{text}” has its unit with it. Type the number alone: {unit} is said once, with the quantity.",
  "number-too-large": "This number is too large to calculate with.",
  "number-too-small": "This number is too small to calculate with. Choose a smaller unit.",
  "fraction-is-no-reading": "“{text}” is a fraction. Write the reading as a decimal number.",
  "comma-where-point-is-used": "“{text}” has a comma. Write {meant} with a point.",
  "uncertainty-below-zero": "An uncertainty is a size and can’t be below zero.",
} as const;
