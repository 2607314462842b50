import { dequal } from "dequal/lite";
import type { Investigation } from "./investigation";

/** What can be fixed of an investigation; all but the first two are of one thing, by its id. */
export const fixableKinds = [
  ...(["theory", "house-rules"] as const),
  ...(["quantity", "instrument", "constant", "axes", "look", "heading"] as const),
];
export type FixableKind = (typeof fixableKinds)[number];

/** One part that can be fixed. */
export interface FixablePart {
  readonly kind: FixableKind;
  /** The quantity, constant, figure or block; "" where there is one of the kind alone. */
  readonly of: string;
}

/** The key by which a brief remembers a part: "quantity:t". */
export const fixedKey = ({ kind, of }: FixablePart) => (of === "" ? kind : `${kind}:${of}`);

/** The part that a key stands for; undefined for any other text. */
export function fixablePart(key: string): FixablePart | undefined {
  const [named, of = ""] = key.split(":");
  const kind = fixableKinds.find((one) => one === named);
  return kind && { kind, of };
}

/** What a part is in a document: what has to stay equal where it is fixed. */
function contentOf(document: Investigation, { kind, of }: FixablePart): unknown {
  const { quantities, constants, figures, writeUp } = document;
  switch (kind) {
    case "theory":
      return document.theory;
    case "house-rules":
      return document.houseRules;
    case "quantity": {
      const { name, symbol, unit, table, formula } = quantities[of] ?? {};
      return [name, symbol, unit, table, formula];
    }
    case "instrument": {
      const { instrument, resolution, uncertainty } = quantities[of] ?? {};
      return [instrument, resolution, uncertainty];
    }
    case "constant": {
      const { order, ...constant } = constants[of] ?? { order: "" };
      return [order === "", constant];
    }
    case "axes":
      return [figures[of]?.x, figures[of]?.y];
    case "look":
      return figures[of]?.look;
    case "heading":
      return [writeUp.blocks[of]?.kind, writeUp.blocks[of]?.heading, writeUp.blocks[of]?.section];
  }
}

/**
 * Whether a change leaves alone what the brief fixes, and the brief itself: held by the browser of a bench and by the
 * server alike.
 * @returns the key of the first part that it changes, "brief" for the brief itself; undefined where it changes none.
 */
export function fixedPartChanged(before: Investigation, after: Investigation): string | undefined {
  if (before === after) return undefined;
  if (!dequal(before.brief, after.brief)) return "brief";
  return Object.keys(before.brief?.fixed ?? {}).find((key) => {
    const part = fixablePart(key);
    return part && !dequal(contentOf(before, part), contentOf(after, part));
  });
}

/** Whether a part of a sheet is fixed. */
export const isFixed = ({ brief }: Pick<Investigation, "brief">, part: FixablePart) =>
  brief?.fixed[fixedKey(part)] === true;
