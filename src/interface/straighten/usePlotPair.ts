"use client";

import { nanoid } from "nanoid";
import { usePathname } from "next/navigation";
import { useContext } from "react";
import type { Expression } from "@/core/expression/tree";
import { printFormula } from "@/core/expression/print";
import type { TransformId } from "@/core/straighten/transforms";
import { type PairSide, plotPair } from "@/investigation/acts/plotPair";
import { limits } from "@/investigation/model/limits";
import {
  formulaSymbol,
  quantityWith,
  type Straightening,
  transformFormula,
  transformSymbol,
} from "@/pipeline/straighten/straightening";
import type { EvaluatedQuantity, EvaluatedTable } from "@/pipeline/table/table";
import { transformedName } from "@/wording/straighten";
import { freeSymbol } from "@/intake/freeSymbol";
import { goToStage } from "../parts/stagePath";
import { partsOf, rememberPlaces } from "../parts/slidingPoints";
import { FigureInHandContext } from "../store/figureInHand";
import { useFigure } from "../store/useEvaluated";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { useTakenSymbols } from "../store/useSymbols";

function useToPlot(): () => void {
  const investigation = usePathname().split("/")[2] ?? "";
  return () => goToStage(investigation, "plot");
}

/** Sets a pair on the axes of the figure in hand, with what has to be worked out first, and goes to Plot. */
export function usePlotPair() {
  const { act } = useActs();
  const figure = useFigure();
  const { choose } = useContext(FigureInHandContext);
  const taken = useTakenSymbols();
  const count = useInvestigation((state) => Object.keys(state.document.quantities).length);
  const toPlot = useToPlot();

  const side = (table: EvaluatedTable, formula: string, symbol: string, name: string): PairSide => {
    const there = quantityWith(table, formula);
    if (there) return { quantity: there.id };
    return { id: nanoid(10), name, symbol: freeSymbol(symbol, taken), formula };
  };
  const plot = (table: EvaluatedTable, x: PairSide, y: PairSide) => {
    const id = figure?.id ?? nanoid(10);
    act(plotPair, { figure: id, table: table.id, x, y });
    choose(id);
    toPlot();
  };
  return {
    /** There is no room for two further quantities. */
    full: count + 2 > limits.quantities,

    transforms(whole: Straightening, x: TransformId, y: TransformId, ownX: string, ownY: string) {
      const of = ({ quantity }: EvaluatedQuantity, id: TransformId, own: string) => {
        const formula = transformFormula(id, quantity.symbol, own);
        const symbol = transformSymbol(id, quantity.symbol, own);
        return side(whole.table, formula, symbol, transformedName(id, quantity.name));
      };
      const [across, up] = [whole.board.across, whole.board.up].map((all) =>
        all.find(({ id }) => id === "1"),
      );
      if (figure && across && up) {
        rememberPlaces(figure.id, "as read", partsOf(across.values, up.values));
      }
      plot(whole.table, of(whole.x, x, ownX), of(whole.y, y, ownY));
    },

    formulas(table: EvaluatedTable, horizontal: Expression, vertical: Expression) {
      const of = (expression: Expression) => {
        const formula = printFormula(expression);
        return side(table, formula, formulaSymbol(formula), "");
      };
      plot(table, of(horizontal), of(vertical));
    },

    /** The same with formulas as typed. */
    typed(table: EvaluatedTable, across: string, up: string) {
      const of = (formula: string) => side(table, formula, formulaSymbol(formula), "");
      plot(table, of(across), of(up));
    },

    toPlot,
  };
}
