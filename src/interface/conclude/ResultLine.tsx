"use client";

import { concludeTexts } from "@/wording/concludeTexts";
import { useContext } from "react";
import { writeSymbol } from "@/core/unit/symbolText";
import { RunTextView } from "../parts/RunTextView";
import { useResults } from "../store/useResults";
import { AddResult } from "./AddResult";
import { ResultInHandContext, useResultInHand } from "./useConclude";

/** The results of the investigation by symbol, and the way to a further one. */
export function ResultLine() {
  const all = useResults();
  const inHand = useResultInHand();
  const { choose } = useContext(ResultInHandContext);
  return (
    <div
      role="group"
      aria-label={concludeTexts.results}
      className="mb-2 flex flex-wrap items-center gap-1"
    >
      {all.length > 1 &&
        all.map(({ id, result }) => (
          <button
            key={id}
            type="button"
            aria-pressed={id === inHand?.id}
            title={result.name}
            onClick={() => choose(id)}
            className={`border-b-2 px-2 py-1 font-semibold ${id === inHand?.id ? "border-brass" : "text-soft hover:text-ink border-transparent"}`}
          >
            {result.symbol ? (
              <RunTextView runs={writeSymbol(result.symbol)} />
            ) : (
              result.name || "unnamed"
            )}
          </button>
        ))}
      <AddResult />
    </div>
  );
}
