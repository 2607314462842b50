"use client";

import { changeInWords } from "@/wording/changes";
import { sayings } from "@/wording/sayings";
import type { Unsent } from "../store/leaving";

const words = sayings.signOut;

/** What of an investigation is not with the server yet, change by change. */
export function UnsentChanges({ document, edits }: Pick<Unsent, "document" | "edits">) {
  const named = document
    ? changeInWords(
        document,
        edits.flatMap(({ patches }) => patches),
      )
    : [words.unnamed(edits.length)];
  return (
    <section className="mt-3">
      <h3 className="font-semibold">{words.of(document?.title ?? "")}</h3>
      <ul className="list-disc pl-5">
        {named.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </ul>
    </section>
  );
}
