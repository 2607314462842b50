"use client";

import { StageLayout } from "../parts/StageLayout";
import { DeriveMargin } from "./DeriveMargin";
import { DerivePage } from "./DerivePage";
import { InHandContext, useInHandState } from "./useDerived";

/** Derive: formulas and a worked example on the page; shares and ways of adding up in the margin. */
export function DeriveRoom() {
  return (
    <InHandContext value={useInHandState()}>
      <StageLayout page={<DerivePage />} margin={<DeriveMargin />} />
    </InHandContext>
  );
}
