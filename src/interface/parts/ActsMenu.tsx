"use client";

import * as ContextMenu from "@radix-ui/react-context-menu";
import {
  createContext,
  type KeyboardEvent,
  type MouseEvent,
  type PointerEvent,
  type ReactElement,
  useContext,
  useRef,
  useState,
  useSyncExternalStore,
} from "react";
import { reasonsToSetAside } from "@/wording/settingAside";

/** One thing that can be done. */
export interface Doing {
  readonly label: string;
  /** Its own key, where it has one. */
  readonly key?: string;
  readonly run?: () => void;
  /** What it does once the menu is closed and the focus is given back: leads the hands elsewhere. */
  readonly then?: () => void;
  /** Reasons to choose from, for what is done only with one. */
  readonly reasons?: (reason: string) => void;
  /** What can be done with something that belongs to it. */
  readonly more?: Doings;
}

/** What can be done, in groups. */
export type Doings = readonly (readonly Doing[])[];

/** What a menu is about, and what can be done with it. */
export interface AboutThing {
  readonly name: string;
  readonly groups: Doings;
}

const look =
  "data-highlighted:bg-wash forced-colors:data-highlighted:outline-2 forced-colors:data-highlighted:-outline-offset-2 flex min-h-9 cursor-pointer items-center justify-between gap-6 px-3 text-left outline-none pointer-coarse:min-h-11";
const sheet =
  "bg-page border-hairline z-30 max-h-(--radix-context-menu-content-available-height) min-w-52 overflow-auto rounded-md border py-1 text-sm shadow-sm focus:outline-none";

/** Keeps what is to be done once the menu is closed. */
const ThenContext = createContext<(then: () => void) => void>(() => undefined);

function Further({ label, children }: { label: string; children: ReactElement | ReactElement[] }) {
  return (
    <ContextMenu.Sub>
      <ContextMenu.SubTrigger className={look}>
        {label} <span aria-hidden>›</span>
      </ContextMenu.SubTrigger>
      <ContextMenu.Portal>
        <ContextMenu.SubContent className={sheet}>{children}</ContextMenu.SubContent>
      </ContextMenu.Portal>
    </ContextMenu.Sub>
  );
}

function Entry({ doing: { label, key, run, then, reasons, more } }: { doing: Doing }) {
  const keepThen = useContext(ThenContext);
  if (more) {
    return (
      <Further label={label}>
        <Entries groups={more} />
      </Further>
    );
  }
  if (reasons) {
    return (
      <Further label={label}>
        {reasonsToSetAside.map((reason) => (
          <ContextMenu.Item key={reason} className={look} onSelect={() => reasons(reason)}>
            {reason}
          </ContextMenu.Item>
        ))}
      </Further>
    );
  }
  return (
    <ContextMenu.Item
      className={look}
      onSelect={() => {
        run?.();
        if (then) keepThen(then);
      }}
    >
      {label} {key && <span className="text-soft">{key}</span>}
    </ContextMenu.Item>
  );
}

function Entries({ groups }: { groups: Doings }) {
  return groups
    .filter((group) => group.length > 0)
    .map((group, place) => (
      <ContextMenu.Group key={group[0]?.label}>
        {place > 0 && <ContextMenu.Separator className="bg-hairline my-1 h-px" />}
        {group.map((doing) => (
          <Entry key={doing.label} doing={doing} />
        ))}
      </ContextMenu.Group>
    ));
}

interface Props {
  /** What the thing is that was pressed on, or that has the focus; undefined for nothing that has a menu. */
  about: (target: Element, byKeys: boolean) => AboutThing | undefined;
  /** The menu is closed: gives the focus back; left out where it goes back to what had it. */
  onLeave?: () => void;
  /** Whether a finger that stays opens it; not where a finger that stays selects text. */
  byHolding?: boolean;
  children: ReactElement;
}

const coarse = () => window.matchMedia("(pointer: coarse)");

/** Whether the page is worked by finger. */
function useIsCoarse(): boolean {
  return useSyncExternalStore(
    (changed) => {
      const media = coarse();
      media.addEventListener("change", changed);
      return () => media.removeEventListener("change", changed);
    },
    () => coarse().matches,
    () => false,
  );
}

/** The menu of a thing on the page: by right click, by a long press, by the menu key or Shift+F10. */
export function ActsMenu({ about, onLeave, byHolding = true, children }: Props) {
  const [opened, setOpened] = useState<AboutThing>();
  const had = useRef<Element>(null);
  const pressed = useRef<Element>(null);
  const then = useRef<() => void>(undefined);
  const byHand = useIsCoarse();
  const onContextMenu = (event: MouseEvent) => {
    const thing =
      event.target instanceof Element ? about(event.target, !event.isTrusted) : undefined;
    had.current = document.activeElement;
    pressed.current = null;
    setOpened(thing);
    if (!thing) event.stopPropagation();
  };
  const onPointerDown = ({ target, pointerType }: PointerEvent) => {
    pressed.current = pointerType !== "mouse" && target instanceof Element ? target : null;
  };
  const onOpenChange = (isOpen: boolean) => {
    if (isOpen && pressed.current) setOpened(about(pressed.current, false));
  };
  const giveBack = () => {
    const before = had.current;
    if (onLeave) onLeave();
    else if (before instanceof HTMLElement || before instanceof SVGElement) before.focus();
  };
  return (
    <ContextMenu.Root modal={false} onOpenChange={onOpenChange}>
      <ContextMenu.Trigger
        asChild
        disabled={!byHolding && byHand}
        onContextMenuCapture={onContextMenu}
        onPointerDownCapture={onPointerDown}
        onKeyDown={byMenuKey}
      >
        {children}
      </ContextMenu.Trigger>
      <ContextMenu.Portal>
        <ContextMenu.Content
          loop
          aria-label={opened?.name}
          className={sheet}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            const leads = then.current;
            if (document.activeElement === document.body && !(leads && onLeave)) giveBack();
            leads?.();
            then.current = undefined;
          }}
        >
          <ThenContext value={(later) => (then.current = later)}>
            {opened && <Entries groups={opened.groups} />}
          </ThenContext>
        </ContextMenu.Content>
      </ContextMenu.Portal>
    </ContextMenu.Root>
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
