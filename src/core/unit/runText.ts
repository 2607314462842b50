/** A stretch of text with one slant and one height; symbols are italic, units upright (ISO 80000-1). */
export interface Run {
  readonly text: string;
  readonly italic?: boolean;
  readonly script?: "super" | "sub";
}

/** A short line of text made of runs: an axis label, a heading, a unit. */
export type RunText = readonly Run[];

/** The same words without slant or height, for screen readers and file names. */
export function plainRunText(runs: RunText): string {
  return runs.map((run) => (run.script === "super" ? raised(run.text) : run.text)).join("");
}

const raisedCharacters: Record<string, string> = {
  "−": "⁻",
  "-": "⁻",
  "0": "⁰",
  "1": "¹",
  "2": "²",
  "3": "³",
  "4": "⁴",
  "5": "⁵",
  "6": "⁶",
  "7": "⁷",
  "8": "⁸",
  "9": "⁹",
};

function raised(text: string): string {
  const characters = [...text].map((character) => raisedCharacters[character]);
  if (!characters.includes(undefined)) return characters.join("");
  return text.includes("/") ? `^(${text})` : `^${text}`;
}

const loweredDigits = new Map(
  Object.entries(raisedCharacters).map(([plain, high]) => [high, plain === "-" ? "−" : plain]),
);

/** Plain characters for typed superscripts: "⁻²" → "−2". */
export function fromRaised(text: string): string {
  return [...text].map((character) => loweredDigits.get(character) ?? character).join("");
}
