"use client";

import { shelfTexts } from "@/wording/shelfTexts";
import { Menu, MenuButton, MenuItem, MenuHeading, MenuItems, MenuSection } from "@headlessui/react";
import { ChevronDown } from "lucide-react";
import { shelfWords } from "@/wording/shelf";
import { Button } from "../parts/Button";
import { useLive } from "../parts/useLive";

interface Props {
  samples: readonly { readonly name: string; readonly title: string }[];
  start: (name: string, asBrief?: boolean) => Promise<void>;
  /** Whether the briefs of the samples are offered too. */
  teaches: boolean;
}

const itemLook = "data-focus:bg-wash block w-full px-3 py-1.5 text-left";

/** The sample investigations that one can start from. */
export function SampleMenu({ samples, start, teaches }: Props) {
  const live = useLive();
  return (
    <Menu>
      <MenuButton as={Button} disabled={!live}>
        {shelfTexts.startFromASample} <ChevronDown aria-hidden size={15} />
      </MenuButton>
      <MenuItems
        modal={false}
        anchor="bottom end"
        className="bg-page border-hairline z-20 rounded-md border py-1 shadow-sm focus:outline-none"
      >
        {samples.map(({ name, title }) => (
          <MenuItem key={name} as="button" className={itemLook} onClick={() => void start(name)}>
            {title}
          </MenuItem>
        ))}
        {teaches && (
          <MenuSection className="border-hairline mt-1 border-t pt-1">
            <MenuHeading className="text-soft px-3 py-1 text-xs">
              {shelfWords.briefsOfSamples}
            </MenuHeading>
            {samples.map(({ name, title }) => (
              <MenuItem
                key={name}
                as="button"
                className={itemLook}
                onClick={() => void start(name, true)}
              >
                {title}
              </MenuItem>
            ))}
          </MenuSection>
        )}
      </MenuItems>
    </Menu>
  );
}
