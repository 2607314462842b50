/** A formula as it is set: what stands beside, above, below and around what. */
export type MathNode =
  | { readonly kind: "row"; readonly of: readonly MathNode[] }
  /** Letters or digits of one slant; a sign has room on both sides. */
  | {
      readonly kind: "text";
      readonly text: string;
      readonly italic: boolean;
      readonly sign?: "relation" | "operator";
    }
  | { readonly kind: "space"; readonly width: number }
  | { readonly kind: "fraction"; readonly above: MathNode; readonly below: MathNode }
  | { readonly kind: "root"; readonly of: MathNode }
  | {
      readonly kind: "scripts";
      readonly base: MathNode;
      readonly sub?: MathNode;
      readonly super?: MathNode;
    }
  | {
      readonly kind: "fence";
      readonly open: string;
      readonly close: string;
      readonly of: MathNode;
    };
