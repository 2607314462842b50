import type { ReactNode } from "react";

/** One thing that can be done. */
export interface MenuEntry {
  /** By what it is told from the others. */
  readonly id: string;
  readonly says: ReactNode;
  /** The key that does the same, as it is shown. */
  readonly keyShown?: string | undefined;
  readonly disabled?: boolean | undefined;
  readonly run: () => void;
}

/** What stands together in a menu; groups are parted by a line. */
export interface MenuGroup {
  readonly heading?: string | undefined;
  readonly entries: readonly MenuEntry[];
}

/** A button, and what can be done behind it. */
export interface MenuOfProps {
  /** What stands on the button. */
  readonly children: ReactNode;
  readonly groups: readonly MenuGroup[];
  /** What the button is called where its content is no words. */
  readonly label?: string | undefined;
  readonly disabled?: boolean | undefined;
  /** Where the menu stands by its button. */
  readonly anchor: "bottom start" | "bottom end" | "top start";
  /** How the button looks. */
  readonly className: string;
  /** How wide or tall the menu is. */
  readonly menuClass?: string | undefined;
}
