import { samples } from "@/investigation/samples/samples";
import type { RichText } from "@/investigation/model/richText";
import { fromEditor, toEditor } from "./editorText";

const text: RichText = [
  { kind: "paragraph", inlines: [{ kind: "text", text: "The stiffness " }, { kind: "text", text: "E", marks: ["italic"] }] }, // prettier-ignore
  { kind: "bullet", inlines: [{ kind: "value", of: "result:stiffness" }] },
  { kind: "bullet", inlines: [{ kind: "reference", to: "figure:main" }] },
  { kind: "number", inlines: [{ kind: "formula", text: "T^2" }] },
  { kind: "paragraph", inlines: [{ kind: "text", text: "m", marks: ["bold"] }, { kind: "text", text: "2", marks: ["super"] }] }, // prettier-ignore
];

test("words come out of the editor as they went in", () => {
  expect(fromEditor(toEditor(text))).toEqual(text);
});

test("every text of the samples does", () => {
  for (const make of Object.values(samples)) {
    for (const block of Object.values(make().writeUp.blocks)) {
      const back = fromEditor(toEditor(block.text));
      expect(back).toEqual(block.text.length > 0 ? block.text : [{ kind: "paragraph", inlines: [] }]); // prettier-ignore
    }
  }
});

test("items side by side are one list in the editor", () => {
  const types = toEditor(text).content!.map(({ type, content }) => [type, content!.length]);
  expect(types.slice(1, 3)).toEqual([
    ["bulletList", 2],
    ["orderedList", 1],
  ]);
});

test("a list within a list becomes items, a break a space", () => {
  const paragraph = (words: string) => ({
    type: "paragraph",
    content: [{ type: "text", text: words }, { type: "hardBreak" }],
  });
  const inner = { type: "bulletList", content: [{ type: "listItem", content: [paragraph("b")] }] };
  const outer = {
    type: "bulletList",
    content: [{ type: "listItem", content: [paragraph("a"), inner] }],
  };
  expect(fromEditor({ type: "doc", content: [outer] })).toEqual(
    ["a", "b"].map((words) => ({
      kind: "bullet",
      inlines: [
        { kind: "text", text: words },
        { kind: "text", text: " " },
      ],
    })),
  );
});
