"use client";

import { Menu, MenuButton, MenuItem, MenuItems } from "@headlessui/react";
import { ChevronDown } from "lucide-react";
import { Button } from "../parts/Button";
import { useLive } from "../parts/useLive";

interface Props {
  samples: readonly { readonly name: string; readonly title: string }[];
  start: (name: string) => Promise<void>;
}

/** The sample investigations that one can start from. */
export function SampleMenu({ samples, start }: Props) {
  const live = useLive();
  return (
    <Menu>
      <MenuButton as={Button} disabled={!live}>
        Start from a sample <ChevronDown aria-hidden size={15} />
      </MenuButton>
      <MenuItems
        anchor="bottom end"
        className="bg-page border-hairline z-20 rounded-md border py-1 shadow-sm focus:outline-none"
      >
        {samples.map(({ name, title }) => (
          <MenuItem
            key={name}
            as="button"
            className="data-focus:bg-wash block w-full px-3 py-1.5 text-left"
            onClick={() => void start(name)}
          >
            {title}
          </MenuItem>
        ))}
      </MenuItems>
    </Menu>
  );
}
