import type { JSONContent } from "@tiptap/core";
import type { RichInline, RichParagraph, RichText, TextMark } from "@/investigation/model/richText";

/** The names of marks in the editor. */
const markNames: Readonly<Record<TextMark, string>> = {
  bold: "bold",
  italic: "italic",
  sub: "lowered",
  super: "raised",
};

function markOf(name: string): TextMark | undefined {
  return (Object.keys(markNames) as TextMark[]).find((mark) => markNames[mark] === name);
}

function toEditorInline(inline: RichInline): JSONContent[] {
  switch (inline.kind) {
    case "text":
      return inline.text === ""
        ? []
        : [
            {
              type: "text",
              text: inline.text,
              marks: (inline.marks ?? []).map((mark) => ({ type: markNames[mark] })),
            },
          ];
    case "value":
      return [{ type: "liveValue", attrs: { of: inline.of } }];
    case "reference":
      return [{ type: "reference", attrs: { to: inline.to } }];
    case "formula":
      return [{ type: "formula", attrs: { text: inline.text } }];
  }
}

const listNames = { bullet: "bulletList", number: "orderedList" } as const;

/** The words of a block as the editor holds them: items side by side become one list. */
export function toEditor(text: RichText): JSONContent {
  const content: JSONContent[] = [];
  for (const { kind, inlines } of text) {
    const paragraph = { type: "paragraph", content: inlines.flatMap(toEditorInline) };
    if (kind === "paragraph") {
      content.push(paragraph);
      continue;
    }
    const item = { type: "listItem", content: [paragraph] };
    const last = content.at(-1);
    if (last?.type === listNames[kind]) last.content?.push(item);
    else content.push({ type: listNames[kind], content: [item] });
  }
  return { type: "doc", content: content.length > 0 ? content : [{ type: "paragraph" }] };
}

function fromEditorInline({ type, text, marks, attrs }: JSONContent): RichInline[] {
  switch (type) {
    case "text": {
      const known = (marks ?? []).flatMap((mark) => markOf(mark.type) ?? []);
      return [{ kind: "text", text: text ?? "", ...(known.length > 0 && { marks: known }) }];
    }
    case "liveValue":
      return [{ kind: "value", of: String(attrs?.of) }];
    case "reference":
      return [{ kind: "reference", to: String(attrs?.to) }];
    case "formula":
      return [{ kind: "formula", text: String(attrs?.text ?? "") }];
    case "hardBreak":
      return [{ kind: "text", text: " " }];
    default:
      return [];
  }
}

function fromEditorBlock(node: JSONContent, kind: RichParagraph["kind"]): RichParagraph[] {
  const content = node.content ?? [];
  switch (node.type) {
    case "paragraph":
      return [{ kind, inlines: content.flatMap(fromEditorInline) }];
    case "bulletList":
      return content.flatMap((item) => fromEditorBlock(item, "bullet"));
    case "orderedList":
      return content.flatMap((item) => fromEditorBlock(item, "number"));
    default:
      return content.flatMap((inner) => fromEditorBlock(inner, kind));
  }
}

/** What the editor holds as the words of a block; lists within lists become items of one list. */
export function fromEditor(document: JSONContent): RichText {
  return (document.content ?? []).flatMap((node) => fromEditorBlock(node, "paragraph"));
}
