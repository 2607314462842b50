"use client";

import { fixParts } from "@/investigation/acts/fixParts";
import { setBrief } from "@/investigation/acts/setBrief";
import type { Brief } from "@/investigation/model/brief";
import type { FixablePart } from "@/investigation/model/fixedParts";
import { isFixed } from "@/investigation/model/fixedParts";
import { limits } from "@/investigation/model/limits";
import { briefWords } from "@/wording/briefs";
import { Sheet } from "../parts/Sheet";
import { TextArea } from "../parts/TextArea";
import { Tick } from "../parts/Tick";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { AskedParts } from "./AskedParts";
import { AcceptedChoice } from "./BriefMargin";
import { Criteria } from "./Criteria";

const words = briefWords.sheet;
const rules: FixablePart = { kind: "house-rules", of: "" };

interface Props {
  brief: Brief;
  open: boolean;
  onClose: () => void;
}

/** What a brief says as a whole, beside its words for each stage. */
export function BriefSheet({ brief, open, onClose }: Props) {
  const { act } = useActs();
  const document = useInvestigation((state) => state.document);
  return (
    <Sheet open={open} onClose={onClose} title={words.title}>
      <div className="space-y-5">
        <TextArea
          label={words.introduction}
          placeholder={words.introductionHint}
          value={brief.introduction}
          rows={4}
          maxLength={limits.lettersOfWord}
          onChange={(introduction) =>
            act(setBrief, { change: { introduction } }, "brief/introduction")
          }
        />
        <AskedParts brief={brief} />
        <div className="max-w-72">
          <AcceptedChoice brief={brief} />
        </div>
        <div className="space-y-1.5">
          <Tick
            label={words.rulesGiven}
            checked={isFixed(document, rules)}
            onChange={(fixed) => act(fixParts, { parts: [rules], fixed })}
          />
          <Tick
            label={words.insists}
            checked={brief.insists}
            onChange={(insists) => act(setBrief, { change: { insists } })}
          />
          <Tick
            label={words.copies}
            checked={brief.copies}
            onChange={(copies) => act(setBrief, { change: { copies } })}
          />
        </div>
        <Criteria brief={brief} />
      </div>
    </Sheet>
  );
}
