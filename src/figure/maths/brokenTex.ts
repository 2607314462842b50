const relation = /^(=|\\approx(?![a-z])|\\leq?(?![a-z])|\\geq?(?![a-z]))/;

/** Formulas that follow each other on a line, parted by a wide space. */
const apart = /\\quad(?![a-z])/;

/** A formula taken apart before each relation that stands in no bracket, fraction or root; the first one stays with its left side. */
function parts(tex: string): string[] {
  const found: string[] = [];
  let depth = 0;
  let from = 0;
  for (let at = 0; at < tex.length; at++) {
    const rest = tex.slice(at);
    if (rest.startsWith("\\left") && !/^\\left[a-z]/.test(rest)) depth++;
    else if (rest.startsWith("\\right") && !/^\\right[a-z]/.test(rest)) depth--;
    else if (tex[at] === "{") depth++;
    else if (tex[at] === "}") depth--;
    else if (depth === 0 && at > 0 && relation.test(rest)) {
      found.push(tex.slice(from, at));
      from = at;
    }
  }
  const all = [...found, tex.slice(from)].map((part) => part.trim()).filter((part) => part !== "");
  const [left, right, ...others] = all;
  return left === undefined || right === undefined ? all : [`${left} ${right}`, ...others];
}

/** A formula as one line where it fits, otherwise broken before its relations into as few lines as may be. */
export function brokenTex(tex: string, fits: (tex: string) => boolean): readonly string[] {
  if (fits(tex)) return [tex];
  const lines: string[] = [];
  for (const formula of tex.split(apart)) {
    parts(formula).forEach((part, place) => {
      const space = place === 0 ? " \\quad " : " ";
      const longer = `${lines.at(-1) ?? ""}${space}${part}`;
      if (lines.length > 0 && fits(longer)) lines[lines.length - 1] = longer;
      else lines.push(part);
    });
  }
  return lines;
}
