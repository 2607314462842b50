"use client";

import { type ReactNode, useContext, useEffect, useState } from "react";
import { FieldInHandContext } from "./fieldInHand";

interface Props {
  title: ReactNode;
  /** Ids of the fields inside, which open the block when they are asked for. */
  fields?: readonly string[];
  /** What on the page it is about: F6 leads from there to it. */
  about?: string;
  children: ReactNode;
}

const noFields: readonly string[] = [];

/** A block of the margin that is opened when it is wanted. */
export function Foldable({ title, fields = noFields, about, children }: Props) {
  const asked = useContext(FieldInHandContext);
  const wanted = asked && fields.includes(asked.field) ? asked : undefined;
  const [open, setOpen] = useState(false);
  const [answered, setAnswered] = useState(wanted);
  if (wanted !== answered) {
    setAnswered(wanted);
    if (wanted) setOpen(true);
  }
  useEffect(() => {
    if (wanted) document.getElementById(wanted.field)?.focus();
  }, [wanted]);
  return (
    <details
      className="group py-4"
      data-about={about}
      open={open}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="cursor-pointer font-serif text-[15px] font-semibold">{title}</summary>
      {open && <div className="mt-2">{children}</div>}
    </details>
  );
}
