"use client";

import { HandedLine, HandedToTeacher } from "../handing/HandedLine";
import type { HandingChanges } from "../handing/handingChanges";
import { useInvestigation } from "../store/useInvestigation";
import { ReadingLine } from "./ReadingLine";
import type { Opened } from "./useOpenInvestigation";

interface Props {
  investigationId: string;
  opened: Opened | undefined;
  takeCopy: (id: string) => Promise<void>;
  handing: HandingChanges;
}

/** What is said of a sheet that is not simply one's own to change: it is read, it is handed in, or it came back. */
export function BenchLine({ investigationId, opened, takeCopy, handing: changes }: Props) {
  const handing = useInvestigation(({ terms }) => terms?.handing);
  const mayEdit = useInvestigation((state) => state.mayEdit);
  if (mayEdit) {
    if (!handing) return null;
    return <HandedLine investigationId={investigationId} handing={handing} changes={changes} />;
  }
  return (
    <ReadingLine investigationId={investigationId} bench={opened?.bench} takeCopy={takeCopy}>
      {handing && (
        <HandedToTeacher investigationId={investigationId} handing={handing} changes={changes} />
      )}
    </ReadingLine>
  );
}
