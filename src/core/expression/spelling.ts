import { fromRaised } from "../unit/runText";
import { withGreekLetters } from "../unit/symbolText";

/** A symbol as formulas know it: "lambda" is λ, "Delta h" is Δh, "t_{10}" is t_10. */
export function symbolName(typed: string): string {
  return withGreekLetters(typed)
    .replace(/[{}\s]/g, "")
    .replaceAll("µ", "μ");
}

const raised = /[⁻⁺]?[⁰¹²³⁴⁵⁶⁷⁸⁹]+/g;

/** A typed formula in the one plain spelling that is parsed: 4π²L → 4*pi^2 L, × and · as *, − as -. */
export function plainFormula(typed: string): string {
  return withGreekLetters(typed)
    .replaceAll("µ", "μ")
    .replace(/_\{([^{}]*)\}/g, (_, inner: string) => `_${inner.replace(/\s/g, "")}`)
    .replace(/[×·⋅∙]/g, "*")
    .replace(/÷/g, "/")
    .replace(/[−–]/g, "-")
    .replace(/√\s*(?=\()/g, "sqrt")
    .replace(raised, (power) => `^(${fromRaised(power).replace("−", "-").replace("⁺", "")})`)
    .replace(/π/g, " pi ");
}
