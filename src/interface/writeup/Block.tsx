"use client";

import { inItsLanguage } from "@/wording/language/documentLanguage";
import { writeupTexts } from "@/wording/writeupTexts";
import { useDraggable, useDroppable } from "@dnd-kit/core";
import { Eye, EyeOff, GripVertical, Trash2 } from "lucide-react";
import { type KeyboardEvent, useEffect, useMemo, useRef, useState } from "react";
import { describeBlock } from "@/investigation/acts/describeBlock";
import { moveBlock } from "@/investigation/acts/moveBlock";
import { removeBlock } from "@/investigation/acts/removeBlock";
import { setWriteUp } from "@/investigation/acts/setWriteUp";
import { inOrder } from "@/investigation/model/order";
import type { WriteUpBlock } from "@/investigation/model/writeUp";
import type { HouseRules } from "@/investigation/model/houseRules";
import type { ReportBlock, ReportNode } from "@/output/report/report";
import { blockWords, headingOf, sections } from "@/wording/writingUp";
import { PromptField } from "../brief/PromptField";
import { HandOfOther } from "../together/Together";
import { useFixed } from "../parts/Fixed";
import { Button } from "../parts/Button";
import { blockMenuWords as menuWords } from "@/wording/figureMenu";
import { ActsMenu } from "../parts/ActsMenu";
import type { AboutThing } from "../parts/doings";
import { doAct, type InvestigationStore } from "../store/investigationStore";
import { useHouseRules } from "../store/useEvaluated";
import { useActs, useInvestigation, useInvestigationStore } from "../store/useInvestigation";
import { ReportNodes } from "./ReportNodes";
import { TextEditor } from "./TextEditor";
import { saidMemo } from "../language/saidMemo";

interface Props {
  block: WriteUpBlock;
  shown: ReportBlock;
  /** All blocks in their order, for moving. */
  order: readonly string[];
  /** Whether all blocks are drawn, and there is time to make editors of their words. */
  drawn: boolean;
}

/** What a block is called where it is moved or hidden; @param about the quantity or result that it shows. */
function nameOf(
  block: WriteUpBlock,
  { shown: nodes }: ReportBlock,
  about: string,
  rules: HouseRules,
): string {
  const { kind } = block;
  const heading = inItsLanguage(rules, () => headingOf(block));
  if (heading !== "") return heading;
  for (const node of nodes) {
    if (node.kind === "heading") return node.text;
    if (node.kind === "table" || node.kind === "figure") return node.called;
  }
  return about === "" ? blockWords[kind] : `${blockWords[kind]}: ${about}`;
}

/** What the quantity or the result is called that a block shows; "" where it shows none. */
function useAbout(of: string): string {
  return useInvestigation(({ document: { quantities, results } }) => {
    const one = quantities[of] ?? results[of];
    return one ? one.name || one.symbol : "";
  });
}

/** Moves a block by so many places among the others; whether there is such a place. */
function moveBy(store: InvestigationStore, id: string, step: 1 | -1): boolean {
  const now = inOrder(store.getState().document.writeUp.blocks).map(([block]) => block);
  const to = now.indexOf(id) + step;
  if (to < 0 || to >= now.length) return false;
  return doAct(store, moveBlock, { block: id, before: now[step < 0 ? to : to + 1] ?? null });
}

/** Moves a block with the arrow keys; its grip keeps the focus however often. */
function useMoving(id: string, order: readonly string[]) {
  const store = useInvestigationStore();
  const gripRef = useRef<HTMLButtonElement>(null);
  const moved = useRef(false);
  useEffect(() => {
    if (moved.current) gripRef.current?.focus();
    moved.current = false;
  }, [order]);
  const onKeyDown = (event: KeyboardEvent) => {
    const step = event.key === "ArrowUp" ? -1 : event.key === "ArrowDown" ? 1 : 0;
    if (step === 0) return;
    event.preventDefault();
    if (moveBy(store, id, step)) moved.current = true;
  };
  return { gripRef, onKeyDown };
}

interface ToolsProps {
  id: string;
  name: string;
  block: WriteUpBlock;
  order: Props["order"];
}

const toolLook =
  "text-soft hover:text-ink flex size-[24px] items-center justify-center pointer-coarse:size-11";

/** Grip, hiding and removing, beside the block; the grip moves it by dragging or with the arrow keys. */
function Tools({ id, name, block, order }: ToolsProps) {
  const { act } = useActs();
  const { listeners, setNodeRef, setActivatorNodeRef } = useDraggable({ id });
  const { gripRef, onKeyDown } = useMoving(id, order);
  const hide = () => act(describeBlock, { block: id, change: { hidden: !block.hidden } });
  const Icon = block.hidden ? EyeOff : Eye;
  return (
    <div
      ref={setNodeRef}
      className="flex flex-row opacity-40 group-focus-within:opacity-100 group-hover:opacity-100 pointer-coarse:opacity-100 pointer-fine:@2xl:absolute pointer-fine:@2xl:top-2 pointer-fine:@2xl:right-full"
    >
      <button
        ref={(element) => {
          gripRef.current = element;
          setActivatorNodeRef(element);
        }}
        type="button"
        aria-label={writeupTexts.moveName({ name })}
        title={writeupTexts.dragItOrPressOr}
        className={`${toolLook} cursor-grab touch-none`}
        {...listeners}
        onKeyDown={onKeyDown}
      >
        <GripVertical aria-hidden size={16} />
      </button>
      <button
        type="button"
        aria-label={`${block.hidden ? writeupTexts.show : writeupTexts.hide} ${name}`}
        title={block.hidden ? writeupTexts.showItInTheReport : writeupTexts.hideItFromTheReport}
        className={toolLook}
        onClick={hide}
      >
        <Icon aria-hidden size={15} />
      </button>
      <button
        type="button"
        aria-label={writeupTexts.takeOutName({ name })}
        title={writeupTexts.takeItOutOfThe}
        className={toolLook}
        onClick={() => act(removeBlock, { block: id })}
      >
        <Trash2 aria-hidden size={15} />
      </button>
    </div>
  );
}

