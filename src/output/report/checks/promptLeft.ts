import type { ReportCheck } from "./reportCheck";

/** A prompt under a heading where nothing was written, once anything was read. */
export const promptLeft: ReportCheck = ({ context: { document } }) => {
  if (Object.keys(document.rows).length === 0) return [];
  return Object.entries(document.writeUp.blocks).flatMap(([block, { kind, text, prompt, hidden }]) => {
    const written = text.some(({ inlines }) => inlines.length > 0);
    if (kind !== "text" || !prompt?.trim() || written || hidden) return [];
    return [{ block, finding: { name: "prompt-left" } } as const];
  });
}; // prettier-ignore
