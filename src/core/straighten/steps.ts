import type { Expression } from "../expression/tree";

/** What is done to both sides of an equation, as one would on paper. */
export type Act =
  | { readonly kind: "as-typed" }
  | { readonly kind: "bring-over" }
  | { readonly kind: "logarithm" }
  | { readonly kind: "raise"; readonly power: number }
  | { readonly kind: "multiply"; readonly by: Expression }
  | { readonly kind: "divide"; readonly by: Expression };

/** An act with the equation that it leads to. */
export interface Step {
  readonly act: Act;
  readonly left: Expression;
  readonly right: Expression;
}
