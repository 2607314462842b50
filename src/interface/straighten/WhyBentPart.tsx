"use client";

import { useMemo } from "react";
import { isStraight } from "@/core/straighten/board";
import { whyBent } from "@/core/straighten/whyBent";
import { writeSymbol } from "@/core/unit/symbolText";
import { type Straightening, transformSymbol } from "@/pipeline/straighten/straightening";
import { remedyWords, whyBentSentences } from "@/wording/straighten";
import { Button } from "../parts/Button";
import { RunTextView } from "../parts/RunTextView";
import type { PairOnBoard } from "./pairMenu";
import { Remedies } from "./Remedies";
import type { usePlotPair } from "./usePlotPair";

interface Props {
  whole: Straightening;
  pair: PairOnBoard;
  ownX: string;
  ownY: string;
  onSelect: (pair: PairOnBoard) => void;
  plot: ReturnType<typeof usePlotPair>;
}

/** Why the pair in hand is not straight, and the next thing to try; nothing for a pair that is. */
export function WhyBentPart({ whole, pair, ownX, ownY, onSelect, plot }: Props) {
  const { board, suggestions } = whole;
  const why = useMemo(() => whyBent(board, pair), [board, pair]);
  const cell = board.rows.flat().find(({ across, up }) => across.id === pair.x && up.id === pair.y);
  const [first] = suggestions;
  if (first === "two-for-one") {
    return (
      <div className="mt-2" data-testid="why-bent">
        <Remedies suggestion={first} whole={whole} plot={plot} />
      </div>
    );
  }
  if (isStraight(cell?.straightness)) return null;
  if (!why) {
    return first ? (
      <div className="mt-2" data-testid="why-bent">
        <Remedies suggestion={first} whole={whole} plot={plot} />
      </div>
    ) : null;
  }
  const { x, y } = why.straight;
  const named = (
    <>
      <RunTextView runs={writeSymbol(transformSymbol(y, whole.y.quantity.symbol || "y", ownY))} />{" "}
      {remedyWords.against}{" "}
      <RunTextView runs={writeSymbol(transformSymbol(x, whole.x.quantity.symbol || "x", ownX))} />
    </>
  );
  return (
    <div className="mt-2" data-testid="why-bent">
      <p>
        {named} {whyBentSentences[why.kind]}
      </p>
      <div className="mt-1.5">
        <Button onClick={() => onSelect(why.straight)}>
          <span>
            {remedyWords.look} {named}
          </span>
        </Button>
      </div>
    </div>
  );
}
