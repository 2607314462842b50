import { saveFile } from "@/output/saveFile";
import { takingWords } from "@/wording/takingOut";
import { announce } from "../keys/announcer";

/** Hands a file to the browser's downloads, and says its name to those who don't see that. */
export function handOver(name: string, file: Blob): void {
  saveFile(name, file);
  announce(takingWords.made({ name }));
}
