"use client";

import { shownKeys } from "@/wording/keyNames";
import * as ContextMenu from "@radix-ui/react-context-menu";
import { createContext, type ReactElement, useContext, useEffect, useRef } from "react";
import { usualReasons } from "@/investigation/model/reason";
import { reasonText } from "@/wording/settingAside";
import type { AboutThing, Doing, Doings } from "./doings";

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
        {usualReasons.map((usual) => (
          <ContextMenu.Item key={usual} className={look} onSelect={() => reasons({ usual })}>
            {reasonText({ usual })}
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
      {label} {key && <span className="text-soft">{shownKeys(key)}</span>}
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

/** A menu that was asked for, and where on the page. */
export interface AskedMenu {
  readonly thing: AboutThing;
  readonly x: number;
  readonly y: number;
  /** Whether keys asked for it: then its first entry has the focus. */
  readonly byKeys: boolean;
}

interface Props {
  asked: AskedMenu;
  /** Gives the focus back to what had it. */
  giveBack: () => void;
  /** Whether the focus is led elsewhere by whoever shows the menu. */
  leads: boolean;
}

/** The menu itself, opened anew for each that is asked for. */
export function ActsMenuSheet({ asked, giveBack, leads }: Props) {
  const trigger = useRef<HTMLSpanElement>(null);
  const then = useRef<() => void>(undefined);
  useEffect(() => {
    // The library knows that keys are at work by the last of them, and may have come after it.
    if (asked.byKeys) document.dispatchEvent(new window.KeyboardEvent("keydown", { key: "Shift" }));
    const at = { clientX: asked.x, clientY: asked.y };
    trigger.current?.dispatchEvent(
      new window.MouseEvent("contextmenu", { bubbles: true, cancelable: true, ...at }),
    );
  }, [asked]);
  return (
    <ContextMenu.Root modal={false}>
      <ContextMenu.Trigger asChild>
        <span ref={trigger} aria-hidden className="hidden" />
      </ContextMenu.Trigger>
      <ContextMenu.Portal>
        <ContextMenu.Content
          loop
          aria-label={asked.thing.name}
          className={sheet}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            const next = then.current;
            if (document.activeElement === document.body && !(next && leads)) giveBack();
            next?.();
            then.current = undefined;
          }}
        >
          <ThenContext value={(later) => (then.current = later)}>
            <Entries groups={asked.thing.groups} />
          </ThenContext>
        </ContextMenu.Content>
      </ContextMenu.Portal>
    </ContextMenu.Root>
  );
}
