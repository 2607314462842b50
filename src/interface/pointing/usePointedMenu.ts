import { setLine } from "@/investigation/acts/setLine";
import { showEquation } from "@/investigation/acts/showEquation";
import { lineReach, lineRoles, lineValues } from "@/investigation/model/figure";
import { figureMenuWords as words, heardWords } from "@/wording/figureMenu";
import { heldWords, reachWords } from "@/wording/lines";
import type { AboutThing, Doing, Doings } from "../parts/doings";
import { type NumberedFigure, useFigure } from "../store/useEvaluated";
import { useFigureFit } from "../store/useFigureFit";
import { useActs } from "../store/useInvestigation";
import { linesOf } from "./figureLines";
import type { PointedHands } from "./usePointed";

/** What can be done with the lines of a figure. */
function ofLines({ id, figure }: NumberedFigure, { act }: ReturnType<typeof useActs>): Doings {
  const { line, equation } = figure;
  return [
    lineRoles.map((role) => ({
      label: line[role] ? words.hideLine({ role }) : words.draw({ role }),
      run: () => act(setLine, { figure: id, change: { [role]: !line[role] } }),
    })),
    [
      {
        label: equation ? words.equation.hide : words.equation.show,
        run: () => act(showEquation, { figure: id, shown: !equation }),
      },
      {
        label: words.reach,
        more: [
          lineReach.map((reach) => ({
            label: reachWords[reach],
            run: () =>
              act(setLine, { figure: id, change: { reach: { ...line.reach, best: reach } } }),
          })),
        ],
      },
      {
        label: words.held,
        more: [
          lineValues.held.map((held) => ({
            label: heldWords[held],
            run: () => act(setLine, { figure: id, change: { held } }),
          })),
        ],
      },
    ],
  ];
}

/** The menu of the reading or line that is in hand; undefined while nothing is. @param further leads from a line to all about it. */
export function usePointedMenu(
  hands: PointedHands,
  further: (target: Element) => Doing,
): (target: Element) => AboutThing | undefined {
  const chosen = useFigure();
  const fit = useFigureFit();
  const acts = useActs();
  return (target) => {
    const { line, pointActs } = hands;
    if (line !== undefined && chosen && fit) {
      const name = heardWords.line({ number: line + 1, of: linesOf(fit).length });
      return { name, groups: [...ofLines(chosen, acts), [further(target)]] };
    }
    if (!pointActs) return undefined;
    return {
      name: words.point({ row: pointActs.row }),
      groups: [
        [{ label: words.go, key: "Enter", run: pointActs.go }],
        [{ label: words.aside, reasons: pointActs.aside }],
      ],
    };
  };
}
