"use client";

import { ForWriters } from "../store/ForWriters";
import { useInvestigation } from "../store/useInvestigation";
import { InstrumentPanel } from "./InstrumentPanel";
import { LayOverPanel } from "./LayOverPanel";
import { ReadOffPanel } from "./ReadOffPanel";
import { SerialPanel } from "./SerialPanel";
import { StretchPanel } from "./StretchPanel";
import { useDeskState } from "./RecordingsProvider";
import { TablePanel } from "./TablePanel";
import { AsidePanel, TrimPanel } from "./TrimPanel";

/** The margin of the page of recordings. */
export function RecordingsMargin({ onTable }: { onTable: (table: string) => void }) {
  const running = useDeskState((state) => state.running !== undefined);
  const none = useInvestigation(({ document }) => Object.keys(document.recordings).length === 0);
  return (
    <>
      <ForWriters>
        <InstrumentPanel />
        {none && <SerialPanel />}
      </ForWriters>
      {!running && (
        <>
          <StretchPanel />
          <ReadOffPanel />
          <TrimPanel />
          <AsidePanel />
          <LayOverPanel />
          <TablePanel onTable={onTable} />
          <ForWriters>{!none && <SerialPanel />}</ForWriters>
        </>
      )}
    </>
  );
}
