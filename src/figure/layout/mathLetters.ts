/** Arrows and signs that the text fonts hold themselves: ↑ ↓ − ∕. */
const ofText = new Set([0x2191, 0x2193, 0x2212, 0x2215]);

/** Whether a letter is taken from the font of mathematics: ∂ √ ∑ ≈ ≤ → ∞. */
export function isMathLetter(codePoint: number): boolean {
  return codePoint >= 0x2190 && codePoint <= 0x22ff && !ofText.has(codePoint);
}
