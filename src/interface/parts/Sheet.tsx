"use client";

import { partsTexts } from "@/wording/partsTexts";
import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from "@headlessui/react";
import { X } from "lucide-react";
import { type ReactNode, useEffect, useRef, useState } from "react";
import { Announcer } from "../keys/Announcer";
import { Button } from "./Button";
import { useScrolls } from "./useScrolls";

interface Props {
  open: boolean;
  title: string;
  onClose: () => void;
  children: ReactNode;
  /** What stands at its foot, the main act last. */
  foot?: ReactNode;
  wide?: boolean;
}

/** Whether it has been drawn closed: the library makes what lies behind a sheet unreachable only where it opens after that. */
function useStands(): boolean {
  const [stands, setStands] = useState(false);
  useEffect(() => {
    const frame = requestAnimationFrame(() => setStands(true));
    return () => cancelAnimationFrame(frame);
  }, []);
  return stands;
}

/** In ms: the library has put the focus on the first thing of a sheet by then. */
const settledWithin = 30;

/** Where the way out has the focus, its first field gets it, or its title where it has none. */
function standWithin(title: HTMLElement | null): void {
  const panel = title?.closest('[role="dialog"]');
  if (!panel || !document.activeElement?.matches("[data-put-away]")) return;
  const field = panel.querySelector<HTMLElement>('input:not(:disabled):not([type="file"]):not([type="radio"]), textarea, select');
  (field ?? title)?.focus();
} // prettier-ignore

/** A sheet laid over the bench for something that is settled and put away again. */
export function Sheet({ open: wanted, title, onClose, children, foot, wide = false }: Props) {
  const open = useStands() && wanted;
  const head = useRef<HTMLHeadingElement>(null);
  const { place: body, scrolls } = useScrolls<HTMLDivElement>();
  useEffect(() => {
    if (!open) return;
    const soon = setTimeout(() => standWithin(head.current), settledWithin);
    return () => clearTimeout(soon);
  }, [open]);
  return (
    <Dialog open={open} onClose={onClose} className="relative z-30">
      <DialogBackdrop className="bg-ink/30 fixed inset-0" />
      <div className="fixed inset-0 flex items-center justify-center p-4">
        <DialogPanel
          className={`bg-page flex max-h-full w-full flex-col rounded-md ${wide ? "max-w-5xl" : "max-w-2xl"}`}
        >
          <div className="border-hairline flex items-center border-b px-6 py-3">
            <DialogTitle
              ref={head}
              tabIndex={-1}
              className="mr-auto font-serif text-lg font-semibold"
            >
              {title}
            </DialogTitle>
            <Button look="quiet" aria-label={partsTexts.putAway} data-put-away onClick={onClose}>
              <X aria-hidden size={18} />
            </Button>
          </div>
          <div
            ref={body}
            role="group"
            aria-label={title}
            tabIndex={scrolls ? 0 : undefined}
            className="min-h-0 flex-1 overflow-auto px-6 py-4"
          >
            {children}
          </div>
          <Announcer inSheet />
          {foot && (
            <div className="border-hairline flex flex-wrap items-center justify-end gap-2 border-t px-6 py-3">
              {foot}
            </div>
          )}
        </DialogPanel>
      </div>
    </Dialog>
  );
}
