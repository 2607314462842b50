"use client";

import { EllipsisVertical } from "lucide-react";
import { MenuOf } from "./MenuOf";
import { useLive } from "./useLive";

interface Props {
  /** What the menu is for, as nothing but dots is seen of it. */
  label: string;
  /** Beside a word in a line rather than at the end of a row. */
  small?: boolean;
  acts: readonly { readonly label: string; readonly run: () => void }[];
}

/** Waits until the menu has given the focus back to its dots, two frames after it closed: a sheet takes it from there. */
function afterMenu(run: () => void): void {
  const frames = (left: number): void =>
    void requestAnimationFrame(() => (left === 0 ? run() : frames(left - 1)));
  frames(2);
}

/** What can be done with a row of a list, behind its dots. */
export function RowMenu({ label, acts, small = false }: Props) {
  const live = useLive();
  const entries = acts.map(({ label: act, run }) => ({
    id: act,
    says: act,
    run: () => afterMenu(run),
  }));
  return (
    <MenuOf
      disabled={!live}
      label={label}
      groups={[{ entries }]}
      anchor="bottom end"
      className={`text-soft hover:text-ink rounded-md ${small ? "px-0.5 py-1 pointer-coarse:px-3 pointer-coarse:py-3" : "p-1.5"}`}
      menuClass="max-h-80! min-w-40"
    >
      <EllipsisVertical aria-hidden size={small ? 14 : 18} />
    </MenuOf>
  );
}
