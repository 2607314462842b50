import type { UpgradeStep } from "./upgradeStep";

type Stored = Readonly<Record<string, unknown>>;
type Records = Readonly<Record<string, Stored>>;

/** The words in which reasons were kept until version 12. */
const reasons: Readonly<Record<string, string>> = {
  misread: "misread",
  "disturbed while it was taken": "disturbed",
  "the instrument slipped or was not zeroed": "slipped",
  "outside the range that the theory covers": "beyond-theory",
  "checked against the notes: it is as read": "as-noted",
  "the method asks for it": "method",
  "the instrument allows no better": "best-there-is",
};

/** The words in which headings of a lab report were kept until version 12. */
const sections: Readonly<Record<string, string>> = {
  Aim: "aim",
  "Apparatus and method": "method",
  Discussion: "discussion",
  References: "references",
};

function mapped(record: unknown, change: (value: never) => unknown): Record<string, unknown> {
  return Object.fromEntries(
    Object.entries((record ?? {}) as Stored).map(([id, value]) => [id, change(value as never)]),
  );
}

/** Own words stay as typed, also where they are the name of something that every object knows. */
function reasonOf(text: unknown): unknown {
  return typeof text === "string" && Object.hasOwn(reasons, text) ? { usual: reasons[text] } : text;
}

const rowOf = (row: Stored) =>
  row.setAside === undefined ? row : { ...row, setAside: mapped(row.setAside, reasonOf) };

const recordingOf = (recording: Stored) => ({
  ...recording,
  aside: mapped(recording.aside, (one: Stored) => ({ ...one, reason: reasonOf(one.reason) })),
});

function blockOf(block: Stored): Stored {
  const { kind, heading } = block;
  if (kind !== "text" || typeof heading !== "string" || !Object.hasOwn(sections, heading)) return block;
  return { ...block, heading: "", section: sections[heading] };
} // prettier-ignore

/** Version 13 holds no sentences of ours: usual reasons and headings are kept by their names. */
export const reasonsAndSections: UpgradeStep = {
  from: 12,
  upgrade: (document) => {
    const writeUp = document.writeUp as { readonly blocks: Records };
    return {
      ...document,
      rows: mapped(document.rows, rowOf),
      dismissed: mapped(document.dismissed, reasonOf),
      recordings: mapped(document.recordings, recordingOf),
      writeUp: { ...writeUp, blocks: mapped(writeUp.blocks, blockOf) },
    };
  },
};
