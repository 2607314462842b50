"use client";

import { slopeTexts } from "@/wording/slopeTexts";
import { setLine } from "@/investigation/acts/setLine";
import { showEquation } from "@/investigation/acts/showEquation";
import type { LineChoice, LineRole } from "@/investigation/model/figure";
import { reachWords } from "@/wording/lines";
import { Choice } from "../parts/Choice";
import { Tick } from "../parts/Tick";
import { useFigure } from "../store/useEvaluated";
import { useActs } from "../store/useInvestigation";

const reaches = (["paper", "data"] as const).map((value) => ({ value, label: reachWords[value] }));

/** For each line whether it is drawn, how far, and with its equation or not. */
export function DrawnLines() {
  const chosen = useFigure();
  const { act } = useActs();
  if (!chosen) return null;
  const { id, figure } = chosen;
  const change = (part: Partial<LineChoice>) => act(setLine, { figure: id, change: part });
  const labelled = (role: LineRole) =>
    role === "best" ? figure.equation : figure.line.labelled[role];
  const label = (role: LineRole, on: boolean) =>
    role === "best"
      ? act(showEquation, { figure: id, shown: on })
      : change({ labelled: { ...figure.line.labelled, [role]: on } });
  return (
    <div className="flex flex-col gap-3">
      {(["best", "steepest", "shallowest"] as const).map((role) => (
        <div
          key={role}
          role="group"
          aria-label={slopeTexts.theRoleLine({ role })}
          className="flex flex-col gap-1"
        >
          <Tick
            label={<span className="font-semibold">{slopeTexts.roles[role]}</span>}
            checked={figure.line[role]}
            onChange={(on) => change({ [role]: on })}
          />
          <div className="grid grid-cols-2 items-end gap-3 pl-6">
            <Choice
              label={slopeTexts.howFarRole({ role })}
              value={figure.line.reach[role]}
              options={reaches}
              onChange={(reach) => change({ reach: { ...figure.line.reach, [role]: reach } })}
            />
            <Tick
              label={slopeTexts.itsEquation}
              checked={labelled(role)}
              onChange={(on) => label(role, on)}
            />
          </div>
        </div>
      ))}
    </div>
  );
}
