"use client";

import { useMemo, useState } from "react";
import { StageLayout } from "../parts/StageLayout";
import { ConcludeMargin } from "./ConcludeMargin";
import { ConcludePage } from "./ConcludePage";
import { ResultInHandContext } from "./useConclude";

/** Conclude: from slope, intercept or curve to the wanted constant, and beside an accepted value. */
export function ConcludeRoom() {
  const [id, choose] = useState<string>();
  const inHand = useMemo(() => ({ id, choose }), [id]);
  return (
    <ResultInHandContext value={inHand}>
      <StageLayout page={<ConcludePage />} margin={<ConcludeMargin />} />
    </ResultInHandContext>
  );
}
