"use client";

import { Slot } from "@radix-ui/react-slot";
import {
  type KeyboardEvent,
  type MouseEvent,
  type PointerEvent,
  type ReactElement,
  useEffect,
  useRef,
  useState,
} from "react";
import { laterPart } from "../later/laterPart";
import { useFingers } from "./useMedia";
import type { AskedMenu } from "./ActsMenuSheet";
import type { AboutThing } from "./doings";

const ActsMenuSheet = laterPart(() => import("./ActsMenuSheet").then((part) => part.ActsMenuSheet));

interface Props {
  /** What the thing is that was pressed on, or that has the focus; undefined for nothing that has a menu. */
  about: (target: Element, byKeys: boolean) => AboutThing | undefined;
  /** The menu is closed: gives the focus back; left out where it goes back to what had it. */
  onLeave?: () => void;
  /** Whether a finger that stays opens it; not where a finger that stays selects text. */
  byHolding?: boolean;
  children: ReactElement;
}

/** In ms: a finger that stays so long asks for the menu. */
const heldFor = 700;

/** A finger or a pen that stays where it is. */
function useHolding(held: (target: Element, x: number, y: number) => void) {
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const leave = () => clearTimeout(timer.current);
  useEffect(() => leave, []);
  return {
    onPointerDownCapture: ({ target, pointerType, clientX, clientY }: PointerEvent) => {
      leave();
      if (pointerType === "mouse" || !(target instanceof Element)) return;
      timer.current = setTimeout(() => held(target, clientX, clientY), heldFor);
    },
    onPointerMoveCapture: leave,
    onPointerUpCapture: leave,
    onPointerCancelCapture: leave,
    leave,
  };
}

/** The menu of a thing on the page: by right click, by a long press, by the menu key or Shift+F10. */
export function ActsMenu({ about, onLeave, byHolding = true, children }: Props) {
  const [asked, setAsked] = useState<AskedMenu>();
  const had = useRef<Element>(null);
  const off = useFingers() && !byHolding;
  const open = (thing: AboutThing | undefined, x: number, y: number, byKeys = false) => {
    had.current = document.activeElement;
    if (thing) setAsked({ thing, x, y, byKeys });
  };
  const { leave, ...holding } = useHolding(
    (target, x, y) => !off && open(about(target, false), x, y),
  );
  const giveBack = () => {
    const before = had.current;
    if (onLeave) onLeave();
    else if (before instanceof HTMLElement || before instanceof SVGElement) before.focus();
  };
  const onContextMenu = (event: MouseEvent<Element>) => {
    leave();
    if (event.defaultPrevented || off || !(event.target instanceof Element)) return;
    const thing = about(event.target, !event.isTrusted);
    if (thing) event.preventDefault();
    open(thing, event.clientX, event.clientY, !event.isTrusted);
  };
  return (
    <>
      <Slot {...holding} onContextMenu={onContextMenu} onKeyDown={byMenuKey}>
        {children}
      </Slot>
      {asked && <ActsMenuSheet asked={asked} giveBack={giveBack} leads={onLeave !== undefined} />}
    </>
  );
}

/** Shapes of a figure are told of the menu key by no browser; the menu opens at the thing itself. */
function byMenuKey(event: KeyboardEvent): void {
  const wanted = event.key === "ContextMenu" || (event.key === "F10" && event.shiftKey);
  const target = event.target;
  if (!wanted || !(target instanceof Element)) return;
  event.preventDefault();
  const { left, bottom, width } = target.getBoundingClientRect();
  const at = { clientX: left + Math.min(width / 2, 40), clientY: bottom };
  target.dispatchEvent(
    new window.MouseEvent("contextmenu", { bubbles: true, cancelable: true, ...at }),
  );
}
