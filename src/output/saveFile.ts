import { untitled } from "@/wording/untitled";

const wordsOf = (title: string) => title.normalize("NFKC").match(/[\p{L}\p{N}]+/gu);

/** A file name from a title: letters and plain digits, hyphens between words, powers as digits. */
export function fileName(title: string, ending: string): string {
  const words = wordsOf(title) ?? wordsOf(untitled()) ?? [];
  return `${words.join("-").slice(0, 80)}.${ending}`;
}

/** Hands a file to the browser's downloads. */
export function saveFile(name: string, blob: Blob): void {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000);
}
