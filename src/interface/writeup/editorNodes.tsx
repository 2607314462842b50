"use client";

import { type Editor, InputRule, Mark, mergeAttributes, Node } from "@tiptap/core";
import { NodeViewWrapper, type NodeViewProps, ReactNodeViewRenderer } from "@tiptap/react";
import { useContext } from "react";
import type { LiveValue } from "@/output/report/liveValues";
import { formulaTex } from "@/output/report/texts";
import { RunTextView } from "../parts/RunTextView";
import { Typeset } from "../parts/Typeset";
import { LiveContext } from "./LiveContext";

const held = (selected: boolean) => (selected ? "outline-petrol outline-2" : "");

/** A number of the investigation as it is now; it stands on the wash of what is worked out. */
function LiveValueView({ node, selected }: NodeViewProps) {
  const { values } = useContext(LiveContext);
  const found = values.find(({ of }) => of === node.attrs.of);
  return (
    <NodeViewWrapper
      as="span"
      className={`bg-wash border-hairline rounded-sm border-b px-0.5 ${held(selected)}`}
      title={found ? `${found.name}: follows the investigation` : "its source is gone"}
    >
      {found ? <RunTextView runs={found.runs} /> : "(no value yet)"}
    </NodeViewWrapper>
  );
}

function ReferenceView({ node, selected }: NodeViewProps) {
  const { references } = useContext(LiveContext);
  const found = references.find(({ to }) => to === node.attrs.to);
  return (
    <NodeViewWrapper as="span" className={`text-petrol ${held(selected)}`} title="cross-reference">
      {found?.text ?? "(not shown)"}
    </NodeViewWrapper>
  );
}

function FormulaView({ node, selected }: NodeViewProps) {
  const text = String(node.attrs.text ?? "");
  return (
    <NodeViewWrapper as="span" className={held(selected)} title={text}>
      {text.trim() === "" ? "(empty formula)" : <Typeset tex={formulaTex(text)} />}
    </NodeViewWrapper>
  );
}

function atom(name: string, attribute: string, view: (props: NodeViewProps) => React.ReactNode) {
  return Node.create({
    ...{ name, group: "inline", inline: true, atom: true, selectable: true },
    addAttributes: () => ({ [attribute]: { default: "" } }),
    parseHTML: () => [{ tag: `span[data-${name.toLowerCase()}]` }],
    renderHTML: ({ HTMLAttributes }) => [
      "span",
      mergeAttributes(HTMLAttributes, { [`data-${name.toLowerCase()}`]: "" }),
    ],
    addNodeView: () => ReactNodeViewRenderer(view),
  });
}

const known = new WeakMap<Editor, readonly LiveValue[]>();

/** Tells an editor which live values there are, so that a symbol typed in braces sets one: {E}. */
export function knowValues(editor: Editor, values: readonly LiveValue[]): void {
  known.set(editor, values);
}

/** A live value. */
export const liveValue = atom("liveValue", "of", LiveValueView).extend({
  addInputRules() {
    const { type, editor } = this;
    return [
      new InputRule({
        find: /\{([^{}]{1,60})\}$/,
        handler: ({ state, range, match }) => {
          const wanted = match[1]?.trim();
          const found = known
            .get(editor)
            ?.find(({ symbol, name }) => symbol === wanted || name === wanted);
          if (found) state.tr.replaceWith(range.from, range.to, type.create({ of: found.of }));
        },
      }),
    ];
  },
});

export const reference = atom("reference", "to", ReferenceView);
export const formula = atom("formula", "text", FormulaView);

/** Letters raised or lowered. */
function script(name: string, tag: "sub" | "sup", key: string) {
  return Mark.create({
    name,
    parseHTML: () => [{ tag }],
    renderHTML: ({ HTMLAttributes }) => [tag, mergeAttributes(HTMLAttributes), 0],
    addKeyboardShortcuts() {
      return { [key]: () => this.editor.commands.toggleMark(this.name) };
    },
  });
}

export const lowered = script("lowered", "sub", "Mod-Alt-ArrowDown");
export const raised = script("raised", "sup", "Mod-Alt-ArrowUp");
