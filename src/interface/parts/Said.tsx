import { Fragment, type ReactElement } from "react";
import { inPieces } from "@/wording/language/runs";

interface Props<Name extends string> {
  /** What stands in the sentence, by its name in the message. */
  parts: Readonly<Record<Name, ReactElement>>;
  /** Says the sentence with a mark for each part. */
  say: (marks: Readonly<Record<Name, string>>) => string;
}

/** A sentence in which typeset names, numbers and the like stand, wherever the language puts them. */
export function Said<Name extends string>({ parts, say }: Props<Name>) {
  return inPieces(parts, say).map((piece, index) => <Fragment key={index}>{piece}</Fragment>);
}