/** Who wrote the report, under its title. */
function Authors() {
  const { act } = useActs();
  const authors = useInvestigation((state) => state.document.writeUp.authors);
  return (
    <input
      aria-label={writeupTexts.writtenBy}
      value={authors}
      placeholder={writeupTexts.writtenBy2}
      maxLength={200}
      onChange={(event) => act(setWriteUp, { change: { authors: event.target.value } }, "authors")}
      className="placeholder:text-soft hover:border-hairline w-full rounded-md border border-transparent px-1 font-serif"
    />
  );
}

function Heading({ id, block }: { id: string; block: WriteUpBlock }) {
  const { act } = useActs();
  const fixed = useFixed("heading", id);
  const rules = useHouseRules();
  return (
    <input
      aria-label={writeupTexts.heading}
      value={block.heading || inItsLanguage(rules, () => headingOf(block))}
      readOnly={fixed}
      placeholder={writeupTexts.heading}
      maxLength={200}
      onChange={(event) =>
        act(describeBlock, { block: id, heading: event.target.value }, `heading/${id}`)
      }
      className="placeholder:text-soft hover:border-hairline w-full rounded-md border border-transparent px-1 font-serif text-[18px] font-semibold"
    />
  );
}

const hintOf = ({ section }: WriteUpBlock) =>
  (section && sections[section].hint) ?? writeupTexts.writeHereESetsThe({});

interface BeforeProps {
  id: string;
  block: WriteUpBlock;
  name: string;
  words: readonly ReportNode[];
  drawn: boolean;
}

/** Words in front of what the block shows, where somebody wants some. */
function Before({ id, block, name, words, drawn }: BeforeProps) {
  const [open, setOpen] = useState(false);
  if (block.text.length === 0 && !open) {
    return (
      <div className="hidden group-focus-within:block group-hover:block">
        <Button look="quiet" className="text-xs!" onClick={() => setOpen(true)}>
          {writeupTexts.addWordsBeforeIt}
        </Button>
      </div>
    );
  }
  return (
    <TextEditor block={id} text={block.text} label={writeupTexts.wordsBeforeName({ name })} hint={writeupTexts.sayWhatIsShownHere} words={words} drawn={drawn} /> // prettier-ignore
  );
}

/** The menu of a block, with all that can be done to it. */
function useBlockMenu(id: string, name: string, block: WriteUpBlock) {
  const store = useInvestigationStore();
  const { hidden } = block;
  return (target: Element, byKeys: boolean): AboutThing | undefined => {
    if (!byKeys && target.closest('input, [contenteditable="true"]')) return undefined;
    return {
      name,
      groups: [
        [
          { label: menuWords.up, run: () => void moveBy(store, id, -1) },
          { label: menuWords.down, run: () => void moveBy(store, id, 1) },
        ],
        [
          {
            label: hidden ? menuWords.show : menuWords.hide,
            run: () => void doAct(store, describeBlock, { block: id, change: { hidden: !hidden } }),
          },
          { label: menuWords.takeOut, run: () => void doAct(store, removeBlock, { block: id }) },
        ],
      ],
    };
  };
}

/** A block of the write-up where it stands: its words to be edited, what it shows as it is now. */
export const Block = saidMemo(function Block({ block, shown, order, drawn }: Props) {
  const { id } = shown;
  const { setNodeRef, isOver } = useDroppable({ id });
  const name = nameOf(block, shown, useAbout(block.of), useHouseRules());
  const typed = block.kind === "text";
  const words = useMemo(() => shown.typed.filter(({ kind }) => kind !== "heading"), [shown]);
  const nodes = useMemo(() => shown.shown.filter(({ kind }) => kind !== "title"), [shown]);
  const about = useBlockMenu(id, name, block);
  return (
    <ActsMenu about={about} byHolding={false}>
      <section
        ref={setNodeRef}
        aria-label={name}
        data-place={`block:${id}`}
        className={`group relative py-2 ${isOver ? "border-petrol border-t-2" : ""} ${block.hidden ? "opacity-40" : ""}`}
      >
        <HandOfOther place={`block:${id}`} />
        <Tools id={id} name={name} block={block} order={order} />
        {block.kind === "title" && (
          <>
            <h2 className="px-1 font-serif text-[24px] leading-tight font-semibold">
              {shown.shown[0]?.kind === "title" ? shown.shown[0].text : ""}
            </h2>
            <Authors />
          </>
        )}
        {typed && <Heading id={id} block={block} />}
        {typed && (
          <TextEditor
            block={id}
            text={block.text}
            label={headingOf(block) || writeupTexts.text}
            hint={block.prompt?.trim() || hintOf(block)}
            words={words}
            drawn={drawn}
          />
        )}
        {typed && <PromptField id={id} block={block} />}
        {!typed && block.kind !== "title" && (
          <Before id={id} block={block} name={name} words={words} drawn={drawn} />
        )}
        {shown.missing ? <p className="text-soft px-2 italic">{shown.missing}</p> : null}
        {nodes.length > 0 && (
          <div className="flex flex-col gap-1 px-2 [contain-intrinsic-size:auto_240px] [content-visibility:auto]">
            <ReportNodes nodes={nodes} />
          </div>
        )}
      </section>
    </ActsMenu>
  );
});
