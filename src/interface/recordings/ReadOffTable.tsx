"use client";

import { forgetReadOff } from "@/investigation/acts/forgetReadOff";
import { inOrder } from "@/investigation/model/order";
import type { ReadOffEntry, RecordingDescription } from "@/investigation/model/recording";
import { cellPlace } from "@/investigation/model/row";
import { nameOfReadOff, placeOfReadOff } from "@/wording/readOffs";
import { readingOffWords } from "@/wording/recordings";
import { RunTextView } from "../parts/RunTextView";
import { RowMenu } from "../parts/RowMenu";
import { useHouseRules } from "../store/useEvaluated";
import { useActs, useInvestigation } from "../store/useInvestigation";
import { CameView } from "./CameView";
import { useDesk, useRecordingInHand } from "./RecordingsProvider";
import { bring } from "./takingOff";
import { momentText } from "@/wording/recordedNumbers";

const words = readingOffWords.table;

interface EntryProps {
  id: string;
  entry: ReadOffEntry;
  how: RecordingDescription;
  onReading: (table: string, row: string, quantity: string) => void;
}

function Entry({ id, entry, how, onReading }: EntryProps) {
  const desk = useDesk();
  const rules = useHouseRules();
  const document = useInvestigation((state) => state.document);
  const readOnly = useInvestigation((state) => state.readOnly);
  const { act } = useActs();
  const name = nameOfReadOff(entry, how, rules);
  const place = placeOfReadOff(document, entry);
  const span = entry.to - entry.from;
  const acts = [
    { label: words.takeInHand, run: () => desk.takeInHand(entry) },
    ...(readOnly
      ? []
      : [
          { label: words.bring, run: () => bring(desk, id) },
          { label: words.forget, run: () => act(forgetReadOff, { id }) },
        ]),
  ];
  return (
    <tr className="border-hairline border-b">
      <td className="py-1.5 pr-3 pl-2.5">{name}</td>
      <td className="px-3 text-right">{momentText(entry.from, span, rules)}</td>
      <td className="px-3 text-right">{momentText(entry.to, span, rules)}</td>
      <td className="bg-wash px-3 text-right">
        {entry.value === null ? (
          <span className="text-soft">{words.missing}</span>
        ) : (
          <CameView {...entry} />
        )}
      </td>
      <td className="px-3">
        {place ? (
          <button
            type="button"
            className="text-petrol text-left hover:underline"
            onClick={() =>
              onReading(place.quantity.table, place.goesTo.row, cellPlace(place.goesTo.cell).quantity)
            }
          >
            <RunTextView runs={place.text} />
          </button>
        ) : (
          <span className="text-soft">{words.nowhere}</span>
        )}
      </td>
      <td className="w-8">
        <RowMenu small label={words.more({ what: name })} acts={acts} />
      </td>
    </tr>
  );
} // prettier-ignore

/** What was read off the recording in hand, each with where it went. */
export function ReadOffTable({ onReading }: Pick<EntryProps, "onReading">) {
  const recording = useRecordingInHand();
  const readOffs = useInvestigation(({ document }) => document.readOffs);
  if (!recording) return null;
  const entries = inOrder(readOffs).filter(([, entry]) => entry.recording === recording.id);
  return (
    <section className="mt-4">
      <h2 className="mb-1 font-serif text-[16px] font-semibold">{words.title}</h2>
      {entries.length === 0 ? (
        <p className="text-soft">{words.none}</p>
      ) : (
        <div className="overflow-x-auto">
          <table className="w-full min-w-[560px]">
            <thead>
              <tr className="border-ink border-b-[1.5px] text-left">
                <th className="py-1.5 pr-3 pl-2.5">{words.what}</th>
                <th className="px-3 text-right">{words.from}</th>
                <th className="px-3 text-right">{words.to}</th>
                <th className="px-3 text-right">{words.value}</th>
                <th className="px-3">{words.goesTo}</th>
                <th>
                  <span className="sr-only">{words.actions}</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {entries.map(([id, entry]) => (
                <Entry key={id} id={id} entry={entry} how={recording.how} onReading={onReading} />
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}
