/** What a window of the product is called, from the nearest to the widest: "Slope · Springiness of a rule · Fathom Rule". */
export const windowTitle = (...parts: readonly string[]): string =>
  [...parts, "Fathom Rule"].filter((part) => part !== "").join(" · ");
