"use client";

import type { ComponentProps } from "react";
import { laterPart } from "../later/laterPart";
import { useInvestigation } from "../store/useInvestigation";

const Line = laterPart(() => import("./BriefLine").then((part) => part.BriefLine));
const Margin = laterPart(() => import("./BriefMargin").then((part) => part.BriefMargin));
const Terms = laterPart(() => import("./TermsMargin").then((part) => part.TermsMargin));

const useIsBrief = () => useInvestigation((state) => state.document.brief !== null);

/** Says that a brief is being made, where one is. */
export function BriefLine() {
  return useIsBrief() && <Line />;
}

/** The top of a stage's margin where a brief is made. */
export function BriefMargin(props: ComponentProps<typeof Margin>) {
  return useIsBrief() && <Margin {...props} />;
}

/** The top of a stage's margin at a bench that works by a brief. */
export function TermsMargin(props: ComponentProps<typeof Terms>) {
  return useInvestigation((state) => state.terms !== undefined) && <Terms {...props} />;
}
