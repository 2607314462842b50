"use client";

import { partsTexts } from "@/wording/partsTexts";
import { fileName } from "@/output/saveFile";
import { printedRemarks } from "@/output/school/printedRemarks";
import { remarkWords } from "@/wording/remarks";
import { untitled } from "@/wording/untitled";
import { Button } from "../parts/Button";
import { madeAway } from "../parts/ownDataDoor";
import { TakingLine } from "../parts/TakingLine";
import { useLive } from "../parts/useLive";
import { type Hand, useTaking } from "../parts/useTaking";
import { useInvestigation } from "../store/useInvestigation";
import { useRemarks } from "./RemarksProvider";

/** The report as a PDF with the remarks in its margin. */
export function TakeRemarked() {
  const { state } = useRemarks();
  const document = useInvestigation((found) => found.document);
  const criteria = useInvestigation(({ terms }) => terms?.criteria);
  const taking = useTaking();
  const live = useLive();
  const file = {
    kind: partsTexts.pdf,
    name: fileName(remarkWords.printName({ title: document.title || untitled() }), "pdf"),
    make: (hand: Hand) => {
      const remarks = printedRemarks(document, state, criteria ?? {});
      return madeAway((door) => door.remarked(document, remarks), hand, "application/pdf");
    },
  };
  return (
    <div className="mt-3">
      <Button disabled={!live} onClick={() => void taking.take(file)}>
        {remarkWords.print}
      </Button>
      <TakingLine {...taking} />
    </div>
  );
}
