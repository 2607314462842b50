import type { Scene } from "@/figure/scene";

async function base64(url: string): Promise<string> {
  const response = await fetch(url);
  if (!response.ok) throw new Error(`the font ${url} could not be fetched`);
  const bytes = new Uint8Array(await response.arrayBuffer());
  let binary = "";
  for (const byte of bytes) binary += String.fromCharCode(byte);
  return btoa(binary);
}

const fetched = new Map<string, Promise<string>>();

/** A font file as base64, fetched once; one that could not be had is asked for again. */
function encoded(url: string): Promise<string> {
  const known = fetched.get(url) ?? base64(url);
  fetched.set(url, known);
  known.catch(() => fetched.delete(url));
  return known;
}

/** CSS that carries the fonts of a scene inside the file itself. */
export async function embeddedFontFaces(scene: Scene): Promise<string> {
  const [{ filesOfScenes }, { faceRule }] = await Promise.all([
    import("./filePieces"),
    import("./faceRule"),
  ]);
  const rules = [...filesOfScenes([scene]).keys()].map(async (file) =>
    faceRule(file, `data:font/woff2;base64,${await encoded(`/fonts/${file}.woff2`)}`),
  );
  return (await Promise.all(rules)).join("");
}
