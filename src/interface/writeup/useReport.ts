"use client";

import { useDeferredValue, useMemo } from "react";
import { useInvestigation } from "../store/useInvestigation";
import { useFittedCurves } from "../store/useResults";
import { type InHand, reportInHand } from "./reportInHand";

/** The report as it is now, with what can be set into its text; a moment behind the keys. */
export function useReport(): InHand {
  const document = useDeferredValue(useInvestigation((state) => state.document));
  const curves = useDeferredValue(useFittedCurves());
  return useMemo(() => reportInHand(document, curves), [document, curves]);
}
