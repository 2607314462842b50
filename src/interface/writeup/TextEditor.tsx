"use client";

import { type Editor, EditorContent, useEditor } from "@tiptap/react";
import StarterKit from "@tiptap/starter-kit";
import { useContext, useEffect, useState } from "react";
import { describeBlock } from "@/investigation/acts/describeBlock";
import type { RichText } from "@/investigation/model/richText";
import type { ReportNode } from "@/output/report/report";
import { doAct } from "../store/investigationStore";
import { useInvestigation, useInvestigationStore } from "../store/useInvestigation";
import { fromEditor, toEditor } from "./editorText";
import { formula, knowLive, liveValue, lowered, raised, reference } from "./editorNodes";
import { EditorTools } from "./EditorTools";
import { LiveContext } from "./LiveContext";
import { useOneByOne } from "./oneByOne";
import { showChanged } from "./showChanged";
import { ReportNodes } from "./ReportNodes";

interface Props {
  block: string;
  text: RichText;
  label: string;
  hint?: string;
  /** The same words as the report has them. */
  words: readonly ReportNode[];
  /** Whether all of the write-up is drawn. */
  drawn: boolean;
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** Keys by which the editor takes its own steps back; the rest of the application is not to take one as well. */
function isStepBack({ key, ctrlKey, metaKey }: React.KeyboardEvent): boolean {
  return (ctrlKey || metaKey) && ["z", "y"].includes(key.toLowerCase());
}

const extensions = [
  StarterKit.configure({
    heading: false,
    codeBlock: false,
    blockquote: false,
    horizontalRule: false,
    code: false,
    strike: false,
    link: false,
    underline: false,
  }),
  ...[liveValue, reference, formula, lowered, raised],
];

/** Keeps what is typed, key by key, and shows what was changed elsewhere. */
function useKept(editor: Editor | null, block: string, text: RichText): void {
  const store = useInvestigationStore();
  useEffect(() => {
    if (!editor) return;
    const keep = () => {
      const written = fromEditor(editor.getJSON());
      doAct(store, describeBlock, { block, change: { text: written } }, `text/${block}`);
    };
    editor.on("update", keep);
    return () => void editor.off("update", keep);
  }, [editor, store, block]);
  useEffect(() => {
    if (!editor || (text.length === 0 && editor.isEmpty)) return;
    if (same(fromEditor(editor.getJSON()), text)) return;
    showChanged(editor, text);
  }, [editor, text]);
}

/** The words as they stand, until the page is drawn and the editor takes their place. */
export function TextEditor(props: Props) {
  const made = useOneByOne(props.drawn);
  if (made) return <Editing {...props} />;
  return (
    <div className="min-h-[38px] border border-transparent px-2 py-1">
      <ReportNodes nodes={props.words} />
    </div>
  );
}

/** The words of a block, edited where they stand; each key is kept as it is pressed. */
function Editing({ block, text, label, hint }: Props) {
  const live = useContext(LiveContext);
  const [used, setUsed] = useState(false);
  const readOnly = useInvestigation((state) => state.readOnly);
  const editor = useEditor({
    immediatelyRender: false,
    injectCSS: false,
    editable: !readOnly,
    shouldRerenderOnTransaction: false,
    extensions,
    content: toEditor(text),
    editorProps: {
      attributes: {
        class: "report-text min-h-[28px] focus:outline-none",
        role: "textbox",
        "aria-label": label,
        "aria-multiline": "true",
      },
    },
  });
  useKept(editor, block, text);
  useEffect(() => {
    if (editor) knowLive(editor, live);
  }, [editor, live]);
  const empty = text.every(({ inlines }) => inlines.length === 0);
  return (
    <div
      className="border-hairline focus-within:border-petrol hover:border-hairline relative rounded-md border border-transparent px-2 py-1"
      onFocus={() => setUsed(true)}
      onKeyDown={(event) => isStepBack(event) && event.stopPropagation()}
    >
      {empty && hint && (
        <p aria-hidden className="text-soft pointer-events-none absolute top-1 left-2 italic">
          {hint}
        </p>
      )}
      <EditorContent editor={editor} />
      {editor && used && !readOnly && <EditorTools editor={editor} label={label} />}
    </div>
  );
}
