import type { ReportCheck } from "./reportCheck";
import { typedTexts } from "./typedTexts";

/** A figure that no text speaks of. */
export const unreferredFigure: ReportCheck = ({ report, context }) => {
  const { blocks } = context.document.writeUp;
  const referred = new Set(
    Object.values(blocks).flatMap(({ text }) =>
      text.flatMap(({ inlines }) =>
        inlines.flatMap((one) => (one.kind === "reference" ? [one.to] : [])),
      ),
    ),
  );
  const words = typedTexts(context).map(({ text }) => text).join(" "); // prettier-ignore
  return report.blocks.flatMap(({ id, hidden, shown }) =>
    shown.flatMap((node) => {
      if (node.kind !== "figure" || hidden || referred.has(node.anchor)) return [];
      if (new RegExp(`[Ff]igure[\\s\u00a0]${node.number}\\b`).test(words)) return [];
      return [{ block: id, finding: { name: "figure-never-referred", figure: node.number } as const }]; // prettier-ignore
    }),
  );
};
