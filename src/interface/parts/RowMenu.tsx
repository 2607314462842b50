"use client";

import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { EllipsisVertical } from "lucide-react";
import { useLive } from "./useLive";

interface Props {
  /** What the menu is for, as nothing but dots is seen of it. */
  label: string;
  acts: readonly { readonly label: string; readonly run: () => void }[];
}

/** What can be done with a row of a list, behind its dots. */
export function RowMenu({ label, acts }: Props) {
  const live = useLive();
  return (
    <Menu>
      <MenuButton
        disabled={!live}
        aria-label={label}
        className="text-soft hover:text-ink rounded-md p-1.5"
      >
        <EllipsisVertical aria-hidden size={18} />
      </MenuButton>
      <MenuItems
        anchor="bottom end"
        className="bg-page border-hairline z-20 min-w-40 rounded-md border py-1 shadow-sm focus:outline-none"
      >
        {acts.map(({ label: act, run }) => (
          <MenuItem
            key={act}
            as="button"
            className="data-focus:bg-wash block w-full px-3 py-1.5 text-left"
            onClick={run}
          >
            {act}
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}
