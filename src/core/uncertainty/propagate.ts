/** How the parts of a ± that come from independent inputs become one. */
export type PropagationRule = "worst-case" | "quadrature";

/**
 * One ± from its parts |∂f/∂xᵢ|·Δxᵢ: worst case adds them, quadrature takes √Σ of their squares.
 * Source: calculation § 3; GUM eq. 10.
 * @param parts sizes in the unit of f, none below zero.
 */
export function combinedUncertainty(rule: PropagationRule, parts: readonly number[]): number {
  if (rule === "worst-case") return parts.reduce((sum, part) => sum + part, 0);
  return Math.hypot(...parts);
}

/** Which share of a ± each part brings: Δ²/ΣΔ² in quadrature, Δ/ΣΔ in worst case; zeros where there is no ±. */
export function sharesOf(rule: PropagationRule, parts: readonly number[]): readonly number[] {
  const weights = rule === "worst-case" ? parts : parts.map((part) => part * part);
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  return weights.map((weight) => (whole === 0 ? 0 : weight / whole));
}
