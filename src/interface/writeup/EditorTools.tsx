"use client";

import { shownKeys } from "@/wording/keyNames";
import { writeupTexts } from "@/wording/writeupTexts";
import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import type { Editor } from "@tiptap/core";
import { useEditorState } from "@tiptap/react";
import {
  Bold,
  ChevronDown,
  Italic,
  List,
  ListOrdered,
  type LucideIcon,
  Subscript,
  Superscript,
} from "lucide-react";
import { type ReactNode, useContext, useState } from "react";
import { Button } from "../parts/Button";
import { RunTextView } from "../parts/RunTextView";
import { TextField } from "../parts/TextField";
import { Toolbar } from "../parts/Toolbar";
import { LiveContext } from "./LiveContext";

const symbols = [..."±×·°−→≈≤≥≠∞√∂Δαβγδεθλμνπρστφω Ω½²³"].filter((one) => one !== " ");

interface ToolProps {
  label: string;
  keys?: string;
  pressed: boolean;
  onPress: () => void;
  children: ReactNode;
}

/** A tool that leaves the cursor where it is. */
function Tool({ label, keys, pressed, onPress, children }: ToolProps) {
  return (
    <button
      type="button"
      aria-label={label}
      aria-pressed={pressed}
      title={keys ? `${label} (${shownKeys(keys)})` : label}
      onMouseDown={(event) => event.preventDefault()}
      onClick={onPress}
      className={`rounded p-1 ${pressed ? "bg-petrol/15 text-ink" : "text-soft hover:text-ink"}`}
    >
      {children}
    </button>
  );
}

const listLook =
  "bg-page border-hairline z-20 max-h-72 overflow-auto rounded-md border py-1 shadow-sm focus:outline-none";
const itemLook = "data-focus:bg-wash block w-full px-3 py-1 text-left";

type MarkTool = readonly [
  label: string,
  pressed: boolean,
  Icon: LucideIcon,
  run: () => void,
  keys?: string,
];

function Marks({ editor }: { editor: Editor }) {
  const on = useEditorState({
    editor,
    selector: ({ editor: own }) => ({
      bold: own.isActive("bold"),
      italic: own.isActive("italic"),
      lowered: own.isActive("lowered"),
      raised: own.isActive("raised"),
      bullets: own.isActive("bulletList"),
      numbers: own.isActive("orderedList"),
    }),
  });
  const chain = () => editor.chain().focus();
  const tools: readonly MarkTool[] = [
    [writeupTexts.bold, on.bold, Bold, () => chain().toggleBold().run(), "Ctrl+B"],
    [writeupTexts.italic, on.italic, Italic, () => chain().toggleItalic().run(), "Ctrl+I"],
    [writeupTexts.lowered, on.lowered, Subscript, () => chain().toggleMark("lowered").run(), "Ctrl+Alt+↓"], // prettier-ignore
    [writeupTexts.raised, on.raised, Superscript, () => chain().toggleMark("raised").run(), "Ctrl+Alt+↑"], // prettier-ignore
    [writeupTexts.list, on.bullets, List, () => chain().toggleBulletList().run()],
    [writeupTexts.numberedList, on.numbers, ListOrdered, () => chain().toggleOrderedList().run()],
  ];
  return tools.map(([label, pressed, Icon, run, keys]) => (
    <Tool key={label} label={label} keys={keys} pressed={pressed} onPress={run}>
      <Icon aria-hidden size={15} />
    </Tool>
  ));
}

interface PickProps {
  label: string;
  items: readonly { key: string; shown: ReactNode; run: () => void }[];
  grid?: boolean;
}

/** Something to be put in at the cursor, from a list. */
function Pick({ label, items, grid = false }: PickProps) {
  return (
    <Menu>
      <MenuButton className="text-soft hover:text-ink flex items-center gap-0.5 rounded px-1 text-xs">
        {label} <ChevronDown aria-hidden size={12} />
      </MenuButton>
      <MenuItems
        modal={false}
        anchor="bottom start"
        className={`${listLook} ${grid ? "grid grid-cols-8 px-1" : ""}`}
      >
        {items.map(({ key, shown, run }) => (
          <MenuItem
            key={key}
            as="button"
            className={grid ? "data-focus:bg-wash px-2 py-1" : itemLook}
            onClick={run}
          >
            {shown}
          </MenuItem>
        ))}
        {items.length === 0 && (
          <p className="text-soft px-3 py-1">{writeupTexts.thereIsNothingYet}</p>
        )}
      </MenuItems>
    </Menu>
  );
}

const toFirstField = (form: HTMLFormElement | null) => form?.querySelector("input")?.focus();

function Formula({ editor }: { editor: Editor }) {
  const [typed, setTyped] = useState<string>();
  if (typed === undefined) {
    return (
      <button
        type="button"
        className="text-soft hover:text-ink rounded px-1 text-xs"
        onMouseDown={(event) => event.preventDefault()}
        onClick={() => {
          const { node } = editor.state.selection as { node?: { attrs: { text?: string } } };
          setTyped(node?.attrs.text ?? "");
        }}
      >
        {writeupTexts.formula}
      </button>
    );
  }
  const put = () => {
    if (typed.trim() !== "") {
      const content = { type: "formula", attrs: { text: typed.trim() } };
      editor.chain().focus().insertContent(content).run();
    }
    setTyped(undefined);
  };
  return (
    <form
      ref={toFirstField}
      className="flex items-end gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        put();
      }}
      onKeyDown={(event) => {
        if (event.key !== "Escape") return;
        setTyped(undefined);
        editor.commands.focus();
      }}
    >
      <TextField
        label={writeupTexts.formulaToPutIn}
        value={typed}
        placeholder="T² = k L³"
        onChange={setTyped}
      />
      <Button type="submit">{writeupTexts.putIn}</Button>
    </form>
  );
}

/** What can be done with the words, and what can be put in among them: live values, references, formulas, symbols. */
export function EditorTools({ editor, label }: { editor: Editor; label: string }) {
  const { values, references } = useContext(LiveContext);
  const put = (type: string, attrs: Record<string, string>) => () =>
    editor.chain().focus().insertContent({ type, attrs }).run();
  return (
    <Toolbar
      label={writeupTexts.toolsLabel({ label })}
      className="editor-tools mt-1 flex flex-wrap items-center gap-x-1"
    >
      <Marks editor={editor} />
      <Pick
        label={writeupTexts.liveValue}
        items={values.map(({ of, name, runs }) => ({
          key: of,
          run: put("liveValue", { of }),
          shown: (
            <span className="flex justify-between gap-6">
              <span className="max-w-56 truncate">{name}</span>
              <span className="whitespace-nowrap">
                <RunTextView runs={runs} />
              </span>
            </span>
          ),
        }))}
      />
      <Pick
        label={writeupTexts.referTo}
        items={references.map(({ to, text }) => ({
          key: to,
          shown: text,
          run: put("reference", { to }),
        }))}
      />
      <Formula editor={editor} />
      <Pick
        grid
        label={writeupTexts.symbol}
        items={symbols.map((text) => ({
          key: text,
          shown: text,
          run: () => editor.chain().focus().insertContent(text).run(),
        }))}
      />
    </Toolbar>
  );
}
