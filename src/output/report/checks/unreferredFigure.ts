import { inOrder } from "@/investigation/model/order";
import { inItsLanguage } from "@/wording/language/documentLanguage";
import { shownFigure } from "../blockNodes";
import type { ReportCheck } from "./reportCheck";
import { typedTexts } from "./typedTexts";

/** Whether words speak of a figure by its name in the report's language, such as "Abbildung 1", or as "figure 1". */
function speaksOf(words: string, called: string, number: number): boolean {
  const names = [called, `figure ${number}`].map((name) => name.replace(/\s/g, "\\s"));
  return new RegExp(`(?:${names.join("|")})\\b`, "i").test(words);
}

/** A figure that no text speaks of. */
export const unreferredFigure: ReportCheck = ({ context }) => {
  const { blocks } = context.document.writeUp;
  const referred = new Set(
    Object.values(blocks).flatMap(({ text }) =>
      text.flatMap(({ inlines }) =>
        inlines.flatMap((one) => (one.kind === "reference" ? [one.to] : [])),
      ),
    ),
  );
  const words = typedTexts(context).map(({ text }) => text).join(" "); // prettier-ignore
  return inOrder(blocks).flatMap(([block, shown]) => {
    if (shown.kind !== "figure" || shown.hidden) return [];
    const found = inItsLanguage(context.rules, () => shownFigure(shown, context));
    if (!found || referred.has(found.anchor)) return [];
    const { called, number } = found;
    if (speaksOf(words, called, number)) return [];
    return [{ block, finding: { name: "figure-never-referred", figure: number } as const }];
  });
};
