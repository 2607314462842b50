"use client";

import {
  createElement,
  type KeyboardEvent,
  useEffect,
  useState,
  useSyncExternalStore,
} from "react";
import { laterWords } from "@/wording/later";
import { freeMoment, savesData } from "../later/freeMoment";
import { Later } from "../later/Later";
import { useLater } from "../later/useLater";
import type { MenuOfProps } from "./menuGroups";

const menu = new Later(() => import("./OpenedMenu").then((part) => part.OpenedMenu));

const never = () => false;

/** Fetches what menus are made of while nobody waits for it. */
function useMenuAhead(): void {
  useEffect(() => {
    if (savesData()) return;
    // Where it can't be had now, it is asked for when a menu is wanted.
    void freeMoment()
      .then(() => menu.fetch())
      .catch(() => undefined);
  }, []);
}

/** A button with a menu of what can be done; what the menu is made of may come only once it is asked for. */
export function MenuOf(props: MenuOfProps) {
  const [wanted, setWanted] = useState(false);
  const opened = useLater(menu, wanted);
  const failed = useSyncExternalStore(menu.subscribe, menu.failed, never);
  useMenuAhead();
  const { children, label, disabled, className } = props;
  const want = () => {
    setWanted(true);
    // That it can't be had is told beside the button.
    if (wanted) void menu.fetch().catch(() => undefined);
  };
  const byArrows = ({ key }: KeyboardEvent) => {
    if (key === "ArrowDown" || key === "ArrowUp") want();
  };
  if (wanted && opened) return createElement(opened, props);
  return (
    <>
      <button
        type="button"
        aria-haspopup="menu"
        aria-expanded={false}
        aria-label={label}
        disabled={disabled}
        className={className}
        onClick={want}
        onKeyDown={byArrows}
      >
        {children}
      </button>
      {wanted && failed && (
        <span role="alert" className="text-magenta max-w-80 self-center text-xs">
          {laterWords.away}
        </span>
      )}
    </>
  );
}
