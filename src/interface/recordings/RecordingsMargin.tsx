"use client";

import { ForWriters } from "../store/ForWriters";
import { InstrumentPanel } from "./InstrumentPanel";
import { LayOverPanel } from "./LayOverPanel";
import { ReadOffPanel } from "./ReadOffPanel";
import { StretchPanel } from "./StretchPanel";
import { useDeskState } from "./RecordingsProvider";
import { AsidePanel, TrimPanel } from "./TrimPanel";

/** The margin of the page of recordings. */
export function RecordingsMargin() {
  const running = useDeskState((state) => state.running !== undefined);
  return (
    <>
      <ForWriters>
        <InstrumentPanel />
      </ForWriters>
      {!running && (
        <>
          <StretchPanel />
          <ReadOffPanel />
          <TrimPanel />
          <AsidePanel />
          <LayOverPanel />
        </>
      )}
    </>
  );
}
