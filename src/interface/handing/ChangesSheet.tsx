"use client";

import { useEffect, useMemo, useState } from "react";
import type { RunText } from "@/core/unit/runText";
import type { Investigation } from "@/investigation/model/investigation";
import {
  type BeforeAndAfter,
  type ChangedReading,
  changesBetween,
  type SheetChanges,
} from "@/overview/changesBetween";
import { placeWords, remarkWords } from "@/wording/remarks";
import { untitled } from "@/wording/untitled";
import { RunTextView } from "../parts/RunTextView";
import { Sheet } from "../parts/Sheet";
import { momentAt } from "../store/server";
import { useInvestigation } from "../store/useInvestigation";

const words = remarkWords.changes;
const mostShown = 60;

function readingWords(document: Investigation, { place, before, after }: ChangedReading): RunText {
  const where = placeWords(document, { stage: "measure", place, quote: "" });
  const went = after === "" ? words.removed({ before }) : words.mended({ before, after });
  return [...where, { text: before === "" ? words.added({ after }) : went }];
}

function Statement({ title, of: { before, after } }: { title: string; of: BeforeAndAfter }) {
  const said =
    before === after
      ? words.same({ value: after ?? words.none })
      : words.was({ before: before ?? words.none, after: after ?? words.none });
  return (
    <p className="mt-1">
      <strong className="font-semibold">{title}</strong> {said}
    </p>
  );
}

function Readings({ document, before, readings }: { document: Investigation; before: Investigation; readings: readonly ChangedReading[] }) {
  if (readings.length === 0) return <p className="text-soft">{words.noReadings}</p>;
  const more = readings.length - mostShown;
  return (
    <ul>
      {readings.slice(0, mostShown).map((one) => (
        <li key={one.place}>
          <RunTextView runs={readingWords(one.after === "" ? before : document, one)} />
        </li>
      ))}
      {more > 0 && <li className="text-soft">{words.more({ count: more })}</li>}
    </ul>
  );
} // prettier-ignore

const partLooks = {
  same: "",
  new: "bg-moss/15 text-moss",
  gone: "text-soft line-through",
} as const;

function Texts({ texts }: Pick<SheetChanges, "texts">) {
  if (texts.length === 0) return <p className="text-soft">{words.noTexts}</p>;
  return texts.map(({ block, heading, parts }) => (
    <section key={block} className="mt-2">
      <h4 className="font-semibold">{heading || untitled()}</h4>
      <p className="max-w-prose whitespace-pre-line">
        {parts.map(({ kind, text }, i) => {
          const Part = kind === "new" ? "ins" : kind === "gone" ? "del" : "span";
          return <Part key={i} className={`no-underline ${partLooks[kind]}`}>{text}</Part>;
        })}
      </p>
    </section>
  ));
} // prettier-ignore

function Changes({ before }: { before: Investigation }) {
  const document = useInvestigation((state) => state.document);
  const changes = useMemo(() => changesBetween(before, document), [before, document]);
  return (
    <>
      <Statement title={words.slope} of={changes.slope} />
      <Statement title={words.result} of={changes.result} />
      <h3 className="mt-3 font-serif text-base font-semibold">{words.readings}</h3>
      <Readings document={document} before={before} readings={changes.readings} />
      <h3 className="mt-3 font-serif text-base font-semibold">{words.texts}</h3>
      <Texts texts={changes.texts} />
    </>
  );
}

interface Props {
  investigationId: string;
  /** The state that was handed in before, and which time that was. */
  revision: number;
  number: number;
  open: boolean;
  onClose: () => void;
}

/** What a bench changed since it handed in last. */
export function ChangesSheet({ investigationId, revision, number, open, onClose }: Props) {
  const [before, setBefore] = useState<Investigation | "away">();
  useEffect(() => {
    if (!open) return;
    let wanted = true;
    void momentAt(investigationId, revision)
      .then((moment) => wanted && setBefore(moment?.document ?? "away"))
      .catch(() => wanted && setBefore("away"));
    return () => {
      wanted = false;
    };
  }, [open, investigationId, revision]);
  return (
    <Sheet open={open} onClose={onClose} title={words.title({ number })}>
      {before === undefined && <p role="status">{words.loading}</p>}
      {before === "away" && <p role="alert">{words.away}</p>}
      {before !== undefined && before !== "away" && <Changes before={before} />}
    </Sheet>
  );
}
