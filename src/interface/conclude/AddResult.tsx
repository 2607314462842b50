"use client";

import { Said } from "../parts/Said";
import { concludeTexts } from "@/wording/concludeTexts";
import { nanoid } from "nanoid";
import { useContext, useDeferredValue, useMemo } from "react";
import { writeSymbol } from "@/core/unit/symbolText";
import { addResult } from "@/investigation/acts/addResult";
import { limits } from "@/investigation/model/limits";
import { plainSource, type Result } from "@/investigation/model/result";
import { firstSeries } from "@/pipeline/results/lineSource";
import { type Proposal, proposalsOf } from "@/pipeline/results/proposals";
import { Button } from "../parts/Button";
import { RunTextView } from "../parts/RunTextView";
import { useFigures, useHouseRules } from "../store/useEvaluated";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { useResultContext } from "../store/useResults";
import { ResultInHandContext } from "./useConclude";

/** Adds a result and takes it in hand. */
function useAdd() {
  const { act } = useActs();
  const { choose } = useContext(ResultInHandContext);
  const [first] = useFigures();
  const context = useDeferredValue(useResultContext());
  return (told?: Partial<Omit<Result, "order">>) => {
    const id = nanoid(10);
    const figure = first?.id ?? null;
    const source = { ...plainSource, of: figure, series: firstSeries(figure, context) };
    act(addResult, { id, figure, with: { source, ...told } });
    choose(id);
  };
}

/** What the theory says could be found, each with the button that finds it. */
function Proposals({ main }: { main: boolean }) {
  const context = useDeferredValue(useResultContext());
  const proposals = useMemo(() => proposalsOf(context), [context]);
  const figures = useFigures();
  const { slopeWord } = useHouseRules();
  const add = useAdd();
  const take = ({ symbol, figure, series, about }: Proposal) =>
    add({ symbol, by: "theory", source: { ...plainSource, kind: about, of: figure, series } });
  return proposals.map((one, index) => (
    <Button
      key={one.symbol}
      look={main && index === 0 ? "main" : "plain"}
      onClick={() => take(one)}
    >
      <span>
        <Said
          parts={{ symbol: <RunTextView runs={writeSymbol(one.symbol)} /> }}
          say={(marks) =>
            concludeTexts.findFrom({
              ...marks,
              about: one.about === "slope" ? slopeWord : one.about,
              figure: figures.find(({ id }) => id === one.figure)?.number ?? "",
            })
          }
        />
      </span>
    </Button>
  ));
}

/** The ways to a further result, or to the first one. */
export function AddResult({ main = false }: { main?: boolean }) {
  const count = useInvestigation((state) => Object.keys(state.document.results).length);
  const add = useAdd();
  if (count >= limits.results) return null;
  return (
    <>
      <Proposals main={main} />
      <Button look={main ? "plain" : "quiet"} onClick={() => add()}>
        {main ? concludeTexts.takeASlopeAsIt : concludeTexts.addAResult}
      </Button>
    </>
  );
}
