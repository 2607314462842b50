/** Gives the bytes of a shipped font file. */
export type FontFetcher = (file: string) => Promise<ArrayBuffer | Uint8Array>;

/** Fetches a font from where the application is served. */
export async function fetchedFont(file: string): Promise<ArrayBuffer> {
  const response = await fetch(new URL(`/fonts/${file}`, globalThis.location.origin));
  if (!response.ok) throw new Error(`the font ${file} could not be fetched`);
  return response.arrayBuffer();
}
