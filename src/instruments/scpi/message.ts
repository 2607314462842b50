/** One command or query of a message. */
export interface MessageUnit {
  /** From the root: ["SYST", "ERR"]; ["*IDN"] for a common one. */
  readonly path: readonly string[];
  readonly query: boolean;
  /** As they were written, without the blanks around them. */
  readonly parameters: readonly string[];
}

/** Splits a text at a sign, but not within quotes. */
export function splitOutsideQuotes(text: string, at: string): string[] {
  const parts: string[] = [""];
  let quote = "";
  for (const sign of text) {
    if (quote === "" && sign === at) {
      parts.push("");
      continue;
    }
    if (sign === quote) quote = "";
    else if (quote === "" && (sign === '"' || sign === "'")) quote = sign;
    parts[parts.length - 1] += sign;
  }
  return parts;
}

const header = /^(\*[A-Za-z]+|:?[A-Za-z]\w*(?::[A-Za-z]\w*)*)(\?)?$/;

/**
 * The units of a program message, in their order: "SYST:VERS?;ERR?" asks for SYST:VERS and for SYST:ERR.
 * Source: IEEE 488.2-1992, ch. 7; SCPI-1999, vol. 1, 6.2.4 for paths within a message.
 * @returns undefined in the place of a unit that is none.
 */
export function messageUnits(message: string): (MessageUnit | undefined)[] {
  let parent: readonly string[] = [];
  return splitOutsideQuotes(message, ";")
    .map((text) => text.trim())
    .filter((text) => text !== "")
    .map((text) => {
      const [first = "", ...rest] = text.split(/\s+/);
      const said = header.exec(first);
      if (!said?.[1]) return undefined;
      const written = rest.join(" ");
      const parameters = written === "" ? [] : splitOutsideQuotes(written, ",").map((one) => one.trim()); // prettier-ignore
      const query = said[2] === "?";
      if (said[1].startsWith("*")) return { path: [said[1]], query, parameters };
      const fromRoot = said[1].startsWith(":");
      const nodes = said[1].replace(/^:/, "").split(":");
      const path = fromRoot ? nodes : [...parent, ...nodes];
      parent = path.slice(0, -1);
      return { path, query, parameters };
    });
}

const shortForm = (node: string) => node.replace(/[a-z]+$/, "");

/** Whether a word is a key in its short or its long form: "SYST" or "system" for "SYSTem". */
export function isKey(word: string, key: string): boolean {
  const upper = word.toUpperCase();
  return upper === key.toUpperCase() || upper === shortForm(key);
}

/** Whether a path is that of a header such as "SYSTem:ERRor[:NEXT]"; what stands in brackets may be left out. */
export function isHeader(path: readonly string[], pattern: string): boolean {
  const nodes = [...pattern.matchAll(/(\[)?:?(\*?\w+)\]?/g)].map(([, optional, node = ""]) => ({ node, optional: optional === "[" })); // prettier-ignore
  let at = 0;
  for (const { node, optional } of nodes) {
    if (isKey(path[at] ?? "", node)) at += 1;
    else if (!optional) return false;
  }
  return at === path.length;
}
