import type { Face, Scene } from "@/figure/scene";

interface FontFile {
  readonly family: string;
  readonly slant: "normal" | "italic";
  readonly file: string;
}

const families = {
  sans: { family: "Source Sans 3", slant: "normal", file: "source-sans-3" },
  serif: { family: "STIX Two Text", slant: "normal", file: "stix-two-text" },
  italic: { family: "STIX Two Text", slant: "italic", file: "stix-two-text" },
} as const satisfies Record<string, FontFile>;

function fontOf(face: Face): FontFile {
  if (face.startsWith("sans")) return families.sans;
  return face.endsWith("Italic") ? families.italic : families.serif;
}

/** Which of the shipped files hold the characters of a text; the latin one is always there. */
function subsetsFor(text: string): string[] {
  const subsets = ["latin"];
  if (/[\u0370-\u03ff]/.test(text)) subsets.push("greek");
  if (/[\u0100-\u02ba\u1e00-\u1e9f\u2070-\u209c\u20a0-\u20c0]/.test(text))
    subsets.push("latin-ext");
  return subsets;
}

/** The font files that a scene's texts need. */
export function fontFilesOf(scene: Scene): readonly { font: FontFile; subset: string }[] {
  const texts = new Map<FontFile, string>();
  for (const shape of scene.shapes) {
    if (shape.kind !== "text") continue;
    for (const { face, text } of shape.runs) {
      const font = fontOf(face);
      texts.set(font, (texts.get(font) ?? "") + text);
    }
  }
  return [...texts].flatMap(([font, text]) => subsetsFor(text).map((subset) => ({ font, subset })));
}

async function base64(url: string): Promise<string> {
  const response = await fetch(url);
  if (!response.ok) throw new Error(`the font ${url} could not be fetched`);
  const bytes = new Uint8Array(await response.arrayBuffer());
  let binary = "";
  for (const byte of bytes) binary += String.fromCharCode(byte);
  return btoa(binary);
}

const ranges: Record<string, string> = {
  greek: "unicode-range:U+0370-03FF;",
  "latin-ext": "unicode-range:U+0100-02BA,U+1E00-1E9F,U+2070-209C,U+20A0-20C0;",
  latin: "",
};

/** CSS that carries the fonts of a scene inside the file itself. */
export async function embeddedFontFaces(scene: Scene): Promise<string> {
  const faces = fontFilesOf(scene).map(async ({ font, subset }) => {
    const data = await base64(`/fonts/${font.file}-${subset}-${font.slant}.woff2`);
    return (
      `@font-face{font-family:'${font.family}';font-style:${font.slant};font-weight:200 900;` +
      `${ranges[subset] ?? ""}src:url(data:font/woff2;base64,${data}) format('woff2');}`
    );
  });
  return (await Promise.all(faces)).join("");
}
