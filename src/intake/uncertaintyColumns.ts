import { withGreekLetters } from "@/core/unit/symbolText";
import { nameOfUncertainty, symbolOfUncertainty } from "@/investigation/model/uncertaintyColumns";
import type { Heading } from "./heading";

/** The symbol that a heading says it is the ± of: "ΔL", "u(L)", "σ_L"; "" where it is the ± of the column before. */
function ownerSymbol({ name, symbol }: Heading): string | undefined {
  const text = withGreekLetters([name, symbol].filter(Boolean).join(" ")).trim();
  if (/^(?:±|\+\/?-|uncertainty|error)$/i.test(text)) return "";
  const match = /^(?:±\s*|u_|Δ\s*|δ\s*|σ_)\{?([^(){}]+?)\}?$/u.exec(text);
  return match?.[1];
}

/** What a column of ± is called where its heading says no more: "± of L", ΔL. */
export function uncertaintyNames(
  heading: Heading,
  owner: Heading | undefined,
): { readonly name: string; readonly symbol: string } {
  if (!owner || owner.symbol === "") return heading;
  const said = heading.name.trim();
  const plain = /^(?:±|\+\/?-)/.test(said) || said === "";
  return {
    name: plain ? nameOfUncertainty(owner) : heading.name,
    symbol: heading.symbol || symbolOfUncertainty(owner.symbol),
  };
}

/**
 * Which columns are the ± of another: for each heading the index of the column whose ± it holds. People paste
 * "L / m, ± / m" or "L, ΔL"; a Δ of something that is no column of the block is a quantity of its own.
 */
export function uncertaintyOwners(headings: readonly Heading[]): readonly (number | undefined)[] {
  return headings.map((heading, index) => {
    const wanted = ownerSymbol(heading);
    if (wanted === undefined) return undefined;
    if (wanted === "") return index > 0 ? index - 1 : undefined;
    const found = headings.findIndex(
      (other, place) => place !== index && withGreekLetters(other.symbol) === wanted,
    );
    return found < 0 ? undefined : found;
  });
}
