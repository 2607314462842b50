/** A part of a formula's text that means something by itself. */
export interface Token {
  readonly kind: "number" | "name" | "sign" | "end";
  readonly text: string;
  /** Where it begins. */
  readonly at: number;
}

const pattern =
  /\s+|(?<number>(?:\d+\.?\d*|\.\d+)(?:[eE][+-]?\d+)?)|(?<name>[\p{L}_][\p{L}\p{M}\d_]*)|(?<sign>[<>=!]=|<<|>>|\.[*/^]|[^])/gu;

/** A formula in its plain spelling, taken apart; the end of the text is a token of its own. */
export function tokensOf(text: string): readonly Token[] {
  const tokens: Token[] = [];
  for (const { 0: found, index: at, groups = {} } of text.matchAll(pattern)) {
    if (groups.number !== undefined) tokens.push({ kind: "number", text: found, at });
    else if (groups.name !== undefined) tokens.push({ kind: "name", text: found, at });
    else if (groups.sign !== undefined) tokens.push({ kind: "sign", text: found, at });
  }
  tokens.push({ kind: "end", text: "", at: text.length });
  return tokens;
}
