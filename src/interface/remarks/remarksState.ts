import type { Remark, RemarkChange, SheetRemarks } from "@/protocol/remarks";

interface By {
  readonly name: string;
  readonly at: string;
}

const mapped = (
  { remarks, ...others }: SheetRemarks,
  id: string,
  change: (remark: Remark) => Remark,
): SheetRemarks => ({
  ...others,
  remarks: remarks.map((one) => (one.id === id ? change(one) : one)),
});

/** The remarks as they will be once a change is kept: what the page shows at once. */
export function afterChange(state: SheetRemarks, change: RemarkChange, by: By): SheetRemarks {
  const { remarks, phrases = [], judged = { points: {}, lastWord: "" } } = state;
  switch (change.kind) {
    case "put": {
      const { id, text, stage, place, quote, at } = change;
      const put = { id, text, stage, place, quote, ...(at && { at }) };
      const made = { by: by.name, madeAt: by.at, shown: false, done: false, answers: [] };
      return { ...state, remarks: [...remarks, { ...put, ...made }] };
    }
    case "reword":
      return mapped(state, change.id, (one) => ({ ...one, text: change.text }));
    case "remove":
      return { ...state, remarks: remarks.filter(({ id }) => id !== change.id) };
    case "keep-phrase":
      return { ...state, phrases: [change.text, ...phrases.filter((one) => one !== change.text)] };
    case "forget-phrase":
      return { ...state, phrases: phrases.filter((one) => one !== change.text) };
    case "give-points": {
      const others = Object.entries(judged.points).filter(([id]) => id !== change.criterion);
      const { points: given } = change;
      const points = given === null ? others : [...others, [change.criterion, given] as const];
      return { ...state, judged: { ...judged, points: Object.fromEntries(points) } };
    }
    case "last-word":
      return { ...state, judged: { ...judged, lastWord: change.text } };
    case "answer": {
      const { id, text } = change;
      const answer = { id, text, by: by.name, at: by.at };
      return mapped(state, change.remark, (one) => ({ ...one, answers: [...one.answers, answer] }));
    }
    case "done":
      return mapped(state, change.id, (one) => ({ ...one, done: change.done }));
  }
}
