import type { Editor } from "@tiptap/react";
import { TextSelection } from "@tiptap/pm/state";
import type { RichText } from "@/investigation/model/richText";
import { toEditor } from "./editorText";

/** Shows words that were changed elsewhere: only what differs is put anew, so that the caret stays where it is. */
export function showChanged({ view, schema, state }: Editor, text: RichText): void {
  const wanted = schema.nodeFromJSON(toEditor(text));
  const { doc, selection } = state;
  const from = doc.content.findDiffStart(wanted.content);
  const ends = doc.content.findDiffEnd(wanted.content);
  if (from === null || ends === null) return;
  const overlap = Math.max(0, from - Math.min(ends.a, ends.b));
  const [until, wantedUntil] = [ends.a + overlap, ends.b + overlap];
  const changed = state.tr.replace(from, until, wanted.slice(from, wantedUntil));
  const kept = (place: number) =>
    Math.min(changed.mapping.map(place, -1), changed.doc.content.size);
  if (selection instanceof TextSelection) {
    const [anchor, head] = [kept(selection.anchor), kept(selection.head)];
    changed.setSelection(
      TextSelection.between(changed.doc.resolve(anchor), changed.doc.resolve(head)),
    );
  }
  view.dispatch(changed.setMeta("preventUpdate", true).setMeta("addToHistory", false));
}
