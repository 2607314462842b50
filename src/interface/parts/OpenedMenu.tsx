"use client";

import { Menu, MenuButton, MenuHeading, MenuItem, MenuItems, MenuSection } from "@headlessui/react";
import { useEffect, useRef } from "react";
import type { MenuGroup, MenuOfProps } from "./menuGroups";

const entryLook =
  "data-focus:bg-wash flex w-full justify-between gap-6 px-3 py-1.5 text-left data-disabled:opacity-40";

function Group({ group: { heading, entries }, first }: { group: MenuGroup; first: boolean }) {
  return (
    <MenuSection className={first ? "" : "border-hairline mt-1 border-t pt-1"}>
      {heading && <MenuHeading className="text-soft px-3 py-1 text-xs">{heading}</MenuHeading>}
      {entries.map(({ id, says, keyShown, disabled = false, run }) => (
        <MenuItem key={id} as="button" disabled={disabled} className={entryLook} onClick={run}>
          {says} {keyShown && <span className="text-soft">{keyShown}</span>}
        </MenuItem>
      ))}
    </MenuSection>
  );
}

/** The library opens a menu by the space bar, also where the button was pressed before the menu was here. */
function useOpenedAtFirst() {
  const button = useRef<HTMLButtonElement>(null);
  const opened = useRef(false);
  useEffect(() => {
    if (opened.current) return;
    opened.current = true;
    button.current?.focus();
    button.current?.dispatchEvent(
      new window.KeyboardEvent("keydown", { key: " ", bubbles: true, cancelable: true }),
    );
  }, []);
  return button;
}

/** The button with its menu, opened when it is first shown. */
export function OpenedMenu({
  children,
  groups,
  label,
  disabled = false,
  anchor,
  className,
  menuClass = "",
}: MenuOfProps) {
  const button = useOpenedAtFirst();
  return (
    <Menu>
      <MenuButton ref={button} disabled={disabled} aria-label={label} className={className}>
        {children}
      </MenuButton>
      <MenuItems
        modal={false}
        anchor={anchor}
        className={`bg-page border-hairline z-20 rounded-md border py-1 shadow-sm focus:outline-none ${menuClass}`}
      >
        {groups
          .filter(({ entries }) => entries.length > 0)
          .map((group, place) => (
            <Group key={group.entries[0]?.id} group={group} first={place === 0} />
          ))}
      </MenuItems>
    </Menu>
  );
}
