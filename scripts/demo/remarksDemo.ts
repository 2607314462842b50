/** What the demo's teacher remarked on sheets that were handed in. */
import { nanoid } from "nanoid";
import type { Criterion } from "@/investigation/model/brief";
import type { RemarkChange } from "@/protocol/remarks";
import { changeRemarks } from "@/server/remarks/changeRemarks";

/** What the demo's brief looks at. */
export const criteria: Readonly<Record<string, Criterion>> = {
  readings: { order: "a0", text: "At least six overhangs, ten swings each", points: 4 },
  uncertainty: { order: "a1", text: "Each ± has a reason", points: 4 },
  figure: { order: "a2", text: "Axes, bars, lines", points: 4 },
  discussion: { order: "a3", text: "What limits the result, and what would mend it", points: 8 },
};

const phrases = [
  "Say where this ± comes from.",
  "Which part of the ± is the largest? Say how you would make it smaller.",
  "As many figures as the ± allows, no more.",
];

const put = (
  stage: "measure" | "plot" | "writeup",
  place: string,
  text: string,
  more: object = {},
) => ({ kind: "put", id: nanoid(12), stage, place, quote: "", text, ...more }) as const;

/** The remarks of one sheet; @param discussion the block in which its readings are discussed. */
function remarks(discussion: string | undefined): readonly RemarkChange[] {
  return [
    put("measure", "cell:row2/time~3", "This one is far from the other two. Did you count eleven swings?"),
    put("measure", "constant:thickness", "At how many places did you measure it?"),
    put("plot", "figure:main", "Short overhangs crowd here: two more long ones would help.", {
      at: { across: 0.22, down: 0.72 },
    }),
    ...(discussion === undefined
      ? []
      : [put("writeup", `block:${discussion}`, "Which part of the ± is the largest? Say how you would make it smaller.")]),
    { kind: "give-points", criterion: "readings", points: 4 },
    { kind: "give-points", criterion: "uncertainty", points: 2 },
    { kind: "give-points", criterion: "figure", points: 4 },
    { kind: "last-word", text: "Careful readings. Write the discussion, then hand it in again." },
  ];
} // prettier-ignore

/** Remarks on a sheet, as a teacher would. */
export async function remarkOn(
  sheet: string,
  teacher: string,
  discussion: string | undefined,
): Promise<void> {
  for (const text of phrases) await changeRemarks(sheet, teacher, { kind: "keep-phrase", text });
  for (const one of remarks(discussion)) await changeRemarks(sheet, teacher, one);
}
