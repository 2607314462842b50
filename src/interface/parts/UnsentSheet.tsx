"use client";

import { changeInWords } from "@/wording/changes";
import { sayings } from "@/wording/sayings";
import type { Investigation } from "@/investigation/model/investigation";
import type { Unsent } from "../store/leaving";
import { Button } from "./Button";
import { Sheet } from "./Sheet";

const words = sayings.signOut;

/** What of an investigation is not with the server yet, change by change. */
function UnsentChanges({ document, edits }: Pick<Unsent, "document" | "edits">) {
  const named = document
    ? changeInWords(
        document,
        edits.flatMap(({ patches }) => patches),
      )
    : [words.unnamed({ count: edits.length })];
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

interface Props {
  open: boolean;
  unsent: readonly Unsent[];
  /** The document that is open here, of which the device may hold no copy yet. */
  here?: (() => Investigation) | undefined;
  leaving: boolean;
  onLeave: () => void;
  onStay: () => void;
}

/** What is not with the server yet, before somebody signs out. */
export function UnsentSheet({ open, unsent, here, leaving, onLeave, onStay }: Props) {
  return (
    <Sheet
      open={open}
      title={words.title}
      onClose={onStay}
      foot={
        <>
          <Button disabled={leaving} onClick={onLeave}>
            {words.leave}
          </Button>
          <Button look="main" onClick={onStay}>
            {words.stay}
          </Button>
        </>
      }
    >
      <p>{words.text}</p>
      {unsent.map((one) => (
        <UnsentChanges
          key={one.investigationId}
          edits={one.edits}
          document={one.document ?? here?.()}
        />
      ))}
    </Sheet>
  );
}
