import type { RemarkChange, SheetRemarks } from "@/protocol/remarks";
import { afterChange } from "./remarksState";

const by = { name: "Greta", at: "2026-11-28T10:00:00.000Z" };
const put = {
  kind: "put",
  id: "one",
  text: "Eleven swings?",
  stage: "measure",
  place: "cell:row2/time~3",
  quote: "",
} as const;

/** The remarks after changes, one after the other. */
const after = (...changes: readonly RemarkChange[]): SheetRemarks =>
  changes.reduce<SheetRemarks>((state, change) => afterChange(state, change, by), { remarks: [] });

test("a remark is there at once, by whoever put it, and not seen by the bench yet", () => {
  expect(after(put).remarks).toEqual([
    {
      id: "one",
      text: "Eleven swings?",
      stage: "measure",
      place: "cell:row2/time~3",
      quote: "",
      by: "Greta",
      madeAt: by.at,
      shown: false,
      done: false,
      answers: [],
    },
  ]);
});

test("a remark on a figure keeps where it is", () => {
  const at = { across: 0.25, down: 0.5 };
  expect(after({ ...put, place: "figure:main", at }).remarks[0]).toMatchObject({ at });
});

test("it is reworded, answered, marked as done, not any more, and taken away", () => {
  const reword = { kind: "reword", id: "one", text: "Ten?" } as const;
  const answer = { kind: "answer", id: "a", remark: "one", text: "Yes." } as const;
  const done = { kind: "done", id: "one", done: true } as const;
  expect(after(put, reword, answer, done).remarks[0]).toMatchObject({
    text: "Ten?",
    done: true,
    answers: [{ id: "a", text: "Yes.", by: "Greta" }],
  });
  expect(after(put, done, { ...done, done: false }).remarks[0]?.done).toBe(false);
  expect(after(put, { kind: "remove", id: "one" }).remarks).toEqual([]);
  expect(after(put, { kind: "remove", id: "another" }).remarks).toHaveLength(1);
});

test("points are given, given anew and taken back; the last word stands beside them", () => {
  const care = (points: number | null) =>
    ({ kind: "give-points", criterion: "care", points }) as const;
  const word = { kind: "last-word", text: "Go on." } as const;
  expect(after(care(2), word, care(3)).judged).toEqual({ points: { care: 3 }, lastWord: "Go on." });
  expect(after(care(2), care(null)).judged).toEqual({ points: {}, lastWord: "" });
});

test("phrases: the one kept last is first, none twice", () => {
  const keep = (text: string) => ({ kind: "keep-phrase", text }) as const;
  expect(after(keep("a"), keep("b"), keep("a")).phrases).toEqual(["a", "b"]);
  expect(after(keep("a"), keep("b"), { kind: "forget-phrase", text: "b" }).phrases).toEqual(["a"]);
});
