async function asDataUrl(url: string): Promise<string> {
  const response = await fetch(url);
  const blob = await response.blob();
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(new Error(`the font ${url} could not be read`));
    reader.readAsDataURL(blob);
  });
}

/** A font rule with its first file inside it; "" where the font is not in use on this page. */
async function embedded(rule: CSSFontFaceRule, base: string): Promise<string> {
  const family = rule.style.getPropertyValue("font-family");
  const used = [...document.fonts].some(
    (font) =>
      font.status === "loaded" && font.family.replace(/["']/g, "") === family.replace(/["']/g, ""),
  );
  const file = /url\(["']?([^"')]+)["']?\)/.exec(rule.style.getPropertyValue("src"))?.[1];
  if (!used || !file) return "";
  const data = await asDataUrl(new URL(file, base).href);
  const part = (name: string) => {
    const value = rule.style.getPropertyValue(name);
    return value === "" ? "" : `${name}:${value};`;
  };
  const kept = ["font-family", "font-style", "font-weight", "unicode-range"].map(part).join("");
  return `@font-face{${kept}src:url(${data})}`;
}

/** The fonts in use on the page as CSS that carries them, for a picture of a part of it. */
export async function pictureFonts(): Promise<string> {
  const rules = [...document.styleSheets].flatMap((sheet) =>
    [...sheet.cssRules].flatMap((rule) =>
      rule instanceof CSSFontFaceRule ? [embedded(rule, sheet.href ?? document.location.href)] : [],
    ),
  );
  return (await Promise.all(rules)).join("\n");
}
