"use client";

import { writeupTexts } from "@/wording/writeupTexts";
import { Latest } from "@/remembered/latest";
import {
  type Editor,
  InputRule,
  Mark,
  mergeAttributes,
  Node,
  type NodeViewRendererProps,
} from "@tiptap/core";
import katex from "katex";
import type { RunText } from "@/core/unit/runText";
import { formulaTex } from "@/output/report/texts";
import type { Live } from "./LiveContext";

/** What an editor knows of the investigation, and the nodes in it that show some of it. */
interface Known {
  live: Live;
  readonly refresh: Set<() => void>;
}

const nothing: Live = { values: [], references: [] };

const editors = new Latest<Editor, Known>();

function knownTo(editor: Editor): Known {
  return editors.of(editor) ?? editors.keep(editor, { live: nothing, refresh: new Set() });
}

/** Tells an editor what is live, so that its values follow and a symbol typed in braces sets one: {E}. */
export function knowLive(editor: Editor, live: Live): void {
  const known = knownTo(editor);
  known.live = live;
  for (const refresh of known.refresh) refresh();
}

/** Runs as elements: symbols slanted, powers raised. */
function runElements(runs: RunText): HTMLElement[] {
  return runs.map(({ text, italic, script }) => {
    const element = document.createElement(
      script === "super" ? "sup" : script === "sub" ? "sub" : "span",
    );
    const inside = italic ? document.createElement("i") : element;
    inside.textContent = text;
    if (inside !== element) element.append(inside);
    return element;
  });
}

/** How a node is drawn: fills its element from its attributes and from what is live. */
type Draw = (dom: HTMLElement, attribute: string, live: Live) => void;

const drawValue: Draw = (dom, of, { values }) => {
  const found = values.find((one) => one.of === of);
  dom.className = "live-value";
  dom.title = found
    ? writeupTexts.nameFollowsTheInvestigation({ name: found.name })
    : writeupTexts.itsSourceIsGone;
  dom.replaceChildren(...(found ? runElements(found.runs) : [writeupTexts.noValueYet]));
};

const drawReference: Draw = (dom, to, { references }) => {
  dom.className = "text-petrol";
  dom.title = writeupTexts.crossReference;
  dom.textContent = references.find((one) => one.to === to)?.text ?? writeupTexts.notShown;
};

const drawFormula: Draw = (dom, text) => {
  dom.title = text;
  if (text.trim() === "") dom.textContent = writeupTexts.emptyFormula;
  else katex.render(formulaTex(text), dom, { throwOnError: false, strict: false });
};

/** A node view without a framework: dozens of them stand in a report. */
function nodeView(attribute: string, draw: Draw) {
  return ({ node, editor }: NodeViewRendererProps) => {
    const dom = document.createElement("span");
    const known = knownTo(editor);
    let now = String(node.attrs[attribute] ?? "");
    const refresh = () => draw(dom, now, known.live);
    refresh();
    known.refresh.add(refresh);
    return {
      dom,
      update: (next: NodeViewRendererProps["node"]) => {
        if (next.type !== node.type) return false;
        now = String(next.attrs[attribute] ?? "");
        refresh();
        return true;
      },
      destroy: () => void known.refresh.delete(refresh),
      ignoreMutation: () => true,
    };
  };
}

function atom(name: string, attribute: string, draw: Draw) {
  const mark = `data-${name.toLowerCase()}`;
  return Node.create({
    name,
    group: "inline",
    inline: true,
    atom: true,
    selectable: true,
    addAttributes: () => ({ [attribute]: { default: "" } }),
    parseHTML: () => [{ tag: `span[${mark}]` }],
    renderHTML: ({ HTMLAttributes }) => ["span", mergeAttributes(HTMLAttributes, { [mark]: "" })],
    addNodeView: () => nodeView(attribute, draw),
  });
}

/** A live value; typing its symbol or its name in braces sets one. */
export const liveValue = atom("liveValue", "of", drawValue).extend({
  addInputRules() {
    const { type, editor } = this;
    return [
      new InputRule({
        find: /\{([^{}]{1,60})\}$/,
        handler: ({ state, range, match }) => {
          const wanted = match[1]?.trim();
          const { values } = knownTo(editor).live;
          const found = values.find(({ symbol, name }) => symbol === wanted || name === wanted);
          if (found) state.tr.replaceWith(range.from, range.to, type.create({ of: found.of }));
        },
      }),
    ];
  },
});

export const reference = atom("reference", "to", drawReference);
export const formula = atom("formula", "text", drawFormula);

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
